package ostium.app.hosting;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import ostium.app.drafting.DraftRounds;
import ostium.app.files.SiteFiles;
import ostium.app.publishing.PublishedVersions;
import ostium.app.site.PreviewTokens;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Origins;
import ostium.core.door.book.BookDoor;
import ostium.core.draft.Draft;
import ostium.core.edit.State;
import ostium.core.hours.BusinessDay;
import ostium.core.look.House;
import ostium.core.sheet.SheetReading;
import ostium.render.RenderedFile;
import ostium.render.SiteRenderer;
import ostium.render.Target;

/** The page taking shape, drawn anew for every request by the renderer that also publishes. */
@Component
class PreviewPages {
    /** A token, then a draft of the table, a house that is only tried on, or an earlier version; then the file. */
    private static final Pattern PATH =
            Pattern.compile("/(?<token>[A-Za-z0-9_-]{20,80})/(?:drafts/(?<round>\\d{1,4})/(?<seat>\\d)/"
                    + "|house/(?<house>[a-z]{4,10})/|version/(?<version>\\d{1,18})/)?(?<file>.*)");

    /** Files whose name tells what is in them, and fonts. */
    private static final Pattern LASTING = Pattern.compile("\\.[0-9a-f]{12}\\.|\\.woff2$");

    private final PreviewTokens tokens;
    private final SiteService sites;
    private final Origins origins;
    private final SiteFiles files;
    private final DraftRounds rounds;
    private final PublishedVersions versions;
    private final PreviewBooking booking;

    PreviewPages(
            PreviewTokens tokens,
            SiteService sites,
            Origins origins,
            SiteFiles files,
            DraftRounds rounds,
            PublishedVersions versions,
            PreviewBooking booking) {
        this.tokens = tokens;
        this.sites = sites;
        this.origins = origins;
        this.files = files;
        this.rounds = rounds;
        this.versions = versions;
        this.booking = booking;
    }

    void answer(HttpServletRequest request, HttpServletResponse response) throws IOException {
        Wire.security(response, origins.editors());
        String path = request.getRequestURI();
        if (path.startsWith("/_ostium/") && Wire.own(path, response)) {
            return;
        }
        Matcher matcher = PATH.matcher(path);
        Optional<StoredSite> site =
                matcher.matches() ? tokens.siteOf(matcher.group("token"), sites::byId) : Optional.empty();
        if (site.isEmpty()) {
            Wire.refusal(response, Refusal.PREVIEW_ENDED);
            return;
        }
        String name = matcher.group("file").isEmpty() ? "index.html" : matcher.group("file");
        Optional<State> asked = state(site.get(), matcher);
        if (asked.isEmpty()) {
            Wire.refusal(response, Refusal.NO_VERSION);
            return;
        }
        State state = asked.get();
        SheetReading reading = sites.read(state);
        Optional<SiteFiles.Content> given = files.of(site.get(), reading.brief(), name);
        if (given.isPresent()) {
            Wire.lasting(response, given.get().contentType(), given.get().bytes());
            return;
        }
        Optional<Draft> draft = draft(site.get(), state, reading, matcher);
        if (draft.isEmpty()) {
            Wire.refusal(response, Refusal.NO_DRAFT);
            return;
        }
        List<RenderedFile> rendered = rendered(
                site.get(), reading, draft.get(), path.substring(matcher.end("token") + 1, matcher.start("file")));
        Optional<RenderedFile> file =
                rendered.stream().filter(each -> isAskedFor(each.path(), name)).findFirst();
        if (file.isEmpty()) {
            Wire.refusal(response, Refusal.NO_PREVIEW_PAGE);
            return;
        }
        boolean staysTheSame =
                file.get().path().equals(name) && LASTING.matcher(name).find();
        if (name.equals(BookDoor.PAGE + ".html")) {
            Wire.html(response, 200, booking.page(site.get(), state, file.get(), request));
        } else if (staysTheSame) {
            Wire.lasting(response, file.get().contentType(), file.get().bytes());
        } else {
            Wire.bytes(response, 200, file.get().contentType(), file.get().bytes());
        }
    }

    /** A page comes with all its files at once; it is drawn once for all of these. */
    private record Drawn(String site, long revision, String variant, BusinessDay day) {}

    private final Cache<Drawn, List<RenderedFile>> drawn = Caffeine.newBuilder()
            .maximumSize(60)
            .expireAfterWrite(Duration.ofSeconds(20))
            .build();

    private List<RenderedFile> rendered(StoredSite site, SheetReading reading, Draft draft, String variant) {
        Drawn key =
                new Drawn(site.id(), site.revision(), variant, reading.brief().today());
        return drawn.get(key, missing -> SiteRenderer.shipped().render(reading.brief(), draft, Target.preview()));
    }

    /** The site as it stands, or as it was in a version. */
    private Optional<State> state(StoredSite site, Matcher asked) {
        String version = asked.group("version");
        return version == null ? Optional.of(sites.state(site)) : versions.state(site.id(), Long.parseLong(version));
    }

    private Optional<Draft> draft(StoredSite site, State state, SheetReading reading, Matcher asked) {
        if (asked.group("round") != null) {
            return rounds.recipe(
                            site,
                            new DraftRounds.Place(
                                    Integer.parseInt(asked.group("round")), Integer.parseInt(asked.group("seat"))))
                    .map(recipe -> recipe.draft(reading.brief()));
        }
        Draft present = state.draft(reading);
        return asked.group("house") == null
                ? Optional.of(present)
                : House.named(asked.group("house"))
                        .map(house -> present.withLook(present.look().withHouse(house)));
    }

    /** The site may have changed between a page and its stylesheet: then the present one is given. */
    private static boolean isAskedFor(String path, String name) {
        return path.equals(name)
                || path.replaceFirst("\\.[0-9a-f]{12}\\.", ".").equals(name.replaceFirst("\\.[0-9a-f]{12}\\.", "."))
                        && !path.endsWith(".html");
    }
}
