package ostium.core.look;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ostium.core.base.DataFile;

/** The scenes that ship with Ostium ({@code picture-drawer.yaml}): which suit a trade, and how they are found by word. */
public final class PictureDrawer {
    /**
     * A scene.
     *
     * @param id name in looks and of its drawing
     * @param name what the owner reads
     * @param shows what is to be seen, for those who cannot
     * @param motifs motifs of trades it suits best
     * @param families families of trades it suits
     * @param words what people look for
     */
    public record Scene(
            String id, String name, String shows, List<String> motifs, List<String> families, List<String> words) {}

    private record File(List<Scene> scenes) {}

    private static final List<Scene> SHIPPED =
            List.copyOf(DataFile.read("/ostium/picture-drawer.yaml", File.class).scenes());

    private PictureDrawer() {}

    public static List<Scene> all() {
        return SHIPPED;
    }

    public static Optional<Scene> byId(String id) {
        return SHIPPED.stream().filter(scene -> scene.id().equals(id)).findFirst();
    }

    /**
     * The scene that suits a kind of business best: by what stands for it, else by its family.
     *
     * @param motif name of the drawing that stands for the trade
     * @param family id of the family of trades
     */
    public static Scene suiting(String motif, String family) {
        Optional<Scene> water = byFamily(family).filter(scene -> scene.motifs().isEmpty());
        return water.or(() -> SHIPPED.stream()
                        .filter(scene -> scene.motifs().contains(motif))
                        .filter(scene ->
                                !scene.id().equals("table") || scene.families().contains(family))
                        .findFirst())
                .or(() -> byFamily(family))
                .orElse(SHIPPED.get(0));
    }

    private static Optional<Scene> byFamily(String family) {
        return SHIPPED.stream()
                .filter(scene -> scene.families().contains(family))
                .findFirst();
    }

    /** Scenes whose words begin with what is looked for, the best first; all of them when nothing is. */
    public static List<Scene> find(String words) {
        List<String> wanted = Arrays.stream(words.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"))
                .filter(word -> !word.isEmpty())
                .toList();
        return SHIPPED.stream()
                .filter(scene -> wanted.isEmpty() || wanted.stream().anyMatch(word -> fits(scene, word)))
                .sorted((one, other) -> Long.compare(
                        wanted.stream().filter(word -> fits(other, word)).count(),
                        wanted.stream().filter(word -> fits(one, word)).count()))
                .toList();
    }

    private static boolean fits(Scene scene, String word) {
        return scene.words().stream()
                .anyMatch(each -> each.startsWith(word) || word.startsWith(each) && each.length() > 3);
    }
}
