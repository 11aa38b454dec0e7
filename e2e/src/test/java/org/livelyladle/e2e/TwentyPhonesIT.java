package org.livelyladle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
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
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.ResourceLock;

/**
 * Twenty guests' phones at the demo's supper for twenty, at sixty-fold clock and from elsewhere than the server: what they
 * take is on the host's screen, what falls in closes the side for whom it endangers, a phone that slept for ten minutes of
 * the evening knows. {@code -Dphones.seconds=120} goes through the whole evening on a copy with the full compiler, and
 * then the times must hold too.
 */
@Order(3)
@Tag("whole")
@ResourceLock("what a busy machine would disturb")
class TwentyPhonesIT {
    private static final int SECONDS = Integer.getInteger("phones.seconds", 12);
    private static final boolean MEASURED = SECONDS >= 60;
    private static final int SPEED = MEASURED ? 60 : 20;
    private static final int PHONES = 20;
    /** So many take what they are offered; all of them look. */
    private static final int EATING = MEASURED ? PHONES - 1 : 5;

    private static final long ASLEEP_MS = 10_000;
    private static final long P95_MS = 1000;
    private static final long AWAKE_MS = 2000;
    private static final long AGAIN_MS = 50;
    private static final Duration PATIENCE = Duration.ofSeconds(60);
    private static final Instant FROM = Instant.parse("2026-11-28T17:59:30Z");

    private Path data;
    private Cluster cluster;
    private ServerProcess server;
    private FarAway far;
    private Writer host;
    private long since;
    /** Marks that phones made and were told are kept, and when [ns]; and when the host's screen had them [ns]. */
    private final Map<String, Long> told = new ConcurrentHashMap<>();

    private final Map<String, Long> seen = new ConcurrentHashMap<>();
    private volatile boolean over;

    @BeforeEach
    void start() throws Exception {
        data = Files.createTempDirectory(Path.of("/tmp"), "ladle-phones-");
        cluster = Cluster.in(data);
        since = System.currentTimeMillis();
        String[] time = {
            "--ladle.clock=" + FROM, "--ladle.clock-speed=" + SPEED, "--ladle.clock-since=" + since, "--ladle.demo=true"
        };
        server = MEASURED
                ? ServerProcess.startAsShipped("phones", cluster.start(), time)
                : ServerProcess.start("phones", cluster.start(), time);
        far = new FarAway(server.port());
        Writer first = new Writer(server.address());
        host = new Writer(server.address(), demo(first));
    }

    private String demo(Writer any) throws IOException, InterruptedException {
        for (JsonElement party : JsonParser.parseString(
                        any.send("GET", "/api/parties", "", 0).body())
                .getAsJsonArray()) {
            JsonObject summary = party.getAsJsonObject();
            if (summary.get("guests").getAsInt() == PHONES) {
                JsonObject brief = JsonParser.parseString(any.send(
                                        "GET",
                                        "/api/parties/" + summary.get("id").getAsString(),
                                        "",
                                        0)
                                .body())
                        .getAsJsonObject()
                        .getAsJsonObject("brief");
                brief.addProperty("sitDown", "2026-11-28T19:00:00");
                brief.addProperty("zone", "Europe/Vienna");
                return brief.toString();
            }
        }
        throw new IllegalStateException("There is no demo party of " + PHONES);
    }

    @AfterEach
    void end() throws Exception {
        over = true;
        far.close();
        server.kill();
        cluster.stop();
        new ProcessBuilder("rm", "-rf", data.toString()).start().waitFor();
    }

    private Instant now() {
        return FROM.plusMillis((System.currentTimeMillis() - since) * SPEED);
    }

    /** One guest: follows the own place, takes what is to be had, one of them after the other. */
    private final class Phone extends Thread {
        private final String guest;
        private final CookieManager cookies = new CookieManager();
        private final HttpClient client = HttpClient.newBuilder()
                .cookieHandler(cookies)
                .connectTimeout(Duration.ofSeconds(5))
                .build();
        private final String address;

        Phone(String guest, String address) {
            this.guest = guest;
            this.address = address;
            setDaemon(true);
        }

        HttpResponse<String> send(String method, String path, String body) throws IOException, InterruptedException {
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path))
                    .header("Content-Type", "application/json")
                    .method(
                            method,
                            body.isEmpty()
                                    ? HttpRequest.BodyPublishers.noBody()
                                    : HttpRequest.BodyPublishers.ofString(body));
            cookies.getCookieStore().getCookies().stream()
                    .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                    .findFirst()
                    .ifPresent(cookie -> request.header("X-XSRF-TOKEN", cookie.getValue()));
            return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
        }

        void pair() throws IOException, InterruptedException {
            JsonObject made = JsonParser.parseString(host.send(
                                    "POST",
                                    host.path() + "/invitations",
                                    "{\"role\":\"GUEST\",\"guest\":\"" + guest + "\"}",
                                    0)
                            .body())
                    .getAsJsonObject();
            String secret = made.get("url").getAsString().split("#")[1];
            assertThat(send("POST", "/api/pair", "{\"secret\":\"" + secret + "\"}")
                            .statusCode())
                    .isEqualTo(200);
        }

        JsonObject mine() throws IOException, InterruptedException {
            HttpResponse<String> answer = send("GET", "/api/mine", "");
            assertThat(answer.statusCode()).isEqualTo(200);
            return JsonParser.parseString(answer.body()).getAsJsonObject();
        }

        /** Known by its id when it was recorded; empty where the plan went on meanwhile. */
        void say(String type, String parts) throws IOException, InterruptedException {
            String id = UUID.randomUUID().toString();
            HttpResponse<String> answer = send(
                    "POST",
                    "/api/mine/events",
                    "[{\"id\":\"" + id + "\",\"at\":\"" + now() + "\",\"type\":\"" + type + "\"," + parts + "}]");
            if (answer.statusCode() == 200) {
                told.put(id, System.nanoTime());
            } else {
                assertThat(answer.statusCode()).as(answer.body()).isEqualTo(403);
            }
        }

        @Override
        public void run() {
            try {
                while (!over) {
                    JsonArray turns = mine().getAsJsonObject("seat").getAsJsonArray("turns");
                    for (JsonElement element : turns) {
                        JsonObject turn = element.getAsJsonObject();
                        if (turn.get("when").getAsString().equals("NOW")
                                && !turn.get("act").getAsString().equals("SERVED")) {
                            say(
                                    "TAKEN_OUT",
                                    "\"drop\":\"" + turn.get("drop").getAsString() + "\",\"stay\":"
                                            + turn.get("stay").getAsInt());
                            break;
                        }
                    }
                    Thread.sleep(MEASURED ? 4000 : 1000);
                }
            } catch (IOException e) {
                if (!over) {
                    throw new UncheckedIOException(e);
                }
            } catch (InterruptedException e) {
                interrupt();
            }
        }
    }

    /** The host's screen, which hears of everything by its stream. */
    private void watch() {
        try (Stream<String> lines = host.lines(host.path() + "/stream")) {
            lines.filter(line -> line.startsWith("data:"))
                    .map(line -> JsonParser.parseString(line.substring("data:".length()))
                            .getAsJsonObject())
                    .filter(fact -> fact.has("event"))
                    .forEach(fact -> seen.putIfAbsent(
                            fact.getAsJsonObject("event").get("id").getAsString(), System.nanoTime()));
        } catch (IOException | UncheckedIOException e) {
            if (!over) {
                throw new IllegalStateException(e);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Test
    void whatTheyTakeIsOnTheHostsScreenAndWhatFallsInClosesTheSideForAll() throws Exception {
        Thread screen = new Thread(this::watch);
        screen.setDaemon(true);
        screen.start();
        List<Phone> phones = new ArrayList<>();
        for (JsonElement guest : host.brief().getAsJsonArray("guests")) {
            phones.add(new Phone(guest.getAsJsonObject().get("id").getAsString(), far.address()));
        }
        FarAway sleepy = new FarAway(server.port());
        Phone sleeper = new Phone(phones.remove(PHONES - 1).guest, sleepy.address());
        for (Phone phone : phones) {
            phone.pair();
        }
        sleeper.pair();
        mark("SAT_DOWN", "");
        List<Phone> eating = phones.subList(0, EATING);
        eating.forEach(Thread::start);
        Thread.sleep(SECONDS * 1000L / 3);

        sleepy.sleep();
        Phone first = phones.get(0);
        String side = sideThatVegansEatFrom(phones);
        first.say("FELL_IN", "\"side\":\"" + side + "\",\"ingredient\":\"beef-ribeye\"");
        first.say("FULL", "\"guest\":\"" + first.guest + "\"");
        assertThat(first.mine().getAsJsonObject("seat").get("there").getAsBoolean())
                .isFalse();
        Instant patience = Instant.now().plus(PATIENCE);
        while (!openTo(phones, side).isEmpty() && Instant.now().isBefore(patience)) {
            Thread.sleep(AGAIN_MS);
        }
        assertThat(openTo(phones, side)).as("vegans who may still eat from it").isEmpty();
        mark("PAUSED", "");
        Thread.sleep(MEASURED ? ASLEEP_MS : AGAIN_MS);
        sleepy.wake();
        long woke = System.nanoTime();
        assertThat(sleeper.mine().get("paused").getAsBoolean()).isTrue();
        long awakeMs = (System.nanoTime() - woke) / 1_000_000;
        mark("RESUMED", "");

        Thread.sleep(SECONDS * 2000L / 3);
        over = true;
        for (Phone phone : eating) {
            phone.join();
        }
        patience = Instant.now().plus(PATIENCE);
        while (!seen.keySet().containsAll(told.keySet()) && Instant.now().isBefore(patience)) {
            Thread.sleep(AGAIN_MS);
        }
        sleepy.close();
        assertThat(told.size()).isGreaterThan(EATING / 2);
        assertThat(seen.keySet()).containsAll(told.keySet());
        if (MEASURED) {
            report(awakeMs);
        }
    }

    private void mark(String type, String parts) throws IOException, InterruptedException {
        String event = "[{\"id\":\"" + UUID.randomUUID() + "\",\"at\":\"" + now() + "\",\"type\":\"" + type + "\""
                + parts + "}]";
        assertThat(host.send("POST", host.path() + "/events", event, 0).statusCode())
                .isEqualTo(200);
    }

    private List<String> vegans() {
        List<String> vegans = new ArrayList<>();
        host.brief().getAsJsonArray("guests").forEach(element -> {
            JsonObject guest = element.getAsJsonObject();
            if (guest.getAsJsonArray("needs").toString().contains("\"VEGAN\"")) {
                vegans.add(guest.get("id").getAsString());
            }
        });
        return vegans;
    }

    private String sideThatVegansEatFrom(List<Phone> phones) throws IOException, InterruptedException {
        for (JsonElement pot : host.brief().getAsJsonArray("pots")) {
            for (JsonElement side : pot.getAsJsonObject().getAsJsonArray("sides")) {
                String id = side.getAsJsonObject().get("id").getAsString();
                if (!openTo(phones, id).isEmpty()) {
                    return id;
                }
            }
        }
        throw new IllegalStateException("No side is open to a vegan");
    }

    private List<String> openTo(List<Phone> phones, String side) throws IOException, InterruptedException {
        List<String> open = new ArrayList<>();
        for (Phone phone : phones) {
            if (vegans().contains(phone.guest)) {
                for (JsonElement one : phone.mine().getAsJsonObject("seat").getAsJsonArray("sides")) {
                    JsonObject own = one.getAsJsonObject();
                    if (own.get("side").getAsString().equals(side)
                            && own.get("closed").getAsString().isEmpty()) {
                        open.add(phone.guest);
                    }
                }
            }
        }
        return open;
    }

    private void report(long awakeMs) {
        List<Long> millis = new ArrayList<>();
        told.forEach((id, at) -> millis.add(Math.max(0, (seen.get(id) - at) / 1_000_000)));
        Collections.sort(millis);
        long p95 = millis.get((int) Math.ceil(0.95 * millis.size()) - 1);
        System.out.printf(
                Locale.ROOT,
                "%d marks of %d phones on the host's screen, p95 %d ms after their answer, slowest %d ms; a phone that slept is right after %d ms%n",
                millis.size(),
                PHONES,
                p95,
                millis.get(millis.size() - 1),
                awakeMs);
        assertThat(p95).as("p95 [ms]").isLessThanOrEqualTo(P95_MS);
        assertThat(awakeMs).as("awake [ms]").isLessThanOrEqualTo(AWAKE_MS);
    }
}
