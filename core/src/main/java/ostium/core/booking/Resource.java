package ostium.core.booking;

import java.util.List;
import ostium.core.base.Reading;
import ostium.core.hours.WeeklyHours;

/**
 * Who or what carries out appointments: each has one at a time.
 *
 * @param id stable name among the resources of a site, {@code [a-z0-9-]{1,40}}
 * @param kind a person, a vehicle or a room
 * @param name what it is called; visitors choose among people by it
 * @param hours a usual week of its own as it was typed; empty for that of the business
 * @param services ids of the services it can carry out; empty for all
 */
public record Resource(String id, Kind kind, String name, String hours, List<String> services) {
    /** Most characters of a name. */
    public static final int LONGEST_NAME = 60;

    /** What a resource is. */
    public enum Kind {
        PERSON,
        VEHICLE,
        ROOM
    }

    /** The business itself, where its owner has named nobody. */
    static final Resource BUSINESS = new Resource("", Kind.PERSON, "", "", List.of());

    public Resource {
        kind = kind == null ? Kind.PERSON : kind;
        name = name == null ? "" : name.strip();
        hours = hours == null ? "" : hours.strip();
        services = services == null ? List.of() : List.copyOf(services);
    }

    /** Whether it can carry out a service. */
    public boolean can(String service) {
        return services.isEmpty() || services.contains(service);
    }

    /** Its own week; refused or unclear where it cannot be read. */
    public Reading<WeeklyHours> week() {
        return WeeklyHours.read(hours);
    }
}
