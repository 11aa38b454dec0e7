package org.livelyladle.server.scale;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
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
        assertThat(weights.get(0) - weights.get(1)).isCloseTo(250, within(3.0));
    }

    @Test
    void whatNoScaleCanShowIsIgnored() {
        assertThat(new ScaleController(() -> 1e9).weigh().message()).contains("no kitchen scale can");
    }
}
