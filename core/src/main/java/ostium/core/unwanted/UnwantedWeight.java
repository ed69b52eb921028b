package ostium.core.unwanted;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Messages;

/**
 * How much speaks for a message being no customer's. Each sign has points; no sign that a customer could give by chance is
 * enough alone. A message that weighs enough is set aside, never thrown away.
 *
 * @param points below 0 where more speaks for the sender
 * @param reasons what speaks against it, in sentences for the owner, the heaviest first
 */
public record UnwantedWeight(int points, List<String> reasons) {
    /** Points from which a message is set aside. */
    static final int SET_ASIDE = 10;

    private static final Messages WORDS = Messages.of("unwanted");
    private static final Duration HASTE = Duration.ofSeconds(3);
    private static final Pattern LINK = Pattern.compile("(?i)\\b(?:https?://|www\\.)\\S");
    private static final Pattern LINK_AS_CODE = Pattern.compile("(?i)<a\\s+href|\\[(?:url|link)\\b");

    public static UnwantedWeight of(Sending sending, Judgements judgements) {
        List<Sign> signs = new ArrayList<>();
        if (sending.trapped()) {
            signs.add(sign(SET_ASIDE, "hidden"));
        }
        if (sending.taken().filter(taken -> taken.compareTo(HASTE) < 0).isPresent()) {
            signs.add(sign(4, "haste"));
        }
        links(sending.words(), signs);
        repeats(sending, signs);
        List<String> pitch = PitchWords.in(sending.words());
        if (!pitch.isEmpty()) {
            signs.add(sign(Math.min(9, 4 * pitch.size()), "pitch", String.join("”, “", pitch)));
        }
        signs.addAll(learnt(sending, judgements));
        return new UnwantedWeight(
                signs.stream().mapToInt(Sign::points).sum(),
                signs.stream()
                        .filter(sign -> sign.points() > 0)
                        .sorted((one, other) -> other.points() - one.points())
                        .map(Sign::words)
                        .toList());
    }

    public boolean isUnwanted() {
        return points >= SET_ASIDE;
    }

    /** The same for messages of the same words, by which repeats are found; empty where they are too few to say anything. */
    public static String wordsKey(String words) {
        return WordBag.key(words);
    }

    private static void links(String words, List<Sign> signs) {
        int links = count(LINK, words);
        if (LINK_AS_CODE.matcher(words).find()) {
            signs.add(sign(9, "code"));
        } else if (links > 0) {
            signs.add(sign(2 * Math.min(links, 3), links == 1 ? "link" : "links", links));
        }
    }

    private static void repeats(Sending sending, List<Sign> signs) {
        if (sending.toldElsewhere() > 0) {
            signs.add(sign(sending.toldElsewhere() < 3 ? 5 : SET_ASIDE, "elsewhere"));
        }
        if (sending.toldHere() > 0) {
            signs.add(sign(sending.toldHere() < 3 ? 4 : 8, "again"));
        }
        if (sending.withinTheHour() >= 3) {
            signs.add(sign(sending.withinTheHour() < 6 ? 3 : 5, "often", sending.withinTheHour() + 1));
        }
    }

    private static List<Sign> learnt(Sending sending, Judgements judgements) {
        if (judgements.knowsAsUnwanted(sending.sender())) {
            return List.of(sign(SET_ASIDE, "sender"));
        }
        int points = judgements.points(sending.words());
        Sign words = sign(points, "like");
        return judgements.knowsAsCustomer(sending.sender()) ? List.of(words, new Sign(-SET_ASIDE, "")) : List.of(words);
    }

    private static int count(Pattern pattern, String words) {
        Matcher found = pattern.matcher(words);
        int count = 0;
        while (found.find()) {
            count++;
        }
        return count;
    }

    private static Sign sign(int points, String key, Object... gaps) {
        return new Sign(points, WORDS.say(key, gaps));
    }

    private record Sign(int points, String words) {}
}
