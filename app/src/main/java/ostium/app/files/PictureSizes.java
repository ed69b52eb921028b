package ostium.app.files;

import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.io.IOException;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.locks.ReentrantLock;
import org.slf4j.LoggerFactory;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import ostium.app.files.FileMapper.Progress;
import ostium.app.files.FileMapper.WantedSize;
import ostium.app.queue.Queue;
import ostium.app.queue.QueuedWork;
import ostium.app.site.StoredSite;
import ostium.core.fact.Picture;
import ostium.core.fact.Treatment;
import ostium.core.picture.Darkroom;
import ostium.core.picture.Rendition;
import ostium.core.picture.Renditions;

/**
 * Makes the sizes of pictures. They are wanted when a picture is given or treated otherwise, and made on the queue; who
 * asks for one before that has it made at once. What is made stays.
 */
@Service
public class PictureSizes implements QueuedWork {
    private final FileMapper files;
    private final Queue queue;
    private final TransactionTemplate transactions;
    private final OneTimeTask<Void> task;

    /** One picture at a time, so that memory is bounded. */
    private final ReentrantLock one = new ReentrantLock(true);

    PictureSizes(FileMapper files, Queue queue, TransactionTemplate transactions) {
        this.files = files;
        this.queue = queue;
        this.transactions = transactions;
        this.task = Tasks.oneTime("picture-sizes").execute((instance, context) -> {
            String[] parts = instance.getId().split(":");
            make(Long.parseLong(parts[0]), parts[1]);
        });
    }

    @Override
    public Task<Void> task() {
        return task;
    }

    /** Puts the sizes of a picture on the queue that are not made yet; answers how far they are. */
    @Transactional
    Progress want(StoredSite site, Picture picture) {
        Optional<Long> file = files.ofSite(site.id(), picture.file().hash());
        if (file.isEmpty()) {
            return new Progress(0, 0);
        }
        List<Rendition> all = Renditions.of(picture);
        String name = Renditions.name(picture);
        Progress known = files.progress(file.get(), name);
        if (known.planned() < all.size()) {
            want(file.get(), picture, all);
        }
        if (known.planned() < all.size() || known.made() < known.planned()) {
            queue.add(task.instance(file.get() + ":" + name));
        } else {
            stillWant(file.get(), name);
        }
        return files.progress(file.get(), name);
    }

    /** Two who look at a picture at once may be in each other's way here: one of them saying it is enough. */
    private void stillWant(long file, String name) {
        try {
            files.stillWant(file, name);
        } catch (PessimisticLockingFailureException met) {
            LoggerFactory.getLogger(PictureSizes.class).debug("said by another: {}", met.getMessage());
        }
    }

    private void want(long file, Picture picture, List<Rendition> all) {
        for (Rendition each : all) {
            files.want(
                    file,
                    each.path(),
                    Renditions.name(picture),
                    each.width(),
                    each.height(),
                    each.format().name(),
                    picture.treatment().pixels());
        }
    }

    /** A size, and what it is. */
    public record Made(String contentType, byte[] bytes) {}

    /**
     * The bytes of a size.
     *
     * @param pictures pictures of the site; when the size is one of theirs and not made yet, it is made now
     */
    public Optional<Made> bytes(StoredSite site, Collection<Picture> pictures, String path) {
        Optional<Made> made = made(site, path);
        if (made.isPresent()) {
            return made;
        }
        for (Picture picture : pictures) {
            boolean meant =
                    Renditions.of(picture).stream().anyMatch(each -> each.path().equals(path));
            Optional<Long> file = meant ? files.ofSite(site.id(), picture.file().hash()) : Optional.empty();
            if (file.isPresent()) {
                want(file.get(), picture, Renditions.of(picture));
                make(file.get(), Renditions.name(picture));
                return made(site, path);
            }
        }
        return Optional.empty();
    }

    private Optional<Made> made(StoredSite site, String path) {
        List<byte[]> pieces = files.sizePieces(site.id(), path);
        return pieces.isEmpty() ? Optional.empty() : Optional.of(new Made(contentType(path), Pieces.joined(pieces)));
    }

    private static String contentType(String path) {
        for (Rendition.Format format : Rendition.Format.values()) {
            if (path.endsWith("." + format.ending())) {
                return format.contentType();
            }
        }
        throw new IllegalArgumentException(path);
    }

    /** Does something that holds a whole picture in memory, when nothing else does. */
    public <T> T oneAtATime(Callable<T> work) throws IOException {
        one.lock();
        try {
            return work.call();
        } catch (IOException | RuntimeException e) {
            throw e;
        } catch (Exception e) {
            throw new IllegalStateException(e);
        } finally {
            one.unlock();
        }
    }

    /** Makes what is wanted; the same sizes made twice are the same. */
    private void make(long file, String name) {
        one.lock();
        try {
            List<WantedSize> wanted = files.wanted(file, name);
            if (wanted.isEmpty()) {
                return;
            }
            byte[] kept = Pieces.joined(files.pieces(file));
            Darkroom room =
                    Darkroom.develop(kept, Treatment.ofPixels(wanted.get(0).treatment()));
            for (WantedSize size : wanted) {
                byte[] bytes = room.render(new Rendition(
                        size.path(), size.width(), size.height(), Rendition.Format.valueOf(size.format())));
                transactions.executeWithoutResult(status -> store(file, size.path(), bytes));
            }
        } finally {
            one.unlock();
        }
    }

    private void store(long file, String path, byte[] bytes) {
        List<byte[]> pieces = Pieces.of(bytes);
        for (int i = 0; i < pieces.size(); i++) {
            files.insertSizePiece(file, path, i, pieces.get(i));
        }
        files.made(file, path, bytes.length);
    }
}
