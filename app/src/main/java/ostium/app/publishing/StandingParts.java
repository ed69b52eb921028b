package ostium.app.publishing;

import java.util.List;
import org.springframework.stereotype.Component;
import ostium.core.draft.Draft;
import ostium.core.edit.State;
import ostium.core.form.PublishedForm;
import ostium.core.sheet.SheetReading;
import ostium.render.Opening;
import ostium.render.SiteRenderer;
import ostium.render.Target;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What is kept with a publication beside its files, so that nothing of it is made from the trades, words or code of later. */
@Component
class StandingParts {
    private final JsonMapper json;

    StandingParts(JsonMapper json) {
        this.json = json;
    }

    /** The forms of a version as they are kept; null where the site has none. */
    String forms(State state, SheetReading reading, String url) {
        List<PublishedForm> forms =
                SiteRenderer.shipped().forms(reading.brief(), state.draft(reading), Target.published(url));
        return forms.isEmpty() ? null : json.writeValueAsString(forms);
    }

    /** The parts that change with the hours, as they are kept. */
    String opening(State state, SheetReading reading, String url) {
        Draft draft = state.draft(reading);
        return json.writeValueAsString(
                Opening.of(reading.brief(), draft.doors().of(reading.brief().facts(), draft.site()), url));
    }

    /** A version of before there could be several has one, which is not in a list. */
    List<PublishedForm> readForms(String kept) {
        if (kept == null) {
            return List.of();
        }
        return kept.startsWith("[")
                ? json.readValue(kept, new TypeReference<List<PublishedForm>>() {})
                : List.of(json.readValue(kept, PublishedForm.class));
    }

    Opening readOpening(String kept) {
        return json.readValue(kept, Opening.class);
    }
}
