package ostium.app.outside;

import jakarta.annotation.PreDestroy;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Map;
import org.apache.hc.client5.http.classic.methods.HttpGet;
import org.apache.hc.client5.http.classic.methods.HttpPost;
import org.apache.hc.client5.http.config.ConnectionConfig;
import org.apache.hc.client5.http.config.RequestConfig;
import org.apache.hc.client5.http.impl.classic.CloseableHttpClient;
import org.apache.hc.client5.http.impl.classic.HttpClients;
import org.apache.hc.client5.http.impl.io.PoolingHttpClientConnectionManagerBuilder;
import org.apache.hc.core5.http.ClassicHttpResponse;
import org.apache.hc.core5.http.ContentType;
import org.apache.hc.core5.http.HttpStatus;
import org.apache.hc.core5.http.io.entity.StringEntity;
import org.apache.hc.core5.util.Timeout;
import org.springframework.stereotype.Component;
import ostium.app.OstiumProperties;

/**
 * Asks other machines for files and tells them things, at addresses that people typed: machines of the open net alone, for so long
 * and so much and no more.
 */
@Component
public class Outside {
    private static final Timeout CONNECT = Timeout.ofSeconds(5);
    private static final Timeout SILENCE = Timeout.ofSeconds(10);
    private static final Duration WHOLE = Duration.ofSeconds(20);
    private static final int BUFFER = 16 * 1024;
    private static final int HUNDRED = 100;

    private final CloseableHttpClient client;

    Outside(OstiumProperties properties) {
        this.client = HttpClients.custom()
                .setConnectionManager(PoolingHttpClientConnectionManagerBuilder.create()
                        .setDnsResolver(new PublicAddresses(properties.demo() || properties.askThisMachine()))
                        .setDefaultConnectionConfig(ConnectionConfig.custom()
                                .setConnectTimeout(CONNECT)
                                .setSocketTimeout(SILENCE)
                                .build())
                        .setMaxConnTotal(20)
                        .build())
                .setDefaultRequestConfig(RequestConfig.custom()
                        .setConnectionRequestTimeout(SILENCE)
                        .setResponseTimeout(SILENCE)
                        .setMaxRedirects(3)
                        .build())
                .setUserAgent("Ostium")
                .disableAutomaticRetries()
                .disableCookieManagement()
                .build();
    }

    @PreDestroy
    void close() throws IOException {
        client.close();
    }

    /** Why nothing came. */
    public enum Fault {
        /** There is no such machine, it does not answer, or it is none of the open net. */
        AWAY,
        /** It answers that there is nothing at this address, or not for us. */
        NOTHING,
        /** It is more than was asked for, or takes too long. */
        TOO_MUCH
    }

    /** Nothing came. */
    public static final class NotFetched extends Exception {
        private static final long serialVersionUID = 1L;
        private final Fault fault;

        NotFetched(Fault fault, Throwable cause) {
            super(fault.name(), cause);
            this.fault = fault;
        }

        public Fault fault() {
            return fault;
        }
    }

    /**
     * The text at an address.
     *
     * @param address http or https
     * @param mostBytes the most it may be
     */
    public String fetch(URI address, int mostBytes) throws NotFetched {
        long end = System.nanoTime() + WHOLE.toNanos();
        HttpGet request = new HttpGet(address);
        try {
            return client.execute(request, response -> {
                if (response.getCode() != HttpStatus.SC_OK || response.getEntity() == null) {
                    throw new Stopped(Fault.NOTHING);
                }
                return read(response, mostBytes, end);
            });
        } catch (Stopped e) {
            request.abort();
            throw new NotFetched(e.fault, e);
        } catch (IOException | RuntimeException e) {
            throw new NotFetched(Fault.AWAY, e);
        }
    }

    /**
     * Sends something to an address.
     *
     * @param body JSON
     * @throws NotFetched if it is not taken
     */
    public void post(URI address, String body, Map<String, String> headers) throws NotFetched {
        HttpPost request = new HttpPost(address);
        request.setEntity(new StringEntity(body, ContentType.APPLICATION_JSON));
        headers.forEach(request::setHeader);
        try {
            client.execute(request, response -> {
                if (response.getCode() / HUNDRED != 2) {
                    throw new Stopped(Fault.NOTHING);
                }
                return response.getCode();
            });
        } catch (Stopped e) {
            throw new NotFetched(e.fault, e);
        } catch (IOException | RuntimeException e) {
            throw new NotFetched(Fault.AWAY, e);
        }
    }

    private static String read(ClassicHttpResponse response, int mostBytes, long end) throws IOException {
        ByteArrayOutputStream whole = new ByteArrayOutputStream();
        byte[] some = new byte[BUFFER];
        InputStream in = response.getEntity().getContent();
        for (int read = in.read(some); read >= 0; read = in.read(some)) {
            whole.write(some, 0, read);
            if (whole.size() > mostBytes || System.nanoTime() > end) {
                throw new Stopped(Fault.TOO_MUCH);
            }
        }
        return whole.toString(StandardCharsets.UTF_8);
    }

    /** Ends the reading of an answer. */
    private static final class Stopped extends IOException {
        private static final long serialVersionUID = 1L;
        private final Fault fault;

        Stopped(Fault fault) {
            super(fault.name());
            this.fault = fault;
        }
    }
}
