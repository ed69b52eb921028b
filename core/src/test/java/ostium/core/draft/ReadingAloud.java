package ostium.core.draft;

import java.util.List;
import ostium.core.InventedBusinesses;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.brief.Tone;
import ostium.core.site.PlainText;
import ostium.core.site.Section;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

/**
 * Prints drafts to be read aloud: some trades in every tone.
 *
 * <pre>java … ostium.core.draft.ReadingAloud chimney-sweep tailor</pre>
 */
public final class ReadingAloud {
    private ReadingAloud() {}

    public static void main(String[] trades) {
        int number = 0;
        for (String id : trades) {
            Trade trade = TradeCatalogue.shipped().byId(id);
            for (Tone tone : Tone.values()) {
                print(InventedBusinesses.brief(trade, number++).withTone(tone), tone);
            }
        }
    }

    private static void print(Brief brief, Tone tone) {
        Draft draft = Drafter.draft(brief, new Seed(brief.facts().hashCode()));
        System.out.println("\n=== " + brief.trade().id() + " · " + tone.words() + " · "
                + draft.plan().extentReason());
        for (Section section : draft.site().sections().toList()) {
            section.texts()
                    .forEach((slot, text) -> System.out.println(section.kind() + "." + slot + ": "
                            + PlainText.of(text, brief.facts()).replace("\n", " | ")));
            List<String> rows = section.items().stream()
                    .flatMap(item -> item.texts().values().stream())
                    .map(text -> "  - " + PlainText.of(text, brief.facts()))
                    .toList();
            rows.forEach(System.out::println);
        }
    }
}
