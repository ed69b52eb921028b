package ostium.core.opening;

import java.time.LocalDate;
import java.time.YearMonth;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import ostium.core.draft.Brief;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Link;
import ostium.core.fact.Listing;
import ostium.core.fact.Minutes;
import ostium.core.fact.Networks;
import ostium.core.fact.Place;
import ostium.core.fact.Price;
import ostium.core.fact.Reading;
import ostium.core.fact.Service;
import ostium.core.fact.Telephone;
import ostium.core.hours.WeeklyHours;
import ostium.core.trade.Goal;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

/** Reads a typed sheet into facts, field by field; a field that cannot be read leaves the others alone. */
public final class SheetReader {
    private static final int OLDEST_YEAR = 1500;

    private final TypedSheet sheet;
    private final LocalDate today;
    private final TradeCatalogue trades;
    private final Map<String, FieldAnswer> answers = new LinkedHashMap<>();
    private Facts facts;

    private SheetReader(TypedSheet sheet, LocalDate today, TradeCatalogue trades) {
        this.sheet = sheet;
        this.today = today;
        this.trades = trades;
        this.facts = Facts.none(sheet.region());
    }

    /** @param today the day in the zone of the business, against which years are checked */
    public static SheetReading read(TypedSheet sheet, LocalDate today) {
        return new SheetReader(sheet, today, TradeCatalogue.shipped()).read();
    }

    private SheetReading read() {
        TradeCatalogue.Found found = trades.find(sheet.trade());
        Trade trade = found.trade();
        plain("trade", sheet.trade(), 80, words -> new FactValue.TradeWords(words, trade.id()));
        if (!sheet.trade().isBlank() && !found.near()) {
            answers.put("trade", FieldAnswer.read("We do not know this trade yet. Your own words stand on the page."));
        } else if (!sheet.trade().isBlank()
                && !trade.name().equalsIgnoreCase(sheet.trade().strip())) {
            answers.put("trade", FieldAnswer.read("Taken as " + trade.name() + "."));
        }
        plain("name", sheet.name(), FactValue.Name.LONGEST, FactValue.Name::new);
        plain("person", sheet.person(), 80, words -> new FactValue.Person(words, ""));
        field("place", sheet.place(), Place.read(sheet.place(), sheet.region()), this::sayPlace);
        area();
        field(
                "telephone",
                sheet.telephone(),
                Telephone.read(sheet.telephone(), sheet.region()),
                SheetReader::sayTelephone);
        field("email", sheet.email(), EmailAddress.read(sheet.email()), EmailAddress::value);
        field(
                "hours",
                sheet.hours(),
                WeeklyHours.read(sheet.hours()).map(FactValue.Hours::new),
                hours -> hours.week().say());
        services();
        links();
        founded();
        plain("promise", sheet.promise(), 80, words -> new FactValue.AnswerPromise(words.replaceFirst("\\.$", "")));
        plain("words", sheet.words(), FactValue.OwnWords.LONGEST, FactValue.OwnWords::new);
        membership();
        for (String key : sheet.practices()) {
            trade.practice(key)
                    .ifPresent(practice -> facts = facts.with(new Fact<>(
                            "practice/" + key, new FactValue.Practice(key), Fact.State.GIVEN, Fact.Origin.FROM_TRADE)));
        }
        Brief brief = new Brief(facts, trade, goal(trade), denied(), today, true);
        return new SheetReading(brief, answers, missing(), found.near());
    }

    private Goal goal(Trade trade) {
        try {
            return sheet.goal().isBlank() ? trade.goal() : Goal.of(sheet.goal());
        } catch (IllegalArgumentException e) {
            return trade.goal();
        }
    }

    private Set<Brief.Assumption> denied() {
        Set<Brief.Assumption> denied = EnumSet.noneOf(Brief.Assumption.class);
        for (Brief.Assumption assumption : Brief.Assumption.values()) {
            if (sheet.denied().contains(assumption.name())) {
                denied.add(assumption);
            }
        }
        return denied;
    }

    private List<String> missing() {
        List<String> missing = new ArrayList<>();
        if (facts.one(FactValue.TradeWords.class).isEmpty()) {
            missing.add("your trade");
        }
        if (facts.one(FactValue.Name.class).isEmpty()) {
            missing.add("your name");
        }
        if (facts.one(Telephone.class).isEmpty()
                && facts.one(EmailAddress.class).isEmpty()) {
            missing.add("a telephone number or a mail address");
        }
        return missing;
    }

    private void plain(String field, String typed, int longest, Function<String, FactValue> value) {
        String words = java.text.Normalizer.normalize(typed, java.text.Normalizer.Form.NFC)
                .strip();
        if (words.isEmpty()) {
            answers.put(field, FieldAnswer.NOTHING);
        } else if (words.length() > longest) {
            answers.put(
                    field,
                    FieldAnswer.refused(
                            "At most " + longest + " characters, please; this has " + words.length() + ".",
                            longest,
                            typed.length()));
        } else {
            facts = facts.with(Fact.typed(field, value.apply(words)));
            answers.put(field, FieldAnswer.read(""));
        }
    }

    private <V extends FactValue> void field(String field, String typed, Reading<V> reading, Function<V, String> say) {
        if (typed.isBlank()) {
            answers.put(field, FieldAnswer.NOTHING);
            return;
        }
        reading.value().ifPresent(value -> facts = facts.with(Fact.typed(field, value)));
        answers.put(field, FieldAnswer.of(reading, reading.value().map(say).orElse("")));
    }

    private String sayPlace(Place place) {
        List<String> parts = new ArrayList<>();
        if (!place.street().isBlank()) {
            parts.add(place.street());
        }
        if (!place.town().isBlank()) {
            parts.add("town " + place.town());
        }
        if (!place.postcode().isBlank()) {
            parts.add("postcode " + place.postcode());
        }
        return String.join(" · ", parts);
    }

    private static String sayTelephone(Telephone telephone) {
        return "People from abroad dial " + telephone.international();
    }

    private void area() {
        if (sheet.area().isBlank()) {
            answers.put("area", FieldAnswer.NOTHING);
            return;
        }
        List<String> places = Arrays.stream(sheet.area().split("\\s*(?:[,;\\n]|\\band\\b)\\s*"))
                .map(String::strip)
                .filter(place -> !place.isEmpty())
                .distinct()
                .toList();
        if (places.isEmpty() || places.size() > 40 || places.stream().anyMatch(place -> place.length() > 60)) {
            answers.put(
                    "area",
                    FieldAnswer.refused(
                            "Name the places with commas between, at most 40.",
                            0,
                            sheet.area().length()));
            return;
        }
        facts = facts.with(Fact.typed("area", new FactValue.Area(places)));
        answers.put(
                "area",
                FieldAnswer.read(places.size() == 1 ? places.get(0) : Listing.number(places.size()) + " places"));
    }

    private void services() {
        Set<String> names = new java.util.HashSet<>();
        for (int i = 0; i < sheet.services().size(); i++) {
            String field = "services." + i;
            TypedSheet.TypedService typed = sheet.services().get(i);
            String name = typed.name().strip();
            if (i >= TypedSheet.MOST_SERVICES) {
                answers.put(field, FieldAnswer.refused("At most " + TypedSheet.MOST_SERVICES + " services fit.", 0, 0));
            } else if (name.isEmpty()) {
                answers.put(field, FieldAnswer.refused("Name the service, or take the row out.", 0, 0));
            } else if (name.length() > Service.LONGEST_NAME) {
                answers.put(
                        field,
                        FieldAnswer.refused(
                                "At most " + Service.LONGEST_NAME + " characters, please.",
                                Service.LONGEST_NAME,
                                name.length()));
            } else if (!names.add(name.toLowerCase(Locale.ROOT))) {
                answers.put(field, FieldAnswer.refused("This service stands here twice.", 0, name.length()));
            } else {
                service(field, typed, name);
            }
        }
    }

    private void service(String field, TypedSheet.TypedService typed, String name) {
        Price price = null;
        if (!typed.price().isBlank()) {
            Reading<Price> reading = Price.read(typed.price(), sheet.region());
            price = reading.value().orElse(null);
            answers.put(
                    field + ".price",
                    FieldAnswer.of(reading, reading.value().map(Price::say).orElse("")));
        }
        Integer minutes = null;
        if (!typed.minutes().isBlank()) {
            Reading<Integer> reading = Minutes.read(typed.minutes());
            minutes = reading.value().orElse(null);
            answers.put(
                    field + ".minutes",
                    FieldAnswer.of(reading, reading.value().map(Minutes::say).orElse("")));
        }
        facts = facts.with(new Fact<>(
                "service/" + typed.id(),
                new Service(name, typed.summary().strip(), price, minutes, typed.usual()),
                Fact.State.GIVEN,
                typed.usual().isBlank() ? Fact.Origin.TYPED : Fact.Origin.FROM_TRADE));
        answers.put(field, FieldAnswer.read(""));
    }

    private void links() {
        for (int i = 0; i < sheet.links().size(); i++) {
            String field = "links." + i;
            String typed = sheet.links().get(i);
            if (typed == null || typed.isBlank()) {
                answers.put(field, FieldAnswer.NOTHING);
                continue;
            }
            if (i >= TypedSheet.MOST_LINKS) {
                answers.put(
                        field,
                        FieldAnswer.refused("At most " + TypedSheet.MOST_LINKS + " links fit.", 0, typed.length()));
                continue;
            }
            Reading<Link> reading = Networks.shipped().read(typed);
            int number = i;
            reading.value().ifPresent(link -> facts = facts.with(Fact.typed("link/" + number, link)));
            answers.put(
                    field,
                    FieldAnswer.of(
                            reading,
                            reading.value()
                                    .map(link -> link.label() + " · " + link.url())
                                    .orElse("")));
        }
    }

    private void founded() {
        String typed = sheet.founded().strip();
        if (typed.isEmpty()) {
            answers.put("founded", FieldAnswer.NOTHING);
            return;
        }
        if (!typed.matches("[0-9]{4}")
                || Integer.parseInt(typed) < OLDEST_YEAR
                || Integer.parseInt(typed) > today.getYear()) {
            answers.put(
                    "founded",
                    FieldAnswer.refused(
                            "Give the year in four figures, up to " + today.getYear() + ".", 0, typed.length()));
            return;
        }
        facts = facts.with(Fact.typed("founded", new FactValue.Founded(Integer.parseInt(typed))));
        answers.put("founded", FieldAnswer.read(""));
    }

    private void membership() {
        TypedSheet.Membership typed = sheet.membership();
        if (typed.body().isBlank()) {
            answers.put("membership", FieldAnswer.NOTHING);
            return;
        }
        if (typed.body().length() > 120 || typed.number().length() > 40) {
            answers.put("membership", FieldAnswer.refused("At most 120 characters, please.", 0, 0));
            return;
        }
        try {
            if (!typed.until().isBlank()) {
                YearMonth.parse(typed.until());
            }
        } catch (DateTimeParseException e) {
            answers.put(
                    "membership",
                    FieldAnswer.refused(
                            "Give the month like 2027-06.", 0, typed.until().length()));
            return;
        }
        facts = facts.with(Fact.typed(
                "membership",
                new FactValue.Membership(typed.body().strip(), typed.number().strip(), typed.until())));
        answers.put("membership", FieldAnswer.read(""));
    }
}
