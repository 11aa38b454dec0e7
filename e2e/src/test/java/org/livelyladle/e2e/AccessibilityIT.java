package org.livelyladle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** axe finds nothing on any step, by day at a desk, by night, and on a phone. */
class AccessibilityIT extends BrowserTest {
    /** Colours go with the mode and places with the width, so that two pages see all of both. */
    @ParameterizedTest
    @CsvSource({"1280,800,day", "390,844,night"})
    void everyStepPasses(int width, int height, String mode) {
        Page own = newPage(width, height, mode);
        for (String step : new String[] {"guests", "pots", "ingredients", "sauces", "shopping", "prep", "table"}) {
            go(own, step);
            own.locator("main h1").waitFor();
            assertThat(Axe.violations(own))
                    .as(step + " at " + width + " by " + mode)
                    .isEqualTo("");
            assertThat((Boolean) own.evaluate("document.documentElement.scrollWidth <= window.innerWidth"))
                    .as(step + " does not scroll sideways")
                    .isTrue();
        }
        own.navigate("/party/" + party + "/wall");
        own.locator("main.wall").waitFor();
        assertThat(Axe.violations(own)).as("wall").isEqualTo("");
        own.navigate("/");
        own.locator("a.party").first().waitFor();
        assertThat(Axe.violations(own)).as("overview").isEqualTo("");
    }
}
