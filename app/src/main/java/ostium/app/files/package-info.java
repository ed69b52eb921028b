/**
 * What owners give: pictures and PDFs. {@link ostium.app.files.KeptFiles} keeps bytes by content and by whose they are;
 * {@link ostium.app.files.PictureSizes} makes the sizes of pictures, once, on the queue; {@code SpareFiles} takes away
 * what nothing refers to.
 */
package ostium.app.files;
