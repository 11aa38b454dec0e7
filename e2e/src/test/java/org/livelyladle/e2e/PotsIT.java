package org.livelyladle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Pots and broths: the waterline, what heats them, a recipe from a file, the window bench. */
class PotsIT extends BrowserTest {
    @BeforeEach
    void goToPots() {
        go("pots");
    }

    private Locator waterline() {
        return page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Waterline of Three-way pot"));
    }

    private Locator litres() {
        return page.locator(".section .litres").first();
    }

    @Test
    void theWaterlineIsDraggedAndTheLitresFollow() {
        assertThat(litres()).hasText("1.2 l");
        BoundingBox line = waterline().boundingBox();
        double x = line.x + line.width / 2;
        double y = line.y + line.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x, y + 12);
        page.mouse().move(x, y + 24);
        assertThat(litres()).not().hasText("1.2 l");
        page.mouse().up();
        String lower = litres().textContent().strip();
        assertThat(Integer.parseInt(waterline().getAttribute("aria-valuenow"))).isBetween(25, 45);

        waterline().press("PageUp");
        assertThat(litres()).not().hasText(lower);
        button("Undo: change the fill").click();
        assertThat(litres()).hasText(lower);
        button("Undo: change the fill").click();
        assertThat(litres()).hasText("1.2 l");
    }

    /** Two induction plates of 1800 W on a circuit of 3000 W would trip it; the question names it. */
    @Test
    @Tag("whole")
    void aFuseThatWouldTripIsNamed() {
        button("House and salt").click();
        button("Add a circuit").click();
        page.getByLabel("Fuse, watts").fill("3000");
        button("Keep").click();
        for (String pot : new String[] {"Three-way pot", "Split pot"}) {
            button("Change " + pot).click();
            button("induction").click();
            button("Dining room, 3000 W").click();
            button("Keep").click();
            assertThat(button("Change " + pot)).containsText("induction, 1800 W");
        }
        assertThat(page.locator(".head-line")).containsText("Dining room");
        assertThat(page.locator("section[aria-label='Open questions']"))
                .containsText("Dining room takes 3600 W where its fuse trips above 3000 W");
    }

    @Test
    @Tag("whole")
    void aRecipeFromAFileBecomesABroth() {
        button("A broth of our own").click();
        page.getByLabel("A recipe file")
                .setInputFiles(
                        new FilePayload("bones.jsonld", "application/ld+json", """
                        {"@context":"https://schema.org","@type":"Recipe","name":"Sunday bones","recipeYield":"2 l",
                         "recipeIngredient":["1 kg chicken carcasses","16 g salt"],
                         "recipeInstructions":["Simmer for three hours"],"totalTime":"PT3H"}""".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.locator(".v-dialog [role=status]")).containsText("1000 g Chicken carcasses");
        button("Take it in").click();
        Locator broth = page.locator(".side .broth").first();
        broth.click();
        page.getByLabel("Find a broth").fill("sunday");
        button(page, Pattern.compile("^Sunday bones")).click();
        assertThat(page.locator(".makes")).containsText("Sunday bones");
        button("Recipe of Sunday bones").click();
        assertThat(page.locator(".v-dialog .parts")).containsText("Chicken carcasses");
    }

    /** A thicker prawn from the freezer takes longer than one from the fridge, and the times move with the slider. */
    @Test
    void theBenchShowsAnyCut() {
        button("Window bench").click();
        Locator key = page.locator(".v-dialog .key");
        page.getByLabel("Cut", new Page.GetByLabelOptions().setExact(true)).selectOption("prawn.peeled");
        assertThat(key).containsText(Pattern.compile("^\\s*1 min 4\\d s ready"));
        button("from the freezer").click();
        assertThat(key).containsText(Pattern.compile("^\\s*[2-5] min"));
        page.locator(".v-dialog input[type=range]").first().fill("28");
        assertThat(key).containsText(Pattern.compile("^\\s*(8|9|1\\d) min"));
    }
}
