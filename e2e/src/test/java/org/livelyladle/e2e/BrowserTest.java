package org.livelyladle.e2e;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;

/** A page on a party of its own, copied from a demo party through the API. A browser for each thread, a context for each test. */
abstract class BrowserTest {
    /** Playwright is used by the thread that made it, so each of the threads that run tests has a browser. */
    private static final ThreadLocal<Browser> BROWSER = ThreadLocal.withInitial(BrowserTest::launch);

    /** What is waited for comes when it comes: other tests keep the machine busy meanwhile, and speed is no test here. */
    private static final double LONGEST_MS = 30_000;

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(2 * LONGEST_MS);
    }

    private static Browser launch() {
        return Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")))
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setHeadless(true)
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync",
                                // a name that is not this machine's: pages by it come over plain HTTP, as on a network
                                "--host-resolver-rules=MAP " + RunningServer.NETWORK_NAME + " 127.0.0.1")));
    }

    private final List<BrowserContext> contexts = new ArrayList<>();
    protected Page page;
    protected String party;

    @BeforeEach
    void open() {
        page = newPage(1280, 800, "day");
        party = copyOf("Quad and coxes’ supper");
    }

    @AfterEach
    void close() {
        contexts.forEach(BrowserContext::close);
    }

    protected Page newPage(int width, int height, String mode) {
        return newPage(width, height, mode, ServiceWorkerPolicy.BLOCK);
    }

    /** A page that installs itself, so that it opens without a connection; it loads all there is for that. */
    protected Page installingPage(int width, int height, String mode) {
        return newPage(width, height, mode, ServiceWorkerPolicy.ALLOW);
    }

    private Page newPage(int width, int height, String mode, ServiceWorkerPolicy installing) {
        BrowserContext context = BROWSER.get()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(width, height)
                        .setBaseURL(RunningServer.address())
                        .setTimezoneId("Europe/Vienna")
                        .setServiceWorkers(installing)
                        .setReducedMotion(com.microsoft.playwright.options.ReducedMotion.REDUCE));
        context.addInitScript("localStorage.setItem('ladle-mode', '" + mode + "')");
        contexts.add(context);
        context.setDefaultTimeout(2 * LONGEST_MS);
        return context.newPage();
    }

    /** The id of a new party that says the same as a demo party. */
    protected String copyOf(String title) {
        return copyOf(title, brief -> {});
    }

    /** The id of a new party made from a demo party's brief. */
    protected String copyOf(String title, Consumer<JsonObject> change) {
        var request = page.context().request();
        var parties = JsonParser.parseString(request.get("/api/parties").text()).getAsJsonArray();
        for (var summary : parties) {
            JsonObject object = summary.getAsJsonObject();
            if (object.get("title").getAsString().equals(title)) {
                String path = "/api/parties/" + object.get("id").getAsString();
                JsonObject view =
                        JsonParser.parseString(request.get(path).text()).getAsJsonObject();
                JsonObject brief = view.getAsJsonObject("brief");
                change.accept(brief);
                return importBrief(brief);
            }
        }
        throw new IllegalStateException("There is no demo party " + title);
    }

    private String importBrief(JsonObject brief) {
        brief.addProperty("title", "Copy");
        String token = page.context().cookies().stream()
                .filter(cookie -> cookie.name.equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .value;
        APIResponse created = page.context()
                .request()
                .post(
                        "/api/parties/import",
                        RequestOptions.create()
                                .setHeader("X-XSRF-TOKEN", token)
                                .setHeader("Content-Type", "application/json")
                                .setData(brief.toString()));
        return JsonParser.parseString(created.text())
                .getAsJsonObject()
                .get("id")
                .getAsString();
    }

    protected void go(String step) {
        go(page, step);
    }

    protected void go(Page page, String step) {
        page.navigate("/party/" + party + "/" + step);
        page.locator("main h1").waitFor();
    }

    /** Leads to a step by the evening line, without loading the page anew. */
    protected void walkTo(String station) {
        page.locator("nav.line a", new Page.LocatorOptions().setHasText(station))
                .first()
                .click();
    }

    protected Locator button(String name) {
        return button(page, name);
    }

    protected static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    protected static Locator button(Page page, Pattern name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    protected static void awaitSaved(Page page) {
        page.locator(".saved", new Page.LocatorOptions().setHasText(Pattern.compile("^\\s*Saved\\s*$")))
                .waitFor();
    }

    /** Who comes to a new party, and what it is called. */
    protected void nameParty(String title, String names) {
        page.getByLabel("Who comes? One name a line").fill(names);
        Locator field = page.getByLabel("Title");
        field.fill(title);
        PlaywrightAssertions.assertThat(field).hasValue(title);
    }

    /** The list of parties with one of this title; loaded anew once, for a machine that other tests keep busy. */
    protected void toPartiesWith(String title) {
        page.navigate("/");
        Locator again = button("Again as " + title).first();
        try {
            again.waitFor(new Locator.WaitForOptions().setTimeout(LONGEST_MS / 2));
        } catch (TimeoutError e) {
            page.reload();
            again.waitFor();
        }
    }
}
