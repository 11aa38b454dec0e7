package org.livelyladle.server.afterwards;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.livelyladle.server.ServerTest;
import org.livelyladle.server.exchange.PdfPages;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpHeaders;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MvcResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class JournalHttpTest extends ServerTest {
    private static final String BEGINNING =
            "{\"sitDown\":\"2026-12-05T19:00:00\",\"zone\":\"Europe/Vienna\",\"guests\":[\"Ann\",\"Ben\"]}";
    private static final String HALF_LEFT =
            "{\"format\":\"lively-ladle/journal\",\"formatVersion\":1,\"left\":[{\"cut\":\"%s\",\"part\":\"HALF\"}],"
                    + "\"note\":\"less meat\",\"mark\":4}";

    @Autowired
    private JdbcTemplate database;

    private String id;
    private String meat;

    @BeforeEach
    void aParty() throws Exception {
        database.update("DELETE FROM journal");
        JsonNode party =
                body(send(post("/api/parties").contentType(APPLICATION_JSON).content(BEGINNING)));
        id = party.get("id").asString();
        meat = body(send(get("/api/parties/" + id + "/plan")))
                .at("/portions/cuts")
                .valueStream()
                .filter(cut -> cut.get("category").asString().equals("MEAT"))
                .findFirst()
                .orElseThrow()
                .get("cut")
                .asString();
    }

    private MvcResult say(int revision, String journal) throws Exception {
        return send(put("/api/parties/" + id + "/journal")
                .header(HttpHeaders.IF_MATCH, "\"" + revision + "\"")
                .contentType(APPLICATION_JSON)
                .content(journal));
    }

    private JsonNode lesson() throws Exception {
        return body(send(get("/api/household/lesson")));
    }

    @Test
    void nothingIsSaidAtFirst() throws Exception {
        JsonNode view = body(send(get("/api/parties/" + id + "/journal")));

        assertThat(view.get("revision").asInt()).isZero();
        assertThat(view.at("/journal/left")).isEmpty();
        assertThat(lesson().get("evenings")).isEmpty();
    }

    @Test
    void whatIsSaidIsKeptTeachesOnceAndPlansTheNextParty() throws Exception {
        MvcResult said = say(0, HALF_LEFT.formatted(meat));
        assertThat(said.getResponse().getStatus()).isEqualTo(200);
        assertThat(said.getResponse().getHeader(HttpHeaders.ETAG)).isEqualTo("\"1\"");
        JsonNode view = body(send(get("/api/parties/" + id + "/journal")));
        assertThat(view.at("/journal/note").asString()).isEqualTo("less meat");
        assertThat(view.at("/keeping/0/subject").asString()).isEqualTo(meat);

        JsonNode lesson = lesson();
        assertThat(lesson.at("/changes/0/of").asString()).isEqualTo("MEAT");
        int becomes = lesson.at("/changes/0/becomes").asInt();
        assertThat(becomes).isLessThan(lesson.at("/changes/0/was").asInt());

        MvcResult taken = send(post("/api/household/lesson"));
        assertThat(taken.getResponse().getStatus()).isEqualTo(200);
        assertThat(body(taken).at("/household/portionsPerAdult/MEAT").asInt()).isEqualTo(becomes);
        assertThat(lesson().get("evenings")).as("it teaches once").isEmpty();
        JsonNode next =
                body(send(post("/api/parties").contentType(APPLICATION_JSON).content(BEGINNING)));
        assertThat(next.at("/brief/portionsPerAdult/MEAT").asInt()).isEqualTo(becomes);
        assertThat(body(send(get("/api/parties/" + id)))
                        .at("/brief/portionsPerAdult/MEAT")
                        .asInt())
                .as("the past one stays as it was")
                .isEqualTo(136);
    }

    @Test
    void anEditOfAnOldRevisionIsToldTheNewest() throws Exception {
        say(0, HALF_LEFT.formatted(meat));
        MvcResult late = say(0, HALF_LEFT.formatted(meat));

        assertThat(late.getResponse().getStatus()).isEqualTo(412);
        assertThat(body(late).at("/current/revision").asInt()).isEqualTo(1);
        assertThat(say(1, HALF_LEFT.formatted(meat)).getResponse().getStatus()).isEqualTo(200);
    }

    @Test
    void whatTheEveningDidNotHaveIsRefusedWithItsPlace() throws Exception {
        MvcResult refused = say(0, HALF_LEFT.formatted("moon.dust"));

        assertThat(refused.getResponse().getStatus()).isEqualTo(400);
        assertThat(body(refused).get("field").asString()).isEqualTo("left[0].cut");
        assertThat(say(0, HALF_LEFT.formatted(meat).replace("\"mark\":4", "\"mark\":9"))
                        .getResponse()
                        .getContentAsString())
                .contains("a whole number from 1 to 5");
        assertThat(send(put("/api/parties/" + id + "/journal")
                                .contentType(APPLICATION_JSON)
                                .content(HALF_LEFT.formatted(meat)))
                        .getResponse()
                        .getStatus())
                .as("without If-Match")
                .isEqualTo(428);
    }

    @Test
    void aDeletedPartyTeachesNothing() throws Exception {
        say(0, HALF_LEFT.formatted(meat));
        send(delete("/api/parties/" + id));

        assertThat(lesson().get("evenings")).isEmpty();
        assertThat(send(get("/api/parties/" + id + "/journal")).getResponse().getStatus())
                .isEqualTo(404);
    }

    /** 700 ml of broth are soup for two; labels are printed for what is kept, and timings can be said. */
    @Test
    void whatIsLeftIsLabelledAndBecomesSoup() throws Exception {
        JsonNode standing = body(send(get("/api/parties/" + id + "/journal")));
        JsonNode lay = standing.get("timings")
                .valueStream()
                .filter(one -> one.at("/usual/of").asString().equals("table:lay"))
                .findFirst()
                .orElseThrow();
        assertThat(standing.get("nextDay")).isEmpty();
        ObjectNode took = (ObjectNode) lay.get("usual").deepCopy();
        took.put("happened", 2 * took.get("expected").asDouble());
        String side = body(send(get("/api/parties/" + id)))
                .at("/brief/pots/0/sides/0/id")
                .asString();
        String told = HALF_LEFT
                .formatted(meat)
                .replace(
                        "}],",
                        ",\"state\":\"UNTOUCHED\"}],\"broths\":[{\"side\":\"" + side + "\",\"ml\":700}],\"times\":["
                                + took + "],");
        JsonNode view = body(say(0, told));

        assertThat(view.at("/nextDay/0/kind").asString()).isEqualTo("SOUP");
        assertThat(view.at("/nextDay/0/people").asInt()).isEqualTo(2);
        assertThat(lesson().get("changes").toString()).contains("TASK_TIME").contains("Lay the table");
        List<String> pages = PdfPages.of(
                send(get("/api/parties/" + id + "/labels.pdf")).getResponse().getContentAsByteArray());
        assertThat(String.join(" ", pages)).contains("Until", "Packed Sat 5 Dec", "boil up");

        JsonNode taught = body(send(post("/api/household/lesson")));
        assertThat(taught.at("/household/paces/0/times").asDouble()).isEqualTo(1.15);
        JsonNode next =
                body(send(post("/api/parties").contentType(APPLICATION_JSON).content(BEGINNING)));
        assertThat(next.at("/brief/paces/0/of").asString()).isEqualTo("table:lay");
        assertThat(body(send(delete("/api/household/kept?part=TIMES"))).at("/household/paces"))
                .isEmpty();
    }

    /** Half of the meat of two: 136 g planned a head, 68 g eaten; of the rest nobody has spoken. */
    @Test
    void eveningsAreLookedBackOnSideBySide() throws Exception {
        assertThat(evening(body(send(get("/api/household/evenings"))))).isNull();
        say(0, HALF_LEFT.formatted(meat).replace("\"mark\":4", "\"mark\":4,\"costCents\":5000"));
        JsonNode evening = evening(body(send(get("/api/household/evenings"))));

        assertThat(evening.get("costAHeadCents").asInt()).isEqualTo(2500);
        assertThat(evening.get("leftGrams").asDouble()).isGreaterThan(20);
        JsonNode kinds = evening.get("kinds");
        assertThat(kinds.valueStream()
                        .filter(kind -> kind.get("category").asString().equals("ROOTS")))
                .singleElement()
                .satisfies(kind -> assertThat(kind.get("eatenAHead").isNull()).isTrue());
        String csv = send(get("/api/household/evenings.csv")).getResponse().getContentAsString();
        assertThat(csv)
                .startsWith("day,party,guests,cost,")
                .contains("2026-12-05")
                .contains(",50.00,25.00,EUR,");
    }

    private JsonNode evening(JsonNode evenings) {
        return evenings.valueStream()
                .filter(one -> one.get("party").asString().equals(id))
                .findFirst()
                .orElse(null);
    }
}
