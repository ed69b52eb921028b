package ostium.app.list;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ostium.app.hook.WebHook;
import ostium.app.hook.WebHooks;
import ostium.app.list.ListMember.Came;
import ostium.app.mail.MailQueue;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Ids;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;
import ostium.app.web.Tokens;
import ostium.core.base.Messages;
import ostium.core.form.Form;
import ostium.core.list.ListFile;
import ostium.core.list.ListForm;

/**
 * The list of a site. Nobody is on it who has not said so twice, in the form and from their mail, or whom the owner brought
 * from a list they agreed to; whoever leaves is deleted.
 */
@Service
public class ListService {
    /** Days after which whoever has not confirmed is forgotten. */
    public static final int DAYS = 7;

    /** Most characters of how people agreed. */
    static final int LONGEST_AGREED = 400;

    /** People on a page. */
    static final int PAGE = 100;

    private static final Messages WORDS = Messages.of("list");

    private final ListMapper list;
    private final ListMail words;
    private final MailQueue mail;
    private final WebHooks hooks;
    private final SiteService sites;
    private final RateLimits limits;
    private final Clock clock;

    ListService(
            ListMapper list,
            ListMail words,
            MailQueue mail,
            WebHooks hooks,
            SiteService sites,
            RateLimits limits,
            Clock clock) {
        this.list = list;
        this.words = words;
        this.mail = mail;
        this.hooks = hooks;
        this.sites = sites;
        this.limits = limits;
        this.clock = clock;
    }

    // ---- as a visitor --------------------------------------------------------------------------------------------

    /**
     * Takes what was sent through the form: whoever it is gets a mail to confirm. The answer is the same whether they are on
     * the list or not, and nobody is mailed often because somebody types their address again and again.
     *
     * @param values checked answers, by key
     */
    @Transactional
    public void join(StoredSite site, Form form, Map<String, String> values) {
        String email = email(values);
        if (limits.allows(RateLimits.Act.LIST, site.id() + email)) {
            ask(site, form, values, Came.FORM);
        }
    }

    /**
     * Sends a test the whole way; the one before it goes.
     *
     * @return the id of the place it has on the list
     */
    @Transactional
    public String tryOut(StoredSite site, Form form, Map<String, String> values) {
        list.deleteTests(site.id());
        return ask(site, form, values, Came.TEST);
    }

    private String ask(StoredSite site, Form form, Map<String, String> values, Came came) {
        String email = email(values);
        Optional<ListMember> known = list.byEmail(site.id(), email);
        if (known.filter(member -> member.state() == ListMember.State.ON).isPresent()) {
            mail.send(words.again(site, known.get()));
            return known.get().id();
        }
        known.ifPresent(member -> list.delete(member.id()));
        String token = Tokens.fresh();
        ListMember member = new ListMember(
                UUID.randomUUID().toString(),
                site.id(),
                email,
                values.getOrDefault("name", ""),
                ListMember.State.ASKED,
                came,
                agreed(form, values),
                clock.instant(),
                null,
                Tokens.fresh());
        list.insert(member, Tokens.hash(token));
        mail.send(words.confirm(site, member, token));
        return member.id();
    }

    private static String email(Map<String, String> values) {
        return values.getOrDefault("email", "").toLowerCase(Locale.ROOT);
    }

    /** What they agreed to, in the words it had then. */
    private static String agreed(Form form, Map<String, String> values) {
        String said = values.getOrDefault(ListForm.CONSENT, "");
        if (!said.isEmpty()) {
            return said;
        }
        return form.fields().stream()
                .map(field -> values.getOrDefault(field.key(), ""))
                .filter(answer -> !answer.isEmpty())
                .reduce((one, other) -> other)
                .orElse("");
    }

    /**
     * Somebody's place on a list, as a link of a mail leads to it.
     *
     * @param site UUID of the site
     * @param business what the site is called
     */
    public record Place(String site, String business, String email) {}

    /** The place a link asks to confirm; empty when it was, or is too old. */
    public Optional<Place> toConfirm(String token) {
        return list.byConfirm(Tokens.hash(token)).map(this::place);
    }

    /** Confirms a place; empty when it was, or is too old. */
    @Transactional
    public Optional<Place> confirm(String token) {
        ListMember member = list.byConfirm(Tokens.hash(token)).orElse(null);
        if (member == null || list.confirm(Tokens.hash(token), clock.instant()) == 0) {
            return Optional.empty();
        }
        sites.byId(member.site()).ifPresent(site -> mail.send(words.joined(site, member)));
        tell(member, "list.joined");
        return Optional.of(place(member));
    }

    /** The place a link leaves; empty when it was left. */
    public Optional<Place> toLeave(String token) {
        return list.byLeave(token).map(this::place);
    }

    /** Leaves a list; empty when it was left. */
    @Transactional
    public Optional<Place> leave(String token) {
        Optional<ListMember> member = list.byLeave(token);
        Optional<Place> place = member.map(this::place);
        member.ifPresent(each -> {
            if (list.delete(each.id()) == 1 && each.state() == ListMember.State.ON) {
                tell(each, "list.left");
            }
        });
        return place;
    }

    private Place place(ListMember member) {
        String name = sites.byId(member.site())
                .map(site -> sites.state(site).sheet().name())
                .filter(each -> !each.isBlank())
                .orElse(WORDS.say("business"));
        return new Place(member.site(), name, member.email());
    }

    private void tell(ListMember member, String type) {
        if (member.came() != Came.TEST) {
            hooks.tell(
                    member.site(),
                    WebHook.Subject.LIST,
                    type,
                    Map.of(
                            "email", member.email(),
                            "name", member.name(),
                            "agreed", member.agreed(),
                            "agreedAt", member.agreedAt()));
        }
    }

    // ---- as the owner --------------------------------------------------------------------------------------------

    /** How many are on the list. */
    public int number(StoredSite site) {
        return list.number(site.id());
    }

    /** How many were asked to confirm and have not yet. */
    int asked(StoredSite site) {
        return list.asked(site.id());
    }

    /**
     * Those on the list, the last who came first.
     *
     * @param after id of the last of the page before; empty for the first page
     * @param search part of an address or a name; empty for all
     */
    List<ListMember> page(StoredSite site, String after, String search) {
        String like = "%" + search.strip().toLowerCase(Locale.ROOT).replaceAll("([\\\\%_])", "\\\\$1") + "%";
        Instant tomorrow = clock.instant().plus(Duration.ofDays(1));
        return Optional.of(after)
                .filter(Ids::canBe)
                .flatMap(id -> list.confirmedAt(site.id(), id))
                .map(before -> list.page(site.id(), before, after, like, PAGE))
                .orElseGet(() -> list.page(site.id(), tomorrow, "", like, PAGE));
    }

    List<ListMember> all(StoredSite site) {
        return list.all(site.id());
    }

    /** @throws Problem 404 if there is no such place on the site's list */
    @Transactional
    public void remove(StoredSite site, String member) {
        if (list.deleteOf(site.id(), member) == 0) {
            throw Problem.notFound();
        }
    }

    /**
     * What came of a file.
     *
     * @param known those who were on the list before
     * @param faults lines that could not be taken
     */
    public record Brought(int added, int known, List<ListFile.Fault> faults) {}

    /**
     * Brings people from a file. They have agreed already, so nobody is mailed.
     *
     * @param agreed how they agreed, in the owner's words; kept with each
     * @throws Problem 422 when that is not said
     */
    @Transactional
    public Brought bring(StoredSite site, String file, String agreed) {
        String how = agreed == null ? "" : agreed.strip();
        if (how.isEmpty()) {
            throw Problem.worded("agreed", WORDS.say("file.agreed"));
        }
        if (how.length() > LONGEST_AGREED) {
            throw Problem.worded("agreed", WORDS.say("file.agreedLong", LONGEST_AGREED));
        }
        ListFile read = ListFile.read(file == null ? "" : file);
        Instant now = clock.instant();
        int added = 0;
        for (ListFile.Person person : read.people()) {
            added += put(site, person, Came.FILE, how, now);
        }
        return new Brought(added, read.people().size() - added, read.faults());
    }

    /** Brings somebody who came through the form at a given time; nobody is told. */
    @Transactional
    public void bringIn(StoredSite site, String email, String name, String agreed, Instant at) {
        put(site, new ListFile.Person(email, name), Came.FORM, agreed, at);
    }

    /** @return how many were not on it before */
    private int put(StoredSite site, ListFile.Person person, Came came, String agreed, Instant at) {
        return list.insertIfNew(new ListMember(
                UUID.randomUUID().toString(),
                site.id(),
                person.email().toLowerCase(Locale.ROOT),
                person.name(),
                ListMember.State.ON,
                came,
                agreed,
                at,
                at,
                Tokens.fresh()));
    }

    /** Whoever has not confirmed in time is forgotten. */
    @Scheduled(initialDelay = 90_000, fixedDelay = 3_600_000)
    void sweep() {
        list.deleteAskedBefore(clock.instant().minus(Duration.ofDays(DAYS)));
    }
}
