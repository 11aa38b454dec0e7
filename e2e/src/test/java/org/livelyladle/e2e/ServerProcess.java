package org.livelyladle.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.BindException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;

/** The built server in a process of its own. */
final class ServerProcess {
    private static final Duration LONGEST_START = Duration.ofMinutes(2);
    private static final long PAUSE_MS = 100;
    private static final String JAVA =
            Path.of(System.getProperty("java.home"), "bin", "java").toString();
    private static final Path APP = Path.of("target/app");
    /** For minutes of tests the full compiler and collector cost more than they save. */
    private static final List<String> FOR_TESTS = List.of("-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC");

    private static final AtomicInteger NEXT_PORT = new AtomicInteger(21_000);

    private static boolean unpacked;

    /** A database and who the application is there. */
    record Database(String url, String user, String password) {}

    private final int port;
    private final String log;
    private final Process process;

    private ServerProcess(int port, String log, Process process) {
        this.port = port;
        this.log = log;
        this.process = process;
        Runtime.getRuntime().addShutdownHook(new Thread(process::destroyForcibly));
    }

    /** @param name of its log */
    static ServerProcess start(String name, Database database, String... options) {
        return start(freePort(), name, database, options);
    }

    static ServerProcess start(int port, String name, Database database, String... options) {
        return start(port, name, database, FOR_TESTS, options);
    }

    /** With the compiler and the memory that hosts have, to be measured. */
    static ServerProcess startAsShipped(String name, Database database, String... options) {
        return start(freePort(), name, database, List.of("-Xmx768m"), options);
    }

    private static ServerProcess start(
            int port, String name, Database database, List<String> flags, String... options) {
        unpack();
        List<String> command = new ArrayList<>(List.of(JAVA));
        command.addAll(flags);
        command.addAll(List.of("-jar", APP.resolve("server-0.1.0-exec.jar").toString(), "--server.port=" + port));
        command.addAll(List.of(options));
        ProcessBuilder builder = new ProcessBuilder(command);
        builder.environment().put("LADLE_DB_URL", database.url());
        builder.environment().put("LADLE_DB_USER", database.user());
        builder.environment().put("LADLE_DB_PASSWORD", database.password());
        builder.redirectErrorStream(true);
        builder.redirectOutput(ProcessBuilder.Redirect.appendTo(
                Path.of("target", name + ".log").toFile()));
        try {
            ServerProcess server = new ServerProcess(port, "e2e/target/" + name + ".log", builder.start());
            server.awaitAnswer();
            return server;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    int port() {
        return port;
    }

    String address() {
        return "http://localhost:" + port;
    }

    /** The memory it holds [MB]. */
    long residentMb() throws IOException {
        return Files.readAllLines(Path.of("/proc", String.valueOf(process.pid()), "status")).stream()
                .filter(line -> line.startsWith("VmRSS:"))
                .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")) / 1024)
                .findFirst()
                .orElseThrow();
    }

    /** As a power cut does it. */
    void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    /** One below those that outgoing connections are given meanwhile. */
    private static int freePort() {
        while (true) {
            int port = NEXT_PORT.getAndIncrement();
            try (ServerSocket socket = new ServerSocket(port)) {
                return socket.getLocalPort();
            } catch (BindException e) {
                // another program listens there
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** Unpacked it starts in half the time. */
    private static synchronized void unpack() {
        if (unpacked) {
            return;
        }
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
            unpacked = true;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void awaitAnswer() {
        HttpClient client = HttpClient.newHttpClient();
        HttpRequest request = HttpRequest.newBuilder(URI.create(address() + "/actuator/health"))
                .build();
        long end = System.nanoTime() + LONGEST_START.toNanos();
        while (System.nanoTime() < end) {
            try {
                Thread.sleep(PAUSE_MS);
                if (client.send(request, HttpResponse.BodyHandlers.discarding()).statusCode() == 200) {
                    return;
                }
            } catch (IOException e) {
                if (!process.isAlive()) {
                    throw new IllegalStateException("The server ended; see " + log);
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                break;
            }
        }
        throw new IllegalStateException("The server does not answer; see " + log);
    }
}
