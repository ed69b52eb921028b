package ostium.core.format;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ostium.core.fact.Picture;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The pictures schema.org data speak of: {@code logo}, {@code image} and {@code photo}, as addresses or as {@code ImageObject}.
 * The first image is the one the page opens with.
 */
public final class NamedPictures {
    private static final List<String> ADDRESSES = List.of("contentUrl", "url", "@id");
    private static final List<String> CAPTIONS = List.of("caption", "description", "name");
    private static final List<String> CREDITS = List.of("creditText", "creator", "author", "copyrightHolder");

    private NamedPictures() {}

    /**
     * A picture by its address.
     *
     * @param property where it was named
     * @param address a file or a link, as it stands there
     * @param caption what it shows, or empty
     * @param credit who took it, or empty
     */
    public record Named(String property, String address, Picture.Use use, String caption, String credit) {}

    /** Those of the business, in the order of the data; none where this is no JSON, or speaks of no business. */
    public static List<Named> in(String json) {
        try {
            return DataOfPage.business(JsonMapper.shared().readTree(json))
                    .map(NamedPictures::of)
                    .orElse(List.of());
        } catch (JacksonException notJson) {
            return List.of();
        }
    }

    private static List<Named> of(JsonNode business) {
        List<Named> all = new ArrayList<>();
        add(all, business, "logo", Picture.Use.LOGO);
        add(all, business, "image", Picture.Use.OPENING);
        add(all, business, "photo", Picture.Use.WORK);
        return all;
    }

    private static void add(List<Named> all, JsonNode business, String property, Picture.Use first) {
        Picture.Use use = first;
        for (JsonNode each : JsonSource.list(business.path(property))) {
            String address = each.isString() ? each.asString().strip() : said(each, ADDRESSES);
            boolean known = all.stream().anyMatch(named -> named.address().equals(address));
            if (!address.isBlank() && !known) {
                all.add(new Named(property, address, use, said(each, CAPTIONS), said(each, CREDITS)));
                use = first == Picture.Use.LOGO ? first : Picture.Use.WORK;
            }
        }
    }

    /** The first of some properties that says something; of a thing, its name. */
    private static String said(JsonNode picture, List<String> properties) {
        return properties.stream()
                .map(picture::path)
                .map(value -> value.isObject() ? value.path("name") : value)
                .flatMap(value -> Optional.of(value).filter(JsonNode::isString).map(JsonNode::asString).stream())
                .map(String::strip)
                .filter(words -> !words.isEmpty())
                .findFirst()
                .orElse("");
    }
}
