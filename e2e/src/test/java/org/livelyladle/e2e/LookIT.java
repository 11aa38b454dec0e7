package org.livelyladle.e2e;

import com.microsoft.playwright.*;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

class LookIT extends BrowserTest {
    private void shot(Page p, String n) {
        p.waitForTimeout(600);
        p.screenshot(new Page.ScreenshotOptions().setPath(Path.of("/tmp/look-" + n + ".png")));
    }

    @Test
    void look() {
        Page p = page;
        go("ingredients");
        p.locator("main table").waitFor();
        p.waitForTimeout(500);
        shot(p, "ingr");
        p.locator("tr", new Page.LocatorOptions().setHasText("Beef rib-eye"))
                .locator(".row-button")
                .click();
        shot(p, "sheet");
        button("Done").click();
        p.waitForTimeout(300);
        Locator q = p.getByText("Plan them quartered");
        System.out.println("XX quarter buttons " + q.count());
        if (q.count() > 0) {
            q.first().scrollIntoViewIfNeeded();
            shot(p, "idea");
        }
        p.locator(".beside").scrollIntoViewIfNeeded();
        shot(p, "beside");
        go("pots");
        p.waitForTimeout(500);
        p.locator("button[aria-label^='Change ']").first().click();
        shot(p, "pot");
        p.getByText("How hard it boils").scrollIntoViewIfNeeded();
        shot(p, "pot2");
        go("sauces");
        p.waitForTimeout(500);
        shot(p, "sauces");
    }
}
