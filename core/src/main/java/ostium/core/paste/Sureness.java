package ostium.core.paste;

/** How sure it is that something found means what is proposed. */
public enum Sureness {
    /** It says so itself, by its form or its label. */
    SURE,
    /** It looks like it; the owner should read it. */
    LIKELY,
    /** It can mean several things; the owner has to say which. */
    ASK
}
