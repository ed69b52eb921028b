package ostium.app;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import ostium.core.edit.Edit;
import ostium.core.edit.SheetEdit;
import ostium.core.edit.SheetLines;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.core.sheet.TypedSheet.TypedService;

/** The edits that turn one sheet into another, as the interface makes them of what was typed. */
final class SheetDifference {
    private SheetDifference() {}

    /** Edits which, applied in order to a state with the first sheet, give the second. */
    static List<Edit> between(TypedSheet from, TypedSheet to) {
        List<Edit> edits = new ArrayList<>();
        for (String path : SheetLines.PLAIN) {
            line(edits, from, to, path);
        }
        keys(edits, "practice/", from.practices(), to.practices());
        keys(edits, "denied/", from.denied(), to.denied());
        keys(edits, "hidden/", from.hidden(), to.hidden());
        services(edits, from, to);
        rows(edits, from, to);
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
        order(
                edits,
                from.services(),
                to.services(),
                TypedService::id,
                SheetEdit.RemoveService::new,
                SheetEdit.PutService::new,
                SheetEdit.MoveService::new);
        for (TypedService service : to.services()) {
            if (from.services().stream().anyMatch(before -> before.id().equals(service.id()))) {
                for (String line : List.of("name", "summary", "price", "minutes")) {
                    line(edits, from, to, "service/" + service.id() + "/" + line);
                }
            }
        }
    }

    private static void rows(List<Edit> edits, TypedSheet from, TypedSheet to) {
        order(
                edits,
                from.rows(),
                to.rows(),
                TypedRow::id,
                SheetEdit.RemoveRow::new,
                SheetEdit.PutRow::new,
                SheetEdit.MoveRow::new);
        for (TypedRow row : to.rows()) {
            if (from.rows().stream().anyMatch(before -> before.id().equals(row.id()))) {
                row.lines().keySet().forEach(line -> line(edits, from, to, row.kind() + "/" + row.id() + "/" + line));
            }
        }
    }

    /** What has gone is taken out, what is new put in, and what stands elsewhere moved. */
    private static <R> void order(
            List<Edit> edits,
            List<R> from,
            List<R> to,
            Function<R, String> name,
            Function<String, Edit> remove,
            BiFunction<R, String, Edit> put,
            BiFunction<String, String, Edit> move) {
        List<String> before = from.stream().map(name).toList();
        List<String> after = to.stream().map(name).toList();
        List<String> order = new ArrayList<>();
        for (String id : before) {
            if (after.contains(id)) {
                order.add(id);
            } else {
                edits.add(remove.apply(id));
            }
        }
        String neighbour = "";
        for (R row : to) {
            String id = name.apply(row);
            if (!before.contains(id)) {
                edits.add(put.apply(row, neighbour));
                order.add(order.indexOf(neighbour) + 1, id);
            } else if (order.indexOf(id) != order.indexOf(neighbour) + 1) {
                edits.add(move.apply(id, neighbour));
                order.remove(id);
                order.add(order.indexOf(neighbour) + 1, id);
            }
            neighbour = id;
        }
    }
}
