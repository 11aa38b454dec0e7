package org.livelyladle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** An evening at sixty-fold clock, on two screens of two servers: they show one table whatever people do. */
@Tag("whole")
class LiveIT extends BrowserTest {
    private static final int SPEED = 60;
    private static final double LONGEST_MS = 20_000;
    private static final int FIVE_MINUTES_MS = 300_000;
    private static final String ORDER = "article.card";
    private static final String DONE = ORDER + " button.act.main";

    private FastEvening evening;
    private Page laptop;
    private Page phone;

    @BeforeEach
    void setOut() {
        evening = new FastEvening("live", Instant.parse("2026-11-28T17:59:30Z"), SPEED);
        laptop = follow(evening.first(), 1280, 800, "night");
        phone = follow(evening.second(), 390, 844, "day");
    }

    @AfterEach
    void clearAway() throws InterruptedException {
        evening.stop();
    }

    private Page follow(ServerProcess server, int width, int height, String mode) {
        Page screen = newPage(width, height, mode);
        evening.live(screen.context());
        screen.navigate(server.address() + "/party/" + party + "/live");
        screen.locator("main h1").first().waitFor();
        return screen;
    }

    @Test
    void twoScreensShowOneTableWhateverPeopleDo() throws InterruptedException {
        button(laptop, "Sit down").click();
        shows(phone, ".when", Pattern.compile("min in · finish"));

        followOrders(12);
        somethingIsForgotten();
        say(laptop, "A guest");
        row(laptop, "Bo").getByText("Full").click();
        whatAFullGuestLeavesIsOffered();
        say(laptop, "Fell into a side");
        chip(laptop, "Smoked tomato").click();
        chip(laptop, "Beef rib-eye").click();
        shows(phone, ".shut", Pattern.compile("Beef rib-eye fell in: not for .*Ada"));

        say(laptop, null);
        chip(laptop, "Pause for a speech").click();
        shows(phone, ".order h1", Pattern.compile("Paused"));
        button(phone, "Go on").click();
        assertThat(laptop.locator(".order h1", new Page.LocatorOptions().setHasText("Paused")))
                .hasCount(
                        0,
                        new com.microsoft.playwright.assertions.LocatorAssertions.HasCountOptions()
                                .setTimeout(LONGEST_MS));

        withoutAConnectionMarksAreKept();
        aColdBrothHoldsBackWhatIsRaw();
        evening.killAndRestartSecond();
        say(laptop, null);
        finishUnlessItIsOver();
        takeOutTheRest();
        shows(phone, ".order h1", Pattern.compile("That was it"));

        JsonObject table = plan().getAsJsonObject("table");
        assertThat(table.getAsJsonArray("audit")).isEmpty();
        assertThat(table.getAsJsonObject("now").get("finished").getAsBoolean()).isTrue();
        assertThat(ids(events())).doesNotHaveDuplicates();
    }

    /** At this speed the meal is over by itself where the machine was long busy with other tests. */
    private void finishUnlessItIsOver() {
        Locator finish = chip(laptop, "Finish the meal");
        chip(laptop, finish.count() > 0 ? "Finish the meal" : "Close").click();
    }

    /** Does what the laptop says for so many orders. */
    private void followOrders(int count) {
        for (int i = 0; i < count; i++) {
            // found, read and pressed in one breath: at this speed another order may stand there the moment after
            Object label = laptop.waitForFunction(
                            "card => { const order = document.querySelector(card);"
                                    + " order?.querySelector('button.act.main').click();"
                                    + " return order?.getAttribute('aria-label') }",
                            ORDER,
                            new Page.WaitForFunctionOptions().setTimeout(2 * LONGEST_MS))
                    .jsonValue();
            assertThat(laptop.locator(".last")).containsText(label.toString());
        }
    }

    /** The next thing to take out stays in until both screens say it is late. */
    private void somethingIsForgotten() {
        for (int i = 0; i < 30; i++) {
            laptop.locator(ORDER).waitFor(new Locator.WaitForOptions().setTimeout(2 * LONGEST_MS));
            if (laptop.locator(ORDER + " .verb").allInnerTexts().contains("Take out")) {
                break;
            }
            laptop.locator(DONE).click();
            laptop.waitForTimeout(200);
        }
        for (Page screen : List.of(laptop, phone)) {
            shows(screen, ORDER + ".late .said", Pattern.compile("late by"));
        }
        laptop.locator(DONE).click();
    }

    private void whatAFullGuestLeavesIsOffered() {
        for (int tries = 0; ; tries++) {
            say(phone, "Second helping");
            phone.locator(".v-dialog .chips button.chip", new Page.LocatorOptions().setHasText("Edda"))
                    .click();
            Locator spare = phone.locator(
                    ".v-dialog button.chip", new Page.LocatorOptions().setHasText(Pattern.compile("\\d g\\s*$")));
            for (int i = 0; i < spare.count(); i++) {
                spare.nth(i).click();
                phone.locator(".offer").waitFor();
                Locator give = chip(phone, "Put it in for Edda");
                if (give.count() > 0) {
                    assertThat(phone.locator(".offer")).containsText(Pattern.compile("\\d g of .* for Edda, into"));
                    give.click();
                    for (int waits = 0; waits < 40 && !types(events()).contains("WANTS"); waits++) {
                        phone.waitForTimeout(250);
                    }
                    assertThat(types(events())).contains("WANTS");
                    return;
                }
            }
            assertThat(tries).as("tries to find what Bo leaves").isLessThan(20);
            chip(phone, "Close").click();
            phone.waitForTimeout(500);
        }
    }

    private void withoutAConnectionMarksAreKept() {
        laptop.locator(ORDER).waitFor(new Locator.WaitForOptions().setTimeout(2 * LONGEST_MS));
        int before = events().size();
        laptop.context().setOffline(true);
        laptop.locator(DONE).click();
        shows(laptop, ".offline", Pattern.compile("No connection"));
        laptop.waitForTimeout(FIVE_MINUTES_MS / SPEED);
        laptop.locator(DONE).click();
        assertThat(events()).hasSize(before);
        laptop.context().setOffline(false);
        for (int i = 0; i < 60 && events().size() < before + 2; i++) {
            laptop.waitForTimeout(250);
        }
        assertThat(events().size()).isGreaterThanOrEqualTo(before + 2);
        assertThat(laptop.locator(".offline"))
                .hasCount(0, new LocatorAssertions.HasCountOptions().setTimeout(LONGEST_MS));
    }

    /** What a thermometer shows on one screen is said on both, and on the kitchen wall of the other server. */
    private void aColdBrothHoldsBackWhatIsRaw() {
        Page wall = newPage(1280, 800, "day");
        evening.live(wall.context());
        wall.navigate(evening.second().address() + "/party/" + party + "/wall");
        shows(wall, ".until", Pattern.compile("min at the table"));
        shows(wall, ".orders li", Pattern.compile("now|in \\d"));
        say(laptop, "A broth");
        // cold enough to stay so for some seconds at this speed
        laptop.getByLabel(Pattern.compile("^Temperature of")).fill("45");
        chip(laptop, "Record").click();
        for (Page screen : List.of(laptop, phone)) {
            shows(screen, ".warnings", Pattern.compile("is at \\d\\d.* °C: nothing raw goes in for"));
        }
        wall.context().close();
    }

    /** What is in the pots when the meal is over still has to come out. */
    private void takeOutTheRest() {
        for (int i = 0; i < 30 && laptop.getByText("That was it").count() == 0; i++) {
            // what is there: an order may be gone the moment after it was looked for
            laptop.locator(DONE).evaluateAll("all => all.forEach(button => button.click())");
            laptop.waitForTimeout(400);
        }
    }

    private static void shows(Page screen, String where, Pattern what) {
        assertThat(screen.locator(where).first())
                .containsText(what, new LocatorAssertions.ContainsTextOptions().setTimeout(LONGEST_MS));
    }

    /** @param tab what to say there; nothing to leave it as it opens */
    private static void say(Page screen, String tab) {
        screen.locator("button.talk").click();
        screen.locator(".v-dialog .talk").waitFor();
        if (tab != null) {
            chip(screen, tab).click();
        }
    }

    private static Locator chip(Page screen, String text) {
        return screen.locator(".v-dialog button.chip", new Page.LocatorOptions().setHasText(text))
                .first();
    }

    private static Locator row(Page screen, String guest) {
        return screen.locator(".v-dialog .rows li", new Page.LocatorOptions().setHasText(guest));
    }

    private JsonObject plan() {
        return JsonParser.parseString(
                        laptop.context().request().get(path("/plan")).text())
                .getAsJsonObject();
    }

    private JsonArray events() {
        return JsonParser.parseString(phone.context()
                        .request()
                        .get(evening.second().address() + "/api/parties/" + party + "/events")
                        .text())
                .getAsJsonArray();
    }

    private String path(String what) {
        return evening.first().address() + "/api/parties/" + party + what;
    }

    private static List<String> ids(JsonArray events) {
        return parts(events, "id");
    }

    private static List<String> types(JsonArray events) {
        return parts(events, "type");
    }

    private static List<String> parts(JsonArray events, String part) {
        return new ArrayList<>(StreamSupport.stream(events.spliterator(), false)
                .map(JsonElement::getAsJsonObject)
                .map(event -> event.get(part).getAsString())
                .toList());
    }
}
