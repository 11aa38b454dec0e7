package org.livelyladle.server.standin;

import com.sun.net.httpserver.HttpExchange;
import java.io.IOException;
import java.net.URI;
import java.util.Locale;
import java.util.Random;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * An invented scale with a jug on it: {@code GET /v1/grams} answers its weight, within a gram. Between every other look
 * and the next a cup is poured from it; what is empty is filled again. Now and then it does not answer.
 */
@Component
public class ScaleStandIn implements DisposableBean {
    private static final double FULL_G = 2400;
    private static final double CUP_G = 250;
    private static final double EMPTY_G = 700;
    /** One answer in so many does not come. */
    private static final int DROPS_OUT = 20;

    private final Loopback server;
    private final Random random;
    private double jugG = FULL_G;
    private boolean wasLookedAt;

    ScaleStandIn(@Value("${ladle.scale.seed:7}") long seed) {
        this.random = new Random(seed);
        this.server = new Loopback("/v1/grams", this::answer);
    }

    public URI address() {
        return server.address();
    }

    private void answer(HttpExchange exchange) throws IOException {
        if (random.nextInt(DROPS_OUT) == 0) {
            Loopback.write(exchange, Loopback.AWAY, "{}");
            return;
        }
        double shown = jug() + 2 * random.nextDouble() - 1;
        Loopback.write(exchange, Loopback.OK, String.format(Locale.ROOT, "{\"value\":%.0f}", shown));
    }

    private double jug() {
        if (wasLookedAt) {
            jugG -= CUP_G;
        } else if (jugG < EMPTY_G) {
            jugG = FULL_G;
        }
        wasLookedAt = !wasLookedAt;
        return jugG;
    }

    @Override
    public void destroy() {
        server.stop();
    }
}
