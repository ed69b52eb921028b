/** Where the business is, and where it comes to. */
package ostium.core.section.place;
