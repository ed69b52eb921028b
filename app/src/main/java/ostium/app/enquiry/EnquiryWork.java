package ostium.app.enquiry;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import ostium.app.account.Account;
import ostium.app.booking.DiaryTransaction;
import ostium.app.booking.PersonBookings;
import ostium.app.list.PersonOnList;
import ostium.app.mail.MailQueue;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.core.base.Messages;
import ostium.core.enquiry.EnquiryState;

/** What an owner or a helper does with an enquiry after it came. */
@Service
public class EnquiryWork {
    /** Most characters of a note or a reply. */
    static final int LONGEST = 8000;

    private static final Messages WORDS = Messages.of("enquiry");

    private final EnquiryMapper enquiries;
    private final EnquiryReader reader;
    private final EnquiryMail words;
    private final MailQueue mail;
    private final PersonBookings bookings;
    private final PersonOnList list;
    private final Weighing weighing;
    private final SiteService sites;
    private final Clock clock;

    EnquiryWork(
            EnquiryMapper enquiries,
            EnquiryReader reader,
            EnquiryMail words,
            MailQueue mail,
            PersonBookings bookings,
            PersonOnList list,
            Weighing weighing,
            SiteService sites,
            Clock clock) {
        this.enquiries = enquiries;
        this.reader = reader;
        this.words = words;
        this.mail = mail;
        this.bookings = bookings;
        this.list = list;
        this.weighing = weighing;
        this.sites = sites;
        this.clock = clock;
    }

    /** @throws Problem 404 if the site has no such enquiry */
    @Transactional
    public void mark(StoredSite site, String id, EnquiryState state) {
        require(site, id);
        enquiries.setState(site.id(), id, state.name());
        if (state == EnquiryState.UNWANTED) {
            enquiries.setAsideByOwner(site.id(), id);
        }
        if (state.closed()) {
            enquiries.setAskAgain(site.id(), id, null);
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                // Earlier, a message weighed in between would bring the old judgement back.
                weighing.judged(site.id());
            }
        });
    }

    /** Writes a note or a call down. A call that was written down is an answer. */
    @Transactional
    public void write(StoredSite site, String id, Enquiry.Entry.Kind kind, String said, Account author) {
        writeAt(site, id, kind, said, author, clock.instant());
    }

    /** As {@link #write}, at a given time, for what is brought in. */
    @Transactional
    public void writeAt(StoredSite site, String id, Enquiry.Entry.Kind kind, String said, Account author, Instant at) {
        Enquiry enquiry = require(site, id);
        String checked = checked(said, "entry.empty");
        enquiries.insertEntry(UUID.randomUUID().toString(), id, kind.name(), checked, author.name(), at);
        if (kind != Enquiry.Entry.Kind.NOTE && enquiry.state().waits()) {
            enquiries.setState(site.id(), id, EnquiryState.ANSWERED.name());
        }
    }

    /**
     * Sends a reply by mail, kept with the enquiry in the same transaction.
     *
     * @throws Problem 422 if they left no mail address
     */
    @Transactional
    public void reply(StoredSite site, String id, String said, Account author) {
        Enquiry enquiry = require(site, id);
        String checked = checked(said, "reply.empty");
        if (enquiry.person() == null || !enquiry.person().mail()) {
            throw Problem.worded("words", WORDS.say("reply.noMail"));
        }
        mail.send(words.reply(site, enquiry, checked, author));
        write(site, id, Enquiry.Entry.Kind.REPLY, checked, author);
    }

    /**
     * Plans to ask again on a day.
     *
     * @param day null for no day
     */
    @Transactional
    public void askAgain(StoredSite site, String id, LocalDate day) {
        require(site, id);
        LocalDate today = sites.read(sites.state(site)).brief().today().date();
        if (day != null && day.isBefore(today)) {
            throw Problem.worded("day", WORDS.say("askAgain.past"));
        }
        enquiries.setAskAgain(site.id(), id, day);
    }

    /**
     * Everything that is known of one person.
     *
     * @param messages what they wrote, with what was written about it
     * @param list their place on the list of those who want to be written to
     */
    public record KnownPerson(
            List<Enquiry> messages, List<PersonBookings.Appointment> appointments, List<PersonOnList.Place> list) {
        boolean isNobody() {
            return messages.isEmpty() && appointments.isEmpty() && list.isEmpty();
        }
    }

    /**
     * Deletes everything of one person: their messages, what was written about them, their appointments, their place on the
     * list, and the mail that told of any. Returns how many of all.
     */
    @DiaryTransaction
    public int forget(StoredSite site, String person) {
        KnownPerson known = ofPerson(site, person);
        known.messages().forEach(enquiry -> enquiries.delete(site.id(), enquiry.id()));
        return known.messages().size()
                + bookings.forget(site.id(), person, region(site))
                + list.forget(site.id(), person);
    }

    /** @throws Problem 404 if nothing is known of them */
    public KnownPerson ofPerson(StoredSite site, String person) {
        KnownPerson known = new KnownPerson(
                reader.all(site).stream()
                        .filter(enquiry -> enquiry.person() != null
                                && enquiry.person().key().equals(person))
                        .toList(),
                bookings.of(site.id(), person, region(site)),
                list.of(site.id(), person));
        if (known.isNobody()) {
            throw Problem.worded(HttpStatus.NOT_FOUND, "person", WORDS.say("person.nobody"));
        }
        return known;
    }

    private String region(StoredSite site) {
        return sites.read(sites.state(site)).brief().facts().region();
    }

    private Enquiry require(StoredSite site, String id) {
        return reader.one(site, id).orElseThrow(Problem::notFound);
    }

    private static String checked(String said, String whenEmpty) {
        String words = said == null ? "" : said.replaceAll("\\r\\n?", "\n").strip();
        if (words.isEmpty()) {
            throw Problem.worded("words", WORDS.say(whenEmpty));
        }
        int length = words.codePointCount(0, words.length());
        if (length > LONGEST) {
            throw Problem.worded("words", WORDS.say("entry.tooLong", LONGEST, length));
        }
        return words;
    }
}
