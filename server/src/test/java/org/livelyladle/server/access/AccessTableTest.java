package org.livelyladle.server.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.livelyladle.server.ServerTest;
import org.livelyladle.server.demo.DemoBriefs;
import org.livelyladle.server.phones.Phone;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;

/** Every path of the API, whoever asks, from wherever: allowed or refused as the table says. */
class AccessTableTest extends ServerTest {
    private static final String NOT_FOR_YOU = "This device was not invited to that.";

    @Autowired
    private DemoBriefs demo;

    private record Operation(HttpMethod method, String path) {}

    private List<Operation> operations() throws Exception {
        JsonNode paths = body(send(MockMvcRequestBuilders.get("/v3/api-docs"))).get("paths");
        List<Operation> operations = new ArrayList<>();
        paths.propertyStream()
                .forEach(path -> path.getValue()
                        .propertyStream()
                        .forEach(method -> operations.add(new Operation(
                                HttpMethod.valueOf(method.getKey().toUpperCase(Locale.ROOT)), path.getKey()))));
        return operations;
    }

    @Test
    void everyPathIsDecidedOnceAndNothingElseIs() throws Exception {
        assertThat(AccessTable.rows().stream().map(row -> new Operation(row.method(), row.path())))
                .doesNotHaveDuplicates()
                .containsExactlyInAnyOrderElementsOf(operations());
    }

    @Test
    void everybodyFromEverywhereIsAnsweredAsTheTableSays() throws Exception {
        String party = party();
        Map<String, Phone> far = new LinkedHashMap<>();
        far.put("nobody", phone());
        far.put("COOK", invited(party, "COOK"));
        far.put("GUEST", invited(party, "GUEST"));
        far.put("HOST", host());
        Phone guestHere = invited(party, "GUEST", "0:0:0:0:0:0:0:1");
        List<String> wrong = new ArrayList<>();
        for (AccessTable.Row row : AccessTable.rows()) {
            boolean anybody = row.roles().isEmpty();
            for (Map.Entry<String, Phone> one : far.entrySet()) {
                boolean may = anybody
                        || row.roles().stream().anyMatch(role -> role.name().equals(one.getKey()));
                check(row, "far " + one.getKey(), one.getValue(), may, wrong);
            }
            boolean isMine = row.path().startsWith("/api/mine");
            check(row, "near nobody", new Phone(http, json, "127.0.0.1"), !isMine, wrong);
            check(row, "near GUEST", guestHere, !isMine || row.roles().contains(Role.GUEST), wrong);
        }
        assertThat(wrong).isEmpty();
    }

    /** What is let through may still be refused for what it says, or end the phone that said it. */
    private void check(AccessTable.Row row, String who, Phone phone, boolean may, List<String> wrong) throws Exception {
        if (may && row.method() == HttpMethod.DELETE && row.path().equals("/api/mine")) {
            return;
        }
        MockHttpServletResponse answer = phone.send(request(
                                row.method(),
                                row.path()
                                        .replaceAll(
                                                "\\{[^}]+}", UUID.randomUUID().toString()))
                        .contentType(APPLICATION_JSON)
                        .content("{}"))
                .getResponse();
        boolean refused = answer.getStatus() == 401
                || answer.getStatus() == 403 && answer.getContentAsString().contains(NOT_FOR_YOU);
        if (may == refused) {
            wrong.add(who + " " + row.method() + " " + row.path() + " is answered " + answer.getStatus());
        }
    }

    @Test
    void whatIsInNoTableOnlyTheHostMayAskFor() throws Exception {
        Phone guest = invited(party(), "GUEST");

        assertThat(phone().send(MockMvcRequestBuilders.get("/api/something-new"))
                        .getResponse()
                        .getStatus())
                .isEqualTo(401);
        assertThat(guest.send(MockMvcRequestBuilders.get("/api/something-new"))
                        .getResponse()
                        .getStatus())
                .isEqualTo(403);
        assertThat(guest.send(MockMvcRequestBuilders.get("/v3/api-docs"))
                        .getResponse()
                        .getStatus())
                .isEqualTo(403);
    }

    /** A session of this machine is good for nothing elsewhere. */
    @Test
    void aStolenSessionOpensNothingFromElsewhere() throws Exception {
        MvcResult here = send(MockMvcRequestBuilders.get("/api/parties"));
        assertThat(here.getResponse().getStatus()).isEqualTo(200);

        int status = http.perform(MockMvcRequestBuilders.get("/api/parties")
                        .session((org.springframework.mock.web.MockHttpSession)
                                here.getRequest().getSession())
                        .with(sent -> {
                            sent.setRemoteAddr(Phone.ELSEWHERE);
                            return sent;
                        }))
                .andReturn()
                .getResponse()
                .getStatus();

        assertThat(status).isEqualTo(401);
    }

    @Test
    void publicAddressesAreNotAnsweredAtAll() throws Exception {
        for (String address : List.of("203.0.113.9", "2001:db8::7", "172.32.0.1")) {
            MockHttpServletResponse answer = new Phone(http, json, address)
                    .send(MockMvcRequestBuilders.get("/join"))
                    .getResponse();
            assertThat(answer.getStatus()).isEqualTo(403);
            assertThat(answer.getContentAsString()).contains("home network");
        }
        for (String address : List.of("10.1.2.3", "172.16.0.9", "192.168.1.4", "169.254.3.3", "fd12::1", "fe80::1")) {
            assertThat(new Phone(http, json, address)
                            .send(MockMvcRequestBuilders.get("/api/parties"))
                            .getResponse()
                            .getStatus())
                    .as(address)
                    .isEqualTo(401);
        }
    }

    private String party() throws Exception {
        JsonNode brief = json.valueToTree(demo.load(LocalDate.of(2026, 11, 24)).get(0));
        return body(send(post("/api/parties/import")
                        .contentType(APPLICATION_JSON)
                        .content(brief.toString())))
                .get("id")
                .asString();
    }

    private Phone phone() {
        return new Phone(http, json, Phone.ELSEWHERE);
    }

    private Phone invited(String party, String role) throws Exception {
        return invited(party, role, Phone.ELSEWHERE);
    }

    private Phone invited(String party, String role, String from) throws Exception {
        JsonNode made = body(send(post("/api/parties/" + party + "/invitations")
                .contentType(APPLICATION_JSON)
                .content("{\"role\":\"" + role + "\"}")));
        Phone phone = new Phone(http, json, from);
        assertThat(phone.pair("secret", Phone.secretOf(made.get("url").asString()))
                        .getResponse()
                        .getStatus())
                .isEqualTo(200);
        return phone;
    }

    private Phone host() throws Exception {
        String code = body(send(post("/api/devices/code"))).get("code").asString();
        Phone phone = phone();
        assertThat(phone.pair("code", code).getResponse().getStatus()).isEqualTo(200);
        return phone;
    }
}
