package ostium.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import ostium.core.base.TimeBudget;
import ostium.core.booking.BookingRules;
import ostium.core.door.Door;
import ostium.core.door.DoorKind;
import ostium.core.door.DoorPlace;
import ostium.core.door.Doors;
import ostium.core.door.Route;
import ostium.core.fact.EmailAddress;
import ostium.core.form.FormPurpose;
import ostium.core.form.FormSetup;
import ostium.core.look.Look;
import ostium.core.section.SectionKinds;
import ostium.core.site.Section;
import ostium.core.site.Site;

/** Edits of the site as a whole, and several edits as one step. */
public sealed interface WholeEdit extends Edit {

    /**
     * A whole document with its look: a draft that is kept.
     *
     * @param site null takes the document away, as before one was kept
     */
    record PutDraft(Site site, Look look) implements WholeEdit {
        @Override
        public Applied apply(State state) {
            return new Applied(
                    new State(state.sheet(), site, look, state.doors()), new PutDraft(state.site(), state.look()));
        }

        @Override
        public Set<String> places() {
            return Set.of(EVERYWHERE);
        }
    }

    /** How the site is drawn: only what is asked for is different in the look it brings. */
    record SetLook(Look look) implements WholeEdit {
        @Override
        public Applied apply(State state) {
            Kept.site(state);
            return new Applied(state.withLook(look), new SetLook(state.look()));
        }

        @Override
        public Set<String> places() {
            return Set.of("look");
        }
    }

    /** The whole site as it was at another time: an earlier version put back. */
    record PutState(State state) implements WholeEdit {
        @Override
        public Applied apply(State before) {
            return new Applied(state, new PutState(before));
        }

        @Override
        public Set<String> places() {
            return Set.of(EVERYWHERE);
        }
    }

    /** Where messages from the form go. */
    record SendMessagesTo(List<String> addresses) implements WholeEdit {
        public SendMessagesTo {
            addresses = List.copyOf(addresses);
        }

        @Override
        public Applied apply(State state) {
            if (addresses.size() > Doors.MOST_ADDRESSES) {
                throw EditRefused.saying("messagesTo.many", Doors.MOST_ADDRESSES);
            }
            for (String address : addresses) {
                if (EmailAddress.read(address).value().isEmpty()) {
                    throw EditRefused.saying("messagesTo.address", address);
                }
            }
            if (addresses.stream().distinct().count() != addresses.size()) {
                throw EditRefused.saying("messagesTo.twice");
            }
            return new Applied(
                    state.withDoors(state.doors().withMessagesTo(addresses)),
                    new SendMessagesTo(state.doors().messagesTo()));
        }

        @Override
        public Set<String> places() {
            return Set.of("messages-to");
        }
    }

    /** How one door is set. */
    record SetDoor(Door door) implements WholeEdit {
        @Override
        public Applied apply(State state) {
            DoorLimits.check(door, state.doors());
            return new Applied(
                    state.withDoors(state.doors().with(door)),
                    new SetDoor(state.doors().door(door.kind())));
        }

        @Override
        public Set<String> places() {
            return Set.of("door/" + door.kind());
        }
    }

    /**
     * Which doors stand in a place of the page.
     *
     * @param doors in order
     * @param usual whether those that usually stand there do, whatever is named
     */
    record PlaceDoors(DoorPlace place, List<DoorKind> doors, boolean usual) implements WholeEdit {
        public PlaceDoors {
            doors = usual ? List.of() : List.copyOf(doors);
        }

        @Override
        public Applied apply(State state) {
            if (!usual) {
                DoorLimits.check(place, doors);
            }
            List<DoorKind> before = state.doors().placed().get(place);
            return new Applied(
                    state.withDoors(state.doors().placed(place, usual ? Optional.empty() : Optional.of(doors))),
                    new PlaceDoors(place, before == null ? List.of() : before, before == null));
        }

        @Override
        public Set<String> places() {
            return Set.of("doors-at/" + place);
        }
    }

    /**
     * How the form of a section is set up.
     *
     * @param usual whether it is the one a site begins with, whatever is named
     */
    record SetForm(String section, FormSetup form, boolean usual) implements WholeEdit {
        @Override
        public Applied apply(State state) {
            Section held = Kept.site(state).section(section).orElseThrow(() -> EditRefused.gone("section"));
            if (!usual) {
                FormLimits.check(form, SectionKinds.of(held).form().orElse(FormPurpose.ENQUIRY));
            }
            Optional<FormSetup> before = state.doors().form(section);
            return new Applied(
                    state.withDoors(state.doors().withForm(section, usual ? Optional.empty() : Optional.of(form))),
                    new SetForm(section, before.orElse(form), before.isEmpty()));
        }

        @Override
        public Set<String> places() {
            return Set.of("form/" + section);
        }
    }

    /** Who is told of messages from the form of a section, by what was answered. Acts at once. */
    record SetRoutes(String section, List<Route> routes) implements WholeEdit {
        public SetRoutes {
            routes = List.copyOf(routes);
        }

        @Override
        public Applied apply(State state) {
            Section held = Kept.site(state).section(section).orElseThrow(() -> EditRefused.gone("section"));
            if (SectionKinds.of(held).form().filter(FormPurpose::isTold).isEmpty()) {
                throw EditRefused.gone("section");
            }
            RouteLimits.check(routes, state.sheet().region());
            return new Applied(
                    state.withDoors(state.doors().withRoutes(section, routes)),
                    new SetRoutes(section, state.doors().routes(section)));
        }

        @Override
        public Set<String> places() {
            return Set.of("routes/" + section);
        }
    }

    /**
     * How bookings are taken.
     *
     * @param none whether none are, whatever is named
     */
    record SetBooking(BookingRules rules, boolean none) implements WholeEdit {
        @Override
        public Applied apply(State state) {
            if (!none) {
                BookingLimits.check(rules, state.sheet().region());
            }
            Optional<BookingRules> before = state.doors().bookingRules();
            return new Applied(
                    state.withDoors(state.doors().withBooking(none ? Optional.empty() : Optional.of(rules))),
                    new SetBooking(before.orElse(rules), before.isEmpty()));
        }

        @Override
        public Set<String> places() {
            return Set.of("booking");
        }
    }

    /** How long messages that are over are kept. */
    record KeepMessages(int months) implements WholeEdit {
        @Override
        public Applied apply(State state) {
            if (months < 0 || months > Doors.MOST_MONTHS) {
                throw EditRefused.saying("keepMessages", Doors.MOST_MONTHS);
            }
            return new Applied(
                    state.withDoors(state.doors().withKeptMonths(months)),
                    new KeepMessages(state.doors().keptMonths()));
        }

        @Override
        public Set<String> places() {
            return Set.of("keep-messages");
        }
    }

    /** Edits in order, as one step: all of them or none. */
    record Several(List<Edit> edits) implements WholeEdit {
        public Several {
            edits = List.copyOf(edits);
        }

        @Override
        public Applied apply(State state) {
            State at = state;
            List<Edit> inverses = new ArrayList<>();
            for (Edit edit : edits) {
                TimeBudget.check();
                Applied applied = edit.apply(at);
                at = applied.state();
                inverses.add(0, applied.inverse());
            }
            return new Applied(at, new Several(inverses));
        }

        @Override
        public Set<String> places() {
            Set<String> places = new TreeSet<>();
            edits.forEach(edit -> places.addAll(edit.places()));
            return places;
        }
    }

    /** One edit of some: itself if there is only one. */
    static Edit of(List<Edit> edits) {
        return edits.size() == 1 ? edits.get(0) : new Several(edits);
    }
}
