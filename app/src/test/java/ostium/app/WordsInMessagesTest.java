package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import ostium.core.base.Messages;

/** Every word an owner or a visitor reads stands in a file of messages, so that another language is data. */
class WordsInMessagesTest {
    /** Words in code that nobody is told, besides the language of the database and what is made up for a demo. */
    private static final Set<String> NOT_SAID = Set.of(
            // Understood when somebody types or pastes it.
            "core/enquiry/PromisedAnswer",
            "core/fact/Price",
            "core/hours/Holiday",
            "core/hours/HoursParser",
            "core/paste/LabelledFinder",
            "core/paste/PriceListFinder",
            "core/trade/TradeSearch",
            // Turned into other words, or a pattern of a date.
            "core/brief/Voice",
            "core/sheet/HoursLines",
            // What another program says.
            "core/picture/PhotographReader",
            "core/trade/TradeFile",
            // A tool in a terminal, as its help says.
            "render/DraftCommand");

    private static final Pattern COMMENT =
            Pattern.compile("/\\*.*?\\*/|//[^\"\n]*$", Pattern.DOTALL | Pattern.MULTILINE);
    private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\\n]|\\\\.)*)\"");
    private static final Pattern WORDS = Pattern.compile("[A-Za-z]{2,} [a-z]{2,}");
    private static final Pattern NO_WORDS = Pattern.compile("(?i)[\\\\\\[\\]|(){}^$<]|default-src");
    private static final Pattern FOR_US = Pattern.compile("Exception\\(|LOG|getLogger|failed\\(");

    private record Source(String name, String code) {
        /** What stands between the last end of a statement and a place. */
        String statement(int at) {
            String before = code.substring(0, at);
            int end = Math.max(before.lastIndexOf(';'), Math.max(before.lastIndexOf('{'), before.lastIndexOf('}')));
            return before.substring(end + 1);
        }
    }

    private static List<Source> sources() {
        List<Source> sources = new ArrayList<>();
        for (String part : List.of("core", "render", "app")) {
            Path root = TestDatabase.root().resolve(part + "/src/main/java/ostium");
            try (Stream<Path> files = Files.walk(root)) {
                files.filter(file -> file.toString().endsWith(".java"))
                        .forEach(file -> sources.add(new Source(
                                root.relativize(file).toString().replaceFirst("\\.java$", ""),
                                COMMENT.matcher(read(file)).replaceAll(""))));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return sources;
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void noneStandsInCode() {
        List<String> found = new ArrayList<>();
        for (Source source : sources()) {
            if (NOT_SAID.contains(source.name()) || source.name().matches("app/(demo|standin)/.*|.*Mapper")) {
                continue;
            }
            Matcher literal = LITERAL.matcher(source.code());
            while (literal.find()) {
                String says = literal.group(1);
                if (WORDS.matcher(says).find()
                        && !NO_WORDS.matcher(says).find()
                        && !FOR_US.matcher(source.statement(literal.start())).find()) {
                    found.add(source.name() + ": " + says);
                }
            }
        }
        assertThat(found).as("words that belong into messages/en").isEmpty();
    }

    @Test
    void whatIsSaidByItsKeyIsThere() {
        Map<String, Pattern> said = Map.of(
                "WORDS", Pattern.compile("\\bWORDS\\.say\\(\\s*\"([^\"]+)\"\\s*[,)]"),
                "edit", Pattern.compile("EditRefused\\.saying\\(\\s*\"([^\"]+)\"\\s*[,)]"),
                "problem", Pattern.compile("Problem\\.at\\([^;]*?,\\s*\"([^\"]+)\"\\s*[,)]"));
        List<String> missing = new ArrayList<>();
        for (Source source : sources()) {
            said.forEach((room, pattern) -> {
                Matcher own = Pattern.compile("Messages WORDS = [\\w.]*Messages\\.of\\(\"([\\w-]+)\"\\)")
                        .matcher(source.code());
                String from = !room.equals("WORDS") ? room : own.find() ? own.group(1) : "";
                Matcher key = pattern.matcher(source.code());
                while (!from.isEmpty() && key.find()) {
                    if (!Messages.of(from).has(key.group(1))) {
                        missing.add(source.name() + ": " + from + "/" + key.group(1));
                    }
                }
            });
        }
        assertThat(missing).as("keys without a message").isEmpty();
    }
}
