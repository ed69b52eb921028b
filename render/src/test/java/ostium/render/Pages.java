package ostium.render;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.draft.Drafter;
import ostium.core.format.LocalBusinessReader;
import ostium.core.hours.BusinessDay;
import ostium.core.sheet.Line;
import ostium.core.sheet.SheetReader;
import ostium.core.sheet.TypedSheet;

/** Rendered pages of demo businesses and of made-up ones. */
final class Pages {
    static final Instant NOW = Instant.parse("2026-11-25T12:00:00Z");
    static final BusinessDay TODAY = BusinessDay.at(NOW, ZoneId.of("Europe/London"));

    private Pages() {}

    static Brief brief(String business) {
        return brief(demo(business));
    }

    static TypedSheet demo(String business) {
        try {
            return LocalBusinessReader.read(Files.readString(Path.of("../demo/" + business + ".jsonld")), 1)
                    .sheet();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (LocalBusinessReader.Unreadable e) {
            throw new AssertionError(e);
        }
    }

    static Brief brief(TypedSheet sheet) {
        return SheetReader.read(sheet, NOW).brief();
    }

    static List<RenderedFile> files(Brief brief, long seed, Target target) {
        return SiteRenderer.shipped().render(brief, Drafter.draft(brief, new Seed(seed)), target);
    }

    static String html(Brief brief, long seed, Target target) {
        return files(brief, seed, target).get(0).text();
    }

    /** A sheet with just a trade, a name and a telephone, and whatever else a test wants. */
    static TypedSheet sheet(String trade, String name, List<TypedSheet.TypedService> services, String hours) {
        return TypedSheet.empty("GB", 1)
                .with(Line.TRADE, trade)
                .with(Line.NAME, name)
                .with(Line.PLACE, "2 Sail Street, Tolver QH4 1AA")
                .with(Line.TELEPHONE, "0117 496 0555")
                .with(Line.EMAIL, "a@tolver.example")
                .with(Line.HOURS, hours)
                .withServices(services)
                .withLinks(List.of("instagram @tolver"));
    }

    static TypedSheet.TypedService service(String name, String price) {
        return new TypedSheet.TypedService("", "", name, "", price, "45");
    }
}
