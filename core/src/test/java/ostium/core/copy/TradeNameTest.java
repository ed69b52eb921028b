package ostium.core.copy;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.trade.TradeCatalogue;

/** The owner's word for the trade in the forms a sentence needs, and never a broader or a narrower one. */
class TradeNameTest {
    private static TradeName name(String owners, String trade) {
        return TradeName.of(owners, TradeCatalogue.shipped().byId(trade));
    }

    @ParameterizedTest(name = "{0} is {2} by {3}")
    @CsvSource(
            nullValues = "-",
            value = {
                "plumber, plumber, plumbing, plumber",
                "Plumbing, plumber, plumbing, plumber",
                "chimney sweep, chimney-sweep, chimney sweeping, chimney sweep",
                "local chimney sweep, chimney-sweep, chimney sweeping, local chimney sweep",
                "dog groomer, dog-groomer, dog grooming, dog groomer",
                "physiotherapist, physiotherapist, physiotherapy, physiotherapist",
                "accountant, accountant, accountancy, accountant",
                "bike repair, bicycle-repair, bike repair, -",
                "piano teacher, music-teacher, piano lessons, piano teacher",
                // Narrower or broader than the catalogue's: the owner's word stands alone.
                "bookkeeper, accountant, -, bookkeeper",
                "pet groomer, dog-groomer, -, pet groomer",
                "boiler repair, plumber, boiler repair, -"
            })
    void knowsTheWorkAndTheOneWhoDoesIt(String owners, String trade, String activity, String person) {
        TradeName name = name(owners, trade);
        assertThat(name.activity()).isEqualTo(Optional.ofNullable(activity));
        assertThat(name.person()).isEqualTo(Optional.ofNullable(person));
        assertThat(name.place()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"bakery, baker", "pet shop, aquarist", "riding school, riding-school", "nail salon, nail-technician"})
    void knowsAPlaceFromThoseWhoWorkThere(String owners, String trade) {
        TradeName name = name(owners, trade);
        assertThat(name.place()).contains(owners);
        assertThat(name.activity()).isEmpty();
        assertThat(name.before(true)).isEqualTo(owners);
    }

    @Test
    void severalAreMoreThanOne() {
        assertThat(name("undertaker", "funeral-director").before(true)).isEqualTo("undertakers");
        assertThat(name("undertaker", "funeral-director").before(false)).isEqualTo("undertaker");
        assertThat(name("plumber", "plumber").before(true)).isEqualTo("plumbing");
    }

    @Test
    void keepsCapitalsThatAreNotThoseOfASentence() {
        assertThat(name("MOT testing", "vehicle-testing").said()).isEqualTo("MOT testing");
        assertThat(name("Dog groomer", "dog-groomer").said()).isEqualTo("dog groomer");
    }
}
