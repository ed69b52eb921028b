package ostium.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import ostium.core.opening.TypedSheet;
import ostium.core.opening.TypedSheet.TypedService;

/** The edits that turn one sheet into another: a whole sheet that comes back from a window, taken apart. */
public final class SheetDifference {
    private SheetDifference() {}

    /** Edits which, applied in order to a state with the first sheet, give the second. */
    public static List<Edit> between(TypedSheet from, TypedSheet to) {
        List<Edit> edits = new ArrayList<>();
        for (String path : SheetLines.PLAIN) {
            line(edits, from, to, path);
        }
        keys(edits, "practice/", from.practices(), to.practices());
        keys(edits, "denied/", from.denied(), to.denied());
        services(edits, from, to);
        return edits;
    }

    private static void line(List<Edit> edits, TypedSheet from, TypedSheet to, String path) {
        String before = SheetLines.get(from, path).orElseThrow();
        String after = SheetLines.get(to, path).orElseThrow();
        if (!before.equals(after)) {
            edits.add(new SheetEdit.SetLine(path, after));
        }
    }

    private static void keys(List<Edit> edits, String prefix, List<String> from, List<String> to) {
        Set<String> all = new LinkedHashSet<>(from);
        all.addAll(to);
        for (String key : all) {
            if (from.contains(key) != to.contains(key)) {
                edits.add(new SheetEdit.SetLine(prefix + key, to.contains(key) ? "yes" : ""));
            }
        }
    }

    private static void services(List<Edit> edits, TypedSheet from, TypedSheet to) {
        List<String> order = new ArrayList<>();
        for (TypedService service : from.services()) {
            if (SheetLines.service(to, service.id()).isPresent()) {
                order.add(service.id());
            } else {
                edits.add(new SheetEdit.RemoveService(service.id()));
            }
        }
        String after = "";
        for (TypedService service : to.services()) {
            if (SheetLines.service(from, service.id()).isEmpty()) {
                edits.add(new SheetEdit.PutService(service, after));
                order.add(order.indexOf(after) + 1, service.id());
            } else {
                for (String line : List.of("name", "summary", "price", "minutes")) {
                    line(edits, from, to, "service/" + service.id() + "/" + line);
                }
                if (order.indexOf(service.id()) != order.indexOf(after) + 1) {
                    edits.add(new SheetEdit.MoveService(service.id(), after));
                    order.remove(service.id());
                    order.add(order.indexOf(after) + 1, service.id());
                }
            }
            after = service.id();
        }
    }
}
