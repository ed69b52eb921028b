package ostium.app.files;

import java.util.List;
import java.util.Map;

/**
 * What stands beside the pictures and files of a facts sheet.
 *
 * @param limits what can be given, in a sentence
 * @param pictureBytes most bytes of a picture as it is given
 * @param documentBytes most bytes of a PDF
 * @param pictures by id of the row
 * @param documents size in words, by id of the row
 */
record FilesView(
        String limits,
        long pictureBytes,
        long documentBytes,
        Map<String, PictureView> pictures,
        Map<String, String> documents) {

    /**
     * A picture as the interface shows it.
     *
     * @param thumb small, as it is shown to visitors
     * @param plain as it was given, upright, for changing it
     * @param shown as it is shown to visitors
     * @param width pixels of what is shown
     * @param height pixels of what is shown
     * @param drawn whether it is a drawing, which has no pixels to change
     * @param planned how many sizes there will be
     * @param made how many there are
     */
    record PictureView(
            String thumb, String plain, String shown, int width, int height, boolean drawn, int planned, int made) {}

    /**
     * A file that was taken.
     *
     * @param kind {@code picture} or {@code document}
     * @param file the line of the sheet that names it
     * @param name what it can be called, from the name it came with
     * @param notes what was done to it on the way in
     * @param inside what is left without its empty margin, or empty words
     * @param ground colour of its flat ground, or empty words
     */
    record TakenView(String kind, String file, String name, List<String> notes, String inside, String ground) {}
}
