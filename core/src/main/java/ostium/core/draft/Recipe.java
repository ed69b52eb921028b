package ostium.core.draft;

import ostium.core.base.Seed;
import ostium.core.brief.Arrangement;
import ostium.core.brief.Brief;
import ostium.core.brief.Extent;
import ostium.core.look.House;

/**
 * All that tells one draft of a business from another: with the same facts, the same recipe is the same draft.
 *
 * @param words seed of the sentences
 * @param order seed of the layouts of sections
 * @param look seed of the colours
 * @param house family of layouts
 * @param extent one page or a few, unless the owner has a wish
 * @param arrangement order of the sections
 */
public record Recipe(long words, long order, long look, House house, Extent extent, Arrangement arrangement) {

    /** The draft of a brief by this recipe. What the owner wishes of tone and brand stays as it is. */
    public Draft draft(Brief brief) {
        Extent pages = brief.wishes().extent().orElse(extent);
        return Drafter.draft(
                brief.withWishes(
                        brief.wishes().withHouse(house).withExtent(pages).withArrangement(arrangement)),
                new Seeds(new Seed(words), new Seed(order), new Seed(look)));
    }

    /** This recipe with the parts that are pinned taken from another. */
    Recipe with(Pin pin, Recipe from) {
        return switch (pin) {
            case WORDS -> new Recipe(from.words, order, look, house, extent, arrangement);
            case LOOK -> new Recipe(words, order, from.look, from.house, extent, arrangement);
            case ORDER -> new Recipe(words, from.order, look, house, from.extent, from.arrangement);
        };
    }
}
