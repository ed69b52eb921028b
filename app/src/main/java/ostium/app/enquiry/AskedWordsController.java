package ostium.app.enquiry;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.account.Account;
import ostium.app.site.SiteAccess;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;

/** Words of customers, for whoever may see the site. */
@RestController
@RequestMapping("/api/sites/{id}/enquiries/{enquiry}/words")
class AskedWordsController {
    private final AskedWordsService words;
    private final EnquiryReader reader;
    private final SiteAccess access;
    private final RateLimits limits;

    AskedWordsController(AskedWordsService words, EnquiryReader reader, SiteAccess access, RateLimits limits) {
        this.words = words;
        this.reader = reader;
        this.access = access;
        this.limits = limits;
    }

    /** @param link the link of the customer, shown this once */
    record AskedForWords(Enquiry enquiry, String link) {}

    @PostMapping
    AskedForWords ask(@PathVariable String id, @PathVariable String enquiry, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        limits.require(RateLimits.Act.MAIL, access.requireAccount().id());
        String link = words.ask(site, enquiry);
        return new AskedForWords(seen(site, enquiry), link);
    }

    @PostMapping("/take")
    Enquiry take(@PathVariable String id, @PathVariable String enquiry, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        Account author = access.requireAccount();
        words.take(site, enquiry, author);
        return seen(site, enquiry);
    }

    @DeleteMapping
    Enquiry letGo(@PathVariable String id, @PathVariable String enquiry, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        words.letGo(site, enquiry);
        return seen(site, enquiry);
    }

    private Enquiry seen(StoredSite site, String enquiry) {
        return reader.one(site, enquiry).orElseThrow(Problem::notFound);
    }
}
