package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;
import static ostium.app.GivenPictures.give;
import static ostium.app.GivenPictures.picture;
import static ostium.app.GivenPictures.pictured;
import static ostium.app.GivenPictures.row;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import ostium.app.files.SpareFilesAccess;
import tools.jackson.databind.JsonNode;

/** Pictures and PDFs over HTTP: given, made in sizes, shown to visitors, and gone when nothing refers to them. */
class FilesTest {
    private final Browserlike owner = Browserlike.fresh();
    private final JdbcTemplate database = RunningOstium.get().bean(JdbcTemplate.class);

    private static final byte[] PDF = ("%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n"
                    + "2 0 obj<</Type/Pages/Count 1/Kids[3 0 R]>>endobj\n"
                    + "3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 595 842]>>endobj\n"
                    + "trailer<</Root 1 0 R/Size 4>>\n%%EOF\n")
            .getBytes(StandardCharsets.US_ASCII);

    private static List<String> pictures(String html) {
        return Pattern.compile("pictures/\\d+\\.[0-9a-f]{12}\\.(webp|jpg|png)")
                .matcher(html)
                .results()
                .map(MatchResult::group)
                .distinct()
                .toList();
    }

    private static void eventually(java.util.function.BooleanSupplier what) {
        long end = System.nanoTime() + Duration.ofSeconds(30).toNanos();
        while (!what.getAsBoolean()) {
            assertThat(System.nanoTime()).as("waited long enough").isLessThan(end);
            try {
                Thread.sleep(100);
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
        }
    }

    @Test
    void aPictureIsMadeInSizesOnTheQueueWhileItsProgressIsShown() {
        JsonNode site = owner.site(Browserlike.sheet("Pictured Sweeps"));
        String id = site.path("id").asString();
        JsonNode taken = give(owner, id, "hearth-at-work.jpg", picture(1500, 1000, "jpeg"));

        assertThat(taken.path("kind").asString()).isEqualTo("picture");
        assertThat(taken.path("name").asString()).isEqualTo("Hearth at work");
        assertThat(taken.path("file").asString()).matches("[0-9a-f]{64} jpeg 1500x1000 \\d+");

        pictured(owner, site, taken, Map.of("crop", "0,0,50,100", "turn", "90"));
        eventually(() -> {
            JsonNode view = owner.get("/api/sites/" + id + "/files").json().at("/pictures/one");
            return view.path("planned").asInt() == 4 && view.path("made").asInt() == 4;
        });
        JsonNode view = owner.get("/api/sites/" + id + "/files").json();
        assertThat(view.path("limits").asString()).contains("20 MB", "50 million pixels", "PDF up to 10 MB");
        assertThat(view.at("/pictures/one/width").asInt()).isEqualTo(500);

        HttpResponse<byte[]> thumb = owner.bytes(
                "", "/api/sites/" + id + "/" + view.at("/pictures/one/thumb").asString());
        assertThat(thumb.statusCode()).isEqualTo(200);
        assertThat(thumb.headers().firstValue("content-type")).contains("image/webp");
        assertThat(thumb.headers().firstValue("cache-control").orElse("")).contains("immutable", "private");
        assertThat(thumb.headers().firstValue("content-security-policy").orElse(""))
                .startsWith("default-src 'none'");
    }

    @Test
    void visitorsGetThePictureInEverySizeThePageNames() throws IOException {
        JsonNode site = owner.site(Browserlike.sheet("Pictured Sweeps"));
        String id = site.path("id").asString();
        JsonNode taken = give(owner, id, "hearth.jpg", picture(1000, 700, "jpeg"));
        JsonNode pictured = pictured(owner, site, taken, Map.of("focus", "20,80"));
        owner.signUp(UUID.randomUUID() + "@quill.example");
        String address = "pictured-" + id.substring(0, 8);
        assertThat(owner.publish(pictured, address).status()).isEqualTo(201);

        String host = address + ".localhost";
        String html = owner.getAt(host, "/").body();
        assertThat(pictures(html)).hasSize(6);
        assertThat(html).contains("alt=\"A brush before a hearth\"", "at-20-80", "\"image\":\"http");
        for (String path : pictures(html)) {
            HttpResponse<byte[]> file = owner.bytes(host, "/" + path);
            assertThat(file.statusCode()).as(path).isEqualTo(200);
            assertThat(file.headers().firstValue("cache-control").orElse("")).contains("immutable");
            int width = Integer.parseInt(path.replaceFirst("pictures/(\\d+).*", "$1"));
            assertThat(ImageIO.read(new ByteArrayInputStream(file.body())).getWidth())
                    .as(path)
                    .isEqualTo(width);
        }
        String css = Pattern.compile("site\\.[0-9a-f]{12}\\.css")
                .matcher(html)
                .results()
                .findFirst()
                .orElseThrow()
                .group();
        assertThat(owner.getAt(host, "/" + css).body()).contains("img.at-20-80{object-position:20% 80%}");
        assertThat(owner.get("/api/sites/" + id + "/facts")
                        .json()
                        .at("/uses/picture~1one/places")
                        .asInt())
                .isEqualTo(1);
    }

    @Test
    void aPictureThatSaysNothingToThoseWhoCannotSeeItIsNotPublished() {
        JsonNode site = owner.site(Browserlike.sheet("Pictured Sweeps"));
        JsonNode taken = give(owner, site.path("id").asString(), "hearth.jpg", picture(400, 300, "jpeg"));
        JsonNode pictured = pictured(owner, site, taken, Map.of("alternative", ""));
        owner.signUp(UUID.randomUUID() + "@quill.example");

        String address = "silent-" + UUID.randomUUID().toString().substring(0, 8);
        Browserlike.Answer refused = owner.publish(pictured, address);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().path("detail").asString()).contains("does not say what it shows");
        JsonNode now = owner.get("/api/sites/" + site.path("id").asString()).json();
        JsonNode decorated = pictured(owner, now, taken, Map.of("alternative", "", "decoration", "yes"));
        Browserlike.Answer published = owner.publish(decorated, address);
        assertThat(published.status()).as(published.body()).isEqualTo(201);
    }

    @Test
    void aPdfIsCountedAndTakenAway() {
        JsonNode site = owner.site(Browserlike.sheet("Listed Sweeps"));
        String id = site.path("id").asString();
        JsonNode taken = give(owner, id, "price_list-2026.pdf", PDF);
        assertThat(taken.path("kind").asString()).isEqualTo("document");
        assertThat(taken.path("name").asString()).isEqualTo("Price list 2026");

        Map<String, Object> sheet = Browserlike.sheet("Listed Sweeps");
        sheet.put("services", List.of(Map.of("name", "Chimney sweep")));
        sheet.put(
                "rows",
                List.of(row(
                        "document",
                        "list",
                        Map.of("file", taken.path("file").asString(), "title", "Price list 2026"))));
        JsonNode kept = owner.keepSheet(site, sheet).json().path("site");
        owner.signUp(UUID.randomUUID() + "@quill.example");
        String address = "listed-" + id.substring(0, 8);
        assertThat(owner.publish(kept, address).status()).isEqualTo(201);

        String html = owner.getAt(address + ".localhost", "/").body();
        assertThat(html).contains("Price list 2026</a>", "PDF, 1 page, 1 KB");
        String path = Pattern.compile("files/price-list-2026\\.[0-9a-f]{12}\\.pdf")
                .matcher(html)
                .results()
                .findFirst()
                .orElseThrow()
                .group();
        HttpResponse<byte[]> file = owner.bytes(address + ".localhost", "/" + path);
        assertThat(file.body()).isEqualTo(PDF);
        assertThat(file.headers().firstValue("content-type")).contains("application/pdf");
        String hash = taken.path("file").asString().substring(0, 64);
        HttpResponse<byte[]> own = owner.bytes("", "/api/sites/" + id + "/files/" + hash);
        assertThat(own.headers().firstValue("content-disposition").orElse(""))
                .contains("attachment", "price-list-2026.pdf");
    }

    @Test
    void whatIsNoPictureIsTurnedAwayInWordsAndNotKept() {
        String id = owner.site(Browserlike.sheet("Turned Sweeps")).path("id").asString();
        Browserlike.Answer zip = owner.upload("/api/sites/" + id + "/files", "van.jpg", new byte[] {
            'P', 'K', 3, 4, 20, 0, 0, 0, 8, 0, 0, 0, 0, 0, 0, 0, 0, 0
        });
        assertThat(zip.status()).isEqualTo(422);
        assertThat(zip.json().path("detail").asString()).contains("ZIP archive, though its name ends in “.jpg”");
        assertThat(zip.json().path("field").asString()).isEqualTo("file");

        Browserlike.Answer script = owner.upload(
                "/api/sites/" + id + "/files",
                "logo.svg",
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 9 9\"><script>alert(1)</script></svg>"
                        .getBytes(StandardCharsets.UTF_8));
        assertThat(script.json().path("detail").asString()).contains("contains a program");

        Browserlike.Answer heavy = owner.upload("/api/sites/" + id + "/files", "big.png", new byte[22_500_000]);
        assertThat(heavy.status()).isEqualTo(413);
        assertThat(heavy.json().path("detail").asString()).contains("more than 20 MB");
        assertThat(owner.upload("/api/sites/" + id + "/files", "none.png", new byte[0])
                        .json()
                        .path("detail")
                        .asString())
                .contains("empty");
        assertThat(database.queryForObject("select count(*) from site_file where site = ?", Integer.class, id))
                .isZero();
    }

    @Test
    void aPictureOfSomebodyElsesIsNotThere() {
        JsonNode site = owner.site(Browserlike.sheet("Pictured Sweeps"));
        JsonNode taken = give(owner, site.path("id").asString(), "hearth.jpg", picture(400, 300, "jpeg"));
        Browserlike other = Browserlike.fresh();
        JsonNode theirs = other.site(Browserlike.sheet("Other Sweeps"));
        JsonNode forged = pictured(other, theirs, taken, Map.of());
        String id = forged.path("id").asString();

        JsonNode view = other.get("/api/sites/" + id + "/files").json();
        assertThat(view.at("/pictures/one/planned").asInt()).isZero();
        assertThat(other.bytes(
                                "",
                                "/api/sites/" + id + "/"
                                        + view.at("/pictures/one/thumb").asString())
                        .statusCode())
                .isEqualTo(404);
        other.signUp(UUID.randomUUID() + "@quill.example");
        Browserlike.Answer refused = other.publish(forged, "forged-" + id.substring(0, 8));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().path("detail").asString()).contains("Give it again");
    }

    private int kept(String file) {
        return database.queryForObject(
                "select count(*) from kept_file where hash = ?", Integer.class, file.substring(0, 64));
    }

    @Test
    void anAccountKeepsAFileOnceHoweverManySitesUseIt() {
        byte[] logo = picture(300, 100, "png");
        JsonNode first = owner.site(Browserlike.sheet("First Sweeps"));
        JsonNode taken = give(owner, first.path("id").asString(), "logo.png", logo);
        String file = taken.path("file").asString();
        JsonNode second = owner.site(Browserlike.sheet("Second Sweeps"));
        give(owner, second.path("id").asString(), "logo.png", logo);
        assertThat(kept(file)).as("two sites of nobody yet").isEqualTo(2);

        owner.signUp(UUID.randomUUID() + "@quill.example");
        assertThat(kept(file)).as("one account").isEqualTo(2);
        SpareFilesAccess.sweep();
        assertThat(kept(file)).isEqualTo(1);
        JsonNode pictured = pictured(owner, second, taken, Map.of());
        assertThat(owner.publish(pictured, "second-" + file.substring(0, 8)).status())
                .isEqualTo(201);
    }

    @Test
    void aSiteThatIsHandedOverTakesItsPicturesAlong() {
        byte[] bytes = picture(300, 200, "jpeg");
        JsonNode kept = owner.site(Browserlike.sheet("Kept Sweeps"));
        JsonNode handed = owner.site(Browserlike.sheet("Handed Sweeps"));
        String id = handed.path("id").asString();
        owner.signUp(UUID.randomUUID() + "@quill.example");
        JsonNode taken = give(owner, kept.path("id").asString(), "a.jpg", bytes);
        give(owner, id, "a.jpg", bytes);
        pictured(owner, handed, taken, Map.of());
        pictured(owner, kept, taken, Map.of());

        Browserlike heir = Browserlike.fresh();
        String email = UUID.randomUUID() + "@quill.example";
        heir.signUp(email);
        owner.call("POST", "/api/sites/" + id + "/invitations", Map.of("email", email, "kind", "HANDOVER"));
        heir.call("POST", "/api" + StandInMails.linkTo(email).replace("/invitation/", "/invitations/"), null);

        assertThat(kept(taken.path("file").asString()))
                .as("one for each account")
                .isEqualTo(2);
        for (Browserlike who : List.of(heir, owner)) {
            String site = who == heir ? id : kept.path("id").asString();
            JsonNode view = who.get("/api/sites/" + site + "/files").json();
            assertThat(who.bytes(
                                    "",
                                    "/api/sites/" + site + "/"
                                            + view.at("/pictures/one/thumb").asString())
                            .statusCode())
                    .isEqualTo(200);
        }
    }
}
