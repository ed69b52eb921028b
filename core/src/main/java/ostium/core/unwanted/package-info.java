/** How much a message looks like no customer's: weighed by signs, and by what the owner has said of earlier ones. */
package ostium.core.unwanted;
