package ostium.app;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.CookiePolicy;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLDecoder;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import ostium.core.edit.Edit;
import ostium.core.edit.WholeEdit;
import ostium.core.sheet.TypedSheet;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Talks HTTP as a browser does: cookies of its own, the CSRF header, any host name on loopback. */
public final class Browserlike {
    static {
        System.setProperty("jdk.httpclient.allowRestrictedHeaders", "host");
    }

    private final int port;
    private final CookieManager cookies;
    private final HttpClient client;

    public Browserlike(int port) {
        this(port, new CookieManager(null, CookiePolicy.ACCEPT_ALL));
    }

    private Browserlike(int port, CookieManager cookies) {
        this.port = port;
        this.cookies = cookies;
        this.client = HttpClient.newBuilder().cookieHandler(cookies).build();
    }

    /** The same browser, with its cookies, at another instance. */
    public Browserlike at(int otherPort) {
        return new Browserlike(otherPort, cookies);
    }

    /** At the application under test. */
    public static Browserlike fresh() {
        return new Browserlike(RunningOstium.get().port());
    }

    /** An answer, with its body as text and, where it is JSON, as a tree. */
    public record Answer(HttpResponse<String> response) {
        public int status() {
            return response.statusCode();
        }

        public String body() {
            return response.body();
        }

        public String header(String name) {
            return response.headers().firstValue(name).orElse("");
        }

        public JsonNode json() {
            return JsonMapper.shared().readTree(response.body());
        }
    }

    public Answer get(String path) {
        return send(request(path).GET());
    }

    /** A page of a public site, by its host. */
    public Answer getAt(String host, String path, String... headers) {
        HttpRequest.Builder request = request(path).header("Host", host + ":" + port);
        if (headers.length > 0) {
            request.headers(headers);
        }
        return send(request.GET());
    }

    /** The bytes of a file at a host, or of the editor where that is empty; and what they are. */
    public HttpResponse<byte[]> bytes(String host, String path) {
        HttpRequest.Builder request = request(path);
        if (!host.isEmpty()) {
            request.header("Host", host + ":" + port);
        }
        try {
            return client.send(request.GET().build(), HttpResponse.BodyHandlers.ofByteArray());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    public Answer call(String method, String path, Object body) {
        token();
        String json = body instanceof String text ? text : JsonMapper.shared().writeValueAsString(body);
        HttpRequest.Builder request = request(path).header("Content-Type", "application/json");
        String token = cookie("XSRF-TOKEN");
        if (token != null) {
            request.header("X-XSRF-TOKEN", token);
        }
        return send(request.method(
                method,
                body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(json)));
    }

    /** Sends a file as the interface does, as the part {@code file} of a form. */
    public Answer upload(String path, String name, byte[] bytes) {
        token();
        String boundary = "----ostium-test";
        byte[] head = ("--" + boundary + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"" + name
                        + "\"\r\nContent-Type: application/octet-stream\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8);
        byte[] foot = ("\r\n--" + boundary + "--\r\n").getBytes(StandardCharsets.UTF_8);
        HttpRequest.Builder request = request(path).header("Content-Type", "multipart/form-data; boundary=" + boundary);
        String token = cookie("XSRF-TOKEN");
        if (token != null) {
            request.header("X-XSRF-TOKEN", token);
        }
        return send(request.POST(HttpRequest.BodyPublishers.concat(
                HttpRequest.BodyPublishers.ofByteArray(head),
                HttpRequest.BodyPublishers.ofByteArray(bytes),
                HttpRequest.BodyPublishers.ofByteArray(foot))));
    }

    /** Posts anything at all to a public host. */
    public Answer postRaw(String host, String path, String body, String type) {
        return send(request(path)
                .header("Host", host + ":" + port)
                .header("Content-Type", type)
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    /** A file as a visitor's browser sends it. */
    public record Sent(String name, byte[] bytes) {}

    /** Posts a form with files to a public host, as a browser does; answers are encoded pairs. */
    public Answer postFiles(String host, String path, String answers, String field, List<Sent> files) {
        String boundary = "----ostium-visitor";
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        for (String pair : answers.split("&")) {
            String[] parts = pair.split("=", 2);
            body.writeBytes(part(boundary, parts[0], ""));
            body.writeBytes(URLDecoder.decode(parts[1], StandardCharsets.UTF_8).getBytes(StandardCharsets.UTF_8));
        }
        for (Sent file : files) {
            body.writeBytes(part(boundary, field, "; filename=\"" + file.name() + "\""));
            body.writeBytes(file.bytes());
        }
        body.writeBytes(("\r\n--" + boundary + "--\r\n").getBytes(StandardCharsets.UTF_8));
        return send(request(path)
                .header("Host", host + ":" + port)
                .header("Content-Type", "multipart/form-data; boundary=" + boundary)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray())));
    }

    private static byte[] part(String boundary, String name, String file) {
        return ("\r\n--" + boundary + "\r\nContent-Disposition: form-data; name=\"" + name + "\"" + file + "\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8);
    }

    /** A call without the CSRF header, as another site's page would make it. */
    public Answer callWithoutToken(String method, String path, String json) {
        return send(request(path)
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(json)));
    }

    /** Posts a form to a public host. */
    public Answer post(String host, String path, Map<String, String> fields, String... headers) {
        return postBody(host, path, form(fields), headers);
    }

    public Answer postBody(String host, String path, String body, String... headers) {
        HttpRequest.Builder request = request(path)
                .header("Host", host + ":" + port)
                .header("Content-Type", "application/x-www-form-urlencoded");
        if (headers.length > 0) {
            request.headers(headers);
        }
        return send(request.POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    public static String form(Map<String, String> fields) {
        return fields.entrySet().stream()
                .map(field -> URLEncoder.encode(field.getKey(), StandardCharsets.UTF_8) + "="
                        + URLEncoder.encode(field.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
    }

    // ---- what owners do ------------------------------------------------------------------------------------------

    private static final java.util.Set<String> PARTS =
            java.util.Set.of("region", "services", "rows", "links", "practices", "denied", "hidden", "seed");

    /** A sheet that is enough for a page, as the interface would send it. */
    public static Map<String, Object> sheet(String name) {
        Map<String, Object> sheet = new LinkedHashMap<>();
        sheet.put("region", "GB");
        sheet.put("trade", "chimney sweep");
        sheet.put("name", name);
        sheet.put("telephone", "0117 496 0142");
        sheet.put("hours", "Mon-Fri 8-5:30");
        sheet.put("seed", 3);
        return sheet;
    }

    /** Makes a site. */
    public JsonNode begin() {
        String id = java.util.UUID.randomUUID().toString();
        return call("POST", "/api/sites", Map.of("id", id)).json();
    }

    /** Makes a site and keeps a sheet; answers the view of it. */
    public JsonNode site(Map<String, Object> sheet) {
        return keepSheet(begin(), sheet).json().path("site");
    }

    /** Keeps a sheet as the interface does: the edits that make it of the one that was shown, as one step. */
    public Answer keepSheet(JsonNode site, Map<String, Object> sheet) {
        TypedSheet shown = JsonMapper.shared().treeToValue(site.path("sheet"), TypedSheet.class);
        List<Edit> edits = SheetDifference.between(shown, typed(sheet, shown.seed()));
        return keepSheet(
                site,
                JsonMapper.shared()
                        .readTree(JsonMapper.shared().writerFor(Edit.class).writeValueAsString(WholeEdit.of(edits))));
    }

    /** Sends one edit of the facts sheet. */
    public Answer keepSheet(JsonNode site, Object edit) {
        Map<String, Object> sent = new LinkedHashMap<>();
        sent.put("revision", site.path("revision").asLong());
        sent.put("key", java.util.UUID.randomUUID().toString());
        sent.put("edit", edit);
        return call("POST", "/api/sites/" + site.path("id").asString() + "/sheet/edits", sent);
    }

    /** A sheet as a test writes it: single lines may stand beside its parts. */
    private static TypedSheet typed(Map<String, Object> sheet, long seed) {
        Map<String, Object> parts = new LinkedHashMap<>(Map.of("seed", seed));
        Map<String, Object> lines = new LinkedHashMap<>();
        sheet.forEach((name, value) -> (PARTS.contains(name) ? parts : lines).put(name, value));
        parts.put("lines", lines);
        return JsonMapper.shared().convertValue(parts, TypedSheet.class);
    }

    /** Makes an account, and shows that its address is theirs. */
    public Answer signUp(String email) {
        Answer answer = signUpUnconfirmed(email);
        TestDatabase.confirm(email);
        return answer;
    }

    /** Makes an account as a newcomer does, who has not opened the mail yet. */
    public Answer signUpUnconfirmed(String email) {
        return call(
                "POST", "/api/accounts", Map.of("name", "Test Owner", "email", email, "password", "a long password"));
    }

    /** Keeps the draft of a site, as an owner does before the first publication; answers its manuscript. */
    public Answer keep(JsonNode site) {
        return call("POST", "/api/sites/" + site.path("id").asString() + "/kept", null);
    }

    /** Keeps the draft if that has not been done, and publishes. */
    public Answer publish(JsonNode site, String address) {
        keep(site);
        return call("POST", "/api/sites/" + site.path("id").asString() + "/publications", Map.of("address", address));
    }

    /** Sends one edit made on a revision, with an id of its own. */
    public Answer edit(String site, long revision, Map<String, Object> edit) {
        return call(
                "POST",
                "/api/sites/" + site + "/edits",
                Map.of("revision", revision, "key", java.util.UUID.randomUUID().toString(), "edit", edit));
    }

    /** An edit that puts plain words into a text. */
    public static Map<String, Object> setText(String text, String words) {
        return Map.of(
                "kind",
                "setText",
                "text",
                text,
                "mark",
                "OWN",
                "tree",
                List.of(Map.of("kind", "paragraph", "inside", List.of(Map.of("kind", "words", "value", words)))));
    }

    // ---- wire ----------------------------------------------------------------------------------------------------

    private void token() {
        if (cookie("XSRF-TOKEN") == null) {
            get("/api/session");
        }
    }

    private String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals(name) && !cookie.hasExpired())
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse(null);
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path));
    }

    private Answer send(HttpRequest.Builder request) {
        try {
            return new Answer(client.send(request.build(), HttpResponse.BodyHandlers.ofString()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
