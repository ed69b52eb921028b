package ostium.app.editing;

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

/**
 * Edits as a browser sends them. Only those an owner makes by hand are taken, and words that come this way are the
 * owner's own: nobody can send words and call them ours.
 */
final class SentEdits {
    private SentEdits() {}

    /** @throws Problem 400 when it is no edit, or none that is made by hand */
    static Edit read(String json) {
        try {
            return byHand(Stored.readEdit(json));
        } catch (EditRefused refused) {
            throw new Problem(HttpStatus.BAD_REQUEST, "edit", refused.getMessage());
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
            throw new EditRefused("Words can be confirmed; any other mark comes by itself.");
        }
        if (edit instanceof WholeEdit.Several several) {
            return new WholeEdit.Several(
                    several.edits().stream().map(SentEdits::byHand).toList());
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
                        || edit instanceof WholeEdit.SendMessagesTo)) {
            throw new EditRefused("This edit is not made by hand.");
        }
        return edit;
    }
}
