package ostium.app.doors;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ostium.app.booking.Bookings;
import ostium.app.doors.DoorTestMapper.DoorTest;
import ostium.app.enquiry.EnquiryService;
import ostium.app.mail.MailQueue;
import ostium.app.site.StoredSite;
import ostium.app.site.TriedDoors;
import ostium.app.web.Problem;
import ostium.core.base.Messages;
import ostium.core.brief.Brief;
import ostium.core.door.Door;
import ostium.core.door.DoorDescriptor;
import ostium.core.door.DoorKind;
import ostium.core.door.DoorsOf;
import ostium.core.door.FoundDoor;
import ostium.core.door.book.BookDoor;
import ostium.core.door.form.FormDoor;
import ostium.core.edit.State;
import ostium.core.enquiry.SectionForms;
import ostium.core.enquiry.StartingForm;
import ostium.core.form.Form;
import ostium.core.sheet.SheetReading;
import ostium.core.text.Sha256;

/** Tries doors as a visitor would, and knows which were tried as they are now. */
@Service
class DoorTests implements TriedDoors {
    private static final Messages WORDS = Messages.of("door-test");

    private final DoorTestMapper tests;
    private final EnquiryService enquiries;
    private final Bookings bookings;
    private final MailQueue mail;
    private final Clock clock;

    DoorTests(DoorTestMapper tests, EnquiryService enquiries, Bookings bookings, MailQueue mail, Clock clock) {
        this.tests = tests;
        this.enquiries = enquiries;
        this.bookings = bookings;
        this.mail = mail;
        this.clock = clock;
    }

    /**
     * A step of the way a test went.
     *
     * @param done whether it is done; null while it is under way
     */
    record TestStep(String says, @Schema(nullable = true) Boolean done) {}

    /** The site whose doors are tried, as it stands. */
    record Tried(StoredSite site, State state, SheetReading reading) {
        Brief brief() {
            return reading.brief();
        }

        /** The form of the site; the first where there are several. */
        Form form() {
            return SectionForms.in(state.site()).stream()
                    .findFirst()
                    .map(section -> SectionForms.of(section, brief(), state.doors()))
                    .orElseGet(() -> StartingForm.of(brief()));
        }

        DoorsOf doors() {
            return state.doors().of(brief().facts(), state.draft(reading).site());
        }
    }

    /** The last test of each door, by kind, where the door is still as it was then. */
    Map<String, DoorTest> standing(Tried tried) {
        DoorsOf doors = tried.doors();
        Map<String, FoundDoor> found = doors.found(clock.instant()).stream()
                .collect(Collectors.toMap(door -> door.kind().id(), door -> door));
        return tests.ofSite(tried.site().id()).stream()
                .filter(test -> found.containsKey(test.kind()))
                .filter(test -> what(tried, doors, found.get(test.kind())).equals(test.what()))
                .collect(Collectors.toMap(DoorTest::kind, test -> test));
    }

    @Override
    public Set<DoorKind> of(StoredSite site, State state, SheetReading reading) {
        return standing(new Tried(site, state, reading)).keySet().stream()
                .map(DoorKind::new)
                .collect(Collectors.toSet());
    }

    /**
     * Tries a door.
     *
     * @param posted what was typed into the form, by name; empty for a message of ours
     * @throws Problem 409 when it is not open; 422 with what the form would say when what was typed cannot be sent
     */
    @Transactional
    DoorTest test(Tried tried, DoorDescriptor kind, Map<String, List<String>> posted, String email) {
        DoorsOf doors = tried.doors();
        FoundDoor found = doors.found(clock.instant()).stream()
                .filter(door -> door.kind().equals(kind.kind()) && door.isOpen())
                .findFirst()
                .orElseThrow(() -> Problem.at("", "door.notOpen"));
        boolean books = kind.kind().equals(BookDoor.KIND);
        String made =
                !kind.isTriedWhole() ? null : books ? bookings.tryOut(tried.site(), email) : send(tried, posted, email);
        DoorTest test = new DoorTest(kind.kind().id(), what(tried, doors, found), made, clock.instant());
        tests.put(tried.site().id(), test);
        return test;
    }

    private String send(Tried tried, Map<String, List<String>> posted, String email) {
        Form form = tried.form();
        Form.Checked checked = form.check(
                posted.isEmpty() ? form.trial(email, tried.doors().premises().say("telephone", "national")) : posted,
                tried.brief().facts().region());
        checked.faults().entrySet().stream().findFirst().ifPresent(fault -> {
            throw Problem.worded(fault.getKey(), fault.getValue());
        });
        return enquiries.tryOut(tried.site(), form, checked.values());
    }

    /** The way a test went, as far as it has come. */
    List<TestStep> steps(Tried tried, DoorDescriptor kind, DoorTest test) {
        if (!kind.isTriedWhole()) {
            Door door = tried.state().doors().door(kind.kind());
            return List.of(new TestStep(kind.test(tried.doors().premises(), door), true));
        }
        boolean books = kind.kind().equals(BookDoor.KIND);
        List<TestStep> steps = new java.util.ArrayList<>();
        steps.add(new TestStep(WORDS.say(books ? "booked" : "taken"), true));
        steps.add(new TestStep(WORDS.say(books ? "given-back" : "kept"), true));
        List<MailQueue.Delivery> deliveries = books ? mail.ofBooking(test.made()) : mail.ofEnquiry(test.made());
        deliveries.stream().map(DoorTests::step).forEach(steps::add);
        return steps;
    }

    private static TestStep step(MailQueue.Delivery delivery) {
        return switch (delivery.state()) {
            case SENT -> new TestStep(WORDS.say("mail.sent", delivery.to()), true);
            case GIVEN_UP -> new TestStep(WORDS.say("mail.givenUp", delivery.to(), delivery.fault()), false);
            case WAITING ->
                new TestStep(
                        delivery.fault().isEmpty()
                                ? WORDS.say("mail.waiting", delivery.to())
                                : WORDS.say("mail.again", delivery.to(), delivery.fault()),
                        null);
        };
    }

    /** What a door is: whatever of it a visitor would notice when going through. */
    private static String what(Tried tried, DoorsOf doors, FoundDoor door) {
        DoorKind kind = door.kind();
        String form = kind.equals(FormDoor.KIND)
                ? tried.form().fields().toString()
                : kind.equals(BookDoor.KIND)
                        ? String.valueOf(tried.state().doors().booking())
                        : "";
        String leads = Optional.of(kind)
                .flatMap(ostium.core.door.DoorKinds::of)
                .map(descriptor -> descriptor.leadsTo(doors.premises()))
                .orElse("");
        return Sha256.hex(
                String.join("\n", kind.id(), door.address(), leads, door.door().opening(), form));
    }
}
