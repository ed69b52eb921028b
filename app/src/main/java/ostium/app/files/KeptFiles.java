package ostium.app.files;

import java.util.List;
import java.util.Optional;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ostium.app.files.FileMapper.HeldFile;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Quota;
import ostium.core.picture.TakenFile;

/** Keeps files by content: the same file is kept once for an account, however many of its sites it was given to. */
@Service
public class KeptFiles {
    private static final long MEGABYTE = 1024L * 1024;

    private final FileMapper files;

    KeptFiles(FileMapper files) {
        this.files = files;
    }

    /**
     * Keeps a file for a site.
     *
     * @throws ostium.app.web.Problem 409 when the site was given too many
     */
    @Transactional
    public void keep(StoredSite site, TakenFile taken) {
        String hash = taken.file().hash();
        Optional<Long> known = files.ofSite(site.id(), hash);
        if (known.isPresent()) {
            files.link(site.id(), known.get());
            return;
        }
        Quota.FILES_OF_SITE.require(files.countOfSite(site.id()));
        long megabytes = files.bytesOfSite(site.id()) / MEGABYTE;
        (site.owner() == null ? Quota.MEGABYTES_BEFORE_SIGN_UP : Quota.MEGABYTES_OF_SITE).require(megabytes);
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
