package org.livelyladle.server.web;

import java.io.IOException;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Whether this server is to be reached from the home network, and under which addresses: the private ones this machine
 * had when it started. A public address is never listened to.
 */
@Component
public class HomeNetwork {
    private static final Logger LOG = LoggerFactory.getLogger(HomeNetwork.class);
    private static final Path HOST_NAME = Path.of("/proc/sys/kernel/hostname");

    private final boolean isOn;
    private final List<String> addresses;
    private final Set<String> names = new LinkedHashSet<>(List.of("localhost", "127.0.0.1", "[::1]"));
    private final List<InetAddress> own;

    HomeNetwork(@Value("${ladle.lan.enabled}") boolean isOn, @Value("${ladle.lan.names}") Set<String> moreNames) {
        this.isOn = isOn;
        this.own = isOn ? privateAddresses() : List.of();
        this.addresses = own.stream().map(HomeNetwork::inAddress).toList();
        names.addAll(addresses);
        names.addAll(moreNames);
        if (isOn) {
            LOG.info("On the home network at {}", String.join(" ", addresses));
            String name = hostName();
            if (!name.isEmpty()) {
                names.add(name);
                names.add(name + ".local");
            }
        }
    }

    public boolean isOn() {
        return isOn;
    }

    /** As they stand in an address of the page. */
    public List<String> addresses() {
        return addresses;
    }

    List<InetAddress> own() {
        return own;
    }

    /** IPv6 in brackets (RFC 3986) and short (RFC 5952), as browsers write it. */
    private static String inAddress(InetAddress address) {
        String figures = address.getHostAddress().replaceFirst("%.*", "");
        return address instanceof Inet6Address ? "[" + figures.replaceFirst("(^|:)(0(:|$)){2,}", "::") + "]" : figures;
    }

    /** What the Host of an honest request may be. */
    boolean isOwnName(String name) {
        return names.contains(name.toLowerCase(Locale.ROOT));
    }

    /** Whether somebody asks from this machine or from a home network; the rest of the world is not answered. */
    static boolean isPrivate(String figures) {
        try {
            InetAddress address = InetAddress.getByName(figures);
            return address.isLoopbackAddress() || isHome(address);
        } catch (UnknownHostException e) {
            return false;
        }
    }

    /** RFC 1918, RFC 3927, RFC 4193 and RFC 4291 (link-local). */
    private static boolean isHome(InetAddress address) {
        return address.isSiteLocalAddress() || address.isLinkLocalAddress() || isUniqueLocal(address);
    }

    private static boolean isUniqueLocal(InetAddress address) {
        return address instanceof Inet6Address && (address.getAddress()[0] & 0xfe) == 0xfc;
    }

    /** Those of the old kind first: they are shorter to type. */
    private static List<InetAddress> privateAddresses() {
        try {
            return NetworkInterface.networkInterfaces()
                    .flatMap(NetworkInterface::inetAddresses)
                    .filter(address -> address.isSiteLocalAddress() || isUniqueLocal(address))
                    .sorted(Comparator.comparing((InetAddress address) -> address instanceof Inet6Address)
                            .thenComparing(InetAddress::getHostAddress))
                    .toList();
        } catch (SocketException e) {
            LOG.warn("The addresses of this machine cannot be read", e);
            return List.of();
        }
    }

    private static String hostName() {
        try {
            return Files.readString(HOST_NAME).strip().toLowerCase(Locale.ROOT);
        } catch (IOException e) {
            return "";
        }
    }
}
