package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLSocket;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The application behind nginx with TLS, set up as docs/running.md says, with a certificate of its own on loopback. */
class BehindNginxTest {
    /** Visitors of other addresses than the proxy's: all of 127/8 is this machine. */
    private static final String VISITOR = "127.0.0.77";

    private static final String OTHER = "127.0.0.78";

    @TempDir
    private static Path home;

    private static RunningOstium ostium;
    private static Process nginx;
    private static int port;
    private static SSLContext trusting;

    @BeforeAll
    static void start() throws Exception {
        port = freePort();
        ostium = RunningOstium.another(
                "--ostium.trusted-proxies=127.0.0.1", "--ostium.scheme=https", "--ostium.public-port=" + port);
        run(
                "openssl",
                "req",
                "-x509",
                "-newkey",
                "rsa:2048",
                "-nodes",
                "-days",
                "2",
                "-subj",
                "/CN=localhost",
                "-addext",
                "subjectAltName=DNS:localhost,DNS:*.localhost",
                "-keyout",
                home.resolve("key.pem").toString(),
                "-out",
                home.resolve("certificate.pem").toString());
        trusting = trusting(home.resolve("certificate.pem"));
        Path settings = Files.writeString(home.resolve("nginx.conf"), settings());
        nginx = new ProcessBuilder("nginx", "-p", home.toString(), "-c", settings.toString(), "-e", "errors")
                .redirectErrorStream(true)
                .redirectOutput(home.resolve("nginx.log").toFile())
                .start();
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(30);
        while (!answers()) {
            assertThat(nginx.isAlive() && System.nanoTime() < end)
                    .as(() -> read(home.resolve("nginx.log")) + read(home.resolve("errors")))
                    .isTrue();
            Thread.sleep(50);
        }
    }

    @AfterAll
    static void stop() throws InterruptedException {
        if (nginx != null) {
            nginx.destroy();
            nginx.waitFor();
        }
        if (ostium != null) {
            ostium.close();
        }
    }

    /** The server of docs/running.md, with the names, files and ports of this test. */
    private static String settings() {
        Matcher block = Pattern.compile("```nginx\n(.*?)```", Pattern.DOTALL)
                .matcher(read(TestDatabase.root().resolve("docs/running.md")));
        assertThat(block.find()).isTrue();
        String server = block.group(1)
                .replace("ostium.example sites.example *.sites.example", "localhost *.localhost")
                .replace("/etc/ostium/", home + "/")
                .replace("listen 443", "listen 127.0.0.1:" + port)
                .replace("127.0.0.1:8080", "127.0.0.1:" + ostium.port());
        return "daemon off; worker_processes 1; pid nginx.pid; events {}\nhttp {\naccess_log off;\n"
                + List.of("client_body", "proxy", "fastcgi", "uwsgi", "scgi").stream()
                        .map(each -> each + "_temp_path " + home.resolve(each) + ";\n")
                        .collect(Collectors.joining())
                + server + "}\n";
    }

    @Test
    void cookiesAreSecureAndBrowsersComeBackByTls() throws IOException {
        Answer page = ask(VISITOR, "localhost", "GET / HTTP/1.1\r\n", "");
        assertThat(page.status()).isEqualTo(200);
        assertThat(page.header("Set-Cookie")).contains("XSRF-TOKEN").contains("Secure");
        assertThat(page.header("Strict-Transport-Security")).startsWith("max-age=31536000");
        assertThat(ask(VISITOR, "nobody.localhost", "GET / HTTP/1.1\r\n", "").header("Strict-Transport-Security"))
                .startsWith("max-age=31536000");
    }

    @Test
    void aPublicPageNamesItselfAsVisitorsReachIt() throws IOException {
        String name = published();
        Answer page = ask(VISITOR, name + ".localhost", "GET / HTTP/1.1\r\n", "");
        assertThat(page.status()).isEqualTo(200);
        assertThat(page.body()).contains("https://" + name + ".localhost:" + port + "/");
    }

    @Test
    void limitsCountTheVisitorWhomNginxSaw() throws IOException {
        String name = published();
        for (int at = 0; at < 20; at++) {
            assertThat(message(VISITOR, name, at, "")).as("message %d", at).isEqualTo(303);
        }
        assertThat(message(VISITOR, name, 20, "")).isEqualTo(429);
        assertThat(message(VISITOR, name, 21, "X-Forwarded-For: 203.0.113.5\r\n"))
                .as("what a visitor says of themselves changes nothing")
                .isEqualTo(429);
        assertThat(message(OTHER, name, 22, "")).as("somebody else").isEqualTo(303);
    }

    @Test
    void whatTheStandInsCaughtIsShownToNobodyWhoComesThroughIt() throws IOException {
        assertThat(ask(VISITOR, "localhost", "GET /api/stand-in/mails HTTP/1.1\r\n", "")
                        .status())
                .isEqualTo(404);
    }

    // ---- how it is asked -----------------------------------------------------------------------------------------

    private static String published() {
        Browserlike owner = Browserlike.fresh();
        owner.signUp(UUID.randomUUID() + "@quill.example");
        JsonNode site = owner.at(ostium.port()).site(Browserlike.sheet("Proxied Sweeps"));
        String name = "tls-" + UUID.randomUUID().toString().substring(0, 8);
        owner.at(ostium.port()).publish(site, name);
        return name;
    }

    private static int message(String from, String site, int number, String headers) throws IOException {
        String body =
                Map.of("name", "Oona", "reach", "oona@quayle.example", "message", "Flue " + number).entrySet().stream()
                        .map(field ->
                                field.getKey() + "=" + URLEncoder.encode(field.getValue(), StandardCharsets.UTF_8))
                        .collect(Collectors.joining("&"));
        return ask(
                        from,
                        site + ".localhost",
                        "POST /_ostium/enquiry HTTP/1.1\r\nContent-Type: application/x-www-form-urlencoded\r\n"
                                + headers + "Content-Length: " + body.length() + "\r\n",
                        body)
                .status();
    }

    private record Answer(int status, String head, String body) {
        String header(String name) {
            return head.lines()
                    .filter(line -> line.toLowerCase(Locale.ROOT).startsWith(name.toLowerCase(Locale.ROOT) + ":"))
                    .map(line -> line.substring(name.length() + 1).strip())
                    .collect(Collectors.joining("\n"));
        }
    }

    private static Answer ask(String from, String host, String head, String body) throws IOException {
        try (Socket plain = new Socket()) {
            plain.bind(new InetSocketAddress(InetAddress.getByName(from), 0));
            plain.connect(new InetSocketAddress("127.0.0.1", port), 5_000);
            try (SSLSocket line = (SSLSocket) trusting.getSocketFactory().createSocket(plain, host, port, true)) {
                OutputStream out = line.getOutputStream();
                String request = head + "Host: " + host + ":" + port + "\r\nConnection: close\r\n\r\n" + body;
                out.write(request.getBytes(StandardCharsets.UTF_8));
                out.flush();
                String said = new String(line.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
                int end = said.indexOf("\r\n\r\n");
                return new Answer(
                        Integer.parseInt(said.split(" ")[1]), said.substring(0, end), said.substring(end + 4));
            }
        }
    }

    private static boolean answers() {
        try (Socket socket = new Socket()) {
            socket.connect(new InetSocketAddress("127.0.0.1", port), 500);
            return true;
        } catch (IOException e) {
            return false;
        }
    }

    private static SSLContext trusting(Path certificate) throws GeneralSecurityException, IOException {
        KeyStore known = KeyStore.getInstance(KeyStore.getDefaultType());
        known.load(null, null);
        try (var in = Files.newInputStream(certificate)) {
            known.setCertificateEntry(
                    "own", CertificateFactory.getInstance("X.509").generateCertificate(in));
        }
        TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        trust.init(known);
        SSLContext context = SSLContext.getInstance("TLS");
        context.init(null, trust.getTrustManagers(), null);
        return context;
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        }
    }

    private static void run(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(said).isZero();
    }

    private static String read(Path file) {
        try {
            return Files.exists(file) ? Files.readString(file) : "";
        } catch (IOException e) {
            return e.toString();
        }
    }
}
