package ostium.app.demo;

import java.io.IOException;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import ostium.app.booking.Booking;
import ostium.app.booking.Bookings;
import ostium.app.booking.DiaryWork;
import ostium.app.site.StoredSite;
import ostium.core.booking.BookingState;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Eight weeks of appointments around today: six that are over and two to come, one of them waiting for an answer. */
@Component
@ConditionalOnProperty("ostium.demo")
class DemoBookings {
    private static final int PAST = 42;
    private static final int COMING = 14;

    /** When work begins, on one day after the other; a day has two to four appointments. */
    private static final List<List<String>> BEGINS = List.of(
            List.of("08:30", "10:00", "14:00", "16:00"),
            List.of("09:00", "11:00", "14:30"),
            List.of("09:00", "10:15"),
            List.of("14:30"),
            List.of("08:30", "10:30", "13:30"));

    private final Bookings bookings;
    private final DiaryWork diary;
    private final JsonMapper json;
    private final Clock clock;

    DemoBookings(Bookings bookings, DiaryWork diary, JsonMapper json, Clock clock) {
        this.bookings = bookings;
        this.diary = diary;
        this.json = json;
        this.clock = clock;
    }

    /** Somebody who books, as the demo's file has them. */
    record Customer(String name, String telephone, String place, String service, String note) {
        String email() {
            return name.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z]+", ".") + "@quill.example";
        }
    }

    void bringIn(StoredSite site, ZoneId zone, byte[] file) throws IOException {
        List<Customer> customers = json.readValue(file, new TypeReference<List<Customer>>() {});
        LocalDate today = LocalDate.ofInstant(clock.instant(), zone);
        int turn = 0;
        for (LocalDate day = today.minusDays(PAST); day.isBefore(today.plusDays(COMING)); day = day.plusDays(1)) {
            if (day.getDayOfWeek() == DayOfWeek.SUNDAY || day.getDayOfWeek() == DayOfWeek.SATURDAY) {
                continue;
            }
            // The second Thursday ahead is the guild's; nothing was ever booked then.
            boolean guild = day.getDayOfWeek() == DayOfWeek.THURSDAY && day.isAfter(today);
            for (String begins :
                    guild ? List.<String>of() : BEGINS.get(day.getDayOfWeek().getValue() - 1)) {
                Customer customer = customers.get(turn++ % customers.size());
                Instant start = day.atTime(LocalTime.parse(begins)).atZone(zone).toInstant();
                BookingState state = start.isAfter(clock.instant())
                        ? BookingState.BOOKED
                        : turn % 17 == 0 ? BookingState.MISSED : BookingState.DONE;
                put(site, customer, start, state);
            }
        }
        LocalDate asked = today.plusDays(6);
        while (asked.getDayOfWeek() != DayOfWeek.WEDNESDAY) {
            asked = asked.plusDays(1);
        }
        put(
                site,
                new Customer("Piet Marrow", "0117 496 0620", "4 Sailmakers’ Row, Tolver QH4 1SR", "Chimney sweep", ""),
                asked.atTime(14, 30).atZone(zone).toInstant(),
                BookingState.ASKED);
        LocalDate errand = today.plusDays(1);
        while (errand.getDayOfWeek() != DayOfWeek.TUESDAY) {
            errand = errand.plusDays(1);
        }
        diary.block(
                site,
                "",
                errand.atTime(16, 0).atZone(zone).toInstant(),
                errand.atTime(17, 0).atZone(zone).toInstant(),
                "Brushes from the ferry");
    }

    private void put(StoredSite site, Customer customer, Instant start, BookingState state) {
        bookings.bringIn(
                site,
                customer.service(),
                start,
                new Booking.Customer(customer.name(), customer.email(), customer.telephone()),
                customer.place(),
                customer.note(),
                state);
    }
}
