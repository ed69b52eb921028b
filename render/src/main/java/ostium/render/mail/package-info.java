/** A mail as mail programs show it: its plain words in the look of whom it comes from. */
package ostium.render.mail;
