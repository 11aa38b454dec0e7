package org.livelyladle.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Answers only requests meant for this machine: an unknown Host is 421, a foreign Origin or a public address 403. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class OwnNamesFilter extends OncePerRequestFilter {
    private static final int MISDIRECTED = 421;
    private static final int HTTP_PORT = 80;
    private static final int HTTPS_PORT = 443;
    private static final Set<String> OWN_SITES = Set.of("same-origin", "none");

    private final HomeNetwork network;

    OwnNamesFilter(HomeNetwork network) {
        this.network = network;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!network.isOwnName(request.getServerName())) {
            Refusal.write(
                    response,
                    MISDIRECTED,
                    network.isOn()
                            ? "This server answers for its own names and private addresses only."
                            : "This server answers for localhost only.");
        } else if (!HomeNetwork.isPrivate(request.getRemoteAddr())) {
            Refusal.write(response, HttpServletResponse.SC_FORBIDDEN, "Only devices of the home network are answered.");
        } else if (!isOwn(request.getHeader("Origin"), request) || isSentByAnotherSite(request)) {
            Refusal.write(response, HttpServletResponse.SC_FORBIDDEN, "Pages of other sites may not ask this server.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private static int port(URI uri) {
        int usual = "https".equals(uri.getScheme()) ? HTTPS_PORT : HTTP_PORT;
        return uri.getPort() < 0 ? usual : uri.getPort();
    }

    /** By what browsers say of themselves; a link from elsewhere may still lead to the page. */
    private static boolean isSentByAnotherSite(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        return site != null
                && !OWN_SITES.contains(site)
                && request.getRequestURI().startsWith("/api/");
    }

    private boolean isOwn(@Nullable String origin, HttpServletRequest request) {
        if (origin == null) {
            return true;
        }
        try {
            URI uri = URI.create(origin);
            return request.getScheme().equals(uri.getScheme())
                    && uri.getHost() != null
                    && network.isOwnName(uri.getHost())
                    && port(uri) == request.getServerPort();
        } catch (IllegalArgumentException e) {
            return false;
        }
    }
}
