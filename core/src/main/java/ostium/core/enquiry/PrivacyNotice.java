package ostium.core.enquiry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ostium.core.base.Messages;
import ostium.core.booking.BookingRules;
import ostium.core.brief.Brief;
import ostium.core.door.Doors;
import ostium.core.door.book.BookDoor;
import ostium.core.door.call.CallDoor;
import ostium.core.door.email.EmailDoor;
import ostium.core.form.Field;
import ostium.core.form.FieldKind;
import ostium.core.form.Form;
import ostium.core.form.FormPurpose;
import ostium.core.site.Section;
import ostium.core.site.Site;

/**
 * What a visitor may know before writing: who keeps it, what, why, for how long, and how to have it deleted (GDPR, article 13).
 * Made from the forms and the booking as they are, so that it says neither more nor less.
 */
public final class PrivacyNotice {
    private static final Messages WORDS = Messages.of("privacy");
    private static final int YEAR = 12;

    private final Site site;
    private final Brief brief;
    private final Doors doors;

    public PrivacyNotice(Site site, Brief brief, Doors doors) {
        this.site = site;
        this.brief = brief;
        this.doors = doors;
    }

    /** A heading with its sentences. */
    public record Part(String heading, List<String> sentences) {}

    /** The parts in order; none on a site where nothing can be written. */
    public List<Part> parts() {
        List<Section> sections = SectionForms.in(site);
        boolean books = isOpen(BookDoor.KIND.id());
        if (sections.isEmpty() && !books) {
            return List.of();
        }
        List<Part> parts = new ArrayList<>();
        parts.add(part("who", who()));
        parts.add(part(
                "what",
                Stream.concat(sections.stream().map(this::what), books ? Stream.of(whatIsBooked()) : Stream.empty())
                        .distinct()
                        .toList()));
        parts.add(part("why", why(books)));
        parts.add(part("long", howLong(books)));
        parts.add(part("read", List.of(WORDS.say("read.only", name()), WORDS.say("read.cookies"))));
        parts.add(part("say", List.of(say())));
        return parts;
    }

    private static Part part(String key, List<String> sentences) {
        return new Part(WORDS.say(key), sentences);
    }

    private String name() {
        return brief.facts().say("name", "").orElse(WORDS.say("business"));
    }

    private List<String> who() {
        List<String> lines = new ArrayList<>(List.of(name()));
        brief.facts().say("place", "").ifPresent(lines::add);
        return lines;
    }

    private String what(Section section) {
        Form form = SectionForms.of(section, brief, doors);
        String asked = form.fields().stream()
                .filter(field -> field.kind() != FieldKind.CONSENT)
                .map(Field::label)
                .collect(Collectors.joining(" · "));
        return WORDS.say(form.purpose() == FormPurpose.LIST ? "what.list" : "what.asked", asked);
    }

    private boolean has(FormPurpose purpose) {
        return !SectionForms.in(site, purpose).isEmpty();
    }

    private List<String> why(boolean books) {
        List<String> lines = new ArrayList<>();
        if (books || has(FormPurpose.ENQUIRY)) {
            lines.add(WORDS.say(books ? "why.book" : "why.answer"));
            lines.add(WORDS.say("why.words"));
        }
        if (has(FormPurpose.LIST)) {
            lines.add(WORDS.say("why.list"));
        }
        return lines;
    }

    private List<String> howLong(boolean books) {
        List<String> lines = new ArrayList<>();
        if (books || has(FormPurpose.ENQUIRY)) {
            lines.add(howLong());
        }
        if (books) {
            lines.add(WORDS.say("long.booked"));
        }
        if (has(FormPurpose.LIST)) {
            lines.add(WORDS.say("long.list"));
        }
        return lines;
    }

    private String whatIsBooked() {
        return WORDS.say(
                doors.bookingRules().filter(BookingRules::travels).isPresent() ? "what.bookedPlace" : "what.booked");
    }

    private String howLong() {
        int months = doors.keptMonths();
        if (months == 0) {
            return WORDS.say("long.needed");
        }
        return months % YEAR == 0
                ? WORDS.say(months == YEAR ? "long.year" : "long.years", months / YEAR)
                : WORDS.say("long.months", months);
    }

    /** How they are reached: by what stands open on the page. */
    private String say() {
        Optional<String> mail = open(EmailDoor.KIND.id(), "email", "");
        Optional<String> telephone = open(CallDoor.KIND.id(), "telephone", "national");
        return mail.or(() -> telephone)
                .map(reach -> WORDS.say("say.ask", reach))
                .orElse(WORDS.say(has(FormPurpose.ENQUIRY) ? "say.form" : "say.anyWay"));
    }

    private Optional<String> open(String door, String fact, String facet) {
        return isOpen(door) ? brief.facts().say(fact, facet) : Optional.empty();
    }

    private boolean isOpen(String door) {
        return doors.open(brief.facts(), site).stream()
                .anyMatch(kind -> kind.id().equals(door));
    }
}
