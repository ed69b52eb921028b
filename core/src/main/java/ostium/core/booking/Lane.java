package ostium.core.booking;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ostium.core.fact.Point;
import ostium.core.hours.OpenSpan;

/** The time of one resource, in minutes since 1970: when it may work, what it has to do, and what is blocked. */
final class Lane {
    private final Resource resource;
    private final int[] open;
    private final int[] blocked;
    private final List<Group> groups;

    /** People who share one appointment: one, or those of a class. */
    private record Group(Appointment first, int start, int end, int count) {
        int busyFrom() {
            return start - first.before();
        }

        int busyTo() {
            return end + first.after();
        }
    }

    private Lane(Resource resource, int[] open, int[] blocked, List<Group> groups) {
        this.resource = resource;
        this.open = open;
        this.blocked = blocked;
        this.groups = groups;
    }

    /**
     * @param spans when it may work, in order and apart
     * @param appointments those it carries out
     * @param blocks those that are its, or everybody's
     */
    static Lane of(Resource resource, List<OpenSpan> spans, List<Appointment> appointments, List<Block> blocks) {
        return new Lane(resource, pairs(spans), merged(blocks), grouped(appointments));
    }

    private static int[] pairs(List<OpenSpan> spans) {
        int[] pairs = new int[spans.size() * 2];
        for (int i = 0; i < spans.size(); i++) {
            pairs[2 * i] = WallClock.minute(spans.get(i).from());
            pairs[2 * i + 1] = WallClock.minute(spans.get(i).to());
        }
        return pairs;
    }

    private static int[] merged(List<Block> blocks) {
        List<int[]> merged = new ArrayList<>();
        blocks.stream()
                .map(block -> new int[] {WallClock.minute(block.from()), WallClock.minute(block.to())})
                .filter(block -> block[0] < block[1])
                .sorted(Comparator.comparingInt(block -> block[0]))
                .forEach(block -> {
                    int[] last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
                    if (last == null || block[0] > last[1]) {
                        merged.add(block);
                    } else {
                        last[1] = Math.max(last[1], block[1]);
                    }
                });
        return merged.stream().flatMapToInt(java.util.Arrays::stream).toArray();
    }

    private static List<Group> grouped(List<Appointment> appointments) {
        List<Group> groups = new ArrayList<>();
        appointments.stream()
                .sorted(Comparator.comparing(Appointment::start).thenComparing(Appointment::service))
                .forEach(each -> {
                    int start = WallClock.minute(each.start());
                    int end = WallClock.minute(each.end());
                    Group last = groups.isEmpty() ? null : groups.get(groups.size() - 1);
                    boolean shares = last != null
                            && last.start() == start
                            && last.end() == end
                            && last.first().service().equals(each.service());
                    if (shares) {
                        groups.set(groups.size() - 1, new Group(last.first(), start, end, last.count() + 1));
                    } else {
                        groups.add(new Group(each, start, end, 1));
                    }
                });
        groups.sort(Comparator.comparingInt(Group::busyFrom));
        return groups;
    }

    Resource resource() {
        return resource;
    }

    /** When it may work: from, to, from, to, and so on. */
    int[] open() {
        return open;
    }

    /** A walk along this lane for a service at a place. */
    Walk walk(OfferedService service, Optional<Point> at, BookingTerms terms) {
        return new Walk(service, at, terms);
    }

    /** Looks at one start after the other; never goes back. */
    final class Walk {
        private final OfferedService service;
        private final int[] busyFrom;
        private final int[] busyTo;
        private final int[] way;
        /** The latest that anything up to here keeps the resource away. */
        private final int[] reach;

        private int longestWay;
        private int span;
        private int block;
        private int first;
        private int obstacle;
        private int earliest;
        private boolean joins;

        private Walk(OfferedService service, Optional<Point> at, BookingTerms terms) {
            this.service = service;
            int size = groups.size();
            busyFrom = new int[size];
            busyTo = new int[size];
            way = new int[size];
            reach = new int[size];
            for (int i = 0; i < size; i++) {
                Group group = groups.get(i);
                busyFrom[i] = group.busyFrom();
                busyTo[i] = group.busyTo();
                way[i] = terms.way(group.first().at(), at);
                reach[i] = Math.max(busyTo[i] + way[i], i == 0 ? Integer.MIN_VALUE : reach[i - 1]);
                longestWay = Math.max(longestWay, way[i]);
            }
        }

        /** Why it cannot begin at a minute; null when it can. Minutes must not go back. */
        Reason at(int start) {
            joins = false;
            earliest = start + 1;
            int end = start + service.minutes();
            while (span < open.length && open[span + 1] <= start) {
                span += 2;
            }
            if (span >= open.length || start < open[span]) {
                return Reason.CLOSED;
            }
            if (end > open[span + 1]) {
                return Reason.TOO_LONG;
            }
            int from = start - service.before();
            int to = end + service.after();
            while (block < blocked.length && blocked[block + 1] <= from) {
                block += 2;
            }
            if (block < blocked.length && blocked[block] < to) {
                earliest = blocked[block + 1] + service.before();
                return Reason.BLOCKED;
            }
            return beside(start, end, from, to);
        }

        private Reason beside(int start, int end, int from, int to) {
            while (first < reach.length && reach[first] <= from) {
                first++;
            }
            Reason reason = null;
            for (int i = first; i < busyFrom.length && busyFrom[i] - longestWay < to; i++) {
                if (busyTo[i] + way[i] <= from || busyFrom[i] - way[i] >= to) {
                    continue;
                }
                Group group = groups.get(i);
                if (isShared(group, start, end)) {
                    if (group.count() >= service.capacity()) {
                        obstacle = i;
                        return Reason.FULL;
                    }
                    joins = true;
                } else {
                    obstacle = i;
                    leap(i);
                    if (busyTo[i] > from && busyFrom[i] < to) {
                        return Reason.TAKEN;
                    }
                    reason = Reason.TRAVEL;
                }
            }
            return reason;
        }

        /** Nothing can begin before what stands in the way is over; but a class can be joined when it begins. */
        private void leap(int over) {
            boolean mayBeJoined =
                    service.isClass() && groups.get(over).first().service().equals(service.id());
            if (!mayBeJoined) {
                earliest = Math.max(earliest, busyTo[over] + way[over] + service.before());
            }
        }

        /** The first minute after the last start, at which it may be otherwise; all before it are refused as well. */
        int earliest() {
            return earliest;
        }

        private boolean isShared(Group group, int start, int end) {
            return service.isClass()
                    && group.start() == start
                    && group.end() == end
                    && group.first().service().equals(service.id());
        }

        /** Whether the last start that was looked at joins a class that is there already. */
        boolean joins() {
            return joins;
        }

        /** The appointment that stood in the way of the last start, after TAKEN, FULL or TRAVEL. */
        Appointment obstacle() {
            return groups.get(obstacle).first();
        }

        /** Minutes of the way to or from the one that stood in the way. */
        int wayToObstacle() {
            return way[obstacle];
        }
    }
}
