package ostium.core.search;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ostium.core.base.Listing;
import ostium.core.brief.Brief;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Service;
import ostium.core.fact.Telephone;
import ostium.core.site.Page;
import ostium.core.site.PlainText;

/**
 * Title and description of a page for search, made from facts only.
 *
 * @param title about 60 characters are shown
 * @param description about 155 characters are shown
 */
public record PageHead(String title, String description) {
    private static final int TITLE = 60;
    private static final int DESCRIPTION = 155;

    public static PageHead of(Brief brief) {
        String name = brief.facts().say("name", "").orElse("");
        String trade = brief.facts()
                .one(FactValue.TradeWords.class)
                .map(FactValue.TradeWords::words)
                .map(PageHead::capital)
                .orElse("");
        String town = town(brief);
        String what = in(trade, town);
        String brieflyWhat =
                brief.trade().doing().isEmpty() ? "" : in(capital(brief.trade().name()), town);
        String title = Stream.of(what, brieflyWhat, town)
                .filter(words -> !words.isEmpty() && !trade.isEmpty())
                .map(words -> words + " · " + name)
                .filter(words -> words.length() <= TITLE)
                .findFirst()
                .orElse(name);
        return new PageHead(title, description(brief, name, what));
    }

    /** Of a page that is not the home page: its name before that of the business, and what stands on it. */
    public static PageHead of(Brief brief, Page page) {
        String name = brief.facts().say("name", "").orElse("");
        String town = town(brief);
        String whole = page.name() + " · " + name + (town.isEmpty() || name.contains(town) ? "" : ", " + town);
        String title = whole.length() <= TITLE ? whole : page.name() + " · " + name;
        List<String> what = page.sections().stream()
                .filter(section -> !section.hidden())
                .flatMap(section -> section.text("heading").stream())
                .map(text -> PlainText.of(text, brief.facts()).replace('\n', ' '))
                .toList();
        String listed = name + ": " + String.join(" · ", what) + ".";
        return new PageHead(
                title, listed.length() <= DESCRIPTION ? listed : of(brief).description());
    }

    private static String in(String trade, String town) {
        return trade.isEmpty() || town.isEmpty() ? trade : trade + " in " + town;
    }

    private static String capital(String words) {
        return words.isEmpty() ? words : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private static String town(Brief brief) {
        return brief.facts().town().or(() -> brief.facts().say("area", "first")).orElse("");
    }

    private static String description(Brief brief, String name, String what) {
        List<String> parts = new ArrayList<>();
        parts.add(
                name + (what.isEmpty() ? "." : ": " + Character.toLowerCase(what.charAt(0)) + what.substring(1) + "."));
        List<Fact<Service>> services = brief.services();
        if (!services.isEmpty()) {
            String list = Listing.and(services.stream()
                    .limit(4)
                    .map(fact -> fact.value().say("lower").orElseThrow())
                    .collect(Collectors.toList()));
            parts.add(Character.toUpperCase(list.charAt(0)) + list.substring(1) + ".");
        }
        brief.facts().one(Telephone.class).ifPresent(telephone -> parts.add("Call " + telephone.national() + "."));
        brief.facts()
                .one(FactValue.Hours.class)
                .ifPresent(hours -> parts.add(hours.week().sayOpen() + "."));
        StringBuilder description = new StringBuilder();
        for (String part : parts) {
            if (description.length() + part.length() + 1 <= DESCRIPTION) {
                description.append(description.isEmpty() ? "" : " ").append(part);
            }
        }
        return description.isEmpty() ? name : description.toString();
    }
}
