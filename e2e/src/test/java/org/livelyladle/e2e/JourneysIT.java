package org.livelyladle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

class JourneysIT extends BrowserTest {

    @Test
    void addingAGuestWithAnAllergyChangesPortionsAndSafeSides() {
        go("guests");
        String before = page.locator(".head-line .value").nth(1).innerText();
        button("Add a guest").click();
        page.locator(".v-dialog input").first().fill("Pia");
        page.locator(".v-dialog input").first().press("Enter");
        button(page, Pattern.compile("^no soy$")).click();
        button("Done").click();

        Locator row = page.locator("ol.guests li", new Page.LocatorOptions().setHasText("Pia"));
        assertThat(row).containsText("no soy");
        assertThat(row.locator(".food")).containsText(Pattern.compile("\\d+ g"));
        assertThat(page.locator(".head-line .value").nth(1)).not().hasText(before);
        // soy is in the chilli broth of the three-way pot: an allergy keeps Pia from all of that pot
        awaitSaved(page);
        walkTo("Pots, broths");
        assertThat(page.locator(".side").nth(1))
                .containsText(Pattern.compile("Pia.*splashes from the next side: no soy"));
        walkTo("Ingredients");
        page.locator("[data-at]").first().waitFor();
        page.locator("main.sheet").evaluate("sheet => sheet.scrollTo(0, 300)");
        assertThat(page.locator("tr", new Page.LocatorOptions().setHasText("Firm tofu"))
                        .locator("td[data-at] .cell")
                        .nth(9))
                .hasAttribute("aria-label", Pattern.compile("no soy"));
    }

    @Test
    void aGuestNobodyCanFeedIsNamedWithARemedyThatWorks() {
        go("guests");
        button("Edit Ada").click();
        button(page, Pattern.compile("^no celery$")).click();
        button("Done").click();
        walkTo("Pots, broths");
        for (int i = 0; i < 2; i++) {
            button(page, Pattern.compile("^Remove (Split|Clean) pot$")).first().click();
        }
        assertThat(page.locator("footer")).containsText("No side suits Ada.");
        button(page, Pattern.compile("^Add a small pot of")).first().click();

        assertThat(page.locator("footer")).not().containsText("No side suits Ada.");
        assertThat(page.locator(".pot").last()).containsText(Pattern.compile("Kept clean for .*Ada"));
    }

    @Test
    void draggingABrothChangesTheSequence() {
        go("table");
        List<String> before = page.locator("[data-drop]")
                .evaluateAll("drops => drops.map(d => d.getAttribute('aria-label'))")
                .toString()
                .lines()
                .toList();
        walkTo("Pots, broths");
        Locator from = page.locator("path[data-side='w1']");
        Locator to = page.locator("path[data-side='c1']");
        dragOnto(from, to);
        assertThat(to).hasAttribute("aria-label", "Root and date in Clean pot");
        assertThat(button("Undo: swap broths")).isEnabled();
        walkTo("Sit down");

        assertThat(page.locator("[data-drop]").first()).isVisible();
        List<String> after = page.locator("[data-drop]")
                .evaluateAll("drops => drops.map(d => d.getAttribute('aria-label'))")
                .toString()
                .lines()
                .toList();
        assertThat(after).isNotEqualTo(before);
    }

    @Test
    @Tag("whole")
    void brothsAreSwappedByKeysToo() {
        go("pots");
        page.locator("path[data-side='w1']").press("Enter");
        page.locator("path[data-side='w2']").press("Enter");

        assertThat(page.locator("path[data-side='w1']")).hasAttribute("aria-label", "Kelp and shiitake in Split pot");
    }

    @Test
    void aPinnedPortionIsUndoneAndRedone() {
        go("ingredients");
        Locator cell = button(page, Pattern.compile("^Bo: Lamb leg, "));
        String before = cell.innerText();
        cell.click();
        Locator slider = page.locator(".v-dialog input[type=range]");
        slider.fill("240");
        button("Done").click();
        assertThat(cell).hasText("20");
        assertThat(cell).hasAttribute("aria-label", Pattern.compile("pinned$"));

        button("Undo: pin a portion").click();
        assertThat(cell).hasText(before);
        button("Redo: pin a portion").click();
        assertThat(cell).hasText("20");
        awaitSaved(page);
        page.reload();
        assertThat(cell).hasText("20");
    }

    @Test
    void changedFiguresSayWhatTheyWere() {
        go("guests");
        button("Edit Bo").click();
        button("light").click();
        button("Done").click();

        assertThat(page.locator("ol.guests li", new Page.LocatorOptions().setHasText("Bo"))
                        .locator(".was"))
                .hasText(Pattern.compile("was 1\\.\\d+ kg"));
    }

    /** A dialog that is open keeps what stands in it, and is open again; saved or left, it is forgotten. */
    @Test
    @Tag("whole")
    void whatStandsInADialogSurvivesAReload() {
        go("pots");
        button("House and salt").click();
        Locator dialog = page.locator(".v-dialog", new Page.LocatorOptions().setHasText("House and salt"));
        Locator altitude = dialog.getByLabel("above sea level, m");
        altitude.fill("640");
        page.reload();
        assertThat(altitude).hasValue("640");
        page.keyboard().press("Escape");
        assertThat(dialog).isHidden();
        page.reload();
        button("House and salt").click();
        assertThat(altitude).hasValue("0");
    }

    @Test
    void tickedPurchasesSurviveAReload() {
        go("shopping");
        Locator first = page.getByRole(AriaRole.CHECKBOX).first();
        String name = first.getAttribute("aria-label");
        first.click();
        Locator ticked = page.getByRole(
                AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(name).setChecked(true));
        assertThat(ticked).isVisible();
        page.reload();
        assertThat(ticked).isVisible();
        ticked.click();
        assertThat(page.getByRole(
                        AriaRole.CHECKBOX,
                        new Page.GetByRoleOptions().setName(name).setChecked(false)))
                .isVisible();
    }

    @Test
    @Tag("whole")
    void twoWindowsAreMergedAndAskOnlyAboutTheSameField() {
        Page other = newPage(1280, 800, "day");
        go("guests");
        go(other, "guests");
        rename(other, "Ada", "Adele");
        awaitSaved(other);
        rename(page, "Bo", "Boris");
        // another field: merged without a word
        assertThat(button("Edit Adele")).isVisible();
        assertThat(button("Edit Boris")).isVisible();
        awaitSaved(page);

        rename(page, "Cleo", "Clea");
        awaitSaved(page);
        rename(other, "Cleo", "Clio");
        // the same field: both versions are shown, nothing is lost
        assertThat(other.locator(".v-dialog", new Page.LocatorOptions().setHasText("Changed in two places")))
                .containsText("Clio");
        assertThat(other.locator(".v-dialog table")).containsText("Clea");
        button(other, "Keep mine").click();
        assertThat(button(other, "Edit Clio")).isVisible();
        awaitSaved(other);
        page.reload();
        assertThat(button("Edit Clio")).isVisible();
        assertThat(button("Edit Boris")).isVisible();
    }

    @Test
    @Tag("whole")
    void whatIsTypedWithoutAConnectionIsKeptAndSentLater() {
        go("guests");
        page.context().setOffline(true);
        rename(page, "Ada", "Adele");
        assertThat(page.locator(".saved")).hasText("Kept here, no connection");
        page.context().setOffline(false);
        awaitSaved(page);
        page.reload();
        assertThat(button("Edit Adele")).isVisible();
    }

    /** Two windows of one browser without a connection, both closed: nothing of either is lost. */
    @Test
    @Tag("whole")
    void twoWindowsWithoutAConnectionKeepEachOthersEditsAndTicks() {
        go("guests");
        BrowserContext context = page.context();
        Page other = context.newPage();
        go(other, "guests");
        context.setOffline(true);
        rename(page, "Ada", "Adele");
        rename(other, "Bo", "Benno");
        assertThat(page.locator(".saved")).hasText("Kept here, no connection");
        assertThat(other.locator(".saved")).hasText("Kept here, no connection");
        page.close();
        other.close();
        context.setOffline(false);
        page = context.newPage();
        go("guests");
        awaitSaved(page);
        page.reload();
        assertThat(button("Edit Adele")).isVisible();
        assertThat(button("Edit Benno")).isVisible();
    }

    /** The server fails while somebody types: it is said, kept, and sent once it works again. */
    @Test
    @Tag("whole")
    void whatTheServerFailedToSaveIsSaidAndSentAgain() {
        go("guests");
        AtomicBoolean failing = new AtomicBoolean(true);
        page.route(Pattern.compile("/brief\\?"), route -> {
            if (failing.get()) {
                route.fulfill(new Route.FulfillOptions()
                        .setStatus(503)
                        .setContentType("application/problem+json")
                        .setBody("{\"status\":503,\"detail\":\"The database does not answer.\"}"));
            } else {
                route.resume();
            }
        });
        rename(page, "Ada", "Adele");
        assertThat(page.getByText("Not saved: The database does not answer.")).isVisible();
        failing.set(false);
        awaitSaved(page);
        page.reload();
        assertThat(button("Edit Adele")).isVisible();
    }

    /** A name that is still being typed when the page is loaded anew. */
    @Test
    @Tag("whole")
    void whatIsBeingTypedSurvivesAReload() {
        go("guests");
        button("Edit Ada").click();
        Locator name = page.locator(".v-dialog input").first();
        name.fill("Adele");
        page.reload();
        assertThat(button("Edit Adele")).isVisible();
    }

    /** No plan can be made: what the host said stays open, and can be changed. */
    @Test
    void aPartyWithoutAPlanStaysOpen() {
        AtomicBoolean refusing = new AtomicBoolean(true);
        page.route(Pattern.compile("/plan\\?"), route -> {
            if (refusing.get()) {
                route.fulfill(new Route.FulfillOptions()
                        .setStatus(422)
                        .setContentType("application/problem+json")
                        .setBody("{\"status\":422,\"detail\":\"This takes longer than 20 s to compute.\"}"));
            } else {
                route.resume();
            }
        });
        page.navigate("/party/" + party + "/guests");
        assertThat(page.getByRole(AriaRole.ALERT)).hasText("This takes longer than 20 s to compute.");
        refusing.set(false);
        button("Take away Ada").click();
        page.locator("main.sheet h1").waitFor();
        assertThat(button("Edit Ada")).hasCount(0);
        button("Undo: take away Ada").click();
        assertThat(button("Edit Ada")).isVisible();
    }

    /** The year is typed digit by digit; only the finished date is sent. */
    @Test
    @Tag("whole")
    void aDateIsSentWhenItIsFinished() {
        go("shopping");
        List<String> sent = new ArrayList<>();
        page.onRequest(request -> {
            if (request.method().equals("PUT")) {
                sent.add(String.valueOf(request.postData()));
            }
        });
        button(page, Pattern.compile("^Move the trip to")).first().click();
        Locator at = page.getByLabel("Going there");
        at.click();
        at.pressSequentially("11272026");
        assertThat(sent).isEmpty();
        at.blur();
        awaitSaved(page);
        assertThat(sent).hasSize(1);
        assertThat(sent.get(0)).contains("2026-11-27T").doesNotContain("0202-", "0002-");
    }

    @Test
    void aDropIsPinnedByKeysAndFreed() {
        go("table");
        Locator drop = page.locator("[data-drop^='drop.tofu-firm.cubes']").first();
        String id = drop.getAttribute("data-drop");
        Locator same = page.locator("[data-drop='" + id + "']");
        same.press("ArrowRight");
        assertThat(same).hasAttribute("aria-label", Pattern.compile("pinned$"));
        same.press("Enter");
        button("Free the pin").click();
        assertThat(same).not().hasAttribute("aria-label", Pattern.compile("pinned$"));
    }

    @Test
    void everyFigureOpensItsWorkingAndItsTerms() {
        go("guests");
        page.locator(".guests .food button").first().click();
        Locator slip = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Working"));
        assertThat(slip).containsText("All food for Ada");
        slip.locator(".link").first().click();
        assertThat(slip).containsText("Whole pieces x weight of one");
        page.keyboard().press("Escape");
        assertThat(slip).not().isVisible();
    }

    @Test
    void aPartyIsMadeDeletedAndBroughtBack() {
        page.navigate("/");
        button("New party").click();
        nameParty("Harvest pot", "Lea\nMo\nNils");
        button("Set the table").click();
        assertThat(page.locator("main h1")).hasText("Three at the table");
        toPartiesWith("Harvest pot");
        button("Delete Harvest pot").first().click();
        assertThat(page.getByText("Harvest pot", new Page.GetByTextOptions().setExact(true)))
                .hasCount(0);
        button("Undo").click();
        assertThat(page.getByText("Harvest pot", new Page.GetByTextOptions().setExact(true))
                        .first())
                .isVisible();
    }

    @Test
    @Tag("whole")
    void unitsSwitchEverywhere() {
        go("guests");
        button("Switch units").click();
        assertThat(page.locator(".guests .food").first()).containsText(Pattern.compile("lb|oz"));
        walkTo("Pots, broths");
        assertThat(page.locator(".section .litres").first()).containsText(Pattern.compile("cups|qt"));
    }

    @Test
    void noRequestLeavesTheMachine() {
        List<String> foreign = new java.util.concurrent.CopyOnWriteArrayList<>();
        page.onRequest(request -> {
            if (!request.url().startsWith(RunningServer.address() + "/")
                    && !request.url().startsWith("data:")) {
                foreign.add(request.url());
            }
        });
        page.navigate("/");
        for (String step : List.of("guests", "pots", "ingredients", "sauces", "shopping", "prep", "table")) {
            go(step);
        }

        assertThat(foreign).isEmpty();
    }

    /** Compressed, as sent: scripts and styles of the first page under 250 kB, fonts under 90 kB. */
    @Test
    void theFirstLoadIsSmall() {
        go("guests");
        String sizes =
                "kind => performance.getEntriesByType('resource').filter(r => r.name.includes('.woff2') === (kind === 'fonts')"
                        + " && r.name.includes('/assets/')).reduce((sum, r) => sum + r.encodedBodySize, 0)";

        assertThat(((Number) page.evaluate(sizes, "code")).intValue()).isBetween(50_000, 250_000);
        assertThat(((Number) page.evaluate(sizes, "fonts")).intValue()).isBetween(10_000, 90_000);
    }

    private static void rename(Page page, String from, String to) {
        button(page, "Edit " + from).click();
        Locator name = page.locator(".v-dialog input").first();
        name.fill(to);
        name.press("Enter");
        button(page, "Done").click();
    }

    private void dragOnto(Locator from, Locator to) {
        BoundingBox a = from.boundingBox();
        BoundingBox b = to.boundingBox();
        page.mouse().move(a.x + a.width * 0.6, a.y + a.height * 0.6);
        page.mouse().down();
        page.mouse()
                .move(
                        b.x + b.width / 2,
                        b.y + b.height / 2 + 20,
                        new com.microsoft.playwright.Mouse.MoveOptions().setSteps(6));
        page.mouse().up();
    }
}
