/**
 * Reading what an owner has: a mail signature, a price list, an old page, a contact file. Out come proposals, each with
 * the fact, its value, where it was found and how sure that is; the owner takes or leaves each. Nothing is fetched, and
 * nothing is dropped in silence.
 *
 * <p>Start at {@link ostium.core.paste.PasteReader}.
 */
package ostium.core.paste;
