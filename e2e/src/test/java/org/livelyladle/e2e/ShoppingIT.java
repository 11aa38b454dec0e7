package org.livelyladle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** In the shop, at the size of a phone. */
class ShoppingIT extends BrowserTest {
    private Page phone;

    @BeforeEach
    void takeThePhone() {
        phone = newPage(390, 844, "day");
        go(phone, "shopping");
    }

    private Locator box(String name) {
        return phone.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    private void open(String name) {
        button(phone, Pattern.compile("^" + name + ": other size")).click();
    }

    private String bill() {
        return phone.locator(".head-line .key").innerText();
    }

    @Test
    void theRunningTotalGrowsAndAislesCountDown() {
        Locator dry = phone.locator("h3", new Page.LocatorOptions().setHasText("Dry goods"))
                .first();
        assertThat(dry).containsText("8 left");
        box("Wolfberries").click();
        assertThat(dry).containsText("7 left");
        assertThat(phone.locator(".shop").first()).containsText(Pattern.compile("€2\\.79 paid of"));
    }

    @Test
    @Tag("whole")
    void anotherSizeAndPriceAreBoughtAsTyped() {
        String planned = bill();
        open("Wolfberries, 100 g");
        phone.getByLabel("Weight, g").fill("80");
        phone.getByLabel("Paid").fill("much");
        assertThat(button(phone, "Bought this")).isDisabled();
        phone.getByLabel("Paid").fill("3,10");
        button(phone, "Bought this").click();

        assertThat(box("Wolfberries")).isChecked();
        assertThat(phone.locator(".head-line .key")).not().hasText(planned);
        phone.reload();
        assertThat(phone.locator("li.bought", new Page.LocatorOptions().setHasText("Wolfberries")))
                .containsText("€3.10");
    }

    @Test
    void anEmptyShelfIsSolvedAnewWithAnotherPack() {
        assertThat(box("Fish balls, 250 g")).isVisible();
        open("Fish balls, 250 g");
        button(phone, "None left on the shelf").click();
        assertThat(box("Fish balls, 400 g")).isVisible();
        assertThat(box("Fish balls, 250 g")).hasCount(0);

        phone.locator(".sold", new Page.LocatorOptions().setHasText("Fish balls, 250 g"))
                .getByRole(AriaRole.BUTTON)
                .click();
        assertThat(box("Fish balls, 250 g")).isVisible();
    }

    @Test
    @Tag("whole")
    void whatNoShopHasIsReplacedWithTheNextBest() {
        open("Squid tubes");
        button(phone, "None left on the shelf").click();
        assertThat(phone.locator("footer")).containsText("Squid: sold out");
        button(phone, Pattern.compile("^Take cuttlefish")).first().click();
        assertThat(box("Cuttlefish")).isVisible();
        assertThat(phone.locator("footer")).not().containsText("sold out");
    }

    @Test
    @Tag("whole")
    void whatIsAtHomeLeavesTheListAndCanBeUndone() {
        open("Wolfberries, 100 g");
        button(phone, "Have it at home").click();
        assertThat(box("Wolfberries")).hasCount(0);
        button(phone, "Undo: have it at home").click();
        assertThat(box("Wolfberries")).isVisible();
    }

    /** In a cellar shop: the page is opened anew, ticks show at once, and arrive when the phone is back. */
    @Test
    void withoutAConnectionTheListOpensAndTicksArriveLater() {
        phone = installingPage(390, 844, "day");
        go(phone, "shopping");
        phone.evaluate("navigator.serviceWorker.ready");
        phone.reload();
        box("Wolfberries").waitFor();
        phone.context().setOffline(true);
        phone.reload();
        box("Wolfberries").click();
        assertThat(box("Wolfberries")).isChecked();
        box("Glass noodles").click();
        assertThat(box("Glass noodles")).isChecked();
        assertThat(phone.locator("footer")).containsText("No connection");
        phone.reload();
        assertThat(box("Glass noodles")).isChecked();

        phone.waitForResponse(
                response -> response.url().endsWith("/events") && response.status() == 200,
                () -> phone.context().setOffline(false));
        phone.reload();
        assertThat(box("Wolfberries")).isChecked();
        assertThat(box("Glass noodles")).isChecked();
    }

    /** The stand-in answers over real HTTP; the announced bill is the one that comes. */
    @Test
    @Tag("whole")
    void newPricesAreTakenWithTheBillTheyAnnounce() {
        Locator notice = phone.locator("section[aria-label='New prices']");
        String announced = notice.locator("b").first().innerText().replaceAll(".* to (.*)\\.$", "$1");
        button(phone, "Take these prices").click();

        assertThat(phone.locator(".head-line .key")).containsText(announced);
        assertThat(notice).hasCount(0);
        button(phone, Pattern.compile("^Undo: take the market")).click();
        assertThat(phone.locator(".head-line .key"))
                .not()
                .containsText(Pattern.compile("^" + Pattern.quote(announced)));
    }

    @Test
    @Tag("whole")
    void aPantryFileIsTakenInButForItsBadRows() {
        button(phone, "From a file").click();
        String csv = "ingredient,grams\nWolfberries,200\nMoon dust,5\nGlass noodles,a lot\n=cmd|x,5\n";
        phone.locator("input[type=file]")
                .setInputFiles(new FilePayload("pantry.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)));
        Locator rows = phone.locator(".v-dialog .rows");
        assertThat(rows).containsText("3 left out");
        assertThat(rows).containsText("Row 3 ingredient was 'Moon dust'");
        assertThat(rows).containsText("Row 4 grams was 'a lot'; accepted is a weight");
        button(phone, "Take in 1 thing").click();

        assertThat(box("Wolfberries")).hasCount(0);
        assertThat(box("Glass noodles")).isVisible();
        assertThat(phone.getByLabel("Wolfberries", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("200");
    }

    @Test
    @Tag("whole")
    void theListIsTakenAlongAsAFile() throws IOException {
        Download csv = phone.waitForDownload(() -> phone.getByText("CSV", new Page.GetByTextOptions().setExact(true))
                .click());

        assertThat(Files.readString(csv.path()))
                .startsWith("shop,trip,aisle,item")
                .contains("Wolfberries, 100 g");
        Download pdf = phone.waitForDownload(() -> phone.getByText("PDF", new Page.GetByTextOptions().setExact(true))
                .click());
        assertThat(Files.readAllBytes(pdf.path()))
                .startsWith('%', 'P', 'D', 'F')
                .hasSizeGreaterThan(5000);
    }
}
