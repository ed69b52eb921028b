package ostium.app.doors;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.account.Account;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;
import ostium.core.door.DoorDescriptor;
import ostium.core.door.DoorKind;
import ostium.core.door.DoorKinds;
import ostium.core.edit.State;

/** The doors of a site, for whoever may see it. They are set by edits like everything else. */
@RestController
class DoorsController {
    private final SiteAccess access;
    private final SiteService sites;
    private final DoorTests tests;
    private final DoorsDrawn drawn;
    private final RateLimits limits;
    private final Clock clock;

    DoorsController(
            SiteAccess access, SiteService sites, DoorTests tests, DoorsDrawn drawn, RateLimits limits, Clock clock) {
        this.access = access;
        this.sites = sites;
        this.tests = tests;
        this.drawn = drawn;
        this.limits = limits;
        this.clock = clock;
    }

    /** @param fields what was typed into the form, by name; empty or missing for a message of ours */
    record Trial(Map<String, String> fields) {}

    /** @param day any day of the week that is wanted, ISO 8601; empty for today */
    @GetMapping("/api/sites/{id}/doors")
    DoorsView show(@PathVariable String id, @RequestParam(defaultValue = "") String day, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        return drawn.view(site, tried(site), day(day), clock.instant());
    }

    /** Tries a door; what came of it is seen by asking for the doors again. */
    @PostMapping("/api/sites/{id}/doors/{kind}/test")
    DoorsView.TestView test(
            @PathVariable String id, @PathVariable String kind, @RequestBody Trial asked, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        Account account = access.requireAccount();
        limits.require(RateLimits.Act.MAIL, account.id());
        DoorDescriptor descriptor = kind(kind);
        DoorTests.Tried tried = tried(site);
        Map<String, List<String>> posted = asked.fields() == null
                ? Map.of()
                : asked.fields().entrySet().stream()
                        .collect(java.util.stream.Collectors.toMap(
                                Map.Entry::getKey, field -> List.of(field.getValue() == null ? "" : field.getValue())));
        DoorTestMapper.DoorTest test = tests.test(tried, descriptor, posted, account.email());
        return new DoorsView.TestView(test.testedAt(), tests.steps(tried, descriptor, test));
    }

    private DoorTests.Tried tried(StoredSite site) {
        State state = sites.state(site);
        if (!state.isKept()) {
            throw Problem.at("", "draft.keepForDoors");
        }
        return new DoorTests.Tried(site, state, sites.read(state));
    }

    private static DoorDescriptor kind(String kind) {
        try {
            return DoorKinds.of(new DoorKind(kind)).orElseThrow(Problem::notFound);
        } catch (IllegalArgumentException e) {
            throw Problem.notFound();
        }
    }

    private static LocalDate day(String day) {
        try {
            return day.isBlank() ? null : LocalDate.parse(day);
        } catch (DateTimeException e) {
            throw Problem.at("day", "day.unknown");
        }
    }
}
