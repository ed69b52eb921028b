package ostium.app.drafting;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.publishing.FreeAddresses;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteService;
import ostium.core.ask.PageQuestion;
import ostium.core.ask.PageQuestions;
import ostium.core.base.Seed;
import ostium.core.edit.State;
import ostium.core.naming.Names;
import ostium.core.section.opening.OpeningSection;
import ostium.core.sheet.Line;
import ostium.core.sheet.SheetReading;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;

/** How a site is drafted: the plan with its reasons, the tones with samples, what is asked next, and names for one without. */
@RestController
class DraftingController {
    private static final int MOST_NAMES = 6;

    private final SiteService sites;
    private final SiteAccess access;
    private final FreeAddresses addresses;

    DraftingController(SiteService sites, SiteAccess access, FreeAddresses addresses) {
        this.sites = sites;
        this.access = access;
        this.addresses = addresses;
    }

    @GetMapping("/api/sites/{id}/drafting")
    DraftingView drafting(@PathVariable String id, HttpServletRequest request) {
        State state = sites.state(access.require(id, request));
        return DraftingView.of(state, sites.read(state));
    }

    /**
     * What is asked of the owner now.
     *
     * @param next the question that would help most, or null when nothing is left to ask
     * @param section id of the section of the page it is asked beside: the one its answer would stand in, or else the opening;
     *     empty before a draft is kept
     * @param putOff keys of those that were put off, with blanks between
     */
    record QuestionView(PageQuestion next, String section, String putOff) {}

    @GetMapping("/api/sites/{id}/question")
    QuestionView question(@PathVariable String id, HttpServletRequest request) {
        State state = sites.state(access.require(id, request));
        String line = state.sheet().line(Line.PUT_OFF);
        Set<String> putOff = Arrays.stream(line.split("\\s+")).collect(Collectors.toSet());
        List<PageQuestion> open = PageQuestions.of(sites.read(state).brief(), putOff);
        return open.isEmpty()
                ? new QuestionView(null, "", line)
                : new QuestionView(open.get(0), beside(state, open.get(0).beside()), line);
    }

    private static String beside(State state, SectionKind kind) {
        return !state.isKept()
                ? ""
                : Stream.of(kind, OpeningSection.KIND)
                        .flatMap(each -> state.site()
                                .shownSections()
                                .filter(section -> section.kind().equals(each)))
                        .map(Section::id)
                        .findFirst()
                        .orElse("");
    }

    /** @param free whether nobody has the address yet */
    record NameView(String name, String address, boolean free) {}

    /** @param turn 0 for the first names, 1 for others, and so on */
    @GetMapping("/api/sites/{id}/names")
    List<NameView> names(
            @PathVariable String id, @RequestParam(defaultValue = "0") int turn, HttpServletRequest request) {
        State state = sites.state(access.require(id, request));
        SheetReading reading = sites.read(state);
        return Names.others(reading.brief(), new Seed(state.sheet().seed()), Math.max(0, turn), MOST_NAMES).stream()
                .map(name -> new NameView(name.name(), name.address(), addresses.isFree(name.address())))
                .toList();
    }
}
