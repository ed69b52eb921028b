package ostium.core.fact;

/** What an owner calls a fact, by its id: "your telephone number". Works for facts that are not there. */
public final class FactNames {
    private FactNames() {}

    public static String of(String id) {
        String kind = id.contains("/") ? id.substring(0, id.indexOf('/')) : id;
        return switch (kind) {
            case "name" -> "your name";
            case "trade" -> "your trade";
            case "person" -> "who you are";
            case "place" -> "your address";
            case "area" -> "the places you come to";
            case "telephone" -> "your telephone number";
            case "texts" -> "the number for texts";
            case "phone" -> "a further telephone number";
            case "short-name" -> "your short name";
            case "point" -> "your point on the map";
            case "zone" -> "your time zone";
            case "exceptions" -> "your days with other hours";
            case "testimonial" -> "what a customer said";
            case "credential" -> "a qualification";
            case "guarantee" -> "a guarantee";
            case "question" -> "an answer";
            case "legal" -> "a legal line";
            case "email" -> "your mail address";
            case "hours" -> "your hours";
            case "founded" -> "the year you began";
            case "promise" -> "when you answer";
            case "words" -> "your own words";
            case "membership" -> "your membership";
            case "practice" -> "something you do every time";
            case "service" -> "a service";
            case "link" -> "a link";
            case "picture" -> "a picture";
            case "document" -> "a file";
            case "assumed", "denied" -> "what is assumed of your trade";
            case "goal" -> "what visitors should do first";
            default -> "a fact";
        };
    }
}
