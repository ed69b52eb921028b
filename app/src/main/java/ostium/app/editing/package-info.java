/** The manuscript: what an owner edits, the edits taken from the browser, and what the shopfront swaps in. */
package ostium.app.editing;
