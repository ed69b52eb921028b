package ostium.core.brief;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;

/** Who speaks on a page. */
class VoiceTest {
    private static Facts facts(String name, String... people) {
        Facts facts = Facts.none("GB").with(Fact.typed("name", new FactValue.Name(name)));
        for (int i = 0; i < people.length; i++) {
            facts = facts.with(Fact.typed(i == 0 ? "person" : "person/" + i, new FactValue.Person(people[i])));
        }
        return facts;
    }

    @Nested
    class FromTheFacts {
        @Test
        void oneWhoIsNamedAndNobodyElseIsAnI() {
            assertThat(Voice.of(facts("Tolver Cycle Nurse", "Nia Okoro"))).isEqualTo(Voice.I);
            assertThat(Voice.of(facts("Hester Quayle", "Hester Quayle"))).isEqualTo(Voice.I);
        }

        @Test
        void severalOrNobodyIsAWe() {
            assertThat(Voice.of(facts("Saltmarsh Roofing", "Neil Stannard", "Amy Stannard")))
                    .isEqualTo(Voice.WE);
            assertThat(Voice.of(facts("Saltmarsh Roofing"))).isEqualTo(Voice.WE);
        }

        @ParameterizedTest
        @CsvSource({"Pell & Sons", "Harrow and Daughter", "Wren Brothers", "Marl Removals Ltd"})
        void aNameThatMeansSeveralIsAWe(String name) {
            assertThat(Voice.of(facts(name, "Ada Pell"))).isEqualTo(Voice.WE);
            assertThat(Voice.areSeveral(facts(name))).isTrue();
        }

        @Test
        void ownWordsAreHeard() {
            Facts we = facts("Marl Gardens", "Bram Lanyon")
                    .with(Fact.typed("words", new FactValue.OwnWords("We like old roses.")));
            assertThat(Voice.of(we)).isEqualTo(Voice.WE);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "We come to you.|I come to you.",
                "You find us at 1 Mill Lane.|You find me at 1 Mill Lane.",
                "We are at our door.|I am at my door.",
                "Animals in our care are insured.|Animals in my care are insured.",
                "If they come back, so do we.|If they come back, so do I.",
                "The west wind is ours.|The west wind is mine."
            })
    void putsTheSentenceIntoTheMouthOfOne(String several, String one) {
        assertThat(Voice.I.say(several)).isEqualTo(one);
        assertThat(Voice.WE.say(several)).isEqualTo(several);
    }

    @Test
    void isHeardInWords() {
        assertThat(Voice.heardIn("Ask me.")).contains(Voice.I);
        assertThat(Voice.heardIn("I come to you.")).contains(Voice.I);
        assertThat(Voice.heardIn("Our van is green.")).contains(Voice.WE);
        assertThat(Voice.heardIn("The van is green.")).isEmpty();
    }
}
