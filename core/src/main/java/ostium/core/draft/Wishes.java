package ostium.core.draft;

import java.util.Optional;

/**
 * What the owner wishes of a draft; where nothing is said, the draft decides.
 *
 * @param wishedTone null leaves it to the trade and the seed
 * @param wishedExtent null leaves it to the amount of content
 */
public record Wishes(Tone wishedTone, Extent wishedExtent) {
    public static final Wishes NONE = new Wishes(null, null);

    public Optional<Tone> tone() {
        return Optional.ofNullable(wishedTone);
    }

    public Optional<Extent> extent() {
        return Optional.ofNullable(wishedExtent);
    }
}
