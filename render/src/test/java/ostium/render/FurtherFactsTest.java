package ostium.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.draft.Drafter;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedRow;

/** Facts beyond the first handful, where they stand on the page, and where they must not. */
class FurtherFactsTest {
    private static TypedSheet sheet() {
        return Pages.sheet("tailor", "Tolver & Daughters", List.of(Pages.service("Hems", "from £18")), "Mon-Fri 9-5");
    }

    private static Document page(TypedSheet sheet) {
        return Jsoup.parse(Pages.html(Pages.brief(sheet), 3, Target.preview()));
    }

    private static TypedRow testimonial(String id, String words, String who, String permission) {
        return new TypedRow("testimonial", id, Map.of("words", words, "who", who, "permission", permission));
    }

    @Test
    void whatCustomersSaidStandsInItsSectionWithPermissionOnly() {
        TypedSheet sheet = sheet().withRows(List.of(
                testimonial("a", "Perfect hems.", "Oona Quayle", "yes"),
                testimonial("b", "Not to be shown.", "Piet Marrow", ""),
                testimonial("c", "By nobody.", "", "yes")));
        Document page = page(sheet);
        assertThat(page.select(".said figure")).hasSize(1);
        assertThat(page.select(".said").text()).contains("Perfect hems.", "Oona Quayle");
        assertThat(page.text()).doesNotContain("Not to be shown", "By nobody");
        assertThat(page(sheet()).select(".said")).isEmpty();
    }

    @Test
    void daysWithOtherHoursStandBeforeTheWeekAndInTheTimetable() {
        Document page = page(sheet().with(Line.EXCEPTIONS, "3 Dec 2026 closed (guild meeting)\n1 Jan 2020 closed"));
        assertThat(page.select(".slip .other li").eachText()).containsExactly("3 Dec 2026 closed (guild meeting)");
        assertThat(page.select("#opening-changes").first().data()).contains("Closed now. Open Fri from 9am");
    }

    @Test
    void textsFurtherNumbersAndLegalLinesStandAtTheFoot() {
        Document page = page(sheet().with(Line.TEXTS, "07700 900142")
                .with(Line.LEGAL_NAME, "Tolver Ltd")
                .with(Line.LEGAL_NUMBER, "01234567")
                .withRows(List.of(new TypedRow("phone", "w", Map.of("name", "Workshop", "number", "0117 496 0556")))));
        assertThat(page.select(".foot a[href=sms:+447700900142]")).hasSize(1);
        assertThat(page.select(".foot").text())
                .contains("Workshop 0117 496 0556", "Tolver Ltd", "Company number 01234567");
    }

    @Test
    void theWayInStandsWithThePlaceAndThePointLeadsTheMap() {
        Document page = page(sheet().with(Line.WORDS_FINDING, "Ring the bell.").with(Line.POINT, "49.7012, -7.4031"));
        assertThat(page.select(".place .find").text()).isEqualTo("Ring the bell.");
        assertThat(page.select(".place a.btn").attr("href"))
                .isEqualTo("https://www.openstreetmap.org/?mlat=49.70120&mlon=-7.40310#map=17/49.70120/-7.40310");
        assertThat(page(sheet()).select(".place a.btn").attr("href"))
                .startsWith("https://www.openstreetmap.org/search?query=2%20Sail%20Street");
        Document townOnly = page(sheet().with(Line.PLACE_SHOWN, "town").with(Line.POINT, "49.7012, -7.4031"));
        assertThat(townOnly.html()).doesNotContain("49.7012", "2 Sail Street");
    }

    @Test
    void aHiddenFactStandsNowhere() {
        String html = Pages.html(
                Pages.brief(sheet().withHidden(List.of("email", "telephone"))),
                3,
                Target.published("https://t.example/"));
        assertThat(html).doesNotContain("a@tolver.example", "0117 496 0555", "+441174960555");
    }

    @Test
    void itIsKnownWhereEachFactStands() {
        Brief brief = Pages.brief(sheet().with(Line.WORDS, "Hems by hand."));
        Map<String, FactUses.Use> uses = FactUses.of(brief, Drafter.draft(brief, new Seed(3)));
        assertThat(uses.get("telephone").places()).isGreaterThan(2);
        assertThat(uses.get("telephone").parts()).contains("Foot of the page");
        assertThat(uses.get("words").parts()).contains("About");
        assertThat(uses.get("name").places()).isPositive();
        assertThat(uses).doesNotContainKeys("point", "texts");
    }

    @Test
    void answersStandUnderTheirQuestionsInTheOwnersWords() {
        TypedSheet sheet = Pages.demo("ashlatch")
                .withRows(List.of(new TypedRow(
                        "question",
                        "mess",
                        Map.of(
                                "ask",
                                "How much <mess> is it?",
                                "answer",
                                "None that stays.\n\nSheets go down first."))));
        Document page = Jsoup.parse(Pages.html(Pages.brief(sheet), 1, Target.folder()));

        assertThat(page.select(".qa h3").text()).isEqualTo("How much <mess> is it?");
        assertThat(page.select(".qa p").eachText()).containsExactly("None that stays.", "Sheets go down first.");
        assertThat(page.select(".nav a").eachText()).contains("Questions");
        assertThat(HtmlCheck.findings(page.outerHtml())).isEmpty();
    }
}
