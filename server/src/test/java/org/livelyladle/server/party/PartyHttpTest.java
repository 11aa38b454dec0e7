package org.livelyladle.server.party;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.livelyladle.server.ServerTest;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.web.RefusedException;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpHeaders;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MvcResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class PartyHttpTest extends ServerTest {
    @Autowired
    private PartyService service;

    private String id;
    private ObjectNode brief;

    @BeforeEach
    void aParty() throws Exception {
        MvcResult created = send(
                post("/api/parties")
                        .contentType(APPLICATION_JSON)
                        .content(
                                "{\"title\":\"Test\",\"sitDown\":\"2026-12-05T19:00:00\",\"zone\":\"Europe/Vienna\",\"guests\":[\"Ann\",\"Ben\"]}"));
        assertThat(created.getResponse().getStatus()).isEqualTo(201);
        id = body(created).get("id").asString();
        brief = (ObjectNode) body(created).get("brief");
        assertThat(created.getResponse().getHeader(HttpHeaders.LOCATION)).isEqualTo("/api/parties/" + id);
        assertThat(created.getResponse().getHeader(HttpHeaders.ETAG)).isEqualTo("\"1\"");
    }

    private MockHttpServletResponse edit(String ifMatch, JsonNode content) throws Exception {
        var request = put("/api/parties/" + id + "/brief")
                .contentType(APPLICATION_JSON)
                .content(content.toString());
        return send(ifMatch == null ? request : request.header(HttpHeaders.IF_MATCH, ifMatch))
                .getResponse();
    }

    private JsonNode plan() throws Exception {
        return body(send(get("/api/parties/" + id + "/plan")));
    }

    @Test
    void aNewPartyFeedsEverybody() throws Exception {
        JsonNode plan = plan();

        assertThat(plan.at("/table/drops").size()).isGreaterThan(10);
        assertThat(plan.at("/table/remainders").size()).isZero();
        assertThat(plan.at("/purchases/unoffered").size()).isZero();
    }

    @Test
    void anEditMakesTheNextRevision() throws Exception {
        brief.put("title", "Feast");
        MockHttpServletResponse saved = edit("\"1\"", brief);

        assertThat(saved.getStatus()).isEqualTo(200);
        assertThat(saved.getHeader(HttpHeaders.ETAG)).isEqualTo("\"2\"");
        assertThat(body(send(get("/api/parties/" + id))).at("/brief/title").asString())
                .isEqualTo("Feast");
    }

    @Test
    void anEditWithoutARevisionIsRefused() throws Exception {
        MockHttpServletResponse refused = edit(null, brief);

        assertThat(refused.getStatus()).isEqualTo(428);
        assertThat(refused.getContentType()).startsWith("application/problem+json");
    }

    @Test
    void aStaleEditIsRefusedWithTheNewestBrief() throws Exception {
        brief.put("title", "First");
        edit("\"1\"", brief);
        brief.put("title", "Second");
        MockHttpServletResponse stale = edit("\"1\"", brief);

        assertThat(stale.getStatus()).isEqualTo(412);
        JsonNode problem = json.readTree(stale.getContentAsByteArray());
        assertThat(problem.at("/current/revision").asInt()).isEqualTo(2);
        assertThat(problem.at("/current/brief/title").asString()).isEqualTo("First");
        assertThat(body(send(get("/api/parties/" + id))).at("/brief/title").asString())
                .isEqualTo("First");
    }

    @Test
    void aDeletedPartyTakesNothingIn() throws Exception {
        send(delete("/api/parties/" + id));

        assertThat(edit("\"1\"", brief).getStatus()).isEqualTo(404);
        assertThat(send(post("/api/parties/" + id + "/events")
                                .contentType(APPLICATION_JSON)
                                .content(ticks(1)))
                        .getResponse()
                        .getStatus())
                .isEqualTo(404);
        send(post("/api/parties/" + id + "/restore"));
        assertThat(edit("\"1\"", brief).getStatus()).isEqualTo(200);
    }

    private static String ticks(int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> "{\"id\":\"" + new UUID(0, i)
                        + "\",\"at\":\"2026-11-24T10:00:00Z\",\"type\":\"TASK_DONE\",\"subject\":\"task-" + i + "\"}")
                .collect(Collectors.joining(",", "[", "]"));
    }

    @Test
    void aFullBatchIsRecordedInItsOrderAndOnce() throws Exception {
        for (String receipt : new String[] {
            "{\"recorded\":500,\"known\":0,\"last\":500}", "{\"recorded\":0,\"known\":500,\"last\":500}"
        }) {
            assertThat(send(post("/api/parties/" + id + "/events")
                                    .contentType(APPLICATION_JSON)
                                    .content(ticks(500)))
                            .getResponse()
                            .getContentAsString())
                    .isEqualTo(receipt);
        }
        JsonNode events = body(send(get("/api/parties/" + id + "/events")));
        assertThat(events.size()).isEqualTo(500);
        assertThat(IntStream.range(0, 500)
                        .mapToObj(i -> events.get(i).get("subject").asString()))
                .containsExactlyElementsOf(
                        IntStream.range(0, 500).mapToObj(i -> "task-" + i).toList());
    }

    @Test
    void aDeletedPartyComesBack() throws Exception {
        assertThat(send(delete("/api/parties/" + id)).getResponse().getStatus()).isEqualTo(204);
        assertThat(send(get("/api/parties/" + id)).getResponse().getStatus()).isEqualTo(404);
        assertThat(send(post("/api/parties/" + id + "/restore")).getResponse().getStatus())
                .isEqualTo(204);
        assertThat(send(get("/api/parties/" + id)).getResponse().getStatus()).isEqualTo(200);
    }

    @Test
    void nobodyReachesAnotherHouseholdsParty() {
        SignedIn stranger = new SignedIn(UUID.randomUUID(), UUID.randomUUID(), "Stranger");

        assertThatThrownBy(() -> service.get(stranger, UUID.fromString(id))).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> service.delete(stranger, UUID.fromString(id))).isInstanceOf(RefusedException.class);
        assertThat(service.list(stranger)).isEmpty();
    }

    @Test
    void anEventCountsOnceAndBecomesStock() throws Exception {
        JsonNode line = plan().at("/purchases/trips/0/lines/0");
        UUID event = UUID.randomUUID();
        String bought = """
                [{"id":"%s","at":"2026-11-24T15:00:00Z","type":"BOUGHT","subject":"%s","ingredient":"%s","count":%d,"grams":%s,"priceCents":123}]
                """.formatted(
                        event,
                        line.get("offer").asString(),
                        line.get("ingredient").asString(),
                        line.get("count").asInt(),
                        line.get("grams"));
        var request = post("/api/parties/" + id + "/events")
                .contentType(APPLICATION_JSON)
                .content(bought);

        assertThat(body(send(request)).get("recorded").asInt()).isEqualTo(1);
        JsonNode again = body(send(post("/api/parties/" + id + "/events")
                .contentType(APPLICATION_JSON)
                .content(bought)));
        assertThat(again.get("recorded").asInt()).isZero();
        assertThat(again.get("known").asInt()).isEqualTo(1);
        assertThat(plan().at("/purchases/trips/0/lines").findValuesAsString("boughtEvent"))
                .contains(event.toString());
    }

    @Test
    void aWorkingIsGivenByItsFigure() throws Exception {
        JsonNode working = body(send(get("/api/parties/" + id + "/working").param("figure", "eaters")));

        assertThat(working.at("/result/value").asDouble()).isEqualTo(2);
        assertThat(working.get("terms").size()).isEqualTo(2);
        assertThat(send(get("/api/parties/" + id + "/working").param("figure", "nonsense"))
                        .getResponse()
                        .getStatus())
                .isEqualTo(404);
    }

    @Test
    void aPartyFileIsTakenInAgain() throws Exception {
        MvcResult imported =
                send(post("/api/parties/import").contentType(APPLICATION_JSON).content(brief.toString()));

        assertThat(imported.getResponse().getStatus()).isEqualTo(201);
        assertThat(body(imported).get("brief")).isEqualTo(brief);
    }

    /** An id is its device's own word, and means something within its party only. */
    @Test
    void theSameEventIdCountsInEachParty() throws Exception {
        String other = body(send(post("/api/parties/import")
                        .contentType(APPLICATION_JSON)
                        .content(json.writeValueAsString(brief))))
                .get("id")
                .asString();
        String event = """
                [{"id":"%s","at":"2026-11-24T15:00:00Z","type":"TASK_DONE","subject":"table:lay"}]""".formatted(UUID.randomUUID());

        List<Integer> recorded = new ArrayList<>();
        for (String party : List.of(id, other, id)) {
            recorded.add(body(send(post("/api/parties/" + party + "/events")
                            .contentType(APPLICATION_JSON)
                            .content(event)))
                    .get("recorded")
                    .asInt());
        }

        assertThat(recorded).containsExactly(1, 1, 0);
    }
}
