package org.livelyladle.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.server.ServerTest;
import org.springframework.mock.web.MockHttpServletResponse;
import tools.jackson.databind.JsonNode;

class PageTest extends ServerTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "/",
                "/party/8d7ff0a4-1c1e-4ff1-9a51-7a3f4e2f1a11",
                "/party/8d7ff0a4-1c1e-4ff1-9a51-7a3f4e2f1a11/pots"
            })
    void everyAddressOfThePageIsThePage(String address) throws Exception {
        MockHttpServletResponse answer = http.perform(get(address)).andReturn().getResponse();

        assertThat(answer.getStatus()).isEqualTo(200);
        assertThat(answer.getForwardedUrl()).isEqualTo("/index.html");
        assertThat(answer.getHeader("Content-Security-Policy"))
                .contains("default-src 'self'")
                .contains("frame-ancestors 'none'");
    }

    @Test
    void whatIsNotThereIsAProblem() throws Exception {
        MockHttpServletResponse answer =
                send(get("/api/parties/8d7ff0a4-1c1e-4ff1-9a51-7a3f4e2f1a11")).getResponse();

        assertThat(answer.getStatus()).isEqualTo(404);
        assertThat(json.readTree(answer.getContentAsByteArray()).get("detail").asString())
                .contains("may have been deleted");
        assertThat(send(get("/api/parties/nonsense")).getResponse().getStatus()).isEqualTo(400);
    }

    @Test
    void theCatalogueIsServedWhole() throws Exception {
        JsonNode catalogue = body(send(get("/api/catalogue")));

        assertThat(catalogue.get("cuts").size()).isEqualTo(141);
        assertThat(catalogue.get("broths").size()).isEqualTo(23);
        assertThat(catalogue.get("sauces").size()).isEqualTo(12);
        assertThat(catalogue.at("/cuts/0/times/pleasant").asInt()).isPositive();
    }
}
