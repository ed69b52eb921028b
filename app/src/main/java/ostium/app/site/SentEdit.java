package ostium.app.site;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpStatus;
import ostium.app.web.Problem;
import ostium.core.edit.Edit;
import ostium.core.edit.EditRefused;
import ostium.core.edit.ItemEdit;
import ostium.core.edit.SectionEdit;
import ostium.core.edit.SheetEdit;
import ostium.core.edit.Stored;
import ostium.core.edit.TextEdit;
import ostium.core.edit.WholeEdit;
import ostium.core.site.Text;
import tools.jackson.databind.JsonNode;

/**
 * An edit as a browser sends it. Only those an owner makes by hand are taken, and words that come this way are the
 * owner's own: nobody can send words and call them ours.
 *
 * @param revision revision of the site it was made on
 * @param key id of the edit, made in the browser: the name of the window, a full stop, and an id of its own
 */
public record SentEdit(
        long revision,
        String key,
        @Schema(implementation = Edit.class) JsonNode edit) {
    /** An edit with the longest text in it stays well below this. */
    private static final int LONGEST = 200_000;
    /** Where words come from, a door that none stands in for, a field that is always asked, a time that the facts say. */
    private static final Set<String> MAY_BE_MISSING = Set.of("origin", "standsIn", "condition", "minutes");

    /**
     * What it asks for.
     *
     * @throws Problem 400 when it is no edit, or none that is made by hand; 413 when it is too long
     */
    public Edit read(HttpServletRequest request) {
        if (request.getContentLengthLong() > LONGEST) {
            throw new Problem(HttpStatus.CONTENT_TOO_LARGE, "edit", "edit.tooLarge");
        }
        if (key == null || !key.matches("[A-Za-z0-9.-]{8,60}") || edit == null || edit.isNull()) {
            throw new Problem(HttpStatus.BAD_REQUEST, "key", "edit.id");
        }
        try {
            Edit read = Stored.readEdit(edit.toString());
            requireWhole((Record) read);
            return byHand(read);
        } catch (EditRefused refused) {
            throw Problem.worded(HttpStatus.BAD_REQUEST, "edit", refused.getMessage());
        }
    }

    /** Everything an edit is made of is there. */
    private static void requireWhole(Record part) {
        for (RecordComponent component : part.getClass().getRecordComponents()) {
            Object value = valueOf(part, component);
            if (value == null && !MAY_BE_MISSING.contains(component.getName())) {
                throw new Problem(HttpStatus.BAD_REQUEST, "edit", "edit.missing", component.getName());
            }
            List<?> parts = value instanceof List<?> list ? list : value == null ? List.of() : List.of(value);
            for (Object each : parts) {
                if (each == null) {
                    throw new Problem(HttpStatus.BAD_REQUEST, "edit", "edit.missingPart", component.getName());
                }
                if (each instanceof Record record) {
                    requireWhole(record);
                }
            }
        }
    }

    private static Object valueOf(Record part, RecordComponent component) {
        try {
            return component.getAccessor().invoke(part);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Edit byHand(Edit edit) {
        if (edit instanceof TextEdit.SetText words) {
            return new TextEdit.SetText(words.text(), Text.Mark.OWN, words.tree(), null);
        }
        if (edit instanceof TextEdit.PutText put) {
            return new TextEdit.PutText(
                    put.section(),
                    put.slot(),
                    new Text(put.text().id(), Text.Mark.OWN, put.text().tree(), Text.Origin.own()));
        }
        if (edit instanceof TextEdit.SetMarks marks
                && marks.marks().values().stream().anyMatch(mark -> mark != Text.Mark.CONFIRMED)) {
            throw new Problem(HttpStatus.BAD_REQUEST, "edit", "edit.mark");
        }
        if (edit instanceof WholeEdit.Several several) {
            return new WholeEdit.Several(
                    several.edits().stream().map(SentEdit::byHand).toList());
        }
        if (edit instanceof WholeEdit.PutDraft
                || edit instanceof WholeEdit.PutState
                || edit instanceof SectionEdit.PutSection
                || edit instanceof SectionEdit.ReplaceSection
                || edit instanceof ItemEdit.PutItem
                || !(edit instanceof SheetEdit
                        || edit instanceof TextEdit
                        || edit instanceof SectionEdit
                        || edit instanceof ItemEdit
                        || edit instanceof WholeEdit.SendMessagesTo
                        || edit instanceof WholeEdit.SetDoor
                        || edit instanceof WholeEdit.PlaceDoors
                        || edit instanceof WholeEdit.SetForm
                        || edit instanceof WholeEdit.SetRoutes
                        || edit instanceof WholeEdit.SetBooking
                        || edit instanceof WholeEdit.KeepMessages)) {
            throw new Problem(HttpStatus.BAD_REQUEST, "edit", "edit.notByHand");
        }
        return edit;
    }
}
