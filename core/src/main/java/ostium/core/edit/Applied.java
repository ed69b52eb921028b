package ostium.core.edit;

import java.util.ArrayList;
import java.util.List;

/**
 * What came of an edit.
 *
 * @param state the state after it
 * @param inverse the edit that takes it back, exactly
 */
public record Applied(State state, Edit inverse) {
    /**
     * This and some more edits as one step.
     *
     * @throws EditRefused if one of them cannot be applied
     */
    public Applied then(List<Edit> more) {
        State at = state;
        List<Edit> inverses = new ArrayList<>(List.of(inverse));
        for (Edit edit : more) {
            Applied next = edit.apply(at);
            at = next.state();
            inverses.add(0, next.inverse());
        }
        return new Applied(at, WholeEdit.of(inverses));
    }
}
