package org.livelyladle.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Twenty devices at one running copy, each on a party of its own: an edit's plan, then a tick, then half a second of
 * thinking, for a minute. Arguments: the address, and how long [s].
 */
public final class TwentyClients {
    private static final int CLIENTS = 20;
    private static final long THINKING_MS = 500;
    private static final Pattern ID = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"");

    private final String address;
    private final long until;
    private final Queue<Long> planMillis = new ConcurrentLinkedQueue<>();
    private final AtomicInteger errors = new AtomicInteger();
    private final CountDownLatch ended = new CountDownLatch(CLIENTS);

    private TwentyClients(String address, int seconds) {
        this.address = address;
        this.until = System.nanoTime() + Duration.ofSeconds(seconds).toNanos();
    }

    public static void main(String[] args) throws InterruptedException {
        TwentyClients clients = new TwentyClients(args[0], args.length > 1 ? Integer.parseInt(args[1]) : 60);
        for (int i = 0; i < CLIENTS; i++) {
            new Thread(clients::device).start();
        }
        clients.ended.await();
        List<Long> sorted = clients.planMillis.stream().sorted().toList();
        System.out.printf(
                Locale.ROOT,
                "%d plans, p50 %d ms, p95 %d ms, slowest %d ms, %d errors%n",
                sorted.size(),
                at(sorted, 0.5),
                at(sorted, 0.95),
                at(sorted, 1),
                clients.errors.get());
    }

    private static long at(List<Long> sorted, double share) {
        return sorted.get((int) Math.min(sorted.size() - 1, Math.ceil(share * sorted.size()) - 1));
    }

    private void device() {
        try {
            live();
        } catch (IOException e) {
            errors.incrementAndGet();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            ended.countDown();
        }
    }

    private void live() throws IOException, InterruptedException {
        CookieManager cookies = new CookieManager();
        HttpClient client = HttpClient.newBuilder().cookieHandler(cookies).build();
        String parties = send(client, cookies, "GET", "/api/parties", "").body();
        Matcher first = ID.matcher(parties);
        if (!first.find()) {
            throw new IOException("There is no demo party");
        }
        String view = send(client, cookies, "GET", "/api/parties/" + first.group(1), "")
                .body();
        String brief = view.substring(view.indexOf("\"brief\":") + 8, view.lastIndexOf('}'));
        Matcher own = ID.matcher(
                send(client, cookies, "POST", "/api/parties/import", brief).body());
        if (!own.find()) {
            throw new IOException("No party could be made");
        }
        String path = "/api/parties/" + own.group(1);
        for (int turn = 0; System.nanoTime() < until; turn++) {
            String edited = brief.replaceFirst("\"mealMinutes\":\\d+", "\"mealMinutes\":" + (80 + turn % 40));
            long began = System.nanoTime();
            boolean good = send(client, cookies, "POST", path + "/plan", edited).statusCode() == 200;
            planMillis.add((System.nanoTime() - began) / 1_000_000);
            String tick = "[{\"id\":\"" + UUID.randomUUID()
                    + "\",\"at\":\"2026-11-24T15:00:00Z\",\"type\":\"TASK_DONE\",\"subject\":\"table:lay\"}]";
            good &= send(client, cookies, "POST", path + "/events", tick).statusCode() == 200;
            errors.addAndGet(good ? 0 : 1);
            Thread.sleep(THINKING_MS);
        }
    }

    private HttpResponse<String> send(HttpClient client, CookieManager cookies, String method, String path, String body)
            throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path))
                .method(
                        method,
                        body.isEmpty()
                                ? HttpRequest.BodyPublishers.noBody()
                                : HttpRequest.BodyPublishers.ofString(body));
        cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .forEach(cookie -> request.header("X-XSRF-TOKEN", cookie.getValue()));
        if (!body.isEmpty()) {
            request.header("Content-Type", "application/json");
        }
        return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }
}
