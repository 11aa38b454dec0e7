package org.livelyladle.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.server.ServerTest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockHttpSession;
import tools.jackson.databind.JsonNode;

/** Bad input is answered with a problem that says what was wrong, where, and what is accepted. */
class BadInputTest extends ServerTest {
    private static final String GOOD = read();

    private static String read() {
        try {
            return Files.readString(Path.of("src/main/resources/demo/quiet-evening.json"));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static Arguments bad(String name, String from, String to, int status, String field, String accepted) {
        return Arguments.of(name, from, to, status, field, accepted);
    }

    static Stream<Arguments> badBriefs() {
        String manyGuests = IntStream.range(0, 8_000)
                .mapToObj(
                        i -> "{\"id\":\"g" + i
                                + "\",\"name\":\"G\",\"appetite\":\"LIGHT\",\"needs\":[],\"wishes\":[],\"heat\":\"MILD\",\"arrivesAfterMinutes\":0}")
                .collect(Collectors.joining(",", "\"guests\": [", ","));
        return Stream.of(
                bad(
                        "negative minutes",
                        "\"mealMinutes\": 70",
                        "\"mealMinutes\": -70",
                        400,
                        "mealMinutes",
                        "from 30 to 240"),
                bad(
                        "empty name",
                        "\"name\": \"Mika\",\n   \"appetite\"",
                        "\"name\": \"  \",\n   \"appetite\"",
                        400,
                        "guests[0].name",
                        "1 to 40 characters"),
                bad(
                        "unknown cut",
                        "\"prawn.peeled\"",
                        "\"prawn.purple\"",
                        400,
                        "menu[1].cut",
                        "a cut of the catalogue"),
                bad(
                        "unknown broth",
                        "\"ginger-chicken\"",
                        "\"ginger-ale\"",
                        400,
                        "pots[0].sides[0].broth",
                        "a broth of the catalogue"),
                bad(
                        "unknown format version",
                        "\"formatVersion\": 2",
                        "\"formatVersion\": 3",
                        400,
                        "formatVersion",
                        "1 or 2"),
                bad("unknown format", "lively-ladle/party", "other/party", 400, "format", "lively-ladle/party"),
                bad(
                        "wrong type",
                        "\"mealMinutes\": 70",
                        "\"mealMinutes\": \"long\"",
                        400,
                        "mealMinutes",
                        "a whole number"),
                bad(
                        "a fraction where a whole number belongs",
                        "\"mealMinutes\": 70",
                        "\"mealMinutes\": 70.5",
                        400,
                        "mealMinutes",
                        "a whole number"),
                bad("unknown word", "\"METRIC\"", "\"STONES\"", 400, "units", "METRIC"),
                bad(
                        "unknown field",
                        "\"mealMinutes\": 70",
                        "\"mealMinutes\": 70, \"colour\": 1",
                        400,
                        "colour",
                        "mealMinutes"),
                bad("after this century", "2026-01-03", "2101-01-03", 400, "sitDown", "from 2000 to 2100"),
                bad("a date of year 2", "2026-01-03", "0002-01-03", 400, "sitDown", "from 2000 to 2100"),
                bad("unknown zone", "Europe/Vienna", "Europe/Atlantis", 400, "zone", "Europe/Vienna"),
                bad(
                        "frozen raw cut without its time",
                        "\"beef-ribeye.sliced\",\n   \"fromFrozen\": false",
                        "\"mussel.whole\",\n   \"fromFrozen\": true",
                        400,
                        "menu[0].fromFrozen",
                        "thaw it in the fridge"),
                bad("thousands of guests", "\"guests\": [", manyGuests, 400, "guests", "at most 60 entries"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("badBriefs")
    void aBadBriefIsRefused(String name, String from, String to, int status, String field, String accepted)
            throws Exception {
        assertThat(GOOD).contains(from);
        long before = body(send(get("/api/parties"))).size();
        MockHttpServletResponse answer = send(post("/api/parties/import")
                        .contentType(APPLICATION_JSON)
                        .content(GOOD.replace(from, to)))
                .getResponse();

        assertThat(answer.getStatus()).as(answer.getContentAsString()).isEqualTo(status);
        assertThat(answer.getContentType()).startsWith("application/problem+json");
        JsonNode problem = json.readTree(answer.getContentAsByteArray());
        assertThat(problem.get("field").asString()).isEqualTo(field);
        assertThat(problem.get("accepted").asString()).contains(accepted);
        assertThat(body(send(get("/api/parties"))).size())
                .as("nothing is half-saved")
                .isEqualTo(before);
    }

    @Test
    void sixtyOneGuestsAreTooMany() throws Exception {
        String guests = IntStream.range(0, 61).mapToObj(i -> "\"Guest\"").collect(Collectors.joining(","));
        MockHttpServletResponse answer = send(post("/api/parties")
                        .contentType(APPLICATION_JSON)
                        .content("{\"title\":\"x\",\"sitDown\":\"2026-12-05T19:00:00\",\"zone\":\"UTC\",\"guests\":["
                                + guests + "]}"))
                .getResponse();

        assertThat(answer.getStatus()).isEqualTo(400);
        assertThat(answer.getContentAsString()).contains("at most 60 entries");
    }

    @Test
    void malformedJsonIsRefused() throws Exception {
        for (String text : new String[] {"{", "[1,", "nonsense", "", "{\"title\":\"a\",\"title\":\"b\"}"}) {
            MockHttpServletResponse answer = send(post("/api/plan")
                            .contentType(APPLICATION_JSON)
                            .content(text))
                    .getResponse();
            assertThat(answer.getStatus()).as(text).isEqualTo(400);
        }
    }

    @Test
    void aMegabyteStringAndADeepNestAreRefused() throws Exception {
        String longText = GOOD.replace("A quiet evening", "x".repeat(900_000));
        String tooLong = GOOD.replace("A quiet evening", "x".repeat(1_100_000));
        String deep = "[".repeat(5000);

        assertThat(send(post("/api/plan").contentType(APPLICATION_JSON).content(longText))
                        .getResponse()
                        .getStatus())
                .isEqualTo(400);
        assertThat(send(post("/api/plan").contentType(APPLICATION_JSON).content(tooLong))
                        .getResponse()
                        .getStatus())
                .isEqualTo(413);
        assertThat(send(post("/api/plan").contentType(APPLICATION_JSON).content(deep))
                        .getResponse()
                        .getStatus())
                .isEqualTo(400);
    }

    @Test
    void aPlanIsComputedWithoutSessionOrToken() throws Exception {
        MockHttpServletResponse answer = http.perform(
                        post("/api/plan").contentType(APPLICATION_JSON).content(GOOD))
                .andReturn()
                .getResponse();

        assertThat(answer.getStatus()).isEqualTo(200);
        assertThat(answer.getCookie("ladle-session")).isNull();
    }

    /** Whoever keeps no cookie leaves a session behind with each request: it soon ends, unless it is used again. */
    @Test
    void aSessionLastsOnceItsCookieCameBack() throws Exception {
        HttpSession first =
                http.perform(get("/api/parties")).andReturn().getRequest().getSession(false);
        assertThat(first).isInstanceOf(MockHttpSession.class);
        assertThat(first.getMaxInactiveInterval()).isLessThanOrEqualTo(60);

        http.perform(get("/api/parties").session((MockHttpSession) first));

        assertThat(first.getMaxInactiveInterval()).isGreaterThanOrEqualTo(1800);
    }

    @Test
    void storingWantsTheToken() throws Exception {
        assertThat(http.perform(post("/api/parties/import")
                                .contentType(APPLICATION_JSON)
                                .content(GOOD))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(403);
    }

    @Test
    void foreignHostsAndOriginsAreTurnedAway() throws Exception {
        assertThat(send(get("/api/parties").with(request -> {
                            request.setServerName("evil.example");
                            return request;
                        }))
                        .getResponse()
                        .getStatus())
                .isEqualTo(421);
        assertThat(send(get("/api/parties").header("Origin", "http://evil.example"))
                        .getResponse()
                        .getStatus())
                .isEqualTo(403);
    }
}
