package org.livelyladle.server;

import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The whole server against the real PostgreSQL that {@code ./ladle test} starts. */
@AutoConfigureMockMvc
@SpringBootTest(properties = "ladle.clock=2026-11-24T15:00:00Z")
public abstract class ServerTest {
    @Autowired
    protected JsonMapper json;

    @Autowired
    protected MockMvc http;

    @Autowired
    private JdbcTemplate database;

    private final MockHttpSession session = new MockHttpSession();

    /** Whatever other tests kept: each begins with a household in which nobody has said anything. */
    @BeforeEach
    void forgetWhatWasKept() {
        database.update("DELETE FROM household_revision");
    }

    /** A request as the page sends it: with session and token. */
    protected MvcResult send(MockHttpServletRequestBuilder request) throws Exception {
        return http.perform(request.session(session).with(SecurityMockMvcRequestPostProcessors.csrf()))
                .andReturn();
    }

    protected JsonNode body(MvcResult result) throws Exception {
        return json.readTree(result.getResponse().getContentAsByteArray());
    }
}
