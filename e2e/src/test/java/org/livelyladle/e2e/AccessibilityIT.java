package org.livelyladle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonParser;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** axe finds nothing on any step, by day at a desk, by night, and on a phone. */
class AccessibilityIT extends BrowserTest {
    private static final Path AXE = Path.of("../web/node_modules/axe-core/axe.min.js");

    /** Colours go with the mode and places with the width, so that two pages see all of both. */
    @ParameterizedTest
    @CsvSource({"1280,800,day", "390,844,night"})
    void everyStepPasses(int width, int height, String mode) {
        Page own = newPage(width, height, mode);
        for (String step : new String[] {"guests", "pots", "ingredients", "sauces", "shopping", "prep", "table"}) {
            go(own, step);
            own.locator("main h1").waitFor();
            assertThat(violations(own))
                    .as(step + " at " + width + " by " + mode)
                    .isEqualTo("");
            assertThat((Boolean) own.evaluate("document.documentElement.scrollWidth <= window.innerWidth"))
                    .as(step + " does not scroll sideways")
                    .isTrue();
        }
        own.navigate("/party/" + party + "/wall");
        own.locator("main.wall").waitFor();
        assertThat(violations(own)).as("wall").isEqualTo("");
        own.navigate("/");
        own.locator("a.party").first().waitFor();
        assertThat(violations(own)).as("overview").isEqualTo("");
    }

    private static String violations(Page page) {
        page.evaluate(read());
        String json = (String)
                page.evaluate(
                        "async () => JSON.stringify((await axe.run(document, {resultTypes: ['violations'], runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']})).violations.map(v => v.id + ': ' + v.nodes.map(n => n.target + ' ' + n.failureSummary).slice(0, 3).join(' | ')))");
        StringBuilder text = new StringBuilder();
        JsonParser.parseString(json)
                .getAsJsonArray()
                .forEach(violation -> text.append(violation.getAsString()).append('\n'));
        return text.toString();
    }

    private static String read() {
        try {
            return java.nio.file.Files.readString(AXE);
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
