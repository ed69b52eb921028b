package ostium.core.draft;

/** What of a draft an owner may hold while others are drawn. */
public enum Pin {
    WORDS,
    /** House and colours. */
    LOOK,
    /** Pages, order of sections, and how each is laid out. */
    ORDER
}
