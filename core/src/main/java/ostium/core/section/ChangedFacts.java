package ostium.core.section;

import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import ostium.core.brief.Brief;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.site.Node;
import ostium.core.site.Section;

/**
 * Facts that are others than they were, and the sections that show them.
 *
 * @param ids of facts that have come, gone or changed
 * @param kinds what kinds of facts these are
 * @param everything whether something has changed that every section may show: the trade, the goal, what is assumed
 */
public record ChangedFacts(Set<String> ids, Set<Class<?>> kinds, boolean everything) {

    public static ChangedFacts between(Brief before, Brief after) {
        boolean everything = before.trade() != after.trade()
                || before.workingGoal() != after.workingGoal()
                || !before.denied().equals(after.denied())
                || !before.facts().region().equals(after.facts().region());
        Map<String, Fact<?>> was = byId(before);
        Map<String, Fact<?>> is = byId(after);
        Set<String> all = new HashSet<>(was.keySet());
        all.addAll(is.keySet());
        all.removeIf(id -> was.containsKey(id) && was.get(id).equals(is.get(id)));
        Set<Class<?>> kinds = all.stream()
                .map(id ->
                        (is.containsKey(id) ? is.get(id) : was.get(id)).value().getClass())
                .collect(Collectors.toSet());
        // Facts that have only changed places, as services that were moved.
        if (all.isEmpty() && !before.facts().list().equals(after.facts().list())) {
            return new ChangedFacts(Set.of(), Set.of(), true);
        }
        return new ChangedFacts(all, kinds, everything);
    }

    private static Map<String, Fact<?>> byId(Brief brief) {
        return brief.facts().list().stream().collect(Collectors.toMap(Fact::id, Function.identity()));
    }

    /** Whether a section shows any of them: as its kind does, as a row, or in its words. */
    public boolean concern(Section section) {
        if (everything) {
            return true;
        }
        for (Class<? extends FactValue> shown : SectionKinds.of(section).dependsOn()) {
            if (kinds.stream().anyMatch(shown::isAssignableFrom)) {
                return true;
            }
        }
        return section.items().stream().anyMatch(item -> ids.contains(item.fact()))
                || section.allTexts().flatMap(text -> text.nodes()).anyMatch(this::isLinked);
    }

    private boolean isLinked(Node node) {
        return node instanceof Node.LinkedFact link && ids.contains(link.fact());
    }
}
