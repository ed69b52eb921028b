package ostium.core.look;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ostium.core.base.DataFile;
import ostium.core.base.Seed;

/**
 * Reads what somebody says of a look: {@code darker and a bit warmer, serif}, {@code #7a1f2b}, {@code like the garden
 * house}. The words are data ({@code look-words.yaml}).
 *
 * @param steps what is asked, in order
 * @param brand colour that is named, or null
 * @param house house that is named, or null
 * @param unknown words that say nothing here
 */
public record LookWords(List<LookStep> steps, Colour brand, House house, List<String> unknown) {
    private record File(Map<LookStep, List<String>> steps, Set<String> small) {}

    private static final File DATA = DataFile.read("/ostium/look-words.yaml", File.class);
    private static final int LONGEST_PHRASE = 3;

    public static LookWords read(String words) {
        List<LookStep> steps = new ArrayList<>();
        List<String> unknown = new ArrayList<>();
        Colour brand = null;
        House house = null;
        for (String part : words.toLowerCase(Locale.ROOT).split("[;\\n]|,(?![^(]*\\))|\\band\\b|\\.(?=\\s|$)")) {
            Optional<Colour> colour = part.isBlank() ? Optional.empty() : ColourCode.read(part);
            if (colour.isPresent()) {
                brand = colour.get();
                continue;
            }
            String[] each = part.replaceAll("[!?“”\"']+", " ").strip().split("\\s+");
            for (int at = 0; at < each.length; at++) {
                int length = Math.min(LONGEST_PHRASE, each.length - at);
                boolean read = each[at].isEmpty();
                for (; length > 0 && !read; length--) {
                    String phrase = String.join(" ", List.of(each).subList(at, at + length));
                    Optional<LookStep> step = step(phrase);
                    if (step.isPresent()) {
                        steps.add(step.get());
                        read = true;
                    } else if (length == 1) {
                        Optional<House> named = House.named(phrase);
                        Optional<Colour> single = ColourCode.read(phrase);
                        house = named.orElse(house);
                        brand = single.orElse(brand);
                        read = named.isPresent()
                                || single.isPresent()
                                || DATA.small().contains(phrase);
                        if (!read) {
                            unknown.add(phrase);
                        }
                    }
                    if (read) {
                        at += length - 1;
                    }
                }
            }
        }
        return new LookWords(List.copyOf(steps), brand, house, List.copyOf(unknown));
    }

    private static Optional<LookStep> step(String phrase) {
        return DATA.steps().entrySet().stream()
                .filter(entry -> entry.getValue().contains(phrase))
                .map(Map.Entry::getKey)
                .findFirst();
    }

    public boolean saysNothing() {
        return steps.isEmpty() && brand == null && house == null;
    }

    /** The look with all that was said. */
    public Look applied(Look look, List<String> moods, Seed seed) {
        Look at = house == null ? look : look.withHouse(house);
        at = brand == null ? at : at.withMix(PaintMixes.ofBrand(brand, moods, seed));
        for (LookStep step : steps) {
            at = step.of(at, seed);
        }
        return at;
    }
}
