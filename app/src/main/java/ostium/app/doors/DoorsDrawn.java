package ostium.app.doors;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import ostium.app.doors.DoorTestMapper.DoorTest;
import ostium.app.publishing.PublishedVersions;
import ostium.app.site.StoredSite;
import ostium.core.base.Messages;
import ostium.core.door.Door;
import ostium.core.door.DoorDescriptor;
import ostium.core.door.DoorHours;
import ostium.core.door.DoorKind;
import ostium.core.door.DoorKinds;
import ostium.core.door.DoorPlace;
import ostium.core.door.DoorWeek;
import ostium.core.door.DoorsOf;
import ostium.core.door.FoundDoor;
import ostium.core.fact.Facts;
import ostium.core.hours.BusinessDay;
import ostium.core.trade.Goal;

/** Draws the doors of a site for its owner. */
@Component
class DoorsDrawn {
    private static final Messages WORDS = Messages.of("door");

    private final DoorTests tests;
    private final PublishedVersions versions;

    DoorsDrawn(DoorTests tests, PublishedVersions versions) {
        this.tests = tests;
        this.versions = versions;
    }

    /** @param day a day of the week that is wanted; null for today */
    DoorsView view(StoredSite site, DoorTests.Tried tried, LocalDate day, Instant now) {
        DoorsOf doors = tried.doors();
        Facts facts = tried.brief().facts();
        ZoneId zone = facts.zone();
        LocalDate today = BusinessDay.at(now, zone).date();
        DoorWeek week = DoorWeek.of(doors, day == null ? today : day);
        Map<String, DoorTest> standing = tests.standing(tried);
        return new DoorsView(
                site.revision(),
                week.monday(),
                today,
                week.minuteOf(now).orElse(-1),
                facts.say("hours", "").orElse(""),
                doors.found(now).stream()
                        .map(found -> door(
                                tried,
                                doors,
                                week,
                                found,
                                Optional.ofNullable(standing.get(found.kind().id()))))
                        .toList(),
                week.differing(),
                week.moments(),
                Arrays.stream(DoorPlace.values())
                        .map(place -> place(tried, doors, place))
                        .toList(),
                Arrays.stream(DoorHours.When.values())
                        .map(when -> new DoorsView.Choice(when.name(), WORDS.say("when." + when)))
                        .toList(),
                versions.isLive(site.id()));
    }

    private DoorsView.DoorView door(
            DoorTests.Tried tried, DoorsOf doors, DoorWeek week, FoundDoor found, Optional<DoorTest> test) {
        DoorDescriptor kind = DoorKinds.of(found.kind()).orElseThrow();
        Goal goal = tried.brief().workingGoal();
        return new DoorsView.DoorView(
                found.kind(),
                kind.words(),
                found.state(),
                found.missing(),
                kind.leadsTo(doors.premises()),
                kind.line().orElse(""),
                found.door(),
                kind.usualWords(doors.premises()),
                kind.keepsHours(),
                kind.isPlaced(),
                kind.hasOpening(),
                kind.goal().map(Goal::name).orElse(""),
                DoorKinds.main(goal).equals(found.kind()),
                kind.keepsHours() ? standIns(tried, doors, found.kind()) : List.of(),
                week.lane(found.kind()),
                kind.setUp(),
                kind.isTriedWhole() ? String.join(", ", tried.state().doors().messagesTo()) : "",
                kind.isTriedWhole(),
                test.map(last -> new DoorsView.TestView(last.testedAt(), tests.steps(tried, kind, last)))
                        .orElse(null));
    }

    /** Those that are open at every hour. */
    private static List<DoorsView.Choice> standIns(DoorTests.Tried tried, DoorsOf doors, DoorKind kind) {
        return DoorKinds.all().stream()
                .filter(other -> other.canStandIn() && !other.kind().equals(kind))
                .filter(other -> doors.open().contains(other.kind()))
                .filter(other -> hours(tried, other.kind()).equals(DoorHours.ALWAYS))
                .map(DoorsDrawn::choice)
                .toList();
    }

    private static DoorHours hours(DoorTests.Tried tried, DoorKind kind) {
        Door door = tried.state().doors().door(kind);
        return door.hours();
    }

    private static DoorsView.DoorPlaceView place(DoorTests.Tried tried, DoorsOf doors, DoorPlace place) {
        return new DoorsView.DoorPlaceView(
                place,
                WORDS.say("place." + place),
                place.most(),
                !tried.state().doors().placed().containsKey(place),
                doors.at(place, tried.brief().workingGoal()),
                DoorKinds.all().stream()
                        .filter(DoorDescriptor::isPlaced)
                        .filter(kind -> doors.open().contains(kind.kind()))
                        .map(DoorsDrawn::choice)
                        .toList());
    }

    private static DoorsView.Choice choice(DoorDescriptor kind) {
        return new DoorsView.Choice(kind.kind().id(), kind.words());
    }
}
