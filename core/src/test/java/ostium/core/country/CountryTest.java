package ostium.core.country;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.ZoneId;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.fact.PostalCode;

/** The data of the countries: whole, and true to itself. */
class CountryTest {
    static Stream<Country> countries() {
        return Country.all().stream();
    }

    @Test
    void thereAreTheTwelveThatAreAsked() {
        assertThat(Country.all())
                .extracting(Country::code)
                .containsExactly("GB", "IE", "US", "CA", "AU", "NZ", "DE", "FR", "ES", "IT", "NL", "PT");
    }

    @ParameterizedTest
    @MethodSource("countries")
    void theExampleOfAPostalCodeIsOne(Country country) {
        assertThat(PostalCode.read(country.example(), country).value()).contains(country.example());
    }

    @ParameterizedTest
    @MethodSource("countries")
    void everyZoneIsOneAndEveryRegionKeepsAtMostOne(Country country) {
        assertThat(country.zones())
                .isNotEmpty()
                .allSatisfy(zone -> assertThat(ZoneId.of(zone)).isNotNull());
        assertThat(country.zones()).containsAll(country.zoneOf().keySet());
        Set<String> seen = new HashSet<>();
        for (List<String> regions : country.zoneOf().values()) {
            assertThat(regions).allSatisfy(region -> {
                assertThat(country.regions()).containsKey(region);
                assertThat(seen.add(region)).as(region).isTrue();
            });
        }
    }

    @ParameterizedTest
    @MethodSource("countries")
    void itIsKnownByItsOwnNameAndSpeaksALanguage(Country country) {
        assertThat(Country.called(country.name())).contains(country);
        assertThat(country.languages()).isNotEmpty();
    }

    @Test
    void anUnknownCountryIsTheUnitedKingdomAndACodeAloneIsNoCountry() {
        assertThat(Country.of("XX").code()).isEqualTo("GB");
        assertThat(Country.called("DE")).isEmpty();
    }

    @Test
    void whoHasToBeAskedForTheirClock() {
        assertThat(Country.of("GB").asksZone("")).isFalse();
        assertThat(Country.of("US").asksZone("TX")).isTrue();
        assertThat(Country.of("US").asksZone("ME")).isFalse();
        assertThat(Country.of("AU").asksZone("")).isTrue();
    }
}
