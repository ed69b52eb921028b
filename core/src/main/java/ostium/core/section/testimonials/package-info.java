/** What customers said. Its rows are their words. */
package ostium.core.section.testimonials;
