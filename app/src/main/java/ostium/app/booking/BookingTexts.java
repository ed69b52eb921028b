package ostium.app.booking;

import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import ostium.app.text.TextMessage;
import ostium.app.text.TextQueue;
import ostium.core.base.Messages;
import ostium.core.fact.Telephone;

/** The texts of a booking, as the owner wants them: to a mobile number that was left, and to the owner's own. */
@Component
class BookingTexts {
    private static final Messages WORDS = Messages.of("booking-text");

    /** After these the time can still be changed. */
    private static final Set<String> CHANGEABLE = Set.of("booked", "moved", "reminder");

    private final TextQueue texts;

    BookingTexts(TextQueue texts) {
        this.texts = texts;
    }

    /**
     * @param what what happened, as the messages name it
     * @param link where it is moved or called off
     */
    void toCustomer(Desk desk, Booking booking, String what, Optional<String> link) {
        if (!desk.terms().rules().texts().customers()) {
            return;
        }
        String change = link.filter(any -> CHANGEABLE.contains(what))
                .map(address -> WORDS.say("change", address))
                .orElse("");
        send(
                desk,
                booking,
                booking.customer().telephone(),
                WORDS.say(what, booking.serviceName(), when(desk, booking), desk.name(), change));
    }

    void toOwner(Desk desk, Booking booking, String what) {
        send(
                desk,
                booking,
                desk.terms().rules().texts().to(),
                WORDS.say(what, booking.customer().name(), booking.serviceName(), when(desk, booking)));
    }

    private void send(Desk desk, Booking booking, String number, String words) {
        Telephone.read(number, desk.brief().facts().region())
                .value()
                .filter(Telephone::takesTexts)
                .ifPresent(mobile -> texts.send(new TextMessage(
                        mobile.e164(),
                        words,
                        TextMessage.About.booking(desk.site().id(), booking.id()))));
    }

    private static String when(Desk desk, Booking booking) {
        return desk.terms().clock().say(booking.start(), booking.end());
    }
}
