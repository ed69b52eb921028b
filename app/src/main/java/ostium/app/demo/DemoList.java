package ostium.app.demo;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import ostium.app.list.ListService;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.core.form.Form;
import ostium.core.list.ListForm;

/** Eight weeks of people who signed up, each as many days ago as the demo's file says. */
@Component
@ConditionalOnProperty("ostium.demo")
class DemoList {
    private static final int MEMBER = 3;

    private final ListService list;
    private final SiteService sites;
    private final Clock clock;

    DemoList(ListService list, SiteService sites, Clock clock) {
        this.list = list;
        this.sites = sites;
        this.clock = clock;
    }

    void bringIn(StoredSite site, byte[] file) throws IOException {
        Form form = ListForm.of(sites.read(sites.state(site)).brief());
        String agreed = form.fields().get(form.fields().size() - 1).label();
        List<String> lines =
                new String(file, StandardCharsets.UTF_8).lines().skip(1).toList();
        for (String line : lines) {
            String[] cells = line.split(",", MEMBER);
            list.bringIn(
                    site, cells[0], cells[1], agreed, clock.instant().minus(Duration.ofDays(Long.parseLong(cells[2]))));
        }
    }
}
