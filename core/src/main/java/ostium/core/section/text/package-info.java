/** Free text: words of the owner’s about anything. */
package ostium.core.section.text;
