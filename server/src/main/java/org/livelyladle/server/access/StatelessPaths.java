package org.livelyladle.server.access;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Set;

/** Requests that only compute: no session, no token, nothing stored. */
final class StatelessPaths {
    private static final Set<String> PATHS = Set.of(
            "/api/plan",
            "/api/packs",
            "/api/learning",
            "/api/heat/core-time",
            "/api/heat/window",
            "/api/heat/boiling-point",
            "/api/heat/side",
            "/api/briefs/edits",
            "/api/broths/choices",
            "/api/broths/evening",
            "/api/table-audit",
            "/api/table-sequence");

    private StatelessPaths() {}

    static boolean matches(HttpServletRequest request) {
        return PATHS.contains(request.getRequestURI());
    }
}
