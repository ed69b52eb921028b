package ostium.render.mail;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import ostium.core.look.Colour;
import ostium.core.look.House;
import ostium.core.look.PaintCard;
import ostium.core.look.PaintMix;

/** The words of a mail, drawn: the same words, nothing of them markup. */
class MailPageTest {
    private static final MailButton BUTTON = new MailButton("See it", "https://quill.example/a?b=1&c=2");

    private static String html(String words) {
        return MailPage.html(MailDress.OSTIUM, "Subject", words, BUTTON);
    }

    @Test
    void paragraphsAndLinesStayApart() {
        assertThat(html("Hello Oona,\n\nyour time is booked.\nMonday, 9:00\n").replaceAll("\\s*\n\\s*", ""))
                .contains(">Hello Oona,</p>", ">your time is booked.<br>Monday, 9:00</p>");
    }

    @Test
    void whatWasWrittenIsNeverMarkup() {
        assertThat(html("<img src=x onerror=alert(1)>\n\nhttps://quill.example/\"onclick=\"x <b>"))
                .doesNotContain("<img", "<b>")
                .doesNotContainPattern("<[^>]*onclick")
                .contains("&lt;img src=x");
    }

    @Test
    void anAddressInASentenceIsALinkWithoutItsFullStop() {
        assertThat(html("Look at https://quill.example/a. Then come."))
                .containsPattern("href=\"https://quill.example/a\"")
                .contains("</a>. Then come.");
    }

    @Test
    void itsOwnAddressOnALineOfItsOwnIsTheButton() {
        String html = html("Open this:\n\nhttps://quill.example/a?b=1&c=2\n\nOstium");
        assertThat(html).containsPattern("href=\"https://quill.example/a\\?b=1&amp;c=2\"[^>]*>See it</a>");
        assertThat(html.split("See it", -1)).hasSize(2);
    }

    /** Whoever writes through a form could put an address on a line of its own. */
    @Test
    void anotherAddressIsNeverBehindTheWordsOfTheButton() {
        assertThat(html("https://elsewhere.example/\n\nhttps://quill.example/a?b=1&c=2"))
                .doesNotContainPattern("href=\"https://elsewhere.example/\"[^>]*>See it")
                .containsPattern("href=\"https://elsewhere.example/\"[^>]*>https://elsewhere.example/<");
    }

    @ParameterizedTest
    @EnumSource(House.class)
    void whatIsWrittenOnTheMainColourCanBeReadInEveryHouse(House house) {
        PaintCard paint = PaintCard.of(
                house,
                new PaintMix(
                        new Colour("#fff7c2"), new Colour("#ffe800"), new Colour("#f2d200"), new Colour("#202020")));
        assertThat(paint.softOnPaint().contrast(paint.paint())).isGreaterThanOrEqualTo(4.5);
        assertThat(paint.pencil().contrast(paint.panel())).isGreaterThanOrEqualTo(4.5);
    }
}
