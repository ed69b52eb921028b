package ostium.core.paste;

import java.util.List;
import ostium.core.base.Reading.Span;

/**
 * What was found in a source.
 *
 * @param kind what kind of source it is, in words: "a contact file"
 * @param text the source as it is shown; places are places in this text
 * @param proposals what can be taken, in the order of the source
 * @param notUnderstood stretches of the text that nothing was made of
 * @param note what the owner should know about the source as a whole, or empty
 */
public record Findings(String kind, String text, List<Proposal> proposals, List<Span> notUnderstood, String note) {}
