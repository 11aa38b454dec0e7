package org.livelyladle.e2e;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.time.Instant;
import org.junit.jupiter.api.Test;

class LookIT extends BrowserTest {
    @Test
    void look() throws Exception {
        FastEvening evening = new FastEvening("look", Instant.parse("2026-11-28T17:58:30Z"), 20);
        Page live = newPage(1280, 800, "night");
        evening.live(live.context());
        live.navigate(evening.first().address() + "/party/" + party + "/live");
        live.locator("main h1").first().waitFor();
        shot(live, "before");
        live.locator("button.act.main").click();
        live.waitForTimeout(1500);
        shot(live, "start");
        Page phone = newPage(390, 844, "day");
        evening.live(phone.context());
        phone.navigate(evening.second().address() + "/party/" + party + "/live");
        phone.locator("main h1").first().waitFor();
        int shots = 0;
        for (int i = 0; i < 60; i++) {
            if (live.locator("article.card button.act.main").count() > 0) {
                if (shots < 4 && i % 5 == 2) {
                    shot(live, "order" + shots);
                    shot(phone, "phone" + shots);
                    shots++;
                }
                live.locator("article.card button.act.main").click();
            }
            live.waitForTimeout(700);
        }
        live.setViewportSize(1024, 768);
        live.waitForTimeout(400);
        shot(live, "tablet");
        live.setViewportSize(1280, 800);
        live.waitForTimeout(15000);
        shot(live, "late");
        live.locator("button.talk").click();
        live.waitForTimeout(600);
        shot(live, "talk");
        live.getByText("Fell into a side").click();
        live.locator(".v-dialog button.chip").filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Smoked tomato")).click();
        live.locator(".v-dialog button.chip").filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Beef rib-eye")).click();
        live.waitForTimeout(1500);
        shot(live, "fell");
        shot(phone, "phone-fell");
        evening.stop();
    }

    private static void shot(Page page, String name) {
        page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("/tmp/look-" + name + ".png")));
    }
}
