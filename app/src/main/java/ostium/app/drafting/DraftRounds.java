package ostium.app.drafting;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.draft.DraftTable;
import ostium.core.draft.DraftTable.Proposal;
import ostium.core.draft.Pin;
import ostium.core.draft.Recipe;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The rounds of a site's drafts table. None is ever thrown away. */
@Service
public class DraftRounds {
    static final int DRAFTS = 3;
    private static final int MOST_ROUNDS = 60;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final RoundMapper rounds;
    private final SiteService sites;

    DraftRounds(RoundMapper rounds, SiteService sites) {
        this.rounds = rounds;
        this.sites = sites;
    }

    /**
     * A place on the table.
     *
     * @param round from 1
     * @param place from 1
     */
    public record Place(int round, int place) {}

    /**
     * A round as it is drawn from the facts of today.
     *
     * @param pins what it holds of earlier ones
     */
    record Round(int number, Map<Pin, Place> pins, List<Proposal> proposals) {}

    int count(StoredSite site) {
        return rounds.count(site.id());
    }

    /** @throws Problem 404 if there is no such round */
    Round round(StoredSite site, int number) {
        RoundMapper.StoredRound stored = rounds.round(site.id(), number).orElseThrow(Problem::notFound);
        Brief brief = brief(site);
        return new Round(
                number,
                JSON.readValue(stored.pins(), new TypeReference<Map<Pin, Place>>() {}),
                recipes(stored).stream()
                        .map(recipe -> DraftTable.again(brief, recipe))
                        .toList());
    }

    /** The recipe of a draft; empty if there is none at this place. */
    public Optional<Recipe> recipe(StoredSite site, Place at) {
        return rounds.round(site.id(), at.round())
                .map(DraftRounds::recipes)
                .filter(recipes -> at.place() >= 1 && at.place() <= recipes.size())
                .map(recipes -> recipes.get(at.place() - 1));
    }

    /**
     * Draws another round.
     *
     * @param pins places whose words, look or order it keeps
     * @throws Problem 422 if a pin points nowhere, 409 when there are enough rounds
     */
    Round draw(StoredSite site, Map<Pin, Place> pins) {
        int before = count(site);
        if (before >= MOST_ROUNDS) {
            throw new Problem(HttpStatus.CONFLICT, "", "draft.rounds", MOST_ROUNDS);
        }
        Map<Pin, Recipe> held = new EnumMap<>(Pin.class);
        pins.forEach((pin, at) ->
                held.put(pin, recipe(site, at).orElseThrow(() -> Problem.at("pins", "draft.notOnTheTable"))));
        Brief brief = brief(site);
        Seed seed = new Seed(sites.state(site).sheet().seed());
        List<Proposal> drawn = DraftTable.draw(brief, seed, before, DRAFTS, held);
        rounds.insert(
                site.id(),
                before + 1,
                JSON.writeValueAsString(drawn.stream().map(Proposal::recipe).toList()),
                JSON.writeValueAsString(pins));
        return new Round(before + 1, Map.copyOf(pins), drawn);
    }

    /** Lays the first round of a site that has none. */
    public void first(StoredSite site) {
        if (count(site) == 0) {
            draw(site, Map.of());
        }
    }

    private Brief brief(StoredSite site) {
        return sites.read(sites.state(site)).brief();
    }

    private static List<Recipe> recipes(RoundMapper.StoredRound stored) {
        return JSON.readValue(stored.recipes(), new TypeReference<List<Recipe>>() {});
    }
}
