package ostium.core.edit;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.Set;

/**
 * One change of a site, as a value.
 *
 * <pre>{@code
 * Applied applied = new TextEdit.SetText(id, OWN, tree, null).apply(state);
 * applied.state();                          // after it
 * applied.inverse().apply(applied.state()); // as before
 * }</pre>
 *
 * <p>Edits name things by id and places by neighbour, never by number, so that an edit made on an older revision can
 * still be applied after edits to other places. Ids in edits are made by whoever makes the edit.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = SheetEdit.SetLine.class, name = "setLine"),
    @JsonSubTypes.Type(value = SheetEdit.PutService.class, name = "putService"),
    @JsonSubTypes.Type(value = SheetEdit.RemoveService.class, name = "removeService"),
    @JsonSubTypes.Type(value = SheetEdit.MoveService.class, name = "moveService"),
    @JsonSubTypes.Type(value = SheetEdit.PutRow.class, name = "putRow"),
    @JsonSubTypes.Type(value = SheetEdit.RemoveRow.class, name = "removeRow"),
    @JsonSubTypes.Type(value = SheetEdit.MoveRow.class, name = "moveRow"),
    @JsonSubTypes.Type(value = TextEdit.SetText.class, name = "setText"),
    @JsonSubTypes.Type(value = TextEdit.PutText.class, name = "putText"),
    @JsonSubTypes.Type(value = TextEdit.RemoveText.class, name = "removeText"),
    @JsonSubTypes.Type(value = TextEdit.SetMarks.class, name = "setMarks"),
    @JsonSubTypes.Type(value = SectionEdit.MoveSection.class, name = "moveSection"),
    @JsonSubTypes.Type(value = SectionEdit.HideSection.class, name = "hideSection"),
    @JsonSubTypes.Type(value = SectionEdit.RemoveSection.class, name = "removeSection"),
    @JsonSubTypes.Type(value = SectionEdit.PutSection.class, name = "putSection"),
    @JsonSubTypes.Type(value = SectionEdit.ReplaceSection.class, name = "replaceSection"),
    @JsonSubTypes.Type(value = SectionEdit.SetLayout.class, name = "setLayout"),
    @JsonSubTypes.Type(value = ItemEdit.MoveItem.class, name = "moveItem"),
    @JsonSubTypes.Type(value = ItemEdit.HideItem.class, name = "hideItem"),
    @JsonSubTypes.Type(value = ItemEdit.RemoveItem.class, name = "removeItem"),
    @JsonSubTypes.Type(value = ItemEdit.PutItem.class, name = "putItem"),
    @JsonSubTypes.Type(value = WholeEdit.PutDraft.class, name = "putDraft"),
    @JsonSubTypes.Type(value = WholeEdit.PutState.class, name = "putState"),
    @JsonSubTypes.Type(value = WholeEdit.SetLook.class, name = "setLook"),
    @JsonSubTypes.Type(value = WholeEdit.SendMessagesTo.class, name = "sendMessagesTo"),
    @JsonSubTypes.Type(value = WholeEdit.SetDoor.class, name = "setDoor"),
    @JsonSubTypes.Type(value = WholeEdit.PlaceDoors.class, name = "placeDoors"),
    @JsonSubTypes.Type(value = WholeEdit.SetForm.class, name = "setForm"),
    @JsonSubTypes.Type(value = WholeEdit.SetRoutes.class, name = "setRoutes"),
    @JsonSubTypes.Type(value = WholeEdit.SetBooking.class, name = "setBooking"),
    @JsonSubTypes.Type(value = WholeEdit.KeepMessages.class, name = "keepMessages"),
    @JsonSubTypes.Type(value = WholeEdit.Several.class, name = "several"),
})
public sealed interface Edit permits SheetEdit, TextEdit, SectionEdit, ItemEdit, WholeEdit {
    /** The place that every other place is part of. */
    String EVERYWHERE = "everywhere";

    /**
     * Applies it.
     *
     * @throws EditRefused when it speaks of something that is not there, or goes beyond a limit
     */
    Applied apply(State state);

    /** What it touches: the units in which two people's edits can meet. */
    Set<String> places();

    /** Whether two edits touch one place. */
    default boolean meets(Edit other) {
        Set<String> mine = places();
        Set<String> others = other.places();
        return mine.contains(EVERYWHERE)
                || others.contains(EVERYWHERE)
                || mine.stream().anyMatch(others::contains);
    }
}
