package ostium.app.files;

import java.util.List;
import java.util.Optional;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ostium.app.files.FileMapper.HeldFile;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.core.picture.TakenFile;

/** Keeps files by content: the same file is kept once for an account, however many of its sites it was given to. */
@Service
public class KeptFiles {
    /** Most files a site can have been given, in use or not. */
    private static final int MOST = 300;

    private final FileMapper files;

    KeptFiles(FileMapper files) {
        this.files = files;
    }

    /**
     * Keeps a file for a site.
     *
     * @throws Problem 409 when the site was given too many
     */
    @Transactional
    public void keep(StoredSite site, TakenFile taken) {
        String hash = taken.file().hash();
        Optional<Long> known = files.ofSite(site.id(), hash);
        if (known.isPresent()) {
            files.link(site.id(), known.get());
            return;
        }
        if (files.countOfSite(site.id()) >= MOST) {
            throw new Problem(HttpStatus.CONFLICT, "file", "file.many", MOST);
        }
        String holder = holder(site);
        int fresh = files.insert(
                holder, hash, taken.file().kind().contentType(), taken.file().bytes());
        long file = files.find(holder, hash).orElseThrow();
        if (fresh > 0) {
            List<byte[]> pieces = Pieces.of(taken.content());
            for (int i = 0; i < pieces.size(); i++) {
                files.insertPiece(file, i, pieces.get(i));
            }
        }
        files.link(site.id(), file);
    }

    /** The bytes of a file that was given to this site. */
    public Optional<byte[]> content(StoredSite site, String hash) {
        return files.ofSite(site.id(), hash).map(files::pieces).map(Pieces::joined);
    }

    private static String holder(StoredSite site) {
        return site.owner() == null ? site.id() : site.owner();
    }

    /** A site that gets another owner takes its files along; what other sites use too is copied. */
    @EventListener
    @Transactional
    public void given(SiteService.Given given) {
        for (HeldFile held : files.heldByOthers(given.site(), given.account())) {
            Optional<Long> there = files.find(given.account(), held.hash());
            boolean shared = files.countOtherSites(held.id(), given.site()) > 0;
            if (there.isEmpty() && !shared) {
                files.setHolder(held.id(), given.account());
                continue;
            }
            if (there.isEmpty()) {
                files.copy(held.id(), given.account());
                there = files.find(given.account(), held.hash());
                files.copyPieces(held.id(), there.orElseThrow());
            }
            files.link(given.site(), there.orElseThrow());
            files.unlink(given.site(), held.id());
        }
    }
}
