package org.livelyladle.e2e;

import com.google.gson.JsonParser;
import com.microsoft.playwright.Page;
import java.nio.file.Path;

/** The usual judge of accessible pages. */
final class Axe {
    private static final Path AXE = Path.of("../web/node_modules/axe-core/axe.min.js");

    private Axe() {}

    /** What it finds, one finding a line; nothing where all is well. */
    static String violations(Page page) {
        page.evaluate(read());
        String json = (String)
                page.evaluate(
                        "async () => JSON.stringify((await axe.run(document, {resultTypes: ['violations'], runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']})).violations.map(v => v.id + ': ' + v.nodes.map(n => n.target + ' ' + n.failureSummary).slice(0, 3).join(' | ')))");
        StringBuilder text = new StringBuilder();
        JsonParser.parseString(json)
                .getAsJsonArray()
                .forEach(violation -> text.append(violation.getAsString()).append('\n'));
        return text.toString();
    }

    private static String read() {
        try {
            return java.nio.file.Files.readString(AXE);
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
