package ostium.core.draft;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import ostium.core.RichBusinesses;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.brief.Tone;
import ostium.core.site.PlainText;
import ostium.core.site.Section;

/**
 * Prints drafts to be read aloud, those of {@code docs/words-reading.md}: ten businesses about which much is known, four
 * drafts of each, in the tones its trade can take.
 *
 * <pre>java … ostium.core.draft.ReadingAloud</pre>
 */
public final class ReadingAloud {
    private static final int DRAFTS = 4;

    private ReadingAloud() {}

    public static void main(String[] none) {
        List<Brief> businesses = RichBusinesses.all();
        for (int i = 0; i < businesses.size(); i++) {
            Brief brief = businesses.get(i);
            List<Tone> tones = Arrays.stream(Tone.values())
                    .filter(tone -> tone.suits(brief.trade()))
                    .toList();
            for (int turn = 0; turn < DRAFTS; turn++) {
                Tone tone = tones.get((i + turn) % tones.size());
                print(brief.withTone(tone), tone, 100L + i * DRAFTS + turn);
            }
        }
    }

    private static void print(Brief brief, Tone tone, long seed) {
        Draft draft = Drafter.draft(brief, new Seed(seed));
        System.out.println("\n## " + RichBusinesses.name(brief) + " · " + tone.id() + " · " + seed);
        System.out.println(
                draft.site().shownSections().map(section -> section.kind().id()).collect(Collectors.joining(" ")));
        for (Section section : draft.site().sections().toList()) {
            section.texts()
                    .forEach((slot, text) -> System.out.println(section.kind().id() + "." + slot + ": "
                            + PlainText.of(text, brief.facts()).replace("\n", " | ")));
            List<String> rows = section.items().stream()
                    .flatMap(item -> item.texts().values().stream())
                    .map(text -> "  - " + PlainText.of(text, brief.facts()))
                    .toList();
            rows.forEach(System.out::println);
        }
    }
}
