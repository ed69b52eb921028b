package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The list of what the application is made of, which the build makes and the jar carries. */
class PartsListTest {
    @Test
    void namesEachLibraryWithItsVersion() throws IOException {
        try (InputStream list = PartsListTest.class.getResourceAsStream("/META-INF/sbom/application.cdx.json")) {
            JsonNode parts = JsonMapper.shared().readTree(list);
            assertThat(parts.path("bomFormat").asString()).isEqualTo("CycloneDX");
            List<String> names = parts.path("components")
                    .valueStream()
                    .map(part -> part.path("name").asString())
                    .toList();
            assertThat(names).contains("mariadb-java-client", "spring-web", "mybatis", "ostium-core");
            assertThat(parts.path("components").valueStream())
                    .allSatisfy(part -> assertThat(part.path("version").asString())
                            .as(part.path("name").asString())
                            .isNotEmpty());
        }
    }
}
