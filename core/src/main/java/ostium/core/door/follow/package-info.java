/** The business's pages elsewhere. */
package ostium.core.door.follow;
