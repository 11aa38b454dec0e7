package org.livelyladle.server.scale;

import java.net.URI;
import java.time.Duration;
import org.livelyladle.server.standin.ScaleStandIn;
import org.livelyladle.server.web.HttpAsk;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Which scale is asked: the one at {@code ladle.scale.url}, or the stand-in. {@code GET /v1/grams} answers
 * {@code {"value": 812.4}}.
 */
@Configuration
class ScaleConfig {
    @Bean
    Scale scale(
            @Value("${ladle.scale.url:}") String url,
            @Value("${ladle.scale.timeout:2s}") Duration timeout,
            ScaleStandIn standIn) {
        URI grams = (url.isBlank() ? standIn.address() : URI.create(url)).resolve("/v1/grams");
        HttpAsk http = HttpAsk.forFigures(timeout);
        return () -> http.figure(grams);
    }
}
