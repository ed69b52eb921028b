package ostium.core.draft;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import ostium.core.base.Seed;
import ostium.core.brief.Arrangement;
import ostium.core.brief.Brief;
import ostium.core.draft.Plan.Choice;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.SectionKinds;
import ostium.core.section.Stage;
import ostium.core.trade.Goal;

/**
 * Which sections the facts carry, in the order the goal, the arrangement and what is strong here ask for, however many pages
 * they are laid on.
 *
 * @param in those planned
 * @param out those left out
 */
record PlannedSections(List<Choice> in, List<Choice> out) {
    /** What a business of its own can put before something stronger. */
    private static final double PLAY = 0.5;

    static PlannedSections of(Brief brief) {
        List<Choice> in = new ArrayList<>();
        List<Choice> out = new ArrayList<>();
        for (SectionDescriptor kind : SectionKinds.all()) {
            kind.plan(brief)
                    .ifPresent(planned -> (planned.stands() ? in : out).add(new Choice(kind.kind(), planned.reason())));
        }
        Arrangement arrangement = brief.wishes().arrangement();
        Goal goal = brief.workingGoal();
        in.sort(Comparator.comparing((Choice choice) -> stage(choice))
                .thenComparing(choice -> isInMiddle(choice) && !kind(choice).isEarly(arrangement))
                .thenComparing(choice -> isInMiddle(choice) && kind(choice).isLate(goal))
                .thenComparing(choice -> isInMiddle(choice) ? -strength(choice, brief) : 0));
        return new PlannedSections(List.copyOf(in), List.copyOf(out));
    }

    /** Two businesses that are as strong in the same things still need not read in the same order. */
    private static double strength(Choice choice, Brief brief) {
        String name = brief.facts().say("name", "").orElse("");
        double own = new Seed(name.hashCode()).fraction(choice.kind().id());
        return kind(choice).strength(brief) + PLAY * own;
    }

    private static SectionDescriptor kind(Choice choice) {
        return SectionKinds.of(choice.kind());
    }

    private static Stage stage(Choice choice) {
        return kind(choice).stage();
    }

    private static boolean isInMiddle(Choice choice) {
        return stage(choice) == Stage.MIDDLE;
    }
}
