package org.livelyladle.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.web.filter.OncePerRequestFilter;

/** Signs the host of this machine in with the first request of a session. The server listens on loopback only. */
final class LocalSignInFilter extends OncePerRequestFilter {
    /** Whoever keeps no cookies makes a session with each request; until it comes back, it does not last. */
    private static final int UNPROVEN_SECONDS = 60;

    private static final int PROVEN_SECONDS = 1800;

    private final LocalHost localHost;
    private final HttpSessionSecurityContextRepository sessions = new HttpSessionSecurityContextRepository();

    LocalSignInFilter(LocalHost localHost) {
        this.localHost = localHost;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (SecurityContextHolder.getContext().getAuthentication() == null) {
            SecurityContext context = SecurityContextHolder.createEmptyContext();
            context.setAuthentication(
                    UsernamePasswordAuthenticationToken.authenticated(localHost.signIn(), null, List.of()));
            SecurityContextHolder.setContext(context);
            sessions.saveContext(context, request, response);
            request.getSession().setMaxInactiveInterval(UNPROVEN_SECONDS);
        } else {
            proven(request.getSession(false));
        }
        chain.doFilter(request, response);
    }

    private static void proven(@Nullable HttpSession session) {
        if (session != null && session.getMaxInactiveInterval() == UNPROVEN_SECONDS) {
            session.setMaxInactiveInterval(PROVEN_SECONDS);
        }
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/") || StatelessPaths.matches(request);
    }
}
