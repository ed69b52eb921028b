package ostium.core.door.book;

import java.util.Optional;
import ostium.core.base.Listing;
import ostium.core.booking.BookingTerms;
import ostium.core.booking.OfferedService;
import ostium.core.door.DoorDescriptor;
import ostium.core.door.DoorKind;
import ostium.core.door.Premises;
import ostium.core.trade.Goal;

/** Booking a time in the diary: leads to a page of its own, which says what is free. */
public final class BookDoor extends DoorDescriptor {
    public static final DoorKind KIND = new DoorKind("book");

    /** Name of the page, without ending. */
    public static final String PAGE = "book";

    public BookDoor() {
        super(KIND);
    }

    @Override
    public boolean stands(Premises premises) {
        return lacks(premises).filter(what -> !what.equals("messagesTo")).isEmpty();
    }

    @Override
    protected Optional<String> lacks(Premises premises) {
        if (premises.booking().isEmpty()) {
            return Optional.of("rules");
        }
        if (BookingTerms.times(premises.booking().get(), premises.facts()).isEmpty()) {
            return Optional.of("hours");
        }
        if (BookingTerms.services(premises.booking().get(), premises.facts()).isEmpty()) {
            return Optional.of("services");
        }
        return premises.messagesTo().isEmpty() ? Optional.of("messagesTo") : Optional.empty();
    }

    @Override
    public Optional<String> page() {
        return Optional.of(PAGE);
    }

    @Override
    public String leadsTo(Premises premises) {
        return premises.booking()
                .map(rules -> BookingTerms.services(rules, premises.facts()).stream()
                        .map(OfferedService::name)
                        .toList())
                .map(Listing::and)
                .orElse("");
    }

    @Override
    public Optional<Goal> goal() {
        return Optional.of(Goal.BOOK);
    }

    @Override
    public boolean keepsHours() {
        return false;
    }

    @Override
    public boolean isTriedWhole() {
        return true;
    }

    @Override
    public String setUp() {
        return "booking";
    }

    @Override
    public String drawing() {
        return "clock";
    }
}
