/** The head of every page: the sign, the menu and the way to call. */
package ostium.core.section.masthead;
