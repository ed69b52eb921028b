package ostium.app.outside;

import java.net.InetAddress;
import java.net.UnknownHostException;
import org.apache.hc.client5.http.DnsResolver;
import org.apache.hc.client5.http.SystemDefaultDnsResolver;

/**
 * Finds only machines of the open net, so that nobody reaches, through us, what stands behind our own walls. It is asked at every
 * connection, and the connection is made to what it answered: a name that leads elsewhere a moment later gains nothing.
 */
final class PublicAddresses implements DnsResolver {
    private final boolean loopback;

    /** @param loopback whether this machine itself may be asked, for the stand-ins of the demo */
    PublicAddresses(boolean loopback) {
        this.loopback = loopback;
    }

    @Override
    public InetAddress[] resolve(String host) throws UnknownHostException {
        InetAddress[] found = SystemDefaultDnsResolver.INSTANCE.resolve(host);
        for (InetAddress address : found) {
            boolean own = loopback && address.isLoopbackAddress();
            if (!own && !isPublic(address)) {
                throw new UnknownHostException(host);
            }
        }
        return found;
    }

    @Override
    public String resolveCanonicalHostname(String host) throws UnknownHostException {
        return SystemDefaultDnsResolver.INSTANCE.resolveCanonicalHostname(host);
    }

    /** Whether it is none of the addresses with a special purpose (IANA registries, RFC 6890). */
    static boolean isPublic(InetAddress address) {
        boolean special = address.isAnyLocalAddress()
                || address.isLoopbackAddress()
                || address.isLinkLocalAddress()
                || address.isSiteLocalAddress()
                || address.isMulticastAddress();
        byte[] bytes = address.getAddress();
        return !special && (bytes.length == 4 ? isPublic4(bytes) : isPublic6(bytes));
    }

    private static boolean isPublic4(byte[] bytes) {
        int first = bytes[0] & 0xff;
        int second = bytes[1] & 0xff;
        boolean shared = first == 100 && second >= 64 && second < 128;
        boolean measured = first == 198 && (second == 18 || second == 19);
        boolean protocols = first == 192 && second == 0 && bytes[2] == 0;
        return first != 0 && first < 224 && !shared && !measured && !protocols;
    }

    /** Only what is given out to be reached from everywhere: 2000::/3, and of it nothing that carries an older address. */
    private static boolean isPublic6(byte[] bytes) {
        boolean given = (bytes[0] & 0xe0) == 0x20;
        boolean sixToFour = bytes[0] == 0x20 && bytes[1] == 0x02;
        boolean teredo = bytes[0] == 0x20 && bytes[1] == 0x01 && bytes[2] == 0 && bytes[3] == 0;
        return given && !sixToFour && !teredo;
    }
}
