package org.livelyladle.server.web;

import java.util.Map;
import org.springframework.http.HttpStatus;

/** A request that cannot be carried out, with what the caller needs to go on. */
public class RefusedException extends RuntimeException {
    private final HttpStatus status;
    private final transient Map<String, Object> more;

    public RefusedException(HttpStatus status, String message) {
        this(status, message, Map.of());
    }

    public RefusedException(HttpStatus status, String message, Map<String, Object> more) {
        super(message);
        this.status = status;
        this.more = Map.copyOf(more);
    }

    HttpStatus status() {
        return status;
    }

    Map<String, Object> more() {
        return more;
    }
}
