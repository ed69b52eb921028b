package ostium.render;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import ostium.core.base.Messages;
import ostium.core.brief.Brief;
import ostium.core.draft.Draft;
import ostium.core.fact.Area;
import ostium.core.fact.Document;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Link;
import ostium.core.fact.Picture;
import ostium.core.fact.Place;
import ostium.core.fact.Service;
import ostium.core.fact.Telephone;
import ostium.core.picture.Renditions;
import ostium.core.section.SectionKinds;
import ostium.core.site.Node;
import ostium.core.site.Section;

/** Where each fact stands on the page: counted on the page as it is drawn, not from what a template should do. */
public final class FactUses {
    /**
     * The use of one fact.
     *
     * @param places how often it stands there
     * @param parts names of the parts of the page it stands in, in their order
     */
    public record Use(int places, List<String> parts) {}

    private final Brief brief;
    private final Draft draft;
    private final Map<String, Element> parts = new LinkedHashMap<>();

    private FactUses(Brief brief, Draft draft) {
        this.brief = brief;
        this.draft = draft;
        String which = "[data-section], [data-part]";
        for (RenderedFile file : SiteRenderer.shipped().render(brief, draft, Target.preview())) {
            if (file.path().endsWith(".html")) {
                Jsoup.parse(file.text()).select(which).forEach(this::take);
                // Head and foot are the same on every page.
                which = "main [data-section]";
            }
        }
    }

    private void take(Element part) {
        String id = part.attr("data-section") + part.attr("data-part");
        parts.merge(
                id,
                part,
                (one, other) -> new Element("div").appendChild(one.clone()).appendChild(other.clone()));
    }

    /** The uses of all visible facts, by id; a fact that stands nowhere is not among them. */
    public static Map<String, Use> of(Brief brief, Draft draft) {
        return new FactUses(brief, draft).all();
    }

    private Map<String, Use> all() {
        Map<String, Use> uses = new LinkedHashMap<>();
        for (Fact<?> fact : brief.facts().list()) {
            if (fact.state() == Fact.State.GIVEN) {
                Use use = use(fact);
                if (use.places() > 0) {
                    uses.put(fact.id(), use);
                }
            }
        }
        return uses;
    }

    private Use use(Fact<?> fact) {
        if (fact.value() instanceof Picture picture && picture.use() == Picture.Use.ICON) {
            return new Use(1, List.of(Messages.of("page").say("use.icon")));
        }
        int places = 0;
        List<String> names = new ArrayList<>();
        List<String> forms = forms(fact.value());
        for (Section section : draft.site().sections().toList()) {
            Element part = parts.get(section.id());
            if (part == null || section.hidden()) {
                continue;
            }
            int here = forms.stream().mapToInt(form -> count(part, form)).sum();
            if (here == 0 && isSaidBy(section, fact.id())) {
                here = 1;
            }
            if (here > 0) {
                places += here;
                names.add(SectionKinds.of(section).words());
            }
        }
        return new Use(places, names);
    }

    /** Whether a sentence or an item of the section stands on the fact without its words, as a practice does. */
    private static boolean isSaidBy(Section section, String fact) {
        boolean item =
                section.shownItems().stream().anyMatch(each -> each.fact().equals(fact));
        boolean sentence = section.texts().values().stream()
                .anyMatch(text -> text.origin().needs().contains(fact)
                        || text.nodes()
                                .anyMatch(node -> node instanceof Node.LinkedFact link
                                        && link.fact().equals(fact)));
        return item || sentence;
    }

    private static int count(Element part, String form) {
        if (form.startsWith("href:")) {
            return part.select("a[href=" + form.substring(5).replace("\"", "") + "]")
                    .size();
        }
        if (form.startsWith("src:")) {
            return part.select("img[src*=\"" + form.substring(4) + "\"]").size();
        }
        String text = part.text().toLowerCase(java.util.Locale.ROOT);
        String wanted = form.toLowerCase(java.util.Locale.ROOT);
        int count = 0;
        for (int at = text.indexOf(wanted); at >= 0; at = text.indexOf(wanted, at + wanted.length())) {
            count++;
        }
        return count;
    }

    /** What a fact looks like on a page: one form, so that nothing is counted twice. */
    private static List<String> forms(FactValue value) {
        if (value instanceof Telephone telephone) {
            return List.of(telephone.shown());
        }
        if (value instanceof FactValue.TextNumber texts) {
            return List.of("href:\"sms:" + texts.number().e164() + "\"");
        }
        if (value instanceof EmailAddress email) {
            return List.of(email.value());
        }
        if (value instanceof Place place) {
            return Stream.of(place.street().isBlank() ? place.town() : place.street())
                    .filter(form -> !form.isBlank())
                    .toList();
        }
        if (value instanceof Area area) {
            return area.places().stream().limit(1).toList();
        }
        if (value instanceof FactValue.Hours hours) {
            return List.of(hours.week().sayOpen().split(" · ")[0]);
        }
        if (value instanceof Link link) {
            return List.of("href:\"" + link.url() + "\"");
        }
        if (value instanceof Picture picture) {
            return List.of("src:." + Renditions.name(picture) + ".");
        }
        if (value instanceof Document document) {
            return List.of("href:\"" + document.path() + "\"");
        }
        if (value instanceof FactValue.Membership membership) {
            return List.of(membership.body());
        }
        if (value instanceof FactValue.OwnWords words) {
            return List.of(words.words().strip().lines().findFirst().orElse("").strip());
        }
        if (value instanceof FactValue.Special special) {
            return special.all().stream().limit(1).map(hours -> hours.say()).toList();
        }
        if (value instanceof FactValue.Answer answer) {
            return List.of(answer.ask());
        }
        if (value instanceof Service service) {
            return List.of(service.name());
        }
        return value.say("").filter(form -> !form.isBlank()).map(List::of).orElse(List.of());
    }
}
