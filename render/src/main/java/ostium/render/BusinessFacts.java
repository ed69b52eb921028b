package ostium.render;

import gg.jte.Content;
import java.util.List;
import java.util.Locale;
import ostium.core.base.Messages;
import ostium.core.brief.Brief;
import ostium.core.fact.Area;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Legal;
import ostium.core.fact.Link;
import ostium.core.fact.Place;
import ostium.core.fact.Point;
import ostium.core.section.opening.FirstScreen;
import ostium.core.site.Item;
import ostium.core.site.Section;

/** Who a business is, where, and what speaks for it, as a page says it. Holds no rule of its own. */
public final class BusinessFacts {
    private static final Messages WORDS = Messages.of("page");
    private final Brief brief;
    private final Facts facts;

    BusinessFacts(Brief brief) {
        this.brief = brief;
        this.facts = brief.facts();
    }

    public String name() {
        return facts.say("name", "").orElse("");
    }

    public String firstName() {
        return facts.given("person", FactValue.Person.class)
                .flatMap(person -> person.say("first"))
                .orElse("");
    }

    public String personName() {
        return facts.given("person", FactValue.Person.class)
                .map(FactValue.Person::name)
                .orElse("");
    }

    /** What the first screen shows beside its words. */
    public FirstScreen firstScreen(Section opening) {
        return new FirstScreen(opening, brief);
    }

    /** The next closure, while it is near. */
    public Content closure() {
        return output -> output.writeContent(Opening.closureElement(brief));
    }

    /** People beside the one visitors meet first. */
    public List<FactValue.Person> others() {
        return facts.all(FactValue.Person.class).stream()
                .filter(fact -> !fact.id().equals("person"))
                .map(Fact::value)
                .toList();
    }

    /** The name for narrow places, or empty where the whole name stands there too. */
    public String shortName() {
        return facts.say("short-name", "").orElse("");
    }

    /** What it is, with a capital: "Piano tuner". */
    public String trade() {
        String words = facts.say("trade", "")
                .orElseGet(() -> brief.trade().names().get(0).words());
        return words.isEmpty() ? "" : words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1);
    }

    public String founded() {
        return facts.one(FactValue.Founded.class)
                .map(founded -> String.valueOf(founded.year()))
                .orElse("");
    }

    /** Memberships and qualifications that are valid now. */
    public List<FactValue.Membership> memberships() {
        return brief.memberships().stream().map(Fact::value).toList();
    }

    /** What the owner promises to put right. */
    public List<String> guarantees() {
        return facts.all(FactValue.Guarantee.class).stream()
                .map(fact -> fact.value().words())
                .toList();
    }

    public List<Link> links() {
        return facts.all(Link.class).stream().map(Fact::value).toList();
    }

    /** Registered names, numbers and lines, as they stand at the foot. */
    public List<String> legalLines() {
        return facts.all(Legal.class).stream()
                .flatMap(fact -> fact.value().say("").stream())
                .flatMap(String::lines)
                .toList();
    }

    /** The town of its address, where it works from; empty where only places it comes to are known. */
    public String base() {
        return facts.town().orElse("");
    }

    private String town() {
        return facts.town().or(() -> facts.say("area", "first")).orElse("");
    }

    public List<String> area() {
        return brief.visits() ? facts.one(Area.class).map(Area::places).orElse(List.of()) : List.of();
    }

    /** "Quillhaven and four more places", for the strip. */
    public String areaInShort() {
        List<String> places = area();
        if (places.isEmpty()) {
            return facts.one(Place.class)
                    .map(place -> String.join(", ", place.lines()))
                    .orElse(town());
        }
        return places.size() == 1
                ? places.get(0)
                : places.size() == 2
                        ? WORDS.say("place.two", places.get(0), places.get(1))
                        : WORDS.say("place.more", places.get(0), ostium.core.base.Listing.number(places.size() - 1));
    }

    public List<String> addressLines() {
        return brief.receives() ? facts.one(Place.class).map(Place::lines).orElse(List.of()) : List.of();
    }

    /** The point as a {@code geo:} URI (RFC 5870); null where visitors see less of the place, or it is not known. */
    String geoUri() {
        return addressLines().size() < 2
                ? null
                : facts.one(Point.class)
                        .map(point -> String.format(
                                Locale.ROOT, "geo:%1$.5f,%2$.5f?q=%1$.5f,%2$.5f", point.latitude(), point.longitude()))
                        .orElse(null);
    }

    /** How to find the place, in the owner's words, line by line. */
    public List<String> finding() {
        return facts.given("words/finding", FactValue.OwnWords.class)
                .map(words ->
                        words.words().lines().filter(line -> !line.isBlank()).toList())
                .orElse(List.of());
    }

    /** The customer's words a row stands for; null when they are gone or may not be shown. */
    public FactValue.Testimonial testimonial(Item item) {
        return facts.given(item.fact(), FactValue.Testimonial.class).orElse(null);
    }

    /** Rows of what customers said that visitors see. */
    public List<Item> testimonials(Section section) {
        return section.shownItems().stream()
                .filter(item -> testimonial(item) != null)
                .toList();
    }

    /** The answer a row stands for; null when it is gone. */
    public FactValue.Answer answer(Item item) {
        return facts.given(item.fact(), FactValue.Answer.class).orElse(null);
    }

    /** Rows of questions that visitors see. */
    public List<Item> answers(Section section) {
        return section.shownItems().stream()
                .filter(item -> answer(item) != null)
                .toList();
    }
}
