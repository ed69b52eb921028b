package ostium.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.Samples;
import ostium.core.fact.Fact;
import ostium.core.fact.Service;
import ostium.core.hours.BusinessDay;
import ostium.core.paste.Findings;
import ostium.core.paste.PasteReader;
import ostium.core.paste.Source;
import ostium.core.paste.Taking;
import ostium.core.sheet.Line;
import ostium.core.sheet.SheetReading;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedRow;

/** Facts that go out in an open format come in again the same. */
class FactsOutAndInTest {
    private static final BusinessDay TODAY = Samples.TODAY;

    /** A sheet with something on nearly every line. */
    private static TypedSheet full(String business) {
        return Samples.sheet(business)
                .with(Line.SHORT_NAME, "Sweeps")
                .with(Line.EMAIL, "ada@ashlatch.example")
                .with(Line.TEXTS, "07700 900142")
                .with(Line.POINT, "49.7001, -7.4002")
                .with(Line.EXCEPTIONS, "3 Dec 2026 closed (guild meeting)\nJun–Aug: Mon–Fri 7–3\nChristmas Day closed")
                .with(Line.HOURS_TELEPHONE, "Mon-Fri 8-6")
                .with(Line.WORDS, "We answer the telephone ourselves; always, \"even\" on Fridays.\nAsk for Ada.")
                .with(Line.WORDS_FINDING, "Behind the chandler’s, step-free.")
                .with(Line.LEGAL_NAME, "Ashlatch Ltd")
                .with(Line.LEGAL_NUMBER, "01234567")
                .with(Line.PROMISE, "by the next working morning")
                .withLinks(List.of("https://www.instagram.com/ashlatch/", "https://ashlatch.example/a,b;c"))
                .withRows(List.of(
                        new TypedRow(
                                "testimonial",
                                "t1",
                                Map.of("words", "No dust, \"none\".", "who", "Piet", "permission", "yes")),
                        new TypedRow("person", "p1", Map.of("name", "Tom Wren", "role", "tuner")),
                        new TypedRow("guarantee", "g1", Map.of("words", "We come back free."))));
    }

    private static List<String> facts(TypedSheet sheet) {
        SheetReading reading = Samples.read(sheet);
        return reading.brief().facts().list().stream()
                .map(fact -> (fact.id().startsWith("link/") ? "link" : fact.id()) + " = " + fact.value())
                .sorted()
                .toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"ashlatch", "wren-and-tindle", "bellkite"})
    void jsonLd(String business) throws LocalBusinessReader.Unreadable {
        TypedSheet sheet = full(business);
        String file = LocalBusiness.file(Samples.read(sheet).brief(), sheet);
        LocalBusinessReader.Read read = LocalBusinessReader.read(file, sheet.seed());
        assertThat(facts(read.sheet())).isEqualTo(facts(sheet));
        assertThat(read.unused()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"ashlatch", "wren-and-tindle", "bellkite"})
    void vCard(String business) {
        TypedSheet sheet = full(business).withRows(List.of()).withPractices(List.of());
        String card = BusinessCard.write(Samples.read(sheet).brief().facts(), sheet);
        assertThat(card).startsWith("BEGIN:VCARD\r\nVERSION:4.0\r\n").contains("TEL;", "ADR");
        TypedSheet taken = taken(card, "card.vcf", sheet);
        assertThat(facts(taken)).isEqualTo(facts(sheet));
    }

    @ParameterizedTest
    @ValueSource(strings = {"ashlatch", "wren-and-tindle", "bellkite"})
    void servicesAsATable(String business) {
        TypedSheet sheet = Samples.sheet(business);
        List<Fact<Service>> services = Samples.read(sheet).brief().services();
        TypedSheet taken = taken(ServicesCsv.write(services), "services.csv", sheet);
        assertThat(Samples.read(taken).brief().services().stream()
                        .map(Fact::value)
                        .map(FactsOutAndInTest::withoutKey))
                .isEqualTo(services.stream()
                        .map(Fact::value)
                        .map(FactsOutAndInTest::withoutKey)
                        .toList());
    }

    private static Service withoutKey(Service service) {
        return new Service(service.name(), service.summary(), service.price(), service.minutes(), "");
    }

    /** An empty sheet of the same country onto which every proposal is taken. */
    private static TypedSheet taken(String source, String name, TypedSheet like) {
        Findings findings = PasteReader.read(
                Source.file(source.getBytes(StandardCharsets.UTF_8), name)
                        .value()
                        .orElseThrow(),
                TypedSheet.empty(like.region(), like.seed()),
                TODAY);
        return Taking.all(TypedSheet.empty(like.region(), like.seed()), findings.proposals());
    }

    @Test
    void theOpeningHoursLineSaysTheWholeWeek() {
        TypedSheet sheet = full("ashlatch");
        assertThat(Samples.read(sheet).brief().facts().openingTimes())
                .map(ostium.core.hours.OpeningHoursSyntax::write)
                .contains("Mo-Fr 08:00-17:30; Sa 09:00-13:00; Su off; 2026 Dec 03 off \"guild meeting\"; "
                        + "Jun 01-Aug 31 Mo-Fr 07:00-15:00; Jun 01-Aug 31 Sa,Su off; Dec 25 off");
    }
}
