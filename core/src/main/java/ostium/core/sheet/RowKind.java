package ostium.core.sheet;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What there can be several of on a facts sheet, besides services and links; each with its lines. */
public enum RowKind {
    /** A further number: what it is called, and the number. */
    TELEPHONE("phone", 6, "name", "number"),
    /** Somebody of the business. */
    PERSON("person", 20, "name", "role", "about"),
    /** What a customer said; shown only with their permission. */
    TESTIMONIAL("testimonial", 40, "words", "who", "when", "where", "permission"),
    /** A qualification, licence or further membership. */
    CREDENTIAL("credential", 12, "body", "number", "until"),
    GUARANTEE("guarantee", 6, "words"),
    /** What customers ask, and the owner's answer. */
    QUESTION("question", 30, "ask", "answer"),
    /** A logo or photograph: the kept file, where it belongs, what it shows, and what is done to it. */
    PICTURE(
            "picture",
            60,
            "file",
            "use",
            "name",
            "alternative",
            "decoration",
            "credit",
            "turn",
            "mirror",
            "crop",
            "brightness",
            "ground",
            "focus"),
    /** A PDF visitors can take away. */
    DOCUMENT("document", 12, "file", "title");

    private final String id;
    private final int most;
    private final List<String> lines;

    RowKind(String id, int most, String... lines) {
        this.id = id;
        this.most = most;
        this.lines = List.of(lines);
    }

    /** Its name in edits and ids of facts. */
    public String id() {
        return id;
    }

    /** Whether its rows name kept files, which a text file of facts cannot carry. */
    public boolean isFile() {
        return this == PICTURE || this == DOCUMENT;
    }

    /** How many fit on a sheet. */
    public int most() {
        return most;
    }

    /** Names of its lines, the one it cannot be without first. */
    public List<String> lines() {
        return lines;
    }

    public static Optional<RowKind> named(String id) {
        return Arrays.stream(values()).filter(kind -> kind.id.equals(id)).findFirst();
    }
}
