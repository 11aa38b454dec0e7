package org.livelyladle.server.market;

import java.net.URI;
import java.time.Duration;
import org.livelyladle.server.standin.MarketStandIn;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** Which market is asked: the one at {@code ladle.market.url}, or the stand-in. */
@Configuration
class MarketConfig {
    @Bean
    Market market(
            @Value("${ladle.market.url:}") String url,
            @Value("${ladle.market.timeout:2s}") Duration timeout,
            MarketStandIn standIn,
            JsonMapper mapper) {
        return new HttpMarket(url.isBlank() ? standIn.address() : URI.create(url), timeout, mapper);
    }
}
