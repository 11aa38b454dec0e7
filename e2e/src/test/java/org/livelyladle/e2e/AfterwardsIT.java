package org.livelyladle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** An evening is closed with tired hands, and the next party knows it. */
class AfterwardsIT extends BrowserTest {
    private static final int SPEED = 60;
    private static final String DONE = "article.card button.act.main";
    private static final String CLICK = "all => all.forEach(button => button.click())";
    private static final long LONGEST_EVENING_MS = 120_000;

    @BeforeEach
    void theQuietEveningIsOver() {
        party = copyOf("A quiet evening");
        go("afterwards");
        page.locator(".said-rows").first().waitFor();
    }

    /** Other tests begin parties with the usual amounts. */
    @AfterEach
    void forgetWhatWasLearnt() {
        page.navigate("/household");
        page.locator(".kept li").first().waitFor();
        for (String what : List.of("Usual amounts", "Times")) {
            Locator forget = button("Forget " + what);
            if (forget.count() > 0) {
                forget.click();
                forget.waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
            }
        }
    }

    @Test
    void whatIsLeftBecomesAKeepingPlanAndASmallerPortion() {
        Locator carrots = page.locator(".said-rows li")
                .filter(new Locator.FilterOptions().setHasText("Carrots"))
                .first();
        carrots.getByText("all", new Locator.GetByTextOptions().setExact(true)).click();
        Locator lesson = page.locator(".lesson");
        assertThat(lesson.locator("tbody tr")).hasCount(1);
        assertThat(lesson).containsText(Pattern.compile("[Rr]oots.*a head"));
        assertThat(page.getByLabel("What to do with it")).containsText("Carrots");

        page.reload();
        assertThat(carrots.getByText("all", new Locator.GetByTextOptions().setExact(true)))
                .hasAttribute("aria-pressed", "true");
        lesson.getByText("Plan with this from now on").click();
        assertThat(lesson).containsText("the next party is planned with it");

        double was = roots(party);
        page.getByText("The next one like this").click();
        page.getByText("Set the table").click();
        page.waitForURL(Pattern.compile(".*/party/[^/]+/guests"));
        String next = page.url().replaceAll(".*/party/([^/]+)/guests", "$1");
        Assertions.assertThat(roots(next)).isLessThan(was);
        Assertions.assertThat(roots(party)).as("the past one stays").isEqualTo(was);
    }

    /** The quiet evening at sixty-fold clock: done as the page says, one thing left in for longer, then closed. */
    @Test
    @Tag("whole")
    void anEveningThatRanIsClosedAndTheNextOneKnowsIt() throws InterruptedException {
        JsonObject brief = read("/api/parties/" + party).getAsJsonObject("brief");
        Instant sitDown = LocalDateTime.parse(brief.get("sitDown").getAsString())
                .atZone(ZoneId.of(brief.get("zone").getAsString()))
                .toInstant();
        FastEvening evening = new FastEvening("closed", sitDown.minusSeconds(30), SPEED);
        try {
            run(evening);
        } finally {
            evening.stop();
        }

        go("afterwards");
        page.locator(".said-rows").first().waitFor();
        Locator offers = page.getByText("That is right");
        assertThat(offers.first()).isVisible();
        int taken = offers.count();
        for (int i = 0; i < taken; i++) {
            offers.first().click();
            assertThat(offers).hasCount(taken - i - 1);
        }
        Locator carrots = page.locator(".said-rows li")
                .filter(new Locator.FilterOptions().setHasText("Carrots"))
                .first();
        carrots.getByText("all", new Locator.GetByTextOptions().setExact(true)).click();
        Locator lesson = page.locator(".lesson");
        assertThat(lesson).containsText(Pattern.compile("[Rr]oots, a head"));
        assertThat(lesson).containsText("of its usual time");
        lesson.getByText("Plan with this from now on").click();
        assertThat(lesson).containsText("the next party is planned with it");

        page.getByText("The next one like this").click();
        page.getByText("Set the table").click();
        page.waitForURL(Pattern.compile(".*/party/[^/]+/guests"));
        String next = page.url().replaceAll(".*/party/([^/]+)/guests", "$1");
        JsonObject learnt = read("/api/parties/" + next).getAsJsonObject("brief");
        Assertions.assertThat(learnt.getAsJsonArray("paces")).isNotEmpty();
        walkTo("Ingredients");
        page.locator("tr", new Page.LocatorOptions().setHasText("Carrots"))
                .locator("td.total .value")
                .first()
                .click();
        assertThat(page.locator(".slip")).containsText("Carrots");
        Assertions.assertThat(carrots(next)).isLessThan(carrots(party));
    }

    private double carrots(String id) {
        for (JsonElement cut :
                read("/api/parties/" + id + "/plan").getAsJsonObject("portions").getAsJsonArray("cuts")) {
            if (cut.getAsJsonObject().get("name").getAsString().startsWith("Carrots")) {
                return cut.getAsJsonObject()
                        .getAsJsonObject("grams")
                        .get("value")
                        .getAsDouble();
            }
        }
        throw new IllegalStateException("There are no carrots.");
    }

    private void run(FastEvening evening) {
        Page screen = newPage(1280, 800, "night");
        evening.live(screen.context());
        screen.navigate(evening.first().address() + "/party/" + party + "/live");
        button(screen, "Sit down").click();
        long end = System.currentTimeMillis() + LONGEST_EVENING_MS;
        Locator takeOut = screen.locator("article.card", new Page.LocatorOptions().setHasText("Take out"));
        while (takeOut.count() == 0) {
            Assertions.assertThat(System.currentTimeMillis()).isLessThan(end);
            screen.locator(DONE).evaluateAll(CLICK);
            screen.waitForTimeout(100);
        }
        // looked at and left in for three minutes more
        takeOut.first().getByText("Not yet").click();
        screen.waitForTimeout(3000);
        String drops = "/api/parties/" + party + "/events";
        while (!page.context().request().get(drops).text().contains("\"DONE\"")) {
            Assertions.assertThat(System.currentTimeMillis()).isLessThan(end);
            screen.locator(DONE).evaluateAll(CLICK);
            screen.waitForTimeout(100);
        }
        screen.locator("button.talk").click();
        screen.locator(".v-dialog .talk").waitFor();
        screen.locator(".v-dialog button.chip", new Page.LocatorOptions().setHasText("Finish the meal"))
                .click();
        while (screen.getByText("That was it").count() == 0) {
            Assertions.assertThat(System.currentTimeMillis()).isLessThan(end);
            screen.locator(DONE).evaluateAll(CLICK);
            screen.waitForTimeout(300);
        }
        screen.context().close();
    }

    private JsonObject read(String path) {
        return JsonParser.parseString(page.context().request().get(path).text()).getAsJsonObject();
    }

    private double roots(String id) {
        return read("/api/parties/" + id)
                .getAsJsonObject("brief")
                .getAsJsonObject("portionsPerAdult")
                .get("ROOTS")
                .getAsDouble();
    }
}
