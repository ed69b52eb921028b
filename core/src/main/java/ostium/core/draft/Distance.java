package ostium.core.draft;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ostium.core.fact.Facts;
import ostium.core.section.SectionKinds;
import ostium.core.site.PlainText;
import ostium.core.site.Section;
import ostium.core.site.Site;
import ostium.core.site.Slot;

/**
 * How far two drafts of one business are apart, each part in {@code [0, 1]}.
 *
 * @param plan pages, order and layouts of sections
 * @param words share of sentences that stand in one of them only
 * @param house 1 for two houses
 * @param colours as the eye sees them
 */
public record Distance(double plan, double words, double house, double colours) {
    private static final Map<Pin, Double> LEFT_BY_PINS = Map.of(Pin.WORDS, 0.35, Pin.LOOK, 0.45, Pin.ORDER, 0.2);

    public static Distance between(Draft one, Draft other, Facts facts) {
        return new Distance(
                plan(one.site(), other.site()),
                words(one.site(), other.site(), facts),
                one.look().house() == other.look().house() ? 0 : 1,
                one.look().mix().distance(other.look().mix()));
    }

    /** All of it as one number, {@code [0, 1]}. */
    public double total() {
        return 0.2 * plan + 0.35 * words + 0.25 * house + 0.2 * colours;
    }

    /** The share of the whole that can differ at all while something is pinned. */
    static double free(Set<Pin> pins) {
        return 1 - pins.stream().mapToDouble(LEFT_BY_PINS::get).sum();
    }

    private static double plan(Site one, Site other) {
        double pages = one.pages().size() == other.pages().size() ? 0 : 1;
        double order = kinds(one).equals(kinds(other)) ? 0 : 1;
        List<String> layouts = layouts(one);
        List<String> others = layouts(other);
        long same = layouts.stream().filter(others::contains).count();
        double laidOut = 1 - (double) same / Math.max(1, Math.max(layouts.size(), others.size()));
        return 0.3 * pages + 0.3 * order + 0.4 * laidOut;
    }

    private static List<String> kinds(Site site) {
        return site.shownSections().map(section -> section.kind().name()).toList();
    }

    private static List<String> layouts(Site site) {
        return site.shownSections()
                .map(section -> section.kind() + " " + section.layout())
                .toList();
    }

    private static double words(Site one, Site other, Facts facts) {
        Set<String> mine = sentences(one, facts);
        Set<String> others = sentences(other, facts);
        Set<String> same = new HashSet<>(mine);
        same.retainAll(others);
        int fewer = Math.min(mine.size(), others.size());
        return fewer == 0 ? 0 : 1 - (double) same.size() / fewer;
    }

    private static Set<String> sentences(Site site, Facts facts) {
        return site.shownSections()
                .flatMap(section -> sentences(section, facts))
                .collect(Collectors.toSet());
    }

    private static Stream<String> sentences(Section section, Facts facts) {
        return SectionKinds.of(section).slots().stream()
                .filter(slot -> slot.shape() != Slot.Shape.LINE)
                .flatMap(slot -> section.text(slot.name()).stream())
                .flatMap(text -> Stream.of(PlainText.of(text, facts).split("(?<=[.?!])\\s+")))
                .filter(sentence -> !sentence.isBlank());
    }
}
