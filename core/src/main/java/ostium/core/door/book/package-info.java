/** Booking a time in the diary. */
package ostium.core.door.book;
