/** Writing mail (RFC 6068). */
package ostium.core.door.email;
