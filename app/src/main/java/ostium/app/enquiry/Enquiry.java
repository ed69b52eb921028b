package ostium.app.enquiry;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import ostium.app.mail.MailQueue;
import ostium.core.enquiry.EnquiryState;
import ostium.core.enquiry.Reach;
import ostium.core.hours.OpenSpan;

/**
 * A message as the owner sees it, with all that was done since.
 *
 * @param setAside why it was set aside without the owner, in sentences; empty where it was not
 * @param files photographs and PDFs that came with it
 * @param due by when it is to be answered, as the owner promises; null where nobody waits or no time is promised
 * @param work the hours of work from the message to that time, or to now where it is over; empty where nobody waits
 * @param person who it is from; null where they left no way to be reached
 * @param askAgain day on which the owner wants to ask again, or null
 * @param words what they were asked to say of it once it was done; null where they were not
 */
public record Enquiry(
        String id,
        EnquiryState state,
        Came came,
        Instant receivedAt,
        List<String> setAside,
        List<Answer> answers,
        List<Attached> files,
        List<MailQueue.Delivery> deliveries,
        @Schema(nullable = true) Instant due,
        List<OpenSpan> work,
        @Schema(nullable = true) Person person,
        @Schema(nullable = true) LocalDate askAgain,
        List<Entry> entries,
        @Schema(nullable = true) AskedWords words) {

    /** How it came. */
    public enum Came {
        FORM,
        /** Written down by the owner, after a call or a visit. */
        WRITTEN,
        /** A test of the form. */
        TEST
    }

    /** One answer of a visitor, with the question as it stood on the page. */
    public record Answer(String key, String label, String value) {}

    /**
     * A file that came with it.
     *
     * @param position which of them, from 0
     * @param weight its size in words
     * @param shown whether it can be shown as a picture
     */
    public record Attached(int position, String name, String weight, boolean shown) {}

    /**
     * Who it is from.
     *
     * @param key the same in every message of one person
     * @param reach as people write it
     * @param uri what a press opens
     * @param mail whether a mail reaches them
     */
    public record Person(String key, String reach, String uri, boolean mail) {}

    /** Something the owner or a helper did after it. */
    public record Entry(String id, Kind kind, String words, String author, Instant at) {
        /** What was done. */
        public enum Kind {
            NOTE,
            CALL,
            REPLY
        }
    }

    /** How whoever answered is reached; the first way they left counts. */
    static Optional<Reach> reach(List<Answer> answers, String region) {
        return Reach.KEYS.stream()
                .flatMap(key -> answers.stream().filter(answer -> answer.key().equals(key)))
                .flatMap(answer -> Reach.read(answer.value(), region).stream())
                .findFirst();
    }

    /** What was answered to a question of the form. */
    public Optional<String> answer(String key) {
        return answers.stream()
                .filter(answer -> answer.key().equals(key))
                .map(Answer::value)
                .findFirst();
    }
}
