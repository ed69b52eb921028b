package ostium.core.paste;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ostium.core.base.Messages;
import ostium.core.base.Reading;
import ostium.core.base.TimeBudget;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Link;
import ostium.core.fact.Networks;
import ostium.core.fact.Place;
import ostium.core.fact.Point;
import ostium.core.fact.Telephone;
import ostium.core.hours.BusinessDay;
import ostium.core.hours.SpecialHours;
import ostium.core.hours.WeeklyHours;
import ostium.core.sheet.Line;
import ostium.core.sheet.RowKind;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.core.sheet.TypedSheet.TypedService;
import ostium.core.trade.TradeCatalogue;

/** Holds what was found against a sheet: what is new, what is the same, and what would replace what. */
final class Proposals {
    private static final Messages WORDS = Messages.of("paste");

    private static final Messages NAMES = Messages.of("sheet");

    private final TypedSheet sheet;
    private final BusinessDay today;
    private final Set<String> seen = new HashSet<>();
    private final Map<String, String> proposed = new HashMap<>();
    /** The number that becomes the telephone: a landline, if there is one. */
    private final ServiceWords services;

    private String main = "";

    private final List<Proposal> all = new ArrayList<>();

    Proposals(TypedSheet sheet, BusinessDay today) {
        this.sheet = sheet;
        this.today = today;
        this.services = new ServiceWords(sheet.region());
    }

    List<Proposal> of(List<Found> found) {
        main = found.stream()
                .filter(each -> each.what().equals("telephone"))
                .map(Found::words)
                .distinct()
                .min(Comparator.comparing(words -> Telephone.read(words, sheet.region())
                        .value()
                        .map(Telephone::isMobile)
                        .orElse(true)))
                .orElse("");
        for (Found each : found) {
            TimeBudget.check();
            if (each.service() != null) {
                service(each);
            } else if (each.row() != null) {
                row(each);
            } else if (each.what().equals(Found.LINK)) {
                link(each);
            } else if (each.what().equals(Found.COMES)) {
                comes(each);
            } else if (each.what().equals("telephone")) {
                telephone(each);
            } else if (each.what().equals("exceptions")) {
                exception(each);
            } else {
                line(each);
            }
        }
        return List.copyOf(all);
    }

    private void add(
            Found found,
            String name,
            String says,
            Proposal.Standing standing,
            String replaces,
            String path,
            String words,
            TypedService service,
            TypedRow row) {
        String id = (found.service() != null ? Found.SERVICE : found.what().replace('/', '-')) + "-" + (all.size() + 1);
        all.add(new Proposal(
                id,
                Proposal.Group.of(found.service() != null ? Found.SERVICE : found.what()),
                name,
                says,
                found.at(),
                found.sureness(),
                standing,
                replaces,
                path,
                words,
                found.choices(),
                found.left(),
                service,
                row));
    }

    /** What goes on a line, and puts nothing aside. */
    private void add(Found found, String name, String says, Proposal.Standing standing, String path, String words) {
        add(found, name, says, standing, "", path, words, null, null);
    }

    private void line(Found found) {
        Line line = Line.named(found.what()).orElseThrow(() -> new IllegalArgumentException(found.what()));
        String words = found.words().strip();
        String meaning = meaning(line, words);
        if (!seen.add(line.id() + "=" + meaning)) {
            return;
        }
        String present = sheet.line(line).strip();
        Proposal.Standing standing = present.isEmpty()
                ? Proposal.Standing.NEW
                : meaning(line, present).equals(meaning) ? Proposal.Standing.SAME : Proposal.Standing.REPLACES;
        String earlier = proposed.putIfAbsent(line.id(), words);
        if (earlier != null && standing == Proposal.Standing.NEW) {
            // A second value for one line is offered, and would replace the first if both are taken.
            standing = Proposal.Standing.REPLACES;
            present = earlier;
        }
        add(
                found,
                NAMES.has(line.id()) ? NAMES.say(line.id()) : line.id(),
                says(line, words),
                standing,
                standing == Proposal.Standing.REPLACES ? present : "",
                line.id(),
                words,
                null,
                null);
    }

    /** What words on a line mean, so that two spellings of one value are the same. */
    private String meaning(Line line, String words) {
        Optional<?> value = switch (line) {
            case TRADE -> trade(words);
            case TELEPHONE, TEXTS ->
                Telephone.read(words, sheet.region()).value().map(Telephone::uri);
            case EMAIL -> EmailAddress.read(words).value().map(EmailAddress::value);
            case HOURS -> WeeklyHours.read(words).value().map(WeeklyHours::openingHours);
            case PLACE ->
                Place.read(words, sheet.region())
                        .value()
                        .map(place -> place.lines().toString());
            case POINT -> Point.read(words).value().map(Point::uri);
            default -> Optional.empty();
        };
        return value.map(Object::toString)
                .orElseGet(() -> words.toLowerCase(Locale.ROOT).replaceAll("\\s+", " "));
    }

    /** Two names of one trade are the same; words that name none mean themselves. */
    private static Optional<String> trade(String words) {
        TradeCatalogue.Found found = TradeCatalogue.shipped().find(words);
        return found.near() ? Optional.of(found.trade().id()) : Optional.empty();
    }

    private String says(Line line, String words) {
        Optional<String> said = switch (line) {
            case TELEPHONE, TEXTS ->
                Telephone.read(words, sheet.region()).value().map(Telephone::national);
            case HOURS -> WeeklyHours.read(words).value().map(WeeklyHours::say);
            case PLACE -> Place.read(words, sheet.region()).value().flatMap(place -> place.say(""));
            default -> Optional.empty();
        };
        return said.orElse(words);
    }

    /** The first number is the telephone; a further one is a row of its own, or takes texts where it is a mobile. */
    private void telephone(Found found) {
        if (!seen.add("typed=" + found.words())) {
            return;
        }
        Optional<Telephone> number =
                Telephone.read(found.words(), sheet.region()).value();
        if (number.isEmpty() || !seen.add("telephone=" + number.get().uri())) {
            return;
        }
        String uri = number.get().uri();
        boolean known = known(uri);
        boolean first = sheet.telephone().isBlank() && found.words().equals(main);
        if (known || first) {
            proposed.put("telephone", found.words());
            add(
                    found,
                    WORDS.say("found.telephone"),
                    number.get().national(),
                    known ? Proposal.Standing.SAME : Proposal.Standing.NEW,
                    "telephone",
                    found.words());
        } else if (number.get().isMobile()
                && sheet.line(Line.TEXTS).isBlank()
                && proposed.putIfAbsent("texts", found.words()) == null) {
            add(
                    found,
                    WORDS.say("found.texts"),
                    number.get().national(),
                    Proposal.Standing.NEW,
                    "texts",
                    found.words());
        } else {
            TypedRow row = new TypedRow(
                    "phone", "phone-" + uri.replaceAll("[^0-9]", ""), Map.of("number", found.words(), "name", ""));
            add(found, WORDS.say("found.phone"), number.get().national(), Proposal.Standing.NEW, "", "", "", null, row);
        }
    }

    private boolean known(String uri) {
        List<String> numbers = new ArrayList<>(List.of(sheet.telephone(), sheet.line(Line.TEXTS)));
        sheet.rows(RowKind.TELEPHONE).forEach(row -> numbers.add(row.line("number")));
        return numbers.stream()
                .flatMap(words -> Telephone.read(words, sheet.region()).value().stream())
                .anyMatch(number -> number.uri().equals(uri));
    }

    private void link(Found found) {
        Reading<Link> reading = Networks.shipped().read(found.words());
        String url = reading.value().map(Link::url).orElse(found.words());
        if (!seen.add("link=" + url)) {
            return;
        }
        boolean known = sheet.links().stream()
                .flatMap(words -> Networks.shipped().read(words).value().stream())
                .anyMatch(link -> link.url().equals(url));
        String name = reading.value()
                .map(link -> link.network().equals(Link.WEB) ? WORDS.say("found.link") : link.label())
                .orElse(WORDS.say("found.link"));
        add(
                found,
                name,
                url.replaceFirst("^https?://(www\\.)?", "").replaceFirst("^([^/]+)/$", "$1"),
                known ? Proposal.Standing.SAME : Proposal.Standing.NEW,
                "links",
                url);
    }

    private void comes(Found found) {
        String key = Found.COMES.substring(Found.COMES.indexOf('/') + 1);
        boolean known = sheet.denied().contains(key);
        add(
                found,
                NAMES.say("comes"),
                NAMES.say("comes.toCustomers"),
                known ? Proposal.Standing.SAME : Proposal.Standing.NEW,
                Found.COMES,
                found.words());
    }

    private void exception(Found found) {
        if (!seen.add("exceptions=" + found.words())) {
            return;
        }
        Optional<SpecialHours> hours =
                SpecialHours.read(found.words(), today, sheet.region()).value();
        boolean known = sheet.line(Line.EXCEPTIONS)
                .lines()
                .anyMatch(line -> hours.isPresent()
                        && SpecialHours.read(line, today, sheet.region())
                                .value()
                                .equals(hours));
        add(
                found,
                NAMES.say("exceptions"),
                hours.map(SpecialHours::say).orElse(found.words()),
                known ? Proposal.Standing.SAME : Proposal.Standing.NEW,
                "exceptions",
                found.words());
    }

    private void service(Found found) {
        TypedService service = found.service();
        String says = services.says(service);
        String name = "service=" + service.name().toLowerCase(Locale.ROOT);
        boolean again = !seen.add(name);
        boolean bare = service.price().isBlank() && service.minutes().isBlank();
        if (again && bare || !seen.add(name + "=" + says)) {
            return;
        }
        if (again) {
            // A second price under one name is another service, or a slip: only the owner knows.
            another(found, says);
            return;
        }
        Optional<TypedService> present = sheet.services().stream()
                .filter(row -> row.name().strip().equalsIgnoreCase(service.name()))
                .min(Comparator.comparing(row -> !services.says(row).equals(says)));
        if (present.isEmpty()) {
            add(found, WORDS.say("found.service"), says, Proposal.Standing.NEW, "", "", "", service, null);
            return;
        }
        TypedService row = present.get();
        TypedService changed = services.merged(row, service);
        boolean same = services.says(changed).equals(services.says(row))
                && changed.summary().equals(row.summary());
        add(
                found,
                WORDS.say("found.service"),
                services.says(changed),
                same ? Proposal.Standing.SAME : Proposal.Standing.REPLACES,
                same ? "" : services.says(row),
                "",
                "",
                changed,
                null);
    }

    private void another(Found found, String says) {
        boolean known =
                sheet.services().stream().anyMatch(row -> services.says(row).equals(says));
        Proposal.Standing standing = known ? Proposal.Standing.SAME : Proposal.Standing.NEW;
        add(found.asked(), WORDS.say("found.service"), says, standing, "", "", "", found.service(), null);
    }

    private void row(Found found) {
        TypedRow row = found.row();
        String main = row.line(RowKind.named(row.kind()).orElseThrow().lines().get(0));
        if (!seen.add(row.kind() + "=" + main)) {
            return;
        }
        boolean known = sheet.rows().stream()
                .anyMatch(other -> other.kind().equals(row.kind())
                        && other.lines().values().stream()
                                .anyMatch(words -> words.strip().equals(main.strip())));
        String name = WORDS.say("found." + row.kind());
        add(found, name, found.words(), known ? Proposal.Standing.SAME : Proposal.Standing.NEW, "", "", "", null, row);
    }
}
