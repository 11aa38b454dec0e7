package org.livelyladle.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;

/** The built server on a port of its own, once for the whole run, on the throw-away database of {@code ./ladle test}. */
final class RunningServer {
    /** A Tuesday afternoon; the demo parties take place on the Saturday after. */
    static final String CLOCK = "2026-11-24T15:00:00Z";

    private static final Duration LONGEST_START = Duration.ofMinutes(2);
    private static final long PAUSE_MS = 100;
    private static final String JAVA =
            Path.of(System.getProperty("java.home"), "bin", "java").toString();
    private static final Path APP = Path.of("target/app");
    private static final RunningServer INSTANCE = new RunningServer();

    private final String address;

    private RunningServer() {
        int port = freePort();
        address = "http://localhost:" + port;
        Process process = start(port);
        Runtime.getRuntime().addShutdownHook(new Thread(process::destroy));
        awaitAnswer(process);
    }

    static String address() {
        return INSTANCE.address;
    }

    private static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Unpacked it starts in half the time. */
    private static void unpack() {
        try {
            int ended = new ProcessBuilder(
                            JAVA,
                            "-Djarmode=tools",
                            "-jar",
                            "../server/target/server-0.1.0-exec.jar",
                            "extract",
                            "--force",
                            "--destination",
                            APP.toString())
                    .inheritIO()
                    .start()
                    .waitFor();
            if (ended != 0) {
                throw new IllegalStateException("The jar cannot be unpacked into " + APP);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static Process start(int port) {
        String database = System.getenv("LADLE_E2E_DB_URL");
        if (database == null) {
            throw new IllegalStateException("LADLE_E2E_DB_URL is not set: run the browser tests by ./ladle test");
        }
        unpack();
        ProcessBuilder builder = new ProcessBuilder(List.of(
                JAVA,
                // for three minutes of tests the full compiler and collector cost more than they save
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-jar",
                APP.resolve("server-0.1.0-exec.jar").toString(),
                "--server.port=" + port,
                "--ladle.clock=" + CLOCK));
        builder.environment().put("LADLE_DB_URL", database);
        builder.redirectErrorStream(true);
        builder.redirectOutput(Path.of("target/server.log").toFile());
        try {
            return builder.start();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void awaitAnswer(Process process) {
        HttpClient client = HttpClient.newHttpClient();
        HttpRequest request =
                HttpRequest.newBuilder(URI.create(address + "/actuator/health")).build();
        long end = System.nanoTime() + LONGEST_START.toNanos();
        while (System.nanoTime() < end) {
            try {
                Thread.sleep(PAUSE_MS);
                if (client.send(request, HttpResponse.BodyHandlers.discarding()).statusCode() == 200) {
                    return;
                }
            } catch (IOException e) {
                if (!process.isAlive()) {
                    throw new IllegalStateException("The server ended; see e2e/target/server.log");
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                break;
            }
        }
        throw new IllegalStateException("The server does not answer; see e2e/target/server.log");
    }
}
