package ostium.app.publishing;

import static org.assertj.core.api.Assertions.assertThat;

import com.aayushatharva.brotli4j.decoder.Decoder;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CompressionTest {
    private static final byte[] PAGE = "<p>Chimneys swept.</p>".repeat(400).getBytes(StandardCharsets.UTF_8);

    @Test
    void givesBackWhatWentIn() throws IOException {
        assertThat(new GZIPInputStream(new ByteArrayInputStream(Compression.gzip(PAGE))).readAllBytes())
                .isEqualTo(PAGE);
        assertThat(Decoder.decompress(Compression.brotli(PAGE)).getDecompressedData())
                .isEqualTo(PAGE);
    }

    @Test
    void isSmaller() {
        assertThat(Compression.gzip(PAGE)).hasSizeLessThan(PAGE.length / 10);
        assertThat(Compression.brotli(PAGE)).hasSizeLessThan(PAGE.length / 10);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "text/html;charset=utf-8,true",
        "text/css;charset=utf-8,true",
        "image/svg+xml;charset=utf-8,true",
        "application/xml;charset=utf-8,true",
        "font/woff2,false",
        "image/webp,false"
    })
    void isLeftOutWhereItDoesNotHelp(String type, boolean helps) {
        assertThat(Compression.helps(type)).isEqualTo(helps);
    }
}
