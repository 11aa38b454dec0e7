package org.livelyladle.server.phones;

import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import jakarta.servlet.http.Cookie;
import java.util.Map;
import java.util.Objects;
import org.livelyladle.server.access.Devices;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.json.JsonMapper;

/** A device that is not this machine: it asks from another address, and has nothing but its cookie. */
public final class Phone {
    public static final String ELSEWHERE = "192.168.7.23";

    private final MockMvc http;
    private final JsonMapper json;
    private final String address;
    private Cookie cookie;

    public Phone(MockMvc http, JsonMapper json, String address) {
        this.http = http;
        this.json = json;
        this.address = address;
    }

    public MvcResult send(MockHttpServletRequestBuilder request) throws Exception {
        request.with(sent -> {
            sent.setRemoteAddr(address);
            return sent;
        });
        if (cookie != null) {
            request.cookie(cookie);
        }
        return http.perform(request.with(SecurityMockMvcRequestPostProcessors.csrf()))
                .andReturn();
    }

    /** @param by secret or code */
    public MvcResult pair(String by, String value) throws Exception {
        MvcResult result = send(
                post("/api/pair").contentType(APPLICATION_JSON).content(json.writeValueAsString(Map.of(by, value))));
        Cookie given = result.getResponse().getCookie(Devices.COOKIE);
        if (given != null) {
            cookie = given;
        }
        return result;
    }

    /** What opens an invitation. */
    public static String secretOf(String url) {
        return url.substring(url.indexOf('#') + 1);
    }

    public Cookie cookie() {
        return Objects.requireNonNull(cookie);
    }
}
