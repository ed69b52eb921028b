package ostium.render;

import java.util.List;
import java.util.stream.Stream;
import ostium.core.draft.Brief;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Telephone;
import ostium.core.hours.SpecialHours;
import ostium.core.hours.When;

/** How and when a business is reached, as a page says it. Holds no rule of its own. */
public final class ReachFacts {
    private static final int DAYS_OF_A_WEEK = 7;

    private final Brief brief;
    private final Facts facts;
    private final BusinessFacts business;
    private final Telephone telephone;

    ReachFacts(Brief brief, BusinessFacts business) {
        this.brief = brief;
        this.facts = brief.facts();
        this.business = business;
        this.telephone = facts.one(Telephone.class).orElse(null);
    }

    public Telephone telephone() {
        return telephone;
    }

    public EmailAddress email() {
        return facts.one(EmailAddress.class).orElse(null);
    }

    /** Where text messages go, or null. */
    public Telephone texts() {
        return facts.one(FactValue.TextNumber.class)
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
        return business.firstName().isEmpty() ? "Call" : "Call " + business.firstName();
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
                .map(fact ->
                        (fact.value().use() == FactValue.HoursFor.Use.TELEPHONE ? "On the telephone " : "Appointments ")
                                + fact.value().week().sayOpen())
                .toList();
    }

    /** Days and seasons with other hours that are still to come, those of the coming week first. */
    public List<String> specialHours() {
        List<SpecialHours> all =
                facts.one(FactValue.Special.class).map(FactValue.Special::all).orElse(List.of());
        List<SpecialHours> soon = facts.openingTimes()
                .map(times -> times.within(brief.today(), DAYS_OF_A_WEEK))
                .orElse(List.of());
        return Stream.concat(soon.stream(), all.stream())
                .distinct()
                .filter(hours ->
                        !(hours.when() instanceof When.Once once) || !once.to().isBefore(brief.today()))
                .map(SpecialHours::say)
                .toList();
    }
}
