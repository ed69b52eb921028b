package ostium.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.Samples;
import ostium.core.hours.BusinessDay;
import ostium.core.paste.PasteReader;
import ostium.core.paste.Source;

/**
 * Words that were made to keep a reader busy: the same letters again and again, as long as a line may be and far longer. They took
 * half a minute once; the limit here is a hundred times what they take now, so that only such a reader is found by it.
 */
@Tag("long")
class HostileLinesTest {
    private static final Duration LONG = Duration.ofSeconds(20);
    private static final int FAR_LONGER = 20_000;
    private static final int PASTED = Integer.getInteger("ostium.hostile.letters", 100_000);
    private static final List<String> SEEDS = List.of(
            "\t",
            " ",
            "a",
            "A ",
            "1",
            "1 ",
            "-",
            ".",
            ",",
            ", ",
            "(",
            "((",
            "Mon ",
            "Mon-",
            "9-",
            "9:00 ",
            "and ",
            " and , ",
            "@",
            "a@",
            "a.",
            "http://",
            "/",
            "+44 ",
            "£1 ",
            "from £",
            "\n",
            "\n\n",
            "à",
            "１",
            "\u00a0",
            "\u200b",
            "St ",
            "within 5 miles of ",
            "a, b and ");

    private static Stream<String> words(int length) {
        return SEEDS.stream().flatMap(seed -> {
            String full = seed.repeat(length / seed.length() + 1).substring(0, length);
            return Stream.of(
                    full, full.substring(0, length - 1) + "!", "Quillhaven " + full.substring(Math.min(length, 11)));
        });
    }

    @ParameterizedTest
    @EnumSource(Line.class)
    void aLineIsReadHoweverItIsFilled(Line line) {
        assertTimeoutPreemptively(
                LONG,
                () -> Stream.concat(words(line.longest()), words(FAR_LONGER))
                        .forEach(words -> assertThat(
                                        Samples.read(TypedSheet.empty("GB", 1).with(line, words)))
                                .isNotNull()));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "\t",
                "a ",
                "1 ",
                "Mon 9-",
                "a, ",
                "(",
                "a@",
                "£1 ",
                "http://a.",
                "\n",
                "Tel 0117 ",
                "St Anne ",
                " \t",
                "\n ",
                "-",
                "._",
                "&",
                "Ada B. ",
                "Mo 9–5, ",
                "by ",
                "© 2026 ",
                "12 Flue Row, ",
                "<p>",
                "<b a=",
                "{\"a\":",
                "a;b\n",
                "é",
                "Dear Ada "
            })
    void whatIsPastedIsReadHoweverItIsFilled(String seed) {
        String words = "Ada's sweeps" + seed.repeat(PASTED / seed.length());
        BusinessDay today = BusinessDay.at(Instant.parse("2026-11-29T12:00:00Z"), ZoneOffset.UTC);
        assertTimeoutPreemptively(
                LONG,
                () -> Source.pasted(words)
                        .value()
                        .ifPresent(source -> assertThat(PasteReader.read(source, TypedSheet.empty("GB", 1), today))
                                .isNotNull()));
    }
}
