package ostium.core.draft;

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
     * @param once whether nothing is said here that rests on a fact the page has spoken of already
     */
    record Place(int from, int to, boolean once, List<Variant> variants) {}

    private record WrittenPlace(int from, int to, boolean once, List<Pattern> patterns) {}

    private record SectionFile(Map<String, WrittenPlace> places) {}

    /**
     * Words that count in a special way.
     *
     * @param reader words that speak to the reader
     * @param business words that speak of the business
     * @param small words that tell nothing themselves
     */
    private record SmallWords(Set<String> reader, Set<String> business, Set<String> small) {}

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
        return new Place(written.from(), written.to(), written.once(), List.copyOf(variants));
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

    static boolean isReader(String word) {
        return WORDS.reader().contains(word);
    }

    static boolean isBusiness(String word) {
        return WORDS.business().contains(word);
    }

    static boolean isSmall(String word) {
        return WORDS.small().contains(word) || isReader(word) || isBusiness(word);
    }
}
