package org.livelyladle.server.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.livelyladle.server.ServerTest;
import org.livelyladle.server.demo.DemoBriefs;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The supper goes on from half an hour in. */
class TableSequenceHttpTest extends ServerTest {
    private static final int HALF_AN_HOUR = 1800;

    @Autowired
    private DemoBriefs demo;

    private ObjectNode asked;
    private JsonNode planned;

    @BeforeEach
    void planTheSupper() throws Exception {
        asked = json.createObjectNode();
        JsonNode brief = json.valueToTree(demo.load(LocalDate.of(2026, 11, 24)).get(0));
        asked.set("brief", brief);
        planned = read(answer("/api/plan", brief)).get("table");
        ObjectNode state = asked.putObject("state").put("at", HALF_AN_HOUR);
        planned.get("drops").forEach(drop -> {
            ObjectNode begun = (ObjectNode) drop.deepCopy();
            begun.putArray("stays");
            drop.get("stays").forEach(stay -> {
                if (stay.get("putIn").asInt() <= HALF_AN_HOUR) {
                    begun.withArray("stays").add(stay);
                }
            });
            if (!begun.get("stays").isEmpty()) {
                state.withArray("begun").add(begun);
            }
        });
    }

    private MockHttpServletResponse answer(String path, JsonNode body) throws Exception {
        return http.perform(post(path).contentType(APPLICATION_JSON).content(body.toString()))
                .andReturn()
                .getResponse();
    }

    private JsonNode read(MockHttpServletResponse answer) throws Exception {
        assertThat(answer.getStatus()).as(answer.getContentAsString()).isEqualTo(200);
        return json.readTree(answer.getContentAsByteArray());
    }

    private static List<JsonNode> staysAfter(JsonNode table, int second) {
        List<JsonNode> stays = new ArrayList<>();
        table.get("drops")
                .forEach(drop -> drop.get("stays").forEach(stay -> {
                    if (stay.get("putIn").asInt() > second) {
                        stays.add(stay);
                    }
                }));
        return stays;
    }

    @Test
    void withoutAStateItIsThePlansOwn() throws Exception {
        asked.remove("state");

        assertThat(read(answer("/api/table-sequence", asked)).get("drops")).isEqualTo(planned.get("drops"));
    }

    @Test
    void whatWentAsPlannedGoesOnAsPlanned() throws Exception {
        assertThat(times(read(answer("/api/table-sequence", asked)))).isEqualTo(times(planned));
    }

    private static List<String> times(JsonNode table) {
        List<String> times = new ArrayList<>();
        table.get("drops")
                .forEach(drop -> drop.get("stays")
                        .forEach(stay -> times.add("%s in %s from %s to %s"
                                .formatted(
                                        drop.get("id").asString(),
                                        drop.get("side").asString(),
                                        stay.get("putIn").asInt(),
                                        stay.get("takeOut").asInt()))));
        return times;
    }

    @Test
    void whoIsFullGetsNoMoreAndWhatIsLeftIsNamed() throws Exception {
        asked.withObject("state")
                .putArray("guests")
                .addObject()
                .put("guest", "ada")
                .put("full", HALF_AN_HOUR);

        JsonNode table = read(answer("/api/table-sequence", asked));

        assertThat(staysAfter(table, HALF_AN_HOUR))
                .isNotEmpty()
                .allSatisfy(stay -> assertThat(stay.get("servings").findValuesAsString("guest"))
                        .doesNotContain("ada"));
        assertThat(StreamSupport.stream(table.get("remainders").spliterator(), false)
                        .filter(rest -> rest.get("guest").asString().equals("ada")))
                .isNotEmpty()
                .extracting(rest -> rest.get("cause").asString())
                .contains("NO_MORE", "IN_THE_POT")
                .isSubsetOf("NO_MORE", "IN_THE_POT");
        assertThat(table.get("audit")).isEmpty();
    }

    @Test
    void aSideThatSomethingFellIntoIsClosedToWhomItEndangers() throws Exception {
        JsonNode guests = planned.get("sides");
        String side = StreamSupport.stream(guests.spliterator(), false)
                .filter(use ->
                        use.get("closedTo").findValuesAsString("guest").stream().noneMatch("ada"::equals))
                .findFirst()
                .orElseThrow()
                .get("side")
                .asString();
        asked.withObject("state")
                .putArray("fellIn")
                .addObject()
                .put("side", side)
                .put("ingredient", "prawn")
                .put("at", HALF_AN_HOUR);

        JsonNode table = read(answer("/api/table-sequence", asked));

        table.get("drops")
                .forEach(drop -> drop.get("stays").forEach(stay -> {
                    if (drop.get("side").asString().equals(side)
                            && stay.get("takeOut").asInt() > HALF_AN_HOUR) {
                        assertThat(stay.get("servings").findValuesAsString("guest"))
                                .doesNotContain("ada");
                    }
                }));
        JsonNode closed = StreamSupport.stream(table.get("sides").spliterator(), false)
                .filter(use -> use.get("side").asString().equals(side))
                .findFirst()
                .orElseThrow()
                .get("closedTo");
        assertThat(closed.findValuesAsString("barrier")).contains("FELL_IN");
        assertThat(table.get("audit")).isEmpty();
    }

    @Test
    void whatThereIsNoneOfIsNamed() throws Exception {
        asked.withObject("state").putArray("usedUp").add("gold.leaf");

        MockHttpServletResponse answer = answer("/api/table-sequence", asked);

        assertThat(answer.getStatus()).isEqualTo(400);
        assertThat(json.readTree(answer.getContentAsByteArray()).get("field").asString())
                .isEqualTo("state.usedUp");
    }
}
