package org.livelyladle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A host's own words for states and amounts, on a party begun from nothing. */
class StatesIT extends BrowserTest {
    @BeforeEach
    void begin() {
        page.navigate("/");
        button("New party").click();
        page.getByLabel("Title").fill("After work");
        page.getByLabel("Who comes? One name a line").fill("Lea\nMo\nNils\nUma");
        button("Set the table").click();
        assertThat(page.locator("main h1")).hasText("Four at the table");
        walkTo("Ingredients");
        page.locator("main table").waitFor();
    }

    private Locator row(String name) {
        return page.locator("tr", new Page.LocatorOptions().setHasText(name));
    }

    private Locator sheet(String name) {
        bringIntoSight(name);
        row(name).locator(".row-button").click();
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("State and amount"));
    }

    /** Only the rows in sight are in the page. */
    private void bringIntoSight(String name) {
        page.locator("main table tbody th").first().waitFor();
        // from the top again now and then: what is planned anew may come above what is in sight
        for (int turns = 1; row(name).count() == 0 && turns < 200; turns++) {
            page.locator("main table").hover();
            page.mouse().wheel(0, turns % 20 == 0 ? -6000 : 300);
            page.evaluate("() => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done)))");
        }
    }

    private void done() {
        button("Done").click();
        assertThat(page.locator(".v-dialog")).hasCount(0);
    }

    private Locator inPrep(String task) {
        return page.locator("[data-task^='food:" + task + "']");
    }

    @Test
    @Tag("whole")
    void meatBoughtCutIsNotSlicedAndBoughtWholeIsForAllAlike() {
        Locator meat = sheet("Beef rib-eye");
        meat.getByText("whole", new Locator.GetByTextOptions().setExact(true)).click();
        meat.getByText("All meat like this").click();
        done();
        assertThat(row("Beef rib-eye")).containsText("bought whole");
        walkTo("Prep");
        assertThat(inPrep("half-freeze").first()).isVisible();

        walkTo("Ingredients");
        sheet("Beef rib-eye")
                .getByText("cut", new Locator.GetByTextOptions().setExact(true))
                .click();
        page.getByText("All meat like this").click();
        done();
        walkTo("Prep");
        assertThat(inPrep("set-out:raw").first()).isVisible();
        assertThat(inPrep("half-freeze")).hasCount(0);
        assertThat(inPrep("slice:")).hasCount(0);
    }

    @Test
    @Tag("whole")
    void twoPacksAreBoughtAndEaten() {
        Locator noodles = sheet("Udon");
        noodles.getByLabel("how much").selectOption("PACKS");
        noodles.getByLabel("how many").fill("2");
        noodles.getByLabel("how many").press("Enter");
        assertThat(noodles).containsText(Pattern.compile("comes to .* at the table"));
        done();
        assertThat(row("Udon")).containsText("2 packs");
        walkTo("Shop");
        assertThat(page.locator("main").getByText(Pattern.compile("2 × .*")).first())
                .isVisible();
    }

    @Test
    @Tag("whole")
    void aKindLeftOutIsAskedAboutOnceForAllGuests() {
        button(page, Pattern.compile("^Menu$")).click();
        Locator picker = page.locator(".v-dialog");
        picker.locator(".chip[aria-pressed='true']", new Locator.LocatorOptions().setHasText("Enoki"))
                .click();
        picker.locator(
                        ".chip[aria-pressed='true']",
                        new Locator.LocatorOptions().setHasText(Pattern.compile("Shiitake|mushroom")))
                .first()
                .click();
        done();
        Locator question =
                page.getByText("There is nothing from mushrooms on the menu").first();
        assertThat(question).isVisible();
        button("None, on purpose").first().click();
        assertThat(page.getByText("nothing from mushrooms")).hasCount(0);
        assertThat(page.getByText("Nothing from mushrooms")).hasCount(0);
        awaitSaved(page);
        page.reload();
        page.locator("main table").waitFor();
        assertThat(page.getByText(Pattern.compile("othing from mushrooms"))).hasCount(0);
    }

    @Test
    @Tag("whole")
    void noodlesStandInTheBowls() {
        sheet("Udon");
        button("beside the pots").click();
        assertThat(page.getByText("Never goes into a pot")).isVisible();
        done();
        walkTo("Prep");
        assertThat(inPrep("bowls:udon").first()).isVisible();
        walkTo("Sit down");
        assertThat(page.getByText(Pattern.compile("Beside the pots: .*[Uu]don")).first())
                .isVisible();
    }

    @Test
    @Tag("whole")
    void whatIsNotInTheCatalogueIsAddedByItsName() {
        button(page, Pattern.compile("^Menu$")).click();
        page.getByLabel("Find an ingredient").fill("edible flowers");
        button("Add “edible flowers” as our own").click();
        assertThat(page.getByText("Add “edible flowers” to")).isVisible();
        button("Leaves of our own").click();
        assertThat(page.getByLabel("Name")).hasValue("edible flowers");
    }

    @Test
    void otherNamesFindFood() {
        button(page, Pattern.compile("^Menu$")).click();
        page.getByLabel("Find an ingredient").fill("bok choy");
        assertThat(page.locator(".v-dialog .chip", new Page.LocatorOptions().setHasText("Pak choi")))
                .hasCount(2);
    }

    /** Fields, sliders and axes; a pack stays as it is printed, and nothing counts as changed. */
    @Test
    void ouncesAndInchesEverywhere() {
        button("Switch units").click();
        assertThat(page.locator("main table thead")).containsText("pieces or oz");
        assertThat(page.getByText(Pattern.compile("^was "))).hasCount(0);
        button("Per adult").click();
        assertThat(page.locator(".sliders")).containsText("4.75 oz");
        sheet("Beef rib-eye");
        assertThat(page.locator(".size")).containsText(" in");
        done();
        walkTo("Pots");
        assertThat(page.locator("main")).not().containsText(Pattern.compile("\\d °C|\\d mm|\\d ml"));
        walkTo("Sauces");
        assertThat(page.locator("main .head-line")).containsText("¼ cup");
        assertThat(page.locator("main .head-line")).not().containsText(Pattern.compile("\\d ml"));
    }

    @Test
    @Tag("whole")
    void aPlateIsHeldBackAndOneOfItHasItsName() {
        Locator beef = sheet("Beef rib-eye");
        beef.getByText("a plate for seconds").click();
        assertThat(beef.getByLabel("for seconds")).hasValue("150");
        done();
        assertThat(row("Beef rib-eye")).containsText("a plate for seconds");
        Locator cabbage = sheet("Napa cabbage");
        cabbage.getByLabel("how much").selectOption("heads");
        assertThat(cabbage).containsText(Pattern.compile("comes to .* at the table"));
        assertThat(cabbage.getByText("a plate for seconds")).hasCount(0);
        done();
        assertThat(row("Napa cabbage")).containsText("1 head");
    }

    /** The demo supper has a child of four and fish balls, which are proposed quartered among the ideas. */
    @Test
    void aSmallChildsBallsArePlannedQuartered() {
        go("ingredients");
        page.locator("main table").waitFor();
        button(page, Pattern.compile("^Ideas")).click();
        button("Plan them quartered").first().click();
        bringIntoSight("quartered");
        assertThat(row("quartered")).containsText("cooked by the maker");
    }

    @Test
    @Tag("whole")
    void aPotIsKeptGentle() {
        walkTo("Pots");
        assertThat(page.locator("main")).containsText("simmers at");
        page.locator("button[aria-label^='Change ']").first().click();
        button("gentle").click();
        assertThat(page.getByText("Just under the boil")).isVisible();
        button("Keep").click();
        assertThat(page.locator("main")).containsText("trembles at");
        awaitSaved(page);
        page.reload();
        assertThat(page.locator("main")).containsText("trembles at");
    }
}
