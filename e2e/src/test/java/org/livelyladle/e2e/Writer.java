package org.livelyladle.e2e;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;

/** A device that goes on recording and editing a party, whatever happens, and remembers what it was told is kept. */
final class Writer {
    private static final int EDIT_EVERY = 5;
    private static final int UNAVAILABLE = 503;
    private static final int MOST_TRIES = 10;

    /** An answer that was none of success. */
    record Refusal(int status, String type, String retryAfter, long millis, String body) {}

    private final CookieManager cookies = new CookieManager();
    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .connectTimeout(Duration.ofSeconds(5))
            .build();
    private final String address;
    private final Set<String> kept = new HashSet<>();
    private final List<Refusal> refused = new ArrayList<>();
    private String party = "";
    private JsonObject brief = new JsonObject();
    private int revision;
    private int turns;

    /** On a small party of its own. */
    Writer(String address) throws IOException, InterruptedException {
        this.address = address;
        send("GET", "/api/parties", "", 0);
        make(
                "/api/parties",
                "{\"title\":\"Enduring\",\"sitDown\":\"2026-12-05T19:00:00\",\"zone\":\"UTC\",\"guests\":[\"Ann\",\"Bo\"]}");
    }

    /** On a copy of its own of a brief. */
    Writer(String address, String brief) throws IOException, InterruptedException {
        this.address = address;
        send("GET", "/api/parties", "", 0);
        make("/api/parties/import", brief);
    }

    /** Asks again while the database does not answer, as the page does. */
    private void make(String path, String body) throws IOException, InterruptedException {
        HttpResponse<String> made = send("POST", path, body, 0);
        for (int tries = 1; made.statusCode() == UNAVAILABLE && tries < MOST_TRIES; tries++) {
            Thread.sleep(1000);
            made = send("POST", path, body, 0);
        }
        if (made.statusCode() != 201) {
            throw new IllegalStateException("No party was made: " + made.statusCode() + " " + made.body());
        }
        take(made.body());
    }

    private void take(String view) {
        JsonObject read = JsonParser.parseString(view).getAsJsonObject();
        party = read.get("id").getAsString();
        brief = read.getAsJsonObject("brief");
        revision = read.get("revision").getAsInt();
    }

    /** One more tick, or now and then an edit; empty when nobody answered. */
    Optional<HttpResponse<String>> write() throws InterruptedException {
        turns++;
        return turns % EDIT_EVERY == 0 ? edit() : tick();
    }

    Optional<HttpResponse<String>> tick() throws InterruptedException {
        String id = UUID.randomUUID().toString();
        Optional<HttpResponse<String>> answer = tried(
                "POST",
                path() + "/events",
                "[{\"id\":\"" + id
                        + "\",\"at\":\"2026-11-28T10:00:00Z\",\"type\":\"TASK_DONE\",\"subject\":\"table:lay\"}]");
        answer.filter(said -> said.statusCode() == 200).ifPresent(said -> kept.add(id));
        return answer;
    }

    /** The plan of another draft each time. */
    Optional<HttpResponse<String>> plan() throws InterruptedException {
        turns++;
        JsonObject draft = brief.deepCopy();
        draft.addProperty("mealMinutes", 80 + turns % 40);
        return tried("POST", path() + "/plan", draft.toString());
    }

    private Optional<HttpResponse<String>> edit() throws InterruptedException {
        JsonObject next = brief.deepCopy();
        next.addProperty("title", "Enduring " + turns);
        Optional<HttpResponse<String>> answer = tried("PUT", path() + "/brief", next.toString());
        answer.filter(said -> said.statusCode() == 200).ifPresent(said -> {
            brief = next;
            revision++;
        });
        // it was kept, and the answer was lost with whoever gave it
        answer.filter(said -> said.statusCode() == 412)
                .ifPresent(said -> take(JsonParser.parseString(said.body())
                        .getAsJsonObject()
                        .get("current")
                        .toString()));
        return answer;
    }

    /** Of its party. */
    String path() {
        return "/api/parties/" + party;
    }

    private Optional<HttpResponse<String>> tried(String method, String path, String body) throws InterruptedException {
        try {
            long began = System.nanoTime();
            HttpResponse<String> answer = send(method, path, body, revision);
            if (answer.statusCode() >= 500) {
                refused.add(new Refusal(
                        answer.statusCode(),
                        answer.headers().firstValue("Content-Type").orElse(""),
                        answer.headers().firstValue("Retry-After").orElse(""),
                        (System.nanoTime() - began) / 1_000_000,
                        answer.body()));
            }
            return Optional.of(answer);
        } catch (IOException e) {
            Thread.sleep(50);
            return Optional.empty();
        }
    }

    HttpResponse<String> send(String method, String path, String body, int ifMatch)
            throws IOException, InterruptedException {
        HttpRequest.Builder request = request(path).header("If-Match", "\"" + ifMatch + "\"");
        if (!body.isEmpty()) {
            request.header("Content-Type", "application/json");
        }
        request.method(
                method,
                body.isEmpty() ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body));
        return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    private HttpRequest.Builder request(String path) {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(URI.create(address + path)).timeout(Duration.ofSeconds(30));
        cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .forEach(cookie -> request.header("X-XSRF-TOKEN", cookie.getValue()));
        return request;
    }

    /** All there is, as one file. */
    byte[] backup() throws IOException, InterruptedException {
        return client.send(request("/api/backup").build(), HttpResponse.BodyHandlers.ofByteArray())
                .body();
    }

    /** Nobody waits for its answer. */
    CompletableFuture<HttpResponse<String>> restore(byte[] backup) {
        HttpRequest put = request("/api/backup")
                .header("Content-Type", "application/zip")
                .PUT(HttpRequest.BodyPublishers.ofByteArray(backup))
                .build();
        return client.sendAsync(put, HttpResponse.BodyHandlers.ofString());
    }

    /** Every party there is under another title. */
    void rename(String title) throws IOException, InterruptedException {
        for (String id : parts("id")) {
            JsonObject view = JsonParser.parseString(
                            send("GET", "/api/parties/" + id, "", 0).body())
                    .getAsJsonObject();
            JsonObject document = view.getAsJsonObject("brief");
            document.addProperty("title", title);
            send(
                    "PUT",
                    "/api/parties/" + id + "/brief",
                    document.toString(),
                    view.get("revision").getAsInt());
        }
    }

    /** What all parties are called. */
    List<String> titles() throws IOException, InterruptedException {
        return parts("title");
    }

    private List<String> parts(String part) throws IOException, InterruptedException {
        List<String> parts = new ArrayList<>();
        JsonParser.parseString(send("GET", "/api/parties", "", 0).body())
                .getAsJsonArray()
                .forEach(party -> parts.add(party.getAsJsonObject().get(part).getAsString()));
        return parts;
    }

    /** What the server says line by line, as long as it goes on. */
    Stream<String> lines(String path) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + path)).build();
        return client.send(request, HttpResponse.BodyHandlers.ofLines()).body();
    }

    JsonObject brief() {
        return brief;
    }

    List<Refusal> refused() {
        return refused;
    }

    int keptCount() {
        return kept.size();
    }

    /** What was told to be kept and is not there any more. */
    Set<String> lost() throws IOException, InterruptedException {
        Set<String> lost = new HashSet<>(kept);
        JsonParser.parseString(send("GET", path() + "/events", "", 0).body())
                .getAsJsonArray()
                .forEach(event -> lost.remove(event.getAsJsonObject().get("id").getAsString()));
        JsonObject now =
                JsonParser.parseString(send("GET", path(), "", 0).body()).getAsJsonObject();
        if (now.get("revision").getAsInt() < revision) {
            lost.add("revision " + revision);
        }
        return lost;
    }
}
