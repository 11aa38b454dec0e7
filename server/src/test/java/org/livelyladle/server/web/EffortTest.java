package org.livelyladle.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jakarta.servlet.http.HttpServlet;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.check.Patience;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServer;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

class EffortTest {
    private static final int SOON_SECONDS = 30;

    private final Effort effort = new Effort();

    @AfterEach
    void close() {
        effort.close();
    }

    /** Works on until nobody waits any more. */
    private static String forEver(CountDownLatch begun) {
        begun.countDown();
        while (true) {
            Patience.check();
            Thread.onSpinWait();
        }
    }

    /** The real Tomcat with a servlet that computes: for ever, or what was sent. */
    private final class Computing extends HttpServlet {
        private final CountDownLatch begun = new CountDownLatch(1);
        private final CompletableFuture<RuntimeException> refused = new CompletableFuture<>();

        @Override
        protected void doPost(HttpServletRequest request, HttpServletResponse response) throws IOException {
            byte[] body = request.getInputStream().readAllBytes();
            RequestContextHolder.setRequestAttributes(new ServletRequestAttributes(request));
            try {
                response.getOutputStream()
                        .write(effort.spend(
                                null,
                                () -> body.length == 0
                                        ? forEver(begun).getBytes(StandardCharsets.UTF_8)
                                        : slowly(body)));
            } catch (RefusedException e) {
                refused.complete(e);
            } finally {
                RequestContextHolder.resetRequestAttributes();
            }
        }

        private byte[] slowly(byte[] body) {
            try {
                Thread.sleep(600);
            } catch (InterruptedException e) {
                throw new IllegalStateException("Nobody should have given up", e);
            }
            return body;
        }
    }

    private interface Talk {
        void with(int port, Computing servlet) throws Exception;
    }

    private void serve(Talk talk) throws Exception {
        TomcatServletWebServerFactory factory = new TomcatServletWebServerFactory(0);
        new PlainTomcat().customize(factory);
        Computing servlet = new Computing();
        WebServer server = factory.getWebServer(
                context -> context.addServlet("computing", servlet).addMapping("/"));
        server.start();
        try {
            talk.with(server.getPort(), servlet);
        } finally {
            server.destroy();
        }
    }

    private static Socket ask(int port, String body) throws IOException {
        Socket socket = new Socket("127.0.0.1", port);
        socket.setSoTimeout(SOON_SECONDS * 1000);
        socket.getOutputStream()
                .write(("POST / HTTP/1.1\r\nHost: localhost\r\nContent-Length: " + body.length() + "\r\n\r\n" + body)
                        .getBytes(StandardCharsets.US_ASCII));
        return socket;
    }

    @Test
    void whatNobodyWaitsForIsGivenUp() throws Exception {
        serve((port, servlet) -> {
            Socket socket = ask(port, "");
            assertThat(servlet.begun.await(SOON_SECONDS, TimeUnit.SECONDS)).isTrue();

            socket.close();

            assertThat(servlet.refused.get(SOON_SECONDS, TimeUnit.SECONDS)).hasMessage("Whoever asked is gone.");
            assertThat(effort.isIdle()).isTrue();
        });
    }

    /** Whoever sends ahead on a connection that was looked at is told to send again, and nothing is mistaken for a request. */
    @Test
    void whoWaitsIsAnswered() throws Exception {
        serve((port, servlet) -> {
            try (Socket socket = ask(port, "first")) {
                socket.getOutputStream()
                        .write("POST / HTTP/1.1\r\nHost: localhost\r\nContent-Length: 6\r\n\r\nsecond"
                                .getBytes(StandardCharsets.US_ASCII));
                String answers = new String(socket.getInputStream().readAllBytes(), StandardCharsets.US_ASCII);

                assertThat(answers)
                        .startsWith("HTTP/1.1 200")
                        .contains("Connection: close")
                        .endsWith("first");
            }
        });
    }

    @Test
    void whatTakesTooLongIsRefusedWithWhatWouldHelp() {
        assertThatThrownBy(() -> effort.spend(null, () -> forEver(new CountDownLatch(1))))
                .hasMessage("This takes more than 5 s to compute. "
                        + "Fewer guests, sides, kinds of food or offers make it quicker.");
        assertThat(Thread.currentThread().isInterrupted()).isFalse();
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void onlyTheSamePageGivesUpWhatItAskedBefore(boolean same) throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CompletableFuture<String> first =
                CompletableFuture.supplyAsync(() -> effort.spend("page", () -> forEver(begun)));
        assertThat(begun.await(SOON_SECONDS, TimeUnit.SECONDS)).isTrue();

        String second = effort.spend(same ? "page" : "another", () -> "now");

        assertThat(second).isEqualTo("now");
        if (!same) {
            assertThat(first).isNotDone();
            effort.spend("page", () -> "anew");
        }
        assertThatThrownBy(first::get).isInstanceOf(ExecutionException.class).hasMessageContaining("has asked anew");
    }
}
