package ostium.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.base.Messages;
import ostium.core.look.House;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.SectionKinds;

/** No kind of section is left blank: each has its template, and each of its layouts a look in every house. */
class SectionTemplatesTest {
    private static final Path TEMPLATES = Path.of("src/main/jte");

    static Stream<SectionDescriptor> kinds() {
        return SectionKinds.all().stream();
    }

    private static Path template(SectionDescriptor kind) {
        String name = kind.kind().id() + ".jte";
        return kind.belongsToTheSite()
                ? TEMPLATES.resolve(name)
                : TEMPLATES.resolve("section").resolve(name);
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyKindHasATemplate(SectionDescriptor kind) {
        assertThat(template(kind)).exists();
    }

    /** A layout is markup of its own, or a class ({@code as-slips}) that the styles of a house know. */
    @ParameterizedTest
    @MethodSource("kinds")
    void everyLayoutIsDrawn(SectionDescriptor kind) throws IOException {
        String markup = Files.readString(template(kind));
        String styles = Arrays.stream(House.values()).map(Stylesheet::sources).collect(Collectors.joining());
        for (String layout : kind.layouts().stream().skip(1).toList()) {
            assertThat(styles + markup)
                    .as("%s laid out as %s", kind.kind(), layout)
                    .containsAnyOf(".as-" + layout, "." + layout, "\"" + layout + "\"");
        }
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyKindHasItsWordsInTheMessages(SectionDescriptor kind) {
        assertThat(kind.words()).isNotBlank();
        assertThat(Messages.of("section").keys())
                .anyMatch(key -> key.startsWith(kind.kind().id() + "."));
    }

    @Test
    void templatesHaveLinesThatCanBeRead() throws IOException {
        try (Stream<Path> files = Files.walk(TEMPLATES)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                List<String> lines = Files.readAllLines(file);
                assertThat(lines)
                        .as(file.toString())
                        .allSatisfy(line -> assertThat(line).hasSizeLessThanOrEqualTo(140));
            }
        }
    }
}
