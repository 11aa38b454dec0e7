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

/** Refuses bodies over so many bytes, whether announced or only found out while reading; a backup may have more. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class BodyLimitFilter extends OncePerRequestFilter {
    static final int MOST_BYTES = 1_000_000;
    private static final int MOST_BACKUP_BYTES = 100_000_000;
    private static final String BACKUP = "/api/backup";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        int most = BACKUP.equals(request.getRequestURI()) ? MOST_BACKUP_BYTES : MOST_BYTES;
        if (request.getContentLengthLong() > most) {
            Refusal.write(
                    response,
                    HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE,
                    "A request is at most " + most + " bytes long.");
            return;
        }
        chain.doFilter(new Limited(request, most), response);
    }

    /** Thrown while reading a body that turns out too long. */
    static final class BodyTooLongException extends IOException {
        BodyTooLongException(int most) {
            super("A request is at most " + most + " bytes long");
        }
    }

    private static final class Limited extends HttpServletRequestWrapper {
        private final int most;

        Limited(HttpServletRequest request, int most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new CountingStream(super.getInputStream(), most);
        }
    }

    private static final class CountingStream extends ServletInputStream {
        private final ServletInputStream in;
        private final int most;
        private long read;

        CountingStream(ServletInputStream in, int most) {
            this.in = in;
            this.most = most;
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
            if (read > most) {
                throw new BodyTooLongException(most);
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
