/** Leaving a message in the form on the page. */
package ostium.core.door.form;
