package ostium.core.section;

/** Where on a page a kind of section is read. Within the middle the goal and the arrangement decide. */
public enum Stage {
    FIRST,
    EARLY,
    MIDDLE,
    LAST
}
