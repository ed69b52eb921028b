package ostium.core.format;

import java.util.List;
import ostium.core.fact.Fact;
import ostium.core.fact.Service;

/** The services as a table: one a line, with headings. */
public final class ServicesCsv {
    private ServicesCsv() {}

    /** @return the table; price as it is said, minutes as a number */
    public static String write(List<Fact<Service>> services) {
        return Csv.write(
                List.of("service", "summary", "price", "minutes"),
                services.stream().map(Fact::value).map(ServicesCsv::row).toList());
    }

    private static List<String> row(Service service) {
        return List.of(
                service.name(),
                service.summary(),
                service.price() == null ? "" : service.price().say(),
                service.minutes() == null ? "" : service.minutes().toString());
    }
}
