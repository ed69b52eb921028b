package ostium.core.booking;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import ostium.core.base.Messages;
import ostium.core.hours.OpenSpan;

/** What still fits into a diary: how often each of the first services would, one after another. */
final class RoomLeft {
    private static final Messages WORDS = Messages.of("booking");
    private static final int NAMED = 2;

    private final BookingTerms terms;
    private final Agenda agenda;
    private final Instant from;
    private final WallClock clock;

    RoomLeft(BookingTerms terms, Agenda agenda, Instant now) {
        this.terms = terms;
        this.agenda = agenda;
        this.from = now.plusSeconds(terms.rules().notice() * 60L);
        this.clock = new WallClock(terms.zone());
    }

    /** The stretches of the hours in which a resource has nothing to do, the way to and from what it has left out. */
    List<OpenSpan> gaps(Resource resource, List<OpenSpan> hours) {
        int way = terms.rules().travels() ? terms.rules().way() : 0;
        List<OpenSpan> busy = new ArrayList<>();
        agenda.appointments().stream()
                .filter(each -> each.resource().equals(resource.id())
                        || terms.resource(each.resource()).isEmpty())
                .forEach(each -> busy.add(new OpenSpan(
                        each.start().minusSeconds((each.before() + way) * 60L),
                        each.end().plusSeconds((each.after() + way) * 60L))));
        agenda.blocks().stream()
                .filter(each -> each.resource().isEmpty() || each.resource().equals(resource.id()))
                .forEach(each -> busy.add(new OpenSpan(each.from(), each.to())));
        busy.sort(Comparator.comparing(OpenSpan::from));
        List<OpenSpan> gaps = new ArrayList<>();
        for (OpenSpan span : hours) {
            Instant begin = span.from().isBefore(from) ? from : span.from();
            if (begin.isBefore(span.to())) {
                List<OpenSpan> within = busy.stream()
                        .filter(each -> each.to().isAfter(begin) && each.from().isBefore(span.to()))
                        .toList();
                OpenSpan.gaps(within, begin, span.to()).stream()
                        .map(gap -> new OpenSpan(gap.from(), gap.to().isAfter(span.to()) ? span.to() : gap.to()))
                        .filter(gap -> gap.from().isBefore(gap.to()))
                        .forEach(gaps::add);
            }
        }
        return gaps;
    }

    /** "room for 2 × Chimney sweep, or 1 × Stove service"; empty where nothing fits. */
    String says(List<OpenSpan> gaps) {
        String fits = terms.services().stream()
                .limit(NAMED)
                .map(service -> new Fits(
                        service.name(),
                        gaps.stream().mapToInt(gap -> times(service, gap)).sum()))
                .filter(each -> each.times() > 0)
                .map(each -> WORDS.say("room.times", each.times(), each.name()))
                .collect(Collectors.joining(WORDS.say("room.or")));
        return fits.isEmpty() ? "" : WORDS.say("room", fits);
    }

    private record Fits(String name, int times) {}

    private int times(OfferedService service, OpenSpan gap) {
        int way = terms.rules().travels() ? terms.rules().way() : 0;
        int grid = terms.rules().grid();
        int end = WallClock.minute(gap.to());
        int at = WallClock.minute(gap.from());
        int times = 0;
        while (true) {
            int earliest = at + (times == 0 ? 0 : service.before() + way);
            int start = earliest + Math.floorMod(-clock.local(earliest), grid);
            if (start + service.minutes() > end) {
                return times;
            }
            times++;
            at = start + service.minutes() + service.after();
        }
    }
}
