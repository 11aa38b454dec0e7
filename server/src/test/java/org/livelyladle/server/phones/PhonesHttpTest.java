package org.livelyladle.server.phones;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.livelyladle.server.ServerTest;
import org.livelyladle.server.demo.DemoBriefs;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MvcResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Phones over HTTP: how they come in, what they are shown, what they may say, how they are out again. */
class PhonesHttpTest extends ServerTest {
    /** The server's clock in these tests; people sit down then. */
    private static final Instant NOW = Instant.parse("2026-11-24T15:00:00Z");

    /** Each has an address of its own, in all these tests: tries are counted by it. */
    private static final AtomicInteger PHONES = new AtomicInteger();

    @Autowired
    private DemoBriefs demo;

    @Autowired
    private JdbcTemplate database;

    private String party;

    @BeforeEach
    void takeTheSupperIn() throws Exception {
        party = imported("2026-11-24T16:00");
    }

    private String imported(String sitDown) throws Exception {
        ObjectNode brief =
                json.valueToTree(demo.load(LocalDate.of(2026, 11, 24)).get(0));
        brief.put("sitDown", sitDown);
        MvcResult made =
                send(post("/api/parties/import").contentType(APPLICATION_JSON).content(brief.toString()));
        return "/api/parties/" + body(made).get("id").asString();
    }

    /** Each from an address of its own, so that none is stopped for another's tries. */
    private Phone phone() {
        int number = PHONES.incrementAndGet();
        return new Phone(http, json, "10.0." + number / 250 + "." + number % 250);
    }

    private JsonNode invite(String role, String guest) throws Exception {
        Map<String, Object> wish = new LinkedHashMap<>();
        wish.put("role", role);
        wish.put("guest", guest);
        MvcResult made =
                send(post(party + "/invitations").contentType(APPLICATION_JSON).content(json.writeValueAsString(wish)));
        assertThat(made.getResponse().getStatus())
                .as(made.getResponse().getContentAsString())
                .isEqualTo(201);
        return body(made);
    }

    private static String secret(JsonNode invitation) {
        return Phone.secretOf(invitation.get("url").asString());
    }

    private Phone paired(String role, String guest) throws Exception {
        Phone phone = phone();
        MockHttpServletResponse answer =
                phone.pair("secret", secret(invite(role, guest))).getResponse();
        assertThat(answer.getStatus()).as(answer.getContentAsString()).isEqualTo(200);
        return phone;
    }

    private JsonNode mine(Phone phone) throws Exception {
        MvcResult result = phone.send(get("/api/mine"));
        assertThat(result.getResponse().getStatus()).isEqualTo(200);
        return body(result);
    }

    private static Map<String, Object> event(int second, String type, Object... parts) {
        Map<String, Object> event = new LinkedHashMap<>();
        event.put("id", UUID.randomUUID().toString());
        event.put("at", NOW.plusSeconds(second).toString());
        event.put("type", type);
        for (int i = 0; i < parts.length; i += 2) {
            event.put((String) parts[i], parts[i + 1]);
        }
        return event;
    }

    private MockHttpServletResponse say(Phone phone, Map<String, Object> event) throws Exception {
        return phone.send(post("/api/mine/events")
                        .contentType(APPLICATION_JSON)
                        .content(json.writeValueAsString(List.of(event))))
                .getResponse();
    }

    private void hostSays(Map<String, Object> event) throws Exception {
        assertThat(send(post(party + "/events")
                                .contentType(APPLICATION_JSON)
                                .content(json.writeValueAsString(List.of(event))))
                        .getResponse()
                        .getStatus())
                .isEqualTo(200);
    }

    private static List<JsonNode> all(JsonNode array) {
        return StreamSupport.stream(array.spliterator(), false).toList();
    }

    @Test
    void aGuestScansAndSeesTheirOwnPlace() throws Exception {
        JsonNode invitation = invite("GUEST", "edda");
        assertThat(Instant.parse(invitation.get("expires").asString()))
                .isEqualTo(Instant.parse("2026-11-24T15:00:00Z")
                        .plus(Duration.ofMinutes(100))
                        .plus(Duration.ofDays(1)));
        Phone phone = phone();
        MockHttpServletResponse let = phone.pair("secret", secret(invitation)).getResponse();
        assertThat(let.getStatus()).isEqualTo(200);
        assertThat(let.getHeader("Set-Cookie"))
                .contains("HttpOnly", "SameSite=Strict", "Path=/")
                .doesNotContain("Secure");

        JsonNode mine = mine(phone);

        assertThat(mine.get("role").asString()).isEqualTo("GUEST");
        assertThat(mine.get("seat").get("name").asString()).isEqualTo("Edda");
        assertThat(mine.get("seat").get("turns")).isNotEmpty();
        assertThat(mine.get("seat").get("sides")).hasSize(6);
        assertThat(body(send(get(party + "/devices"))).get(0).get("guest").asString())
                .isEqualTo("edda");
        assertThat(body(send(get(party + "/invitations"))).get(0).get("used").asBoolean())
                .isTrue();
    }

    @Test
    void anInvitationOfSomebodyIsGoodForOnePhoneAndThatOfTheTableForEachPlaceOnce() throws Exception {
        JsonNode own = invite("GUEST", "bo");
        Phone first = phone();
        first.pair("secret", secret(own));
        assertThat(first.pair("secret", secret(own)).getResponse().getStatus())
                .as("scanned again by the same phone")
                .isEqualTo(200);
        assertThat(phone().pair("secret", secret(own)).getResponse().getStatus())
                .isEqualTo(410);

        JsonNode table = invite("GUEST", null);
        Phone ada = phone();
        Phone other = phone();
        ada.pair("secret", secret(table));
        other.pair("secret", secret(table));
        assertThat(all(mine(ada).get("places")).stream()
                        .map(place -> place.get("id").asString()))
                .contains("ada")
                .doesNotContain("bo");
        assertThat(place(ada, "ada")).isEqualTo(204);
        assertThat(place(other, "ada")).isEqualTo(409);
        assertThat(place(other, "nobody")).isEqualTo(400);
        assertThat(mine(ada).get("seat").get("name").asString()).isEqualTo("Ada");
        assertThat(say(other, event(0, "FULL", "guest", "ada")).getStatus()).isEqualTo(409);
    }

    private int place(Phone phone, String guest) throws Exception {
        return phone.send(
                        post("/api/mine/place").contentType(APPLICATION_JSON).content("{\"guest\":\"" + guest + "\"}"))
                .getResponse()
                .getStatus();
    }

    @Test
    void theHostSeatsAndFreesAPlace() throws Exception {
        Phone phone = paired("GUEST", null);
        String device = body(send(get(party + "/devices"))).get(0).get("id").asString();

        MvcResult seated = send(
                put(party + "/devices/" + device).contentType(APPLICATION_JSON).content("{\"guest\":\"cleo\"}"));
        assertThat(body(seated).get("guest").asString()).isEqualTo("cleo");
        assertThat(mine(phone).get("seat").get("guest").asString()).isEqualTo("cleo");

        send(put(party + "/devices/" + device).contentType(APPLICATION_JSON).content("{}"));
        assertThat(mine(phone).get("seat").isNull()).isTrue();
    }

    @Test
    void whatWasTakenBackExpiredOrIsOfADeletedPartyOpensNothing() throws Exception {
        JsonNode invitation = invite("GUEST", "edda");
        Phone in = phone();
        in.pair("secret", secret(invitation));
        send(delete(party + "/invitations/" + invitation.get("id").asString()));
        assertThat(in.send(get("/api/mine")).getResponse().getStatus()).isEqualTo(401);
        assertThat(phone().pair("secret", secret(invitation)).getResponse().getStatus())
                .isEqualTo(410);

        party = imported("2026-11-22T16:00");
        JsonNode over = invite("GUEST", "edda");
        assertThat(phone().pair("secret", secret(over)).getResponse().getStatus())
                .as("a day after the party")
                .isEqualTo(410);

        party = imported("2026-11-24T16:00");
        Phone deleted = paired("GUEST", "bo");
        send(delete(party));
        assertThat(deleted.send(get("/api/mine")).getResponse().getStatus()).isEqualTo(401);
        send(post(party + "/restore"));
        assertThat(deleted.send(get("/api/mine")).getResponse().getStatus()).isEqualTo(200);
    }

    @Test
    void anInvitationOrDeviceIsOnlyReachedByItsOwnParty() throws Exception {
        JsonNode invitation = invite("GUEST", "edda");
        Phone phone = phone();
        phone.pair("secret", secret(invitation));
        String device = body(send(get(party + "/devices"))).get(0).get("id").asString();
        String other = imported("2026-11-25T18:00");

        assertThat(send(delete(other + "/invitations/" + invitation.get("id").asString()))
                        .getResponse()
                        .getStatus())
                .isEqualTo(404);
        assertThat(send(delete(other + "/devices/" + device)).getResponse().getStatus())
                .isEqualTo(404);
        mine(phone);
        assertThat(send(delete(party + "/devices/" + device)).getResponse().getStatus())
                .isEqualTo(204);
        assertThat(phone.send(get("/api/mine")).getResponse().getStatus()).isEqualTo(401);
    }

    @Test
    void guessingIsStoppedAndHurtsNobodyElse() throws Exception {
        JsonNode invitation = invite("GUEST", "edda");
        Phone guesser = phone();
        for (int i = 0; i < 10; i++) {
            assertThat(guesser.pair("secret", "no-such-secret-" + i)
                            .getResponse()
                            .getStatus())
                    .isEqualTo(403);
        }
        assertThat(guesser.pair("secret", secret(invitation)).getResponse().getStatus())
                .isEqualTo(429);
        assertThat(phone().pair("secret", secret(invitation)).getResponse().getStatus())
                .isEqualTo(200);
        assertThat(guesser.pair("nothing", "x").getResponse().getStatus()).isEqualTo(400);
    }

    @Test
    void theHostsCodeIsGoodOnceAndForFiveTries() throws Exception {
        String code = code();
        assertThat(code).matches("\\d{6}");
        assertThat(code()).as("the same while it is good").isEqualTo(code);
        List<String> before = hostDevices();
        Phone phone = phone();
        assertThat(phone.pair("code", code).getResponse().getStatus()).isEqualTo(200);
        assertThat(phone.send(get("/api/parties")).getResponse().getStatus()).isEqualTo(200);
        assertThat(phone().pair("code", code).getResponse().getStatus()).isEqualTo(403);

        String next = code();
        for (int i = 0; i < 5; i++) {
            assertThat(phone().pair("code", next.equals("000000") ? "000001" : "000000")
                            .getResponse()
                            .getStatus())
                    .isEqualTo(403);
        }
        assertThat(phone().pair("code", next).getResponse().getStatus()).isEqualTo(403);
        assertThat(code()).isNotEqualTo(next);

        List<String> devices = new ArrayList<>(hostDevices());
        devices.removeAll(before);
        String device = devices.get(0);
        send(delete("/api/devices/" + device));
        assertThat(phone.send(get("/api/parties")).getResponse().getStatus()).isEqualTo(401);
    }

    private List<String> hostDevices() throws Exception {
        return all(body(send(get("/api/devices")))).stream()
                .map(device -> device.get("id").asString())
                .toList();
    }

    private String code() throws Exception {
        return body(send(post("/api/devices/code"))).get("code").asString();
    }

    @Test
    void aGuestSaysWhatIsTheirsAndNothingOfOthers() throws Exception {
        Phone phone = paired("GUEST", "edda");
        hostSays(event(-600, "SAT_DOWN"));
        JsonNode turn = all(mine(phone).get("seat").get("turns")).stream()
                .filter(one -> one.get("act").asString().equals("DIP"))
                .findFirst()
                .orElseThrow();
        String drop = turn.get("drop").asString();
        int stay = turn.get("stay").asInt();

        assertThat(say(phone, event(0, "TAKEN_OUT", "drop", drop, "stay", stay)).getStatus())
                .isEqualTo(200);
        for (Map<String, Object> refused : List.of(
                event(0, "TAKEN_OUT", "drop", drop),
                event(0, "FULL", "guest", "bo"),
                event(0, "NEED_SAID", "guest", "ada", "need", "SESAME"),
                event(0, "BOUGHT", "subject", "o", "ingredient", "i", "count", 1, "grams", 100, "priceCents", 100),
                event(0, "FINISHED"),
                event(0, "TASK_DONE", "subject", "table:lay"),
                event(0, "TAKEN_BACK", "event", UUID.randomUUID().toString()))) {
            MockHttpServletResponse answer = say(phone, refused);
            assertThat(answer.getStatus())
                    .as(refused + answer.getContentAsString())
                    .isEqualTo(403);
        }
        assertThat(say(phone, event(0, "FULL", "guest", "edda", "celsius", 3)).getStatus())
                .isEqualTo(400);
        Map<String, Object> full = event(0, "FULL", "guest", "edda");
        assertThat(say(phone, full).getStatus()).isEqualTo(200);
        assertThat(mine(phone).get("seat").get("there").asBoolean()).isFalse();
        assertThat(say(phone, event(0, "TAKEN_BACK", "event", full.get("id"))).getStatus())
                .isEqualTo(200);
        assertThat(mine(phone).get("seat").get("there").asBoolean()).isTrue();
    }

    @Test
    void aNeedSaidAtTheTableClosesFoodAtOnceAndIsTheHostsToHear() throws Exception {
        Phone phone = paired("GUEST", "edda");
        hostSays(event(-600, "SAT_DOWN"));
        assertThat(turnsOf(phone)).anyMatch(cut -> cut.startsWith("beef"));

        Map<String, Object> need = event(0, "NEED_SAID", "guest", "edda", "need", "NO_BEEF");
        assertThat(say(phone, need).getStatus()).isEqualTo(200);

        assertThat(turnsOf(phone)).noneMatch(cut -> cut.startsWith("beef"));
        JsonNode own = all(mine(phone).get("seat").get("needs")).stream()
                .filter(one -> one.get("need").asString().equals("NO_BEEF"))
                .findFirst()
                .orElseThrow();
        assertThat(own.get("heard").asBoolean()).isFalse();
        JsonNode heard =
                body(send(get(party + "/table"))).get("now").get("needs").get(0);
        assertThat(heard.get("guest").asString()).isEqualTo("edda");

        hostSays(event(1, "TAKEN_BACK", "event", heard.get("event").asString()));
        assertThat(turnsOf(phone)).anyMatch(cut -> cut.startsWith("beef"));
    }

    private List<String> turnsOf(Phone phone) throws Exception {
        return all(mine(phone).get("seat").get("turns")).stream()
                .filter(turn -> !turn.get("when").asString().equals("HAD"))
                .map(turn -> turn.get("cut").asString())
                .toList();
    }

    @Test
    void whatAGuestAnswersBeforeIsOfferedToTheHostAsEdits() throws Exception {
        Phone phone = paired("GUEST", "edda");
        assertThat(phone.send(put("/api/mine/answer")
                                .contentType(APPLICATION_JSON)
                                .content("{\"needs\":[\"SESAME\"],\"appetite\":\"LIGHT\",\"arrivesAfterMinutes\":20}"))
                        .getResponse()
                        .getStatus())
                .isEqualTo(204);
        assertThat(mine(phone).get("answer").get("appetite").asString()).isEqualTo("LIGHT");

        JsonNode offers = body(send(get(party + "/answers")));

        assertThat(all(offers).stream()
                        .map(offer -> offer.get("edit").get("edit").asString()))
                .containsExactly("ADD_NEED", "SET_APPETITE", "COME_AFTER");
        assertThat(offers.get(1).get("effect").asString()).contains(" to ");
        assertThat(phone.send(put("/api/mine/answer")
                                .contentType(APPLICATION_JSON)
                                .content("{\"arrivesAfterMinutes\":-5}"))
                        .getResponse()
                        .getStatus())
                .isEqualTo(400);
        send(delete(party + "/answers/edda"));
        assertThat(body(send(get(party + "/answers")))).isEmpty();
    }

    @Test
    void whatWasSaidForAPartyThatIsLongOverIsForgotten() throws Exception {
        Phone phone = paired("GUEST", "edda");
        phone.send(put("/api/mine/answer").contentType(APPLICATION_JSON).content("{\"needs\":[\"SESAME\"]}"));
        String said = party;
        database.update(
                "UPDATE party SET sit_down = sit_down - interval '3 days' WHERE id = ?::uuid", said.substring(13));

        party = imported("2026-11-24T16:00");
        paired("GUEST", "edda")
                .send(put("/api/mine/answer").contentType(APPLICATION_JSON).content("{}"));

        assertThat(database.queryForObject(
                        "SELECT count(*) FROM guest_answer WHERE party_id = ?::uuid",
                        Integer.class,
                        said.substring(13)))
                .isZero();
    }

    @Test
    void aHelperSeesOwnTasksAndTicksThem() throws Exception {
        String cook = body(send(get(party)))
                .get("brief")
                .get("cooks")
                .get(1)
                .get("id")
                .asString();
        Phone phone = paired("COOK", cook);
        JsonNode helper = mine(phone).get("helper");
        assertThat(helper.get("jobs")).isNotEmpty();
        String task = helper.get("jobs").get(0).get("task").asString();

        assertThat(say(phone, event(-1, "TASK_DONE", "subject", task)).getStatus())
                .isEqualTo(200);
        assertThat(mine(phone).get("helper").get("jobs").get(0).get("state").asString())
                .isEqualTo("DONE");
        assertThat(say(phone, event(-1, "TASK_DONE", "subject", "somebody:elses"))
                        .getStatus())
                .isEqualTo(403);
        assertThat(phone.send(put("/api/mine/answer")
                                .contentType(APPLICATION_JSON)
                                .content("{}"))
                        .getResponse()
                        .getStatus())
                .isEqualTo(403);
    }

    @Test
    void theDateForTheCalendarTellsNothingElse() throws Exception {
        Phone phone = paired("GUEST", "edda");
        String mine = phone.send(get("/api/mine/invitation.ics")).getResponse().getContentAsString();

        assertThat(mine).contains("BEGIN:VEVENT", "DTSTART:20261124T150000Z");
        assertThat(mine).doesNotContain("VTODO", "ATTENDEE", "Ada");
        assertThat(send(get(party + "/invitation.ics")).getResponse().getContentAsString())
                .contains("DTSTART:20261124T150000Z");
    }

    /** Every answer a guest can get, of every guest, before and in the meal: nobody else's needs, no price, no note. */
    @Test
    void noGuestIsToldAnythingOfAnother() throws Exception {
        JsonNode brief = body(send(get(party))).get("brief");
        String calendar = body(send(post(party + "/calendar"))).get("path").asString();
        List<Phone> all = new ArrayList<>();
        for (JsonNode guest : brief.get("guests")) {
            all.add(paired("GUEST", guest.get("id").asString()));
        }
        for (boolean running : List.of(false, true)) {
            if (running) {
                hostSays(event(-1200, "SAT_DOWN"));
            }
            for (int i = 0; i < all.size(); i++) {
                String text = all.get(i).send(get("/api/mine")).getResponse().getContentAsString();
                JsonNode own = brief.get("guests").get(i);
                assertThat(text)
                        .doesNotContain(
                                "Cents",
                                "priceCents",
                                calendar,
                                brief.get("currency").asString());
                assertThat(text).doesNotContain(party.substring(13));
                for (JsonNode other : brief.get("guests")) {
                    for (JsonNode need : other.get("needs")) {
                        String kind = need.get("kind").asString();
                        boolean isOwn = all(own.get("needs")).stream()
                                .anyMatch(one -> one.get("kind").asString().equals(kind));
                        if (!isOwn && !other.equals(own)) {
                            assertThat(text)
                                    .as(own.get("name") + " is told of " + kind)
                                    .doesNotContain("\"need\":\"" + kind + "\"");
                        }
                    }
                    if (!other.equals(own)) {
                        assertThat(text).doesNotContain("\"" + other.get("id").asString() + "\"");
                    }
                }
            }
        }
    }
}
