package org.livelyladle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Locator;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Guests by ingredients for 24 guests and 30 cuts. */
class GridIT extends BrowserTest {
    private static final int CELLS = 24 * 30;

    @BeforeEach
    void seatTwentyFour() {
        party = copyOf("Boathouse supper for twenty", brief -> {
            JsonArray guests = brief.getAsJsonArray("guests");
            for (int i = 0; i < 4; i++) {
                JsonObject guest = guests.get(2).getAsJsonObject().deepCopy();
                guest.addProperty("id", "extra-" + i);
                guest.addProperty("name", "Extra " + i);
                guests.add(guest);
            }
        });
        go("ingredients");
        cell(1, 0).waitFor();
    }

    private Locator cell(int line, int column) {
        return page.locator("[data-at='%d:%d'] .cell".formatted(line, column));
    }

    @Test
    void onlyWhatIsInSightIsInThePage() {
        int drawn = page.locator("[data-at]").count();
        assertThat(drawn).isBetween(100, CELLS / 2);
        assertThat(page.locator("[data-at^='1:']").count()).isLessThan(24);

        Locator last =
                page.locator("tr", new com.microsoft.playwright.Page.LocatorOptions().setHasText("Glass noodles"));
        for (int frames = 0; last.count() == 0 && frames < 100; frames++) {
            page.evaluate("() => { document.querySelector('main.sheet table').scrollIntoView({block: 'end'});"
                    + " return new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done))) }");
        }
        assertThat(last).isVisible();
        assertThat(cell(1, 0)).hasCount(0);
        assertThat(page.locator("[data-at]").count()).isLessThan(CELLS * 6 / 10);
    }

    @Test
    @Tag("whole")
    void keysAloneReachAndChangeEveryCell() {
        cell(1, 0).focus();
        page.keyboard().press("End");
        assertThat(cell(1, 23)).isFocused();
        int line = 1;
        while (line < 37) {
            page.keyboard().press("PageDown");
            line = Integer.parseInt(String.valueOf(
                    page.evaluate("() => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(() =>"
                            + " done(document.activeElement.closest('[data-at]').dataset.at.split(':')[0]))))")));
        }
        assertThat(cell(37, 23)).isFocused();
        page.keyboard().press("Enter");
        Locator slider = page.locator(".v-dialog input[type=range]");
        slider.focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Escape");
        assertThat(cell(37, 23)).hasAttribute("aria-label", java.util.regex.Pattern.compile("Extra 3: .*pinned$"));
    }

    @Test
    @Tag("whole")
    void aNumberIsDraggedSidewaysToPinIt() {
        Locator cell = cell(1, 1);
        int before = Integer.parseInt(cell.innerText());
        com.microsoft.playwright.options.BoundingBox box = cell.boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + 10, y);
        page.mouse().move(x + 22, y);
        assertThat(cell).hasText(String.valueOf(before + 3));
        page.mouse().up();

        assertThat(cell).hasAttribute("aria-label", java.util.regex.Pattern.compile("pinned$"));
        assertThat(page.locator(".v-dialog")).hasCount(0);
        cell.focus();
        page.keyboard().press("-");
        assertThat(cell).hasText(String.valueOf(before + 2));
        button("Undo: pin a portion").click();
        assertThat(cell).hasText(String.valueOf(before + 3));
    }

    /**
     * A pin moves one guest's cuts of the category and, where pieces are rounded, one or two of a neighbour; what anybody
     * misses by that is made up for further down the menu. Most of the 200 cells stay as they are.
     */
    @Test
    void oneEditDrawsFewCellsAnew() {
        cell(1, 1).click();
        page.evaluate(
                "() => { window.drawn = new Set(); new MutationObserver(records => records.forEach(r => {"
                        + " const at = (r.target.parentElement ?? r.target).closest('[data-at]'); if (at) window.drawn.add(at.dataset.at) }))"
                        + ".observe(document.querySelector('table'), {subtree: true, childList: true, characterData: true, attributes: true}) }");
        page.locator(".v-dialog input[type=range]").fill("120");
        button("Done").click();
        awaitSaved(page);
        assertThat(cell(1, 1)).hasAttribute("aria-label", Pattern.compile("pinned$"));

        assertThat(((Number) page.evaluate("() => window.drawn.size")).intValue())
                .isBetween(2, 60);
    }
}
