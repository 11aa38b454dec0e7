package org.livelyladle.server.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import tools.jackson.databind.json.JsonMapper;

/** Problems (RFC 9457) where no controller answers: in filters, and where the server itself refuses. */
public final class Refusal {
    private static final JsonMapper MAPPER = JsonMapper.shared();

    private record Problem(String title, int status, String detail) {}

    private Refusal() {}

    /** Answers with a problem, unless something was answered already. */
    public static void write(HttpServletResponse response, int status, String detail) throws IOException {
        if (response.isCommitted()) {
            return;
        }
        HttpStatus known = HttpStatus.resolve(status);
        response.setStatus(status);
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream()
                .write(MAPPER.writeValueAsString(
                                new Problem(known == null ? "Refused" : known.getReasonPhrase(), status, detail))
                        .getBytes(StandardCharsets.UTF_8));
    }
}
