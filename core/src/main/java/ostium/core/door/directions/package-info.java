/** The way to the business. */
package ostium.core.door.directions;
