/** What a mail of the list leads to. */
package ostium.render.list;
