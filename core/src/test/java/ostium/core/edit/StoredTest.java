package ostium.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.Samples;
import ostium.core.fact.Fact;
import ostium.core.fact.Service;
import ostium.core.sheet.Line;

/** Stored states of every schema there has been are read; those of no schema we know are refused. */
class StoredTest {
    private static String fixture(String name) throws IOException {
        try (InputStream in = StoredTest.class.getResourceAsStream("/ostium/edit/" + name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** A site of the first schema: its sheet only, rows of services without ids. Never change the fixture. */
    @Test
    void aSiteOfTheFirstSchemaIsBroughtUp() throws IOException {
        State state = Stored.readState(fixture("state-schema-1.json"));
        assertThat(state.isKept()).isFalse();
        assertThat(state.sheet().name()).isEqualTo("Ashlatch Chimney Care");
        assertThat(state.reading(Samples.NOW).brief().facts().all(Service.class))
                .extracting(Fact::id)
                .containsExactly("service/sweep", "service/stove", "service/nest-removal");
        assertThat(Stored.readState(Stored.write(state))).isEqualTo(state);
    }

    /** A site of the second schema: the plain lines stood side by side on the sheet. Never change the fixture. */
    @Test
    void aSiteOfTheSecondSchemaIsBroughtUp() throws IOException {
        State state = Stored.readState(fixture("state-schema-2.json"));
        assertThat(state.isKept()).isTrue();
        assertThat(state.sheet().name()).isEqualTo("Ashlatch Chimney Care");
        assertThat(state.sheet().line(Line.MEMBERSHIP_NUMBER)).isEqualTo("117");
        assertThat(state.sheet().practices()).contains("certificate");
        assertThat(Stored.readState(Stored.write(state))).isEqualTo(state);
    }

    /** Whole states inside the log are brought up too, however deep they stand. */
    @Test
    void anEntryOfTheSecondSchemaIsBroughtUp() throws IOException {
        Stored.Entry entry = Stored.readEntry(fixture("entry-schema-2.json"));
        State before = Stored.readState(fixture("state-schema-2.json"));
        State put = entry.edit().apply(before).state();
        assertThat(put.sheet()).isEqualTo(before.sheet());
        assertThat(put.isKept()).isFalse();
        assertThat(entry.inverse().apply(put).state()).isEqualTo(before);
    }

    @ParameterizedTest
    @ValueSource(strings = {"{\"schema\":99,\"sheet\":{}}", "{\"sheet\":{}}"})
    void anUnknownSchemaIsRefusedAndSaid(String json) {
        assertThatThrownBy(() -> Stored.readState(json))
                .isInstanceOf(Stored.Unreadable.class)
                .hasMessageContaining("another version of Ostium");
    }

    @ParameterizedTest
    @ValueSource(strings = {"{\"schema\":2,\"sheet\":{\"services\":7}}", "{\"schema\":2,", "nonsense"})
    void whatIsDamagedIsRefusedAndSaid(String json) {
        assertThatThrownBy(() -> Stored.readState(json))
                .isInstanceOf(Stored.Unreadable.class)
                .hasMessageContaining("damaged");
    }
}
