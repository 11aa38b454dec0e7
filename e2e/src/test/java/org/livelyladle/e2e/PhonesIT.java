package org.livelyladle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Phones of guests and helpers, which reach the server from elsewhere, and the host's screen beside them. */
class PhonesIT extends BrowserTest {
    /** Twenty minutes before the clock of the run: people dip. */
    private static final Instant SAT_DOWN = Instant.parse("2026-11-24T14:40:00Z");

    private static final Pattern START = Pattern.compile("In it goes|Basket in|On the plate");
    private static final int MOST_BYTES = 60 * 1024;

    private FarAway far;

    @BeforeEach
    void setOut() {
        far = new FarAway(RunningServer.port());
        party = copyOf("Quad and coxes’ supper", brief -> brief.addProperty("sitDown", "2026-11-24T16:00:00"));
    }

    @AfterEach
    void clearAway() {
        far.close();
    }

    /** On the host's page; comes back with the address to scan. */
    private String invite(String who) {
        go("guests");
        button("Phones").first().click();
        Locator dialog = page.getByRole(com.microsoft.playwright.options.AriaRole.DIALOG);
        dialog.getByText(who, new Locator.GetByTextOptions().setExact(true))
                .first()
                .click();
        String url = dialog.locator(".address").innerText();
        button("Close").click();
        return url;
    }

    /** A phone that scans an invitation. */
    private Page scan(String url) {
        Page phone = newPage(390, 844, "day");
        phone.navigate(url.replaceFirst("http://[^/]+", far.plainAddress()));
        return phone;
    }

    private Page seated(String name) {
        Page phone = scan(invite(name));
        assertThat(phone.locator("h1")).hasText(name);
        return phone;
    }

    private void tell(String type, Map<String, Object> parts) {
        new Marks(page.context().request(), "/api/parties/" + party).tell(SAT_DOWN, type, parts);
    }

    private JsonArray events() {
        return JsonParser.parseString(page.context()
                        .request()
                        .get("/api/parties/" + party + "/events")
                        .text())
                .getAsJsonArray();
    }

    private List<String> types() {
        return StreamSupport.stream(events().spliterator(), false)
                .map(JsonElement::getAsJsonObject)
                .map(event -> event.get("type").getAsString())
                .toList();
    }

    @Test
    void fromTheInvitationToTheFirstDip() {
        List<Response> fetched = new ArrayList<>();
        String url = invite("Bo");
        Page phone = newPage(390, 844, "day");
        phone.onResponse(fetched::add);
        phone.navigate(url.replaceFirst("http://[^/]+", far.plainAddress()));
        assertThat(phone.locator("h1")).hasText("Bo");
        assertThat(phone.getByText("Tuesday 24 November at 16:00")).isVisible();
        assertThat(phone.url()).as("the secret is in no history").endsWith("/mine");
        assertThat(Axe.violations(phone)).isEmpty();

        tell("SAT_DOWN", Map.of());
        Locator start = button(phone, START).first();
        start.waitFor();
        assertThat(Axe.violations(phone)).isEmpty();
        start.click();
        Locator clock = phone.locator(".clock");
        assertThat(clock.locator(".says")).hasText("Hold it in");
        assertThat(clock.locator(".says")).hasText("Good now");
        assertThat(Axe.violations(phone)).isEmpty();
        button(phone, "Taken out").click();
        assertThat(clock).hasCount(0);
        page.waitForCondition(() -> types().contains("TAKEN_OUT"));

        go("guests");
        button("Phones").first().click();
        assertThat(page.getByRole(
                        com.microsoft.playwright.options.AriaRole.REGION,
                        new Page.GetByRoleOptions().setName("Who is on what")))
                .containsText(Pattern.compile("Bo\\s*computer, since"));
        long bytes = fetched.stream()
                .filter(response -> response.url().contains("/assets/") && !isShell(response))
                .mapToLong(response -> response.request().sizes().responseBodySize)
                .sum();
        assertThat(bytes).as("after the shell [bytes]").isPositive().isLessThan(MOST_BYTES);
    }

    /** What every page of ours stands on. */
    private static boolean isShell(Response response) {
        return response.url().contains("plugin-vue");
    }

    @Test
    @Tag("whole")
    void aGuestsWishIsTakenByTheHost() {
        Page phone = seated("Hal");
        button(phone, "no sesame").click();
        button(phone, "15 min late").click();
        button(phone, "Tell the host").click();
        assertThat(phone.getByRole(com.microsoft.playwright.options.AriaRole.STATUS))
                .containsText("The host is told");

        go("guests");
        Locator said = page.getByRole(
                com.microsoft.playwright.options.AriaRole.REGION,
                new Page.GetByRoleOptions().setName("Said by guests"));
        assertThat(said).containsText("Hal: no sesame");
        assertThat(said).containsText("Hal comes 15 min after sitting down");
        said.getByText("Take it", new Locator.GetByTextOptions().setExact(true))
                .first()
                .click();
        assertThat(said.locator("li")).hasCount(1);
        said.getByText("Take it").click();
        assertThat(said).hasCount(0);
        Locator row = page.locator("ol.guests li", new Page.LocatorOptions().setHasText("Hal"));
        assertThat(row).containsText("no sesame");
        assertThat(row).containsText("from 16:15");
        awaitSaved(page);
        assertThat(phone.locator("section[aria-label='What you keep away from']"))
                .containsText("no sesame");
    }

    @Test
    void whatAGuestSaysAtTheTableIsOnAllScreensAtOnce() {
        Page bo = seated("Bo");
        Page ada = seated("Ada");
        tell("SAT_DOWN", Map.of());
        page.navigate("/party/" + party + "/live");
        button(bo, "Tell the table").click();
        button(bo, "Something fell in").click();
        bo.locator("dialog .pick", new Page.LocatorOptions().setHasText("Smoked tomato"))
                .click();
        button(bo, "Beef rib-eye").click();
        assertThat(ada.locator("section[aria-label='Your sides'] .shut"))
                .containsText(Pattern.compile("Smoked tomato\\s*what fell in: vegan"));
        assertThat(page.locator(".shut")).containsText(Pattern.compile("Beef rib-eye fell in: not for .*Ada"));
        button(bo, "Take back").click();
        assertThat(ada.locator("section[aria-label='Your sides'] .shut")).not().containsText("Smoked tomato");

        button(bo, "Tell the table").click();
        button(bo, "Something I keep away from").click();
        button(bo, "no beef").click();
        Locator alert = page.getByRole(
                com.microsoft.playwright.options.AriaRole.ALERT,
                new Page.GetByRoleOptions().setName("Said at the table"));
        assertThat(alert).containsText("Bo: no beef.");
        Locator own = bo.locator(
                "section[aria-label='What you keep away from'] li", new Page.LocatorOptions().setHasText("no beef"));
        assertThat(own).containsText("the host is told");
        button("Yes, keep it").click();
        assertThat(alert).hasCount(0);
        assertThat(own).containsText("the host knows");
        assertThat(types()).contains("FELL_IN", "TAKEN_BACK", "NEED_SAID", "HEARD");
    }

    @Test
    @Tag("whole")
    void whoIsTurnedOutInTheMiddleOfTheMealSeesNothingMore() {
        Page phone = seated("Bo");
        tell("SAT_DOWN", Map.of());
        button(phone, START).first().waitFor();

        go("table");
        button("Phones").first().click();
        page.locator(".phones li", new Page.LocatorOptions().setHasText("Bo"))
                .getByText("Turn out")
                .click();

        assertThat(phone.getByRole(com.microsoft.playwright.options.AriaRole.ALERT))
                .containsText("not paired, or its invitation has ended");
        assertThat(phone.locator("h1")).hasCount(0);
        phone.reload();
        assertThat(phone.getByRole(com.microsoft.playwright.options.AriaRole.ALERT))
                .containsText("not paired");
    }

    /** The table's own code: whoever comes takes a place, and a phone that slept is right as soon as it wakes. */
    @Test
    @Tag("whole")
    void aPlaceIsTakenAndAPhoneThatSleptKnowsWhatHappenedMeanwhile() {
        String url = invite("The whole table");
        Page first = scan(url);
        button(first, "Gul").click();
        assertThat(first.locator("h1")).hasText("Gul");
        Page second = scan(url);
        assertThat(button(second, "Hal")).isVisible();
        assertThat(button(second, "Gul")).hasCount(0);
        tell("SAT_DOWN", Map.of());
        assertThat(button(first, "Tell the table")).isVisible();

        far.sleep();
        button(first, "Tell the table").click();
        button(first, "I am full").click();
        assertThat(first.getByText("No connection to the table.")).isVisible();
        assertThat(types()).doesNotContain("FULL");
        tell("FULL", Map.of("guest", "hal"));
        far.wake();
        first.evaluate("document.dispatchEvent(new Event('visibilitychange'))");

        assertThat(first.getByText("You eat no more for now.")).isVisible();
        assertThat(first.getByText("No connection to the table.")).hasCount(0);
        page.waitForCondition(() -> types().stream().filter("FULL"::equals).count() == 2);
    }

    @Test
    @Tag("whole")
    void aHelperTicksOwnTasksAndAFurtherDeviceOfTheHostComesInByCode() {
        page.navigate("/party/" + party + "/guests");
        button("Phones").first().click();
        page.getByText("Helpers, with their tasks:").waitFor();
        page.locator(".phones section .chips").nth(1).getByText("Edda").click();
        Page helper = scan(page.locator(".address").innerText());
        assertThat(helper.locator("h1")).hasText("Edda");
        helper.getByText("Begin").first().click();
        helper.getByText("Done", new Page.GetByTextOptions().setExact(true))
                .first()
                .click();
        assertThat(helper.locator("section[aria-label='Done'] li")).hasCount(1);
        assertThat(Axe.violations(helper)).isEmpty();
        page.waitForCondition(() -> types().contains("TASK_DONE"));

        button("Show a code").click();
        String code = page.locator(".code b").innerText();
        Page tablet = newPage(1280, 800, "day");
        tablet.navigate(far.plainAddress() + "/");
        assertThat(tablet.getByText("This device is not paired")).isVisible();
        tablet.navigate(far.plainAddress() + "/pair");
        tablet.getByLabel("Six figures").fill(code);
        button(tablet, "Pair").click();
        assertThat(tablet.locator("a.party").first()).isVisible();
        tablet.navigate(far.plainAddress() + "/party/" + party + "/table");
        assertThat(tablet.locator("main h1")).containsText("Table");

        tell("SAT_DOWN", Map.of());
        // Edda minds a pot too, so the order to hand over is one of Bo's
        page.navigate("/party/" + party + "/live?minder=bo");
        button("Hand over").click();
        String order = page.locator("article.card").getAttribute("aria-label");
        page.locator(".more .chip.solid", new Page.LocatorOptions().setHasText("Edda"))
                .click();
        assertThat(helper.locator("section[aria-label='At the pots']")).containsText(order);
    }
}
