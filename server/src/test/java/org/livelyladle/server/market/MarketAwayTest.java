package org.livelyladle.server.market;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import org.junit.jupiter.api.Test;
import org.livelyladle.server.ServerTest;
import org.springframework.test.context.TestPropertySource;
import tools.jackson.databind.JsonNode;

/** A port on which nobody listens: the party's own prices serve, and the answer says of when they are. */
@TestPropertySource(properties = "ladle.market.url=http://127.0.0.1:9")
class MarketAwayTest extends ServerTest {
    @Test
    void theLastPricesServeWithTheirDate() throws Exception {
        String party = body(send(
                        post("/api/parties").contentType(APPLICATION_JSON).content("""
                                {"title":"Away","sitDown":"2026-12-05T19:00:00","zone":"UTC","guests":["Ann"]}""")))
                .get("id")
                .asString();
        JsonNode news = body(send(get("/api/parties/" + party + "/market")));

        assertThat(news.get("state").asString()).isEqualTo("AWAY");
        assertThat(news.get("message").asString())
                .isEqualTo("The market does not answer. The prices of Tue 24 Nov serve.");
        assertThat(news.get("edit").isNull()).isTrue();
        assertThat(body(send(get("/api/parties/" + party + "/plan")))
                        .at("/purchases/bill/value")
                        .asDouble())
                .isPositive();
    }
}
