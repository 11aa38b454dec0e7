package org.livelyladle.server.standin;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpHandler;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;

/** A small HTTP server on a loopback port of its own. */
final class Loopback {
    static final int OK = 200;
    static final int BAD_REQUEST = 400;
    static final int AWAY = 503;

    private final HttpServer server;

    Loopback(String path, HttpHandler answer) {
        try {
            server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        } catch (IOException e) {
            throw new UncheckedIOException("No loopback port is free for a stand-in", e);
        }
        server.createContext(path, answer);
        server.start();
    }

    URI address() {
        return URI.create("http://127.0.0.1:" + server.getAddress().getPort());
    }

    static void write(HttpExchange exchange, int status, String json) throws IOException {
        write(exchange, status, json.getBytes(StandardCharsets.UTF_8));
    }

    static void write(HttpExchange exchange, int status, byte[] json) throws IOException {
        exchange.getResponseHeaders().set("Content-Type", "application/json");
        exchange.sendResponseHeaders(status, json.length);
        try (exchange) {
            exchange.getResponseBody().write(json);
        }
    }

    void stop() {
        server.stop(0);
    }
}
