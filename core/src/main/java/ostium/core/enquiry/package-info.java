/** Forms a visitor fills in, the check of what was sent, and the words after sending. */
package ostium.core.enquiry;
