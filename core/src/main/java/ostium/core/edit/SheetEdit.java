package ostium.core.edit;

import java.util.List;
import java.util.Set;
import ostium.core.sheet.RowKind;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.core.sheet.TypedSheet.TypedService;

/** Edits of the facts sheet. What is typed is taken as it is; whether it can be read is another question. */
public sealed interface SheetEdit extends Edit {

    /** A line of a sheet can hold no more characters than this, so that a pasted book is refused. */
    int LONGEST_LINE = 20_000;

    private static String limited(String words) {
        if (words.length() > LONGEST_LINE) {
            throw EditRefused.saying("line.long", LONGEST_LINE, words.length());
        }
        return words;
    }

    /** @param path one of {@link SheetLines} */
    record SetLine(String path, String words) implements SheetEdit {
        @Override
        public Applied apply(State state) {
            String before =
                    SheetLines.get(state.sheet(), path).orElseThrow(() -> EditRefused.saying("line.none", path));
            TypedSheet next = SheetLines.with(state.sheet(), path, limited(words));
            return new Applied(state.withSheet(next), new SetLine(path, before));
        }

        @Override
        public Set<String> places() {
            return Set.of("line/" + path);
        }
    }

    /**
     * A row of services, new or as it was before it was taken out.
     *
     * @param after id of the row it stands after; empty for the first place
     */
    record PutService(TypedService service, String after) implements SheetEdit {
        @Override
        public Applied apply(State state) {
            List<TypedService> services = state.sheet().services();
            if (service.id().isEmpty() || !service.id().matches("[A-Za-z0-9_-]{1,60}")) {
                throw EditRefused.saying("service.id");
            }
            if (SheetLines.service(state.sheet(), service.id()).isPresent()) {
                throw EditRefused.saying("service.twice");
            }
            if (services.size() >= TypedSheet.MOST_SERVICES) {
                throw EditRefused.saying("service.many", TypedSheet.MOST_SERVICES);
            }
            limited(service.name() + service.summary() + service.price() + service.minutes());
            return new Applied(
                    state.withSheet(
                            state.sheet().withServices(Rows.inserted(services, service, after, TypedService::id))),
                    new RemoveService(service.id()));
        }

        @Override
        public Set<String> places() {
            return Set.of("service/" + service.id());
        }
    }

    record RemoveService(String id) implements SheetEdit {
        @Override
        public Applied apply(State state) {
            TypedService service = SheetLines.service(state.sheet(), id).orElseThrow(() -> EditRefused.gone("service"));
            return new Applied(
                    state.withSheet(state.sheet()
                            .withServices(Rows.without(state.sheet().services(), id, TypedService::id))),
                    new PutService(service, Rows.before(state.sheet().services(), id, TypedService::id)));
        }

        @Override
        public Set<String> places() {
            return Set.of("service/" + id);
        }
    }

    /** @param after id of the row it stands after; empty for the first place */
    record MoveService(String id, String after) implements SheetEdit {
        @Override
        public Applied apply(State state) {
            List<TypedService> services = state.sheet().services();
            TypedService service = SheetLines.service(state.sheet(), id).orElseThrow(() -> EditRefused.gone("service"));
            return new Applied(
                    state.withSheet(state.sheet()
                            .withServices(Rows.inserted(
                                    Rows.without(services, id, TypedService::id), service, after, TypedService::id))),
                    new MoveService(id, Rows.before(services, id, TypedService::id)));
        }

        @Override
        public Set<String> places() {
            return Set.of("service-place/" + id);
        }
    }

    /**
     * A row of another kind, new or as it was before it was taken out.
     *
     * @param after id of the row it stands after; empty for the first place
     */
    record PutRow(TypedRow row, String after) implements SheetEdit {
        @Override
        public Applied apply(State state) {
            List<TypedRow> rows = state.sheet().rows();
            RowKind kind = RowKind.named(row.kind()).orElseThrow(() -> EditRefused.saying("row.unknown"));
            if (!row.id().matches("[A-Za-z0-9_-]{1,60}")) {
                throw EditRefused.saying("row.id");
            }
            if (SheetLines.row(state.sheet(), row.id()).isPresent()) {
                throw EditRefused.saying("row.twice");
            }
            if (state.sheet().rows(kind).size() >= kind.most()) {
                throw EditRefused.saying("row.many", kind.most());
            }
            limited(String.join("", row.lines().values()));
            return new Applied(
                    state.withSheet(state.sheet().withRows(Rows.inserted(rows, row, after, TypedRow::id))),
                    new RemoveRow(row.id()));
        }

        @Override
        public Set<String> places() {
            return Set.of("row/" + row.id());
        }
    }

    record RemoveRow(String id) implements SheetEdit {
        @Override
        public Applied apply(State state) {
            List<TypedRow> rows = state.sheet().rows();
            TypedRow row = SheetLines.row(state.sheet(), id).orElseThrow(() -> EditRefused.gone("row"));
            return new Applied(
                    state.withSheet(state.sheet().withRows(Rows.without(rows, id, TypedRow::id))),
                    new PutRow(row, Rows.before(rows, id, TypedRow::id)));
        }

        @Override
        public Set<String> places() {
            return Set.of("row/" + id);
        }
    }

    /** @param after id of the row it stands after; empty for the first place */
    record MoveRow(String id, String after) implements SheetEdit {
        @Override
        public Applied apply(State state) {
            List<TypedRow> rows = state.sheet().rows();
            TypedRow row = SheetLines.row(state.sheet(), id).orElseThrow(() -> EditRefused.gone("row"));
            return new Applied(
                    state.withSheet(state.sheet()
                            .withRows(Rows.inserted(Rows.without(rows, id, TypedRow::id), row, after, TypedRow::id))),
                    new MoveRow(id, Rows.before(rows, id, TypedRow::id)));
        }

        @Override
        public Set<String> places() {
            return Set.of("row-place/" + id);
        }
    }
}
