package ostium.core.draft;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import ostium.core.base.Messages;
import ostium.core.base.Seed;
import ostium.core.brief.Arrangement;
import ostium.core.brief.Brief;
import ostium.core.brief.Extent;
import ostium.core.brief.Tone;
import ostium.core.look.House;
import ostium.core.look.PaintMixes;

/**
 * Lays some drafts side by side that are really different.
 *
 * <pre>{@code
 * List<DraftTable.Proposal> three = DraftTable.draw(brief, new Seed(40), 3);
 * }</pre>
 */
public final class DraftTable {
    private static final Messages WORDS = Messages.of("draft");

    /** Two drafts of a table are at least this far apart, as far as pins leave it to be. */
    static final double LEAST_APART = 0.5;

    private static final int TRIES = 5;
    private static final int LOOKS_TRIED = 5;

    /** Far enough that a draft of one site is never that of a neighbour, whose seeds follow one another. */
    private static final long STRIDE = 1_000_000;

    private static final int ROUNDS = 997;

    /** A draft on the table, with what it is made by. */
    public record Proposal(Recipe recipe, Draft draft, Tone tone) {

        /** What it is, in a line: "Workshop · warm words · one page · answers early". */
        public String inALine() {
            List<String> parts = new ArrayList<>(List.of(draft.look().house().words()));
            PaintMixes.all().stream()
                    .filter(named -> named.mix().equals(draft.look().mix()))
                    .findFirst()
                    .ifPresent(named -> parts.add(named.name().toLowerCase(java.util.Locale.ROOT)));
            parts.add(WORDS.say("table.tone", tone.id()));
            int pages = draft.site().pages().size();
            parts.add(
                    pages == 1
                            ? WORDS.say("table.page")
                            : WORDS.say("table.pages", ostium.core.base.Listing.number(pages)));
            if (!recipe.arrangement().words().isEmpty()) {
                parts.add(recipe.arrangement().words());
            }
            return String.join(" · ", parts);
        }
    }

    private final Brief brief;
    private final Map<Pin, Recipe> pins;
    private final List<Proposal> drawn = new ArrayList<>();

    private DraftTable(Brief brief, Map<Pin, Recipe> pins) {
        this.brief = brief;
        this.pins = pins.isEmpty() ? Map.of() : new EnumMap<>(pins);
    }

    /** The first round: nothing is pinned yet. */
    public static List<Proposal> draw(Brief brief, Seed seed, int count) {
        return draw(brief, seed, 0, count, Map.of());
    }

    /**
     * Another round.
     *
     * @param seed the seed of the site: the first draft of the first round is the one it gives by itself
     * @param round how many rounds were drawn before: each begins with houses the last one did not have
     * @param pins recipes whose words, look or order every draft of the round has
     */
    public static List<Proposal> draw(Brief brief, Seed seed, int round, int count, Map<Pin, Recipe> pins) {
        DraftTable table = new DraftTable(brief, pins);
        for (int place = 0; place < count; place++) {
            table.drawn.add(table.farthest(seed, round, count, place));
        }
        return List.copyOf(table.drawn);
    }

    /** The draft a recipe makes of today's facts. */
    public static Proposal again(Brief brief, Recipe recipe) {
        return proposal(brief, recipe);
    }

    private static Proposal proposal(Brief brief, Recipe recipe) {
        return new Proposal(recipe, recipe.draft(brief), brief.tone(new Seed(recipe.words())));
    }

    private Proposal farthest(Seed seed, int round, int count, int place) {
        double needed = LEAST_APART * Distance.free(pins.keySet());
        Proposal best = null;
        double bestApart = -1;
        for (int attempt = 0; attempt < TRIES; attempt++) {
            Proposal candidate = proposal(brief, recipe(seed, round, count, place, attempt));
            double apart = apart(candidate);
            if (apart > bestApart) {
                best = candidate;
                bestApart = apart;
            }
            if (apart >= needed) {
                break;
            }
        }
        return best;
    }

    private double apart(Proposal candidate) {
        return drawn.stream()
                .mapToDouble(other -> Distance.between(candidate.draft(), other.draft(), brief.facts())
                        .total())
                .min()
                .orElse(1);
    }

    private Recipe recipe(Seed seed, int round, int count, int place, int attempt) {
        int number = round * count + place;
        long own = seed.value() + STRIDE * (number + (long) ROUNDS * attempt);
        House house = brief.wishes().house().orElseGet(() -> house(seed, number));
        Arrangement[] arrangements = Arrangement.values();
        Recipe recipe = new Recipe(
                own,
                own,
                drawn.isEmpty() ? own : look(own, house),
                house,
                brief.wishes().extent().orElseGet(() -> extent(number)),
                arrangements[number % arrangements.length]);
        for (Map.Entry<Pin, Recipe> pin : pins.entrySet()) {
            recipe = recipe.with(pin.getKey(), pin.getValue());
        }
        return recipe;
    }

    /** The house the seed gives first, then the others of the trade, then those that are left, then again. */
    private House house(Seed seed, int number) {
        List<House> all = Stream.of(
                        Stream.of(TradeLook.house(brief.trade(), seed)),
                        brief.trade().houses().stream(),
                        Stream.of(House.values()))
                .flatMap(part -> part)
                .distinct()
                .toList();
        return all.get(number % all.size());
    }

    /** The second of three has a few pages where the facts fill them; the others are as long as the content asks. */
    private Extent extent(int place) {
        Extent asked = Plan.of(brief).extent();
        return place % 3 == 1 ? (asked == Extent.ONE ? Extent.FEW : Extent.ONE) : asked;
    }

    /** Of some seeds, the one whose colours are farthest from those on the table. */
    private long look(long seed, House house) {
        long best = seed;
        double bestApart = -1;
        for (long candidate = seed; candidate < seed + LOOKS_TRIED; candidate++) {
            var mix = Drafter.look(brief, house, new Seed(candidate)).mix();
            double apart = drawn.stream()
                    .mapToDouble(other -> other.draft().look().mix().distance(mix))
                    .min()
                    .orElse(1);
            if (apart > bestApart) {
                best = candidate;
                bestApart = apart;
            }
        }
        return best;
    }
}
