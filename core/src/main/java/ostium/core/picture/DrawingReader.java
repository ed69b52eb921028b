package ostium.core.picture;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Attribute;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.parser.Parser;
import ostium.core.base.Messages;
import ostium.core.base.Reading;
import ostium.core.fact.StoredFile;
import ostium.core.text.Sha256;

/**
 * Takes an SVG (W3C, Scalable Vector Graphics 1.1) that only draws. One that runs something, or fetches something, is
 * turned away rather than mended: what is left of it might not be what the owner sees. What drawing programs add for
 * themselves is left out.
 */
final class DrawingReader {
    private static final Messages WORDS = Messages.of("picture");

    private static final String SVG = "http://www.w3.org/2000/svg";
    private static final Set<String> DRAWS = Set.of(
            "svg",
            "g",
            "path",
            "rect",
            "circle",
            "ellipse",
            "line",
            "polyline",
            "polygon",
            "text",
            "tspan",
            "textpath",
            "defs",
            "lineargradient",
            "radialgradient",
            "stop",
            "clippath",
            "mask",
            "pattern",
            "symbol",
            "use",
            "title",
            "desc",
            "style",
            "image",
            "marker",
            "switch",
            "filter");
    private static final Set<String> RUNS =
            Set.of("script", "foreignobject", "handler", "listener", "iframe", "embed", "object", "audio", "video");
    private static final Pattern OUTSIDE = Pattern.compile(
            "@import|javascript:|expression\\s*\\(|url\\(\\s*['\"]?(?!#)[^)]", Pattern.CASE_INSENSITIVE);
    private static final Pattern LENGTH = Pattern.compile("\\s*([0-9]*\\.?[0-9]+)\\s*(px|pt|mm|cm|in|)\\s*");

    private DrawingReader() {}

    static Reading<TakenFile> read(byte[] bytes) {
        if (bytes.length > FileLimits.DRAWING_BYTES) {
            return FileReader.refused(WORDS.say(
                    "drawingReader.heavy",
                    FileReader.megabytes(bytes.length),
                    FileReader.megabytes(FileLimits.DRAWING_BYTES)));
        }
        Document document = Jsoup.parse(
                new String(bytes, StandardCharsets.UTF_8),
                "",
                Parser.xmlParser().setMaxDepth(200));
        Element root = document.children().stream()
                .filter(element -> element.normalName().equals("svg"))
                .findFirst()
                .orElse(null);
        if (root == null) {
            return FileReader.refused(WORDS.say("drawingReader.thisDrawingIsDamagedIt"));
        }
        Optional<String> fault = clean(root);
        if (fault.isPresent()) {
            return FileReader.refused(fault.get());
        }
        int[] size = size(root);
        if (size == null) {
            return FileReader.refused(WORDS.say("drawingReader.thisDrawingDoesNotSay"));
        }
        root.attr("xmlns", SVG).attr("xmlns:xlink", "http://www.w3.org/1999/xlink");
        root.attr("width", String.valueOf(size[0])).attr("height", String.valueOf(size[1]));
        document.outputSettings().prettyPrint(false).syntax(Document.OutputSettings.Syntax.xml);
        byte[] content = root.outerHtml().getBytes(StandardCharsets.UTF_8);
        return Reading.understood(TakenFile.plain(
                StoredFile.picture(Sha256.hex(content), StoredFile.Kind.SVG, size[0], size[1], content.length),
                content,
                List.of()));
    }

    /** Takes out what only drawing programs read; answers what cannot be taken. */
    private static Optional<String> clean(Element root) {
        for (Element element : root.select("*")) {
            String name = element.normalName();
            if (RUNS.contains(name)) {
                return Optional.of(WORDS.say("drawingReader.runs", name));
            }
            if (name.contains(":") || name.equals("metadata")) {
                element.remove();
            } else if (!DRAWS.contains(name) && !name.startsWith("fe")) {
                return Optional.of(WORDS.say("drawingReader.moves", name));
            } else if (name.equals("style")
                    && OUTSIDE.matcher(element.data() + element.wholeText()).find()) {
                return outside();
            }
            Optional<String> fault = attributes(element);
            if (fault.isPresent()) {
                return fault;
            }
        }
        root.select("*")
                .forEach(element -> List.copyOf(element.childNodes()).stream()
                        .filter(node -> node.nodeName().startsWith("#comment")
                                || node.nodeName().startsWith("#declaration"))
                        .forEach(Node::remove));
        return Optional.empty();
    }

    private static Optional<String> attributes(Element element) {
        for (Attribute attribute : element.attributes().asList()) {
            String name = attribute.getKey().toLowerCase(Locale.ROOT);
            String value = attribute.getValue().strip();
            if (name.startsWith("on")) {
                return Optional.of(WORDS.say("drawingReader.runs", name));
            }
            boolean link = name.equals("href") || name.equals("xlink:href") || name.equals("src");
            boolean inside = value.startsWith("#")
                    || element.normalName().equals("image") && value.matches("data:image/(png|jpeg);base64,[\\s\\S]*");
            if (link && !inside || OUTSIDE.matcher(value).find()) {
                return outside();
            }
            if (name.startsWith("xmlns")
                    || name.contains(":") && !name.startsWith("xlink:") && !name.equals("xml:space")) {
                element.removeAttr(attribute.getKey());
            }
        }
        return Optional.empty();
    }

    private static Optional<String> outside() {
        return Optional.of(WORDS.say("drawingReader.fetches"));
    }

    /** Size in pixels, from its width and height or from its view box; null when it says neither. */
    private static int[] size(Element root) {
        String[] box = root.attr("viewBox").strip().split("[\\s,]+");
        boolean boxed = box.length == 4 && box[2].matches("[0-9.]+") && box[3].matches("[0-9.]+");
        double width = length(root.attr("width"), boxed ? box[2] : "");
        double height = length(root.attr("height"), boxed ? box[3] : "");
        if (width < 0.01 || height < 0.01) {
            return null;
        }
        if (!boxed) {
            root.attr("viewBox", "0 0 " + width + " " + height);
        }
        double larger = Math.max(1, Math.max(width, height) / FileLimits.LONGEST_SIDE);
        return new int[] {(int) Math.max(1, Math.round(width / larger)), (int) Math.max(1, Math.round(height / larger))
        };
    }

    private static double length(String typed, String otherwise) {
        Matcher matcher = LENGTH.matcher(typed);
        if (!matcher.matches()) {
            return otherwise.isEmpty() ? 0 : Double.parseDouble(otherwise);
        }
        double unit = switch (matcher.group(2)) {
            case "pt" -> 4 / 3.0;
            case "mm" -> 96 / 25.4;
            case "cm" -> 96 / 2.54;
            case "in" -> 96;
            default -> 1;
        };
        return Double.parseDouble(matcher.group(1)) * unit;
    }
}
