/**
 * Pictures and files as an owner gives them: what they are, judged by their content; made upright and small enough to
 * keep; treated; and made in the sizes a page needs. Nothing here knows where bytes are kept.
 *
 * <pre>{@code
 * Reading<TakenFile> taken = FileReader.read(bytes, "IMG_4032.jpg");
 * List<Rendition> sizes = Renditions.of(picture);
 * byte[] small = Darkroom.develop(kept, picture.treatment()).render(sizes.get(0));
 * }</pre>
 */
package ostium.core.picture;
