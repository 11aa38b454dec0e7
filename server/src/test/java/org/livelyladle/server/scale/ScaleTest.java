package org.livelyladle.server.scale;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.livelyladle.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** The scale over HTTP: before and after pouring it tells what was poured. */
class ScaleTest extends ServerTest {
    private static final int LOOKS = 60;

    @Test
    void aCupLessStandsOnItAfterPouringAndNowAndThenItIsSilent() throws Exception {
        List<Double> weights = new ArrayList<>();
        for (int i = 0; i < LOOKS; i++) {
            JsonNode answer = body(send(get("/api/scale")));
            if (answer.get("grams").isNull()) {
                assertThat(answer.get("message").asString()).isEqualTo("The scale answered with status 503.");
            } else {
                weights.add(answer.get("grams").asDouble());
            }
        }

        assertThat(weights).hasSizeBetween(LOOKS / 2, LOOKS - 1);
        List<Double> poured = new ArrayList<>();
        for (int i = 1; i < weights.size(); i++) {
            poured.add(weights.get(i - 1) - weights.get(i));
        }
        // whoever looked at it before, every other look is after a cup was poured, or the jug filled again
        assertThat(poured).filteredOn(ScaleTest::isACup).hasSizeGreaterThan(LOOKS / 4);
        assertThat(poured).allMatch(grams -> grams < 3 || isACup(grams));
        for (int i = 1; i < poured.size(); i++) {
            assertThat(isACup(poured.get(i - 1)) && isACup(poured.get(i))).isFalse();
        }
    }

    private static boolean isACup(double grams) {
        return Math.abs(grams - 250) < 3;
    }

    @Test
    void whatNoScaleCanShowIsIgnored() {
        assertThat(new ScaleController(() -> 1e9).weigh().message()).contains("no kitchen scale can");
    }
}
