package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The interface's types are made from a file; this keeps the file the API's own description. */
class OpenApiTest {
    @Test
    void theFileIsWhatTheApiSays() throws IOException {
        JsonMapper sorted = JsonMapper.builder()
                .enable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                .enable(SerializationFeature.INDENT_OUTPUT)
                .build();
        Map<?, ?> said = sorted.readValue(reader().get("/v3/api-docs").body(), Map.class);
        // Where it was asked for first; it is of no interest, and there only where that was over HTTP.
        said.remove("servers");
        String now = sorted.writeValueAsString(said) + "\n";
        Path file = TestDatabase.root().resolve("ui/src/api/openapi.json");
        String before = Files.readString(file);
        if (!now.equals(before)) {
            Files.writeString(file, now);
        }
        assertThat(before)
                .as("the API has changed; the file was brought up to date: build ui and commit it")
                .isEqualTo(now);
    }

    private static Browserlike reader() {
        Browserlike reader = Browserlike.fresh();
        reader.signUp(UUID.randomUUID() + "@quill.example");
        return reader;
    }

    @Test
    void isReadByWhoHasAnAccount() {
        for (String path : new String[] {"/v3/api-docs", "/v3/api-docs.yaml", "/v3/api-docs/swagger-config"}) {
            assertThat(Browserlike.fresh().get(path).status()).as(path).isEqualTo(401);
        }
    }
}
