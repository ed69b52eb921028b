package ostium.core.paste;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** An address that may hold more than an address is asked about. */
class AddressDoubtTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "9 Saltmarket, Sandgate Reach QH6 2PF",
                "Unit 2, Saltings Yard, Tolver QH5 3EE",
                "The Old Forge, Mill Lane, Tolver QH5 3EE",
                "Rear of 4 Quay St., Tolver QH5 3EE",
                "12 bis rue des Tanneurs, 37000 Marlieu",
                "Gartenweg 9, 24937 Marlstadt",
                "Calle de la Rosa, 4, bajo izq., 28999 Villarmenta",
                "5521 Prairie Rd, Marlin Springs, NM 87599",
                "12 Mill lane, Tolver QH5 3EE",
                "12 mill lane, tolver qh5 3ee",
            })
    void anAddressIsSure(String typed) {
        assertThat(AddressDoubt.of(typed)).isFalse();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "pick up from 9 Saltmarket, Sandgate Reach QH6 2PF",
                "Walk-ins only, 9 Saltmarket, Sandgate Reach QH6 2PF",
                "We moved. 9 Saltmarket, Sandgate Reach QH6 2PF",
                "Find us: 9 Saltmarket, Sandgate Reach QH6 2PF",
                "Barnaby Thrush, 9 Saltmarket, Sandgate Reach QH6 2PF",
                "Workshop open daily, 9 Saltmarket, Sandgate Reach QH6 2PF",
                "Termine nach Absprache, Gartenweg 9, 24937 Marlstadt",
            })
    void wordsThatAreNoAddressAreAsked(String typed) {
        assertThat(AddressDoubt.of(typed)).isTrue();
    }
}
