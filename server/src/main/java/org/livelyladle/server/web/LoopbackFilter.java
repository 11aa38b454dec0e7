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

/** Answers only requests meant for this machine: an unknown Host is 421, a foreign Origin 403. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class LoopbackFilter extends OncePerRequestFilter {
    private static final Set<String> NAMES = Set.of("localhost", "127.0.0.1", "[::1]");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!NAMES.contains(request.getServerName())) {
            response.sendError(421, "This server answers for localhost only");
        } else if (!isOwn(request.getHeader("Origin"), request)) {
            response.sendError(HttpServletResponse.SC_FORBIDDEN, "Foreign origin");
        } else {
            chain.doFilter(request, response);
        }
    }

    private static boolean isOwn(@Nullable String origin, HttpServletRequest request) {
        if (origin == null) {
            return true;
        }
        try {
            URI uri = URI.create(origin);
            return uri.getHost() != null && NAMES.contains(uri.getHost()) && uri.getPort() == request.getServerPort();
        } catch (IllegalArgumentException e) {
            return false;
        }
    }
}
