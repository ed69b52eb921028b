package ostium.core.paste;

import java.util.List;
import java.util.Locale;
import ostium.core.base.Reading.Span;
import ostium.core.sheet.TypedSheet;
import ostium.core.trade.TradeCatalogue;

/** Finds who it is: the name of the business, somebody's name, and the trade, in this order, as each needs what is left. */
final class WhoFinder {
    private static final int MOST_LINES = 80;

    private final TextFinder.Words words;
    private final TypedSheet sheet;

    WhoFinder(TextFinder.Words words, TypedSheet sheet) {
        this.words = words;
        this.sheet = sheet;
    }

    void find() {
        List<Span> lines = words.fragments().stream().limit(MOST_LINES).toList();
        lines.stream().filter(line -> Greetings.isFarewell(words.at(line))).forEach(words::setAside);
        new BusinessNameFinder(words, sheet).find(lines).ifPresent(words::take);
        new PersonFinder(words).find(lines).ifPresent(words::take);
        trade(lines);
    }

    private void trade(List<Span> lines) {
        List<TradeCatalogue.Mention> ranked = TradeEvidence.ranked(words);
        if (ranked.isEmpty()) {
            return;
        }
        List<String> said = ranked.stream()
                .map(each -> words.at(new Span(each.from(), each.to())).toLowerCase(Locale.ROOT))
                .toList();
        Span at = new Span(ranked.get(0).from(), ranked.get(0).to());
        // A line that says the trade and nothing else is understood by it.
        lines.stream()
                .filter(line -> line.from() <= at.from() && at.to() <= line.to() && words.isFree(line))
                .findFirst()
                .ifPresent(words::setAside);
        words.take(new Found("trade", said.get(0), at, Sureness.LIKELY, said.subList(1, said.size()), null, null));
    }
}
