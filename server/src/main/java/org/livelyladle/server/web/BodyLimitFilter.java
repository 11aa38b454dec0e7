package org.livelyladle.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses bodies over {@value #MOST_BYTES} bytes, whether announced or only found out while reading. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class BodyLimitFilter extends OncePerRequestFilter {
    static final int MOST_BYTES = 1_000_000;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() > MOST_BYTES) {
            Refusal.write(
                    response,
                    HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE,
                    "A request is at most " + MOST_BYTES + " bytes long.");
            return;
        }
        chain.doFilter(new Limited(request), response);
    }

    /** Thrown while reading a body that turns out too long. */
    static final class BodyTooLongException extends IOException {
        BodyTooLongException() {
            super("A request is at most " + MOST_BYTES + " bytes long");
        }
    }

    private static final class Limited extends HttpServletRequestWrapper {
        Limited(HttpServletRequest request) {
            super(request);
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new CountingStream(super.getInputStream());
        }
    }

    private static final class CountingStream extends ServletInputStream {
        private final ServletInputStream in;
        private long read;

        CountingStream(ServletInputStream in) {
            this.in = in;
        }

        @Override
        public int read() throws IOException {
            int value = in.read();
            count(value < 0 ? 0 : 1);
            return value;
        }

        @Override
        public int read(byte[] buffer, int offset, int length) throws IOException {
            int count = in.read(buffer, offset, length);
            count(Math.max(0, count));
            return count;
        }

        private void count(int bytes) throws BodyTooLongException {
            read += bytes;
            if (read > MOST_BYTES) {
                throw new BodyTooLongException();
            }
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
