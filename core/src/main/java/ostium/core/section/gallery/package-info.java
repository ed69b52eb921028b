/** A gallery: photographs of the owner’s own work. */
package ostium.core.section.gallery;
