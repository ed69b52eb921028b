/** The list of those who want to be written to: asked twice, left in one press, brought and taken as a file. */
package ostium.app.list;
