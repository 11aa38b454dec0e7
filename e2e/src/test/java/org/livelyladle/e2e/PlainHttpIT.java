package org.livelyladle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The running server as somebody meets it who does not speak through a browser, or means harm. */
class PlainHttpIT {
    private static final URI ADDRESS = URI.create(RunningServer.address());
    private static final int HALVES = 230;

    /** The whole answer to some lines, as they are. */
    private static String answer(String request) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", ADDRESS.getPort())) {
            socket.setSoTimeout(10_000);
            socket.getOutputStream()
                    .write(request.replace("HOST", "localhost:" + ADDRESS.getPort())
                            .getBytes(StandardCharsets.ISO_8859_1));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "GET /api/parties HTTP/1.1~Host: evil.example | 421",
                "GET /api/parties HTTP/1.1~Host: HOST~Origin: http://evil.example | 403",
                "GET /api/parties HTTP/1.1~Host: HOST~Origin: https://localhost | 403",
                "GET /api/parties HTTP/1.1~Host: HOST~Sec-Fetch-Site: cross-site | 403",
                "POST /api/parties HTTP/1.1~Host: HOST~Content-Length: 0 | 403",
                "GET /api/parties/%00 HTTP/1.1~Host: HOST | 400",
                "GET /api/{nonsense} HTTP/1.1~Host: HOST | 400",
                "GET /api/parties?x=<> HTTP/1.1~Host: HOST | 400",
                "GET /error HTTP/1.1~Host: HOST | 404",
                "GET /nowhere HTTP/1.1~Host: HOST | 404",
                "PATCH /api/plan HTTP/1.1~Host: HOST | 405",
                "POST /api/plan HTTP/1.1~Host: HOST~Content-Length: 2000000 | 413"
            })
    void everyRefusalIsAProblemInPlainWords(String request, int status) throws Exception {
        String answer = answer(request.replace("~", "\r\n") + "\r\nConnection: close\r\n\r\n");

        assertThat(answer).startsWith("HTTP/1.1 " + status);
        assertThat(answer.toLowerCase(java.util.Locale.ROOT)).contains("content-type: application/problem+json");
        assertThat(answer).contains("\"detail\":").doesNotContain("org.", "java", "<html", "Exception");
    }

    @Test
    void filesWithAHashAreKeptByBrowsersAndNoPageTellsWhereOneComesFrom() throws Exception {
        HttpClient client = HttpClient.newHttpClient();
        HttpResponse<String> page =
                client.send(HttpRequest.newBuilder(ADDRESS.resolve("/")).build(), HttpResponse.BodyHandlers.ofString());
        String asset = page.body().replaceAll("(?s).*?(/assets/[^\"]+\\.js).*", "$1");
        HttpResponse<Void> file = client.send(
                HttpRequest.newBuilder(ADDRESS.resolve(asset)).build(), HttpResponse.BodyHandlers.discarding());
        HttpResponse<Void> manifest = client.send(
                HttpRequest.newBuilder(ADDRESS.resolve("/manifest.webmanifest")).build(),
                HttpResponse.BodyHandlers.discarding());

        assertThat(page.headers().firstValue("Referrer-Policy")).hasValue("no-referrer");
        assertThat(page.headers().firstValue("Cache-Control").orElse("")).doesNotContain("immutable");
        assertThat(file.headers().firstValue("Cache-Control").orElse("")).contains("max-age=31536000", "immutable");
        assertThat(manifest.headers().firstValue("Content-Type").orElse("")).startsWith("application/manifest+json");
    }

    /** Whoever sends half a body and then nothing keeps nobody else from an answer. */
    @Test
    void halfSentBodiesStopNobody() throws Exception {
        List<Socket> halves = new ArrayList<>();
        try {
            for (int i = 0; i < HALVES; i++) {
                Socket socket = new Socket("127.0.0.1", ADDRESS.getPort());
                socket.getOutputStream()
                        .write(("POST /api/plan HTTP/1.1\r\nHost: localhost:" + ADDRESS.getPort()
                                        + "\r\nContent-Type: application/json\r\nContent-Length: 1000\r\n\r\n{\"title\":")
                                .getBytes(StandardCharsets.ISO_8859_1));
                halves.add(socket);
            }
            HttpResponse<String> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(ADDRESS.resolve("/actuator/health"))
                                    .timeout(Duration.ofSeconds(5))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString());
            assertThat(answer.statusCode()).isEqualTo(200);
        } finally {
            for (Socket socket : halves) {
                socket.close();
            }
        }
    }
}
