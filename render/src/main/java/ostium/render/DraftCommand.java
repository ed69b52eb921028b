package ostium.render;

import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import ostium.core.base.Seed;
import ostium.core.brief.Arrangement;
import ostium.core.brief.Brief;
import ostium.core.brief.Extent;
import ostium.core.brief.Tone;
import ostium.core.brief.Wishes;
import ostium.core.draft.Draft;
import ostium.core.draft.DraftTable;
import ostium.core.draft.Drafter;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Facts;
import ostium.core.fact.Place;
import ostium.core.format.LocalBusinessReader;
import ostium.core.format.NamedPictures;
import ostium.core.hours.BusinessDay;
import ostium.core.look.Colour;
import ostium.core.look.ColourCode;
import ostium.core.look.House;
import ostium.core.paste.PasteReader;
import ostium.core.paste.Source;
import ostium.core.paste.Taking;
import ostium.core.sheet.FieldAnswer;
import ostium.core.sheet.Line;
import ostium.core.sheet.SheetReader;
import ostium.core.sheet.SheetReading;
import ostium.core.sheet.TypedSheet;
import ostium.core.trade.Goal;
import picocli.CommandLine;

/** {@code ./ostium draft}: a finished site as a folder of plain files, without server or database. */
@CommandLine.Command(
        name = "./ostium draft",
        description =
                "Reads the facts of a business from schema.org LocalBusiness JSON-LD or a vCard, and the pictures it names"
                        + " that lie beside it,"
                        + " and writes its site as plain files.",
        mixinStandardHelpOptions = true)
public final class DraftCommand implements Callable<Integer> {
    private static final String CARD = "BEGIN:VCARD";
    private static final int MOST_DRAFTS = 12;

    @CommandLine.Parameters(paramLabel = "FILE", description = "the facts, as JSON-LD or vCard")
    private Path file;

    @CommandLine.Option(
            names = "--out",
            paramLabel = "DIR",
            description = "where to write; default: site",
            defaultValue = "site")
    private Path out;

    @CommandLine.Option(
            names = "--seed",
            paramLabel = "N",
            description = "another number, another draft; default: 1",
            defaultValue = "1")
    private long seed;

    @CommandLine.Option(
            names = "--goal",
            paramLabel = "call|book|write|visit",
            description = "what visitors should do first; default: what the trade does")
    private String goal;

    @CommandLine.Option(
            names = "--tone",
            paramLabel = "plain|warm|brisk|formal|light",
            description = "how the page speaks; default: one that suits the trade")
    private String tone;

    @CommandLine.Option(
            names = "--pages",
            paramLabel = "one|few",
            description = "one page or a few; default: as the content asks")
    private String pages;

    @CommandLine.Option(
            names = "--house",
            paramLabel = "HOUSE",
            description = "workshop, parlour, studio, kiosk, chambers or garden; default: one that suits the trade")
    private String house;

    @CommandLine.Option(
            names = "--brand",
            paramLabel = "COLOUR",
            description = "colour everything is mixed around, as #7a1f2b, rgb(), hsl(), oklch() or a name")
    private String brand;

    @CommandLine.Option(
            names = "--trade",
            paramLabel = "WORDS",
            description = "what the business does, where the file does not say or says it too widely")
    private String trade;

    @CommandLine.Option(
            names = "--count",
            paramLabel = "N",
            description = "how many drafts, each in a folder of its own below DIR; default: 1",
            defaultValue = "1")
    private int count;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    public static void main(String[] arguments) {
        System.exit(new CommandLine(new DraftCommand()).execute(arguments));
    }

    /** @return exit code: 0 when written, 2 when the facts cannot be used */
    @Override
    public Integer call() throws IOException {
        var errors = spec.commandLine().getErr();
        LocalBusinessReader.Read read;
        PicturesBeside pictures;
        try {
            String source = Files.readString(file);
            read = source.stripLeading().regionMatches(true, 0, CARD, 0, CARD.length())
                    ? card(source)
                    : LocalBusinessReader.read(source, seed);
            pictures = PicturesBeside.of(file, NamedPictures.in(source));
        } catch (MalformedInputException e) {
            errors.println(file + ": this is not a UTF-8 text");
            return 2;
        } catch (java.nio.file.NoSuchFileException e) {
            errors.println(file + ": there is no such file");
            return 2;
        } catch (LocalBusinessReader.Unreadable e) {
            errors.println(file + ": " + e.getMessage());
            return 2;
        }
        TypedSheet typed =
                pictures.onto(trade == null ? read.sheet() : read.sheet().with(Line.TRADE, trade));
        SheetReading sheet = SheetReader.read(typed, Instant.now());
        boolean refused = !read.faults().isEmpty();
        read.faults().forEach(fault -> errors.println(file + ": " + fault));
        for (Map.Entry<String, FieldAnswer> answer : sheet.answers().entrySet()) {
            if (answer.getValue().state() == FieldAnswer.State.REFUSED
                    || answer.getValue().state() == FieldAnswer.State.ASKED) {
                errors.println(file + ": " + LocalBusinessReader.property(answer.getKey()) + ": "
                        + answer.getValue().says());
                refused = true;
            }
        }
        if (!sheet.isEnough()) {
            errors.println(file + ": still needed: " + sheet.missingWords());
        }
        Goal asked = null;
        try {
            asked = goal == null ? null : Goal.of(goal);
        } catch (IllegalArgumentException e) {
            errors.println("--goal: " + e.getMessage());
            refused = true;
        }
        Optional<Tone> wishedTone = Optional.ofNullable(tone).flatMap(Tone::named);
        if (tone != null && wishedTone.isEmpty()) {
            errors.println("--tone: one of plain, warm, brisk, formal, light");
            refused = true;
        }
        Optional<Extent> wishedExtent = Optional.ofNullable(pages).flatMap(Extent::named);
        if (pages != null && wishedExtent.isEmpty()) {
            errors.println("--pages: one or few");
            refused = true;
        }
        Optional<House> wishedHouse = Optional.ofNullable(house).flatMap(House::named);
        if (house != null && wishedHouse.isEmpty()) {
            errors.println("--house: one of workshop, parlour, studio, kiosk, chambers, garden");
            refused = true;
        }
        Optional<Colour> wishedBrand = Optional.ofNullable(brand).flatMap(ColourCode::read);
        if (brand != null && wishedBrand.isEmpty()) {
            errors.println("--brand: a colour such as #7a1f2b, rgb(122, 31, 43) or navy");
            refused = true;
        }
        if (count < 1 || count > MOST_DRAFTS) {
            errors.println("--count: 1 to " + MOST_DRAFTS);
            refused = true;
        }
        if (refused || !sheet.isEnough()) {
            return 2;
        }
        read.unused().forEach(property -> errors.println(file + ": " + property + ": not used"));
        pictures.notes().forEach(note -> errors.println(file + ": " + note));
        boolean mail = sheet.brief().facts().one(EmailAddress.class).isPresent();
        Wishes wishes = new Wishes(
                wishedTone.orElse(null),
                null,
                wishedExtent.orElse(null),
                wishedHouse.orElse(null),
                wishedBrand.orElse(null),
                Arrangement.USUAL);
        Brief brief = sheet.brief().withForm(mail).withWishes(wishes);
        Brief wished = asked == null ? brief : brief.withGoal(asked);
        if (count == 1) {
            write(wished, Drafter.draft(wished, new Seed(seed)), pictures, out);
        } else {
            List<DraftTable.Proposal> proposals = DraftTable.draw(wished, new Seed(seed), count);
            for (int i = 0; i < proposals.size(); i++) {
                write(wished, proposals.get(i).draft(), pictures, out.resolve(String.valueOf(i + 1)));
                spec.commandLine().getOut().println("  " + proposals.get(i).inALine());
            }
        }
        return 0;
    }

    /** The facts of a contact file, as if each had been taken onto an empty sheet. */
    private LocalBusinessReader.Read card(String words) {
        TypedSheet empty = TypedSheet.empty("GB", seed);
        Source source = Source.pasted(words).value().orElseThrow();
        BusinessDay today = BusinessDay.at(Instant.now(), Facts.none("GB").zone());
        TypedSheet sheet =
                Taking.all(empty, PasteReader.read(source, empty, today).proposals());
        // The country of the address says how its numbers and prices are meant.
        String country = Place.read(sheet.line(Line.PLACE), "GB")
                .value()
                .map(Place::country)
                .orElse("GB");
        TypedSheet there = TypedSheet.empty(country, seed);
        return new LocalBusinessReader.Read(
                Taking.all(
                        there,
                        PasteReader.read(
                                        source,
                                        there,
                                        BusinessDay.at(
                                                Instant.now(),
                                                Facts.none(country).zone()))
                                .proposals()),
                Set.of(),
                List.of());
    }

    private void write(Brief brief, Draft draft, PicturesBeside pictures, Path folder) throws IOException {
        for (RenderedFile rendered : SiteRenderer.shipped().render(brief, draft, Target.folder())) {
            Path path = folder.resolve(rendered.path());
            Files.createDirectories(path.getParent());
            Files.write(path, rendered.bytes());
        }
        pictures.write(brief.facts(), folder);
        spec.commandLine().getOut().println(folder.resolve("index.html"));
    }
}
