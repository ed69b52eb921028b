package ostium.core.trade;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * A file of trades as it is written: a family, and its trades, which take from the family what they do not say.
 *
 * @param family defaults of the family; its practices and fields come after a trade's own
 * @param trades the trades of the family
 */
record TradeFile(Entry family, List<Entry> trades) {

    /** A trade or a family as written; anything may be left out. */
    record Entry(
            String id,
            List<String> names,
            String schemaType,
            String doing,
            Trade.Coming coming,
            Trade.Urgency urgency,
            Goal goal,
            String motif,
            List<String> moods,
            List<Trade.UsualService> services,
            List<Trade.UsualPractice> practices,
            List<Trade.UsualField> form) {}

    List<Trade> complete() {
        return trades.stream().map(this::complete).toList();
    }

    private Trade complete(Entry own) {
        return new Trade(
                own.id(),
                List.copyOf(own.names()),
                first(own.schemaType(), family.schemaType()),
                own.doing(),
                first(own.coming(), family.coming()),
                first(own.urgency(), family.urgency()),
                first(own.goal(), family.goal()),
                first(own.motif(), family.motif()),
                first(own.moods(), family.moods()),
                own.services() == null ? List.of() : List.copyOf(own.services()),
                joined(own.practices(), family.practices(), Trade.UsualPractice::key),
                joined(own.form(), family.form(), Trade.UsualField::key));
    }

    private static <T> T first(T own, T inherited) {
        return own != null ? own : inherited;
    }

    private static <T> List<T> joined(List<T> own, List<T> inherited, Function<T, String> key) {
        Map<String, T> all = new LinkedHashMap<>();
        for (List<T> list : List.of(own == null ? List.<T>of() : own, inherited == null ? List.<T>of() : inherited)) {
            list.forEach(entry -> all.putIfAbsent(key.apply(entry), entry));
        }
        return new ArrayList<>(all.values());
    }
}
