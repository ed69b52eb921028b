package ostium.core.site;

/**
 * A place in an order, told by its neighbour, so that it still means the same when other things have moved.
 *
 * @param page id of the page
 * @param after id of the section it stands after; empty for the first place
 */
public record Position(String page, String after) {}
