/**
 * The pages on which visitors book. A publication holds an empty page in the look of the site; what is free is drawn when it is
 * asked for, and put into it.
 */
package ostium.render.booking;
