package ostium.core.format;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/** The things a page speaks of in its schema.org data, and which of them is the business. */
final class DataOfPage {
    private static final Set<String> NO_BUSINESS = Set.of(
            "WebSite",
            "WebPage",
            "AboutPage",
            "ContactPage",
            "FAQPage",
            "CollectionPage",
            "BreadcrumbList",
            "ItemList",
            "Article",
            "BlogPosting",
            "NewsArticle",
            "Person",
            "ImageObject",
            "VideoObject",
            "Event",
            "Question",
            "SearchAction");

    private static final int DEEPEST = 5;

    private DataOfPage() {}

    /** The business a page speaks of: the first thing with a name that is no page, person or picture; however deep it stands. */
    static Optional<JsonNode> business(JsonNode root) {
        List<JsonNode> candidates = new ArrayList<>();
        gather(root, candidates, 0);
        return candidates.stream()
                .filter(node -> node.has("name") && types(node).stream().noneMatch(NO_BUSINESS::contains))
                .findFirst();
    }

    /** The address of the site the business stands on. */
    static Optional<String> site(JsonNode root) {
        List<JsonNode> all = new ArrayList<>();
        gather(root, all, 0);
        return all.stream()
                .filter(node -> types(node).contains("WebSite"))
                .map(node -> node.path("url").asString(""))
                .filter(url -> !url.isBlank())
                .findFirst();
    }

    private static void gather(JsonNode node, List<JsonNode> all, int depth) {
        if (depth > DEEPEST) {
            return;
        }
        if (node.isArray()) {
            node.forEach(each -> gather(each, all, depth + 1));
        } else if (node.isObject()) {
            all.add(node);
            for (String about : List.of("@graph", "mainEntity", "about", "publisher", "provider")) {
                gather(node.path(about), all, depth + 1);
            }
        }
    }

    static List<String> types(JsonNode node) {
        List<String> types = new ArrayList<>();
        JsonNode type = node.path("@type");
        if (type.isArray()) {
            type.forEach(each -> types.add(each.asString("")));
        } else {
            types.add(type.asString(""));
        }
        return types.stream()
                .map(each -> each.replaceFirst("^https?://schema\\.org/", ""))
                .toList();
    }
}
