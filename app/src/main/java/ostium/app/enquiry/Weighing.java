package ostium.app.enquiry;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import ostium.core.enquiry.EnquiryState;
import ostium.core.enquiry.Reach;
import ostium.core.form.FieldKind;
import ostium.core.text.Sha256;
import ostium.core.unwanted.Judgements;
import ostium.core.unwanted.Judgements.Judged;
import ostium.core.unwanted.Sending;
import ostium.core.unwanted.UnwantedWeight;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Weighs a message before it is kept: holds it against what came before and what the owner said of that. */
@Component
class Weighing {
    /** How far back the same words are looked for. */
    private static final Duration DAYS = Duration.ofDays(14);

    private static final Duration HOUR = Duration.ofHours(1);
    /** What the owner says here counts at once; what is said on another instance, after this. */
    private static final Duration A_MINUTE = Duration.ofMinutes(1);

    private final EnquiryMapper enquiries;
    private final JsonMapper json;
    private final Cache<String, Judgements> judgements =
            Caffeine.newBuilder().maximumSize(1_000).expireAfterWrite(A_MINUTE).build();
    private final Cache<String, AtomicInteger> fromAddress =
            Caffeine.newBuilder().maximumSize(100_000).expireAfterWrite(HOUR).build();

    Weighing(EnquiryMapper enquiries, JsonMapper json) {
        this.enquiries = enquiries;
        this.json = json;
    }

    /**
     * A message on its way in, weighed.
     *
     * @param wordsKey finds the same words; null where they are too few
     * @param senderKey finds the same sender; null where they left no way to be reached
     */
    record Weighed(UnwantedWeight weight, String wordsKey, String senderKey) {
        static final Weighed NOT = new Weighed(new UnwantedWeight(0, List.of()), null, null);

        EnquiryState state() {
            return weight.isUnwanted() ? EnquiryState.UNWANTED : EnquiryState.NEW;
        }

        /** Why it was set aside, a sentence a line; null where it was not. */
        String setAside() {
            return weight.isUnwanted() ? String.join("\n", weight.reasons()) : null;
        }
    }

    Weighed weigh(String site, List<Enquiry.Answer> answers, EnquiryService.Arrival arrival, Instant now) {
        String words = words(answers);
        String wordsKey = orNull(UnwantedWeight.wordsKey(words));
        Optional<String> sender = sender(answers, arrival.region());
        String senderKey = sender.map(Sha256::hex).orElse(null);
        EnquiryMapper.Before before = enquiries.before(site, wordsKey, senderKey, now.minus(DAYS), now.minus(HOUR));
        Sending sending = new Sending(
                arrival.trapped(),
                arrival.taken(),
                words,
                sender,
                before.here(),
                before.elsewhere(),
                Math.max(before.sender(), fromAddress(site, arrival.from())));
        return new Weighed(UnwantedWeight.of(sending, judgements(site, arrival.region())), wordsKey, senderKey);
    }

    /** The owner has judged a message of this site: it counts for the next one. */
    void judged(String site) {
        judgements.invalidate(site);
    }

    /** How many came from the same machine before this one. Counted in this instance only; no address is kept. */
    private int fromAddress(String site, String address) {
        return fromAddress
                .get(Sha256.hex(site + "\n" + address), any -> new AtomicInteger())
                .getAndIncrement();
    }

    private Judgements judgements(String site, String region) {
        return judgements.get(
                site,
                any -> Judgements.of(enquiries.judged(site).stream()
                        .map(judged -> judged(judged, region))
                        .toList()));
    }

    private Judged judged(EnquiryMapper.StoredJudged stored, String region) {
        List<Enquiry.Answer> answers = json.readValue(stored.fields(), new TypeReference<List<Enquiry.Answer>>() {});
        return new Judged(
                words(answers), sender(answers, region), EnquiryState.valueOf(stored.state()) != EnquiryState.UNWANTED);
    }

    /** What was written or chosen, without who somebody is and how they are reached. */
    private static String words(List<Enquiry.Answer> answers) {
        String name = FieldKind.NAME.key().orElseThrow();
        return answers.stream()
                .filter(answer -> !answer.key().equals(name) && !Reach.KEYS.contains(answer.key()))
                .map(Enquiry.Answer::value)
                .collect(Collectors.joining("\n"));
    }

    private static Optional<String> sender(List<Enquiry.Answer> answers, String region) {
        return Enquiry.reach(answers, region).map(Reach::key);
    }

    private static String orNull(String words) {
        return words.isEmpty() ? null : words;
    }
}
