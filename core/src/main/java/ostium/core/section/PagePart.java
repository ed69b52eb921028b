package ostium.core.section;

/** Which page a kind of section is for, where a site has a few: the home page, or one of its own. In the order of the menu. */
public enum PagePart {
    HOME,
    WORK,
    ABOUT,
    ANSWERS,
    CONTACT
}
