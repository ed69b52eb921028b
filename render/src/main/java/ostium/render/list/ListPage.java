package ostium.render.list;

import java.util.Map;
import ostium.core.base.Messages;
import ostium.render.Templates;

/** Draws what a mail of the list leads to, in the page of the publication. */
public final class ListPage {
    /** Name of the page, without ending. */
    public static final String PAGE = "list-place";

    private static final String PLACE = "<div data-list></div>";
    private static final Messages WORDS = Messages.of("list-page");

    private ListPage() {}

    /** The page of a publication with a word about somebody's place on the list. */
    public static String in(String page, ListView view) {
        return page.replace(PLACE, drawn(view));
    }

    /** The same on a page of ours, where the site is not public or has no list any more. */
    public static String alone(ListView view) {
        return Templates.html("list/alone.jte", Map.of("view", view, "words", WORDS));
    }

    private static String drawn(ListView view) {
        return Templates.html("list/place.jte", Map.of("view", view, "words", WORDS));
    }
}
