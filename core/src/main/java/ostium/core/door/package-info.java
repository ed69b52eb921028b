/** The ways to reach the business. */
package ostium.core.door;
