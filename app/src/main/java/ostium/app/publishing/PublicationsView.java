package ostium.app.publishing;

import java.time.Instant;
import java.util.List;
import ostium.core.edit.Changes.Change;
import ostium.core.snag.Snag;

/**
 * What the owner sees before publishing, and what was published before.
 *
 * @param changes what is not public yet, in words; empty when nothing has changed, or nothing is public
 * @param snags what is to be put right: what has to be, first
 * @param versions what was published, the last first
 */
record PublicationsView(List<Change> changes, List<SnagLine> snags, List<Version> versions) {

    /**
     * @param section id of the section it stands at, or empty
     * @param line line of the facts sheet that puts it right, or empty
     * @param atDoors whether it is put right under Doors
     */
    record SnagLine(Snag.Level level, String words, String why, String section, String line, boolean atDoors) {}

    /**
     * @param number counted from the first
     * @param live whether it is what visitors see now
     * @param changes how it differed from the one before; empty for the first, and for those of long ago
     */
    record Version(long id, long number, Instant publishedAt, boolean live, List<Change> changes) {}
}
