package org.livelyladle.server.access;

import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Which requests come from this machine itself: those from the addresses set as its own, nobody else. What comes by the
 * machine's address on the home network is treated like any other device there.
 */
@Component
public class Nearness {
    private final Set<InetAddress> own;

    Nearness(@Value("${ladle.access.own-addresses}") String[] own) {
        this.own = Arrays.stream(own).map(Nearness::address).collect(Collectors.toUnmodifiableSet());
    }

    /** Never looks a name up: a remote address is always written in figures. */
    private static InetAddress address(String figures) {
        try {
            return InetAddress.getByName(figures);
        } catch (UnknownHostException e) {
            throw new IllegalArgumentException(figures + " is no address", e);
        }
    }

    public boolean isNear(HttpServletRequest request) {
        return own.contains(address(request.getRemoteAddr()));
    }
}
