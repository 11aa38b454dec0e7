package org.livelyladle.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.WebUtils;

/**
 * Says who asks. From this machine that is its host, signed in with the first request of a session; from elsewhere it is
 * whoever paired the device, and nobody where it was not paired. What is a phone's own is answered by its device wherever
 * it asks from.
 */
final class SignInFilter extends OncePerRequestFilter {
    private static final String OF_PHONES = "/api/mine";
    /** Whoever keeps no cookies makes a session with each request; until it comes back, it does not last. */
    private static final int UNPROVEN_SECONDS = 60;

    private static final int PROVEN_SECONDS = 1800;

    private final LocalHost localHost;
    private final Devices devices;
    private final Nearness nearness;
    private final HttpSessionSecurityContextRepository sessions = new HttpSessionSecurityContextRepository();

    SignInFilter(LocalHost localHost, Devices devices, Nearness nearness) {
        this.localHost = localHost;
        this.devices = devices;
        this.nearness = nearness;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String path = request.getRequestURI();
        if (!nearness.isNear(request) || path.equals(OF_PHONES) || path.startsWith(OF_PHONES + "/")) {
            SecurityContextHolder.clearContext();
            byDevice(request).ifPresent(SignInFilter::set);
        } else if (!path.startsWith("/api/") || StatelessPaths.matches(request)) {
            set(authenticated(Role.HOST, "this machine"));
        } else if (SecurityContextHolder.getContext().getAuthentication() == null) {
            sessions.saveContext(set(authenticated(Role.HOST, localHost.signIn())), request, response);
            request.getSession().setMaxInactiveInterval(UNPROVEN_SECONDS);
        } else {
            proven(request.getSession(false));
        }
        chain.doFilter(request, response);
    }

    private Optional<Authentication> byDevice(HttpServletRequest request) {
        Cookie cookie = WebUtils.getCookie(request, Devices.COOKIE);
        // files of the page tell nothing of anybody
        boolean asks = request.getRequestURI().startsWith("/api/")
                || request.getRequestURI().startsWith("/v3/");
        return cookie == null || !asks
                ? Optional.empty()
                : devices.find(cookie.getValue()).map(known -> authenticated(known.role(), known.who()));
    }

    private static Authentication authenticated(Role role, Object who) {
        return UsernamePasswordAuthenticationToken.authenticated(
                who, null, List.of(new SimpleGrantedAuthority(role.authority())));
    }

    private static SecurityContext set(Authentication authentication) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(authentication);
        SecurityContextHolder.setContext(context);
        return context;
    }

    private static void proven(@Nullable HttpSession session) {
        if (session != null && session.getMaxInactiveInterval() == UNPROVEN_SECONDS) {
            session.setMaxInactiveInterval(PROVEN_SECONDS);
        }
    }
}
