package ostium.render.booking;

/** A plain word, with a way on. */
public record MessageView(String heading, String says, String link, String words) {}
