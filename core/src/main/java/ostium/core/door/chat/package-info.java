/** Chatting on a network. */
package ostium.core.door.chat;
