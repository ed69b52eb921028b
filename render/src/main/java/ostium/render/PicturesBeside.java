package ostium.render;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ostium.core.base.Messages;
import ostium.core.base.Reading;
import ostium.core.fact.Fact;
import ostium.core.fact.Facts;
import ostium.core.fact.Picture;
import ostium.core.format.NamedPictures;
import ostium.core.picture.Darkroom;
import ostium.core.picture.FileReader;
import ostium.core.picture.Rendition;
import ostium.core.picture.Renditions;
import ostium.core.picture.TakenFile;
import ostium.core.sheet.TypedSheet;

/**
 * The pictures a file of facts names that lie beside it: taken as an owner's are, and written in the sizes pages ask for. A link is
 * looked for by the name at its end; nothing outside the folder is read.
 */
final class PicturesBeside {
    private static final Messages WORDS = Messages.of("format");

    private static final long MOST_BYTES = 40_000_000;

    private final List<TypedSheet.TypedRow> rows = new ArrayList<>();
    private final Map<String, byte[]> kept = new HashMap<>();
    private final List<String> notes = new ArrayList<>();

    private PicturesBeside() {}

    /** @param file the file of facts */
    static PicturesBeside of(Path file, List<NamedPictures.Named> named) throws IOException {
        PicturesBeside pictures = new PicturesBeside();
        for (NamedPictures.Named each : named) {
            pictures.take(file.toAbsolutePath().getParent(), each);
        }
        return pictures;
    }

    private void take(Path folder, NamedPictures.Named named) throws IOException {
        String says = named.property() + ": " + named.address() + ": ";
        Path path = folder.resolve(nameOf(named.address()));
        if (!Files.isRegularFile(path) || !path.toRealPath().startsWith(folder.toRealPath())) {
            notes.add(WORDS.say("beside.none", says));
            return;
        }
        if (Files.size(path) > MOST_BYTES) {
            notes.add(WORDS.say("beside.heavy", says));
            return;
        }
        Reading<TakenFile> reading =
                FileReader.read(Files.readAllBytes(path), path.getFileName().toString());
        Optional<TakenFile> picture = reading.value().filter(file -> file.file().isPicture());
        if (picture.isEmpty()) {
            String reason =
                    reading instanceof Reading.Refused<TakenFile> not ? not.reason() : WORDS.say("beside.noPicture");
            notes.add(WORDS.say("beside.refused", says, reason));
            return;
        }
        TakenFile taken = picture.get();
        if (named.caption().isBlank() && named.use() != Picture.Use.LOGO) {
            notes.add(WORDS.say("beside.unsaid", says));
        }
        kept.put(taken.file().hash(), taken.content());
        rows.add(new TypedSheet.TypedRow(
                "picture",
                "picture-" + (rows.size() + 1),
                Map.of(
                        "file",
                        taken.file().say(),
                        "use",
                        named.use().word(),
                        "name",
                        path.getFileName().toString(),
                        "alternative",
                        named.caption(),
                        "credit",
                        named.credit())));
    }

    /** The name of a file: all of it, or the end of a link. */
    private static String nameOf(String address) {
        boolean link = address.matches("(?i)[a-z][a-z0-9+.-]*:.*|//.*");
        String plain = address.replaceFirst("[?#].*$", "").replace('\\', '/');
        String name = link ? plain.substring(plain.lastIndexOf('/') + 1) : plain;
        return name.isBlank() || name.indexOf('\0') >= 0 ? "." : name.replaceFirst("^/+", "");
    }

    /** What was not taken, and why; each with the property that names it. */
    List<String> notes() {
        return notes;
    }

    TypedSheet onto(TypedSheet sheet) {
        List<TypedSheet.TypedRow> all = new ArrayList<>(sheet.rows());
        all.addAll(rows);
        return sheet.withRows(all);
    }

    /** Writes the sizes of those that may be shown. */
    void write(Facts facts, Path folder) throws IOException {
        for (Fact<Picture> fact : facts.all(Picture.class)) {
            Picture picture = fact.value();
            byte[] bytes = kept.get(picture.file().hash());
            if (bytes == null) {
                continue;
            }
            Darkroom darkroom = Darkroom.develop(bytes, picture.treatment());
            for (Rendition rendition : Renditions.of(picture)) {
                Path path = folder.resolve(rendition.path());
                Files.createDirectories(path.getParent());
                Files.write(path, darkroom.render(rendition));
            }
        }
    }
}
