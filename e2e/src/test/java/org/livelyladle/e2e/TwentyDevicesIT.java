package org.livelyladle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.ResourceLock;

/**
 * Twenty devices at one copy, each on a demo party of its own: the plan of an edit, then a tick, then half a second of
 * thinking. {@code -Ddevices.seconds=60} goes on for a minute on a copy with the full compiler, and then the times and the
 * memory must hold too.
 */
@Order(2)
@Tag("whole")
@ResourceLock("what a busy machine would disturb")
class TwentyDevicesIT {
    private static final int SECONDS = Integer.getInteger("devices.seconds", 4);
    private static final boolean MEASURED = SECONDS >= 60;
    private static final int DEVICES = 20;
    private static final int LEAST_TURNS = 2;
    private static final long THINKING_MS = 500;
    private static final long P95_MS = 1000;
    private static final double MOST_GROWTH = 1.15;

    @Test
    void twentyDevicesAreAllAnswered() throws Exception {
        Path data = Files.createTempDirectory(Path.of("/tmp"), "ladle-devices-");
        Cluster cluster = Cluster.in(data);
        ServerProcess server = MEASURED
                ? ServerProcess.startAsShipped("devices", cluster.start(), "--ladle.demo=true")
                : ServerProcess.start("devices", cluster.start(), "--ladle.demo=true");
        try {
            List<Long> times = live(server);

            assertThat(times).as("plans").hasSizeGreaterThan(DEVICES);
        } finally {
            server.kill();
            cluster.stop();
            new ProcessBuilder("rm", "-rf", data.toString()).start().waitFor();
        }
    }

    private static List<Long> live(ServerProcess server) throws Exception {
        String brief = demoSupper(new Writer(server.address()));
        ExecutorService pool = Executors.newFixedThreadPool(DEVICES);
        long until = System.nanoTime() + Duration.ofSeconds(SECONDS).toNanos();
        List<Future<List<Long>>> devices = new ArrayList<>();
        for (int i = 0; i < DEVICES; i++) {
            devices.add(pool.submit(() -> device(server.address(), brief, until)));
        }
        Thread.sleep(SECONDS * 500L);
        long halfWay = server.residentMb();
        List<Long> times = new ArrayList<>();
        for (Future<List<Long>> device : devices) {
            times.addAll(device.get());
        }
        pool.shutdown();
        report(times, halfWay, server.residentMb());
        return times;
    }

    static String demoSupper(Writer scout) throws IOException, InterruptedException {
        for (JsonElement party : JsonParser.parseString(
                        scout.send("GET", "/api/parties", "", 0).body())
                .getAsJsonArray()) {
            if (party.getAsJsonObject().get("title").getAsString().contains("Quad")) {
                String path =
                        "/api/parties/" + party.getAsJsonObject().get("id").getAsString();
                return JsonParser.parseString(scout.send("GET", path, "", 0).body())
                        .getAsJsonObject()
                        .get("brief")
                        .toString();
            }
        }
        throw new IllegalStateException("There is no demo supper");
    }

    private static List<Long> device(String address, String brief, long until)
            throws IOException, InterruptedException {
        Writer writer = new Writer(address, brief);
        List<Long> times = new ArrayList<>();
        while (System.nanoTime() < until || times.size() < LEAST_TURNS) {
            long began = System.nanoTime();
            good(writer.plan());
            times.add((System.nanoTime() - began) / 1_000_000);
            good(writer.tick());
            Thread.sleep(THINKING_MS);
        }
        assertThat(writer.lost()).isEmpty();
        return times;
    }

    private static void good(Optional<HttpResponse<String>> answer) {
        assertThat(answer.map(HttpResponse::statusCode)).contains(200);
    }

    private static void report(List<Long> times, long halfWay, long end) {
        List<Long> sorted = times.stream().sorted().toList();
        long p95 = sorted.get((int) Math.ceil(0.95 * sorted.size()) - 1);
        System.out.printf(
                Locale.ROOT,
                "%d plans, p50 %d ms, p95 %d ms, slowest %d ms; %d MB half-way, %d MB at the end%n",
                sorted.size(),
                sorted.get(sorted.size() / 2),
                p95,
                sorted.get(sorted.size() - 1),
                halfWay,
                end);
        if (MEASURED) {
            assertThat(p95).as("p95 [ms]").isLessThanOrEqualTo(P95_MS);
            assertThat((double) end).as("memory is flat [MB]").isLessThan(halfWay * MOST_GROWTH);
        }
    }
}
