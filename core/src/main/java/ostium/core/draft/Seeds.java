package ostium.core.draft;

import ostium.core.base.Seed;

/**
 * The seeds of a draft, so that one part of it can be drawn anew while the others stay.
 *
 * @param words of the sentences, and of every id
 * @param order of the layouts
 * @param look of house and colours
 */
public record Seeds(Seed words, Seed order, Seed look) {
    /** One seed for everything. */
    public static Seeds of(Seed seed) {
        return new Seeds(seed, seed, seed);
    }
}
