package ostium.app.editing;

import java.util.List;
import java.util.Map;

/**
 * What the shopfront has to change to show a revision.
 *
 * @param order ids of all sections visitors see, in reading order
 * @param html HTML of those that changed, by id
 * @param anew whether the page has to be loaded anew, because what all sections share has changed
 */
record Shopfront(List<String> order, Map<String, String> html, boolean anew) {}
