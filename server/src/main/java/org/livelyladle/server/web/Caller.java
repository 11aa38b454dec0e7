package org.livelyladle.server.web;

import org.apache.catalina.connector.Request;
import org.apache.coyote.ActionCode;
import org.jspecify.annotations.Nullable;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * Who sent the request that is being answered. Tomcat only notices that somebody has left when it reads or writes, which
 * it does not while an answer is computed; so this looks at the connection without waiting.
 */
final class Caller {
    private static final String ATTRIBUTE = Caller.class.getName();

    private final org.apache.coyote.Request connection;
    private boolean lookedAt;

    private Caller(Request request) {
        connection = request.getCoyoteRequest();
    }

    /** Remembers with a request who sent it. */
    static void remember(Request request) {
        request.setAttribute(ATTRIBUTE, new Caller(request));
    }

    /** Who sent the request of this thread; null where no connection carries it. */
    static @Nullable Caller current() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        return request == null ? null : (Caller) request.getAttribute(ATTRIBUTE, RequestAttributes.SCOPE_REQUEST);
    }

    /** True when the other end has closed the connection. Only while nobody else reads from it or writes to it. */
    boolean isGone() {
        lookedAt = true;
        return readable(true) && !readable(false);
    }

    /**
     * A look can drop what was sent ahead of the answer, so no further request is read from a connection that was looked
     * at: its end tells the other side to send such a request again (RFC 9112, 9.3.2). Before the answer is written.
     */
    void release() {
        if (lookedAt) {
            connection.getResponse().setHeader("Connection", "close");
        }
    }

    /** A closed connection counts as readable when it is looked at, and has nothing to read afterwards. */
    private boolean readable(boolean look) {
        connection.action(ActionCode.AVAILABLE, look);
        return connection.getAvailable() > 0;
    }
}
