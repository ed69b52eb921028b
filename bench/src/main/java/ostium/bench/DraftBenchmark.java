package ostium.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.draft.Draft;
import ostium.core.draft.DraftTable;
import ostium.core.draft.Drafter;
import ostium.core.format.LocalBusinessReader;
import ostium.core.hours.BusinessDay;
import ostium.core.sheet.SheetReader;
import ostium.core.sheet.TypedSheet;
import ostium.core.trade.TradeCatalogue;
import ostium.render.RenderedFile;
import ostium.render.SiteRenderer;
import ostium.render.Target;

/** From a typed sheet to all files of a site, and the parts of that way. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 3, time = 5)
@Fork(1)
public class DraftBenchmark {
    private static final Instant NOW = Instant.parse("2026-11-25T12:00:00Z");
    private static final BusinessDay TODAY = BusinessDay.at(NOW, ZoneId.of("Europe/London"));

    private TypedSheet sheet;
    private long seed;

    @Setup
    public void read() throws IOException, LocalBusinessReader.Unreadable {
        sheet = LocalBusinessReader.read(Files.readString(Path.of("demo/ashlatch.jsonld")), 1)
                .sheet();
    }

    @Benchmark
    public List<RenderedFile> sheetToFiles() {
        Brief brief = SheetReader.read(sheet, NOW).brief();
        return SiteRenderer.shipped().render(brief, Drafter.draft(brief, new Seed(++seed)), Target.folder());
    }

    /** From a typed sheet to the plan and the words of three drafts. */
    @Benchmark
    public List<Draft> threeDrafts() {
        Brief brief = SheetReader.read(sheet, NOW).brief();
        return List.of(
                Drafter.draft(brief, new Seed(++seed)),
                Drafter.draft(brief, new Seed(++seed)),
                Drafter.draft(brief, new Seed(++seed)));
    }

    /** From a typed sheet to three complete drafts that are really different: documents, HTML, CSS and scenes. */
    @Benchmark
    public List<List<RenderedFile>> threeCompleteDrafts() {
        Brief brief = SheetReader.read(sheet, NOW).brief();
        return DraftTable.draw(brief, new Seed(++seed), 3).stream()
                .map(proposal -> SiteRenderer.shipped().render(brief, proposal.draft(), Target.folder()))
                .toList();
    }

    @Benchmark
    public Object sheetToFacts() {
        return SheetReader.read(sheet, NOW);
    }

    /** What somebody types a letter at a time, in four languages, with slips. */
    private static final String[] TYPED = {
        "chimny swe", "someone to fix a leaking tap", "Klavierstim", "accordeur de pia", "afinador", "p", "dog wash"
    };

    private int typed;

    @Benchmark
    public Object tradeSearch() {
        typed = (typed + 1) % TYPED.length;
        return TradeCatalogue.shipped().suggest(TYPED[typed], 7);
    }
}
