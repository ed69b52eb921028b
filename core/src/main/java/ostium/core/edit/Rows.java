package ostium.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** Rows in an order that is said by neighbours: after which other one a row stands. */
final class Rows {
    private Rows() {}

    static <R> List<R> without(List<R> rows, String id, Function<R, String> name) {
        return rows.stream().filter(row -> !name.apply(row).equals(id)).toList();
    }

    /** Id of the row before; empty where it is the first, or not there. */
    static <R> String before(List<R> rows, String id, Function<R, String> name) {
        List<String> ids = rows.stream().map(name).toList();
        int at = ids.indexOf(id);
        return at <= 0 ? "" : ids.get(at - 1);
    }

    /** With a row after its neighbour; first where that is empty, last where it is gone. */
    static <R> List<R> inserted(List<R> rows, R row, String after, Function<R, String> name) {
        List<R> next = new ArrayList<>(rows);
        int neighbour = rows.stream().map(name).toList().indexOf(after);
        next.add(after.isEmpty() ? 0 : neighbour < 0 ? next.size() : neighbour + 1, row);
        return next;
    }
}
