package ostium.app.standin;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import ostium.core.place.Gazetteer;
import ostium.core.place.MeasuredTravel;
import ostium.core.place.PlaceFinder;
import ostium.core.place.TravelTimes;

/** The place finder that ships: it knows Quill and Port Merrow, which do not exist, and nothing else. */
@Configuration
class DemoPlaces {
    @Bean
    PlaceFinder placeFinder() {
        return new Gazetteer(List.of(map("quill"), map("port-merrow")));
    }

    @Bean
    TravelTimes travelTimes() {
        return new MeasuredTravel();
    }

    private static String map(String name) {
        try (InputStream in = DemoPlaces.class.getResourceAsStream("/ostium/standin/" + name + ".geojson")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(name, e);
        }
    }
}
