package ostium.app.site;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ostium.app.web.Problem;
import ostium.app.web.Quota;
import ostium.core.edit.Stored;
import ostium.core.edit.TextEdit;

/** Words that somebody else's kept from standing on the page: offered beside it until they are taken or let go. */
@Service
public class WordsAside {
    /** Words kept aside. */
    public record Aside(String id, String text, String author, String tree) {}

    private final LogMapper log;

    WordsAside(LogMapper log) {
        this.log = log;
    }

    void keep(String site, String author, TextEdit.SetText words) {
        Quota.WORDS_ASIDE.require(log.countAsides(site));
        log.insertAside(UUID.randomUUID().toString(), site, words.text(), author, Stored.writeTree(words.tree()));
    }

    public List<Aside> ofSite(String site) {
        return log.asides(site).stream()
                .map(stored -> new Aside(stored.id(), stored.text(), stored.author(), stored.tree()))
                .toList();
    }

    /** @throws Problem 404 if there are no such words */
    @Transactional
    public void letGo(String site, String aside) {
        if (log.deleteAside(site, aside) == 0) {
            throw Problem.notFound();
        }
    }
}
