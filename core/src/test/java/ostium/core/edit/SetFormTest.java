package ostium.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.enquiry.SectionForms;
import ostium.core.form.Field;
import ostium.core.form.FieldKind;
import ostium.core.form.Form;
import ostium.core.form.FormSetup;
import ostium.core.site.Section;

/** What an owner can make of a form, and what is refused. */
class SetFormTest {
    private static final Brief BRIEF = Samples.brief("ashlatch");
    private static final Draft DRAFT = Drafter.draft(BRIEF, new Seed(1));
    private static final Section SECTION = SectionForms.in(DRAFT.site()).get(0);
    private static final State STATE = new State(Samples.sheet("ashlatch"), DRAFT.site(), DRAFT.look(), DRAFT.doors());
    private static final Field REACH = field("reach", FieldKind.REACH);

    private static Field field(String key, FieldKind kind) {
        return new Field(
                key, "Asked: " + key, "", kind, false, 0, kind.hasOptions() ? List.of("One", "Two") : List.of(), null);
    }

    private static Applied set(Field... fields) {
        return new WholeEdit.SetForm(SECTION.id(), new FormSetup(List.of(fields), "", false), false).apply(STATE);
    }

    private static void refused(String words, Field... fields) {
        assertThatThrownBy(() -> set(fields)).isInstanceOf(EditRefused.class).hasMessageContaining(words);
    }

    @Test
    void isTheFormOfTheSectionAndIsTakenBackExactly() {
        Applied applied = set(REACH, field("date", FieldKind.DATE));
        Form form = SectionForms.of(SECTION, BRIEF, applied.state().doors());
        assertThat(form.fields()).extracting(Field::key).containsExactly("reach", "date");
        assertThat(applied.inverse().apply(applied.state()).state()).isEqualTo(STATE);
    }

    @Test
    void canBeAsItWasAtFirst() {
        State state = set(REACH).state();
        State usual = new WholeEdit.SetForm(SECTION.id(), new FormSetup(List.of(), "", false), true)
                .apply(state)
                .state();
        assertThat(usual).isEqualTo(STATE);
    }

    @Test
    void isStoredAndReadBack() {
        State state = set(
                        REACH,
                        new Field("which", "Which?", "Look at its door.", FieldKind.SHORT, true, 0, List.of(), null))
                .state();
        assertThat(Stored.readState(Stored.write(state))).isEqualTo(state);
    }

    @Test
    void keepsAWayToReachThem() {
        refused("Keep one way to reach them", field("date", FieldKind.DATE));
        assertThat(set(field("email", FieldKind.EMAIL)).state()).isNotNull();
    }

    @Test
    void asksEachThingOnceAndSaysWhat() {
        refused("Two fields of this form are the same", REACH, field("a", FieldKind.SHORT), field("a", FieldKind.LONG));
        refused("can stand in a form once", REACH, field("second", FieldKind.NAME));
        refused("Two fields", REACH, field("website", FieldKind.SHORT));
        refused("Say what is asked", REACH, new Field("a", " ", "", FieldKind.SHORT, false, 0, List.of(), null));
    }

    @Test
    void hasListsThatCanBeChosenFrom() {
        refused("needs two to 40 answers", REACH, field("a", FieldKind.CHOICE).withOptions(List.of("One")));
        refused("stands there once", REACH, field("a", FieldKind.SEVERAL).withOptions(List.of("One", "One")));
    }

    @Test
    void hangsOnlyOnWhatStandsAbove() {
        Field list = field("list", FieldKind.CHOICE);
        Field hangs = new Field(
                "hangs", "Which?", "", FieldKind.SHORT, true, 0, List.of(), new Field.Condition("list", "One"));
        assertThat(set(REACH, list, hangs).state()).isNotNull();
        refused("can hang on an answer", REACH, hangs, list);
        refused(
                "can hang on an answer",
                REACH,
                list,
                new Field(
                        "hangs",
                        "Which?",
                        "",
                        FieldKind.SHORT,
                        true,
                        0,
                        List.of(),
                        new Field.Condition("list", "Three")));
    }

    @Test
    void hasAnEnd() {
        List<Field> fields = new ArrayList<>(List.of(REACH));
        IntStream.range(0, 30).forEach(i -> fields.add(field("a" + i, FieldKind.SHORT)));
        refused("at most 30 fields", fields.toArray(Field[]::new));
    }
}
