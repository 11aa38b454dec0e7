package org.livelyladle.server.models;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.livelyladle.server.ServerTest;
import org.springframework.mock.web.MockHttpServletResponse;

class ScheduleHttpTest extends ServerTest {
    private static final String GOOD = """
            {"resources":{"cook":2,"ring":4},
             "tasks":[{"id":"stock","minutes":180,"needs":{"ring":1},"after":["blanch"]},
                      {"id":"blanch","minutes":15,"needs":{"cook":1,"ring":1},"after":[]}]}""";

    /** Without session and token. */
    private MockHttpServletResponse answer(String body) throws Exception {
        return http.perform(
                        post("/api/prep-schedule").contentType(APPLICATION_JSON).content(body))
                .andReturn()
                .getResponse();
    }

    @Test
    void theDocumentedExample() throws Exception {
        MockHttpServletResponse answer = answer(GOOD);
        assertThat(answer.getStatus()).isEqualTo(200);
        assertThat(json.readTree(answer.getContentAsByteArray()))
                .isEqualTo(json.readTree("{\"makespanMinutes\":195,\"starts\":{\"blanch\":0,\"stock\":15}}"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"after\":[] | \"after\":[\"stock\"] | 422 | stock",
                "\"after\":[] | \"after\":[\"ghost\"] | 422 | ghost",
                "{\"cook\":1,\"ring\":1} | {\"cook\":3} | 422 | cook",
                "{\"cook\":1,\"ring\":1} | {\"oven\":1} | 422 | oven",
                "\"minutes\":15 | \"minutes\":-15 | 400 | minutes",
                "\"minutes\":15 | \"minutes\":1.5 | 400 | minutes",
                "\"minutes\":15, | '' | 400 | minutes",
                "\"id\":\"blanch\" | \"id\":\"stock\" | 400 | stock",
                "\"cook\":2 | \"cook\":-2 | 400 | cook",
                "\"tasks\" | \"jobs\" | 400 | tasks"
            })
    void whatIsRefusedIsNamed(String good, String bad, int status, String named) throws Exception {
        assertThat(GOOD).contains(good);
        MockHttpServletResponse answer = answer(GOOD.replace(good, bad));
        assertThat(answer.getStatus()).as(answer.getContentAsString()).isEqualTo(status);
        assertThat(answer.getContentAsString()).contains(named);
    }
}
