package ostium.app.hook;

/**
 * A program that is told what happens.
 *
 * @param address http or https
 * @param secret what it is signed with, as the program is given it
 */
public record WebHook(String address, String secret) {

    /** What it is told of. */
    public enum Subject {
        LIST,
        ENQUIRIES
    }
}
