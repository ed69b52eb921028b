package ostium.core.paste;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;
import org.jsoup.select.NodeTraversor;
import org.jsoup.select.NodeVisitor;
import ostium.core.base.Messages;
import ostium.core.base.Reading.Span;
import ostium.core.hours.BusinessDay;
import ostium.core.sheet.TypedSheet;
import tools.jackson.databind.json.JsonMapper;

/**
 * Finds facts in a web page: what it says of itself as data (JSON-LD, microdata), and its words as a visitor reads them.
 * Links that say more than their words stand behind them. Nothing a page asks for is fetched or run.
 */
final class HtmlFinder implements Finder {
    /** Deeper pages than this are cut, so that none can exhaust the stack. */
    private static final int DEEPEST = 400;

    private static final Set<String> ONE_OF = Set.of("name", "place", "hours", "trade", "person", "area", "founded");

    private static final Pattern FROM =
            Pattern.compile("(?iu)\\s*(?:(?:prices? )?from|ab|dès|à partir de|desde)\\s*:?\\s*");
    private static final Pattern PRICE = Pattern.compile("\\s*[£$€]?\\s*[0-9]");

    static final String DATA_HEADING = Messages.of("paste").say("htmlFinder.data");

    private static final Set<String> BLOCKS = Set.of(
            "address",
            "article",
            "aside",
            "blockquote",
            "br",
            "div",
            "dl",
            "dt",
            "fieldset",
            "figcaption",
            "figure",
            "footer",
            "form",
            "h1",
            "h2",
            "h3",
            "h4",
            "h5",
            "h6",
            "header",
            "hr",
            "li",
            "main",
            "nav",
            "ol",
            "p",
            "pre",
            "section",
            "table",
            "tr",
            "ul",
            "title");
    /** What stands beside its neighbour on a line; a term and what is said of it do as well. */
    private static final Set<String> CELLS = Set.of("td", "th", "dt");

    private final String html;
    private final TypedSheet sheet;
    private final BusinessDay today;

    HtmlFinder(String html, TypedSheet sheet, BusinessDay today) {
        this.html = html;
        this.sheet = sheet;
        this.today = today;
    }

    @Override
    public Result find() {
        Document page = Jsoup.parse(html);
        List<String> data = new ArrayList<>();
        page.select("script[type=application/ld+json]").forEach(script -> data.add(script.data()));
        page.select("[itemscope]").stream()
                .filter(item -> item.closest("[itemprop]") == null)
                .forEach(item -> data.add(JsonMapper.shared().writeValueAsString(microdata(item, 0))));
        page.select("nav,script,style,noscript,template,svg,iframe,head > :not(title)")
                .remove();
        leastPrices(page);
        String text = text(page);
        List<Found> said = new ArrayList<>();
        StringBuilder unseen = new StringBuilder();
        for (String each : data) {
            for (Found found : new JsonLdFinder(each, sheet).foundIn(text)) {
                said.add(found.at().to() > 0 ? found : unseen(found, text, unseen));
            }
        }
        Result words = new TextFinder(text, said, sheet, today).find();
        List<Found> all = new ArrayList<>(said);
        // Of what there is one of, the data of a page know better than its words.
        words.found().stream()
                .filter(found -> !found.what().equals("person")
                        || said.stream().noneMatch(known -> known.words().equalsIgnoreCase(found.words())))
                .filter(found -> !ONE_OF.contains(found.what())
                        || said.stream().noneMatch(known -> known.what().equals(found.what())))
                .forEach(all::add);
        return new Result(text + unseen, all, "", words.aside(), true);
    }

    /** What a page says in its data only gets a line of its own after the words, so that it can be seen. */
    private static Found unseen(Found found, String text, StringBuilder unseen) {
        if (unseen.isEmpty()) {
            unseen.append("\n\n").append(DATA_HEADING);
        }
        unseen.append('\n');
        int from = text.length() + unseen.length();
        unseen.append(found.words().replace('\n', ' '));
        return new Found(
                found.what(),
                found.words(),
                new Span(from, text.length() + unseen.length()),
                found.sureness(),
                found.choices(),
                found.service(),
                found.row());
    }

    /** An item of microdata as the JSON-LD it could have been. */
    private static Map<String, Object> microdata(Element item, int depth) {
        Map<String, Object> node = new LinkedHashMap<>();
        String type = item.attr("itemtype").replaceFirst("^https?://schema\\.org/", "");
        if (!type.isEmpty()) {
            node.put("@type", type);
        }
        for (Element property : item.select("[itemprop]")) {
            Element owner = property.parent() == null ? null : property.parent().closest("[itemscope]");
            if (owner != item) {
                continue;
            }
            Object value =
                    property.hasAttr("itemscope") && depth < 8 ? microdata(property, depth + 1) : value(property);
            for (String name : property.attr("itemprop").split("\\s+")) {
                Object present = node.get(name);
                if (present instanceof List<?> many) {
                    List<Object> more = new ArrayList<>(many);
                    more.add(value);
                    node.put(name, more);
                } else {
                    node.put(name, present == null ? value : List.of(present, value));
                }
            }
        }
        return node;
    }

    private static String value(Element property) {
        return switch (property.normalName()) {
            case "meta" -> property.attr("content");
            case "a", "link", "area" -> property.attr("href").replaceFirst("^(?:tel|mailto):", "");
            case "img", "source", "iframe" -> property.attr("src");
            case "time" -> property.hasAttr("datetime") ? property.attr("datetime") : property.text();
            case "data", "meter" -> property.attr("value");
            default -> property.hasAttr("content") ? property.attr("content") : property.text();
        };
    }

    /** Prices below a heading "From" are the least of several: each says so itself, as it stands in a line of its own. */
    private static void leastPrices(Document page) {
        for (Element table : page.select("table")) {
            Element headings = table.selectFirst("tr");
            for (int column = 0; headings != null && column < headings.childrenSize(); column++) {
                if (FROM.matcher(headings.child(column).text()).matches()) {
                    table.select("tr > td:nth-child(" + (column + 1) + ")").stream()
                            .filter(cell -> PRICE.matcher(cell.text()).lookingAt())
                            .forEach(cell -> cell.prependText("from "));
                }
            }
        }
    }

    /** The words as they are read, a block a line, cells of a table apart. */
    private static String text(Document page) {
        StringBuilder text = new StringBuilder();
        NodeTraversor.traverse(
                new NodeVisitor() {
                    @Override
                    public void head(Node node, int depth) {
                        if (node instanceof TextNode words && depth < DEEPEST) {
                            text.append(words.text());
                        } else if (node instanceof Element element && BLOCKS.contains(element.normalName())) {
                            newLine(text);
                        }
                    }

                    @Override
                    public void tail(Node node, int depth) {
                        if (node instanceof Element element) {
                            if (element.normalName().equals("dd")
                                    || BLOCKS.contains(element.normalName()) && !CELLS.contains(element.normalName())) {
                                newLine(text);
                            } else if (CELLS.contains(element.normalName())) {
                                text.append("   ");
                            } else if (element.normalName().equals("a") && element.hasAttr("href")) {
                                target(element, text);
                            }
                        }
                    }
                },
                page);
        return text.toString()
                .replaceAll("[ \\t]+\\n", "\n")
                .replaceAll("\\n{3,}", "\n\n")
                .strip();
    }

    private static void newLine(StringBuilder text) {
        if (text.length() > 0 && text.charAt(text.length() - 1) != '\n') {
            text.append('\n');
        }
    }

    /** Where a link leads, if that is a fact its words do not say. */
    private static void target(Element link, StringBuilder text) {
        String href = link.attr("href").strip();
        String plain = href.replaceFirst("^(?:tel|mailto):", "").replaceFirst("\\?.*$", "");
        boolean contact = href.matches("(?i)(?:tel|mailto|geo):.*");
        boolean elsewhere = href.matches("(?i)https?://.*");
        String digits = plain.replaceAll("[^0-9]", "");
        String said = link.text();
        boolean saysIt = said.contains(plain)
                || digits.length() > 5 && said.replaceAll("[^0-9]", "").endsWith(digits.substring(digits.length() - 6));
        if ((contact || elsewhere) && !saysIt) {
            text.append(" (")
                    .append(contact && !href.startsWith("geo:") ? plain : href)
                    .append(')');
        }
    }
}
