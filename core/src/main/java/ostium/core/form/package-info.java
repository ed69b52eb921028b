/** Forms: lists of fields, the one check of what is sent through them, and the words after sending. */
package ostium.core.form;
