package ostium.app.enquiry;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.mail.MailQueue;
import ostium.app.site.SiteAccess;
import ostium.app.text.TextQueue;
import ostium.core.base.Messages;
import ostium.core.fact.Telephone;

/** Mails and texts about a site that have not come to whom they are for. */
@RestController
@RequestMapping("/api/sites/{id}/undelivered")
class UndeliveredController {
    private static final Messages WORDS = Messages.of("enquiry");

    private final MailQueue mail;
    private final TextQueue texts;
    private final SiteAccess access;

    UndeliveredController(MailQueue mail, TextQueue texts, SiteAccess access) {
        this.mail = mail;
        this.texts = texts;
        this.access = access;
    }

    /** How it was sent. */
    enum Way {
        MAIL,
        TEXT
    }

    /**
     * Something that has not come to whom it is for.
     *
     * @param about subject of a mail, or the words of a text
     * @param at when it was written
     * @param isGivenUp whether it is tried no more
     * @param fault why it did not arrive; empty where that is not known
     */
    record Undelivered(Way way, String id, String to, String about, Instant at, boolean isGivenUp, String fault) {}

    /** The last first. */
    @GetMapping
    List<Undelivered> undelivered(@PathVariable String id, HttpServletRequest request) {
        return of(access.require(id, request).id());
    }

    /** Sends one again that was given up. */
    @PostMapping("/{way}/{message}")
    List<Undelivered> again(
            @PathVariable String id, @PathVariable Way way, @PathVariable String message, HttpServletRequest request) {
        String site = access.require(id, request).id();
        switch (way) {
            case MAIL -> mail.again(site, message);
            case TEXT -> texts.again(site, message);
        }
        return of(site);
    }

    /** Shows one no more that was given up. */
    @DeleteMapping("/{way}/{message}")
    List<Undelivered> letGo(
            @PathVariable String id, @PathVariable Way way, @PathVariable String message, HttpServletRequest request) {
        String site = access.require(id, request).id();
        switch (way) {
            case MAIL -> mail.letGo(site, message);
            case TEXT -> texts.letGo(site, message);
        }
        return of(site);
    }

    private List<Undelivered> of(String site) {
        return Stream.concat(
                        mail.undelivered(site).stream()
                                .map(each -> new Undelivered(
                                        Way.MAIL,
                                        each.id(),
                                        each.to(),
                                        each.subject(),
                                        each.at(),
                                        each.state() == MailQueue.State.GIVEN_UP,
                                        each.fault())),
                        texts.undelivered(site).stream()
                                .map(each -> new Undelivered(
                                        Way.TEXT,
                                        each.id(),
                                        Telephone.read(each.to(), "")
                                                .value()
                                                .map(Telephone::national)
                                                .orElse(each.to()),
                                        each.words(),
                                        each.at(),
                                        each.state() == TextQueue.State.GIVEN_UP,
                                        WORDS.say("text.notTaken"))))
                .sorted(Comparator.comparing(Undelivered::at).reversed())
                .toList();
    }
}
