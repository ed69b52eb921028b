package ostium.app.editing;

import java.util.List;
import java.util.Map;

/**
 * What the shopfront has to change to show a revision.
 *
 * @param pages which sections visitors see on each page
 * @param html HTML of those that changed, by id
 * @param anew whether the page has to be loaded anew, because what all sections share has changed
 */
record Shopfront(List<ShownPage> pages, Map<String, String> html, boolean anew) {

    /**
     * @param file name of its file in the shopfront
     * @param order ids of its sections in reading order, head and foot among them
     */
    record ShownPage(String file, List<String> order) {}
}
