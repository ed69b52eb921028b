package ostium.app.publishing;

import java.time.Instant;
import java.util.List;
import ostium.core.edit.Changes.Change;

/**
 * What the owner sees before publishing, and what was published before.
 *
 * @param changes what is not public yet, in words; empty when nothing has changed, or nothing is public
 * @param snags what has to be put right first
 * @param versions what was published, the last first
 */
record PublicationsView(List<Change> changes, List<SnagLine> snags, List<Version> versions) {

    /** @param section id of the section it stands at, or empty */
    record SnagLine(String words, String why, String section) {}

    /** @param live whether it is what visitors see now */
    record Version(long id, Instant publishedAt, boolean live) {}
}
