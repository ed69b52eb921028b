package ostium.render;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import ostium.core.brief.Brief;
import ostium.core.door.DoorsOf;
import ostium.core.fact.Facts;
import ostium.core.hours.BusinessDay;
import ostium.core.hours.OpeningChange;
import ostium.core.hours.OpeningChanges;
import ostium.core.hours.OpeningTimes;
import ostium.core.section.opening.FirstScreen;

/**
 * The parts of a page that change with the hours, and not with a publication: the list the script compares the clock with, the
 * days that differ, and what search engines are told. Stored beside a publication, and put into its pages as they are served.
 *
 * @param changes the changes as the script reads them, JSON
 * @param special the days that differ, HTML; empty when none do
 * @param closure the next closure, HTML; empty when none is near
 * @param jsonLd the business as schema.org JSON-LD
 */
public record Opening(String changes, String special, String closure, String jsonLd) {
    private static final String CHANGES = "<script type=\"application/json\" id=\"opening-changes\">";
    private static final String JSON_LD = "<script type=\"application/ld+json\">";
    private static final String SCRIPT_END = "</script>";
    private static final String SPECIAL = "<!--special-hours-->";
    private static final String AWAY = " data-away=\"";
    private static final String SHUT = " data-shut=\"";
    private static final String QUOTE = "\"";
    private static final String SPECIAL_END = "<!--/special-hours-->";
    private static final String CLOSURE = "<!--closure-->";
    private static final String CLOSURE_END = "<!--/closure-->";

    /**
     * @param brief facts with the exceptions as they are now
     * @param doors how the doors are set now
     * @param url canonical address of the site, or empty
     */
    public static Opening of(Brief brief, DoorsOf doors, String url) {
        return new Opening(
                changes(brief, doors),
                special(new ReachFacts(brief).specialHours()),
                closure(brief),
                JsonLd.of(brief, url));
    }

    /**
     * The page with these parts in place of those it was rendered with.
     *
     * @param shown the doors as they are at the hour it is served
     */
    public String in(String page, DoorTimetable.Shown shown) {
        String changed = between(page, CHANGES, SCRIPT_END, changes);
        changed = between(changed, AWAY, QUOTE, shown.away());
        changed = between(changed, SHUT, QUOTE, shown.shut());
        changed = between(changed, JSON_LD, SCRIPT_END, jsonLd);
        changed = between(changed, CLOSURE, CLOSURE_END, closure);
        return between(changed, SPECIAL, SPECIAL_END, special);
    }

    private static String between(String page, String start, String end, String words) {
        int from = page.indexOf(start);
        int to = from < 0 ? -1 : page.indexOf(end, from + start.length());
        return to < 0 ? page : page.substring(0, from + start.length()) + words + page.substring(to);
    }

    // ---- the parts as they stand in a page when it is rendered ----------------------------------------------------

    static String changesElement(Brief brief, DoorsOf doors) {
        return CHANGES + changes(brief, doors) + SCRIPT_END;
    }

    static String jsonLdElement(Brief brief, String url) {
        return JSON_LD + JsonLd.of(brief, url) + SCRIPT_END;
    }

    static String specialElement(ReachFacts reach) {
        return SPECIAL + special(reach.specialHours()) + SPECIAL_END;
    }

    static String closureElement(Brief brief) {
        return CLOSURE + closure(brief) + CLOSURE_END;
    }

    private static String closure(Brief brief) {
        return FirstScreen.closure(brief)
                .map(words -> "<p class=\"closure\" dir=\"auto\">" + TextHtml.escape(words) + "</p>")
                .orElse("");
    }

    private static String special(List<String> lines) {
        return lines.isEmpty()
                ? ""
                : lines.stream()
                        .map(line -> "<li dir=\"auto\">" + TextHtml.escape(line) + "</li>")
                        .collect(Collectors.joining("", "<ul class=\"other\">", "</ul>"));
    }

    /**
     * {@code from} is a minute since 1970; {@code steps} are pairs of minutes since the one before and the number of the words,
     * {@code says} with whether the business is open; {@code doors} is the {@linkplain DoorTimetable timetable} of the doors.
     */
    private static String changes(Brief brief, DoorsOf doors) {
        Facts facts = brief.facts();
        Asked asked = new Asked(facts.openingTimes().orElse(null), brief.today(), doors.settings());
        synchronized (KNOWN) {
            return KNOWN.computeIfAbsent(asked, unknown -> written(unknown, doors));
        }
    }

    /** How many days the lists cover from a week back on. */
    static final int DAYS = 7 + OpeningChanges.DAYS;

    /** A week back: the owner looks at a minute of this week that is over, too. */
    static Instant from(BusinessDay today) {
        return today.date().minusWeeks(1).atStartOfDay(today.zone()).toInstant();
    }

    /** What the list of changes depends on: it is the same for every page and every draft of a business, all day. */
    private record Asked(OpeningTimes times, BusinessDay today, Object doors) {}

    /** The least lately asked for go. */
    private static final Map<Asked, String> KNOWN = new LinkedHashMap<>(64, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Asked, String> eldest) {
            return size() > 500;
        }
    };

    private static String written(Asked asked, DoorsOf doors) {
        Instant from = from(asked.today());
        List<OpeningChange> changes = asked.times() == null
                ? List.of()
                : OpeningChanges.of(asked.times(), asked.today().zone(), from, DAYS);
        Map<String, Integer> says = new LinkedHashMap<>();
        List<String> steps = new ArrayList<>();
        long before = from.getEpochSecond() / 60;
        for (OpeningChange change : changes) {
            String said = "[" + Json.quoted(change.words()) + "," + (change.open() ? 1 : 0) + "]";
            int number = says.computeIfAbsent(said, words -> says.size());
            long at = change.at().getEpochSecond() / 60;
            steps.add((at - before) + "," + number);
            before = at;
        }
        return "{\"from\":" + from.getEpochSecond() / 60 + ",\"says\":[" + String.join(",", says.keySet())
                + "],\"steps\":[" + String.join(",", steps) + "],\"doors\":"
                + DoorTimetable.written(doors, asked.today()) + "}";
    }
}
