package baylantern.app.share;

import java.net.Inet4Address;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The names and addresses this machine has in the farm's own network; nothing that could be reached from elsewhere. */
final class FarmNet {

    /** The networks that are nobody's but the farm's, as an authority may speak for them (RFC 1918, 3927, 4193, 6598). */
    static final List<String> OWN = List.of(
            "127.0.0.0/8",
            "10.0.0.0/8",
            "172.16.0.0/12",
            "192.168.0.0/16",
            "169.254.0.0/16",
            "100.64.0.0/10",
            "::1/128",
            "fc00::/7",
            "fe80::/10");

    /** Endings of names that lead nowhere but into a farm's own network (RFC 6762, 8375). */
    static final List<String> ENDINGS = List.of("localhost", "local", "home.arpa", "lan");

    private static final Pattern ZEROS = Pattern.compile("(^|:)0(:0)+(:|$)");

    private FarmNet() {}

    /** What the machine goes by: names in small letters, and addresses as they are written. */
    record Here(Set<String> names, Set<String> addresses) {

        /** The first address other machines reach it by, or its loopback address where there is none. */
        String best() {
            return addresses.stream()
                    .filter(address -> !address.startsWith("127.") && !address.contains(":"))
                    .findFirst()
                    .orElseGet(() -> addresses.stream()
                            .filter(address -> address.contains(":") && !address.equals("0:0:0:0:0:0:0:1"))
                            .map(address -> "[" + shortened(address) + "]")
                            .findFirst()
                            .orElse("127.0.0.1"));
        }
    }

    /** What the machine goes by now. */
    static Here here() {
        Set<String> names = new TreeSet<>(Set.of("localhost"));
        Set<String> addresses = new TreeSet<>(Set.of("127.0.0.1", "0:0:0:0:0:0:0:1"));
        String name = machineName();
        if (!name.isEmpty()) {
            names.add(name);
            names.add(name + ".local");
        }
        for (InetAddress address : addresses()) {
            if (isOwn(address) && !address.isLinkLocalAddress()) {
                addresses.add(plain(address));
            }
        }
        return new Here(Collections.unmodifiableSet(names), Collections.unmodifiableSet(addresses));
    }

    /** The machine's own name up to its first dot, empty where it has none that can be written. */
    static String machineName() {
        try {
            String name = InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
            String first = name.split("\\.", 2)[0];
            return first.matches("[a-z][a-z0-9-]{0,62}") ? first : "";
        } catch (UnknownHostException e) {
            return "";
        }
    }

    /** True for an address in a network that is nobody's but the farm's. */
    static boolean isOwn(InetAddress address) {
        if (address.isLoopbackAddress() || address.isLinkLocalAddress() || address.isSiteLocalAddress()) {
            return true;
        }
        byte[] bytes = address.getAddress();
        if (address instanceof Inet6Address) {
            return (bytes[0] & 0xfe) == 0xfc;
        }
        return (bytes[0] & 0xff) == 100 && (bytes[1] & 0xc0) == 64;
    }

    /** The address as it is written, without the way to it. */
    static String plain(InetAddress address) {
        String written = address.getHostAddress();
        int way = written.indexOf('%');
        return way < 0 ? written : written.substring(0, way);
    }

    /** An address of eight groups as people write it: the first longest run of two zeros or more is left out (RFC 5952). */
    static String shortened(String address) {
        Matcher zeros = ZEROS.matcher(address);
        MatchResult longest = null;
        while (zeros.find()) {
            if (longest == null || zeros.group().length() > longest.group().length()) {
                longest = zeros.toMatchResult();
            }
        }
        return longest == null
                ? address
                : address.substring(0, longest.start()) + "::" + address.substring(longest.end());
    }

    private static List<InetAddress> addresses() {
        List<InetAddress> all = new ArrayList<>();
        try {
            for (NetworkInterface each : Collections.list(NetworkInterface.getNetworkInterfaces())) {
                if (each.isUp()) {
                    all.addAll(Collections.list(each.getInetAddresses()));
                }
            }
        } catch (SocketException e) {
            // A machine whose network cannot be asked has its loopback address still.
            return List.of();
        }
        all.removeIf(address -> !(address instanceof Inet4Address || address instanceof Inet6Address));
        return all;
    }
}
