package org.livelyladle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** An evening is closed with tired hands, and the next party knows it. */
class AfterwardsIT extends BrowserTest {
    @BeforeEach
    void theQuietEveningIsOver() {
        party = copyOf("A quiet evening");
        go("afterwards");
        page.locator(".rows").first().waitFor();
    }

    /** Other tests begin parties with the usual amounts. */
    @AfterEach
    void forgetWhatWasLearnt() {
        page.navigate("/household");
        Locator amounts =
                page.locator("li", new com.microsoft.playwright.Page.LocatorOptions().setHasText("Usual amounts"));
        amounts.first().waitFor();
        Locator forget = amounts.getByRole(com.microsoft.playwright.options.AriaRole.BUTTON);
        if (forget.count() > 0) {
            forget.first().click();
            assertThat(amounts.first()).containsText("as the catalogue has them");
        }
    }

    @Test
    void whatIsLeftBecomesAKeepingPlanAndASmallerPortion() {
        Locator carrots = page.locator(".rows li")
                .filter(new Locator.FilterOptions().setHasText("Carrots"))
                .first();
        carrots.getByText("all of it").click();
        Locator lesson = page.locator(".lesson");
        assertThat(lesson.locator("tbody tr")).hasCount(1);
        assertThat(lesson).containsText(Pattern.compile("[Rr]oots.*a head"));
        assertThat(page.getByLabel("What to do with it")).containsText("Carrots");

        page.reload();
        assertThat(carrots.getByText("all of it")).hasAttribute("aria-pressed", "true");
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

    private double roots(String id) {
        JsonObject view = JsonParser.parseString(
                        page.context().request().get("/api/parties/" + id).text())
                .getAsJsonObject();
        return view.getAsJsonObject("brief")
                .getAsJsonObject("portionsPerAdult")
                .get("ROOTS")
                .getAsDouble();
    }
}
