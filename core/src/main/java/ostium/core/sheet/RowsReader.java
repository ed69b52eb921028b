package ostium.core.sheet;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import ostium.core.base.Messages;
import ostium.core.base.Reading;
import ostium.core.base.TimeBudget;
import ostium.core.fact.Document;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Picture;
import ostium.core.fact.StoredFile;
import ostium.core.fact.Telephone;
import ostium.core.fact.Treatment;
import ostium.core.hours.BusinessDay;
import ostium.core.sheet.TypedSheet.TypedRow;

/** Reads the rows of a sheet into facts; each is answered by kind and id ({@code testimonial/t1}). */
final class RowsReader {
    private static final Messages WORDS = Messages.of("sheet");

    private static final int LONGEST_LINE = 200;
    private static final int LONGEST_WORDS = 2000;
    private static final Set<String> LONG = Set.of("words", "about", "answer");

    private final TypedSheet sheet;
    private final BusinessDay today;
    private final Consumer<Fact<? extends FactValue>> put;
    private final Map<String, FieldAnswer> answers;

    RowsReader(
            TypedSheet sheet,
            BusinessDay today,
            Consumer<Fact<? extends FactValue>> put,
            Map<String, FieldAnswer> answers) {
        this.sheet = sheet;
        this.today = today;
        this.put = put;
        this.answers = answers;
    }

    void read() {
        for (TypedRow row : sheet.rows()) {
            TimeBudget.check();
            RowKind kind = RowKind.named(row.kind()).orElseThrow();
            String id = row.kind() + "/" + row.id();
            String main = kind.lines().get(0);
            String needed = kind == RowKind.TELEPHONE ? "number" : main;
            if (row.line(needed).isBlank()) {
                answers.put(id, FieldAnswer.NOTHING);
            } else if (tooLong(kind, row, id)) {
                continue;
            } else {
                fact(kind, row, id);
            }
        }
    }

    private boolean tooLong(RowKind kind, TypedRow row, String id) {
        for (String line : kind.lines()) {
            int longest = LONG.contains(line) ? LONGEST_WORDS : LONGEST_LINE;
            if (row.line(line).length() > longest) {
                answers.put(id, FieldAnswer.tooLong(longest, row.line(line)));
                return true;
            }
        }
        return false;
    }

    private void fact(RowKind kind, TypedRow row, String id) {
        switch (kind) {
            case TELEPHONE -> {
                Reading<Telephone> reading = Telephone.read(row.line("number"), sheet.region());
                reading.value()
                        .ifPresent(number -> put.accept(Fact.typed(
                                id,
                                new FactValue.NamedTelephone(row.line("name").strip(), number))));
                answers.put(
                        id,
                        FieldAnswer.of(
                                reading,
                                reading.value().map(Telephone::international).orElse("")));
            }
            case PERSON -> {
                put.accept(Fact.typed(
                        id,
                        new FactValue.Person(
                                row.line("name").strip(),
                                row.line("role").strip(),
                                row.line("about").strip())));
                answers.put(id, FieldAnswer.read(""));
            }
            case TESTIMONIAL -> testimonial(row, id);
            case CREDENTIAL -> {
                Reading<FactValue.Membership> reading =
                        Credentials.read(row.line("body"), row.line("number"), row.line("until"), today);
                reading.value().ifPresent(value -> put.accept(Fact.typed(id, value)));
                answers.put(
                        id,
                        FieldAnswer.of(
                                reading, reading.value().map(Credentials::say).orElse("")));
            }
            case GUARANTEE -> {
                put.accept(
                        Fact.typed(id, new FactValue.Guarantee(row.line("words").strip())));
                answers.put(id, FieldAnswer.read(""));
            }
            case QUESTION -> {
                boolean answered = !row.line("answer").isBlank();
                if (answered) {
                    put.accept(Fact.typed(
                            id,
                            new FactValue.Answer(
                                    row.line("ask").strip(), row.line("answer").strip())));
                }
                answers.put(
                        id,
                        answered ? FieldAnswer.read("") : FieldAnswer.noted(WORDS.say("rowsReader.notShownYetWhatIs")));
            }
            case PICTURE -> picture(row, id);
            case DOCUMENT -> document(row, id);
        }
    }

    private void picture(TypedRow row, String id) {
        Optional<StoredFile> file = StoredFile.read(row.line("file")).filter(StoredFile::isPicture);
        Optional<Treatment> treatment = Treatment.read(
                row.line("turn"),
                row.line("mirror"),
                row.line("crop"),
                row.line("brightness"),
                row.line("ground"),
                row.line("focus"));
        if (file.isEmpty() || treatment.isEmpty()) {
            answers.put(id, FieldAnswer.refused(WORDS.say("rowsReader.thisPictureCannotBeRead"), 0, 0));
            return;
        }
        Picture picture = new Picture(
                file.get(),
                Picture.Use.named(row.line("use")).orElse(Picture.Use.WORK),
                row.line("alternative").strip(),
                row.line("decoration").equals("yes"),
                row.line("credit").strip(),
                treatment.get());
        put.accept(Fact.typed(id, picture));
        answers.put(
                id,
                picture.isDescribed()
                        ? FieldAnswer.read("")
                        : FieldAnswer.noted(WORDS.say("rowsReader.whatDoesItShowSay")));
    }

    private void document(TypedRow row, String id) {
        Optional<StoredFile> file = StoredFile.read(row.line("file")).filter(each -> !each.isPicture());
        if (file.isEmpty()) {
            answers.put(id, FieldAnswer.refused(WORDS.say("rowsReader.thisFileCannotBeRead"), 0, 0));
        } else if (row.line("title").isBlank()) {
            answers.put(id, FieldAnswer.noted(WORDS.say("rowsReader.notShownYetWhatIs2")));
        } else {
            Document document = new Document(file.get(), row.line("title").strip());
            put.accept(Fact.typed(id, document));
            answers.put(id, FieldAnswer.read(document.size()));
        }
    }

    /** Words of a customer are shown only with their name and their permission. */
    private void testimonial(TypedRow row, String id) {
        boolean permitted = row.line("permission").equals("yes");
        FactValue.Testimonial said = new FactValue.Testimonial(
                row.line("words").strip(),
                row.line("who").strip(),
                row.line("when").strip(),
                row.line("where").strip());
        Fact<FactValue.Testimonial> fact = Fact.typed(id, said);
        put.accept(permitted && !said.who().isEmpty() ? fact : fact.hidden());
        answers.put(
                id,
                said.who().isEmpty()
                        ? FieldAnswer.noted(WORDS.say("rowsReader.notShownYetWhoSaid"))
                        : permitted
                                ? FieldAnswer.read("")
                                : FieldAnswer.noted(WORDS.say("rowsReader.notShownYetMayYou")));
    }
}
