/**
 * From facts to a draft: which sections, in which order, and in which words. The front door is
 * {@link ostium.core.draft.Drafter}.
 *
 * <p>The rule above all others: a sentence may say only what the facts support. A sentence pattern names what it needs,
 * and cannot be chosen without it. The same facts, seed and options always give the same draft.
 */
package ostium.core.draft;
