package ostium.app.doors;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.util.ArrayList;
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
import ostium.app.list.ListService;
import ostium.app.mail.MailQueue;
import ostium.app.site.StoredSite;
import ostium.app.site.TriedDoors;
import ostium.app.text.TextQueue;
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
import ostium.core.door.list.ListDoor;
import ostium.core.edit.State;
import ostium.core.enquiry.SectionForms;
import ostium.core.enquiry.StartingForm;
import ostium.core.form.Form;
import ostium.core.form.FormPurpose;
import ostium.core.list.ListForm;
import ostium.core.sheet.SheetReading;
import ostium.core.site.Section;
import ostium.core.text.Sha256;

/** Tries doors as a visitor would, and knows which were tried as they are now. */
@Service
class DoorTests implements TriedDoors {
    private static final Messages WORDS = Messages.of("door-test");

    private final DoorTestMapper tests;
    private final EnquiryService enquiries;
    private final ListService list;
    private final Bookings bookings;
    private final MailQueue mail;
    private final TextQueue texts;
    private final Clock clock;

    DoorTests(
            DoorTestMapper tests,
            EnquiryService enquiries,
            ListService list,
            Bookings bookings,
            MailQueue mail,
            TextQueue texts,
            Clock clock) {
        this.tests = tests;
        this.enquiries = enquiries;
        this.list = list;
        this.bookings = bookings;
        this.mail = mail;
        this.texts = texts;
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

        /** The form of the site for a purpose; the first where there are several. */
        Form form(FormPurpose purpose) {
            return SectionForms.in(state.site(), purpose).stream()
                    .findFirst()
                    .map(section -> SectionForms.of(section, brief(), state.doors()))
                    .orElseGet(() -> purpose == FormPurpose.LIST ? ListForm.of(brief()) : StartingForm.of(brief()));
        }

        /** The name of the form for messages; null while no section has one. */
        String formName() {
            return SectionForms.in(state.site(), FormPurpose.ENQUIRY).stream()
                    .findFirst()
                    .map(Section::anchor)
                    .orElse(null);
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
        String made = kind.isTriedWhole() ? goesThrough(tried, kind.kind(), posted, email) : null;
        DoorTest test = new DoorTest(kind.kind().id(), what(tried, doors, found), made, clock.instant());
        tests.put(tried.site().id(), test);
        return test;
    }

    /** @return id of what was made */
    private String goesThrough(Tried tried, DoorKind kind, Map<String, List<String>> posted, String email) {
        if (kind.equals(BookDoor.KIND)) {
            return bookings.tryOut(tried.site(), email);
        }
        Form form = tried.form(purpose(kind));
        Map<String, String> values = answers(tried, form, posted, email);
        return form.purpose() == FormPurpose.LIST
                ? list.tryOut(tried.site(), form, values)
                : enquiries.tryOut(tried.site(), tried.formName(), form, values);
    }

    private static FormPurpose purpose(DoorKind kind) {
        return kind.equals(ListDoor.KIND) ? FormPurpose.LIST : FormPurpose.ENQUIRY;
    }

    private static Map<String, String> answers(Tried tried, Form form, Map<String, List<String>> posted, String email) {
        Form.Checked checked = form.check(
                posted.isEmpty() ? form.trial(email, tried.doors().premises().say("telephone", "national")) : posted,
                tried.brief().facts().region());
        checked.faults().entrySet().stream().findFirst().ifPresent(fault -> {
            throw Problem.worded(fault.getKey(), fault.getValue());
        });
        return checked.values();
    }

    /** The way a test went, as far as it has come. */
    List<TestStep> steps(Tried tried, DoorDescriptor kind, DoorTest test) {
        if (!kind.isTriedWhole()) {
            Door door = tried.state().doors().door(kind.kind());
            return List.of(new TestStep(kind.test(tried.doors().premises(), door), true));
        }
        List<TestStep> steps = new ArrayList<>();
        for (String step : List.of("taken.", "kept.")) {
            steps.add(new TestStep(WORDS.say(step + kind.kind().id()), true));
        }
        deliveries(kind.kind(), test.made()).stream().map(DoorTests::step).forEach(steps::add);
        if (kind.kind().equals(FormDoor.KIND)) {
            texts.ofEnquiry(test.made()).stream().map(DoorTests::step).forEach(steps::add);
        }
        return steps;
    }

    private List<MailQueue.Delivery> deliveries(DoorKind kind, String made) {
        return kind.equals(BookDoor.KIND)
                ? mail.ofBooking(made)
                : kind.equals(ListDoor.KIND) ? mail.ofListMember(made) : mail.ofEnquiry(made);
    }

    private static TestStep step(MailQueue.Delivery delivery) {
        return switch (delivery.state()) {
            case SENT -> new TestStep(WORDS.say("mail.sent", delivery.to()), true);
            case GIVEN_UP, LET_GO -> new TestStep(WORDS.say("mail.givenUp", delivery.to(), delivery.fault()), false);
            case WAITING ->
                new TestStep(
                        delivery.fault().isEmpty()
                                ? WORDS.say("mail.waiting", delivery.to())
                                : WORDS.say("mail.again", delivery.to(), delivery.fault()),
                        null);
        };
    }

    private static TestStep step(TextQueue.Delivery delivery) {
        return switch (delivery.state()) {
            case SENT -> new TestStep(WORDS.say("text.sent", delivery.to()), true);
            case GIVEN_UP, LET_GO -> new TestStep(WORDS.say("text.givenUp", delivery.to()), false);
            case WAITING -> new TestStep(WORDS.say("text.waiting", delivery.to()), null);
        };
    }

    /** Nothing where nobody has said it, so that what was tried before it could be said stands. */
    private static String told(Tried tried) {
        return tried.state().doors().routes().isEmpty()
                ? ""
                : tried.state().doors().routes().toString();
    }

    /** What a door is: whatever of it a visitor would notice when going through. */
    private static String what(Tried tried, DoorsOf doors, FoundDoor door) {
        DoorKind kind = door.kind();
        String form = kind.equals(FormDoor.KIND) || kind.equals(ListDoor.KIND)
                ? tried.form(purpose(kind)).fields().toString() + told(tried)
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
