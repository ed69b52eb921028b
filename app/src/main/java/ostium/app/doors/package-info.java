/** Doors as their owner sets and tries them. */
package ostium.app.doors;
