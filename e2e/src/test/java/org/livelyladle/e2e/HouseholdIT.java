package org.livelyladle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What is kept from party to party: people, broths of one's own, a party as last time. */
class HouseholdIT extends BrowserTest {
    private Locator dialog() {
        return page.locator(".v-dialog");
    }

    private void start(String label) {
        dialog().getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + label)))
                .check();
    }

    /** A guest kept once comes to the next party by one tap, with what they keep away from. */
    @Test
    void aGuestOfTheBookComesByATap() {
        go("guests");
        button("Edit Cleo").click();
        button("Keep Cleo for next time").click();
        assertThat(dialog()).containsText("Kept for next time");
        page.navigate("/");
        button("New party").click();
        dialog().getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Cleo").setExact(true))
                .click();
        assertThat(dialog().getByLabel("Who comes? One name a line")).hasValue("Cleo");
        start("Quick, with packets");
        button("Set the table").click();

        assertThat(page.locator("main h1")).hasText("One at the table");
        assertThat(page.locator(".guests li").first()).containsText("no crustaceans");
        page.navigate("/household");
        assertThat(page.locator("section[aria-label=People]")).containsText("Cleo");
    }

    /** Tonight in fifteen gestures: the table, meat bought cut, a packet of one's own in a pot, and the corner shop. */
    @Test
    void tonightWithOnesOwnPacketAndShop() {
        List<Runnable> gestures = List.of(
                () -> button("New party").click(),
                () -> page.getByLabel("Who comes? One name a line").fill("Lea\nMo\nNils"),
                () -> dialog().getByRole(
                                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Tonight")))
                        .click(),
                () -> start("Quick, with packets"),
                () -> button("Set the table").click(),
                () -> walkTo("Pots"),
                () -> page.locator("button.broth").first().click(),
                () -> button("Write our own").click(),
                () -> dialog().getByLabel("What goes in, one a line").fill("120 g chilli broth paste"),
                () -> button("Read it").click(),
                () -> button("Take it in").click(),
                () -> walkTo("Shop"),
                () -> button("Add a shop").click(),
                () -> dialog().getByLabel("Shop", new Locator.GetByLabelOptions().setExact(true))
                        .fill("Round the corner"),
                () -> button("Done").click());
        page.clock().setFixedTime("2026-11-24T15:00:00Z");
        page.navigate("/");
        gestures.forEach(Runnable::run);
        Assertions.assertThat(gestures).hasSizeLessThanOrEqualTo(15);

        assertThat(dialog()).hasCount(0);
        assertThat(page.locator("main")).containsText("Round the corner");
        walkTo("Pots");
        page.getByLabel("Recipe of Chilli broth paste").first().click();
        assertThat(dialog().locator(".body")).containsText("keep");
        String id = page.url().replaceAll(".*/party/([^/]+)/.*", "$1");
        Assertions.assertThat(page.context().request().get("/api/parties/" + id).text())
                .contains("\"bought\":\"CUT\"");
    }

    /** Tonight, quick, a shop of one's own: ten gestures to a list without a price. */
    @Test
    @Tag("whole")
    void anEveningWithAShopNobodyKnowsThePricesOf() {
        page.navigate("/");
        button("New party").click();
        page.getByLabel("Who comes? One name a line").fill("Lea\nMo");
        start("Plain water");
        button("Set the table").click();
        assertThat(page.locator("main h1")).hasText("Two at the table");
        party = page.url().replaceAll(".*/party/([^/]+)/.*", "$1");
        go("shopping");
        button("Add a shop").click();
        dialog().getByLabel("Shop", new Locator.GetByLabelOptions().setExact(true))
                .fill("Round the corner");
        button("Done").click();
        assertThat(dialog()).hasCount(0);
        for (String shop : new String[] {"Towpath Stores", "Weir Street Grocer", "Lock Hall Market"}) {
            Locator trip = button(page, Pattern.compile("Move the trip to " + shop + "|" + shop + ": nothing to buy"));
            if (trip.count() > 0) {
                trip.first().click();
                button("Not this shop").click();
                assertThat(dialog()).hasCount(0);
            }
        }
        Locator list = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Round the corner"));
        assertThat(list).containsText("Dried kelp");
        assertThat(list).containsText("no price");
        Locator kelp = list.getByRole(
                AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName(Pattern.compile("^Dried kelp")));
        kelp.click();
        assertThat(kelp).hasAttribute("aria-checked", "true");
        assertThat(page.locator(".foot")).not().containsText("No shop");
    }

    /** A family recipe is typed as it stands in the book, read line by line, and made for this table. */
    @Test
    @Tag("whole")
    void aFamilyRecipeIsTyped() {
        go("pots");
        page.locator("button.broth").first().click();
        button("Write our own").click();
        dialog().getByLabel("Name", new Locator.GetByLabelOptions().setExact(true))
                .fill("Aunt’s bones");
        dialog().getByLabel("What goes in, one a line").fill("1 kg chicken carcasses\n2 tbsp soy sauce\n16 g salt");
        dialog().getByLabel("How it is made, one step a line").fill("Simmer for 2 h 30 min\nStrain, 5 min");
        button("Read it").click();
        assertThat(dialog()).containsText("1000 g Chicken carcasses");
        dialog().getByLabel("How Chicken carcasses goes in").selectOption("TAKEN_OUT");
        button("Take it in").click();

        assertThat(page.locator("button.broth").first()).containsText("Aunt’s bones");
        button("Recipe of Aunt’s bones").click();
        assertThat(dialog().locator(".body")).containsText("2 h 30 min, by itself");
        assertThat(dialog().locator(".body")).containsText("Take out: chicken carcasses");
    }

    /** A sauce of one's own by the spoon is on the table at once, kept from whom it may harm, and for whom it is meant. */
    @Test
    @Tag("whole")
    void aSauceOfOnesOwnIsStirred() {
        go("sauces");
        button("Stir our own sauce").click();
        dialog().getByLabel("Name").fill("Aunt’s green sauce");
        dialog().getByLabel("Part 1", new Locator.GetByLabelOptions().setExact(true))
                .fill("Peanut butter");
        dialog().getByLabel("How much of part 1").fill("2");
        button("Put it on the table").click();

        Locator sauce = page.locator("section[aria-label='Aunt’s green sauce']");
        assertThat(sauce.locator(".parts")).containsText("Peanut butter");
        button("For whom and how much aunt’s green sauce").click();
        sauce.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Ada"))
                .click();
        assertThat(button("For whom and how much aunt’s green sauce")).not().containsText("Ada");
        button("Change Aunt’s green sauce").click();
        button("Take it away for good").click();
        assertThat(sauce).hasCount(0);
        page.navigate("/household");
        assertThat(page.locator("main")).containsText("Aunt’s green sauce");
    }

    /** Whatever is of the larder can be set out, and all stir their own by one tap. */
    @Test
    @Tag("whole")
    void everybodyStirsTheirOwn() {
        go("sauces");
        Locator bar = page.locator("section[aria-label='Sauce bar']");
        bar.getByLabel("Set out something else of the larder").fill("Chilli flakes");
        bar.getByLabel("Set out something else of the larder").press("Tab");
        bar.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Everybody"))
                .click();

        assertThat(bar.locator("li", new Locator.LocatorOptions().setHasText("Chilli flakes")))
                .containsText("besides");
        assertThat(page.locator("section[aria-label='Soy, vinegar and spring onion']"))
                .containsText("Nobody takes it");
    }

    /** One side is the same broth but hotter, by the drop. */
    @Test
    @Tag("whole")
    void oneSideIsTheSameButHotter() {
        go("pots");
        page.locator("button.broth").first().click();
        button("The same, hotter").click();
        button("Chilli extract").click();
        assertThat(dialog()).containsText("gloves");
        dialog().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("very hot"))
                .click();
        button("Season this side").click();

        assertThat(page.locator("button.broth").first()).containsText(", hotter");
        page.getByLabel(Pattern.compile("^Recipe of .*hotter")).first().click();
        assertThat(dialog().locator(".body")).containsText(Pattern.compile("\\d drops"));
    }

    /** A party as last time has its table and its menu; who comes is said anew. */
    @Test
    void aPartyAsLastTime() {
        page.navigate("/");
        button("New party").click();
        nameParty("Lake house", "Lea\nMo\nNils");
        start("Plain water");
        button("Set the table").click();
        assertThat(page.locator("main h1")).hasText("Three at the table");
        toPartiesWith("Lake house");
        button("Again as Lake house").first().click();
        page.getByLabel("Who comes? One name a line").fill("Lea");
        assertThat(dialog()).containsText("As “Lake house”");
        button("Set the table").click();

        assertThat(page.locator("main h1")).hasText("One at the table");
        walkTo("Pots");
        assertThat(page.locator("button.broth").first()).containsText("Kelp water");
    }
}
