package ostium.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import ostium.core.brief.Brief;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.core.sheet.TypedSheet.TypedService;
import ostium.core.trade.Trade;

/** Made-up businesses of a trade, each with facts of its own: as different as those of one street are. */
public final class InventedBusinesses {
    private static final List<String> FIRST = List.of(
            "Ada",
            "Tom",
            "Isolde",
            "Marguerite",
            "Ned",
            "Petra",
            "Silas",
            "Wilf",
            "Orla",
            "Jory",
            "Hester",
            "Caleb",
            "Morwenna",
            "Bram",
            "Edith",
            "Lowen",
            "Tamsin",
            "Gus",
            "Rhona",
            "Ives");
    private static final List<String> LAST = List.of(
            "Ashlatch",
            "Wren",
            "Tindle",
            "Bell",
            "Marlowe",
            "Pennock",
            "Sandry",
            "Quayle",
            "Tolver",
            "Brack",
            "Hoskin",
            "Lanyon",
            "Fairweather",
            "Cray",
            "Dunmore",
            "Elver",
            "Garrick",
            "Hale",
            "Jessop",
            "Kestle");
    private static final List<String> STREETS =
            List.of("2 Sail Street", "3 Net Loft", "11 Rope Walk", "7 Chapel Row", "40 Harbour Road", "1 Mill Lane");
    private static final List<String> TOWNS = List.of("Quillhaven", "Tolver", "Sandgate Reach", "Upper Marl");
    private static final List<String> HOURS =
            List.of("Mon-Fri 9-5", "Mon-Sat 8-6", "Tue-Sat 10-5:30", "Mon-Thu 8-4, Fri 8-1", "Mon-Fri 8-6, Sat 9-12");
    private static final List<String> PROMISES =
            List.of("by the next working morning", "within two days", "the same evening");

    private static final List<String> WORDS = List.of(
            "I learnt from my aunt, who learnt from hers. The tools are older than I am.",
            "I came to the island for one summer. That was a long time ago.",
            "The dog comes along and sleeps by the door. Ask for him by name.",
            "I left an office for this and have not missed it once. My hands were bored there.",
            "Half of those who come were sent by a neighbour. The kettle is always on.",
            "I do one thing at a time, from beginning to end. Nobody is handed on.",
            "My father did this before me in the same street. His ladder is still in use.",
            "I started with one bag and a borrowed bicycle. The bag is still the same.");
    private static final List<String> GUARANTEES = List.of(
            "Two-year guarantee, in writing",
            "If you are not content, it is done again.",
            "One-year guarantee on everything",
            "What is broken here is replaced.");
    private static final List<String> SAID = List.of(
            "I would not go anywhere else again.",
            "On the day, at the hour, for the price.",
            "We have told the whole street.",
            "Nobody had explained it to me before.",
            "It was done before the tea was cold.",
            "My mother asks for nobody else.");

    /** How much is known of a business. */
    public enum Richness {
        /** A trade, a name and a number. */
        CARD,
        /** Where and when as well. */
        PLAIN,
        /** What a sheet mostly holds. */
        USUAL,
        /** People, own words, a guarantee, customers' words, answers and every practice as well. */
        RICH
    }

    private InventedBusinesses() {}

    /** One of them: always the same for the same number. */
    public static TypedSheet sheet(Trade trade, int number) {
        Random random = new Random(trade.id().hashCode() * 31L + number);
        String last = LAST.get(number % LAST.size());
        String first = FIRST.get((number * 7 + 3) % FIRST.size());
        String town = TOWNS.get(random.nextInt(TOWNS.size()));
        List<TypedService> services = new ArrayList<>();
        List<Trade.UsualService> usual = new ArrayList<>(trade.services());
        java.util.Collections.shuffle(usual, random);
        boolean priced = random.nextInt(4) > 0;
        for (Trade.UsualService service : usual.subList(0, Math.min(usual.size(), 2 + random.nextInt(4)))) {
            String price =
                    priced ? List.of("45", "from 60", "120", "", "from 35").get(random.nextInt(5)) : "";
            services.add(
                    new TypedService("", service.key(), service.name(), "", price, random.nextBoolean() ? "60" : ""));
        }
        List<String> yes = new ArrayList<>();
        trade.practices().forEach(practice -> {
            if (random.nextBoolean()) {
                yes.add(practice.key());
            }
        });
        TypedSheet sheet = TypedSheet.empty("GB", number + 1)
                .with(Line.TRADE, trade.id().equals("general") ? "falconer" : trade.name())
                .with(Line.NAME, name(trade, first, last, town, number))
                .with(Line.PLACE, STREETS.get(random.nextInt(STREETS.size())) + ", " + town + " QH4 1AA")
                .with(Line.HOURS, HOURS.get(random.nextInt(HOURS.size())))
                .withServices(services)
                .withPractices(yes);
        boolean telephone = random.nextInt(8) > 0;
        sheet = telephone
                ? sheet.with(Line.TELEPHONE, "0117 496 0" + (100 + number))
                : sheet.with(Line.EMAIL, "post@" + last.toLowerCase(java.util.Locale.ROOT) + ".example");
        if (random.nextInt(3) > 0) {
            sheet = sheet.with(Line.PERSON, first + " " + last);
        }
        if (random.nextBoolean()) {
            sheet = sheet.with(Line.FOUNDED, String.valueOf(1975 + random.nextInt(48)));
        }
        if (random.nextBoolean()) {
            sheet = sheet.with(Line.PROMISE, PROMISES.get(random.nextInt(PROMISES.size())));
        }
        if (trade.visits() && random.nextInt(3) > 0) {
            sheet = sheet.with(
                    Line.AREA,
                    "Quillhaven, Tolver, "
                            + List.of("Upper Marl", "Sandgate Reach").get(random.nextInt(2)));
        }
        if (random.nextInt(3) == 0) {
            sheet = sheet.with(Line.MEMBERSHIP_BODY, "Island Guild").with(Line.MEMBERSHIP_NUMBER, "1" + number);
        }
        if (random.nextInt(3) == 0) {
            sheet = sheet.with(Line.WORDS, WORDS.get(number % WORDS.size()));
        }
        return sheet.withRows(rows(random, last));
    }

    private static List<TypedRow> rows(Random random, String last) {
        List<TypedRow> rows = new ArrayList<>();
        if (random.nextInt(4) == 0) {
            rows.add(new TypedRow("person", "p1", Map.of("name", "Ada " + last)));
            rows.add(new TypedRow("person", "p2", Map.of("name", "Wilf " + last)));
        }
        if (random.nextInt(3) == 0) {
            rows.add(new TypedRow(
                    "guarantee", "g1", Map.of("words", GUARANTEES.get(random.nextInt(GUARANTEES.size())))));
        }
        if (random.nextInt(3) == 0) {
            int first = random.nextInt(SAID.size());
            rows.add(said("t1", SAID.get(first), "Maud Elver"));
            rows.add(said("t2", SAID.get((first + 1) % SAID.size()), "Edith Cray"));
        }
        return rows;
    }

    /** One of them of which more or less is known. */
    public static Brief brief(Trade trade, int number, Richness richness) {
        TypedSheet usual = sheet(trade, number);
        TypedSheet card = TypedSheet.empty("GB", usual.seed())
                .with(Line.TRADE, usual.trade())
                .with(Line.NAME, usual.name())
                .with(Line.TELEPHONE, "0117 496 0" + (100 + number));
        TypedSheet sheet = switch (richness) {
            case CARD -> card;
            case PLAIN -> card.with(Line.PLACE, usual.line(Line.PLACE)).with(Line.HOURS, usual.hours());
            case USUAL -> usual;
            case RICH -> rich(trade, usual, number);
        };
        return Samples.read(sheet).brief();
    }

    private static TypedSheet rich(Trade trade, TypedSheet usual, int number) {
        String last = LAST.get(number % LAST.size());
        List<TypedRow> rows = new ArrayList<>();
        if (number % 2 == 0) {
            rows.add(new TypedRow("person", "p1", Map.of("name", "Ada " + last)));
            rows.add(new TypedRow("person", "p2", Map.of("name", "Wilf " + last)));
        }
        rows.add(new TypedRow("guarantee", "g1", Map.of("words", "Two-year guarantee on everything, in writing")));
        rows.add(said("t1", "I would not go anywhere else again.", "Maud Elver"));
        rows.add(said("t2", "On the day, at the hour, for the price.", "Edith Cray"));
        rows.add(new TypedRow("question", "q1", Map.of("ask", "May I watch?", "answer", "Yes, if you like.")));
        rows.add(new TypedRow("question", "q2", Map.of("ask", "Do you take cards?", "answer", "Yes.")));
        return usual.withRows(rows)
                .withPractices(
                        trade.practices().stream().map(Trade.UsualPractice::key).toList())
                .with(Line.WORDS, "Half of those who come were sent by a neighbour. The kettle is always on.");
    }

    private static TypedRow said(String id, String words, String who) {
        return new TypedRow("testimonial", id, Map.of("words", words, "who", who, "permission", "yes"));
    }

    private static String name(Trade trade, String first, String last, String town, int number) {
        return switch (number % 4) {
            case 0 -> last + " & Co";
            case 1 -> first + " " + last;
            case 2 -> "The " + town + " " + upper(trade.name());
            default -> last + "’s";
        };
    }

    private static String upper(String words) {
        return java.util.Arrays.stream(words.split(" "))
                .map(word -> word.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + word.substring(1))
                .collect(java.util.stream.Collectors.joining(" "));
    }

    public static Brief brief(Trade trade, int number) {
        return Samples.read(sheet(trade, number)).brief();
    }
}
