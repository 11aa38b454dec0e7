package org.livelyladle.server.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.plan.Planner;
import org.livelyladle.core.plan.RehearsalPlanner;
import org.livelyladle.core.rehearsal.MistakeRates;
import org.livelyladle.core.rehearsal.Rehearsal;
import org.livelyladle.core.rehearsal.Rehearser;
import org.livelyladle.server.ServerTest;
import org.livelyladle.server.demo.DemoBriefs;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MvcResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class RehearsalHttpTest extends ServerTest {
    private static final int QUIET = 1;

    @Autowired
    private DemoBriefs demo;

    private final List<String> begun = new ArrayList<>();

    private Brief brief(int which) {
        return demo.load(LocalDate.of(2026, 11, 24)).get(which);
    }

    @AfterEach
    void stopAll() throws Exception {
        for (String address : begun) {
            send(delete(address));
        }
    }

    private MvcResult begin(JsonNode wanted) throws Exception {
        return send(post("/api/rehearsals").contentType(APPLICATION_JSON).content(wanted.toString()));
    }

    private ObjectNode wanted(int which) {
        ObjectNode wanted = json.createObjectNode();
        wanted.set("brief", json.valueToTree(brief(which)));
        return wanted;
    }

    private String begun(ObjectNode wanted) throws Exception {
        MvcResult answer = begin(wanted);
        assertThat(answer.getResponse().getStatus()).isEqualTo(202);
        String address = answer.getResponse().getHeader("Location");
        assertThat(address)
                .isEqualTo("/api/rehearsals/" + body(answer).get("id").asString());
        begun.add(address);
        return address;
    }

    private JsonNode await(String address, Set<String> states) throws Exception {
        JsonNode view = body(send(get(address)));
        for (int i = 0; i < 600 && !states.contains(view.get("state").asString()); i++) {
            Thread.sleep(100);
            view = body(send(get(address)));
        }
        assertThat(view.get("state").asString()).isIn(states);
        return view;
    }

    /** Begun over HTTP it comes to what core comes to by itself, whoever reads it. */
    @Test
    void isBegunReadAndTheSameAsInCore() throws Exception {
        String address = begun(wanted(QUIET).put("evenings", 120).put("seed", 7));
        JsonNode view = await(address, Set.of("DONE"));
        Rehearsal own = new RehearsalPlanner(new Planner(Catalogue.builtIn()))
                .rehearse(
                        brief(QUIET),
                        json.readValue("{}", MistakeRates.class),
                        7,
                        120,
                        Rehearser.Run.toTheEnd(1),
                        (far, played, of) -> {});

        assertThat(view.get("played")).isEqualTo(view.get("of"));
        assertThat(view.get("failure").isNull()).isTrue();
        assertThat(json.readTree(json.writeValueAsString(own))).isEqualTo(view.get("result"));
    }

    @Test
    void itsProgressIsToldUntilItIsOver() throws Exception {
        String address = begun(wanted(QUIET).put("evenings", 200));
        MvcResult stream = send(get(address + "/progress"));
        await(address, Set.of("DONE"));
        String told = "";
        for (int i = 0; i < 100 && !told.contains("\"DONE\""); i++) {
            Thread.sleep(50);
            told = stream.getResponse().getContentAsString();
        }

        assertThat(stream.getResponse().getContentType()).startsWith("text/event-stream");
        assertThat(told.lines().filter(line -> line.equals("event:progress"))).hasSizeGreaterThan(0);
        assertThat(told).contains("\"state\":\"DONE\"");
    }

    /** Two at a time; the third waits. Stopped, what is known by then stays. */
    @Test
    void twoArePlayedAtATimeAndWhatIsStoppedKeepsWhatIsKnown() throws Exception {
        String first = begun(wanted(0).put("evenings", 10_000));
        String second = begun(wanted(0).put("evenings", 10_000));
        String third = begun(wanted(QUIET).put("evenings", 10_000));
        await(first, Set.of("RUNNING"));
        await(second, Set.of("RUNNING"));
        assertThat(body(send(get(third))).get("state").asString()).isEqualTo("WAITING");
        for (int i = 0; i < 200 && body(send(get(first))).get("played").asInt() == 0; i++) {
            Thread.sleep(50);
        }

        assertThat(send(delete(first)).getResponse().getStatus()).isEqualTo(204);

        JsonNode stopped = body(send(get(first)));
        assertThat(stopped.get("state").asString()).isEqualTo("STOPPED");
        assertThat(stopped.at("/result/evenings").asInt()).isPositive();
        await(third, Set.of("RUNNING"));
        assertThat(send(delete(first)).getResponse().getStatus()).isEqualTo(204);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "{\"evenings\":0}; evenings",
                "{\"evenings\":10001}; evenings",
                "{\"rates\":{\"attention\":\"BORED\"}}; attention",
                "{\"rates\":{\"surroundings\":{\"weakHeat\":2}}}; weakHeat"
            })
    void whatCannotBeRehearsedIsRefusedWithWhatIsAccepted(String part, String field) throws Exception {
        ObjectNode wanted = wanted(QUIET);
        json.readTree(part).properties().forEach(said -> wanted.set(said.getKey(), said.getValue()));

        MvcResult answer = begin(wanted);

        assertThat(answer.getResponse().getStatus()).isEqualTo(400);
        assertThat(answer.getResponse().getContentAsString()).contains(field);
    }

    @Test
    void aBriefThatDoesNotFitIsRefusedAtOnce() throws Exception {
        ObjectNode wanted = wanted(QUIET);
        ((ObjectNode) wanted.get("brief").get("menu").get(0)).put("cut", "no-such.cut");

        assertThat(begin(wanted).getResponse().getStatus()).isEqualTo(400);
        assertThat(begin(json.createObjectNode()).getResponse().getStatus()).isEqualTo(400);
    }

    @Test
    void oneThatIsNotThereIsNotFound() throws Exception {
        MvcResult answer = send(get("/api/rehearsals/00000000-0000-0000-0000-000000000000"));

        assertThat(answer.getResponse().getStatus()).isEqualTo(404);
        assertThat(answer.getResponse().getContentAsString()).contains("A restart forgets them");
    }

    /** The demo parties go wrong in no way while nobody makes a mistake. */
    @Test
    void theDemosBearAnEveningWithoutMistakes() {
        Planner planner = new Planner(Catalogue.builtIn());
        for (int which = 0; which < 3; which++) {
            Rehearser rehearser =
                    new Rehearser(planner.scene(brief(which)), MistakeRates.none(), 1, 3, Rehearser.Run.toTheEnd(1));

            assertThat(rehearser.play(far -> {}).any().times()).isZero();
        }
    }
}
