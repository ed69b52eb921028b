package ostium.core.list;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.door.DoorsOf;
import ostium.core.door.FoundDoor;
import ostium.core.door.list.ListDoor;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.edit.EditRefused;
import ostium.core.edit.State;
import ostium.core.edit.WholeEdit;
import ostium.core.enquiry.PrivacyNotice;
import ostium.core.enquiry.SectionForms;
import ostium.core.form.Field;
import ostium.core.form.FieldKind;
import ostium.core.form.Form;
import ostium.core.form.FormPurpose;
import ostium.core.form.FormSetup;
import ostium.core.section.list.ListSection;
import ostium.core.site.Page;
import ostium.core.site.Section;
import ostium.core.site.Site;

/** How people sign up for a list: what is asked, what must be, and what the site says of it. */
class ListFormTest {
    private static final Brief BRIEF = Samples.brief("ashlatch");
    private static final Draft DRAFT = Drafter.draft(BRIEF, new Seed(1));
    private static final Section LIST =
            new Section("the-list", ListSection.KIND, "strip", "list", false, Map.of(), List.of());
    private static final Site SITE = withList(DRAFT.site());

    private static Site withList(Site site) {
        Page home = site.home();
        List<Section> sections = new ArrayList<>(home.sections());
        sections.add(LIST);
        List<Page> pages = new ArrayList<>(site.pages());
        pages.set(pages.indexOf(home), home.withSections(sections));
        return new Site(site.masthead(), pages, site.footer());
    }

    private static Field field(String key, FieldKind kind, boolean required) {
        return new Field(key, "Asked: " + key, "", kind, required, 0, List.of(), null);
    }

    private static State set(Field... fields) {
        State state = new State(Samples.sheet("ashlatch"), SITE, DRAFT.look(), DRAFT.doors());
        return new WholeEdit.SetForm(LIST.id(), new FormSetup(List.of(fields), "", false), false)
                .apply(state)
                .state();
    }

    @Test
    void asksForTheAddressAndTheAgreementInTheBusinessName() {
        Form form = SectionForms.of(LIST, BRIEF, DRAFT.doors());
        assertThat(form.purpose()).isEqualTo(FormPurpose.LIST);
        assertThat(form.fields())
                .extracting(Field::label)
                .containsExactly(
                        "Your e-mail",
                        BRIEF.facts().say("name", "").orElseThrow()
                                + " may write to me at this address. I can leave at any time.");
        Form.Checked checked = form.check(Map.of("email", List.of("piet@marrow.example")), "GB");
        assertThat(checked.faults()).containsOnlyKeys("consent");
        assertThat(form.thanks(BRIEF.facts())).contains("you are on the list");
    }

    @Test
    void nobodyComesOnItWithoutBothAndANameIsAskedIfWanted() {
        Field email = field("email", FieldKind.EMAIL, true);
        Field consent = field("consent", FieldKind.CONSENT, true);
        assertThat(SectionForms.of(
                                LIST,
                                BRIEF,
                                set(email, field("name", FieldKind.NAME, false), consent)
                                        .doors())
                        .fields())
                .hasSize(3);
        assertThatThrownBy(() -> set(email))
                .isInstanceOf(EditRefused.class)
                .hasMessage("A list needs their e-mail address and their agreement, both answered.");
        assertThatThrownBy(() -> set(field("email", FieldKind.EMAIL, false), consent))
                .isInstanceOf(EditRefused.class);
        assertThatThrownBy(() -> set(email, consent, field("a", FieldKind.LONG, false)))
                .hasMessage("“Asked: a” cannot be asked here.");
    }

    @Test
    void theDoorIsOpenWhereTheSignUpStands() {
        assertThat(state(DRAFT.site())).isEqualTo(FoundDoor.State.AJAR);
        assertThat(state(SITE)).isEqualTo(FoundDoor.State.OPEN);
    }

    private static FoundDoor.State state(Site site) {
        DoorsOf doors = DRAFT.doors().of(BRIEF.facts(), site);
        return doors.found(BRIEF.today().end()).stream()
                .filter(door -> door.kind().equals(ListDoor.KIND))
                .findFirst()
                .orElseThrow()
                .state();
    }

    @Test
    void thePageOnPrivacySaysWhatTheListIsForAndHowLong() {
        assertThat(said(DRAFT.site())).noneMatch(sentence -> sentence.contains("list"));
        assertThat(said(SITE))
                .contains(
                        "When you sign up for the list: Your e-mail, what you agree to there, and when.",
                        "When you sign up for the list: to write to you. For nothing else.",
                        "Your place on the list is kept until you leave it: every mail has a link for that.");
    }

    private static Set<String> said(Site site) {
        Set<String> said = new TreeSet<>();
        new PrivacyNotice(site, BRIEF, DRAFT.doors()).parts().forEach(part -> said.addAll(part.sentences()));
        return said;
    }
}
