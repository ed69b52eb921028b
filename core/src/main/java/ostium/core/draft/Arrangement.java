package ostium.core.draft;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import ostium.core.site.SectionKind;

/** In which order what stands between the services and the form is read. */
public enum Arrangement {
    /** As the goal has it: who you are, what is said of you, when, where, answers. */
    USUAL("", List.of()),
    /** When and where come before who. */
    PLACE_EARLY("hours and place early", List.of(SectionKind.HOURS, SectionKind.PLACE)),
    /** Answers and the words of customers come first. */
    ANSWERS_EARLY("answers early", List.of(SectionKind.TESTIMONIALS, SectionKind.QUESTIONS));

    private final String words;
    private final List<SectionKind> early;

    Arrangement(String words, List<SectionKind> early) {
        this.words = words;
        this.early = early;
    }

    /** What is different in it, in a few words; empty for the usual one. */
    public String words() {
        return words;
    }

    /** Puts the early ones first and leaves the others in their order. */
    void arrange(List<Plan.Choice> middle) {
        middle.sort(Comparator.comparingInt(choice -> early.contains(choice.kind()) ? 0 : 1));
    }

    /** Name in stored recipes: {@code place-early}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
