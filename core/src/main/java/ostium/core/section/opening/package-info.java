/** The first screen: what, where, the strongest reason, and the way to reach the business. */
package ostium.core.section.opening;
