package ostium.app.publishing;

import java.util.Optional;
import org.springframework.stereotype.Component;
import ostium.core.draft.Draft;
import ostium.core.edit.State;
import ostium.core.enquiry.Form;
import ostium.core.enquiry.PublishedForm;
import ostium.core.sheet.SheetReading;
import ostium.render.Opening;
import ostium.render.SiteRenderer;
import ostium.render.Target;
import tools.jackson.databind.json.JsonMapper;

/** What is kept with a publication beside its files, so that nothing of it is made from the trades, words or code of later. */
@Component
class StandingParts {
    private final JsonMapper json;

    StandingParts(JsonMapper json) {
        this.json = json;
    }

    /** The form of a version as it is kept; null where the site has none. */
    String form(State state, SheetReading reading, String url) {
        Draft draft = state.draft(reading);
        return SiteRenderer.shipped()
                .formPage(reading.brief(), draft, Target.published(url))
                .map(page -> json.writeValueAsString(new PublishedForm(
                        Form.of(reading.brief()), state.sheet().region(), page)))
                .orElse(null);
    }

    /** The parts that change with the hours, as they are kept. */
    String opening(State state, SheetReading reading, String url) {
        Draft draft = state.draft(reading);
        return json.writeValueAsString(
                Opening.of(reading.brief(), draft.doors().of(reading.brief().facts(), draft.site()), url));
    }

    Optional<PublishedForm> readForm(String kept) {
        return Optional.ofNullable(kept).map(form -> json.readValue(form, PublishedForm.class));
    }

    Opening readOpening(String kept) {
        return json.readValue(kept, Opening.class);
    }
}
