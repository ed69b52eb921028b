package ostium.core.paste;

import java.util.ArrayList;
import java.util.List;
import ostium.core.fact.Minutes;
import ostium.core.fact.Price;
import ostium.core.sheet.TypedSheet.TypedService;

/** A row of services as it is said in a line, and as it becomes where more is found of it. */
record ServiceWords(String region) {
    /** "Full set, 2 h, £65". */
    String says(TypedService service) {
        List<String> parts = new ArrayList<>(List.of(service.name()));
        if (!service.minutes().isBlank()) {
            parts.add(Minutes.read(service.minutes()).value().map(Minutes::say).orElse(service.minutes()));
        }
        if (!service.price().isBlank()) {
            parts.add(
                    Price.read(service.price(), region).value().map(Price::say).orElse(service.price()));
        }
        return String.join(", ", parts);
    }

    /** The present row with what was found of it; what was not found stays. */
    TypedService merged(TypedService row, TypedService found) {
        return new TypedService(
                row.id(),
                row.usual(),
                row.name(),
                either(found.summary(), row.summary()),
                either(found.price(), row.price()),
                either(found.minutes(), row.minutes()));
    }

    private static String either(String found, String present) {
        return found.isBlank() ? present : found;
    }
}
