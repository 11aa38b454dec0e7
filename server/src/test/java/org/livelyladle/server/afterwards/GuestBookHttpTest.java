package org.livelyladle.server.afterwards;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.livelyladle.server.ServerTest;
import org.livelyladle.server.demo.DemoBriefs;
import org.livelyladle.server.household.PriceList;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpHeaders;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** People of the book as evenings knew them, and somebody who is forgotten altogether. */
class GuestBookHttpTest extends ServerTest {
    private static final String BEEF = "beef-ribeye.sliced";

    @Autowired
    private JdbcTemplate database;

    private ObjectNode brief;
    private String guest;
    private String name;
    private String past;
    private String person;

    @BeforeEach
    void anEveningThatIsOver() throws Exception {
        brief = json.valueToTree(new DemoBriefs(json, new PriceList())
                .load(LocalDate.of(2026, 11, 24))
                .get(0));
        brief.put("sitDown", "2026-11-20T19:00:00");
        brief.withArray("/shops").removeAll();
        ((ObjectNode) brief.get("prices")).withArray("offers").removeAll();
        JsonNode first = brief.at("/guests/0");
        guest = first.get("id").asString();
        // nobody of another test goes by it
        name = "Adela " + UUID.randomUUID().toString().substring(0, 8);
        ((ObjectNode) first).put("name", name);
        past = taken(brief);
        person = body(send(post("/api/household/kept")
                        .contentType(APPLICATION_JSON)
                        .content("{\"brief\":" + brief + ",\"part\":\"PERSON\",\"id\":\"" + guest + "\"}")))
                .at("/household/people/0/id")
                .asString();
    }

    private String taken(JsonNode document) throws Exception {
        return body(send(post("/api/parties/import")
                        .contentType(APPLICATION_JSON)
                        .content(json.writeValueAsBytes(document))))
                .get("id")
                .asString();
    }

    private void happened(String event) throws Exception {
        send(post("/api/parties/" + past + "/events")
                .contentType(APPLICATION_JSON)
                .content("[{\"id\":\"" + UUID.randomUUID() + "\",\"at\":\"2026-11-20T18:10:00Z\"," + event + "}]"));
    }

    private void somethingOfEachKind() throws Exception {
        happened("\"type\":\"WANTS\",\"guest\":\"" + guest + "\",\"cut\":\"" + BEEF + "\"");
        happened("\"type\":\"NEED_SAID\",\"guest\":\"" + guest + "\",\"need\":\"PEANUTS\"");
        happened("\"type\":\"PUT_IN\",\"drop\":\"x:" + guest + ":1\",\"cut\":\"" + BEEF + "\"");
        send(put("/api/parties/" + past + "/journal")
                .header(HttpHeaders.IF_MATCH, "\"0\"")
                .contentType(APPLICATION_JSON)
                .content("{\"format\":\"lively-ladle/journal\",\"formatVersion\":1,\"guests\":[{\"guest\":\"" + guest
                        + "\",\"ate\":\"MORE\"}]}"));
    }

    @Test
    void theBookKnowsWhoCameAndWhatTheyAskedFor() throws Exception {
        somethingOfEachKind();
        JsonNode people = body(send(get("/api/household/people"))).get("people");
        assertThat(people).hasSize(1);
        JsonNode known = people.get(0);
        assertThat(known.get("guest").asString()).isEqualTo(person);
        assertThat(known.get("evenings").asInt()).isEqualTo(1);
        assertThat(known.get("lastOn").asString()).isEqualTo("2026-11-20");
        assertThat(known.get("favourites").toString()).contains("rib-eye");
    }

    @Test
    void manyEveningsToComeHideNoneThatWas() throws Exception {
        ObjectNode later = brief.deepCopy();
        later.put("sitDown", "2026-12-20T19:00:00");
        for (int i = 0; i < 51; i++) {
            taken(later);
        }
        JsonNode people = body(send(get("/api/household/people"))).get("people");
        assertThat(people.get(0).get("evenings").asInt()).isEqualTo(1);
    }

    @Test
    void whoIsForgottenForGoodIsNowhereAnyMore() throws Exception {
        somethingOfEachKind();
        ObjectNode later = brief.deepCopy();
        later.put("sitDown", "2026-12-20T19:00:00");
        String coming = taken(later);
        JsonNode planned = body(send(get("/api/parties/" + past + "/plan")));

        JsonNode answer = body(send(delete("/api/household/people/" + person)));
        assertThat(answer.at("/household/household/people")).isEmpty();
        assertThat(answer.get("parties").asInt()).isGreaterThanOrEqualTo(1);

        for (String table : new String[] {"brief_revision", "party_event", "journal"}) {
            String column = table.equals("brief_revision") ? "brief" : table.equals("journal") ? "document" : "body";
            assertThat(database.queryForList(
                            "SELECT " + column + "::text FROM " + table + " WHERE party_id = ?::uuid",
                            String.class,
                            past))
                    .as(table)
                    .isNotEmpty()
                    .noneMatch(text -> text.contains("\"" + guest + "\"") || text.contains(name));
        }
        assertThat(database.queryForList("SELECT document::text FROM household_revision", String.class))
                .isNotEmpty()
                .noneMatch(text -> text.contains(name));
        JsonNode brief = body(send(get("/api/parties/" + past))).get("brief");
        assertThat(brief.at("/guests/0/name").asString()).isEqualTo("Somebody");
        assertThat(brief.at("/guests/0/needs")).isEmpty();
        JsonNode events = body(send(get("/api/parties/" + past + "/events")));
        assertThat(events.toString()).doesNotContain("NEED_SAID").contains("x:somebody-1:1");
        assertThat(body(send(get("/api/parties/" + past + "/journal")))
                        .at("/journal/guests/0/guest")
                        .asString())
                .isEqualTo("somebody-1");
        assertThat(body(send(get("/api/parties/" + past + "/plan")))
                        .at("/portions/guests")
                        .size())
                .as("the evening stays what it was")
                .isEqualTo(planned.at("/portions/guests").size());
        assertThat(body(send(get("/api/parties/" + coming)))
                        .at("/brief/guests/0/name")
                        .asString())
                .as("who is invited is still invited")
                .isEqualTo(name);
        assertThat(send(delete("/api/household/people/" + person)).getResponse().getStatus())
                .isEqualTo(400);
    }
}
