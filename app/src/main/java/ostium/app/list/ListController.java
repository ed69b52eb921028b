package ostium.app.list;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.core.base.Messages;
import ostium.core.enquiry.SectionForms;
import ostium.core.form.FormPurpose;
import ostium.core.format.Csv;

/** The list as its owner sees it. */
@RestController
class ListController {
    private static final Messages WORDS = Messages.of("list");

    private final ListService list;
    private final ListLinks links;
    private final SiteService sites;
    private final SiteAccess access;

    ListController(ListService list, ListLinks links, SiteService sites, SiteAccess access) {
        this.list = list;
        this.links = links;
        this.sites = sites;
        this.access = access;
    }

    /**
     * The list.
     *
     * @param number how many are on it
     * @param asked how many have not confirmed yet
     * @param stands whether the sign-up stands on the site
     * @param members the last who came first, up to a hundred
     * @param next what the next page is asked for by; empty on the last
     */
    record ListView(int number, int asked, boolean stands, List<MemberView> members, String next) {}

    /** Somebody on it. */
    record MemberView(String id, String email, String name, String agreed, Instant agreedAt, Instant since) {
        static MemberView of(ListMember member) {
            return new MemberView(
                    member.id(),
                    member.email(),
                    member.name(),
                    member.agreed(),
                    member.agreedAt(),
                    member.confirmedAt());
        }
    }

    /**
     * @param after id and time of the last of the page before; empty for the first page
     * @param search part of an address or a name
     */
    @GetMapping("/api/sites/{id}/list")
    ListView list(
            @PathVariable String id,
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = "") String search,
            HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        List<MemberView> members =
                list.page(site, after, search).stream().map(MemberView::of).toList();
        return new ListView(
                list.number(site),
                list.asked(site),
                !SectionForms.in(sites.state(site).site(), FormPurpose.LIST).isEmpty(),
                members,
                members.size() < ListService.PAGE
                        ? ""
                        : members.get(members.size() - 1).id());
    }

    @DeleteMapping("/api/sites/{id}/list/{member}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String id, @PathVariable String member, HttpServletRequest request) {
        list.remove(access.require(id, request), member);
    }

    /** Everybody, with what they agreed to and the link by which they leave, for whatever the owner writes with. */
    @GetMapping(value = "/api/sites/{id}/list.csv", produces = "text/csv")
    ResponseEntity<String> csv(@PathVariable String id, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        List<List<String>> rows = new ArrayList<>();
        for (ListMember member : list.all(site)) {
            rows.add(List.of(
                    member.email(),
                    member.name(),
                    member.confirmedAt().toString(),
                    member.agreed(),
                    member.agreedAt().toString(),
                    links.leave(site, member)));
        }
        List<String> head = List.of(
                WORDS.say("csv.email"),
                WORDS.say("csv.name"),
                WORDS.say("csv.since"),
                WORDS.say("csv.agreed"),
                WORDS.say("csv.agreedAt"),
                WORDS.say("csv.leave"));
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, "text/csv;charset=UTF-8")
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("list.csv")
                                .build()
                                .toString())
                .body(Csv.write(head, rows));
    }

    /**
     * @param file the text of the file
     * @param agreed how its people agreed to be written to
     */
    record File(String file, String agreed) {}

    @PostMapping("/api/sites/{id}/list/people")
    ListService.Brought bring(@PathVariable String id, @RequestBody File asked, HttpServletRequest request) {
        return list.bring(access.requireOwner(id, request), asked.file(), asked.agreed());
    }
}
