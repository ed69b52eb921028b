package ostium.app.booking;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import ostium.app.mail.Mail;
import ostium.app.mail.MailQueue;
import ostium.app.publishing.PublishedVersions;
import ostium.app.recipient.ConfirmedRecipients;
import ostium.app.web.Origins;
import ostium.core.base.Messages;
import ostium.core.booking.BookingState;
import ostium.core.booking.Spans;
import ostium.core.fact.EmailAddress;
import ostium.core.format.CalendarEvent;
import ostium.core.format.CalendarFile;
import ostium.render.mail.MailDress;

/**
 * What is sent of a booking, to whoever booked and to those the messages of the site go to: mails, each with the appointment for a
 * calendar, and texts where they are wanted.
 */
@Component
class BookingMessages {
    private static final Messages WORDS = Messages.of("booking-mail");

    private final MailQueue mail;
    private final BookingTexts texts;
    private final Origins origins;
    private final PublishedVersions versions;
    private final ConfirmedRecipients recipients;

    BookingMessages(
            MailQueue mail,
            BookingTexts texts,
            Origins origins,
            PublishedVersions versions,
            ConfirmedRecipients recipients) {
        this.mail = mail;
        this.texts = texts;
        this.origins = origins;
        this.versions = versions;
        this.recipients = recipients;
    }

    /** It was booked, or asked for. */
    void taken(Desk desk, Booking booking) {
        boolean asked = booking.state() == BookingState.ASKED;
        toCustomer(desk, booking, asked ? "asked" : "booked", "");
        toOwner(desk, booking, asked ? "owner.asked" : "owner.booked", "");
    }

    void movedByVisitor(Desk desk, Booking before, Booking booking) {
        boolean asked = booking.state() == BookingState.ASKED;
        toCustomer(desk, booking, asked ? "asked" : "moved", "");
        toOwner(desk, booking, asked ? "owner.movedAsks" : "owner.moved", WORDS.say("was", when(desk, before)));
    }

    void cancelledByVisitor(Desk desk, Booking booking) {
        toCustomer(desk, booking, "cancelled", "");
        toOwner(desk, booking, "owner.cancelled", "");
    }

    /** The owner said yes. */
    void agreed(Desk desk, Booking booking, String words) {
        toCustomer(desk, booking, "booked", words);
    }

    /** The owner said no to what was asked for. */
    void declined(Desk desk, Booking booking, String words) {
        toCustomer(desk, booking, "declined", words);
    }

    void movedByOwner(Desk desk, Booking booking, String words) {
        toCustomer(desk, booking, "moved", words);
    }

    void cancelledByOwner(Desk desk, Booking booking, String words) {
        toCustomer(desk, booking, "called-off", words);
    }

    void reminder(Desk desk, Booking booking) {
        toCustomer(desk, booking, "reminder", "");
    }

    void tried(Desk desk, Booking booking) {
        toOwner(desk, booking, "owner.test", "");
    }

    // ---- as mails ------------------------------------------------------------------------------------------------

    private void toCustomer(Desk desk, Booking booking, String key, String words) {
        texts.toCustomer(desk, booking, key, address(booking));
        EmailAddress.read(booking.customer().email()).value().ifPresent(address -> {
            List<String> lines = new ArrayList<>();
            lines.add(WORDS.say(key + ".lead", booking.customer().name(), desk.name()));
            if (!words.isBlank()) {
                lines.add(words.strip());
            }
            lines.add(facts(desk, booking, false));
            String costs = desk.terms().rules().costs();
            if (!costs.isBlank() && booking.state() != BookingState.CANCELLED) {
                lines.add(costs);
            }
            link(desk, booking).ifPresent(lines::add);
            lines.add(WORDS.say(
                            "foot",
                            desk.name(),
                            desk.brief().facts().say("telephone", "national").orElse(""))
                    .strip());
            mail.send(new Mail(
                            address.ascii(),
                            recipients.first(booking.site(), desk.state()),
                            WORDS.say(key + ".subject", booking.serviceName(), when(desk, booking), desk.name()),
                            String.join("\n\n", lines) + "\n",
                            Mail.About.booking(booking.site(), booking.id()))
                    .in(MailDress.of(desk.name(), desk.state().look()))
                    .withButton(WORDS.say("change.button"), address(booking).orElse(""))
                    .withCalendar(
                            calendar(desk, booking, WORDS.say("event.customer", booking.serviceName(), desk.name()))));
        });
    }

    private Optional<String> link(Desk desk, Booking booking) {
        if (booking.state() == BookingState.CANCELLED) {
            return Optional.empty();
        }
        return address(booking).map(link -> {
            int until = desk.terms().rules().changeUntil();
            return until == 0 ? WORDS.say("change.any", link) : WORDS.say("change.until", link, Spans.say(until));
        });
    }

    /** Where whoever booked moves it or calls it off. */
    private Optional<String> address(Booking booking) {
        return versions.liveAddress(booking.site()).map(site -> site + "/book?booking=" + booking.link());
    }

    private void toOwner(Desk desk, Booking booking, String key, String more) {
        texts.toOwner(desk, booking, key);
        List<String> lines = new ArrayList<>();
        lines.add(WORDS.say(key + ".lead", booking.customer().name(), booking.serviceName()));
        if (!more.isBlank()) {
            lines.add(more);
        }
        lines.add(facts(desk, booking, true));
        String diary = origins.editor() + "/sites/" + booking.site() + "/diary?booking=" + booking.id();
        lines.add(WORDS.say(booking.state() == BookingState.ASKED ? "owner.answer" : "owner.diary", diary));
        String replyTo = EmailAddress.read(booking.customer().email())
                .value()
                .map(EmailAddress::ascii)
                .orElse(null);
        for (String to : recipients.of(booking.site(), desk.state())) {
            mail.send(new Mail(
                            to,
                            replyTo,
                            WORDS.say(
                                    key + ".subject",
                                    booking.customer().name(),
                                    booking.serviceName(),
                                    when(desk, booking)),
                            String.join("\n\n", lines) + "\n",
                            Mail.About.booking(booking.site(), booking.id()))
                    .withButton(WORDS.say("owner.button"), diary)
                    .withCalendar(calendar(
                            desk,
                            booking,
                            WORDS.say(
                                    "event.owner",
                                    booking.serviceName(),
                                    booking.customer().name()))));
        }
    }

    /** What, when, where; for the owner also who, and what was said. */
    private static String facts(Desk desk, Booking booking, boolean all) {
        List<String> lines = new ArrayList<>();
        lines.add(booking.serviceName());
        lines.add(when(desk, booking));
        if (!booking.place().isBlank()) {
            lines.add(booking.place());
        }
        if (!booking.price().isBlank()) {
            lines.add(booking.price());
        }
        if (all) {
            lines.add("");
            lines.add(booking.customer().name());
            lines.add(booking.customer().telephone());
            lines.add(booking.customer().email());
            booking.answers().forEach(said -> lines.add("\n" + said.label() + "\n" + said.value()));
        }
        return String.join("\n", lines).replaceAll("\n{3,}", "\n\n").strip();
    }

    private static String when(Desk desk, Booking booking) {
        return desk.terms().clock().say(booking.start(), booking.end());
    }

    /** The appointment for a calendar. */
    static CalendarEvent event(Desk desk, Booking booking, String summary) {
        return new CalendarEvent(
                booking.id() + "@ostium",
                booking.sequence(),
                booking.start(),
                booking.end(),
                summary,
                desk.name(),
                booking.place().isBlank()
                        ? desk.brief().facts().say("place", "").orElse("")
                        : booking.place(),
                switch (booking.state()) {
                    case HELD, ASKED -> CalendarEvent.Status.TENTATIVE;
                    case CANCELLED -> CalendarEvent.Status.CANCELLED;
                    default -> CalendarEvent.Status.CONFIRMED;
                },
                booking.changedAt());
    }

    private static String calendar(Desk desk, Booking booking, String summary) {
        return CalendarFile.write(desk.name(), List.of(event(desk, booking, summary)));
    }
}
