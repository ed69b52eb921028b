package ostium.core.cases;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.base.Reading;
import ostium.core.country.Country;
import ostium.core.fact.Area;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Minutes;
import ostium.core.fact.Networks;
import ostium.core.fact.Place;
import ostium.core.fact.Point;
import ostium.core.fact.PostalCode;
import ostium.core.fact.Price;
import ostium.core.fact.Telephone;
import ostium.core.hours.BusinessDay;
import ostium.core.hours.HoursLanguage;
import ostium.core.hours.OpeningHoursSyntax;
import ostium.core.hours.SpecialHours;
import ostium.core.hours.WeeklyHours;
import ostium.core.paste.PasteReader;
import ostium.core.paste.Source;
import ostium.core.sheet.TypedSheet;

/**
 * For any words: no reader throws, every question ends when it is answered, and a word that means nothing is never passed over.
 * The words are those of the tables, bent at random; {@code -Dostium.fuzz=100000} for more of them.
 */
class AnyWordsTest {
    private static final int TIMES = Integer.getInteger("ostium.fuzz", 4_000);
    private static final BusinessDay TODAY =
            BusinessDay.at(Instant.parse("2026-11-26T12:00:00Z"), ZoneId.of("Europe/London"));
    private static final List<String> COUNTRIES = List.of("GB", "US", "DE", "FR", "ES", "IE", "IT", "AU", "NZ");
    private static final List<String> SPLINTERS = List.of(
            "-",
            "–",
            " ",
            "\n",
            "\t",
            ",",
            ".",
            ";",
            ":",
            "/",
            "(",
            ")",
            "&",
            "0",
            "12",
            "9",
            "31",
            "2027",
            "24:00",
            "am",
            "pm",
            "h",
            "closed",
            "except",
            "until",
            "Mon",
            "Fr",
            "Dec",
            "ß",
            "é",
            "🕘",
            "€",
            "£",
            "+44",
            "0",
            "by appointment",
            "\u00a0",
            "'",
            "\"",
            "@",
            "#",
            "%",
            "[",
            "\\",
            "~",
            "lunch",
            "mornings",
            "bank holidays",
            "every year");
    private static final List<String> SEEDS = Stream.of(
                    "hours", "exceptions", "phones", "places", "prices", "socials", "trades")
            .flatMap(file -> Cases.rows(file).stream())
            .flatMap(List::stream)
            .filter(cell -> cell.length() > 1)
            .map(Cases::typed)
            .toList();

    private static final Map<String, Function<String, Function<String, Reading<?>>>> READERS = readers();

    private static Map<String, Function<String, Function<String, Reading<?>>>> readers() {
        Map<String, Function<String, Function<String, Reading<?>>>> all = new LinkedHashMap<>();
        all.put("hours", country -> words -> WeeklyHours.read(words, HoursLanguage.of(country.toLowerCase())));
        all.put("days that differ", country -> words -> SpecialHours.read(words, TODAY, country));
        all.put("opening hours", country -> words -> OpeningHoursSyntax.read(words, country));
        all.put("telephone", country -> words -> Telephone.read(words, country));
        all.put("place", country -> words -> Place.read(words, country));
        all.put("postal code", country -> words -> PostalCode.read(words, Country.of(country)));
        all.put("price", country -> words -> Price.read(words, country));
        all.put("minutes", country -> Minutes::read);
        all.put("point", country -> Point::read);
        all.put("area", country -> Area::read);
        all.put("mail address", country -> EmailAddress::read);
        all.put("link", country -> words -> Networks.shipped().read(words));
        return all;
    }

    static Stream<String> names() {
        return READERS.keySet().stream();
    }

    /** Words like those people type, bent: letters lost, doubled and strewn in, two lines run together. */
    static String bent(Random random) {
        StringBuilder words = new StringBuilder(SEEDS.get(random.nextInt(SEEDS.size())));
        int bends = random.nextInt(6);
        for (int i = 0; i < bends; i++) {
            int at = words.length() == 0 ? 0 : random.nextInt(words.length());
            switch (random.nextInt(4)) {
                case 0 -> words.insert(at, SPLINTERS.get(random.nextInt(SPLINTERS.size())));
                case 1 -> words.delete(at, Math.min(words.length(), at + 1 + random.nextInt(3)));
                case 2 -> words.append(' ').append(SEEDS.get(random.nextInt(SEEDS.size())));
                default -> words.append(words, at, words.length());
            }
            if (words.length() > 400) {
                words.setLength(400);
            }
        }
        return words.toString();
    }

    @ParameterizedTest
    @MethodSource("names")
    void noReaderThrowsAndEveryQuestionEnds(String name) {
        Random random = new Random(20261127);
        for (int i = 0; i < TIMES; i++) {
            String words = bent(random);
            String country = COUNTRIES.get(random.nextInt(COUNTRIES.size()));
            ends(READERS.get(name).apply(country), words, new ArrayList<>(List.of(words)));
        }
    }

    /** Whatever is chosen, after some answers there is no question any more. */
    private static void ends(Function<String, Reading<?>> reader, String words, List<String> path) {
        Reading<?> reading;
        try {
            reading = reader.apply(words);
        } catch (RuntimeException e) {
            throw new AssertionError("thrown at " + path, e);
        }
        if (reading instanceof Reading.Refused<?> refused) {
            assertThat(refused.at().to()).as("%s", path).isLessThanOrEqualTo(words.length());
        }
        if (reading instanceof Reading.Unclear<?> unclear) {
            assertThat(path).as("questions without end").hasSizeLessThan(12);
            for (String choice : unclear.choices()) {
                List<String> further = new ArrayList<>(path);
                further.add(choice);
                ends(reader, choice, further);
            }
        }
    }

    @Test
    void nothingPastedThrows() {
        Random random = new Random(7);
        for (int i = 0; i < TIMES / 4; i++) {
            String words = bent(random) + "\n" + bent(random) + "\n" + bent(random);
            String country = COUNTRIES.get(random.nextInt(COUNTRIES.size()));
            Source.pasted(words)
                    .value()
                    .ifPresent(source -> PasteReader.read(source, TypedSheet.empty(country, 1), TODAY));
        }
    }

    /** Hours that are read stay no hours once they hold a word that means nothing. */
    @Test
    void noWordOfHoursIsPassedOver() {
        Random random = new Random(3);
        for (List<String> row : Cases.rows("hours")) {
            String words = Cases.typed(row.get(0));
            HoursLanguage language = HoursLanguage.of(row.get(2));
            if (WeeklyHours.read(words, language).value().isEmpty()) {
                continue;
            }
            List<String> parts = new ArrayList<>(List.of(words.split(" ")));
            parts.add(random.nextInt(parts.size() + 1), "qwertz");
            String with = String.join(" ", parts);
            assertThat(WeeklyHours.read(with, language)).as(with).isInstanceOf(Reading.Refused.class);
        }
    }
}
