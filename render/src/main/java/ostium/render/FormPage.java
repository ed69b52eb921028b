package ostium.render;

import java.util.List;
import java.util.Map;
import java.util.Optional;
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
     * @param typed what was typed, by key of the field
     * @param faults what is wrong, by key of the field
     * @param lead what stands above the form
     */
    public static String filled(String page, Map<String, List<String>> typed, Map<String, String> faults, String lead) {
        Document document = Jsoup.parse(page);
        document.outputSettings().prettyPrint(false);
        document.select("[data-faults]").forEach(place -> place.text(lead));
        for (Element field : document.select("form[data-enquiry] [name]")) {
            String key = field.attr("name");
            put(field, typed.getOrDefault(key, List.of()));
            if (faults.containsKey(key) && !field.id().isEmpty()) {
                point(document, field, faults.get(key));
            }
        }
        document.select("[aria-invalid=true]").stream().limit(1).forEach(first -> first.attr("autofocus", ""));
        return document.outerHtml();
    }

    private static void point(Document document, Element field, String fault) {
        String id = field.id() + "-fault";
        String described = (field.attr("aria-describedby") + " " + id).strip();
        field.attr("aria-invalid", "true").attr("aria-describedby", described);
        document.select("#" + id).forEach(place -> place.text(fault).removeAttr("hidden"));
        Optional.ofNullable(field.closest(".fld")).ifPresent(place -> place.addClass("bad"));
    }

    private static void put(Element field, List<String> typed) {
        if (typed.isEmpty() || field.attr("type").equals("file")) {
            return;
        }
        switch (field.normalName()) {
            case "textarea" -> field.text(typed.get(0));
            case "select" ->
                field.select("option").stream()
                        .filter(option -> option.attr("value").equals(typed.get(0)))
                        .forEach(option -> option.attr("selected", ""));
            default -> {
                boolean isBox = List.of("checkbox", "radio").contains(field.attr("type"));
                if (!isBox) {
                    field.attr("value", typed.get(0));
                } else if (typed.contains(field.attr("value"))) {
                    field.attr("checked", "");
                }
            }
        }
    }
}
