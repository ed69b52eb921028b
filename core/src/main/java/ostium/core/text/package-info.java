/** Small rules about words that several parts need: distances, slugs, normal forms. */
package ostium.core.text;
