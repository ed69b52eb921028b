package ostium.app;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import ostium.core.look.House;
import tools.jackson.databind.JsonNode;

/** A published site that takes bookings, for tests: a sweep of 45 minutes and a survey of an hour, every day from 8 to 18. */
public final class BookingSite {
    static final ZoneId LONDON = ZoneId.of("Europe/London");

    public final Browserlike owner = Browserlike.fresh();
    public final Browserlike visitor = Browserlike.fresh();
    public final String name = "booking-" + UUID.randomUUID().toString().substring(0, 8);
    public final String email = name + "@quill.example";
    public final LocalDate day = LocalDate.now(LONDON).plusDays(3);
    public final Map<String, Object> rules = rules();
    private final JsonNode site;

    /** Kept, with an owner, and no bookings taken yet. */
    public static BookingSite kept() {
        return new BookingSite();
    }

    private BookingSite() {
        owner.signUp(email);
        Map<String, Object> sheet = Browserlike.sheet("Ashes of " + name);
        sheet.put("hours", "Mon-Sun 8-18");
        sheet.put(
                "services",
                List.of(
                        Map.of(
                                "id",
                                "sweep",
                                "usual",
                                "",
                                "name",
                                "Chimney sweep",
                                "summary",
                                "",
                                "price",
                                "65",
                                "minutes",
                                "45"),
                        Map.of(
                                "id",
                                "survey",
                                "usual",
                                "",
                                "name",
                                "Camera survey",
                                "summary",
                                "",
                                "price",
                                "",
                                "minutes",
                                "60")));
        site = owner.site(sheet);
        owner.keep(site);
        edit(Map.of("kind", "sendMessagesTo", "addresses", List.of(email)));
    }

    /** Published, with rules that take bookings at once. */
    public static BookingSite open() {
        return open(House.WORKSHOP);
    }

    /** The same in a house. */
    public static BookingSite open(House house) {
        BookingSite site = new BookingSite();
        site.owner.call("POST", "/api/sites/" + site.id() + "/look", Map.of("what", "house", "value", house.id()));
        site.sets(Map.of());
        if (site.owner.publish(site.site, site.name).status() != 201) {
            throw new AssertionError("not published");
        }
        return site;
    }

    static Map<String, Object> rules() {
        Map<String, Object> rules = new LinkedHashMap<>();
        rules.put("atOnce", true);
        rules.put("notice", 0);
        rules.put("daysAhead", 30);
        rules.put("grid", 15);
        rules.put("dailyLimit", 0);
        rules.put("changeUntil", 60);
        rules.put("travels", false);
        rules.put("way", 20);
        rules.put("hours", "");
        rules.put("services", new ArrayList<>(List.of(service("service/sweep", 1), service("service/survey", 1))));
        rules.put("resources", List.of());
        rules.put("questions", List.of(Map.of("words", "How many flues?", "required", true)));
        rules.put("costs", "Pay on the day.");
        return rules;
    }

    public static Map<String, Object> service(String id, int capacity) {
        Map<String, Object> service =
                new HashMap<>(Map.of("service", id, "before", 0, "after", 0, "capacity", capacity));
        service.put("minutes", null);
        return service;
    }

    public String id() {
        return site.path("id").asString();
    }

    public Browserlike.Answer edit(Map<String, Object> edit) {
        long revision = owner.get("/api/sites/" + id() + "/revision")
                .json()
                .path("revision")
                .asLong();
        return owner.edit(id(), revision, edit);
    }

    /** Changes some of the rules. */
    public Browserlike.Answer sets(Map<String, Object> some) {
        rules.putAll(some);
        return edit(Map.of("kind", "setBooking", "rules", rules, "none", false));
    }

    public String host() {
        return name + ".localhost";
    }

    /** An instant on the day that is booked in tests. */
    public Instant at(String time) {
        return day.atTime(LocalTime.parse(time)).atZone(LONDON).toInstant();
    }

    public Document page(String query) {
        return Jsoup.parse(visitor.getAt(host(), "/book" + query).body());
    }

    public Browserlike.Answer act(String act, Map<String, String> fields) {
        return visitor.post(host(), "/_ostium/booking/" + act, fields);
    }

    public Browserlike.Answer hold(String service, String time) {
        return act("hold", Map.of("service", service, "start", at(time).toString()));
    }

    /** The private link that an answer leads to. */
    public static String link(Browserlike.Answer answer) {
        return answer.header("Location").replaceFirst(".*=", "");
    }

    public Map<String, String> who(String link) {
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("link", link);
        fields.put("name", "Oona Quayle");
        fields.put("email", "oona-" + name + "@quill.example");
        fields.put("telephone", "0117 496 0633");
        fields.put("question-1", "Two");
        fields.put("note", "Never swept; the back door is best.");
        return fields;
    }

    /** Books a time the whole way; answers its private link. */
    public String book(String service, String time) {
        return link(act("take", who(link(hold(service, time)))));
    }
}
