package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;
import ostium.app.Browserlike.Sent;
import tools.jackson.databind.JsonNode;

/** Photographs and PDFs that visitors send with a message. */
class EnquiryFilesTest {
    private final Browserlike owner = Browserlike.fresh();
    private final Browserlike visitor = Browserlike.fresh();
    private final String name = "files-" + UUID.randomUUID().toString().substring(0, 8);
    private final String host = name + ".localhost";
    private JsonNode site;

    @BeforeEach
    void aFormThatAsksForThem() {
        owner.signUp(name + "@quill.example");
        site = owner.site(Browserlike.sheet("Files " + name));
        owner.keep(site);
        asks(List.of(field("reach", "REACH"), field("message", "LONG"), field("files", "FILES")));
        assertThat(owner.publish(site, name).status()).isEqualTo(201);
    }

    private static Map<String, Object> field(String key, String kind) {
        return Map.of(
                "key",
                key,
                "label",
                "Asked " + key,
                "help",
                "",
                "kind",
                kind,
                "required",
                false,
                "longest",
                0,
                "options",
                List.of());
    }

    private void asks(List<Map<String, Object>> fields) {
        JsonNode manuscript = owner.get("/api/sites/" + id() + "/manuscript").json();
        Map<String, Object> form = Map.of("fields", fields, "thanks", "", "confirms", false);
        assertThat(owner.edit(
                                id(),
                                manuscript.path("revision").asLong(),
                                Map.of(
                                        "kind",
                                        "setForm",
                                        "section",
                                        manuscript
                                                .path("forms")
                                                .propertyNames()
                                                .iterator()
                                                .next(),
                                        "form",
                                        form,
                                        "usual",
                                        false))
                        .status())
                .isEqualTo(200);
    }

    private String id() {
        return site.path("id").asString();
    }

    private static byte[] picture(int side) {
        try {
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            ImageIO.write(new BufferedImage(side, side, BufferedImage.TYPE_INT_RGB), "jpg", bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Browserlike.Answer send(String answers, Sent... files) {
        return visitor.postFiles(host, "/_ostium/enquiry", answers, "files", List.of(files));
    }

    private JsonNode messages() {
        return owner.get("/api/sites/" + id() + "/enquiries").json();
    }

    @Test
    void thePageAsksForThemInParts() {
        var form = Jsoup.parse(visitor.getAt(host, "/").body()).select("form[data-enquiry]");
        assertThat(form.attr("enctype")).isEqualTo("multipart/form-data");
        assertThat(form.select("input[type=file][multiple][name=files]")).hasSize(1);
        assertThat(form.text()).contains("At most 5 photographs or PDFs, 20 MB together.");
    }

    @Test
    void areKeptWithTheMessageAndSeenByWhoeverMaySeeIt() {
        assertThat(send(
                                "reach=piet@marrow.example&message=It+smokes",
                                new Sent("hearth.jpg", picture(300)),
                                new Sent("hood.png", picture(200)))
                        .status())
                .isEqualTo(303);
        JsonNode kept = messages().get(0);
        assertThat(kept.path("files"))
                .extracting(file -> file.path("name").asString())
                .containsExactly("hearth.jpg", "hood.jpg");
        assertThat(kept.path("answers").get(2).path("value").asString()).isEqualTo("hearth.jpg, hood.jpg");

        String at = "/api/sites/" + id() + "/enquiries/" + kept.path("id").asString() + "/files/";
        Browserlike.Answer file = owner.get(at + 0);
        assertThat(file.status()).isEqualTo(200);
        assertThat(file.header("Content-Type")).isEqualTo("image/jpeg");
        assertThat(file.header("Content-Disposition")).startsWith("inline");
        assertThat(file.header("Cache-Control")).contains("no-store");
        assertThat(owner.get(at + 2).status()).isEqualTo(404);

        Browserlike stranger = Browserlike.fresh();
        stranger.signUp("stranger-" + name + "@quill.example");
        assertThat(stranger.get(at + 0).status()).isEqualTo(404);
        String theirs =
                stranger.site(Browserlike.sheet("Theirs " + name)).path("id").asString();
        assertThat(stranger.get(at.replace(id(), theirs) + 0).status())
                .as("through a site of their own")
                .isEqualTo(404);
    }

    @Test
    void theSameWordsWithAnotherPictureAreAnotherMessage() {
        String words = "reach=piet@marrow.example&message=Like+this";
        send(words, new Sent("image.jpg", picture(100)));
        send(words, new Sent("image.jpg", picture(100)));
        assertThat(messages()).as("sent again").hasSize(1);
        send(words, new Sent("image.jpg", picture(120)));
        assertThat(messages()).hasSize(2);
    }

    @Test
    void goWithThePersonWhoSentThem() {
        send("reach=piet@marrow.example&message=Forget+me", new Sent("hearth.jpg", picture(900)));
        JdbcTemplate database = RunningOstium.get().bean(JdbcTemplate.class);
        String enquiry = messages().get(0).path("id").asString();
        String pieces = "select count(*) from enquiry_file_piece where enquiry = ?";
        assertThat(database.queryForObject(pieces, Integer.class, enquiry)).isPositive();
        owner.call("DELETE", "/api/sites/" + id() + "/enquiries?person=piet@marrow.example", Map.of());
        assertThat(database.queryForObject(pieces, Integer.class, enquiry)).isZero();
    }

    @Test
    void areHandedOutWithTheWordsToThePersonWhoAsksWhatIsKnownOfThem() {
        send(
                "reach=piet@marrow.example&message=It+smokes",
                new Sent("hearth.jpg", picture(300)),
                new Sent("hood.png", picture(200)));
        send("reach=oona@marrow.example&message=Mine", new Sent("other.jpg", picture(50)));
        PersonZip out = PersonZip.of(owner, id(), "piet@marrow.example");
        assertThat(out.json().at("/messages/0/answers/1/value").asString()).isEqualTo("It smokes");
        assertThat(out.files().keySet())
                .satisfiesExactly(
                        words -> assertThat(words).isEqualTo("person.json"),
                        first -> assertThat(first).startsWith("files/").endsWith("/1-hearth.jpg"),
                        second -> assertThat(second).startsWith("files/").endsWith("/2-hood.jpg"));
        String kept = "/api/sites/" + id() + "/enquiries/"
                + out.json().at("/messages/0/id").asString() + "/files/0";
        assertThat(out.files().values()).contains(owner.bytes("", kept).body());
    }

    @Test
    void whatIsNoPictureIsNamedAndTheRestIsKeptOnThePage() {
        Browserlike.Answer again = send(
                "reach=piet@marrow.example&message=It+smokes",
                new Sent("tool.jpg", "MZ and more".getBytes(StandardCharsets.UTF_8)));
        assertThat(again.status()).isEqualTo(422);
        var page = Jsoup.parse(again.body());
        assertThat(page.select("[data-field=files] .fault").text()).startsWith("“tool.jpg” was not taken. ");
        assertThat(page.select("[name=message]").text()).isEqualTo("It smokes");
        assertThat(messages()).isEmpty();
    }

    @Test
    void aPageThatIsShownAgainSaysThatFilesMustBeChosenOnceMore() {
        Browserlike.Answer again = send("reach=nowhere&message=It+smokes", new Sent("hearth.jpg", picture(50)));
        var page = Jsoup.parse(again.body());
        assertThat(page.select(".fld.bad").eachAttr("data-field")).containsExactly("reach", "files");
        assertThat(page.select("[data-field=files] .fault").text()).startsWith("Choose your files once more");
    }

    @Test
    void namesWithoutFilesAreNone() {
        visitor.postBody(host, "/_ostium/enquiry", "reach=piet@marrow.example&message=Hm&files=hearth.jpg");
        JsonNode kept = messages().get(0);
        assertThat(kept.path("files")).isEmpty();
        assertThat(kept.path("answers")).hasSize(2);
    }

    @Test
    void aFieldLeftEmptyIsNoFile() {
        assertThat(send("reach=piet@marrow.example&message=None", new Sent("", new byte[0]))
                        .status())
                .isEqualTo(303);
        assertThat(messages().get(0).path("files")).isEmpty();
    }

    @Test
    void moreThanIsTakenIsSaidInWords() {
        Browserlike.Answer heavy =
                send("reach=piet@marrow.example&message=Heavy", new Sent("film.jpg", new byte[30_000_000]));
        assertThat(heavy.status()).isEqualTo(413);
        assertThat(heavy.body()).contains("These files are too heavy together.");
        Sent[] many = Collections.nCopies(6, new Sent("a.jpg", picture(20))).toArray(Sent[]::new);
        assertThat(send("reach=piet@marrow.example&message=Many", many).body())
                .contains("At most 5 photographs or PDFs, 20 MB together.");
        assertThat(messages()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "multipart/form-data",
                "multipart/form-data; boundary=",
                "multipart/form-data; boundary=x",
                "multipart/mixed; boundary=x"
            })
    void whatCannotBeReadAsAFormIsTurnedAway(String type) {
        Browserlike.Answer answer =
                visitor.postRaw(host, "/_ostium/enquiry", "--x\r\nContent-Disposition: form-data; na", type);
        assertThat(answer.status()).isBetween(400, 499);
        assertThat(messages()).isEmpty();
    }

    @Test
    void aFormThatAsksForNoneReadsNone() {
        asks(List.of(field("reach", "REACH"), field("message", "LONG")));
        assertThat(owner.publish(site, name).status()).isEqualTo(201);
        assertThat(send("reach=piet@marrow.example&message=Take+it", new Sent("hearth.jpg", picture(50)))
                        .status())
                .isEqualTo(413);
    }
}
