package ostium.core.look;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ostium.core.base.DataFile;

/** The pairs of families that ship with Ostium ({@code type-pairs.yaml}). */
public final class TypePairs {
    private record Row(String id, String display, String text, List<String> character) {}

    private record File(Map<String, TypePair.Family> families, Map<House, String> houses, List<Row> pairs) {}

    private static final File DATA = DataFile.read("/ostium/type-pairs.yaml", File.class);
    private static final Map<String, TypePair> PAIRS = DATA.pairs().stream()
            .map(TypePairs::pair)
            .collect(Collectors.toMap(TypePair::id, pair -> pair, (one, other) -> one, java.util.LinkedHashMap::new));

    private TypePairs() {}

    private static TypePair pair(Row row) {
        TypePair.Family display = DATA.families().get(row.display());
        TypePair.Family text = DATA.families().get(row.text());
        String name = display.equals(text) ? display.name() : display.name() + " and " + text.name();
        return new TypePair(row.id(), name, row.character(), display, text);
    }

    public static List<TypePair> all() {
        return List.copyOf(PAIRS.values());
    }

    public static Optional<TypePair> byId(String id) {
        return Optional.ofNullable(PAIRS.get(id));
    }

    /** The pair a house was drawn with. */
    public static TypePair of(House house) {
        return PAIRS.get(DATA.houses().get(house));
    }
}
