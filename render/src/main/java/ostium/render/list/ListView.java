package ostium.render.list;

/**
 * A word about somebody's place on the list, with one thing to press.
 *
 * @param act where what is pressed is posted to; empty where nothing is
 * @param button what stands on it
 */
public record ListView(String heading, String says, String act, String button) {}
