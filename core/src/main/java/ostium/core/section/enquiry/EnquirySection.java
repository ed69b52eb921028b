package ostium.core.section.enquiry;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ostium.core.brief.Brief;
import ostium.core.fact.Area;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.FactValue;
import ostium.core.fact.Place;
import ostium.core.fact.Service;
import ostium.core.fact.Telephone;
import ostium.core.form.FormPurpose;
import ostium.core.section.PagePart;
import ostium.core.section.Planned;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.Stage;
import ostium.core.section.WordsAt;
import ostium.core.site.SectionKind;

/** The form that messages are left through. */
public final class EnquirySection extends SectionDescriptor {
    public static final SectionKind KIND = new SectionKind("ENQUIRY");

    public EnquirySection() {
        super(
                KIND,
                List.of("sheet", "letter"),
                WordsAt.heading("heading"),
                WordsAt.paragraphs("intro", "answer"),
                WordsAt.line("send", 60, "send"));
    }

    @Override
    public Optional<Planned> plan(Brief brief) {
        return Optional.of(new Planned(brief.form(), say(brief.form() ? "plan" : "plan.none")));
    }

    @Override
    public Stage stage() {
        return Stage.LAST;
    }

    @Override
    public PagePart part(Brief brief) {
        return PagePart.CONTACT;
    }

    @Override
    public int lines(Brief brief) {
        return 30;
    }

    @Override
    public boolean mayBeSeveral() {
        return true;
    }

    @Override
    public Optional<String> door() {
        return Optional.of("form");
    }

    @Override
    public Optional<FormPurpose> form() {
        return Optional.of(FormPurpose.ENQUIRY);
    }

    @Override
    public Set<Class<? extends FactValue>> dependsOn() {
        return Set.of(
                FactValue.Name.class,
                FactValue.TradeWords.class,
                FactValue.AnswerPromise.class,
                FactValue.Person.class,
                FactValue.Hours.class,
                Service.class,
                EmailAddress.class,
                Telephone.class,
                Area.class,
                Place.class);
    }
}
