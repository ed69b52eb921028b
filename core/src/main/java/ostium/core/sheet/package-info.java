/** The opening sheet: what an owner typed in any order, read into facts, with an answer beside every field. */
package ostium.core.sheet;
