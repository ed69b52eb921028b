package ostium.app.hosting;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ostium.core.booking.Wanted;
import ostium.core.fact.Point;

/**
 * What a visitor who books has chosen so far, as it stands in the address of the page.
 *
 * @param service name of the service, without what its id begins with
 * @param who id of who shall carry it out; empty for whoever is free
 * @param where what was answered to where it shall be
 * @param day the day whose times are asked for; null for the first that has any
 * @param hold link of a time that is held already, or empty
 * @param move link of a booking that is moved, or empty
 */
record Chosen(String service, String who, String where, LocalDate day, String hold, String move) {
    private static final String SERVICE = "service/";

    /** Id of a service, as it stands in an address. */
    static String shortId(String service) {
        return service.startsWith(SERVICE) ? service.substring(SERVICE.length()) : service;
    }

    /** Id of the service. */
    String serviceId() {
        return SERVICE + service;
    }

    Wanted wanted(Optional<Point> at) {
        return new Wanted(serviceId(), who, at);
    }

    Chosen by(String other) {
        return new Chosen(service, other, where, day, hold, move);
    }

    /** As fields of an address, without those that are empty, and without the day. */
    Map<String, String> asked() {
        Map<String, String> asked = new LinkedHashMap<>();
        asked.put("service", service);
        asked.put("who", who);
        asked.put("where", where);
        asked.put("hold", hold);
        asked.put("move", move);
        asked.values().removeIf(String::isEmpty);
        return asked;
    }

    static String query(Map<String, String> fields) {
        return fields.entrySet().stream()
                .map(field -> field.getKey() + "=" + URLEncoder.encode(field.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
    }
}
