package org.livelyladle.server.calendar;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook.Busy;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.server.Cost;
import org.livelyladle.server.demo.DemoBriefs;
import org.livelyladle.server.household.PriceList;
import org.livelyladle.server.web.JsonConfig;

/** The demo supper is on Saturday 28 November 2026 at 19:00 in Vienna. */
class BusyReaderTest {
    private static final Brief BRIEF = new DemoBriefs(JsonConfig.mapper(), new PriceList())
            .load(LocalDate.of(2026, 11, 24))
            .get(0);

    private static BusyPreview read(String... lines) {
        String text = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//a//b//EN\r\n" + String.join("\r\n", lines)
                + "\r\nEND:VCALENDAR\r\n";
        byte[] file = text.getBytes(UTF_8);
        try {
            return Cost.bounded(text, () -> new BusyReader(BRIEF).read(file));
        } catch (RuntimeException e) {
            throw e;
        } catch (Exception e) {
            throw new AssertionError(e);
        }
    }

    private static String event(String... lines) {
        return "BEGIN:VEVENT\r\nUID:x@y\r\nDTSTAMP:20261101T000000Z\r\nSUMMARY:Choir\r\n" + String.join("\r\n", lines)
                + "\r\nEND:VEVENT";
    }

    private static Busy busy(String from, String until) {
        return new Busy(LocalDateTime.parse(from), LocalDateTime.parse(until), "Choir");
    }

    @Test
    void timesInUtcInAZoneAndInNoneBecomeThePartysOwn() {
        assertThat(read(event("DTSTART:20261128T130000Z", "DTEND:20261128T140000Z"))
                        .busy())
                .containsExactly(busy("2026-11-28T14:00", "2026-11-28T15:00"));
        assertThat(read(event("DTSTART;TZID=America/New_York:20261128T080000", "DURATION:PT30M"))
                        .busy())
                .containsExactly(busy("2026-11-28T14:00", "2026-11-28T14:30"));
        assertThat(read(event("DTSTART:20261128T140000", "DTEND:20261128T153000"))
                        .busy())
                .containsExactly(busy("2026-11-28T14:00", "2026-11-28T15:30"));
    }

    @Test
    void aRuleIsFollowedWithinTheDaysBeforeAndItsExceptionsHold() {
        BusyPreview weekly = read(event(
                "DTSTART:20200104T090000Z", "DTEND:20200104T100000Z", "RRULE:FREQ=DAILY", "EXDATE:20261127T090000Z"));

        assertThat(weekly.busy()).hasSizeBetween(7, 8).contains(busy("2026-11-28T10:00", "2026-11-28T11:00"));
        assertThat(weekly.busy()).doesNotContain(busy("2026-11-27T10:00", "2026-11-27T11:00"));
    }

    @Test
    void whatIsFreeCancelledLongAgoOrAllDayDoesNotCount() {
        assertThat(read(event("DTSTART:20261128T130000Z", "DTEND:20261128T140000Z", "TRANSP:TRANSPARENT")))
                .isEqualTo(new BusyPreview(List.of(), List.of()));
        assertThat(read(event("DTSTART:20261128T130000Z", "DTEND:20261128T140000Z", "STATUS:CANCELLED"))
                        .busy())
                .isEmpty();
        assertThat(read(event("DTSTART:20250101T130000Z", "DTEND:20250101T140000Z"))
                        .busy())
                .isEmpty();
        BusyPreview allDay = read(event("DTSTART;VALUE=DATE:20261128", "DTEND;VALUE=DATE:20261129"));
        assertThat(allDay.busy()).isEmpty();
        assertThat(allDay.leftOut())
                .singleElement()
                .asString()
                .contains("Choir")
                .contains("all day");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "DTSTART:20261128T130000Z\r\nDTEND:20261128T120000Z",
                "DTSTART:20261128T130000Z\r\nDTEND:20291128T120000Z",
                "DTSTART:00010101T000000Z\r\nDTEND:00010101T010000Z\r\nRRULE:FREQ=DAILY",
                "DTSTART:20261128T130000Z\r\nDTEND:20261128T130100Z\r\nRRULE:FREQ=SECONDLY",
                "DTSTART:19700101T000000Z\r\nDTEND:19700101T000100Z\r\nRRULE:FREQ=MINUTELY",
                "SUMMARY:no times at all"
            })
    void anEntryThatMakesNoSenseIsLeftOutAndSaid(String lines) {
        String good = event("DTSTART:20261128T080000Z", "DTEND:20261128T090000Z");
        BusyPreview preview = read(event(lines), good);

        assertThat(preview.busy()).containsExactly(busy("2026-11-28T09:00", "2026-11-28T10:00"));
        assertThat(preview.leftOut()).hasSize(1);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "hello",
                "BEGIN:VCALENDAR",
                "BEGIN:VCARD\r\nEND:VCARD",
                "{\"a\":1}",
                "<html></html>",
                "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:99999999T999999Z\r\nEND:VEVENT\r\nEND:VCALENDAR",
                "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:tomorrow\r\nEND:VEVENT\r\nEND:VCALENDAR",
                "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nRRULE:FREQ=NEVER\r\nEND:VEVENT\r\nEND:VCALENDAR"
            })
    void whatIsNoCalendarIsRefusedInPlainWords(String text) {
        assertThatThrownBy(() -> new BusyReader(BRIEF).read(text.getBytes(UTF_8)))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("file");
    }

    @Test
    void entriesWithinEntriesAndHeapsOfThemAreRefusedBeforeTheyAreParsed() {
        String deep = "BEGIN:VEVENT\r\n".repeat(50_000);
        assertThatThrownBy(() -> read(deep)).hasMessageContaining("entries within entries");
        String many = (event("DTSTART:20261128T130000Z") + "\r\n").repeat(4_000);
        assertThatThrownBy(() -> read(many)).hasMessageContaining("at most");
        assertThatThrownBy(() -> new BusyReader(BRIEF).read(new byte[] {(byte) 0xff, (byte) 0xfe, 0}))
                .hasMessageContaining("not UTF-8");
    }

    @Test
    void aZoneThatIsNoneAndAZoneThatLiesAreNoHarm() {
        String zone = "BEGIN:VTIMEZONE\r\nTZID:Nowhere\r\nBEGIN:STANDARD\r\nDTSTART:16010101T000000\r\n"
                + "RRULE:FREQ=SECONDLY\r\nTZOFFSETFROM:+0100\r\nTZOFFSETTO:+9900\r\nEND:STANDARD\r\nEND:VTIMEZONE";
        String inNowhere = event("DTSTART;TZID=Nowhere:20261128T130000", "DTEND;TZID=Nowhere:20261128T140000");
        String good = event("DTSTART:20261128T080000Z", "DTEND:20261128T090000Z");
        assertThatThrownBy(() -> read(zone, inNowhere, good)).hasMessageContaining("a time zone with odd rules");
        BusyPreview unknown = read(event("DTSTART;TZID=Mars/Base:20261128T130000", "DURATION:PT1H"), good);
        assertThat(unknown.busy()).contains(busy("2026-11-28T09:00", "2026-11-28T10:00"));
    }

    /** Rules that would be followed for ever, or fill the memory, each in a file of some two hundred bytes. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "RRULE:FREQ=DAILY\r\nRRULE:FREQ=SECONDLY",
                "RRULE:FREQ=DAILY\r\nEXRULE:FREQ=SECONDLY",
                "RRULE:FREQ=DAILY;BYHOUR=0,1,2,3,4,5,6,7,8,9;BYMINUTE=0,1,2,3,4;BYSECOND=0,1,2,3,4,5",
                "RRULE:FREQ=YEARLY;BYMONTH=1,2,3,4,5,6,7,8,9,10,11,12;BYHOUR=0,1,2,3;BYMINUTE=0,1;BYSECOND=0,1",
                "RRU\r\n LE:FREQ=SECON\r\n DLY",
                "RRU\n LE:FREQ=SECON\n DLY",
                "RRU\r LE:FREQ=SECON\r DLY"
            })
    void rulesWithoutEndAreNotFollowedAndSaid(String rules) {
        BusyPreview preview = read(event("DTSTART:19700101T090000Z", "DTEND:19700101T090100Z", rules));

        assertThat(preview.busy()).isEmpty();
        assertThat(preview.leftOut()).singleElement().asString().contains("repeats");
    }

    @Test
    void aFileThatRepeatsTooMuchIsFollowedAsFarAsItsBudgetGoes() {
        String[] lines = new String[100];
        java.util.Arrays.fill(lines, event("DTSTART:19700101T090000Z", "DTEND:19700101T090100Z", "RRULE:FREQ=DAILY"));
        BusyPreview preview = read(lines);

        assertThat(preview.busy()).isNotEmpty();
        assertThat(preview.leftOut()).last().asString().contains("too much to be followed");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "RRULE:FREQ=MINUTELY",
                "RRULE:FREQ=DAILY",
                "RRULE:FREQ=YEARLY\r\nRRULE:FREQ=YEARLY",
                "RRULE:FREQ=YEARLY;BYSECOND=1,2",
                "EXRULE:FREQ=YEARLY"
            })
    void zonesWithOddRulesAreRefused(String rules) {
        String zone = "BEGIN:VTIMEZONE\r\nTZID:Odd\r\nBEGIN:STANDARD\r\nDTSTART:19700101T000000\r\n" + rules
                + "\r\nTZOFFSETFROM:+0100\r\nTZOFFSETTO:+0100\r\nEND:STANDARD\r\nEND:VTIMEZONE";
        assertThatThrownBy(() -> read(zone)).hasMessageContaining("a time zone with odd rules");
    }

    @Test
    void titlesAreShortenedAndCarryNoControlLetters() {
        Busy away = read(event("DTSTART:20261128T130000Z", "DTEND:20261128T140000Z")
                        .replace("SUMMARY:Choir", "SUMMARY:" + "very long ".repeat(30) + "\\n\\nend"))
                .busy()
                .get(0);
        assertThat(away.what()).hasSizeLessThanOrEqualTo(60).doesNotContain("\n");
        Busy song = read(event("DTSTART:20261128T130000Z", "DTEND:20261128T140000Z")
                        .replace("SUMMARY:Choir", "SUMMARY:" + "x".repeat(59) + "\uD83C\uDFB6"))
                .busy()
                .get(0);
        assertThat(song.what()).as("no letter is torn").isEqualTo("x".repeat(59));
    }
}
