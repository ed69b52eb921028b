package ostium.core.paste;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.sheet.TypedSheet;

/**
 * Sources as owners have them ({@code ostium/paste}), each with the proposals it should give beside it ({@code
 * .expected}): name, value and how sure; choices; what was not understood.
 */
class PastedSourcesTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);
    private static final Path FOLDER = Path.of("src/test/resources/ostium/paste");

    static Stream<String> sources() throws IOException {
        try (Stream<Path> files = Files.list(FOLDER)) {
            return files
                    .map(file -> file.getFileName().toString())
                    .filter(name -> !name.endsWith(".expected"))
                    .sorted()
                    .toList()
                    .stream();
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("sources")
    void givesItsProposals(String name) throws IOException {
        Findings findings = read(name);
        assertThat(said(findings)).isEqualTo(Files.readString(FOLDER.resolve(name + ".expected")));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("sources")
    void everyPlaceIsInTheText(String name) throws IOException {
        Findings findings = read(name);
        assertThat(findings.proposals())
                .allSatisfy(proposal -> assertThat(proposal.at().to())
                        .isLessThanOrEqualTo(findings.text().length()));
        assertThat(findings.proposals()).extracting(Proposal::id).doesNotHaveDuplicates();
    }

    private static Findings read(String name) throws IOException {
        String region = name.matches("(?:04|06|09|14|26).*")
                ? "US"
                : name.startsWith("17") || name.startsWith("13") ? "DE" : name.startsWith("18") ? "FR" : "GB";
        Source source = Source.file(Files.readAllBytes(FOLDER.resolve(name)), name)
                .value()
                .orElseThrow();
        return PasteReader.read(source, TypedSheet.empty(region, 1), TODAY);
    }

    static String said(Findings findings) {
        String proposals = findings.proposals().stream()
                .map(proposal -> proposal.name() + ": " + proposal.says() + " [" + proposal.sureness()
                        + (proposal.standing() == Proposal.Standing.NEW ? "" : ", " + proposal.standing())
                        + (proposal.at().to() == 0 ? ", no place" : "") + "]"
                        + (proposal.choices().isEmpty() ? "" : " " + proposal.choices()) + "\n")
                .collect(Collectors.joining());
        String left = findings.notUnderstood().stream()
                .map(span ->
                        "? " + findings.text().substring(span.from(), span.to()).replace("\n", " / ") + "\n")
                .collect(Collectors.joining());
        return findings.kind() + "\n" + proposals + left
                + (findings.note().isEmpty() ? "" : "! " + findings.note() + "\n");
    }

    /** Writes what the sources give now, to be read and put right by hand. */
    public static void main(String[] names) throws IOException {
        for (String name : names.length == 0 ? sources().toList() : List.of(names)) {
            Files.writeString(FOLDER.resolve(name + ".expected"), said(read(name)), StandardCharsets.UTF_8);
        }
    }
}
