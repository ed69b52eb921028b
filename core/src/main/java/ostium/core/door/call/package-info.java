/** Calling: leads to the telephone (RFC 3966). */
package ostium.core.door.call;
