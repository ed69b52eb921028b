/** Where visitors put themselves on the list of those who want to be written to. */
package ostium.core.section.list;
