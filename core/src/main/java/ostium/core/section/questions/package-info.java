/** What people ask, with the owner’s answers as rows. */
package ostium.core.section.questions;
