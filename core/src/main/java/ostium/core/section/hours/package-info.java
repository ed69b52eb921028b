/** The week, and the days that differ. */
package ostium.core.section.hours;
