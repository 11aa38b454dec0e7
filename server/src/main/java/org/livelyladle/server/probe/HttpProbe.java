package org.livelyladle.server.probe;

import java.net.URI;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import org.livelyladle.server.web.HttpAsk;

/** A thermometer over HTTP: {@code GET /v1/celsius?side=w1} answers {@code {"value": 97.8}}. */
final class HttpProbe implements Probe {
    private final URI address;
    private final HttpAsk http;

    HttpProbe(URI address, HttpAsk http) {
        this.address = address;
        this.http = http;
    }

    @Override
    public double celsius(String side, double near) {
        String query = "?side=" + URLEncoder.encode(side, StandardCharsets.UTF_8) + "&near=" + near;
        return http.figure(address.resolve("/v1/celsius" + query));
    }
}
