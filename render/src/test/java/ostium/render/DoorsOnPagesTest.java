package ostium.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.door.Door;
import ostium.core.door.DoorHours;
import ostium.core.door.DoorKind;
import ostium.core.door.DoorPlace;
import ostium.core.door.Doors;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.sheet.Line;

/** Doors as visitors find them on a page. */
class DoorsOnPagesTest {
    private static final DoorKind CALL = new DoorKind("call");
    private static final Brief BRIEF = Pages.brief(
            Pages.demo("ashlatch").with(Line.TEXTS, "07700 900142").with(Line.EMAIL, "ada@ashlatch.example"));
    private static final Doors DOORS = Doors.none().withMessagesTo(List.of("ada@ashlatch.example"));

    private static Document page(Doors doors) {
        Draft draft = Drafter.draft(BRIEF, new Seed(1));
        Draft set = new Draft(draft.site(), draft.look(), draft.plan(), doors);
        return SiteRenderer.shipped().render(BRIEF, set, Target.published("http://ashlatch.example/")).stream()
                .filter(file -> file.path().equals("index.html"))
                .findFirst()
                .map(file -> Jsoup.parse(new String(file.bytes(), java.nio.charset.StandardCharsets.UTF_8)))
                .orElseThrow();
    }

    private static List<String> bar(Document page) {
        return page.select(".callbar a").eachAttr("data-door");
    }

    @Test
    void theOneThatStandsInIsThereAndWaits() {
        Doors doors = DOORS.with(Door.usual(CALL)
                        .withHours(new DoorHours(DoorHours.When.IN_HOURS, ""))
                        .withStandIn(new DoorKind("text")))
                .placed(DoorPlace.BAR, Optional.of(List.of(CALL, new DoorKind("form"))));
        Document page = page(doors);
        assertThat(bar(page)).containsExactly("call", "text", "form");
        assertThat(page.select(".callbar a[data-instead=call]").attr("href")).isEqualTo("sms:+447700900142");
        assertThat(page.select("html").hasAttr("data-away")).isTrue();
    }

    @Test
    void oneThatStandsBesideItIsNotShownTwice() {
        Document page = page(DOORS.with(Door.usual(CALL).withStandIn(new DoorKind("form"))));
        assertThat(bar(page)).containsExactly("call", "form", "form");
        assertThat(page.select(".callbar a[data-instead=call]").text())
                .as("alone, it does not say “or”")
                .isEqualTo("Send a message");
        assertThat(page.select(".callbar a[data-unless=call]")).hasSize(1);
    }

    @Test
    void wordsOfTheOwnersStandOnThem() {
        Doors doors = DOORS.with(Door.usual(CALL).withWords("Ring Ada"));
        assertThat(page(doors).select(".callbar a").first().text()).isEqualTo("Ring Ada");
    }

    @Test
    void aPlaceCanBeLeftEmpty() {
        assertThat(page(DOORS.placed(DoorPlace.BAR, Optional.of(List.of()))).select(".callbar"))
                .isEmpty();
    }

    @Test
    void whatIsShutStandsNowhere() {
        Document page = page(DOORS.with(Door.usual(CALL).withShut(true)));
        assertThat(page.select("[data-door=call]")).isEmpty();
        assertThat(page.select(".acts a")).isNotEmpty();
        assertThat(page(DOORS.with(Door.usual(new DoorKind("form")).withShut(true)))
                        .select("form"))
                .isEmpty();
    }

    @Test
    void aPageIsServedWithTheDoorsOfItsHour() {
        Doors doors = DOORS.with(Door.usual(CALL).withStandIn(new DoorKind("form")));
        String page = page(doors).outerHtml();
        Opening opening = Opening.of(
                BRIEF, doors.of(BRIEF.facts(), Drafter.draft(BRIEF, new Seed(1)).site()), "http://ashlatch.example/");
        Document served = Jsoup.parse(opening.in(page, new DoorTimetable.Shown("call", "email", Optional.empty())));
        assertThat(served.select("html").first().dataset())
                .containsAllEntriesOf(Map.of("away", "call", "shut", "email"));
    }
}
