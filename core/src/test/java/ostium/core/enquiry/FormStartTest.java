package ostium.core.enquiry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.edit.State;
import ostium.core.edit.WholeEdit;
import ostium.core.form.Field;
import ostium.core.form.FieldKind;
import ostium.core.form.Form;
import ostium.core.form.FormPurpose;
import ostium.core.form.FormSetup;
import ostium.core.site.Section;

/** What a form can begin as: each can be set, sent, and answered. */
class FormStartTest {
    private static final List<String> SITES = List.of("ashlatch", "wren-and-tindle", "bellkite");

    @ParameterizedTest
    @EnumSource(FormStart.class)
    void everyStartIsAFormThatCanBeSetAndSent(FormStart start) {
        for (String name : SITES) {
            Brief brief = Samples.brief(name);
            Draft draft = Drafter.draft(brief, new Seed(1));
            Section section = SectionForms.in(draft.site(), FormPurpose.ENQUIRY).get(0);
            State state = new State(Samples.sheet(name), draft.site(), draft.look(), draft.doors());
            FormSetup setup = start.form(brief);
            State set = new WholeEdit.SetForm(section.id(), setup, false)
                    .apply(state)
                    .state();
            Form form = SectionForms.of(section, brief, set.doors());
            assertThat(form.fields()).isEqualTo(setup.fields());
            assertThat(form.check(form.trial("ada@ashlatch.example", "0117 496 0142"), "GB")
                            .faults())
                    .as("%s of %s", start, name)
                    .isEmpty();
        }
    }

    @Test
    void aCallBackAsksForTheNumberAndNothingThatIsTyped() {
        FormSetup callBack = FormStart.CALL_BACK.form(Samples.brief("ashlatch"));
        assertThat(callBack.fields()).extracting(Field::kind).doesNotContain(FieldKind.LONG, FieldKind.EMAIL);
        assertThat(new Form(callBack.fields())
                        .check(Map.of("name", List.of("Piet")), "GB")
                        .faults())
                .containsOnlyKeys("telephone");
    }

    @Test
    void aPriceAsksForWhatTheTradeNeedsAndForPhotographs() {
        Brief brief = Samples.brief("ashlatch");
        List<Field> price = FormStart.PRICE.form(brief).fields();
        assertThat(price).extracting(Field::kind).contains(FieldKind.FILES);
        assertThat(price).containsAll(StartingForm.usual(brief));
    }
}
