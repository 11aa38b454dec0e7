package org.livelyladle.server.market;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.io.IOException;
import java.time.Duration;
import java.time.LocalDate;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.server.OtherServer;
import org.livelyladle.server.ServerTest;
import org.livelyladle.server.standin.MarketStandIn;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The market as it answers, and as it does not: over real HTTP. */
class MarketTest extends ServerTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);

    @Autowired
    private MarketStandIn standIn;

    private OtherServer other;

    @BeforeEach
    void open() throws IOException {
        other = new OtherServer();
    }

    @AfterEach
    void close() {
        other.close();
    }

    private Market market() {
        return market(Duration.ofSeconds(20));
    }

    private Market impatient() {
        return market(Duration.ofMillis(300));
    }

    private Market market(Duration patience) {
        return new HttpMarket(other.address(), patience, json);
    }

    private String party() throws Exception {
        return body(send(post("/api/parties").contentType(APPLICATION_JSON).content("""
                                {"title":"Market","sitDown":"2026-12-05T19:00:00","zone":"UTC","guests":["Ann","Ben"]}""")))
                .get("id")
                .asString();
    }

    @Test
    void theStandInSaysTheSameOfTheSameDay() {
        Market market = new HttpMarket(standIn.address(), Duration.ofSeconds(5), json);

        assertThat(market.prices(DAY)).isEqualTo(market.prices(DAY));
        assertThat(market.prices(DAY)).isNotEqualTo(market.prices(DAY.plusDays(1)));
        assertThat(market.prices(DAY).offers()).hasSizeGreaterThan(100).anyMatch(item -> !item.inStock());
        assertThat(market.prices(DAY).deals()).isNotEmpty();
    }

    /** The edit makes exactly the bill that was announced, and the market then has nothing new to say. */
    @Test
    void newPricesAreAnEditWithItsEffect() throws Exception {
        String party = party();
        JsonNode news = body(send(get("/api/parties/" + party + "/market")));
        assertThat(news.get("state").asString()).isEqualTo("NEW");
        JsonNode before = body(send(get("/api/parties/" + party)));
        assertThat(before.at("/brief/prices/offers").size()).isNotZero();
        assertThat(news.at("/edit/prices/offers")).anySatisfy(offer -> {
            assertThat(offer.get("id").asString()).isEqualTo("market-chicken-thigh");
            assertThat(offer.get("bought").asString()).isEqualTo("WHOLE");
        });
        assertThat(news.at("/effect/billBefore").asString())
                .isEqualTo(body(send(get("/api/parties/" + party + "/plan")))
                        .at("/purchases/bill/text")
                        .asString());
        assertThat(news.at("/effect/changes").size()).isNotZero();

        ObjectNode brief = (ObjectNode) before.get("brief");
        brief.set("prices", news.at("/edit/prices"));
        brief.set("shops", news.at("/edit/shops"));
        send(put("/api/parties/" + party + "/brief")
                .header("If-Match", "\"1\"")
                .contentType(APPLICATION_JSON)
                .content(json.writeValueAsBytes(brief)));
        assertThat(body(send(get("/api/parties/" + party + "/plan")))
                        .at("/purchases/bill/text")
                        .asString())
                .isEqualTo(news.at("/effect/billAfter").asString());
        assertThat(body(send(get("/api/parties/" + party + "/market")))
                        .get("state")
                        .asString())
                .isEqualTo("CURRENT");
    }

    @Test
    void aSlowMarketIsGivenUp() {
        other.hanging();
        assertThatThrownBy(() -> impatient().prices(DAY))
                .isInstanceOf(Market.MarketAwayException.class)
                .hasMessage("The market answers too slowly.");
    }

    /** A byte now and then, for ever: the time-out counts for the whole answer. */
    @Test
    void aDrippingMarketIsGivenUp() {
        other.dripping();
        assertThatThrownBy(() -> impatient().prices(DAY)).hasMessage("The market answers too slowly.");
    }

    @Test
    void aMarketThatIsDownIsAway() {
        Market market = market();
        other.close();
        assertThatThrownBy(() -> market.prices(DAY)).hasMessage("The market does not answer.");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "<html>Closed</html>",
                "[]",
                "null",
                "{\"asOf\":\"2026-11-24\",\"shops\":[],\"offers\":[],\"deals\":[]}",
                "{\"asOf\":\"2026-11-24\",\"shops\":[],\"deals\":[],\"offers\":[{\"id\":\"a\",\"shop\":\"s\",\"ingredient\":\"i\",\"name\":\"n\",\"grams\":100,\"priceCents\":-5,\"inStock\":true}]}",
                "{\"asOf\":\"2026-11-24\",\"shops\":[],\"deals\":[],\"offers\":[{\"id\":\"a\",\"shop\":\"s\",\"ingredient\":\"i\",\"name\":\"n\",\"grams\":1e99,\"priceCents\":5,\"inStock\":true}]}"
            })
    void nonsenseIsNotTakenForPrices(String body) {
        other.answering(200, body);
        assertThatThrownBy(() -> market().prices(DAY))
                .isInstanceOf(Market.MarketAwayException.class)
                .hasMessageStartingWith("The market's answer is no price list");
    }

    @Test
    void errorsFloodsAndPricesOfTomorrowAreRefused() {
        other.answering(503, "busy");
        assertThatThrownBy(() -> market().prices(DAY)).hasMessage("The market answered with status 503.");
        other.answering(200, " ".repeat(2_500_000));
        assertThatThrownBy(() -> market().prices(DAY)).hasMessageContaining("too long");
        Market standing = new HttpMarket(standIn.address(), Duration.ofSeconds(5), json);
        String tomorrow = json.writeValueAsString(standing.prices(DAY.plusDays(1)));
        other.answering(200, tomorrow);
        assertThatThrownBy(() -> market().prices(DAY)).hasMessageContaining("after today");
    }
}
