package ostium.core.paste;

import java.util.ArrayList;
import java.util.List;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.core.sheet.TypedSheet.TypedService;

/** Taking proposals onto a sheet without anybody being asked: those that mean one thing, the first for each line. */
public final class Taking {
    private Taking() {}

    /** The sheet with all that is new and sure enough; what would replace something is left. */
    public static TypedSheet all(TypedSheet sheet, List<Proposal> proposals) {
        TypedSheet next = sheet;
        for (Proposal proposal : proposals) {
            if (proposal.sureness() != Sureness.ASK && proposal.standing() == Proposal.Standing.NEW) {
                next = take(next, proposal);
            }
        }
        return next;
    }

    private static TypedSheet take(TypedSheet sheet, Proposal proposal) {
        if (proposal.service() != null) {
            List<TypedService> services = new ArrayList<>(sheet.services());
            services.add(proposal.service());
            return sheet.withServices(services);
        }
        if (proposal.row() != null) {
            List<TypedRow> rows = new ArrayList<>(sheet.rows());
            rows.add(proposal.row());
            return sheet.withRows(rows);
        }
        if (proposal.path().equals("links")) {
            List<String> links = new ArrayList<>(sheet.links());
            links.add(proposal.words());
            return sheet.withLinks(links);
        }
        if (proposal.path().equals(Found.COMES)) {
            List<String> denied = new ArrayList<>(sheet.denied());
            denied.add(Found.COMES.substring(Found.COMES.indexOf('/') + 1));
            return sheet.withDenied(denied);
        }
        Line line = Line.named(proposal.path()).orElseThrow();
        String present = sheet.line(line);
        boolean adds = line == Line.EXCEPTIONS && !present.isBlank();
        return sheet.with(line, adds ? present + "\n" + proposal.words() : proposal.words());
    }
}
