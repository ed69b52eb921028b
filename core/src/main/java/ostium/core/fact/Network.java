package ostium.core.fact;

import java.util.List;
import java.util.regex.Pattern;

/**
 * One network.
 *
 * @param not paths that are not somebody's page, or null
 * @param number whether its handles are telephone numbers
 * @param keep whether the host of a link stays as it was given
 * @param chat how a chat is begun with words in it, for networks people chat on; else null
 */
record Network(
        String id,
        String name,
        List<String> hosts,
        List<Page> pages,
        List<String> words,
        String not,
        boolean number,
        boolean keep,
        String chat) {

    boolean isAt(String host) {
        return hosts.stream().anyMatch(own -> host.equals(own) || host.endsWith("." + own));
    }

    boolean isCalled(String plain) {
        return id.equals(plain) || name.equalsIgnoreCase(plain) || words.contains(plain);
    }

    /** One form of a page's address. */
    record Page(String path, String to) {
        /** Whether the page stands on a host of its own. */
        boolean isOnHost() {
            return path.startsWith("//");
        }

        Pattern pattern() {
            return Pattern.compile(isOnHost() ? path.substring(2) : path);
        }

        /** What stands before the handle, such as {@code /company/}; a single slash says nothing. */
        String before() {
            int end = path.indexOf('(');
            return path.substring(0, Math.max(0, end));
        }
    }
}
