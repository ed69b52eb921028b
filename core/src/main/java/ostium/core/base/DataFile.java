package ostium.core.base;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** Reads the YAML files that ship in this module. A mistake names the file, the line and the field. */
public final class DataFile {
    private static final YAMLMapper YAML = YAMLMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS)
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    private DataFile() {}

    /**
     * @param path absolute path on the class path
     * @throws IllegalStateException if the file is missing or is not what the type says
     */
    public static <T> T read(String path, Class<T> type) {
        try (InputStream in = DataFile.class.getResourceAsStream(path)) {
            if (in == null) {
                throw new IllegalStateException(path + " is missing");
            }
            return YAML.readValue(in, type);
        } catch (JacksonException e) {
            throw new IllegalStateException(path + ": " + e.getMessage(), e);
        } catch (IOException e) {
            throw new UncheckedIOException(path, e);
        }
    }
}
