package ostium.core.picture;

import java.util.List;
import ostium.core.fact.StoredFile;
import ostium.core.fact.Treatment;

/**
 * A file that was taken, ready to be kept.
 *
 * @param file what is kept
 * @param content the bytes to keep
 * @param notes what was done to it on the way in, in sentences for the owner
 * @param inside what is left when an empty margin is cut off; the whole picture when there is none
 * @param ground colour of a flat ground as {@code #rrggbb}, or empty
 */
public record TakenFile(StoredFile file, byte[] content, List<String> notes, Treatment.Box inside, String ground) {
    public TakenFile {
        notes = List.copyOf(notes);
    }

    static TakenFile plain(StoredFile file, byte[] content, List<String> notes) {
        return new TakenFile(file, content, notes, Treatment.Box.WHOLE, "");
    }
}
