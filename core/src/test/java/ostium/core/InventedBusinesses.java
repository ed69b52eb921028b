package ostium.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import ostium.core.brief.Brief;
import ostium.core.brief.Extent;
import ostium.core.brief.Tone;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;
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
        return sheet;
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

    public static Brief brief(Trade trade, int number, Tone tone, Extent extent) {
        return brief(trade, number).withTone(tone).withExtent(extent);
    }
}
