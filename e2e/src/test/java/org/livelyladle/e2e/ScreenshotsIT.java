package org.livelyladle.e2e;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Draws docs/screenshots from the demo data; run by {@code ./ladle screenshots}. */
@Tag("screenshots")
class ScreenshotsIT extends BrowserTest {
    private static final Path FOLDER = Path.of("../docs/screenshots");
    /** Saturday at 13:36 in Vienna, when the demo's cooks begin. */
    private static final String PREP_BEGINS = "2026-11-28T12:36:00Z";

    private String demo;

    @BeforeEach
    void findDemo() {
        page.context()
                .clock()
                .setFixedTime(
                        java.util.Date.from(Instant.parse(RunningServer.CLOCK)).getTime());
        page.navigate("/");
        demo = page.locator("a.party", new Page.LocatorOptions().setHasText("Quad and coxes"))
                .first()
                .getAttribute("href")
                .replace("/guests", "");
    }

    @Test
    void drawAll() {
        for (String step : new String[] {"guests", "pots", "ingredients", "sauces", "shopping", "prep", "table"}) {
            shoot(page, step, step);
        }
        page.navigate(demo + "/ingredients");
        page.locator(".total .value").first().click();
        page.locator(".slip .result").waitFor();
        save(page, "working");
        shoot(fixed(newPage(390, 844, "day")), "shopping", "phone-shopping");
        shoot(fixed(newPage(1280, 800, "night")), "table", "table-night");
        wall(newPage(1280, 800, "night"));
        String running = runningTable();
        live(newPage(1280, 800, "night"), running, "live-night");
        afterwards();
        household();
        phones();
        rehearsal();
    }

    /** A thousand evenings of the supper, and what would help. */
    private void rehearsal() {
        party = copyOf("Quad and coxes’ supper");
        go("table");
        button("Rehearse 1,000 evenings").click();
        Locator rehearsal = page.locator(".rehearsal");
        rehearsal.locator("progress").waitFor();
        rehearsal
                .locator("progress")
                .waitFor(new Locator.WaitForOptions().setTimeout(180_000).setState(WaitForSelectorState.DETACHED));
        rehearsal.evaluate("it => it.scrollIntoView()");
        save(page, "rehearsal");
    }

    /** Half of the meat is left, and all that can be said of the rest is said. */
    private void afterwards() {
        party = copyOf("Quad and coxes’ supper");
        go("afterwards");
        Locator rows = page.locator(".said-rows").first().locator("li");
        for (String[] left : new String[][] {{"Beef rib-eye", "half"}, {"Lamb leg", "a little"}, {"Chicken", "none"}}) {
            rows.filter(new Locator.FilterOptions().setHasText(left[0]))
                    .first()
                    .getByText(left[1], new Locator.GetByTextOptions().setExact(true))
                    .click();
        }
        page.locator(".lesson tbody tr").first().waitFor();
        save(page, "afterwards");
    }

    /** What is kept of the demo's guests, and what a new party may begin with. */
    private void household() {
        for (String guest : new String[] {"Ada", "Cleo", "Edda", "Gul"}) {
            page.navigate(demo + "/guests");
            button("Edit " + guest).click();
            button("Keep " + guest + " for next time").click();
            page.getByText("Kept for next time").waitFor();
        }
        page.navigate("/household");
        page.locator("section li").first().waitFor();
        save(page, "household");
        page.navigate("/");
        button("New party").click();
        page.getByLabel("Who comes? One name a line").fill("Cleo\nEdda\nLea");
        page.locator(".starts[aria-busy=false]").waitFor();
        save(page, "new-party");
    }

    /** The host invites, and a guest dips. */
    private void phones() {
        party = copyOf("Quad and coxes’ supper", brief -> brief.addProperty("sitDown", "2026-11-24T16:00:00"));
        go("table");
        button("Phones").first().click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByText("Bo", new Locator.GetByTextOptions().setExact(true))
                .first()
                .click();
        Page phone = newPage(390, 844, "day");
        phone.navigate(dialog.locator(".address").innerText());
        new Marks(page.context().request(), "/api/parties/" + party)
                .tell(Instant.parse(RunningServer.CLOCK).minusSeconds(20 * 60), "SAT_DOWN", Map.of());
        Locator dip = button(phone, "In it goes").first();
        dip.waitFor();
        save(phone, "guest-phone");
        dip.click();
        phone.locator(".clock.good").waitFor();
        save(phone, "guest-dip");
        button("Ada").click();
        page.getByText("computer, since").waitFor();
        save(page, "phones");
    }

    /** The supper twenty-five minutes in, as something comes out; all before done in time but for the last half minute. */
    private String runningTable() {
        Marks marks = new Marks(page.context().request(), "/api/parties/" + copyOf("Quad and coxes’ supper"));
        int seconds = 24 * 60 + 50;
        Instant satDown = Instant.parse(RunningServer.CLOCK).minusSeconds(seconds);
        marks.tell(satDown, "SAT_DOWN", Map.of());
        for (int minute = 1; minute <= seconds / 60; minute++) {
            for (JsonElement cue : marks.cues(satDown.plusSeconds(minute * 60L))) {
                JsonObject due = cue.getAsJsonObject();
                int at = due.get("at").getAsInt();
                if (at <= minute * 60 && at < seconds - 30) {
                    marks.done(satDown.plusSeconds(at), due);
                }
            }
        }
        return marks.party().replace("/api/parties", "/party") + "/live";
    }

    private void live(Page page, String address, String name) {
        fixed(page).navigate(address);
        page.locator(".order h1").first().waitFor();
        page.locator(".sides li").first().waitFor();
        page.waitForTimeout(500);
        save(page, name);
    }

    private static Page fixed(Page page) {
        return at(page, RunningServer.CLOCK);
    }

    private static Page at(Page page, String moment) {
        page.context().clock().setFixedTime(Instant.parse(moment).toEpochMilli());
        return page;
    }

    private void wall(Page page) {
        at(page, PREP_BEGINS).navigate(demo + "/wall");
        page.locator(".card.first").waitFor();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        save(page, "wall-night");
    }

    private void shoot(Page page, String step, String name) {
        page.navigate(demo + "/" + step);
        page.locator("main h1").waitFor();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        save(page, name);
    }

    private static void save(Page page, String name) {
        page.evaluate("() => document.fonts.ready.then(() => true)");
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
