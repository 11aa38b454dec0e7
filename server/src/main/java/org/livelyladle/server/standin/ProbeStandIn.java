package org.livelyladle.server.standin;

import com.sun.net.httpserver.HttpExchange;
import java.io.IOException;
import java.net.URI;
import java.util.Locale;
import java.util.Objects;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Invented thermometers: {@code GET /v1/celsius?side=w1&near=97.5} answers what is near, within a few tenths; now and then
 * nothing, or a figure that cannot be.
 */
@Component
public class ProbeStandIn implements DisposableBean {
    private static final Pattern NEAR = Pattern.compile("(?:^|&)near=(-?[0-9.]+)");
    private static final double NOISE_K = 0.4;
    /** One answer in so many does not come. */
    private static final int DROPS_OUT = 20;
    /** One in so many is that of a thermometer without a cable. */
    private static final int ABSURD = 60;

    private static final double WITHOUT_CABLE = -127;

    private final Loopback server;
    private final Random random;

    ProbeStandIn(@Value("${ladle.probe.seed:7}") long seed) {
        this.random = new Random(seed);
        this.server = new Loopback("/v1/celsius", this::answer);
    }

    public URI address() {
        return server.address();
    }

    private void answer(HttpExchange exchange) throws IOException {
        Matcher near =
                NEAR.matcher(Objects.requireNonNullElse(exchange.getRequestURI().getQuery(), ""));
        if (!near.find()) {
            Loopback.write(exchange, Loopback.BAD_REQUEST, "{\"detail\":\"near=97.5 is asked for\"}");
        } else if (random.nextInt(DROPS_OUT) == 0) {
            Loopback.write(exchange, Loopback.AWAY, "{}");
        } else {
            double shown = random.nextInt(ABSURD) == 0
                    ? WITHOUT_CABLE
                    : Double.parseDouble(near.group(1)) + NOISE_K * (2 * random.nextDouble() - 1);
            Loopback.write(exchange, Loopback.OK, String.format(Locale.ROOT, "{\"value\":%.1f}", shown));
        }
    }

    @Override
    public void destroy() {
        server.stop();
    }
}
