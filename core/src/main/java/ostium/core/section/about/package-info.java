/** Who they are, in their own words where there are any, and what can be looked up. */
package ostium.core.section.about;
