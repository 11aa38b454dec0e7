package org.livelyladle.server.household;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.livelyladle.server.ServerTest;
import org.springframework.http.HttpHeaders;
import org.springframework.test.web.servlet.MvcResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class HouseholdHttpTest extends ServerTest {
    private static final String WISH =
            "{\"sitDown\":\"2026-12-05T19:00:00\",\"zone\":\"Europe/Vienna\",\"guests\":[\"Ann\",\"Ben\"]";

    private JsonNode before;
    private ObjectNode party;
    private String id;

    @BeforeEach
    void aParty() throws Exception {
        before = household();
        party = create("}");
        id = party.get("id").asString();
    }

    private JsonNode household() throws Exception {
        return body(send(get("/api/household")));
    }

    private ObjectNode create(String more) throws Exception {
        return (ObjectNode)
                body(send(post("/api/parties").contentType(APPLICATION_JSON).content(WISH + more)));
    }

    private MvcResult replace(int revision, JsonNode document) throws Exception {
        return send(put("/api/household")
                .header(HttpHeaders.IF_MATCH, "\"" + revision + "\"")
                .contentType(APPLICATION_JSON)
                .content(document.toString()));
    }

    private MvcResult keep(JsonNode brief, String part, String subject) throws Exception {
        ObjectNode kept = json.createObjectNode();
        kept.set("brief", brief);
        kept.put("part", part);
        kept.put("id", subject);
        return send(post("/api/household/kept").contentType(APPLICATION_JSON).content(kept.toString()));
    }

    private ObjectNode brief() {
        return (ObjectNode) party.get("brief");
    }

    private ObjectNode ann() {
        return (ObjectNode) brief().at("/guests/0");
    }

    @Test
    void aKeptGuestComesToTheNextPartyWithTheirNeeds() throws Exception {
        ((ArrayNode) ann().get("needs")).addObject().put("kind", "PEANUTS").put("strength", "MEDICAL");
        assertThat(keep(brief(), "PERSON", "guest-1").getResponse().getStatus()).isEqualTo(200);
        JsonNode next = create("}");

        assertThat(next.at("/brief/guests/0/needs/0/kind").asString()).isEqualTo("PEANUTS");
        assertThat(next.at("/brief/guests/1/needs").size()).isZero();
        assertThat(next.at("/brief/title").asString()).startsWith("Hot pot");
    }

    @Test
    void keptPotsAreThereNextTimeAndForgottenOnesNot() throws Exception {
        ((ObjectNode) brief().at("/pots/0")).put("name", "The big one").put("capacityMl", 7000);
        keep(brief(), "KITCHEN", null);
        assertThat(create("}").at("/brief/pots/0/name").asString()).isEqualTo("The big one");

        send(delete("/api/household/kept").param("part", "KITCHEN"));
        assertThat(create("}").at("/brief/pots/0/name").asString()).isEqualTo("Split pot");
    }

    @Test
    void anEditOnAnOldRevisionIsRefusedWithTheNewest() throws Exception {
        int revision = household().get("revision").asInt();
        keep(brief(), "PERSON", "guest-1");
        MvcResult refused = replace(revision, before.get("household"));

        assertThat(refused.getResponse().getStatus()).isEqualTo(412);
        assertThat(body(refused).at("/current/revision").asInt()).isEqualTo(revision + 1);
        assertThat(send(put("/api/household")
                                .contentType(APPLICATION_JSON)
                                .content(before.get("household").toString()))
                        .getResponse()
                        .getStatus())
                .isEqualTo(428);
    }

    @Test
    void whatDoesNotHoldTogetherIsRefusedByItsPlace() throws Exception {
        ObjectNode broken = (ObjectNode) before.get("household").deepCopy();
        ((ArrayNode) broken.get("pantry"))
                .addObject()
                .put("ingredient", "moon-dust")
                .put("grams", 5);
        JsonNode problem = body(replace(household().get("revision").asInt(), broken));

        assertThat(problem.get("status").asInt()).isEqualTo(400);
        assertThat(problem.get("field").asString()).isEqualTo("pantry[0].ingredient");
        assertThat(keep(brief(), "BROTH", "not-mine").getResponse().getStatus()).isEqualTo(400);
    }

    @Test
    void everyStartingPointSaysWhatItComesTo() throws Exception {
        JsonNode starts = body(
                send(post("/api/starting-points").contentType(APPLICATION_JSON).content(WISH + "}")));
        ObjectNode byStart = json.createObjectNode();
        StreamSupport.stream(starts.spliterator(), false)
                .filter(start -> !start.get("start").isNull())
                .forEach(start -> byStart.set(start.get("start").asString(), start));

        assertThat(byStart.at("/PACKETS/comesTo/handsMinutes").asDouble())
                .isLessThan(byStart.at("/USUAL/comesTo/handsMinutes").asDouble());
        assertThat(byStart.at("/EMPTY/cuts").asInt()).isZero();
        assertThat(byStart.at("/USUAL/comesTo/first").asString()).isNotEmpty();
        assertThat(byStart.at("/USUAL/comesTo/bill").asString()).contains("€");
        assertThat(starts)
                .anyMatch(start -> start.get("start").isNull()
                        && start.get("label").asString().startsWith("As “")
                        && start.get("remark").asString().matches("Table and menu of \\w{3} \\d+ \\w{3}; your guests"));
    }

    @Test
    void aPartyAsLastTimeHasItsTableAndMenu() throws Exception {
        JsonNode again = create(",\"from\":\"" + id + "\"}");

        assertThat(again.at("/brief/menu")).isEqualTo(brief().get("menu"));
        assertThat(again.get("id").asString()).isNotEqualTo(id);
        assertThat(create(",\"start\":\"WATER\"}")
                        .at("/brief/pots/0/sides/0/unsalted")
                        .asBoolean())
                .isTrue();
    }

    /** The household changed after the party was made: offered with its effect, until it is taken or left. */
    @Test
    void whatTheHouseholdHasOtherwiseNowIsOfferedOnce() throws Exception {
        String path = "/api/parties/" + id + "/household-news";
        assertThat(body(send(get(path))).size()).isZero();
        ObjectNode other = brief().deepCopy();
        other.withArray("/prices/offers").forEach(offer -> raise((ObjectNode) offer));
        keep(other, "SHOPS", null);
        JsonNode news = body(send(get(path)));

        assertThat(news.size()).isEqualTo(1);
        assertThat(news.at("/0/part").asString()).isEqualTo("SHOPS");
        assertThat(news.at("/0/effect").asString()).startsWith("bill €");
        assertThat(news.at("/0/brief/prices/offers")).isEqualTo(other.at("/prices/offers"));

        assertThat(send(delete(path)).getResponse().getStatus()).isEqualTo(204);
        assertThat(body(send(get(path))).size()).isZero();
    }

    private static void raise(ObjectNode offer) {
        for (String price : new String[] {"priceCents", "priceCentsPerKg"}) {
            if (!offer.get(price).isNull()) {
                offer.put(price, offer.get(price).asInt() + 100);
            }
        }
    }
}
