package org.livelyladle.server;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;

/** Somebody else's service or device: answers as it is told to, over real HTTP. */
public final class OtherServer implements AutoCloseable {
    private static final int OK = 200;
    private static final long DRIP_MS = 50;

    private final CountDownLatch over = new CountDownLatch(1);
    private final HttpServer server;

    public OtherServer() throws IOException {
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.start();
    }

    public URI address() {
        return URI.create("http://127.0.0.1:" + server.getAddress().getPort());
    }

    /** From now on all that is asked has this answer. */
    public void answering(int status, String body) {
        byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
        forget();
        server.createContext("/", exchange -> {
            exchange.sendResponseHeaders(status, bytes.length == 0 ? -1 : bytes.length);
            try (exchange) {
                exchange.getResponseBody().write(bytes);
            }
        });
    }

    /** From now on nothing that is asked is answered. */
    public void hanging() {
        forget();
        server.createContext("/", exchange -> {
            try (exchange) {
                over.await();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        });
    }

    /** From now on every answer goes on and on, a little at a time. */
    public void dripping() {
        forget();
        server.createContext("/", exchange -> {
            exchange.sendResponseHeaders(OK, 0);
            try (OutputStream out = exchange.getResponseBody()) {
                while (!over.await(DRIP_MS, TimeUnit.MILLISECONDS)) {
                    out.write(' ');
                    out.flush();
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        });
    }

    private void forget() {
        try {
            server.removeContext("/");
        } catch (IllegalArgumentException e) {
            // it was not told to answer anything before
        }
    }

    /** Nobody listens any more. */
    @Override
    public void close() {
        over.countDown();
        server.stop(0);
    }
}
