package ostium.core.cases;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import ostium.core.cases.Cases.Came;
import ostium.core.cases.Cases.Outcome;
import ostium.core.country.Country;
import ostium.core.fact.Area;
import ostium.core.fact.EmailAddress;
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
import ostium.core.paste.Proposal;
import ostium.core.paste.Source;
import ostium.core.paste.Sureness;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedService;
import ostium.core.trade.TradeCatalogue;

/**
 * What people type, beside what a careful person reads in it. A question is fine; a wrong reading that nobody is asked about goes
 * public. So: none is wrong, none throws, and of each kind at least nineteen in twenty are read or rightly asked.
 */
class ReadingCasesTest {
    private static final BusinessDay TODAY =
            BusinessDay.at(Instant.parse("2026-11-26T12:00:00Z"), ZoneId.of("Europe/London"));

    private static void hold(List<Came> all) {
        List<String> amiss = all.stream()
                .filter(came -> came.outcome() == Outcome.WRONG || came.outcome() == Outcome.THROWN)
                .map(Came::toString)
                .toList();
        assertThat(amiss).isEmpty();
        List<String> notRead = all.stream()
                .filter(came -> came.outcome() == Outcome.NOT_READ)
                .map(Came::toString)
                .toList();
        assertThat(notRead).hasSizeLessThanOrEqualTo(all.size() / 20);
    }

    /** Of a table whose columns are the country, the words and what is expected. */
    private static void holdByCountry(String file, Function<List<String>, String> read) {
        hold(Cases.rows(file).stream()
                .map(row -> Cases.held(row, row.get(2), read))
                .toList());
    }

    @Test
    void hours() {
        hold(Cases.rows("hours").stream()
                .map(row -> Cases.held(
                        row,
                        sameHours(row.get(1)),
                        cells -> Cases.say(
                                WeeklyHours.read(Cases.typed(cells.get(0)), HoursLanguage.of(cells.get(2))),
                                WeeklyHours::openingHours)))
                .toList());
    }

    /** The expected hours as we write them: every spelling of one week alike. */
    private static String sameHours(String expected) {
        return java.util.Arrays.stream(expected.split(" \\|\\| "))
                .map(one -> one.equals("ASK") || one.equals("ERR")
                        ? one
                        : OpeningHoursSyntax.read(one, "GB")
                                .value()
                                .map(times -> times.usual().openingHours())
                                .orElseThrow(() -> new AssertionError(one)))
                .collect(Collectors.joining(" || "));
    }

    @Test
    void daysThatDiffer() {
        holdByCountry(
                "exceptions", row -> Cases.say(SpecialHours.read(row.get(1), TODAY, row.get(0)), SpecialHours::say));
    }

    @Test
    void telephones() {
        holdByCountry(
                "phones",
                row -> Cases.say(
                        Telephone.read(row.get(1), row.get(0)),
                        number -> number.e164() + (number.extension().isEmpty() ? "" : ";ext=" + number.extension())));
    }

    @Test
    void places() {
        hold(Cases.rows("places").stream()
                .map(row -> Cases.held(
                        row,
                        row.get(2).replace("||  |", "|||"),
                        cells -> Cases.say(
                                Place.read(Cases.typed(cells.get(1)), cells.get(0)),
                                place -> String.join(
                                        "|",
                                        place.street(),
                                        place.town(),
                                        place.district(),
                                        place.postcode(),
                                        place.country()))))
                .toList());
    }

    @Test
    void prices() {
        hold(Cases.rows("prices").stream()
                .map(row -> Cases.held(row, row.get(3), ReadingCasesTest::price))
                .toList());
    }

    private static String price(List<String> row) {
        if (row.get(0).equals("P")) {
            return Cases.say(Price.read(row.get(2), row.get(1)), Price::say);
        }
        TypedSheet sheet = TypedSheet.empty(row.get(1), 1);
        String services =
                PasteReader.read(Source.pasted(Cases.typed(row.get(2))).value().orElseThrow(), sheet, TODAY)
                        .proposals()
                        .stream()
                        .filter(proposal -> proposal.service() != null)
                        .map(proposal -> service(proposal, row.get(1)))
                        .collect(Collectors.joining(" ++ "));
        return services.isEmpty() ? "NONE" : services;
    }

    private static String service(Proposal proposal, String region) {
        TypedService row = proposal.service();
        String price = Price.read(row.price(), region).value().map(Price::say).orElse("");
        String unsure = proposal.sureness() == Sureness.SURE ? "" : "?";
        return "%s | %s | %s | %s%s"
                .formatted(row.name(), row.summary(), price, row.minutes(), unsure)
                .replaceAll("  +", " ")
                .strip();
    }

    @Test
    void linksToPagesElsewhere() {
        hold(Cases.rows("socials").stream()
                .map(row -> Cases.held(
                        row,
                        row.get(1).replaceAll("/(!?)( |$)", "$1$2"),
                        cells -> Cases.say(
                                Networks.shipped().read(cells.get(0)),
                                link -> link.url().replaceFirst("/$", ""))))
                .toList());
    }

    @Test
    void trades() {
        hold(Cases.rows("trades").stream()
                .map(row -> Cases.held(row, row.get(1).replace(",", " || "), cells -> {
                    List<String> first = TradeCatalogue.shipped().suggest(cells.get(0), 3).stream()
                            .map(match -> match.trade().id())
                            .toList();
                    List<String> wanted = List.of(cells.get(1).split("\\s*(?:,|\\|\\|)\\s*"));
                    return first.stream().filter(wanted::contains).findFirst().orElse("ASK");
                }))
                .toList());
    }

    /** What once threw, or took long: whatever is read, it is read within a fifth of a second and never throws. */
    @Test
    void nothingThrowsAndNothingTakesLong() {
        for (List<String> row : Cases.rows("robustness")) {
            String words = Cases.typed(row.get(2));
            assertTimeoutPreemptively(
                    Duration.ofSeconds(60), () -> read(row.get(0), words, row.get(1)), String.join(" | ", row));
        }
    }

    private static void read(String reader, String words, String region) {
        switch (reader) {
            case "SpecialHours.read" -> SpecialHours.read(words, TODAY, region);
            case "Telephone.read" -> Telephone.read(words, region);
            case "OpeningHoursSyntax.read" -> OpeningHoursSyntax.read(words, region);
            case "Point.read" -> Point.read(words);
            case "Place.read" -> Place.read(words, region);
            case "PasteReader.read" ->
                Source.pasted(words)
                        .value()
                        .ifPresent(source -> PasteReader.read(source, TypedSheet.empty(region, 1), TODAY));
            case "Area.read" -> Area.read(words);
            case "EmailAddress.read" -> EmailAddress.read(words);
            case "Networks.read" -> Networks.shipped().read(words);
            case "PostalCode.read" -> PostalCode.read(words, Country.of(region));
            case "WeeklyHours.read" ->
                assertThat(WeeklyHours.read(words).toString()).doesNotContain("\ud83d ");
            default -> throw new AssertionError(reader);
        }
    }
}
