package org.livelyladle.server.models;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import org.junit.jupiter.api.Test;
import org.livelyladle.server.ServerTest;
import org.springframework.test.web.servlet.MvcResult;
import tools.jackson.databind.JsonNode;

class LearningHttpTest extends ServerTest {
    private MvcResult learn(String body) throws Exception {
        return send(post("/api/learning").contentType(APPLICATION_JSON).content(body));
    }

    @Test
    void evenOneAfterTheOtherEveningsGiveTheSameRates() throws Exception {
        String first = """
                {"on": "2026-11-28", "seen": [{"subject": "PORTION", "of": "MEAT", "expected": 7.5, "happened": 880}]}""";
        String second = """
                {"on": "2026-12-05", "seen": [{"subject": "PORTION", "of": "MEAT", "expected": 4, "happened": 700},
                  {"subject": "TASK_TIME", "of": "table:lay", "by": "edda", "expected": 15, "happened": 22}]}""";

        JsonNode atOnce = body(learn("{\"outcomes\": [" + second + "," + first + "]}"));
        JsonNode one = body(learn("{\"before\": {}, \"outcomes\": [" + first + "]}"));
        JsonNode both = body(learn("{\"before\": " + one.get("after") + ", \"outcomes\": [" + second + "]}"));

        assertThat(both.get("after")).isEqualTo(atOnce.get("after"));
        JsonNode change = both.get("changes").get(0);
        assertThat(change.get("what").asString()).isEqualTo("meat, a head");
        assertThat(change.get("was").asDouble()).isCloseTo((8 * 136 + 880) / 15.5, within(1e-9));
        assertThat(change.get("becomes").asDouble()).isCloseTo((8 * 136 + 880 + 700) / 19.5, within(1e-9));
        assertThat(change.get("evenings").asInt()).isEqualTo(2);
    }

    @Test
    void whatMakesNoSenseIsSaidWithItsPlace() throws Exception {
        MvcResult refused = learn("{\"outcomes\": [{\"on\": \"2026-11-28\", \"seen\":"
                + " [{\"subject\": \"PORTION\", \"of\": \"CHEESE\", \"expected\": 1, \"happened\": 2}]}]}");

        assertThat(refused.getResponse().getStatus()).isEqualTo(400);
        assertThat(body(refused).get("field").asString()).isEqualTo("outcomes[0].seen[0].of");
        MvcResult nothing = learn("{}");
        assertThat(nothing.getResponse().getStatus()).isEqualTo(400);
        assertThat(nothing.getResponse().getContentAsString()).contains("outcomes");
    }
}
