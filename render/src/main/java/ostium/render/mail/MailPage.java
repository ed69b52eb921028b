package ostium.render.mail;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ostium.render.Templates;

/** Draws the plain words of a mail in a dress. The words stay what they are: nothing stands here that is not in them. */
public final class MailPage {
    private static final Pattern LINK = Pattern.compile("https?://[^\\s<>\"]+");

    private MailPage() {}

    /**
     * A stretch of a line.
     *
     * @param link whether it is an address that can be opened
     */
    public record Stretch(String words, boolean link) {}

    /**
     * A paragraph.
     *
     * @param lines each a row of stretches
     * @param button what is pressed instead of the address it is; {@link MailButton#NONE} where it is anything else
     */
    public record Paragraph(List<List<Stretch>> lines, MailButton button) {}

    /**
     * A mail as HTML.
     *
     * @param words paragraphs with an empty line between them
     */
    public static String html(MailDress dress, String subject, String words, MailButton button) {
        return Templates.html(
                "mail/mail.jte", Map.of("dress", dress, "subject", subject, "paragraphs", paragraphs(words, button)));
    }

    static List<Paragraph> paragraphs(String words, MailButton button) {
        return Stream.of(words.strip().split("\n{2,}"))
                .map(String::strip)
                .filter(paragraph -> !paragraph.isEmpty())
                .map(paragraph -> new Paragraph(
                        paragraph.lines().map(MailPage::stretches).toList(),
                        paragraph.equals(button.address()) ? button : MailButton.NONE))
                .toList();
    }

    private static List<Stretch> stretches(String line) {
        List<Stretch> stretches = new ArrayList<>();
        Matcher link = LINK.matcher(line);
        int done = 0;
        while (link.find()) {
            if (link.start() > done) {
                stretches.add(new Stretch(line.substring(done, link.start()), false));
            }
            // A full stop after an address ends the sentence.
            String address = link.group().replaceAll("[.,;:!?)]+$", "");
            stretches.add(new Stretch(address, true));
            done = link.start() + address.length();
        }
        if (done < line.length()) {
            stretches.add(new Stretch(line.substring(done), false));
        }
        return stretches;
    }
}
