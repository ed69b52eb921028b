package ostium.render;

import java.util.List;
import java.util.stream.Stream;
import ostium.core.base.Messages;
import ostium.core.brief.Brief;
import ostium.core.door.DoorKind;
import ostium.core.door.FoundDoor;
import ostium.core.door.call.CallDoor;
import ostium.core.door.email.EmailDoor;
import ostium.core.door.text.TextDoor;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Telephone;
import ostium.core.hours.SpecialHours;
import ostium.core.hours.When;

/** How and when a business is reached, as a page says it. Holds no rule of its own. */
public final class ReachFacts {
    private static final Messages WORDS = Messages.of("page");
    private static final int DAYS_OF_A_WEEK = 7;

    private final Brief brief;
    private final Facts facts;
    private final BusinessFacts business;
    private final List<FoundDoor> doors;

    /** @param doors as a visitor finds them */
    ReachFacts(Brief brief, List<FoundDoor> doors) {
        this.brief = brief;
        this.facts = brief.facts();
        this.business = new BusinessFacts(brief);
        this.doors = doors;
    }

    /** What is said of the hours, where no doors are shown. */
    ReachFacts(Brief brief) {
        this(brief, List.of());
    }

    private FoundDoor door(DoorKind kind) {
        return doors.stream()
                .filter(door -> door.kind().equals(kind) && door.isOpen())
                .findFirst()
                .orElse(null);
    }

    /** The door of calling; null when it is not open. */
    public FoundDoor call() {
        return door(CallDoor.KIND);
    }

    /** The door of mail; null when it is not open. */
    public FoundDoor mail() {
        return door(EmailDoor.KIND);
    }

    /** The number behind the door of calling; null when that is not open. */
    public Telephone telephone() {
        return call() == null ? null : facts.one(Telephone.class).orElse(null);
    }

    /** The address behind the door of mail; null when that is not open. */
    public EmailAddress email() {
        return mail() == null ? null : facts.one(EmailAddress.class).orElse(null);
    }

    /** The address of a text message to the business. */
    public String textAddress() {
        return door(TextDoor.KIND).address();
    }

    /** Where text messages go, or null. */
    public Telephone texts() {
        return door(TextDoor.KIND) == null
                ? null
                : facts.one(FactValue.TextNumber.class)
                        .map(FactValue.TextNumber::number)
                        .orElse(null);
    }

    /** Further numbers with what they are for. */
    public List<FactValue.NamedTelephone> furtherNumbers() {
        return facts.all(FactValue.NamedTelephone.class).stream()
                .map(Fact::value)
                .toList();
    }

    public String callWords() {
        return business.firstName().isEmpty() ? WORDS.say("callPlain") : WORDS.say("callThem", business.firstName());
    }

    /** "Or call Ada", beside the form. */
    public String orCall() {
        return business.firstName().isEmpty() ? WORDS.say("orCall") : WORDS.say("orCallThem", business.firstName());
    }

    public Hours hours() {
        return facts.one(FactValue.Hours.class)
                .map(hours -> new Hours(hours.week()))
                .orElse(null);
    }

    /** The open days, one group a line. */
    public List<String> hoursLines() {
        return facts.one(FactValue.Hours.class)
                .map(hours -> List.of(hours.week().sayOpen().split(" · ")))
                .orElse(List.of());
    }

    public String hoursInShort() {
        return String.join(", ", hoursLines());
    }

    /** Hours of other kinds, each with what happens in them. */
    public List<String> otherHours() {
        return facts.all(FactValue.HoursFor.class).stream()
                .map(fact -> WORDS.say(
                        fact.value().use() == FactValue.HoursFor.Use.TELEPHONE
                                ? "hours.telephone"
                                : "hours.appointments",
                        fact.value().week().sayOpen()))
                .toList();
    }

    /** Days and seasons with other hours that are still to come, those of the coming week first. */
    public List<String> specialHours() {
        List<SpecialHours> all =
                facts.one(FactValue.Special.class).map(FactValue.Special::all).orElse(List.of());
        List<SpecialHours> soon = facts.openingTimes()
                .map(times -> times.within(brief.today().date(), DAYS_OF_A_WEEK))
                .orElse(List.of());
        return Stream.concat(soon.stream(), all.stream())
                .distinct()
                .filter(hours -> !(hours.when() instanceof When.Once once)
                        || !once.to().isBefore(brief.today().date()))
                .map(SpecialHours::say)
                .toList();
    }
}
