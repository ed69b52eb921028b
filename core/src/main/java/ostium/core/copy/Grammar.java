package ostium.core.copy;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ostium.core.base.DataFile;
import ostium.core.brief.Tone;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.SectionKinds;

/**
 * The sentence patterns of a language, by place: one file for every kind of section, {@code words/en/opening.yaml}. Read
 * once, and never changed.
 */
final class Grammar {
    /** Readings of one pattern, so that a slip in the data cannot make thousands. */
    private static final int MOST_READINGS = 200;

    /**
     * A place for sentences.
     *
     * @param from characters it holds well
     * @param to most characters
     * @param once whether nothing is told here that was told before, and what is told here is not told again at such a place
     * @param again whether what was said elsewhere may be said here too, as at the foot
     * @param silence how often nothing is said here although something could be, 0 to 1
     */
    record Place(int from, int to, boolean once, boolean again, double silence, List<Variant> variants) {}

    private record WrittenPlace(
            int from, int to, boolean once, boolean again, double silence, List<Pattern> patterns) {}

    private record SectionFile(Map<String, WrittenPlace> places) {}

    /** @param small words that tell nothing themselves */
    private record SmallWords(Set<String> small) {}

    private static final SmallWords WORDS = DataFile.read("/ostium/words/en/small-words.yaml", SmallWords.class);

    /** English; another language is another folder of the same files. */
    private static final Grammar ENGLISH = new Grammar("en");

    private final Map<String, Place> places = new LinkedHashMap<>();
    private final Map<Tone, Map<String, List<Variant>>> byTone = new EnumMap<>(Tone.class);

    private Grammar(String language) {
        for (SectionDescriptor kind : SectionKinds.all()) {
            if (!kind.isWorded()) {
                continue;
            }
            String section = kind.kind().id();
            SectionFile file = DataFile.read("/ostium/words/" + language + "/" + section + ".yaml", SectionFile.class);
            file.places().forEach((name, written) -> places.put(section + "." + name, read(section, name, written)));
        }
        for (Tone tone : Tone.values()) {
            Map<String, List<Variant>> of = new LinkedHashMap<>();
            places.forEach((name, place) -> of.put(
                    name,
                    place.variants().stream()
                            .filter(variant -> variant.pattern().tones().contains(tone))
                            .toList()));
            byTone.put(tone, of);
        }
    }

    private static Place read(String section, String name, WrittenPlace written) {
        List<Variant> variants = new ArrayList<>();
        for (Pattern pattern : written.patterns()) {
            List<Variant> readings = pattern.variants();
            if (readings.size() > MOST_READINGS) {
                throw new IllegalStateException(
                        section + "." + name + ", " + pattern.id() + ": " + readings.size() + " readings");
            }
            variants.addAll(readings);
        }
        return new Place(
                written.from(),
                written.to(),
                written.once(),
                written.again(),
                written.silence(),
                List.copyOf(variants));
    }

    static Grammar english() {
        return ENGLISH;
    }

    Set<String> places() {
        return places.keySet();
    }

    /** @throws IllegalArgumentException if there is no such place */
    Place place(String name) {
        Place place = places.get(name);
        if (place == null) {
            throw new IllegalArgumentException("there are no sentences for " + name);
        }
        return place;
    }

    /** Everything that can be said at a place in a tone. */
    List<Variant> variants(String place, Tone tone) {
        return byTone.get(tone).get(place);
    }

    static boolean isSmall(String word) {
        return WORDS.small().contains(word);
    }
}
