package org.livelyladle.server.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.livelyladle.server.ServerTest;
import org.livelyladle.server.demo.DemoBriefs;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MvcResult;
import tools.jackson.databind.JsonNode;

/** The supper runs: what is marked over HTTP shapes the plan of every moment after, and reaches every screen. */
class LiveHttpTest extends ServerTest {
    private static final Instant SAT_DOWN = Instant.parse("2026-11-28T18:00:00Z");
    private static final Duration PATIENCE = Duration.ofSeconds(60);

    @Autowired
    private DemoBriefs demo;

    private String party;

    @BeforeEach
    void takeTheSupperIn() throws Exception {
        party = imported();
    }

    private String imported() throws Exception {
        JsonNode brief = json.valueToTree(demo.load(LocalDate.of(2026, 11, 24)).get(0));
        MvcResult made =
                send(post("/api/parties/import").contentType(APPLICATION_JSON).content(brief.toString()));
        return "/api/parties/" + body(made).get("id").asString();
    }

    private static Map<String, Object> event(int second, String type, Object... parts) {
        Map<String, Object> event = new java.util.LinkedHashMap<>();
        event.put("id", UUID.randomUUID().toString());
        event.put("at", SAT_DOWN.plusSeconds(second).toString());
        event.put("type", type);
        for (int i = 0; i < parts.length; i += 2) {
            event.put((String) parts[i], parts[i + 1]);
        }
        return event;
    }

    private MockHttpServletResponse tell(String to, List<Map<String, Object>> events) throws Exception {
        return send(post(to + "/events").contentType(APPLICATION_JSON).content(json.writeValueAsString(events)))
                .getResponse();
    }

    private JsonNode tell(Map<String, Object> event) throws Exception {
        MockHttpServletResponse answer = tell(party, List.of(event));
        assertThat(answer.getStatus()).as(answer.getContentAsString()).isEqualTo(200);
        return json.readTree(answer.getContentAsByteArray());
    }

    private JsonNode table(String of, int second) throws Exception {
        MvcResult plan = send(
                get(of + "/plan").param("asOf", SAT_DOWN.plusSeconds(second).toString()));
        assertThat(plan.getResponse().getStatus()).isEqualTo(200);
        JsonNode table = body(plan).get("table");
        assertThat(body(send(get(of + "/table")
                        .param("asOf", SAT_DOWN.plusSeconds(second).toString()))))
                .isEqualTo(table);
        return table;
    }

    private JsonNode now(int second) throws Exception {
        return table(party, second).get("now");
    }

    private static List<JsonNode> all(JsonNode array) {
        return StreamSupport.stream(array.spliterator(), false).toList();
    }

    private static List<JsonNode> cues(JsonNode now, String act) {
        return all(now.get("cues")).stream()
                .filter(cue -> cue.get("act").asString().equals(act))
                .toList();
    }

    @Test
    void beforeAnybodySatDownNothingRuns() throws Exception {
        JsonNode now = now(600);

        assertThat(now.get("started").asBoolean()).isFalse();
        assertThat(now.get("cues")).isEmpty();
    }

    /** Its putting in; what eaters fish out themselves nobody is told to take out. */
    private static JsonNode firstThatSomebodyTakesOut(JsonNode now) {
        List<String> out = cues(now, "TAKE_OUT").stream()
                .map(cue -> cue.get("drop").asString())
                .toList();
        return cues(now, "PUT_IN").stream()
                .filter(cue -> out.contains(cue.get("drop").asString()))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatGoesInIsThereAndComesOutWhenSomebodySaysSo() throws Exception {
        assertThat(tell(event(0, "SAT_DOWN")).get("last").asLong()).isEqualTo(1);
        JsonNode first = firstThatSomebodyTakesOut(now(60));
        String drop = first.get("drop").asString();
        int in = first.get("at").asInt();
        tell(event(in, "PUT_IN", "drop", drop, "stay", 0));

        JsonNode now = now(in + 30);
        assertThat(all(now.get("inPot")))
                .anyMatch(food -> food.get("drop").asString().equals(drop));
        assertThat(cues(now, "PUT_IN"))
                .noneMatch(cue -> drop.equals(cue.get("drop").asString()));
        JsonNode out = cues(now, "TAKE_OUT").stream()
                .filter(cue -> drop.equals(cue.get("drop").asString()))
                .findFirst()
                .orElseThrow();
        int due = out.get("at").asInt();
        JsonNode forgotten = now(due + 300);
        assertThat(cues(forgotten, "TAKE_OUT"))
                .anyMatch(cue ->
                        drop.equals(cue.get("drop").asString()) && cue.get("at").asInt() == due);
        assertThat(table(party, due + 300).get("audit")).isEmpty();

        JsonNode receipt = tell(event(due + 310, "TAKEN_OUT", "drop", drop, "how", "OVERDONE"));
        assertThat(receipt.get("last").asLong()).isEqualTo(3);
        assertThat(all(now(due + 320).get("inPot")))
                .noneMatch(food -> food.get("drop").asString().equals(drop));
    }

    @Test
    void aSideThatBeefFellIntoIsClosedToTheVeganAtOnce() throws Exception {
        tell(event(0, "SAT_DOWN"));
        assertThat(cleanFor("ada", now(600))).contains("t1");
        Map<String, Object> fall = event(601, "FELL_IN", "side", "t1", "ingredient", "beef-ribeye");
        tell(fall);

        JsonNode table = table(party, 601);
        assertThat(cleanFor("ada", table.get("now"))).doesNotContain("t1");
        assertThat(all(table.get("now").get("warnings")))
                .anyMatch(text -> text.asString().contains("is closed to Ada: what fell in: vegan"));
        assertThat(all(table.get("drops")))
                .filteredOn(drop -> drop.get("side").asString().equals("t1"))
                .flatExtracting(drop -> all(drop.get("stays")))
                .filteredOn(stay -> stay.get("takeOut").asInt() > 601)
                .flatExtracting(stay -> all(stay.get("servings")))
                .noneMatch(serving -> serving.get("guest").asString().equals("ada"));

        tell(event(605, "TAKEN_BACK", "event", fall.get("id")));
        assertThat(cleanFor("ada", now(610))).contains("t1");
    }

    private static List<String> cleanFor(String guest, JsonNode now) {
        return all(now.get("sides")).stream()
                .filter(side -> all(side.get("closedTo")).stream()
                        .noneMatch(closed -> closed.get("guest").asString().equals(guest)))
                .map(side -> side.get("side").asString())
                .toList();
    }

    @Test
    void whatAFullGuestLeavesGoesToWhoWantsMore() throws Exception {
        tell(event(0, "SAT_DOWN"));
        tell(event(900, "FULL", "guest", "bo"));
        JsonNode spare = now(901).get("spare");
        assertThat(spare).isNotEmpty();
        Map<String, Object> wish = event(910, "WANTS", "guest", "edda", "cut", "beef-ribeye.sliced");
        double before = grams(table(party, 905), "edda", "beef-ribeye.sliced");
        JsonNode asIf =
                body(send(post(party + "/table").contentType(APPLICATION_JSON).content(json.writeValueAsString(wish))));
        assertThat(grams(asIf, "edda", "beef-ribeye.sliced")).isGreaterThan(before);
        assertThat(grams(table(party, 911), "edda", "beef-ribeye.sliced"))
                .as("nothing was recorded")
                .isEqualTo(before);

        tell(wish);
        assertThat(grams(table(party, 911), "edda", "beef-ribeye.sliced"))
                .isEqualTo(grams(asIf, "edda", "beef-ribeye.sliced"));
    }

    private static double grams(JsonNode table, String guest, String cut) {
        return all(table.get("drops")).stream()
                .filter(drop -> drop.get("cut").asString().equals(cut))
                .flatMap(drop -> all(drop.get("stays")).stream())
                .flatMap(stay -> all(stay.get("servings")).stream())
                .filter(serving -> serving.get("guest").asString().equals(guest))
                .mapToDouble(serving -> serving.get("grams").asDouble())
                .sum();
    }

    @Test
    void aPauseHoldsBackWhatIsToComeAndAColdSideWhatIsRaw() throws Exception {
        tell(event(0, "SAT_DOWN"));
        tell(event(600, "PAUSED"));
        JsonNode paused = now(900);
        assertThat(paused.get("paused").asBoolean()).isTrue();
        assertThat(cues(paused, "PUT_IN")).isEmpty();
        tell(event(900, "RESUMED"));
        assertThat(table(party, 900).get("mealSeconds").asInt()).isEqualTo(6000 + 300);

        tell(event(1000, "READ", "side", "t2", "celsius", 71.5));
        assertThat(table(party, 1001).get("audit")).isEmpty();
        tell(event(1010, "READ", "side", "t2", "celsius", 400));
        assertThat(all(now(1011).get("warnings")))
                .anyMatch(text -> text.asString().contains("no broth can be"));
    }

    @Test
    void inWhateverOrderMarksArriveThePlanIsTheSame() throws Exception {
        tell(event(0, "SAT_DOWN"));
        List<Map<String, Object>> events = new ArrayList<>(List.of(
                event(0, "SAT_DOWN"),
                event(300, "FULL", "guest", "gul"),
                event(400, "FELL_IN", "side", "t1", "ingredient", "pork-belly"),
                event(
                        500,
                        "SKIPPED",
                        "drop",
                        cues(now(10), "PUT_IN").get(0).get("drop").asString()),
                event(600, "OUT_OF", "cut", "beef-ribeye.sliced")));
        String one = imported();
        String other = imported();
        tell(one, events);
        Collections.reverse(events);
        for (Map<String, Object> event : events) {
            tell(other, List.of(event));
        }

        assertThat(table(one, 700)).isEqualTo(table(other, 700));
    }

    @Test
    void whatIsMissingOrTooMuchInAMarkIsSaid() throws Exception {
        assertThat(tell(party, List.of(event(0, "PUT_IN"))).getContentAsString())
                .contains("drop");
        assertThat(tell(party, List.of(event(0, "FULL", "guest", "bo", "celsius", 3)))
                        .getContentAsString())
                .contains("celsius")
                .contains("guest for FULL");
        assertThat(tell(party, List.of(event(0, "PAUSED", "side", "t1"))).getContentAsString())
                .contains("nothing besides id, at and type for PAUSED");
        assertThat(send(get(party + "/plan").param("asOf", "soon"))
                        .getResponse()
                        .getContentAsString())
                .contains("asOf")
                .contains("an instant such as");
    }

    @Test
    void aDevicesClockIsPutRight() throws Exception {
        Instant behind = Instant.parse("2026-11-24T14:50:00Z");
        Map<String, Object> mark = event(0, "SAT_DOWN");
        mark.put("at", behind.minusSeconds(60).toString());
        send(post(party + "/events")
                .header("Ladle-Sent", behind.toString())
                .contentType(APPLICATION_JSON)
                .content(json.writeValueAsString(List.of(mark))));

        assertThat(body(send(get(party + "/events"))).get(0).get("at").asString())
                .isEqualTo("2026-11-24T14:59:00Z");
    }

    @Test
    void aScreenIsToldWhatIsMarkedAndOnlyOnce() throws Exception {
        tell(event(0, "SAT_DOWN"));
        MvcResult fresh = send(get(party + "/stream"));
        MvcResult returning = send(get(party + "/stream").header("Last-Event-ID", "0"));
        awaitText(fresh, "event:brief");
        awaitText(returning, "event:brief");
        assertThat(text(fresh)).doesNotContain("event:fact");
        assertThat(text(returning)).contains("id:1\nevent:fact").contains("SAT_DOWN");

        tell(event(10, "PAUSED"));
        awaitText(fresh, "PAUSED");
        awaitText(returning, "PAUSED");
        assertThat(text(fresh).split("event:fact")).hasSize(2);
        assertThat(text(fresh)).contains("id:2\nevent:fact\ndata:{\"sequence\":2,\"event\":{");
    }

    private static String text(MvcResult stream) throws Exception {
        return stream.getResponse().getContentAsString();
    }

    private static void awaitText(MvcResult stream, String text) throws Exception {
        long end = System.nanoTime() + PATIENCE.toNanos();
        while (!text(stream).contains(text)) {
            assertThat(System.nanoTime()).as(text(stream)).isLessThan(end);
            Thread.sleep(20);
        }
    }

    @Test
    void nobodyFollowsAPartyThereIsNoneOf() throws Exception {
        assertThat(send(get("/api/parties/" + UUID.randomUUID() + "/stream"))
                        .getResponse()
                        .getStatus())
                .isEqualTo(404);
        assertThat(send(get(party + "/stream").header("Last-Event-ID", "last"))
                        .getResponse()
                        .getStatus())
                .isEqualTo(400);
    }
}
