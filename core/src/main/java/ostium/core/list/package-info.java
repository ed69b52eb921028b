/** The list of those who want to be written to: how they sign up, and the list as a file. */
package ostium.core.list;
