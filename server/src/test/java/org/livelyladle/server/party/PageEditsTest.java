package org.livelyladle.server.party;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.server.ServerTest;
import org.livelyladle.server.demo.DemoBriefs;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpHeaders;
import org.springframework.mock.web.MockHttpServletResponse;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What the page does to a party: it takes things off lists, the server takes out what then hangs loose. */
class PageEditsTest extends ServerTest {
    private static final String[] LISTS = {
        "/guests",
        "/pots",
        "/menu",
        "/shops",
        "/cooks",
        "/ownIngredients",
        "/ownBroths",
        "/ownSauces",
        "/prices/offers",
        "/kitchen/circuits",
        "/extras",
        "/sauces",
        "/pantry",
        "/minders"
    };

    /** Of a long list of prices the first will do. */
    private static final int MOST = 20;

    @Autowired
    private DemoBriefs demos;

    private String id;
    private int revision;

    private MockHttpServletResponse save(JsonNode brief, boolean tidy) throws Exception {
        return send(put("/api/parties/" + id + "/brief?tidy=" + tidy)
                        .contentType(APPLICATION_JSON)
                        .header(HttpHeaders.IF_MATCH, "\"" + revision + "\"")
                        .content(brief.toString()))
                .getResponse();
    }

    private ObjectNode opened(Brief demo) throws Exception {
        JsonNode created = body(
                send(post("/api/parties/import").contentType(APPLICATION_JSON).content(json.writeValueAsString(demo))));
        id = created.get("id").asString();
        revision = 1;
        return (ObjectNode) created.get("brief");
    }

    @Test
    void removeAnythingOfADemoAndItIsAccepted() throws Exception {
        int removed = 0;
        for (Brief demo : demos.load(LocalDate.of(2026, 11, 24))) {
            ObjectNode brief = opened(demo);
            for (String list : LISTS) {
                for (int i = 0; i < Math.min(MOST, brief.at(list).size()); i++) {
                    ObjectNode without = brief.deepCopy();
                    ((ArrayNode) without.at(list)).remove(i);
                    MockHttpServletResponse saved = save(without, true);
                    assertThat(saved.getStatus())
                            .as("%s without %s %d: %s", demo.title(), list, i, saved.getContentAsString())
                            .isEqualTo(200);
                    revision++;
                    removed++;
                }
            }
        }
        assertThat(removed).isGreaterThan(150);
    }

    /** A script that mistypes an id is told where; only who asks for it has loose ends taken out, and is told so. */
    @Test
    void looseEndsAreRefusedUnlessTheyAreToBeTidiedUp() throws Exception {
        ObjectNode brief = opened(demos.load(LocalDate.of(2026, 11, 24)).get(0));
        String guest = brief.at("/guests/0/id").asString();
        ((ArrayNode) brief.get("guests")).remove(0);
        ((ObjectNode) brief.at("/pots/0")).putArray("reachedBy").add(guest);
        MockHttpServletResponse refused = save(brief, false);

        assertThat(refused.getStatus()).isEqualTo(400);
        assertThat(refused.getContentAsString()).contains("pots[0].reachedBy").contains(guest);
        MockHttpServletResponse saved = save(brief, true);
        assertThat(saved.getHeader("Ladle-Tidied")).isEqualTo("true");
        assertThat(json.readTree(saved.getContentAsByteArray())
                        .at("/brief/pots/0/reachedBy")
                        .isNull())
                .isTrue();
        revision++;
        JsonNode tidy = json.readTree(saved.getContentAsByteArray()).get("brief");
        assertThat(save(tidy, true).getHeader("Ladle-Tidied")).isEqualTo("false");
    }

    /** The plan of a draft with loose ends is the plan of what will be saved. */
    @Test
    void aDraftIsTidiedLikeWhatIsSaved() throws Exception {
        ObjectNode brief = opened(demos.load(LocalDate.of(2026, 11, 24)).get(0));
        ((ArrayNode) brief.get("pots")).remove(brief.get("pots").size() - 1);
        String path = "/api/parties/" + id + "/plan?tidy=";
        assertThat(send(post(path + true).contentType(APPLICATION_JSON).content(brief.toString()))
                        .getResponse()
                        .getStatus())
                .isEqualTo(200);
    }

    /** An offered edit is done by its name; one nobody knows is refused. */
    @Test
    void editsAreDoneOneAfterAnother() throws Exception {
        ObjectNode brief = opened(demos.load(LocalDate.of(2026, 11, 24)).get(0));
        String edits = "[{\"edit\":\"ADD_POT\",\"broth\":\"kelp-water\"},{\"edit\":\"SIT_FOR\",\"minutes\":110}]";
        String sent = "{\"brief\":" + brief + ",\"edits\":" + edits + "}";
        JsonNode edited = body(
                send(post("/api/briefs/edits").contentType(APPLICATION_JSON).content(sent)));

        assertThat(edited.at("/brief/mealMinutes").asInt()).isEqualTo(110);
        assertThat(edited.at("/brief/pots").size()).isEqualTo(brief.get("pots").size() + 1);
        MockHttpServletResponse unknown = send(post("/api/briefs/edits")
                        .contentType(APPLICATION_JSON)
                        .content(sent.replace("ADD_POT", "ADD_TUB")))
                .getResponse();
        assertThat(unknown.getStatus()).isEqualTo(400);
        assertThat(unknown.getContentAsString()).contains("ADD_TUB").contains("ADD_POT");
        MockHttpServletResponse far = send(post("/api/briefs/edits")
                        .contentType(APPLICATION_JSON)
                        .content(sent.replace("110", "900")))
                .getResponse();
        assertThat(far.getStatus()).isEqualTo(400);
        assertThat(far.getContentAsString()).contains("mealMinutes");
    }
}
