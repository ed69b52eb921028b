package ostium.core.base;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.text.MessageFormat;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Words that owners and visitors read, by key: {@code messages/en/section.properties} and its like. Another language is
 * another folder with the same files.
 *
 * <pre>{@code
 * Messages words = Messages.of("section");
 * words.say("services.plan.priced", "Six services", "four");
 * }</pre>
 */
public final class Messages {
    private static final Map<String, Messages> READ = new ConcurrentHashMap<>();

    private final String path;
    private final Properties words;

    private Messages(String path) {
        this.path = path;
        this.words = new Properties();
        try (InputStream in = Messages.class.getResourceAsStream(path)) {
            if (in == null) {
                throw new IllegalStateException(path + " is missing");
            }
            words.load(new InputStreamReader(in, StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(path, e);
        }
    }

    /**
     * The English words of a room.
     *
     * @param room name of the file, without ending
     * @throws IllegalStateException if there is no such file
     */
    public static Messages of(String room) {
        return READ.computeIfAbsent("/ostium/messages/en/" + room + ".properties", Messages::new);
    }

    /**
     * A message with its gaps filled: {@code {0}}, {@code {1}}, … as {@link MessageFormat} has them, apostrophes as written.
     *
     * @throws IllegalArgumentException if there is no such message
     */
    public String say(String key, Object... gaps) {
        String message = words.getProperty(key);
        if (message == null) {
            throw new IllegalArgumentException(path + " has no message " + key);
        }
        return filled(message, gaps);
    }

    /** A message that was kept elsewhere, with its gaps filled. */
    public static String filled(String message, Object... gaps) {
        return gaps.length == 0
                ? message
                : new MessageFormat(message.replace("'", "''"), Locale.ROOT)
                        .format(Arrays.stream(gaps).map(String::valueOf).toArray());
    }

    /** All messages by their keys, to be kept with something that must not change when these do. */
    public Map<String, String> all() {
        Map<String, String> all = new TreeMap<>();
        words.stringPropertyNames().forEach(key -> all.put(key, words.getProperty(key)));
        return all;
    }

    public boolean has(String key) {
        return words.containsKey(key);
    }

    public Set<String> keys() {
        return words.stringPropertyNames();
    }
}
