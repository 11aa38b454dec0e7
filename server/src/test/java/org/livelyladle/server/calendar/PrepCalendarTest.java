package org.livelyladle.server.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import biweekly.Biweekly;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.component.VTodo;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarBuilder;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.livelyladle.server.ServerTest;
import org.springframework.mock.web.MockHttpServletResponse;
import tools.jackson.databind.JsonNode;

/** What is written is read by another library (biweekly) and compared with the plan. */
class PrepCalendarTest extends ServerTest {
    private String party;

    @BeforeEach
    void make() throws Exception {
        party = make("2026-11-28T19:00:00", "Europe/Vienna");
    }

    private String make(String sitDown, String zone) throws Exception {
        String body = """
                {"title":"Feast, for two; at last","sitDown":"%s","zone":"%s","guests":["Ann","Ben"]}""".formatted(sitDown, zone);
        return body(send(post("/api/parties").contentType(APPLICATION_JSON).content(body)))
                .get("id")
                .asString();
    }

    private String path() {
        return "/api/parties/" + party;
    }

    private ICalendar read(String path) throws Exception {
        MockHttpServletResponse answer = send(get(path)).getResponse();
        assertThat(answer.getStatus()).isEqualTo(200);
        assertThat(answer.getContentType()).isEqualTo("text/calendar;charset=UTF-8");
        String text = answer.getContentAsString(StandardCharsets.UTF_8);
        assertThat(text.lines()).allMatch(line -> line.getBytes(StandardCharsets.UTF_8).length <= 75);
        assertThat(new CalendarBuilder()
                        .build(new StringReader(text))
                        .validate()
                        .getEntries())
                .isEmpty();
        List<List<biweekly.io.ParseWarning>> warnings = new ArrayList<>();
        ICalendar calendar = Biweekly.parse(text).warnings(warnings).first();
        assertThat(warnings.stream().flatMap(List::stream)).isEmpty();
        assertThat(calendar.validate(ICalVersion.V2_0).isEmpty())
                .as(calendar.validate(ICalVersion.V2_0).toString())
                .isTrue();
        return calendar;
    }

    private static Map<String, VTodo> todos(ICalendar calendar) {
        return calendar.getTodos().stream()
                .collect(Collectors.toMap(todo -> todo.getUid().getValue(), Function.identity()));
    }

    private void record(String type, String task, String at) throws Exception {
        String event = """
                [{"id":"%s","at":"%s","type":"%s","subject":"%s"}]""".formatted(UUID.randomUUID(), at, type, task);
        send(post(path() + "/events").contentType(APPLICATION_JSON).content(event));
    }

    @Test
    void everyTaskIsAToDoWithItsTimesAndAnAlarm() throws Exception {
        Map<String, VTodo> todos = todos(read(path() + "/prep.ics"));
        int compared = 0;
        for (JsonNode task : body(send(get(path() + "/plan"))).at("/prep/tasks")) {
            if (!task.get("fixed").asBoolean()) {
                VTodo todo = todos.get(task.get("id").asString() + "@" + party + ".lively-ladle");
                assertThat(todo.getDateStart().getValue().toInstant()).isEqualTo(instant(task, "startsAt"));
                assertThat(todo.getDateDue().getValue().toInstant()).isEqualTo(instant(task, "endsAt"));
                assertThat(todo.getSummary().getValue())
                        .isEqualTo("You: " + task.get("what").asString());
                assertThat(todo.getStatus().isNeedsAction()).isTrue();
                assertThat(todo.getAlarms()).hasSize(1);
                compared++;
            }
        }
        assertThat(compared).isEqualTo(todos.size()).isGreaterThan(20);
    }

    private static Instant instant(JsonNode task, String field) {
        return LocalDateTime.parse(task.get(field).asString())
                .atZone(ZoneId.of("Europe/Vienna"))
                .toInstant();
    }

    @Test
    void tripsAndSittingDownAreEvents() throws Exception {
        List<VEvent> events = read(path() + "/prep.ics").getEvents();

        assertThat(events)
                .extracting(event -> event.getSummary().getValue())
                .containsExactlyInAnyOrder(
                        "Shop at Towpath Stores",
                        "Shop at Weir Street Grocer",
                        "Shop at Lock Hall Market",
                        "Sit down: Feast, for two; at last");
        VEvent sitting = events.get(events.size() - 1);
        assertThat(sitting.getDateStart().getValue().toInstant()).isEqualTo(Instant.parse("2026-11-28T18:00:00Z"));
        assertThat(sitting.getDateEnd().getValue().toInstant()).isEqualTo(Instant.parse("2026-11-28T19:30:00Z"));
    }

    @Test
    void readAgainTheSameEntriesAreUpdatedNotDoubled() throws Exception {
        Map<String, VTodo> before = todos(read(path() + "/prep.ics"));
        String uid = "table:lay@" + party + ".lively-ladle";
        // a device whose clock is four days ahead: it was done when it was heard of, and is done at once
        record("TASK_DONE", "table:lay", "2026-11-28T16:00:00Z");
        ICalendar again = read(path() + "/prep.ics");

        assertThat(todos(again).keySet()).isEqualTo(before.keySet());
        assertThat(todos(again).get(uid).getStatus().isCompleted()).isTrue();
        assertThat(todos(again).get(uid).getCompleted().getValue().toInstant())
                .isEqualTo(Instant.parse("2026-11-24T15:00:00Z"));
        assertThat(todos(again).get(uid).getSequence().getValue())
                .isGreaterThan(before.get(uid).getSequence().getValue());
        assertThat(todos(again).get(uid).getAlarms()).isEmpty();
    }

    /** On 25 October 2026 clocks in Vienna go back at 3:00: noon is at 11:00 UTC, the evening before at 2 hours less. */
    @Test
    void timesAreRightAcrossAClockChange() throws Exception {
        party = make("2026-10-25T12:00:00", "Europe/Vienna");
        ICalendar calendar = read(path() + "/prep.ics");
        VEvent sitting = calendar.getEvents().get(calendar.getEvents().size() - 1);
        assertThat(sitting.getDateStart().getValue().toInstant()).isEqualTo(Instant.parse("2026-10-25T11:00:00Z"));

        VEvent trip = calendar.getEvents().stream()
                .filter(event -> event.getSummary().getValue().contains("Weir Street"))
                .findFirst()
                .orElseThrow();
        assertThat(trip.getDateStart().getValue().toInstant()).isEqualTo(Instant.parse("2026-10-24T16:00:00Z"));
        for (VTodo todo : calendar.getTodos()) {
            assertThat(Duration.between(
                            todo.getDateStart().getValue().toInstant(),
                            todo.getDateDue().getValue().toInstant()))
                    .isPositive();
        }
    }

    @Test
    void aCooksCalendarHoldsThatCooksTasksOnly() throws Exception {
        assertThat(read(path() + "/prep.ics?cook=cook-1").getTodos()).hasSizeGreaterThan(20);
        assertThat(read(path() + "/prep.ics?cook=nobody").getTodos()).isEmpty();
    }

    @Test
    void whoeverHasTheAddressReadsWithoutSessionUntilItIsRenewedOrWithdrawn() throws Exception {
        assertThat(body(send(get(path() + "/calendar"))).get("path").isNull()).isTrue();
        String first = body(send(post(path() + "/calendar"))).get("path").asString();
        assertThat(first).matches("/calendar/[A-Za-z0-9_-]{43}\\.ics");
        assertThat(body(send(get(path() + "/calendar"))).get("path").asString()).isEqualTo(first);
        MockHttpServletResponse answer = http.perform(get(first)).andReturn().getResponse();
        assertThat(answer.getStatus()).isEqualTo(200);
        assertThat(answer.getContentAsString()).startsWith("BEGIN:VCALENDAR");

        String second = body(send(post(path() + "/calendar"))).get("path").asString();
        assertThat(second).isNotEqualTo(first);
        assertThat(http.perform(get(first)).andReturn().getResponse().getStatus())
                .isEqualTo(404);
        assertThat(http.perform(get(second)).andReturn().getResponse().getStatus())
                .isEqualTo(200);

        send(delete(path() + "/calendar"));
        assertThat(http.perform(get(second)).andReturn().getResponse().getStatus())
                .isEqualTo(404);
        assertThat(http.perform(get("/calendar/guess.ics"))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(404);
    }
}
