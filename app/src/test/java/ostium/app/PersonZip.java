package ostium.app;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What is known of one person, as it is handed out: its answer, and its files by name. */
record PersonZip(int status, Map<String, byte[]> files) {
    static PersonZip of(Browserlike owner, String site, String person) {
        HttpResponse<byte[]> answer = owner.bytes(
                "", "/api/sites/" + site + "/person.zip?person=" + URLEncoder.encode(person, StandardCharsets.UTF_8));
        Map<String, byte[]> files = new LinkedHashMap<>();
        if (answer.statusCode() == 200) {
            try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(answer.body()))) {
                for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                    files.put(entry.getName(), zip.readAllBytes());
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return new PersonZip(answer.statusCode(), files);
    }

    JsonNode json() {
        return JsonMapper.shared().readTree(files.get("person.json"));
    }
}
