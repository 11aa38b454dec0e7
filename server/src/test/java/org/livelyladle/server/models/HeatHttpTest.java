package org.livelyladle.server.models;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.livelyladle.server.ServerTest;
import org.springframework.mock.web.MockHttpServletResponse;
import tools.jackson.databind.JsonNode;

/** The documented examples, and what is refused how; without session and token. */
class HeatHttpTest extends ServerTest {
    private static final String CORE = """
            {"shape":"slab","dimensionsMm":[2.0],"startC":5,"brothC":98,"targetC":60,"surfaceWPerM2K":1500,
             "material":{"conductivityWPerMK":0.48,"densityKgPerM3":1050,"specificHeatJPerKgK":3500,"waterShare":0.75,
                         "freezingC":-1.5,"frozenConductivityWPerMK":1.4,"frozenSpecificHeatJPerKgK":2000}}""";
    private static final String SIDE = """
            {"massG":1500,"startC":20,"effectiveW":900,"lossWPerK":2.0,"airC":20,"boilingC":100,"seconds":900,
             "specificHeatJPerKgK":4100,"freeSurface":false,
             "drops":[{"atSecond":300,"grams":200,"startC":5,"specificHeatJPerKgK":3500}]}""";
    private static final String EVENING = """
            {"volumeMl":1500,"saltPercent":0.9,"evaporationMlPerH":600,"ladledMlPerH":200,"minutes":90,
             "topUps":[{"atMinute":30,"ml":250,"saltPercent":0}]}""";

    private MockHttpServletResponse answer(String path, String body) throws Exception {
        return http.perform(post(path).contentType(APPLICATION_JSON).content(body))
                .andReturn()
                .getResponse();
    }

    private JsonNode good(String path, String body) throws Exception {
        MockHttpServletResponse answer = answer(path, body);
        assertThat(answer.getStatus()).as(answer.getContentAsString()).isEqualTo(200);
        return json.readTree(answer.getContentAsByteArray());
    }

    @Test
    void theDocumentedExamples() throws Exception {
        JsonNode core = good("/api/heat/core-time", CORE);
        assertThat(core.get("seconds").asDouble()).isCloseTo(5.75, within(0.01));
        assertThat(core.get("method").asString()).isEqualTo("series");
        assertThat(good("/api/heat/core-time", CORE.replace("\"startC\":5", "\"startC\":-18"))
                        .get("method")
                        .asString())
                .isEqualTo("enthalpy");
        assertThat(good("/api/heat/boiling-point", "{\"altitudeM\":1600,\"saltPercent\":0.9}")
                        .get("celsius")
                        .asDouble())
                .isCloseTo(94.8, within(0.05));
        JsonNode side = good("/api/heat/side", SIDE);
        assertThat(side.get("temperatureC")).hasSize(901);
        assertThat(side.get("evaporatedG").asDouble()).isNotNegative();
        JsonNode evening = good("/api/broths/evening", EVENING);
        assertThat(evening.get("minutes")).hasSize(91);
        assertThat(evening.at("/minutes/90/ml").asDouble()).isCloseTo(550, within(1e-9));
        assertThat(evening.get("dryAtMinute").isNull()).isTrue();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "core-time | \"startC\":5 | \"startC\":98 | 400",
                "core-time | [2.0] | [2.0,3.0] | 400",
                "core-time | [2.0] | [0.05] | 400",
                "core-time | [2.0] | [401] | 400",
                "core-time | [2.0] | [null] | 400",
                "core-time | \"conductivityWPerMK\":0.48, | '' | 400",
                "core-time | \"waterShare\":0.75 | \"waterShare\":0 | 400",
                "core-time | \"surfaceWPerM2K\":1500 | \"surfaceWPerM2K\":-1 | 400",
                "core-time | \"slab\" | \"egg\" | 400",
                "core-time | \"targetC\":60 | \"targetC\":98 | 422",
                "core-time | \"startC\":5,\"brothC\":98,\"targetC\":60 | \"startC\":5,\"brothC\":98,\"targetC\":5 | 200",
                "side | \"seconds\":900 | \"seconds\":200 | 400",
                "side | \"massG\":1500 | \"massG\":0 | 400",
                "side | \"massG\":1500, | '' | 400",
                "side | \"effectiveW\":900 | \"effectiveW\":90000 | 422"
            })
    void whatIsRefusedAndHow(String path, String good, String other, int status) throws Exception {
        String body = path.equals("side") ? SIDE : CORE;
        assertThat(body).contains(good);
        MockHttpServletResponse answer = answer("/api/heat/" + path, body.replace(good, other));
        assertThat(answer.getStatus()).as(answer.getContentAsString()).isEqualTo(status);
        if (status != 200) {
            assertThat(json.readTree(answer.getContentAsByteArray())
                            .get("field")
                            .asString())
                    .isNotBlank();
        }
    }

    @ParameterizedTest
    @CsvSource({"5001,0", "-401,0", "0,-1", "0,21"})
    void outsideTheAtmosphereIsRefused(double altitude, double salt) throws Exception {
        String body = "{\"altitudeM\":%s,\"saltPercent\":%s}".formatted(altitude, salt);
        assertThat(answer("/api/heat/boiling-point", body).getStatus()).isEqualTo(400);
    }

    @Test
    void aDrySideIsTold() throws Exception {
        JsonNode dry = good("/api/broths/evening", EVENING.replace("\"volumeMl\":1500", "\"volumeMl\":300"));
        assertThat(dry.get("dryAtMinute").asDouble()).isCloseTo(22.5, within(1e-9));
        assertThat(dry.get("minutes")).hasSize(23);
        assertThat(answer("/api/broths/evening", EVENING.replace("600", "-600")).getStatus())
                .isEqualTo(400);
    }
}
