/** Messages that visitors leave: stored before anything else, and shown to the owner. */
package ostium.app.enquiry;
