package ostium.core.paste;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ostium.core.base.Reading.Span;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;
import ostium.core.trade.TradeCatalogue.Mention;

/**
 * The trade a text speaks of, from all that it says of it: a name that stands in the name of the business says most, then one at
 * the head of the text; one in a row of a price list may be no more than one thing of many.
 */
final class TradeEvidence {
    private static final double IN_THE_NAME = 4;
    private static final double AT_THE_HEAD = 2;
    private static final double IN_A_ROW = 0.4;
    private static final int HEAD_LINES = 3;
    /** A name this much longer says twice as much. */
    private static final double LENGTH = 12;

    private static final int MOST_TIMES = 3;
    private static final int MOST = 3;
    /** Of the evidence for the likeliest. */
    private static final double NEAR_ENOUGH = 0.35;

    private static final int SHORT_LINE = 40;
    private static final int BEFORE = 40;
    private static final Pattern COLON = Pattern.compile("[^:\\n]{3,40}(?=:)");
    private static final Pattern PLACE_BEFORE = Pattern.compile(
            "\\b(?:above|over|opposite|next(?: door)? to|behind|beside|near|past|over der|neben der|gegenüber der|au-dessus de la)"
                    + "\\s+(?:(?:the|an?|old|former|new)\\s+){1,3}$");

    private static final Pattern FOR_BEFORE = Pattern.compile("\\b(?:for|für|pour|para)\\s+(?:(?:the|your|our)\\s+)?$");

    private TradeEvidence() {}

    /** The name that says best what the trade is, where it stands; empty where none does. */
    static Optional<Mention> in(TextFinder.Words words) {
        return ranked(words).stream().findFirst();
    }

    /** The trades it may be, each by the name that says it best, the likeliest first; those far behind are left out. */
    static List<Mention> ranked(TextFinder.Words words) {
        Map<Trade, List<Double>> said = new HashMap<>();
        Map<Trade, Mention> best = new HashMap<>();
        Map<Trade, Double> most = new HashMap<>();
        for (Mention mention : mentions(words)) {
            if (isInAddress(words, mention) || isPlace(words, mention)) {
                continue;
            }
            double weight = weight(words, mention);
            said.computeIfAbsent(mention.trade(), fresh -> new ArrayList<>()).add(weight);
            // A name of the business is a name; what it says beside it is how it calls its trade.
            double telling = weight > IN_THE_NAME && isInName(words, mention) ? weight / (2 * IN_THE_NAME) : weight;
            if (telling > most.getOrDefault(mention.trade(), 0.0)) {
                most.put(mention.trade(), telling);
                best.put(mention.trade(), mention);
            }
        }
        List<Map.Entry<Trade, Double>> sums = said.entrySet().stream()
                .map(each -> Map.entry(each.getKey(), sum(each.getValue())))
                .sorted(Comparator.comparingDouble((Map.Entry<Trade, Double> each) -> -each.getValue())
                        .thenComparing(each -> best.get(each.getKey()).from()))
                .toList();
        if (sums.isEmpty()) {
            return headline(words).stream().toList();
        }
        return sums.stream()
                .filter(each -> each.getValue() >= sums.get(0).getValue() * NEAR_ENOUGH)
                .limit(MOST)
                .map(each -> best.get(each.getKey()))
                .toList();
    }

    /**
     * Those anywhere in the text, and what single words say in the name, or where they begin a line of the head:
     * "Tutoring: maths and physics".
     */
    private static Set<Mention> mentions(TextFinder.Words words) {
        Set<Mention> all = new LinkedHashSet<>(TradeCatalogue.shipped().mentions(words.text()));
        words.found().stream()
                .filter(found -> found.what().equals("name"))
                .forEach(name -> called(words, name.at()).forEach(all::add));
        words.lines().stream()
                .limit(HEAD_LINES)
                .filter(line -> line.to() - line.from() <= SHORT_LINE
                        || COLON.matcher(words.at(line)).lookingAt())
                .forEach(line -> called(words, line)
                        .filter(mention -> isMarks(words.text().substring(line.from(), mention.from())))
                        .forEach(all::add));
        return all;
    }

    /** Where nothing else says it, what the first words are nearest to: "CLOCKS REPAIRED". */
    private static Optional<Mention> headline(TextFinder.Words words) {
        return words.fragments().stream()
                .findFirst()
                .filter(first -> first.to() - first.from() <= SHORT_LINE && words.isFree(first))
                .flatMap(first -> Optional.of(TradeCatalogue.shipped().find(words.at(first)))
                        .filter(TradeCatalogue.Found::near)
                        .map(near -> new Mention(near.trade(), words.at(first), first.from(), first.to())));
    }

    private static boolean isMarks(String before) {
        return before.chars().noneMatch(Character::isLetterOrDigit);
    }

    private static Stream<Mention> called(TextFinder.Words words, Span span) {
        String said = words.at(span);
        Matcher colon = COLON.matcher(said);
        return TradeCatalogue.shipped().mentionsInName(colon.lookingAt() ? colon.group() : said).stream()
                .map(each ->
                        new Mention(each.trade(), each.name(), span.from() + each.from(), span.from() + each.to()));
    }

    /** "Above the old bakery" says where, and not what. */
    private static boolean isPlace(TextFinder.Words words, Mention mention) {
        String before = words.lower().substring(Math.max(0, mention.from() - BEFORE), mention.from());
        return PLACE_BEFORE.matcher(before).find();
    }

    /** "Certificates given for insurance": whom or what it is for, and seldom what is done. */
    private static boolean isForWhom(TextFinder.Words words, Mention mention) {
        String before = words.lower().substring(Math.max(0, mention.from() - BEFORE), mention.from());
        return FOR_BEFORE.matcher(before).find();
    }

    private static double sum(List<Double> weights) {
        return weights.stream()
                .sorted(Comparator.reverseOrder())
                .limit(MOST_TIMES)
                .mapToDouble(Double::doubleValue)
                .sum();
    }

    private static double weight(TextFinder.Words words, Mention mention) {
        double length = 1 + mention.name().length() / LENGTH;
        boolean named = words.found().stream()
                .anyMatch(found -> found.what().equals("name") && near(words, found.at(), mention));
        boolean row = words.found().stream().anyMatch(found -> found.service() != null && holds(found.at(), mention));
        boolean head = words.lines().stream().limit(HEAD_LINES).anyMatch(line -> holds(line, mention));
        return length
                * (isForWhom(words, mention) ? IN_A_ROW : 1)
                * (named ? IN_THE_NAME : row ? IN_A_ROW : head ? AT_THE_HEAD : 1);
    }

    /** What a link or a mail address is called after is often the trade, but says it of nobody in particular. */
    private static boolean isInAddress(TextFinder.Words words, Mention mention) {
        return words.found().stream()
                .anyMatch(found ->
                        (found.what().equals(Found.LINK) || found.what().equals("email"))
                                && holds(found.at(), mention));
    }

    private static boolean isInName(TextFinder.Words words, Mention mention) {
        return words.found().stream().anyMatch(found -> found.what().equals("name") && holds(found.at(), mention));
    }

    private static boolean holds(Span span, Mention mention) {
        return span.from() <= mention.from() && mention.to() <= span.to();
    }

    /** In the name, or in the rest of its sentence: "Spoke and Teasel, mobile bike repairs". */
    private static boolean near(TextFinder.Words words, Span name, Mention mention) {
        return holds(name, mention)
                || words.fragments().stream()
                        .anyMatch(each -> holds(each, mention) && each.from() <= name.from() && name.to() <= each.to());
    }
}
