package ostium.core.section.opening;

import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ostium.core.base.Messages;
import ostium.core.brief.Brief;
import ostium.core.fact.Area;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.hours.SpecialHours;
import ostium.core.hours.When;
import ostium.core.site.PlainText;
import ostium.core.site.Section;
import ostium.core.site.Text;
import ostium.core.trade.Trade;

/**
 * What stands on the first screen beside its words: what it is and where, the strongest practice, the next closure. Nothing the
 * words say already is shown a second time.
 */
public final class FirstScreen {
    /** Days ahead from which a closure is told on the first screen. */
    public static final int CLOSURE_AHEAD = 30;

    private static final Messages WORDS = Messages.of("opening");
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);

    private final Brief brief;
    private final List<Text> texts;

    /** @param opening the section with the words of the first screen */
    public FirstScreen(Section opening, Brief brief) {
        this.brief = brief;
        this.texts = List.of("headline", "lead").stream()
                .flatMap(slot -> opening.text(slot).stream())
                .toList();
    }

    /** Whether the trade has to be named beside the words. */
    public boolean wantsTrade() {
        return !tells(FactValue.TradeWords.class);
    }

    /** Whether it has to be named where the business is or where it comes to: a street without its town is not enough. */
    public boolean wantsPlace() {
        boolean town = brief.facts().town().map(this::isWritten).orElse(false);
        return !town && !tells(Area.class);
    }

    /** The strongest practice the words do not speak of. */
    public Optional<Trade.UsualPractice> practice() {
        Set<String> told = told();
        return brief.practices().stream()
                .filter(practice -> brief.facts().all(FactValue.Practice.class).stream()
                        .noneMatch(fact -> fact.value().key().equals(practice.key()) && told.contains(fact.id())))
                .findFirst();
    }

    /** The next days on which the business is closed against its habit, when they are near, as a sentence without a stop. */
    public static Optional<String> closure(Brief brief) {
        return nextClosure(brief).map(FirstScreen::say);
    }

    private static String say(SpecialHours special) {
        if (!(special.when() instanceof When.Once once)) {
            return special.say();
        }
        return once.from().equals(once.to())
                ? WORDS.say("closure.day", DAY.format(once.from()))
                : WORDS.say("closure.days", DAY.format(once.from()), DAY.format(once.to()));
    }

    private static Optional<SpecialHours> nextClosure(Brief brief) {
        return brief.facts()
                .openingTimes()
                .flatMap(times -> times.within(brief.today().date(), CLOSURE_AHEAD).stream()
                        .filter(special ->
                                special.week().days().values().stream().noneMatch(day -> day.isOpen()))
                        .findFirst());
    }

    private boolean tells(Class<? extends FactValue> kind) {
        Set<String> told = told();
        return brief.facts().all(kind).stream().anyMatch(fact -> told.contains(fact.id()) || isWritten(fact));
    }

    /** Facts our own words stand on. */
    private Set<String> told() {
        return texts.stream()
                .filter(text -> text.mark() != Text.Mark.OWN)
                .flatMap(text -> text.origin().needs().stream())
                .collect(Collectors.toSet());
    }

    /** Whether the owner has written a fact into words of their own. */
    private boolean isWritten(Fact<? extends FactValue> fact) {
        return fact.value().facets().stream()
                .flatMap(facet -> fact.value().say(facet).stream())
                .filter(said -> said.length() > 2)
                .anyMatch(this::isWritten);
    }

    private boolean isWritten(String words) {
        return texts.stream()
                .map(text -> PlainText.of(text, brief.facts()).toLowerCase(Locale.ROOT))
                .anyMatch(written -> written.contains(words.toLowerCase(Locale.ROOT)));
    }
}
