/**
 * The site as a document: pages of sections of items, and texts that are trees with linked facts. Immutable, and free
 * of layout, colour and HTML.
 */
package ostium.core.site;
