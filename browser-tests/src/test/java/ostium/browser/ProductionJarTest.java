package ostium.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.jar.JarFile;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import org.junit.jupiter.api.Test;
import ostium.app.TestDatabase;

/** What goes on the open net has no mail server in it that delivers to nobody; the demo has. */
class ProductionJarTest {

    private static List<String> libraries(String kind) throws IOException {
        Path jar;
        try (Stream<Path> built = Files.list(TestDatabase.root().resolve("app/target"))) {
            jar = built.filter(file -> file.getFileName().toString().endsWith("-" + kind + ".jar"))
                    .findFirst()
                    .orElseThrow();
        }
        try (JarFile file = new JarFile(jar.toFile())) {
            return file.stream()
                    .map(ZipEntry::getName)
                    .filter(name -> name.startsWith("BOOT-INF/lib/"))
                    .toList();
        }
    }

    @Test
    void hasNoStandInForAMailServer() throws IOException {
        assertThat(libraries("boot"))
                .hasSizeGreaterThan(50)
                .noneMatch(name -> name.contains("greenmail"))
                .anyMatch(name -> name.contains("jakarta.mail"));
        assertThat(libraries("demo")).anyMatch(name -> name.contains("greenmail"));
    }
}
