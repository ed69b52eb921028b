package ostium.core.draft;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import ostium.core.brief.Brief;
import ostium.core.fact.Fact;
import ostium.core.site.Node;
import ostium.core.site.Text;
import ostium.core.trade.Trade;

/** Sentences of a draft with every value of a fact replaced by its kind: what is left is what we have said ourselves. */
final class Masked {
    private final Map<String, String> words =
            new TreeMap<>(Comparator.comparingInt(String::length).reversed().thenComparing(Comparator.naturalOrder()));

    private Masked(Brief brief) {
        for (Fact<?> fact : brief.facts().list()) {
            String kind = fact.id().replaceFirst("/.*", "");
            for (String facet : fact.value().facets()) {
                fact.value().say(facet).ifPresent(said -> words.put(said, "[" + kind + "]"));
            }
        }
        for (Trade.UsualService usual : brief.trade().services()) {
            String name = usual.name();
            words.put(name, "[service]");
            words.put(name.substring(0, 1).toLowerCase() + name.substring(1), "[service]");
        }
        brief.trade().practices().forEach(practice -> {
            words.put(practice.says(), "[practice].");
            words.put(brief.voice().say(practice.says()), "[practice].");
            if (practice.apart() != null) {
                words.put(practice.apart(), "[practice]");
            }
        });
        Trade.Speech speech = brief.trade().speech();
        words.put(speech.customer() + "s", "[customers]");
        if (!speech.does().equals("work")) {
            words.put(speech.does(), "[does]");
        }
        brief.facts().all(ostium.core.fact.FactValue.Guarantee.class).forEach(fact -> {
            String said = fact.value().words();
            words.put(said.substring(0, 1).toLowerCase() + said.substring(1), "[guarantee]");
        });
        String doing = brief.trade().doing();
        if (!doing.isBlank()) {
            words.put(doing, "[trade]");
            words.put(doing.substring(0, 1).toUpperCase() + doing.substring(1), "[trade]");
        }
        brief.facts().all(ostium.core.fact.FactValue.TradeWords.class).forEach(fact -> {
            String said = fact.value().words();
            words.put(said.substring(0, 1).toUpperCase() + said.substring(1), "[trade]");
        });
        words.remove("");
    }

    /** Every sentence, heading and label we have chosen; what is nothing but a fact is not ours, and not among them. */
    static List<String> sentences(Draft draft, Brief brief) {
        Masked masked = new Masked(brief);
        return draft.site()
                .texts()
                .filter(text -> text.mark() != Text.Mark.OWN)
                .flatMap(masked::sentences)
                .toList();
    }

    /** A text with its linked facts replaced by their kind; what the trade gives to say stays. */
    static String shape(Text text, Brief brief) {
        StringBuilder plain = new StringBuilder();
        write(text.tree(), plain);
        String trade = brief.facts().say("trade", "").orElse("");
        return plain.toString()
                .strip()
                .replace(trade, "[trade]")
                .replace(trade.substring(0, 1).toUpperCase() + trade.substring(1), "[trade]");
    }

    /** The sentences of one text. */
    static List<String> sentences(Text text, Brief brief) {
        return new Masked(brief).sentences(text).toList();
    }

    /** Those that are running words: no headlines, no headings, no words of buttons. */
    static List<String> running(Draft draft, Brief brief) {
        Masked masked = new Masked(brief);
        return draft.site()
                .sections()
                .flatMap(section -> section.texts().entrySet().stream())
                .filter(entry -> List.of("lead", "story", "note", "intro").contains(entry.getKey()))
                .flatMap(entry -> masked.sentences(entry.getValue()))
                .toList();
    }

    private Stream<String> sentences(Text text) {
        List<String> all = new ArrayList<>();
        StringBuilder plain = new StringBuilder();
        write(text.tree(), plain);
        for (String sentence : plain.toString().strip().replace("\n", " ").split("(?<=[.!])\\s+")) {
            String said = mask(sentence.replaceAll("“[^”]*”", "[words]"));
            if (!said.replaceAll("\\[[a-z-]*]", "").replaceAll("[^\\p{L}]", "").isEmpty()) {
                all.add(said);
            }
        }
        return all.stream();
    }

    private String mask(String sentence) {
        String said = sentence;
        for (Map.Entry<String, String> entry : words.entrySet()) {
            said = said.replace(entry.getKey(), entry.getValue());
        }
        return said.replaceAll("\\[service](, \\[service])*( and|, and)? \\[service]", "[services]")
                .strip();
    }

    private static void write(List<Node> nodes, StringBuilder plain) {
        for (Node node : nodes) {
            if (node instanceof Node.LinkedFact linked) {
                plain.append('[').append(linked.fact().replaceFirst("/.*", "")).append(']');
            } else if (node instanceof Node.Words own) {
                plain.append(own.value());
            } else if (node instanceof Node.Paragraph paragraph) {
                write(paragraph.inside(), plain);
                plain.append('\n');
            }
        }
    }
}
