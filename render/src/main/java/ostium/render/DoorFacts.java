package ostium.render;

import java.util.List;
import java.util.Optional;
import ostium.core.brief.Brief;
import ostium.core.door.Door;
import ostium.core.door.DoorDescriptor;
import ostium.core.door.DoorKind;
import ostium.core.door.DoorKinds;
import ostium.core.door.DoorPlace;
import ostium.core.door.DoorsOf;
import ostium.core.door.FoundDoor;
import ostium.core.door.book.BookDoor;
import ostium.core.door.directions.DirectionsDoor;
import ostium.core.door.email.EmailDoor;
import ostium.core.door.form.FormDoor;
import ostium.core.draft.Draft;
import ostium.core.section.SectionKinds;
import ostium.core.site.Section;

/** The doors of a page: which stand where, and where each leads seen from there. Holds no rule of its own. */
final class DoorFacts {
    private final Brief brief;
    private final Draft draft;
    private final PageLinks links;
    private final DoorsOf doors;
    private final List<FoundDoor> found;

    DoorFacts(Brief brief, Draft draft, PageLinks links) {
        this.brief = brief;
        this.draft = draft;
        this.links = links;
        this.doors = draft.doors().of(brief.facts(), draft.site());
        this.found = doors.found(brief.today().end());
    }

    DoorsOf of() {
        return doors;
    }

    List<FoundDoor> found() {
        return found;
    }

    List<StandingDoor> at(DoorPlace place) {
        List<DoorKind> kinds = doors.at(place, brief.workingGoal());
        return kinds.stream()
                .map(kind -> standing(
                        kind,
                        doors.standIn(kind)
                                .map(other -> standing(other, null, null))
                                .orElse(null),
                        kinds.stream()
                                .filter(other -> doors.standIn(other)
                                        .filter(kind::equals)
                                        .isPresent())
                                .findFirst()
                                .orElse(null)))
                .filter(door -> !door.address().isEmpty())
                .toList();
    }

    private StandingDoor standing(DoorKind kind, StandingDoor standIn, DoorKind unless) {
        Door door = draft.doors().door(kind);
        DoorDescriptor descriptor = DoorKinds.of(kind).orElseThrow();
        String words = door.words().isEmpty() ? descriptor.usualWords(doors.premises()) : door.words();
        return new StandingDoor(kind, address(kind.id()), words, descriptor.drawing(), standIn, unless);
    }

    /** Whether the words of the opening's second button are this door's: of the one the goal does not call by name. */
    boolean hasWordsOfOpening(DoorKind kind) {
        return switch (brief.workingGoal()) {
            case VISIT -> kind.equals(DirectionsDoor.KIND);
            case BOOK -> kind.equals(page(BookDoor.KIND.id()).isPresent() ? BookDoor.KIND : writingKind());
            default -> kind.equals(writingKind());
        };
    }

    private DoorKind writingKind() {
        return section(FormDoor.KIND.id()).isPresent() ? FormDoor.KIND : EmailDoor.KIND;
    }

    /** Where somebody goes who wants to write: the form on the page, else mail; empty for nowhere. */
    String writing() {
        return address(writingKind().id());
    }

    boolean isOpen(String kind) {
        return open(kind).isPresent();
    }

    /** Where a door leads: to its section on a page, to a page of its own, else away; empty when it is not open. */
    String address(String kind) {
        return section(kind)
                .map(links::to)
                .or(() -> page(kind).map(links::toServed))
                .orElseGet(() -> addressAway(kind));
    }

    /** The page of its own a door leads to; one that is shut, or cannot stand on pages, leads nowhere. */
    private Optional<String> page(String kind) {
        return DoorKinds.of(new DoorKind(kind))
                .filter(descriptor -> doors.stands(descriptor.kind()))
                .flatMap(DoorDescriptor::page);
    }

    /** Whether the section of a door goes: its owner keeps it shut, or the page it leads to is not there for visitors yet. */
    boolean isAway(String kind) {
        DoorKind asked = new DoorKind(kind);
        boolean hasPage = DoorKinds.of(asked).flatMap(DoorDescriptor::page).isPresent();
        return draft.doors().door(asked).shut() || hasPage && !doors.stands(asked) && !links.arePreviewed();
    }

    /** Where a door leads away from the page; empty when it does not, or is not open. */
    String addressAway(String kind) {
        return open(kind).map(FoundDoor::address).orElse("");
    }

    private Optional<FoundDoor> open(String kind) {
        return found.stream()
                .filter(door -> door.kind().id().equals(kind) && door.isOpen())
                .findFirst();
    }

    /** The section a door leads to; one that is shut leads nowhere. */
    private Optional<Section> section(String kind) {
        boolean shut =
                found.stream().anyMatch(door -> door.kind().id().equals(kind) && door.state() == FoundDoor.State.SHUT);
        return draft.site()
                .shownSections()
                .filter(section -> !shut)
                .filter(section -> SectionKinds.of(section)
                        .leadsHere()
                        .filter(kind::equals)
                        .isPresent())
                .findFirst();
    }
}
