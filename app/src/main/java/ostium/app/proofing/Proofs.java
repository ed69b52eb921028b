package ostium.app.proofing;

import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import ostium.app.proofing.ProofMapper.Proof;
import ostium.app.queue.Queue;
import ostium.app.queue.QueuedWork;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.core.edit.State;
import ostium.core.proof.OwnWords;
import ostium.core.proof.Passage;
import ostium.core.proof.Slip;
import ostium.core.sheet.SheetReading;
import ostium.core.snag.LikelySlips;
import ostium.core.snag.Snag;
import ostium.core.text.Sha256;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * What was found in the words of an owner. Whoever looks at a site has words read that were not yet; it is done on the queue a
 * moment later, once for the same words.
 */
@Service
public class Proofs implements QueuedWork {
    /** Long enough for a sentence to be finished. */
    private static final Duration MOMENT = Duration.ofSeconds(2);

    private static final JsonMapper JSON = new JsonMapper();
    private static final TypeReference<List<Slip>> SLIPS = new TypeReference<>() {};

    private final ProofMapper proofs;
    private final EnglishProofreader reader;
    private final SiteService sites;
    private final Queue queue;
    private final Clock clock;
    private final OneTimeTask<Void> task;

    Proofs(ProofMapper proofs, EnglishProofreader reader, SiteService sites, Queue queue, Clock clock) {
        this.proofs = proofs;
        this.reader = reader;
        this.sites = sites;
        this.queue = queue;
        this.clock = clock;
        this.task = Tasks.oneTime("proofs").execute((instance, context) -> read(instance.getId()));
    }

    @Override
    public Task<Void> task() {
        return task;
    }

    /**
     * What is known of a site's words.
     *
     * @param snags what is likely not as it was meant
     * @param isReading whether words are being read, so that more may be known in a moment
     */
    public record Known(List<Snag> snags, boolean isReading) {}

    /** What is known of the owner's words; what is not read yet is put on the queue. */
    public Known of(StoredSite site, State state, SheetReading reading) {
        String region = state.sheet().region();
        if (!state.isKept() || !EnglishProofreader.reads(region)) {
            return new Known(List.of(), false);
        }
        Map<String, String> read = read(site.id(), Proof::slips);
        boolean isReading = OwnWords.of(state, reading.brief().facts()).stream()
                .anyMatch(passage -> !read.containsKey(digest(region, passage)));
        if (isReading) {
            queue.add(task.instance(site.id()), MOMENT);
        }
        List<Snag> snags = LikelySlips.of(
                state, reading, passage -> JSON.readValue(read.getOrDefault(digest(region, passage), "[]"), SLIPS));
        return new Known(snags, isReading);
    }

    /** Reads what was not read yet, and forgets what is gone. */
    private void read(String id) {
        StoredSite site = sites.byId(id).orElse(null);
        if (site == null || !sites.state(site).isKept()) {
            return;
        }
        State state = sites.state(site);
        String region = state.sheet().region();
        Map<String, String> before = read(id, Proof::words);
        for (Passage passage : OwnWords.of(state, sites.read(state).brief().facts())) {
            if (before.remove(digest(region, passage)) == null) {
                List<Slip> slips = reader.read(region, passage.words());
                proofs.insert(id, digest(region, passage), JSON.writeValueAsString(slips), clock.instant());
            }
        }
        before.keySet().forEach(gone -> proofs.delete(id, gone));
    }

    private Map<String, String> read(String site, Function<Proof, String> what) {
        return proofs.ofSite(site).stream().collect(Collectors.toMap(Proof::words, what));
    }

    /** The same words are read otherwise in another country. */
    private static String digest(String region, Passage passage) {
        return Sha256.hex(region + "\n" + passage.words());
    }
}
