package ostium.app.outside;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.InetAddress;
import java.net.UnknownHostException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Which machines may be asked at an address that somebody typed. */
class PublicAddressesTest {
    @ParameterizedTest
    @ValueSource(strings = {"203.0.114.7", "8.8.4.4", "100.63.1.1", "192.0.1.1", "2a00:1450::1"})
    void machinesOfTheOpenNet(String address) throws UnknownHostException {
        assertThat(PublicAddresses.isPublic(InetAddress.getByName(address))).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "127.0.0.1",
                "127.8.8.8",
                "10.0.0.1",
                "172.16.4.1",
                "192.168.1.1",
                "169.254.169.254",
                "100.64.0.1",
                "198.18.0.1",
                "192.0.0.8",
                "0.0.0.0",
                "0.1.2.3",
                "224.0.0.1",
                "240.0.0.1",
                "255.255.255.255",
                "::1",
                "::",
                "fe80::1",
                "fc00::1",
                "fd12::1",
                "::ffff:127.0.0.1",
                "64:ff9b::7f00:1",
                "2002:7f00:1::1",
                "2001:0:1::1"
            })
    void nothingBehindOurOwnWalls(String address) throws UnknownHostException {
        assertThat(PublicAddresses.isPublic(InetAddress.getByName(address))).isFalse();
    }

    @Test
    void aNameThatLeadsHereIsNotKnown() {
        assertThatThrownBy(() -> new PublicAddresses(false).resolve("localhost"))
                .isInstanceOf(UnknownHostException.class);
        assertThatThrownBy(() -> new PublicAddresses(true).resolve("10.0.0.1"))
                .isInstanceOf(UnknownHostException.class);
    }

    @Test
    void theDemoMayAskItsOwnStandIns() throws UnknownHostException {
        assertThat(new PublicAddresses(true).resolve("127.0.0.1")).hasSize(1);
    }
}
