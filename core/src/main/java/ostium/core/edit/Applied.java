package ostium.core.edit;

/**
 * What came of an edit.
 *
 * @param state the state after it
 * @param inverse the edit that takes it back, exactly
 */
public record Applied(State state, Edit inverse) {}
