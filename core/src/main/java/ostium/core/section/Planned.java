package ostium.core.section;

/**
 * What a plan says of a kind of section.
 *
 * @param stands whether there is something true to say in it
 * @param reason why it stands, or why it does not, in words an owner reads
 */
public record Planned(boolean stands, String reason) {
    static Planned in(String reason) {
        return new Planned(true, reason);
    }

    static Planned out(String reason) {
        return new Planned(false, reason);
    }
}
