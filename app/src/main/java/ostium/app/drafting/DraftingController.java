package ostium.app.drafting;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.publishing.FreeAddresses;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteService;
import ostium.core.base.Seed;
import ostium.core.edit.State;
import ostium.core.naming.Names;
import ostium.core.sheet.SheetReading;

/** How a site is drafted: the plan with its reasons, the tones with samples, and names for one without. */
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
