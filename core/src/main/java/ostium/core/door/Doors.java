package ostium.core.door;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import ostium.core.booking.BookingRules;
import ostium.core.fact.Facts;
import ostium.core.form.FormSetup;
import ostium.core.site.Site;
import ostium.core.trade.Goal;

/**
 * How the doors of a site are set.
 *
 * @param messagesTo mail addresses that messages from the form go to, lower case, no two the same
 * @param set the doors an owner has set; every other kind is as usual
 * @param placed which doors stand where, for the places an owner has said it of; the others are as usual
 * @param forms the forms an owner has set up, by id of their section; the others are those a site begins with
 * @param keptMonths how long a message is kept after the last that was said in it, once it is over, in months; 0 until it is
 *     deleted by hand
 * @param booking how bookings are taken; null until the owner has set it up
 * @param routes who else is told of a message, by what was answered; by id of the form's section
 */
public record Doors(
        List<String> messagesTo,
        List<Door> set,
        Map<DoorPlace, List<DoorKind>> placed,
        Map<String, FormSetup> forms,
        Integer keptMonths,
        BookingRules booking,
        Map<String, List<Route>> routes) {
    /** Most addresses messages may go to. */
    public static final int MOST_ADDRESSES = 5;

    /** Longest time a message is kept for, in months: ten years. */
    public static final int MOST_MONTHS = 120;

    public Doors {
        messagesTo = messagesTo == null ? List.of() : List.copyOf(messagesTo);
        set = set == null ? List.of() : List.copyOf(set);
        placed = placed == null || placed.isEmpty() ? Map.of() : new EnumMap<>(placed);
        forms = forms == null ? Map.of() : new TreeMap<>(forms);
        // What was stored before there was such a time has none.
        keptMonths = keptMonths == null ? 0 : keptMonths;
        routes = routes == null ? Map.of() : new TreeMap<>(routes);
        if (keptMonths < 0 || keptMonths > MOST_MONTHS) {
            throw new IllegalArgumentException(keptMonths + " months");
        }
        if (set.stream().map(Door::kind).distinct().count() != set.size()) {
            throw new IllegalArgumentException("a kind of door is set twice");
        }
    }

    /** All doors as usual, and nobody told of messages yet. */
    public static Doors none() {
        return new Doors(List.of(), List.of(), Map.of(), Map.of(), 0, null, Map.of());
    }

    public Doors withMessagesTo(List<String> others) {
        return new Doors(others, set, placed, forms, keptMonths, booking, routes);
    }

    /** These doors with one set; one that is set as usual is as if it had never been. */
    public Doors with(Door door) {
        List<Door> others = new ArrayList<>(set);
        others.removeIf(each -> each.kind().equals(door.kind()));
        if (!door.equals(Door.usual(door.kind()))) {
            others.add(door);
        }
        others.sort(Comparator.comparing(each -> each.kind().id()));
        return new Doors(messagesTo, others, placed, forms, keptMonths, booking, routes);
    }

    /** @param kinds what stands there, in order; empty optional for what usually does */
    public Doors placed(DoorPlace place, Optional<List<DoorKind>> kinds) {
        Map<DoorPlace, List<DoorKind>> others = new EnumMap<>(DoorPlace.class);
        others.putAll(placed);
        kinds.ifPresentOrElse(given -> others.put(place, List.copyOf(given)), () -> others.remove(place));
        return new Doors(messagesTo, set, others, forms, keptMonths, booking, routes);
    }

    /** @throws IllegalArgumentException for less than nothing, or more than {@link #MOST_MONTHS} */
    public Doors withKeptMonths(int months) {
        return new Doors(messagesTo, set, placed, forms, months, booking, routes);
    }

    /** @param form empty for the one a site begins with */
    public Doors withForm(String section, Optional<FormSetup> form) {
        Map<String, FormSetup> others = new TreeMap<>(forms);
        form.ifPresentOrElse(given -> others.put(section, given), () -> others.remove(section));
        return new Doors(messagesTo, set, placed, others, keptMonths, booking, routes);
    }

    /** @param rules empty for no bookings */
    public Doors withBooking(Optional<BookingRules> rules) {
        return new Doors(messagesTo, set, placed, forms, keptMonths, rules.orElse(null), routes);
    }

    /** @param others none where all messages of the form go where those of the site do */
    public Doors withRoutes(String section, List<Route> others) {
        Map<String, List<Route>> all = new TreeMap<>(routes);
        if (others.isEmpty()) {
            all.remove(section);
        } else {
            all.put(section, List.copyOf(others));
        }
        return new Doors(messagesTo, set, placed, forms, keptMonths, booking, all);
    }

    /** Who else is told of a message from the form of a section. */
    public List<Route> routes(String section) {
        return routes.getOrDefault(section, List.of());
    }

    /**
     * With somebody told of nothing any more.
     *
     * @param instead address that all messages go to where nobody else is left
     */
    public Doors toldWithout(String address, String instead) {
        List<String> others =
                messagesTo.stream().filter(each -> !each.equals(address)).toList();
        return routed(to -> to.stream()
                        .filter(each -> !each.equalsIgnoreCase(address))
                        .toList())
                .withMessagesTo(others.isEmpty() && !messagesTo.isEmpty() ? List.of(instead) : others);
    }

    /** With one address in place of another, wherever it is told of anything. */
    public Doors toldInstead(String address, String other) {
        UnaryOperator<List<String>> changed = to -> to.stream()
                .map(each -> each.equalsIgnoreCase(address) ? other : each)
                .distinct()
                .toList();
        return routed(changed).withMessagesTo(changed.apply(messagesTo));
    }

    private Doors routed(UnaryOperator<List<String>> change) {
        Map<String, List<Route>> all = new TreeMap<>(routes);
        all.replaceAll((section, some) -> some.stream()
                .map(route -> new Route(route.field(), route.answer(), change.apply(route.to())))
                .toList());
        return new Doors(messagesTo, set, placed, forms, keptMonths, booking, all);
    }

    /** How bookings are taken; empty until the owner has set it up. */
    public Optional<BookingRules> bookingRules() {
        return Optional.ofNullable(booking);
    }

    /** The form of a section as its owner has set it up; empty while it is the one a site begins with. */
    public Optional<FormSetup> form(String section) {
        return Optional.ofNullable(forms.get(section));
    }

    /** A door, as set or as usual. */
    public Door door(DoorKind kind) {
        return set.stream().filter(door -> door.kind().equals(kind)).findFirst().orElseGet(() -> Door.usual(kind));
    }

    /** What these doors are on pages with certain facts. */
    public DoorsOf of(Facts facts, Site site) {
        return new DoorsOf(this, new Premises(facts, site, messagesTo, bookingRules()));
    }

    /** What a visitor finds at an instant: every kind of door there is, in the order they are shown. */
    public List<FoundDoor> found(Facts facts, Site site, Instant t) {
        return of(facts, site).found(t);
    }

    /** Doors that have all they need and are not shut, whatever the hour. */
    public List<DoorKind> open(Facts facts, Site site) {
        return of(facts, site).open();
    }

    /** The doors said to stand in a place, or those that usually do, of the ones that are open. */
    List<DoorKind> at(DoorPlace place, Goal goal, List<DoorKind> open) {
        List<DoorKind> said = placed.get(place);
        return said == null
                ? place.usual(goal, open)
                : said.stream().filter(open::contains).limit(place.most()).toList();
    }

    /** These doors, shut and answered as others are: what acts at once. */
    public Doors withHoursOf(Doors others) {
        Doors changed = this;
        for (DoorDescriptor kind : DoorKinds.all()) {
            Door other = others.door(kind.kind());
            changed = changed.with(door(kind.kind()).withShut(other.shut()).withHours(other.hours()));
        }
        return changed;
    }

    /** The doors that a door stands in for. */
    public List<DoorKind> standInOf(DoorKind kind) {
        return set.stream()
                .filter(door -> door.standIn().filter(kind::equals).isPresent())
                .map(Door::kind)
                .toList();
    }
}
