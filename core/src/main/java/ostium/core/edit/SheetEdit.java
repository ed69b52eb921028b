package ostium.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import ostium.core.opening.TypedSheet;
import ostium.core.opening.TypedSheet.TypedService;

/** Edits of the facts sheet. What is typed is taken as it is; whether it can be read is another question. */
public sealed interface SheetEdit extends Edit {

    /** A line of a sheet can hold no more characters than this, so that a pasted book is refused. */
    int LONGEST_LINE = 20_000;

    private static String limited(String words) {
        if (words.length() > LONGEST_LINE) {
            throw new EditRefused(
                    "At most " + LONGEST_LINE + " characters fit on a line; this has " + words.length() + ".");
        }
        return words;
    }

    /** @param path one of {@link SheetLines} */
    record SetLine(String path, String words) implements SheetEdit {
        @Override
        public Applied apply(State state) {
            String before = SheetLines.get(state.sheet(), path)
                    .orElseThrow(() -> new EditRefused("The facts sheet has no line “" + path + "” any more."));
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
                throw new EditRefused("A row of services needs an id of its own.");
            }
            if (SheetLines.service(state.sheet(), service.id()).isPresent()) {
                throw new EditRefused("This service stands on the sheet already.");
            }
            if (services.size() >= TypedSheet.MOST_SERVICES) {
                throw new EditRefused("At most " + TypedSheet.MOST_SERVICES + " services fit.");
            }
            limited(service.name() + service.summary() + service.price() + service.minutes());
            return new Applied(
                    state.withSheet(state.sheet().withServices(inserted(services, service, after))),
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
                    state.withSheet(
                            state.sheet().withServices(without(state.sheet().services(), id))),
                    new PutService(service, before(state.sheet().services(), id)));
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
                    state.withSheet(state.sheet().withServices(inserted(without(services, id), service, after))),
                    new MoveService(id, before(services, id)));
        }

        @Override
        public Set<String> places() {
            return Set.of("service-place/" + id);
        }
    }

    private static List<TypedService> without(List<TypedService> services, String id) {
        return services.stream().filter(service -> !service.id().equals(id)).toList();
    }

    private static String before(List<TypedService> services, String id) {
        List<String> ids = services.stream().map(TypedService::id).toList();
        int at = ids.indexOf(id);
        return at <= 0 ? "" : ids.get(at - 1);
    }

    private static List<TypedService> inserted(List<TypedService> services, TypedService service, String after) {
        List<TypedService> next = new ArrayList<>(services);
        List<String> ids = services.stream().map(TypedService::id).collect(Collectors.toList());
        int neighbour = ids.indexOf(after);
        next.add(after.isEmpty() ? 0 : neighbour < 0 ? next.size() : neighbour + 1, service);
        return next;
    }
}
