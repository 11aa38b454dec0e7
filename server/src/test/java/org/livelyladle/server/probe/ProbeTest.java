package org.livelyladle.server.probe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.io.IOException;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.server.OtherServer;
import org.livelyladle.server.ServerTest;
import org.livelyladle.server.demo.DemoBriefs;
import org.livelyladle.server.web.HttpAsk;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/** Thermometers over real HTTP, good and bad ones; what they show becomes a fact. */
class ProbeTest extends ServerTest {
    private static final int LOOKS = 120;

    @Autowired
    private DemoBriefs demo;

    private OtherServer other;

    @BeforeEach
    void open() throws IOException {
        other = new OtherServer();
    }

    @AfterEach
    void close() {
        other.close();
    }

    /** Patient enough for a busy machine. */
    private Probe probe() {
        return probe(Duration.ofSeconds(20));
    }

    private Probe probe(Duration timeout) {
        return new HttpProbe(other.address(), HttpAsk.forFigures(timeout));
    }

    @Test
    void aFigureIsRead() {
        other.answering(200, "{\"value\": 97.8}");

        assertThat(probe().celsius("w1", 90)).isEqualTo(97.8);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "<html/>", "{}", "{\"value\":\"hot\"}", "{\"value\":1e999}", "[97.8]"})
    void whatIsNoFigureIsSaid(String body) {
        other.answering(200, body);

        assertThatThrownBy(() -> probe().celsius("w1", 90))
                .isInstanceOf(HttpAsk.AwayException.class)
                .hasMessage("answers with no figure");
    }

    @Test
    void slowAndSilentOnesAreSaid() {
        other.hanging();
        assertThatThrownBy(() -> probe(Duration.ofMillis(300)).celsius("w1", 90))
                .hasMessage("answers too slowly");
        Probe gone = probe();
        other.close();
        assertThatThrownBy(() -> gone.celsius("w1", 90)).hasMessage("does not answer");
    }

    @Test
    void whatTheStandInShowsBecomesAFactOfTheTable() throws Exception {
        JsonNode brief = json.valueToTree(demo.load(LocalDate.of(2026, 11, 24)).get(0));
        String party = "/api/parties/"
                + body(send(post("/api/parties/import")
                                .contentType(APPLICATION_JSON)
                                .content(brief.toString())))
                        .get("id")
                        .asString();
        assertThat(send(post(party + "/probe?side=t1")).getResponse().getContentAsString())
                .contains("a side of a party that has sat down");
        send(post(party + "/events").contentType(APPLICATION_JSON).content(json.writeValueAsString(new Object[] {
            Map.of("id", UUID.randomUUID(), "at", "2026-11-24T14:40:00Z", "type", "SAT_DOWN")
        })));
        assertThat(send(post(party + "/probe?side=none")).getResponse().getContentAsString())
                .contains("a side of the party");
        int shown = 0;
        int silent = 0;
        int absurd = 0;
        for (int i = 0; i < LOOKS; i++) {
            JsonNode answer = body(send(post(party + "/probe?side=t1")));
            if (answer.get("celsius").isNull()) {
                silent++;
                assertThat(answer.get("message").asString()).isEqualTo("The thermometer answered with status 503.");
            } else if (answer.get("celsius").asDouble() < 0) {
                absurd++;
            } else {
                shown++;
                assertThat(answer.get("celsius").asDouble()).isBetween(80.0, 101.0);
            }
        }

        assertThat(shown).isGreaterThan(LOOKS / 2);
        assertThat(silent).isPositive();
        assertThat(absurd).isPositive();
        assertThat(body(send(get(party + "/events"))))
                .filteredOn(event -> event.get("type").asString().equals("READ"))
                .hasSize(shown + absurd);
        assertThat(body(send(get(party + "/table"))).at("/now/warnings").toString())
                .contains("no broth can be");
    }
}
