/** Signing up for what the business writes to those on its list. */
package ostium.core.door.list;
