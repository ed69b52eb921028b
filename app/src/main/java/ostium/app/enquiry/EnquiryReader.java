package ostium.app.enquiry;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import ostium.app.enquiry.EnquiryMapper.StoredEnquiry;
import ostium.app.enquiry.EnquiryMapper.StoredEntry;
import ostium.app.mail.MailQueue;
import ostium.app.site.Readings;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Ids;
import ostium.app.web.Problem;
import ostium.core.enquiry.EnquiryState;
import ostium.core.enquiry.PromisedAnswer;
import ostium.core.enquiry.TestimonialForm;
import ostium.core.fact.Facts;
import ostium.core.hours.OpenSpan;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Reads the enquiries of a site as its owner sees them: held against the promise, with what was said since. */
@Component
class EnquiryReader {
    /** So many are read at once. */
    static final int MOST = 500;

    private final EnquiryMapper enquiries;
    private final EnquiryFiles files;
    private final AskedWordsMapper words;
    private final MailQueue mail;
    private final SiteService sites;
    private final Readings readings;
    private final JsonMapper json;
    private final Clock clock;

    EnquiryReader(
            EnquiryMapper enquiries,
            EnquiryFiles files,
            AskedWordsMapper words,
            MailQueue mail,
            SiteService sites,
            Readings readings,
            JsonMapper json,
            Clock clock) {
        this.enquiries = enquiries;
        this.files = files;
        this.words = words;
        this.mail = mail;
        this.sites = sites;
        this.readings = readings;
        this.json = json;
        this.clock = clock;
    }

    /** Those that are open, the newest first, and behind them what is over; at most {@value #MOST}. */
    List<Enquiry> first(StoredSite site) {
        return read(site, enquiries.first(site.id(), MOST));
    }

    /**
     * Those behind one of them in the same order.
     *
     * @throws Problem 404 where that one is no more: what stands behind it is not known then
     */
    List<Enquiry> behind(StoredSite site, String last) {
        if (!Ids.canBe(last) || enquiries.one(site.id(), last).isEmpty()) {
            throw Problem.notFound();
        }
        return read(site, enquiries.behind(site.id(), last, MOST));
    }

    /** Every one there is, the oldest first. */
    List<Enquiry> all(StoredSite site) {
        List<StoredEnquiry> stored = enquiries.all(site.id());
        return IntStream.iterate(0, from -> from < stored.size(), from -> from + MOST)
                .mapToObj(from -> stored.subList(from, Math.min(from + MOST, stored.size())))
                .flatMap(some -> read(site, some).stream())
                .toList();
    }

    Optional<Enquiry> one(StoredSite site, String id) {
        return enquiries
                .one(site.id(), id)
                .map(stored -> read(site, List.of(stored)).get(0));
    }

    private List<Enquiry> read(StoredSite site, List<StoredEnquiry> stored) {
        if (stored.isEmpty()) {
            return List.of();
        }
        List<String> these = stored.stream().map(StoredEnquiry::id).toList();
        Map<String, List<MailQueue.Delivery>> deliveries =
                mail.ofEnquiries(these).stream().collect(Collectors.groupingBy(MailQueue.Delivery::enquiry));
        Map<String, List<StoredEntry>> entries =
                enquiries.entries(these).stream().collect(Collectors.groupingBy(StoredEntry::enquiry));
        Map<String, AskedWordsMapper.StoredWords> asked =
                words.of(these).stream().collect(Collectors.toMap(AskedWordsMapper.StoredWords::enquiry, each -> each));
        Map<String, List<Enquiry.Attached>> sent = files.of(these);
        Facts facts = readings.of(sites.state(site)).brief().facts();
        Optional<PromisedAnswer> promise = PromisedAnswer.of(facts);
        return stored.stream()
                .map(each -> read(
                        each,
                        facts.region(),
                        promise,
                        sent.getOrDefault(each.id(), List.of()),
                        deliveries.getOrDefault(each.id(), List.of()),
                        entries.getOrDefault(each.id(), List.of()),
                        asked.get(each.id())))
                .toList();
    }

    private Enquiry read(
            StoredEnquiry stored,
            String region,
            Optional<PromisedAnswer> promise,
            List<Enquiry.Attached> sent,
            List<MailQueue.Delivery> deliveries,
            List<StoredEntry> entries,
            AskedWordsMapper.StoredWords asked) {
        EnquiryState state = EnquiryState.valueOf(stored.state());
        List<Enquiry.Answer> answers = json.readValue(stored.fields(), new TypeReference<List<Enquiry.Answer>>() {});
        Optional<PromisedAnswer> waited = promise.filter(any -> state.waits());
        Instant due =
                waited.flatMap(promised -> promised.due(stored.receivedAt())).orElse(null);
        List<OpenSpan> work =
                due == null ? List.of() : waited.orElseThrow().work(stored.receivedAt(), later(due, clock.instant()));
        return new Enquiry(
                stored.id(),
                state,
                Enquiry.Came.valueOf(stored.came()),
                stored.receivedAt(),
                setAside(stored, state),
                answers,
                sent,
                deliveries,
                due,
                work,
                person(answers, region),
                stored.askAgain(),
                entries.stream()
                        .map(entry -> new Enquiry.Entry(
                                entry.id(),
                                Enquiry.Entry.Kind.valueOf(entry.kind()),
                                entry.words(),
                                entry.author(),
                                entry.saidAt()))
                        .toList(),
                asked == null ? null : words(asked));
    }

    private AskedWords words(AskedWordsMapper.StoredWords asked) {
        Map<String, String> said = asked.said() == null
                ? Map.of()
                : json.readValue(asked.said(), new TypeReference<Map<String, String>>() {});
        return new AskedWords(
                AskedWords.State.valueOf(asked.state()),
                asked.askedAt(),
                asked.goodUntil(),
                asked.saidAt(),
                said.getOrDefault(TestimonialForm.SAID, ""),
                said.getOrDefault(TestimonialForm.NAME, ""),
                said.getOrDefault(TestimonialForm.WHERE, ""),
                said.getOrDefault(TestimonialForm.AGREED, ""));
    }

    /** What was put right, or judged by the owner, needs no reasons of ours. */
    private static List<String> setAside(StoredEnquiry stored, EnquiryState state) {
        return state != EnquiryState.UNWANTED || stored.setAside() == null
                ? List.of()
                : stored.setAside().lines().toList();
    }

    private static Enquiry.Person person(List<Enquiry.Answer> answers, String region) {
        return Enquiry.reach(answers, region)
                .map(reach -> new Enquiry.Person(
                        reach.key(), reach.shown(), reach.uri(), reach.mail().isPresent()))
                .orElse(null);
    }

    private static Instant later(Instant one, Instant other) {
        return one.isAfter(other) ? one : other;
    }
}
