/** Finding places: from words to a point, and from a point to words. Who knows the places stands behind an interface. */
package ostium.core.place;
