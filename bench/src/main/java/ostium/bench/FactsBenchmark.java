package ostium.bench;

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
import ostium.core.hours.BusinessDay;
import ostium.core.hours.OpeningTimes;
import ostium.core.hours.SpecialHours;
import ostium.core.hours.WeeklyHours;
import ostium.core.paste.Findings;
import ostium.core.paste.PasteReader;
import ostium.core.paste.Source;
import ostium.core.sheet.TypedSheet;

/** Reading an old page of 200 KB, markup and all, and a thousand questions whether a business is open. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 3, time = 5)
@Fork(1)
public class FactsBenchmark {
    private static final Instant NOW = Instant.parse("2026-11-25T12:00:00Z");
    private static final BusinessDay TODAY = BusinessDay.at(NOW, ZoneId.of("Europe/London"));
    private static final ZoneId ZONE = ZoneId.of("Europe/London");

    private Source page;
    private OpeningTimes times;

    @Setup
    public void make() {
        StringBuilder html = new StringBuilder("<html><head><title>Ashlatch Chimney Care</title></head><body>"
                + "<div class=\"header\"><h1>Ashlatch Chimney Care</h1><a href=\"tel:+441174960142\">Call Ada</a></div>"
                + "<address>3 Net Loft, Quillhaven QH1 2NL</address><p>Open Mon-Fri 8-5.30, Sat 9-1</p>");
        for (int i = 0; html.length() < 200_000; i++) {
            html.append("<div class=\"entry entry-type-note col-md-8 col-sm-12\" id=\"note-")
                    .append(i)
                    .append("\" data-index=\"")
                    .append(i)
                    .append("\"><h2 class=\"entry-title\"><a href=\"/notes/")
                    .append(i)
                    .append("\" rel=\"bookmark\">Notes of week ")
                    .append(i)
                    .append("</a></h2><div class=\"entry-content clearfix\"><p>In week ")
                    .append(i)
                    .append(" we swept ")
                    .append(3 + i % 9)
                    .append(" chimneys between Tolver and Pennock’s Mill, took out ")
                    .append(i % 4)
                    .append(" nests, and fitted a guard where the jackdaws of number ")
                    .append(i)
                    .append(" had been busy. It rained; the soot did not mind.</p>")
                    .append("<img class=\"size-large alignnone wp-image-")
                    .append(i)
                    .append("\" src=\"/images/")
                    .append(i)
                    .append(".jpg\" width=\"600\" height=\"400\" alt=\"\"></div></div>");
            if (i % 12 == 0) {
                html.append("<table><tr><td>Service ")
                        .append(i)
                        .append("</td><td>£")
                        .append(20 + i % 90)
                        .append("</td></tr></table><p>Call 0117 496 0142 or write to ada@ashlatch.example.</p>");
            }
        }
        page = Source.pasted(html.append("</body></html>").toString()).value().orElseThrow();
        times = new OpeningTimes(
                WeeklyHours.read("Mon-Fri 8-5:30, Sat 9-1").value().orElseThrow(),
                List.of(
                        SpecialHours.read("3 Dec 2026 closed", TODAY, "GB")
                                .value()
                                .orElseThrow(),
                        SpecialHours.read("May-Sep: Mon-Sat 8-7", TODAY, "GB")
                                .value()
                                .orElseThrow(),
                        SpecialHours.read("bank holidays closed", TODAY, "GB")
                                .value()
                                .orElseThrow()));
    }

    @Benchmark
    public Findings pastedPage() {
        return PasteReader.read(page, TypedSheet.empty("GB", 1), TODAY);
    }

    /** Every hour and a bit of some six weeks, over the turn of the year. */
    @Benchmark
    public int thousandOpenAt() {
        Instant at = Instant.parse("2026-11-25T00:00:00Z");
        int open = 0;
        for (int i = 0; i < 1000; i++) {
            open += times.at(at, ZONE).open() ? 1 : 0;
            at = at.plusSeconds(3_661);
        }
        return open;
    }
}
