package org.livelyladle.e2e;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

class LookIT extends BrowserTest {
    void shot(Page page, String name) { page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("/tmp/look/" + name + ".png"))); }

    @Test
    void look() {
        go("guests");
        page.locator("button.name").first().click();
        page.waitForTimeout(800);
        page.getByText("for next time").scrollIntoViewIfNeeded();
        shot(page, "guest");
        page.getByText("for next time").click();
        page.waitForTimeout(800);
        shot(page, "guest-kept");
        page.navigate("/");
        button("New party").click();
        page.waitForTimeout(4000);
        shot(page, "new");
        page.getByRole(com.microsoft.playwright.options.AriaRole.GROUP).locator("button.chip").first().click();
        page.waitForTimeout(4000);
        shot(page, "new2");
        page.navigate("/household");
        page.waitForTimeout(1500);
        shot(page, "household");
        Page phone = newPage(390, 844, "night");
        phone.navigate("/");
        button(phone, "New party").click();
        phone.waitForTimeout(4000);
        shot(phone, "new-phone");
        phone.navigate("/household");
        phone.waitForTimeout(1500);
        shot(phone, "household-phone");
        go("pots"); page.waitForTimeout(1000); page.getByText("for next time").scrollIntoViewIfNeeded(); shot(page, "pots");
        go("shopping"); page.waitForTimeout(1000); page.getByText("these shops").scrollIntoViewIfNeeded(); shot(page, "shopping");
    }
}
