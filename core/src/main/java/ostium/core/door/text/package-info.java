/** Text messages (RFC 5724). */
package ostium.core.door.text;
