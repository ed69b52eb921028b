/** The form that messages are left through. */
package ostium.core.section.enquiry;
