package org.livelyladle.server.web;

import java.io.IOException;
import java.net.Inet4Address;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
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

    HomeNetwork(@Value("${ladle.lan.enabled}") boolean isOn, @Value("${ladle.lan.names}") Set<String> moreNames) {
        this.isOn = isOn;
        this.addresses = isOn ? privateAddresses() : List.of();
        names.addAll(addresses);
        names.addAll(moreNames);
        if (isOn) {
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

    /** In figures, IPv4. */
    public List<String> addresses() {
        return addresses;
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
        boolean isUniqueLocal = address instanceof Inet6Address && (address.getAddress()[0] & 0xfe) == 0xfc;
        return address.isSiteLocalAddress() || address.isLinkLocalAddress() || isUniqueLocal;
    }

    private static List<String> privateAddresses() {
        try {
            return NetworkInterface.networkInterfaces()
                    .flatMap(NetworkInterface::inetAddresses)
                    .filter(address -> address instanceof Inet4Address && address.isSiteLocalAddress())
                    .map(InetAddress::getHostAddress)
                    .sorted()
                    .toList();
        } catch (SocketException e) {
            LOG.warn("The addresses of this machine cannot be read", e);
            return Collections.emptyList();
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
