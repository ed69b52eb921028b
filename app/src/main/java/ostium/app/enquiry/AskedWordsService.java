package ostium.app.enquiry;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ostium.app.account.Account;
import ostium.app.enquiry.AskedWordsMapper.StoredWords;
import ostium.app.mail.MailQueue;
import ostium.app.publishing.PublishedVersions;
import ostium.app.site.SiteLog;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Origins;
import ostium.app.web.Problem;
import ostium.app.web.Tokens;
import ostium.core.base.Messages;
import ostium.core.edit.SheetEdit;
import ostium.core.edit.State;
import ostium.core.enquiry.EnquiryState;
import ostium.core.enquiry.TestimonialForm;
import ostium.core.form.Form;
import ostium.core.sheet.RowKind;
import ostium.core.sheet.TypedSheet.TypedRow;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Asks customers whose matter is done for a few words, by a link that is theirs alone. What they say is the owner's to take;
 * then it is a testimonial among the facts.
 */
@Service
public class AskedWordsService {
    /** What the paths of the links begin with, on every host. */
    public static final String PATH = "/_ostium/words/";

    private static final Messages WORDS = Messages.of("testimonial");
    private static final Duration GOOD_FOR = Duration.ofDays(60);

    private final AskedWordsMapper asked;
    private final EnquiryReader reader;
    private final EnquiryMail mails;
    private final MailQueue mail;
    private final SiteService sites;
    private final SiteLog log;
    private final PublishedVersions versions;
    private final Origins origins;
    private final JsonMapper json;
    private final Clock clock;

    AskedWordsService(
            AskedWordsMapper asked,
            EnquiryReader reader,
            EnquiryMail mails,
            MailQueue mail,
            SiteService sites,
            SiteLog log,
            PublishedVersions versions,
            Origins origins,
            JsonMapper json,
            Clock clock) {
        this.asked = asked;
        this.reader = reader;
        this.mails = mails;
        this.mail = mail;
        this.sites = sites;
        this.log = log;
        this.versions = versions;
        this.origins = origins;
        this.json = json;
        this.clock = clock;
    }

    /**
     * Asks; by mail where they left an address. Asked again, only the last link leads anywhere.
     *
     * @return the link, which is known to nobody else
     * @throws Problem 404 if the site has no such enquiry, 422 if it is not done or they have said something
     */
    @Transactional
    public String ask(StoredSite site, String id) {
        Enquiry enquiry = require(site, id);
        if (enquiry.state() != EnquiryState.DONE || enquiry.came() == Enquiry.Came.TEST) {
            throw Problem.worded("", WORDS.say("notDone"));
        }
        asked.lock(site.id(), id).filter(each -> isSaid(each.state())).ifPresent(each -> {
            throw Problem.worded("", WORDS.say("said.already"));
        });
        String token = Tokens.fresh();
        Instant now = clock.instant();
        asked.ask(id, site.id(), Tokens.hash(token), now, now.plus(GOOD_FOR));
        String link = versions.liveAddress(site.id()).orElse(origins.editor()) + PATH + token;
        mails.askedForWords(site, enquiry, link).ifPresent(mail::send);
        return link;
    }

    private static boolean isSaid(String state) {
        return state.equals(AskedWords.State.SAID.name()) || state.equals(AskedWords.State.TAKEN.name());
    }

    /**
     * What a link leads to.
     *
     * @param form what is asked
     * @param values what was said so far, or what is known of them
     * @param isTaken whether it is on the page, and no longer theirs to change by the link
     */
    public record Visit(String business, Form form, Map<String, String> values, boolean isTaken) {}

    /** Empty where a link leads nowhere any more. */
    public Optional<Visit> visit(String token) {
        return asked.byLink(Tokens.hash(token), clock.instant())
                .flatMap(words -> sites.byId(words.site())
                        .flatMap(site -> reader.one(site, words.enquiry()).map(enquiry -> {
                            String business = sites.state(site).sheet().name();
                            Map<String, String> values = words.said() == null
                                    ? Map.of(
                                            TestimonialForm.NAME,
                                            enquiry.answer("name").orElse(""))
                                    : said(words);
                            return new Visit(
                                    business,
                                    TestimonialForm.of(business),
                                    values,
                                    words.state().equals(AskedWords.State.TAKEN.name()));
                        })));
    }

    /**
     * Keeps what they said, and tells the owner the first time.
     *
     * @return false where the link leads nowhere any more
     */
    @Transactional
    public boolean say(String token, Map<String, String> values) {
        String link = Tokens.hash(token);
        Instant now = clock.instant();
        StoredWords before = asked.byLink(link, now).orElse(null);
        if (before == null || asked.say(link, json.writeValueAsString(values), now) == 0) {
            return false;
        }
        if (before.said() == null) {
            sites.byId(before.site())
                    .ifPresent(site ->
                            mails.wordsCame(site, before.enquiry(), values).forEach(mail::send));
        }
        return true;
    }

    /**
     * Puts what they said among the facts, as the last of its kind.
     *
     * @throws Problem 422 if there is nothing to take
     */
    @Transactional
    public void take(StoredSite site, String id, Account author) {
        require(site, id);
        StoredWords words = asked.lock(site.id(), id)
                .filter(each -> each.state().equals(AskedWords.State.SAID.name()))
                .orElseThrow(() -> Problem.worded("", WORDS.say("nothing")));
        State state = sites.state(site);
        TypedRow row = TestimonialForm.row(
                "asked-" + UUID.randomUUID().toString().substring(0, 8),
                said(words),
                words.saidAt().atZone(sites.read(state).brief().today().zone()).toLocalDate());
        List<TypedRow> others = state.sheet().rows(RowKind.TESTIMONIAL);
        String after = others.isEmpty() ? "" : others.get(others.size() - 1).id();
        log.edit(site, author.id(), site.revision(), UUID.randomUUID().toString(), new SheetEdit.PutRow(row, after));
        asked.setState(site.id(), id, AskedWords.State.TAKEN.name());
    }

    /** Takes the link back, or lets go what they said. What is among the facts stays there. */
    @Transactional
    public void letGo(StoredSite site, String id) {
        require(site, id);
        if (asked.setState(site.id(), id, AskedWords.State.LET_GO.name()) == 0) {
            throw new Problem(HttpStatus.NOT_FOUND, "", "notFound");
        }
    }

    private Enquiry require(StoredSite site, String id) {
        return reader.one(site, id).orElseThrow(Problem::notFound);
    }

    private Map<String, String> said(StoredWords words) {
        return json.readValue(words.said(), new TypeReference<Map<String, String>>() {});
    }
}
