package org.livelyladle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.ResourceLock;

/**
 * Twenty screens on one table, three of them marking: each mark is on every screen once, also when the server dies
 * between a mark and its answer. {@code -Dscreens.seconds=600} goes on for ten minutes at the demo supper, on a copy with the
 * full compiler and without a death; each screen asks for the table whenever it hears of something, and then the times
 * and the memory must hold too.
 */
@Order(2)
@Tag("whole")
@ResourceLock("what a busy machine would disturb")
class TwentyScreensIT {
    private static final int SECONDS = Integer.getInteger("screens.seconds", 6);
    private static final boolean MEASURED = SECONDS >= 60;
    private static final int SCREENS = 20;
    private static final int MARKERS = 3;
    private static final long THINKING_MS = MEASURED ? 3000 : 200;
    private static final long AGAIN_MS = 200;
    private static final long P95_MS = 1000;
    private static final double MOST_GROWTH = 1.15;
    private static final Duration LONGEST_BACK = Duration.ofSeconds(60);

    private Path data;
    private Cluster cluster;
    private ServerProcess server;
    private String party;
    private volatile boolean over;
    /** Ids of marks that were acknowledged, and when [ns]. */
    private final Map<String, Long> kept = new ConcurrentHashMap<>();

    @BeforeEach
    void start() throws Exception {
        data = Files.createTempDirectory(Path.of("/tmp"), "ladle-screens-");
        cluster = Cluster.in(data);
        server = MEASURED
                ? ServerProcess.startAsShipped("screens", cluster.start(), "--ladle.demo=true")
                : ServerProcess.start("screens", cluster.start(), "--ladle.demo=false");
        Writer host = new Writer(server.address());
        party = MEASURED ? new Writer(server.address(), TwentyDevicesIT.demoSupper(host)).path() : host.path();
    }

    @AfterEach
    void end() throws Exception {
        over = true;
        server.kill();
        cluster.stop();
        new ProcessBuilder("rm", "-rf", data.toString()).start().waitFor();
    }

    /** A screen that follows the table and comes back by itself, with what it heard and when [ns]. */
    private final class Screen extends Thread {
        private final HttpClient client = HttpClient.newBuilder()
                .cookieHandler(new CookieManager())
                .connectTimeout(Duration.ofSeconds(5))
                .build();
        private final List<String> heard = Collections.synchronizedList(new ArrayList<>());
        private final Map<String, Long> when = new ConcurrentHashMap<>();
        private final BlockingQueue<String> news = new LinkedBlockingQueue<>();
        private String last = "0";

        Screen() {
            setDaemon(true);
        }

        @Override
        public void run() {
            Thread shows = new Thread(this::show);
            shows.setDaemon(true);
            shows.start();
            while (!isInterrupted()) {
                try {
                    follow();
                } catch (IOException e) {
                    pause();
                } catch (InterruptedException e) {
                    return;
                }
            }
        }

        /** The table with all that was heard until it was asked for, again and again. */
        private void show() {
            try {
                while (!isInterrupted()) {
                    List<String> shown = new ArrayList<>(List.of(news.take()));
                    news.drainTo(shown);
                    HttpRequest table = HttpRequest.newBuilder(URI.create(server.address() + party + "/table"))
                            .build();
                    int status = client.send(table, HttpResponse.BodyHandlers.ofString())
                            .statusCode();
                    if (status != 200) {
                        throw new IllegalStateException("No table: " + status);
                    }
                    shown.forEach(id -> when.putIfAbsent(id, System.nanoTime()));
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            } catch (InterruptedException e) {
                interrupt();
            }
        }

        private void pause() {
            try {
                Thread.sleep(AGAIN_MS);
            } catch (InterruptedException e) {
                interrupt();
            }
        }

        private void follow() throws IOException, InterruptedException {
            HttpRequest request = HttpRequest.newBuilder(URI.create(server.address() + party + "/stream"))
                    .header("Accept", "text/event-stream")
                    .header("Last-Event-ID", last)
                    .build();
            try (Stream<String> lines =
                    client.send(request, HttpResponse.BodyHandlers.ofLines()).body()) {
                lines.forEach(this::hear);
            } catch (UncheckedIOException e) {
                throw e.getCause();
            }
        }

        private void hear(String line) {
            if (line.startsWith("id:")) {
                last = line.substring("id:".length()).trim();
            } else if (line.startsWith("data:")) {
                JsonObject told =
                        JsonParser.parseString(line.substring("data:".length())).getAsJsonObject();
                if (told.has("event")) {
                    String id = told.getAsJsonObject("event").get("id").getAsString();
                    heard.add(id);
                    if (MEASURED) {
                        news.add(id);
                    } else {
                        when.putIfAbsent(id, System.nanoTime());
                    }
                }
            }
        }
    }

    /** Marks again and again, each until it is acknowledged, under the id it has. */
    private void mark(Writer device) {
        try {
            for (int turn = 0; !over; turn++) {
                String id = UUID.randomUUID().toString();
                String type = turn == 0 ? "SAT_DOWN" : turn % 2 == 0 ? "RESUMED" : "PAUSED";
                String mark = "[{\"id\":\"" + id + "\",\"at\":\"" + Instant.now() + "\",\"type\":\"" + type + "\"}]";
                while (!isKept(device, mark)) {
                    Thread.sleep(AGAIN_MS);
                }
                kept.put(id, System.nanoTime());
                Thread.sleep(THINKING_MS);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Whoever is not signed in after a restart is by the next look. */
    private boolean isKept(Writer device, String mark) throws InterruptedException {
        try {
            int status = device.send("POST", party + "/events", mark, 0).statusCode();
            if (status == 403) {
                device.send("GET", "/api/parties", "", 0);
            }
            return status == 200;
        } catch (IOException e) {
            return false;
        }
    }

    @Test
    void everyMarkIsOnEveryScreenOnce() throws Exception {
        List<Screen> screens = Stream.generate(Screen::new).limit(SCREENS).toList();
        screens.forEach(Thread::start);
        List<Thread> markers = new ArrayList<>();
        for (int i = 0; i < MARKERS; i++) {
            // signed in before the power is cut, however long that takes
            Writer device = new Writer(server.address());
            markers.add(new Thread(() -> mark(device)));
        }
        for (Thread marker : markers) {
            marker.start();
            Thread.sleep(THINKING_MS / MARKERS);
        }
        Thread.sleep(SECONDS * 500L);
        long warm = System.nanoTime();
        long halfWay = server.residentMb();
        if (!MEASURED) {
            server.kill();
            server = ServerProcess.start(server.port(), "screens", cluster.start(), "--ladle.demo=false");
        }
        Thread.sleep(SECONDS * 500L);
        int enough = MARKERS * SECONDS / (MEASURED ? 10 : 1);
        Instant patience = Instant.now().plus(LONGEST_BACK);
        while (kept.size() <= enough && Instant.now().isBefore(patience)) {
            Thread.sleep(AGAIN_MS);
        }
        long end = server.residentMb();
        over = true;
        for (Thread marker : markers) {
            marker.join();
        }

        assertThat(kept).hasSizeGreaterThan(enough);
        Instant latest = Instant.now().plus(LONGEST_BACK);
        for (Screen screen : screens) {
            while (!screen.when.keySet().containsAll(kept.keySet())
                    && Instant.now().isBefore(latest)) {
                Thread.sleep(AGAIN_MS);
            }
            assertThat(screen.heard).containsAll(kept.keySet()).doesNotHaveDuplicates();
        }
        if (MEASURED) {
            report(screens, warm, halfWay, end);
        }
    }

    /** @param warm only marks after this are counted: a host's server has run for long [ns] */
    private void report(List<Screen> screens, long warm, long halfWay, long end) {
        List<Long> millis = new ArrayList<>();
        screens.forEach(screen -> kept.forEach((id, told) -> {
            if (told > warm) {
                millis.add(Math.max(0, (screen.when.get(id) - told) / 1_000_000));
            }
        }));
        Collections.sort(millis);
        long p95 = millis.get((int) Math.ceil(0.95 * millis.size()) - 1);
        System.out.printf(
                Locale.ROOT,
                "the last of %d marks on %d screens, from the answer to the new table p95 %d ms, slowest %d ms; %d MB half-way, %d MB at the end%n",
                kept.size(),
                screens.size(),
                p95,
                millis.get(millis.size() - 1),
                halfWay,
                end);
        assertThat(p95).as("p95 [ms]").isLessThanOrEqualTo(P95_MS);
        assertThat((double) end).as("memory is flat [MB]").isLessThan(halfWay * MOST_GROWTH);
    }
}
