package ostium.core.form;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.fact.StoredFile;
import ostium.core.picture.Drawn;

/** The photographs and PDFs a visitor sends along: judged by what they are, named for what they are, refused with the reason. */
class SentFilesTest {
    private static final Form FORM =
            new Form(List.of(Field.of(FieldKind.FILES, "files", "Photographs of the chimney", true)));

    private static SentFiles take(SentFile... sent) {
        return SentFiles.take(FORM, List.of(sent), 0);
    }

    private static SentFile photograph(String name) {
        return new SentFile(name, Drawn.photograph(400, 300, 6));
    }

    @Test
    void areTakenInOrderWithTheirNamesAsTheAnswer() {
        SentFiles taken = take(photograph("hearth.jpg"), new SentFile("plan.pdf", Drawn.pdf(2)));
        assertThat(taken.fault()).isEmpty();
        assertThat(taken.names()).containsExactly("hearth.jpg", "plan.pdf");
        assertThat(taken.files().get(0).taken().file().height())
                .as("a photograph stands upright")
                .isEqualTo(400);
    }

    @ParameterizedTest(name = "{0} is kept as {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "hearth.png                  | hearth.jpg",
                "hearth                      | hearth.jpg",
                "C:\\photos\\hearth.jpg      | hearth.jpg",
                "../../etc/hearth.jpg        | hearth.jpg",
                "invoice.pdf.exe             | invoice.pdf.jpg",
                "''                          | file.jpg",
                ".jpg                        | file.jpg",
                "Käsehaus 3.JPG              | Käsehaus 3.jpg",
            })
    void aNameEndsInWhatTheFileIs(String sent, String kept) {
        assertThat(take(photograph(sent)).names()).containsExactly(kept);
    }

    @Test
    void aNameHidesNothing() {
        assertThat(take(photograph("a\u202Egpj.exe\u0000\n.jpg")).names()).containsExactly("agpj.exe.jpg");
        SentFile lengthy = photograph("🔥".repeat(300) + ".jpg");
        assertThat(lengthy.name().codePointCount(0, lengthy.name().length())).isEqualTo(SentFile.LONGEST_NAME);
    }

    static List<SentFile> hostile() {
        return List.of(
                new SentFile("page.jpg", "<html><script>alert(1)</script></html>".getBytes(StandardCharsets.UTF_8)),
                new SentFile("tool.png", "MZ\u0090\u0000\u0003".getBytes(StandardCharsets.ISO_8859_1)),
                new SentFile("papers.pdf", Drawn.zip()),
                new SentFile("words.pdf", "%PDF-1.7 and no more".getBytes(StandardCharsets.US_ASCII)),
                new SentFile("huge.png", Drawn.hollowPng(60_000, 60_000)),
                new SentFile("nothing.jpg", new byte[0]));
    }

    @ParameterizedTest
    @MethodSource("hostile")
    void whatIsNeitherIsNamedAndNothingIsKept(SentFile file) {
        SentFiles refused = take(photograph("hearth.jpg"), file);
        assertThat(refused.files()).isEmpty();
        assertThat(refused.fault())
                .hasValueSatisfying(words -> assertThat(words).startsWith("“" + file.name() + "” was not taken. "));
    }

    @Test
    void tooManyOrTooHeavyIsSaidWithTheLimit() {
        List<SentFile> six = Collections.nCopies(SentFiles.MOST + 1, photograph("hearth.jpg"));
        List<SentFile> heavy = Collections.nCopies(3, new SentFile("plan.pdf", new byte[8_000_000]));
        for (List<SentFile> sent : List.of(six, heavy)) {
            assertThat(SentFiles.take(FORM, sent, 0).fault())
                    .contains("At most 5 photographs or PDFs, 20 MB together.");
        }
    }

    @Test
    void aSiteThatKeepsManyTakesNoMore() {
        SentFiles refused = SentFiles.take(FORM, List.of(photograph("hearth.jpg")), SentFiles.MOST_BYTES_OF_SITE);
        assertThat(refused.fault()).contains("No files can be taken just now. Send your message without them.");
        assertThat(SentFiles.take(FORM, List.of(), SentFiles.MOST_BYTES_OF_SITE).fault())
                .isEmpty();
    }

    @Test
    void picturesKeepNothingButThePicture() {
        SentFiles.Named kept = take(photograph("hearth.jpg")).files().get(0);
        assertThat(kept.taken().file().kind()).isEqualTo(StoredFile.Kind.JPEG);
        assertThat(new String(kept.taken().content(), StandardCharsets.ISO_8859_1))
                .doesNotContain("Exif");
    }
}
