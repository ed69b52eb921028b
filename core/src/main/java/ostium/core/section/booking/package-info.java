/** A section with what can be booked. */
package ostium.core.section.booking;
