package org.livelyladle.server.probe;

import java.net.URI;
import java.time.Duration;
import org.livelyladle.server.standin.ProbeStandIn;
import org.livelyladle.server.web.HttpAsk;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Which thermometers are asked: those at {@code ladle.probe.url}, or the stand-in. */
@Configuration
class ProbeConfig {
    @Bean
    Probe probe(
            @Value("${ladle.probe.url:}") String url,
            @Value("${ladle.probe.timeout:2s}") Duration timeout,
            ProbeStandIn standIn) {
        return new HttpProbe(url.isBlank() ? standIn.address() : URI.create(url), HttpAsk.forFigures(timeout));
    }
}
