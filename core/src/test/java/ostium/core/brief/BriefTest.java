package ostium.core.brief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.Samples;
import ostium.core.brief.Brief.Assumption;
import ostium.core.fact.Area;
import ostium.core.fact.Fact;
import ostium.core.fact.Facts;
import ostium.core.trade.Goal;
import ostium.core.trade.TradeCatalogue;

class BriefTest {
    private static Brief of(String trade) {
        return Samples.read(Samples.of(TradeCatalogue.shipped().byId(trade), 2, 0))
                .brief();
    }

    private static Set<Assumption> denied(String words) {
        Set<Assumption> denied = EnumSet.noneOf(Assumption.class);
        if (words != null) {
            for (String word : words.split(" ")) {
                denied.add(Assumption.valueOf(word));
            }
        }
        return denied;
    }

    @Nested
    class WhoComesToWhom {
        @ParameterizedTest(name = "{0} without {1}: visits {2}, receives {3}")
        @CsvSource({
            "chimney-sweep,,true,false",
            "chimney-sweep,VISITS,false,true",
            "tailor,,false,true",
            "tailor,RECEIVES,true,false",
            // Some of the trade travel and some do not: a street says that people come, and nothing says that it
            // travels.
            "piano-tuner,,false,true",
            "piano-tuner,RECEIVES,true,false"
        })
        void isAssumedOfTheTradeUntilDenied(String trade, String denied, boolean visits, boolean receives) {
            Brief brief = of(trade).withDenied(denied(denied));
            assertThat(brief.visits()).isEqualTo(visits);
            assertThat(brief.receives()).isEqualTo(receives);
        }

        @Test
        void isKnownOnceTheOwnerNamesPlaces() {
            Facts facts = of("tailor").facts().with(Fact.typed("area", new Area(List.of("Tolver"))));
            assertThat(Brief.of(facts, Samples.NOW).visits()).isTrue();
        }
    }

    @ParameterizedTest(name = "{0} without {1}: urgent {2}")
    @CsvSource({"plumber,,true", "plumber,URGENT,false", "tailor,,false", "tailor,CALM,true"})
    void hurryIsAssumedOfTheTradeUntilDenied(String trade, String denied, boolean urgent) {
        assertThat(of(trade).withDenied(denied(denied)).urgent()).isEqualTo(urgent);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "chimney-sweep,VISITS CALM",
        "tailor,RECEIVES CALM",
        "piano-tuner,RECEIVES CALM",
        "plumber,VISITS URGENT"
    })
    void everyAssumptionIsListedInWords(String trade, String listed) {
        Brief brief = of(trade);
        assertThat(brief.assumptions()).containsExactly(denied(listed).toArray(Assumption[]::new));
        assertThat(brief.withDenied(denied(listed)).assumptions())
                .as("denied ones stay listed")
                .isEqualTo(brief.assumptions());
        assertThat(brief.assumptions())
                .allSatisfy(assumption -> assertThat(assumption.words()).isNotBlank());
    }

    @ParameterizedTest(name = "{0}, telephone {1}, form {2} → {3}")
    @CsvSource({
        "CALL,true,true,CALL",
        "CALL,false,true,WRITE",
        "BOOK,true,true,BOOK",
        "BOOK,true,false,CALL",
        "WRITE,true,false,CALL",
        "WRITE,false,true,WRITE",
        "VISIT,true,true,VISIT",
        "VISIT,false,true,VISIT"
    })
    void theGoalFallsBackToADoorThatWorks(Goal goal, boolean telephone, boolean form, Goal working) {
        Facts facts = of("tailor").facts();
        Facts known = telephone ? facts : facts.without(fact -> fact.id().equals("telephone"));
        assertThat(Brief.of(known, Samples.NOW).withGoal(goal).withForm(form).workingGoal())
                .isEqualTo(working);
    }

    @Test
    void practicesComeInTheOrderOfTheTrade() {
        Brief brief = Samples.brief("ashlatch");
        assertThat(brief.practices())
                .extracting(practice -> practice.key())
                .containsExactly("certificate", "sheets", "travel");
    }
}
