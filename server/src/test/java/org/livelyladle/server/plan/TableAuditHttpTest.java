package org.livelyladle.server.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.LocalDate;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.livelyladle.server.ServerTest;
import org.livelyladle.server.demo.DemoBriefs;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Any drops are judged, those of the plan and bad ones; no session and no token. */
class TableAuditHttpTest extends ServerTest {
    @Autowired
    private DemoBriefs demo;

    private ObjectNode asked;

    @BeforeEach
    void planTheSupper() throws Exception {
        asked = json.createObjectNode();
        JsonNode brief = json.valueToTree(demo.load(LocalDate.of(2026, 11, 24)).get(0));
        asked.set("brief", brief);
        asked.set(
                "drops",
                json.readTree(answer("/api/plan", brief).getContentAsByteArray())
                        .get("table")
                        .get("drops"));
    }

    private MockHttpServletResponse answer(String path, JsonNode body) throws Exception {
        return http.perform(post(path).contentType(APPLICATION_JSON).content(body.toString()))
                .andReturn()
                .getResponse();
    }

    private String[] rulesBroken() throws Exception {
        MockHttpServletResponse answer = answer("/api/table-audit", asked);
        assertThat(answer.getStatus()).as(answer.getContentAsString()).isEqualTo(200);
        JsonNode violations = json.readTree(answer.getContentAsByteArray()).get("violations");
        return StreamSupport.stream(violations.spliterator(), false)
                .peek(violation -> assertThat(violation.get("text").asString()).isNotBlank())
                .map(violation -> violation.get("rule").asString())
                .distinct()
                .toArray(String[]::new);
    }

    private ObjectNode drop(String cut) {
        return StreamSupport.stream(asked.get("drops").spliterator(), false)
                .filter(drop -> drop.get("cut").asString().equals(cut))
                .map(ObjectNode.class::cast)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void thePlansOwnDropsAreClean() throws Exception {
        assertThat(rulesBroken()).isEmpty();
    }

    @Test
    void plantedFaultsAreFound() throws Exception {
        // Ada is vegan
        ((ObjectNode) drop("prawn.whole").get("stays").get(0).get("servings").get(0)).put("guest", "ada");
        assertThat(rulesBroken()).contains("H1", "H8");

        ObjectNode late = (ObjectNode) drop("tofu-firm.cubes").get("stays").get(0);
        late.put("takeOut", late.get("overcooked").asInt() + 60);
        ((ArrayNode) asked.get("drops")).remove(0);
        assertThat(rulesBroken()).contains("H6", "H8");
    }

    @Test
    void whatTheBriefDoesNotHaveIsNamed() throws Exception {
        ((ObjectNode) asked.get("drops").get(3)).put("side", "nowhere");

        MockHttpServletResponse answer = answer("/api/table-audit", asked);

        assertThat(answer.getStatus()).isEqualTo(400);
        JsonNode problem = json.readTree(answer.getContentAsByteArray());
        assertThat(problem.get("field").asString()).isEqualTo("drops[3].side");
        assertThat(problem.get("accepted").asString()).contains("a side of the brief");
    }
}
