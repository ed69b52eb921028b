package ostium.app.hook;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.hook.WebHook.Subject;
import ostium.app.site.SiteAccess;
import ostium.app.site.StoredSite;

/** The programs of an owner's that are told what happens; the owner's alone. Each call answers how it stands then. */
@RestController
@RequestMapping("/api/sites/{id}/hooks/{subject}")
class HookController {
    private final WebHooks hooks;
    private final SiteAccess access;

    HookController(WebHooks hooks, SiteAccess access) {
        this.hooks = hooks;
        this.access = access;
    }

    /**
     * A program, and how it fares.
     *
     * @param hook null for none
     * @param calls what it was told last, the last first
     */
    record HookView(@Schema(nullable = true) WebHook hook, List<WebHooks.Call> calls) {}

    record Address(String address) {}

    @GetMapping
    HookView hook(@PathVariable String id, @PathVariable Subject subject, HttpServletRequest request) {
        return view(access.requireOwner(id, request), subject);
    }

    private HookView view(StoredSite site, Subject subject) {
        return hooks.of(site, subject)
                .map(hook -> new HookView(hook, hooks.calls(site, subject)))
                .orElse(new HookView(null, List.of()));
    }

    @PutMapping
    HookView set(
            @PathVariable String id,
            @PathVariable Subject subject,
            @RequestBody Address asked,
            HttpServletRequest request) {
        StoredSite site = access.requireOwner(id, request);
        hooks.set(site, subject, asked.address());
        return view(site, subject);
    }

    @DeleteMapping
    HookView remove(@PathVariable String id, @PathVariable Subject subject, HttpServletRequest request) {
        StoredSite site = access.requireOwner(id, request);
        hooks.remove(site, subject);
        return view(site, subject);
    }

    /** Tells the program that this is a test. */
    @PostMapping("/test")
    HookView test(@PathVariable String id, @PathVariable Subject subject, HttpServletRequest request) {
        StoredSite site = access.requireOwner(id, request);
        hooks.test(site, subject);
        return view(site, subject);
    }

    /** Tries a call again that was given up. */
    @PostMapping("/calls/{call}")
    HookView again(
            @PathVariable String id,
            @PathVariable Subject subject,
            @PathVariable String call,
            HttpServletRequest request) {
        StoredSite site = access.requireOwner(id, request);
        hooks.again(site, call);
        return view(site, subject);
    }
}
