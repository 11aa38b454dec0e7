package org.livelyladle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.Media;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Prep while it goes on: the rowers' supper, so dated that prep should have begun 25 minutes ago. */
class PrepIT extends BrowserTest {
    /** A new plan takes longer while other journeys keep both cores busy [ms]. */
    private static final double PLANNED_BESIDE_OTHERS_MS = 20_000;

    private static final LocalDateTime NOW =
            LocalDateTime.ofInstant(Instant.parse(RunningServer.CLOCK), ZoneId.of("Europe/Vienna"));
    private static final int LATE_MINUTES = 25;

    /** What the test changes of the demo supper. */
    private Consumer<JsonObject> kitchen = brief -> {};

    /** Hands are what is short: one cook and a helper, and no broth that takes hours. */
    private static void oneCookAndQuickBroths(JsonObject brief) {
        JsonArray cooks = brief.getAsJsonArray("cooks");
        for (int i = cooks.size() - 1; i >= 0; i--) {
            if (cooks.get(i).getAsJsonObject().get("name").getAsString().equals("Edda")) {
                cooks.remove(i);
            }
        }
        brief.getAsJsonArray("pots")
                .forEach(pot -> pot.getAsJsonObject()
                        .getAsJsonArray("sides")
                        .forEach(side -> side.getAsJsonObject().addProperty("broth", "kelp-water")));
        brief.getAsJsonObject("decisions").add("tasks", new JsonArray());
    }

    /** Opens the evening as seen that long after prep should have begun [min]. */
    private void open(Page on, int late) {
        party = dated(NOW.plusDays(3));
        double begins = plan().getAsJsonObject("prep")
                .getAsJsonObject("begins")
                .get("value")
                .getAsDouble();
        party = dated(NOW.plusMinutes((long) begins - late));
        on.context().clock().setFixedTime(Instant.parse(RunningServer.CLOCK).toEpochMilli());
    }

    private String dated(LocalDateTime sitDown) {
        return copyOf("Quad and coxes’ supper", brief -> {
            kitchen.accept(brief);
            brief.addProperty("sitDown", sitDown.toString());
            brief.getAsJsonArray("shops")
                    .forEach(shop -> shop.getAsJsonObject()
                            .addProperty("tripAt", NOW.minusDays(1).toString()));
        });
    }

    private JsonObject plan() {
        return JsonParser.parseString(page.context()
                        .request()
                        .get("/api/parties/" + party + "/plan")
                        .text())
                .getAsJsonObject();
    }

    private JsonArray events() {
        return JsonParser.parseString(page.context()
                        .request()
                        .get("/api/parties/" + party + "/events")
                        .text())
                .getAsJsonArray();
    }

    private static Locator first(Page on) {
        return on.locator(".card.first");
    }

    @Test
    @Tag("whole")
    void tickedBeLateChooseARemedyAndSeeNewTimes() {
        kitchen = PrepIT::oneCookAndQuickBroths;
        open(page, LATE_MINUTES);
        go("prep");
        Locator late = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Running late"));
        assertThat(late).containsText(Pattern.compile("Prep ends at \\d\\d:\\d\\d"));
        String before = page.locator(".ready").innerText();
        Locator tools = page.getByRole(
                AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("Lay the table, ladles, baskets and tongs too"));
        tools.click();
        assertThat(tools).isChecked();

        late.getByText("Let Finn help").click();
        assertThat(page.locator(".ready"))
                .not()
                .hasText(before, new LocatorAssertions.HasTextOptions().setTimeout(PLANNED_BESIDE_OTHERS_MS));
        assertThat(page.locator(".share", new Page.LocatorOptions().setHasText("Finn")))
                .isVisible();
        assertThat(button("Undo: let finn help")).isEnabled();
        awaitSaved(page);
        page.reload();
        assertThat(page.locator(".ready")).not().hasText(before);
        assertThat(page.locator("[data-task^='food:'][aria-label*=' to ']").first())
                .isVisible();
    }

    @Test
    void sittingDownLaterMakesEverythingFit() {
        open(page, LATE_MINUTES);
        go("prep");
        Locator late = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Running late"));
        late.getByText(Pattern.compile("^\\s*Sit down .* later, at")).click();

        assertThat(late).isHidden();
        assertThat(page.locator("footer")).not().containsText("Prep ends");
    }

    @Test
    @Tag("whole")
    void aTaskIsDraggedToAnotherCookAndTimeAndFreed() {
        open(page, -300);
        go("prep");
        Locator block = page.locator("[data-task='food:wash-leaves']");
        String was = block.getAttribute("aria-label");
        block.scrollIntoViewIfNeeded();
        BoundingBox from = block.boundingBox();
        BoundingBox band = page.locator("svg[aria-label='Prep on the clock'] .label.cook")
                .nth(2)
                .boundingBox();
        page.mouse().move(from.x + from.width / 2, from.y + from.height / 2);
        page.mouse().down();
        page.mouse().move(from.x - 30, band.y + 4, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(4));
        page.mouse().up();

        assertThat(block).hasAttribute("aria-label", Pattern.compile("pinned"));
        assertThat(block).not().hasAttribute("aria-label", Pattern.compile(Pattern.quote(was)));
        block.press("Enter");
        Locator sheet = page.locator("section.task");
        assertThat(sheet.locator("select")).hasValue("finn");
        assertThat(sheet).containsText("You set it.");
        sheet.getByText("Leave it to the plan").click();
        assertThat(block).hasAttribute("aria-label", was);
    }

    @Test
    @Tag("whole")
    void aCooksPhoneStartsCountsAndTicksWithoutAConnection() {
        Page phone = newPage(390, 844, "night");
        open(phone, 0);
        phone.navigate("/party/" + party + "/wall?cook=bo");
        String what = first(phone).locator("h3").innerText();
        first(phone).getByText("Start").click();
        assertThat(first(phone).locator(".timer")).hasText(Pattern.compile("\\d+:\\d\\d"));
        phone.context().setOffline(true);
        first(phone).getByText("Done").click();
        assertThat(first(phone).locator("h3")).not().hasText(what);
        assertThat(phone.getByRole(AriaRole.STATUS)).containsText("No connection");

        phone.waitForResponse(
                response -> response.url().endsWith("/events") && response.status() == 200,
                () -> phone.context().setOffline(false));
        assertThat(events().toString()).contains("TASK_STARTED").contains("TASK_DONE");
        assertThat((Boolean) phone.evaluate("document.documentElement.scrollWidth <= window.innerWidth"))
                .isTrue();
    }

    @Test
    void prepIsPrintedAndTakenAway() {
        go("prep");
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(page.locator(".slot").getByText("Lay the table")).isVisible();
        assertThat(page.locator(".chart")).isHidden();
        assertThat(page.locator("nav.line")).isHidden();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));

        button("Paper and calendars").click();
        String sheet = page.getByText("All cooks (PDF)").getAttribute("href");
        assertThat(page.context().request().get(sheet).headers().get("content-type"))
                .isEqualTo("application/pdf");
        button("Make an address").click();
        String address = page.locator("input.address").inputValue();
        assertThat(newPage(800, 600, "day").context().request().get(address).text())
                .startsWith("BEGIN:VCALENDAR")
                .contains("BEGIN:VTODO");
    }
}
