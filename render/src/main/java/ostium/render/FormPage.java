package ostium.render;

import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/**
 * The page of a form as a publication holds it, filled in: what was typed stands in its fields, and what is wrong beneath them.
 * Needs nothing but the page itself, so that a form of long ago answers as it did then.
 */
public final class FormPage {
    private FormPage() {}

    /**
     * @param page the page of the form
     * @param values what was typed, by key of the field
     * @param faults what is wrong, by key of the field
     * @param lead what stands above the form
     */
    public static String filled(String page, Map<String, String> values, Map<String, String> faults, String lead) {
        Document document = Jsoup.parse(page);
        document.outputSettings().prettyPrint(false);
        document.select("[data-faults]").forEach(place -> place.text(lead));
        for (Element field : document.select("form[data-enquiry] [name]")) {
            String key = field.attr("name");
            if (values.containsKey(key)) {
                put(field, values.get(key));
            }
            if (faults.containsKey(key)) {
                String id = field.id() + "-fault";
                field.attr("aria-invalid", "true").attr("aria-describedby", id);
                document.select("#" + id)
                        .forEach(place -> place.text(faults.get(key)).removeAttr("hidden"));
                field.parents().select(".fld").addClass("bad");
            }
        }
        document.select("[aria-invalid=true]").stream().limit(1).forEach(first -> first.attr("autofocus", ""));
        return document.outerHtml();
    }

    private static void put(Element field, String value) {
        switch (field.normalName()) {
            case "textarea" -> field.text(value);
            case "select" ->
                field.select("option").stream()
                        .filter(option -> option.attr("value").equals(value))
                        .forEach(option -> option.attr("selected", ""));
            default -> field.attr("value", value);
        }
    }
}
