package ostium.app.editing;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.core.base.Seed;
import ostium.core.brief.Tone;
import ostium.core.draft.Wording;
import ostium.core.edit.State;
import ostium.core.edit.TextEdit;
import ostium.core.rewrite.Rewriter;
import ostium.core.rewrite.Way;
import ostium.core.sheet.SheetReading;
import ostium.core.site.Node;
import ostium.core.site.PlainText;
import ostium.core.site.Section;
import ostium.core.site.Text;

/** The words of one text: why they were chosen, what else could stand there, and rewriting them. */
@RestController
class WordingController {
    private static final int MOST_OTHERS = 5;

    private final SiteService sites;
    private final SiteAccess access;
    private final EditAnswers answers;

    WordingController(SiteService sites, SiteAccess access, EditAnswers answers) {
        this.sites = sites;
        this.access = access;
        this.answers = answers;
    }

    /**
     * @param why why these words were chosen; empty for the owner's own
     * @param tone tone of the others
     * @param others what else could stand there
     * @param ways ways to rewrite it
     */
    record WordingView(String mark, List<String> why, String tone, List<String> others, List<WayView> ways) {}

    record WayView(String id, String words) {}

    /** @param says one of the others, as it was listed */
    record Choose(long revision, String tone, String says) {}

    record RewriteHow(String way) {}

    /**
     * @param found whether something better was found
     * @param words what is to be said about it when not
     */
    record Rewritten(boolean found, String words, String says, List<Node> tree) {}

    private record Asked(StoredSite site, State state, SheetReading reading, Section section, String slot, Text text) {
        Wording wording() {
            return new Wording(
                    reading.brief(), state.site(), new Seed(state.sheet().seed()));
        }

        Tone tone(String id) {
            return Tone.named(id == null ? "" : id)
                    .orElseGet(() -> reading.brief().tone(new Seed(state.sheet().seed())));
        }

        List<Wording.Other> others(Tone tone) {
            return slot.isEmpty() ? List.of() : wording().others(section, slot, tone, MOST_OTHERS);
        }
    }

    @GetMapping("/api/sites/{id}/texts/{text}/wording")
    WordingView wording(
            @PathVariable String id,
            @PathVariable String text,
            @RequestParam(required = false) String tone,
            HttpServletRequest request) {
        Asked asked = asked(id, text, request);
        Tone chosen = asked.tone(tone);
        return new WordingView(
                asked.text().mark().name(),
                asked.slot().isEmpty() ? List.of() : asked.wording().why(asked.section(), asked.slot()),
                chosen.id(),
                asked.others(chosen).stream().map(Wording.Other::plain).toList(),
                Arrays.stream(Way.values())
                        .map(way -> new WayView(way.id(), way.words()))
                        .toList());
    }

    /** Puts other words of ours in a text; the owner chose them, so they are confirmed. */
    @PostMapping("/api/sites/{id}/texts/{text}/wording")
    EditAnswer choose(
            @PathVariable String id,
            @PathVariable String text,
            @RequestBody Choose choice,
            HttpServletRequest request) {
        Asked asked = asked(id, text, request);
        Wording.Other other = asked.others(asked.tone(choice.tone())).stream()
                .filter(each -> each.plain().equals(choice.says()))
                .findFirst()
                .orElseThrow(() -> Problem.at("says", "wording.gone"));
        return answers.apply(
                asked.site(),
                choice.revision(),
                request,
                () -> new TextEdit.SetText(text, Text.Mark.CONFIRMED, other.tree(), other.origin()));
    }

    /** Rewrites a text, and changes nothing: the owner takes it, or leaves it. */
    @PostMapping("/api/sites/{id}/texts/{text}/rewriting")
    Rewritten rewrite(
            @PathVariable String id,
            @PathVariable String text,
            @RequestBody RewriteHow how,
            HttpServletRequest request) {
        Asked asked = asked(id, text, request);
        Way way = Way.named(how.way() == null ? "" : how.way()).orElseThrow(() -> Problem.at("way", "wording.way"));
        Optional<List<Node>> better = Rewriter.rewrite(asked.text().tree(), way);
        return better.map(tree -> new Rewritten(
                        true,
                        "",
                        PlainText.of(
                                new Text(text, Text.Mark.OWN, tree, asked.text().origin()),
                                asked.reading().brief().facts()),
                        tree))
                .orElseGet(() -> new Rewritten(false, way.nothing(), "", List.of()));
    }

    private Asked asked(String id, String textId, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        State state = sites.state(site);
        if (!state.isKept()) {
            throw Problem.notFound();
        }
        Section section = state.site().sectionOfText(textId).orElseThrow(Problem::notFound);
        String slot = section.texts().entrySet().stream()
                .filter(entry -> entry.getValue().id().equals(textId))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse("");
        return new Asked(
                site,
                state,
                sites.read(state),
                section,
                slot,
                state.site().text(textId).orElseThrow());
    }
}
