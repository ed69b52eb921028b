package ostium.core.sheet;

import java.text.Normalizer;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import ostium.core.base.Messages;
import ostium.core.base.Reading;
import ostium.core.base.TimeBudget;
import ostium.core.brief.Brief;
import ostium.core.brief.Extent;
import ostium.core.brief.Tone;
import ostium.core.brief.Voice;
import ostium.core.brief.Wishes;
import ostium.core.country.Country;
import ostium.core.fact.Area;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Legal;
import ostium.core.fact.Link;
import ostium.core.fact.Minutes;
import ostium.core.fact.Networks;
import ostium.core.fact.Place;
import ostium.core.fact.Point;
import ostium.core.fact.Price;
import ostium.core.fact.Service;
import ostium.core.fact.Telephone;
import ostium.core.hours.BusinessDay;
import ostium.core.trade.Goal;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

/** Reads a typed sheet into facts, field by field; a field that cannot be read leaves the others alone. */
public final class SheetReader {
    private static final int OLDEST_YEAR = 1500;

    private final TypedSheet sheet;
    private final Instant now;
    private BusinessDay today;
    private final TradeCatalogue trades;
    private final Map<String, FieldAnswer> answers = new LinkedHashMap<>();
    private Facts facts;

    private static final Messages WORDS = Messages.of("sheet");

    private SheetReader(TypedSheet sheet, Instant now, TradeCatalogue trades) {
        this.sheet = sheet;
        this.now = now;
        this.trades = trades;
        this.facts = Facts.none(sheet.region());
    }

    /** @param now when it is read; what day that is for the business, the sheet itself says by its zone */
    public static SheetReading read(TypedSheet sheet, Instant now) {
        return new SheetReader(sheet, now, TradeCatalogue.shipped()).read();
    }

    private SheetReading read() {
        TradeCatalogue.Found found = trades.find(sheet.trade());
        Trade trade = found.trade().in(sheet.region());
        plain(Line.TRADE, words -> new FactValue.TradeWords(words, trade.id()));
        if (!sheet.trade().isBlank() && !found.near()) {
            answers.put("trade", FieldAnswer.read(WORDS.say("sheetReader.weDoNotKnowThis")));
        } else if (!sheet.trade().isBlank()
                && !trade.name().equalsIgnoreCase(sheet.trade().strip())) {
            answers.put("trade", FieldAnswer.read(WORDS.say("trade.takenAs", trade.name())));
        }
        plain(Line.NAME, FactValue.Name::new);
        plain(Line.SHORT_NAME, FactValue.ShortName::new);
        plain(Line.PERSON, FactValue.Person::new);
        place();
        field(Line.POINT, Point.read(sheet.line(Line.POINT)), SaidBack::of);
        zone();
        today = BusinessDay.at(now, facts.zone());
        field(Line.AREA, Area.read(sheet.line(Line.AREA)), SaidBack::of);
        boolean abroad = sheet.line(Line.CALLERS_ABROAD).equals("yes");
        field(
                Line.TELEPHONE,
                Telephone.read(sheet.telephone(), sheet.region()).map(number -> abroad ? number.fromAbroad() : number),
                SaidBack::of);
        texts();
        field(Line.EMAIL, EmailAddress.read(sheet.line(Line.EMAIL)), EmailAddress::value);
        new HoursLines(sheet, today, this::put, answers).read();
        services();
        links();
        founded();
        plain(Line.PROMISE, words -> new FactValue.AnswerPromise(words.replaceFirst("\\.$", "")));
        for (Line line : OWN_WORDS) {
            plain(line, FactValue.OwnWords::new);
        }
        membership();
        legal();
        new RowsReader(sheet, today, this::put, answers).read();
        for (String key : sheet.practices()) {
            trade.practice(key)
                    .ifPresent(practice -> put(new Fact<>(
                            "practice/" + key, new FactValue.Practice(key), Fact.State.GIVEN, Fact.Origin.FROM_TRADE)));
        }
        Brief brief = new Brief(facts, trade, goal(trade), denied(), today, true, wishes());
        return new SheetReading(brief, answers, missing(), found.near());
    }

    /** The owner's own words by what they are about. */
    private static final List<Line> OWN_WORDS =
            List.of(Line.WORDS, Line.WORDS_DOES, Line.WORDS_CUSTOMERS, Line.WORDS_BEGAN, Line.WORDS_FINDING);

    /** Keeps a fact; one the owner hides stays known and is not shown. */
    private void put(Fact<? extends FactValue> fact) {
        facts = facts.with(sheet.hidden().contains(fact.id()) ? fact.hidden() : fact);
    }

    private void place() {
        Reading<Place> reading = Place.read(sheet.line(Line.PLACE), sheet.region());
        Place.Visibility shown = switch (sheet.line(Line.PLACE_SHOWN)) {
            case "town" -> Place.Visibility.TOWN;
            case "hidden" -> Place.Visibility.HIDDEN;
            default -> Place.Visibility.WHOLE;
        };
        field(Line.PLACE, reading.map(place -> place.shown(shown)), SaidBack::of);
    }

    private void zone() {
        String typed = sheet.line(Line.ZONE).strip();
        Country country = Country.of(sheet.region());
        if (country.zones().contains(typed)) {
            put(Fact.typed(Line.ZONE.id(), new FactValue.Zone(ZoneId.of(typed))));
            answers.put(Line.ZONE.id(), FieldAnswer.read(typed));
        } else if (!typed.isEmpty()) {
            answers.put(
                    Line.ZONE.id(),
                    FieldAnswer.asked(
                            WORDS.say("sheetReader.whichClockDoYouKeep"),
                            0,
                            sheet.line(Line.ZONE).length(),
                            country.zones()));
        } else {
            answers.put(Line.ZONE.id(), FieldAnswer.NOTHING);
        }
    }

    private void texts() {
        String typed = sheet.line(Line.TEXTS);
        boolean same = typed.strip().toLowerCase(Locale.ROOT).matches("(?:the )?same(?: number)?|yes");
        field(
                Line.TEXTS,
                Telephone.read(same ? sheet.telephone() : typed, sheet.region()).map(FactValue.TextNumber::new),
                texts -> WORDS.say("texts.goTo", texts.number().national()));
    }

    private void legal() {
        plain(Line.LEGAL_NAME, words -> new Legal(Legal.Kind.NAME, words));
        plain(Line.LEGAL_NUMBER, words -> new Legal(Legal.Kind.NUMBER, words));
        plain(Line.LEGAL_TAX, words -> new Legal(Legal.Kind.TAX, words));
        plain(Line.LEGAL_LINES, words -> new Legal(Legal.Kind.LINE, words));
    }

    private Goal goal(Trade trade) {
        try {
            return sheet.line(Line.GOAL).isBlank() ? trade.goal() : Goal.of(sheet.line(Line.GOAL));
        } catch (IllegalArgumentException e) {
            return trade.goal();
        }
    }

    private Wishes wishes() {
        return new Wishes(
                        Tone.named(sheet.line(Line.TONE)).orElse(null),
                        Extent.named(sheet.line(Line.PAGES)).orElse(null))
                .withVoice(Voice.named(sheet.line(Line.VOICE)).orElse(null));
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

    private List<Missing> missing() {
        List<Missing> missing = new ArrayList<>();
        if (facts.one(FactValue.TradeWords.class).isEmpty()) {
            missing.add(Missing.of(Line.TRADE));
        }
        if (facts.one(FactValue.Name.class).isEmpty()) {
            missing.add(Missing.of(Line.NAME));
        }
        if (facts.one(Telephone.class).isEmpty()
                && facts.one(EmailAddress.class).isEmpty()) {
            missing.add(Missing.of(Line.TELEPHONE));
        }
        return missing;
    }

    private void plain(Line line, Function<String, FactValue> value) {
        String typed = sheet.line(line);
        String words = Normalizer.normalize(typed, Normalizer.Form.NFC).strip();
        if (words.isEmpty()) {
            answers.put(line.id(), FieldAnswer.NOTHING);
        } else if (words.length() > line.longest()) {
            answers.put(line.id(), FieldAnswer.tooLong(line.longest(), typed));
        } else {
            put(Fact.typed(line.id(), value.apply(words)));
            answers.put(line.id(), FieldAnswer.read(""));
        }
    }

    private <V extends FactValue> void field(Line line, Reading<V> reading, Function<V, String> say) {
        if (sheet.line(line).isBlank()) {
            answers.put(line.id(), FieldAnswer.NOTHING);
            return;
        }
        reading.value().ifPresent(value -> put(Fact.typed(line.id(), value)));
        answers.put(line.id(), FieldAnswer.of(reading, reading.value().map(say).orElse("")));
    }

    private void services() {
        Set<String> names = new java.util.HashSet<>();
        for (int i = 0; i < sheet.services().size(); i++) {
            TimeBudget.check();
            String field = "services." + i;
            TypedSheet.TypedService typed = sheet.services().get(i);
            String name = typed.name().strip();
            if (i >= TypedSheet.MOST_SERVICES) {
                answers.put(field, FieldAnswer.refused(WORDS.say("services.many", TypedSheet.MOST_SERVICES), 0, 0));
            } else if (name.isEmpty()) {
                answers.put(field, FieldAnswer.refused(WORDS.say("sheetReader.nameTheServiceOrTake"), 0, 0));
            } else if (name.length() > Service.LONGEST_NAME) {
                answers.put(
                        field,
                        FieldAnswer.refused(
                                WORDS.say("long", Service.LONGEST_NAME), Service.LONGEST_NAME, name.length()));
            } else if (!names.add(name.toLowerCase(Locale.ROOT))) {
                answers.put(
                        field,
                        FieldAnswer.refused(WORDS.say("sheetReader.thisServiceStandsHereTwice"), 0, name.length()));
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
        put(new Fact<>(
                "service/" + typed.id(),
                new Service(name, typed.summary().strip(), price, minutes, typed.usual()),
                Fact.State.GIVEN,
                typed.usual().isBlank() ? Fact.Origin.TYPED : Fact.Origin.FROM_TRADE));
        answers.put(field, FieldAnswer.read(""));
    }

    private void links() {
        for (int i = 0; i < sheet.links().size(); i++) {
            TimeBudget.check();
            String field = "links." + i;
            String typed = sheet.links().get(i);
            if (typed == null || typed.isBlank()) {
                answers.put(field, FieldAnswer.NOTHING);
                continue;
            }
            if (i >= TypedSheet.MOST_LINKS) {
                answers.put(
                        field, FieldAnswer.refused(WORDS.say("links.many", TypedSheet.MOST_LINKS), 0, typed.length()));
                continue;
            }
            Reading<Link> reading = Networks.shipped().read(typed);
            int number = i;
            reading.value().ifPresent(link -> put(Fact.typed("link/" + number, link)));
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
        String typed = sheet.line(Line.FOUNDED).strip();
        if (typed.isEmpty()) {
            answers.put("founded", FieldAnswer.NOTHING);
            return;
        }
        Optional<String> fault = faultOfYear(typed);
        if (fault.isPresent()) {
            answers.put("founded", FieldAnswer.refused(fault.get(), 0, typed.length()));
            return;
        }
        put(Fact.typed("founded", new FactValue.Founded(Integer.parseInt(typed))));
        answers.put("founded", FieldAnswer.read(""));
    }

    private Optional<String> faultOfYear(String typed) {
        int now = today.date().getYear();
        if (!typed.matches("[0-9]{4}")) {
            return Optional.of(WORDS.say("founded.figures", now));
        }
        int year = Integer.parseInt(typed);
        if (year < OLDEST_YEAR) {
            return Optional.of(WORDS.say("founded.old", typed, OLDEST_YEAR));
        }
        return year > now ? Optional.of(WORDS.say("founded.ahead", typed)) : Optional.empty();
    }

    private void membership() {
        String body = sheet.line(Line.MEMBERSHIP_BODY);
        if (body.isBlank()) {
            answers.put("membership", FieldAnswer.NOTHING);
            return;
        }
        Reading<FactValue.Membership> reading =
                Credentials.read(body, sheet.line(Line.MEMBERSHIP_NUMBER), sheet.line(Line.MEMBERSHIP_UNTIL), today);
        reading.value().ifPresent(value -> put(Fact.typed("membership", value)));
        answers.put(
                "membership",
                FieldAnswer.of(reading, reading.value().map(Credentials::say).orElse("")));
    }
}
