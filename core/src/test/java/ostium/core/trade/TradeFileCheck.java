package ostium.core.trade;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import com.networknt.schema.utils.JsonNodes;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Checks a file of trades as it is written; a mistake names the file, the line and what is wrong there. */
final class TradeFileCheck {
    private static final Schema SCHEMA = SchemaRegistry.withDefaultDialect(
                    SpecificationVersion.DRAFT_2020_12,
                    registry -> registry.nodeReader(reader -> reader.locationAware()))
            .getSchema(text("schema.json"), InputFormat.JSON);

    /** What only a business can claim, and amounts: neither is known of a trade. */
    private static final Pattern CLAIMS = Pattern.compile(
            "(?i)£|\\$|€|!|\\bbest\\b|\\bleading\\b|\\bexperts?\\b|\\bquality\\b|\\bfast(est)?\\b|\\btrusted\\b"
                    + "|guarantee|\\bprofessional\\b|\\bcheap|\\baffordable\\b|\\breliable\\b|\\bfriendly\\b");

    private TradeFileCheck() {}

    static String text(String file) {
        try (InputStream in = TradeFileCheck.class.getResourceAsStream("/ostium/trades/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The mistakes of a file, as {@code building.yaml:12: …}; none when it is right. */
    static List<String> mistakes(String file, String yaml) {
        Set<String> mistakes = new TreeSet<>();
        SCHEMA.validate(yaml, InputFormat.YAML).forEach(error -> {
            var location = JsonNodes.tokenStreamLocationOf(error.getInstanceNode());
            int line = location == null ? 1 : location.getLineNr();
            mistakes.add(file + ":" + line + ": " + error.getInstanceLocation() + ": " + error.getMessage());
        });
        List<String> lines = yaml.lines().toList();
        for (int i = 0; i < lines.size(); i++) {
            Matcher claim = CLAIMS.matcher(lines.get(i).replaceAll("names?: .*?(?=, done:|$)", ""));
            if (!lines.get(i).strip().matches("(en|de|fr|es): .*") && claim.find()) {
                mistakes.add(file + ":" + (i + 1) + ": “" + claim.group() + "” is a claim or an amount of a business");
            }
        }
        return new ArrayList<>(mistakes);
    }
}
