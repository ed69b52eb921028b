package ostium.core.paste;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.hours.BusinessDay;
import ostium.core.paste.PastedSources.Pasted;
import ostium.core.sheet.TypedSheet;

/** Every source gives its proposals: name, value and how sure; choices; what was not understood. */
class PastedSourcesTest {
    private static final Instant NOW = Instant.parse("2026-11-25T12:00:00Z");
    private static final BusinessDay TODAY = BusinessDay.at(NOW, ZoneId.of("Europe/London"));

    static List<Pasted> sources() {
        return PastedSources.ALL;
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("sources")
    void givesItsProposals(Pasted pasted) {
        assertThat(said(read(pasted))).isEqualTo(pasted.proposed());
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("sources")
    void everyPlaceIsInTheText(Pasted pasted) {
        Findings findings = read(pasted);
        assertThat(findings.proposals())
                .allSatisfy(proposal -> assertThat(proposal.at().to())
                        .isBetween(0, findings.text().length()));
        assertThat(findings.proposals()).extracting(Proposal::id).doesNotHaveDuplicates();
    }

    /** What has been taken is the same when the source is read again. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("sources")
    void whatWasTakenIsKnownTheSecondTime(Pasted pasted) {
        TypedSheet taken =
                Taking.all(TypedSheet.empty(pasted.region(), 1), read(pasted).proposals());
        Source source = source(pasted);
        assertThat(PasteReader.read(source, taken, TODAY).proposals())
                .filteredOn(proposal -> proposal.sureness() != Sureness.ASK)
                .filteredOn(proposal -> proposal.standing() == Proposal.Standing.NEW)
                .isEmpty();
    }

    private static Source source(Pasted pasted) {
        return Source.file(pasted.text().getBytes(StandardCharsets.UTF_8), pasted.name())
                .value()
                .orElseThrow();
    }

    private static Findings read(Pasted pasted) {
        return PasteReader.read(source(pasted), TypedSheet.empty(pasted.region(), 1), TODAY);
    }

    private static String said(Findings findings) {
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
}
