/** Open formats in and out, and the data files that ship with Ostium. */
package ostium.core.format;
