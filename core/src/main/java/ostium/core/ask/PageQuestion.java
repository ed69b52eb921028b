package ostium.core.ask;

import ostium.core.site.SectionKind;

/**
 * A question whose answer would make the page stronger.
 *
 * @param key stable name, by which it is remembered that the owner has put it off
 * @param ask the question, to the owner
 * @param gains what the page gains by an answer
 * @param field where the answer goes: a line of the facts sheet, a kind of its rows, or {@code practice/…}
 * @param beside kind of the section an answer would stand in
 * @param isYesOrNo whether a yes is all that is asked for
 */
public record PageQuestion(String key, String ask, String gains, String field, SectionKind beside, boolean isYesOrNo) {}
