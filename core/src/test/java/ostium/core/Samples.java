package ostium.core;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import ostium.core.brief.Brief;
import ostium.core.format.LocalBusinessReader;
import ostium.core.hours.BusinessDay;
import ostium.core.sheet.Line;
import ostium.core.sheet.SheetReader;
import ostium.core.sheet.SheetReading;
import ostium.core.sheet.TypedSheet;
import ostium.core.trade.Trade;

/** Businesses of the demo world, and sheets made up for a test. */
public final class Samples {
    public static final Instant NOW = Instant.parse("2026-11-25T12:00:00Z");
    public static final BusinessDay TODAY = BusinessDay.at(NOW, ZoneId.of("Europe/London"));

    private Samples() {}

    /** A demo business by the name of its file: {@code ashlatch}, {@code wren-and-tindle}, {@code bellkite}. */
    public static TypedSheet sheet(String name) {
        try {
            Path file = Path.of("../demo/" + name + ".jsonld");
            return LocalBusinessReader.read(Files.readString(file), 1).sheet();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (LocalBusinessReader.Unreadable e) {
            throw new AssertionError(name, e);
        }
    }

    public static Brief brief(String name) {
        return SheetReader.read(sheet(name), NOW).brief();
    }

    /** The least a page can be made from, with some of a trade's services and answers. */
    public static TypedSheet of(Trade trade, int services, int practices) {
        List<TypedSheet.TypedService> taken = trade.services().stream()
                .limit(services)
                .map(usual -> new TypedSheet.TypedService("", usual.key(), usual.name(), "", "from 40", "45"))
                .toList();
        List<String> yes = trade.practices().stream()
                .limit(practices)
                .map(Trade.UsualPractice::key)
                .toList();
        return TypedSheet.empty("GB", 1)
                .with(Line.TRADE, trade.id().equals("general") ? "falconer" : trade.name())
                .with(Line.NAME, "Tolver & Daughters")
                .with(Line.PLACE, "2 Sail Street, Tolver QH4 1AA")
                .with(Line.TELEPHONE, "0117 496 0555")
                .with(Line.HOURS, "Mon-Fri 9-5")
                .withServices(taken)
                .withPractices(yes);
    }

    public static SheetReading read(TypedSheet sheet) {
        return SheetReader.read(sheet, NOW);
    }
}
