package ostium.core.site;

/** The kinds of sections there are so far. */
public enum SectionKind {
    MASTHEAD("Masthead"),
    OPENING("Opening"),
    SERVICES("Services and prices"),
    ABOUT("About"),
    HOURS("Hours"),
    PLACE("Place"),
    ENQUIRY("Enquiry form"),
    FOOTER("Footer");

    private final String words;

    SectionKind(String words) {
        this.words = words;
    }

    /** What the owner calls it. */
    public String words() {
        return words;
    }
}
