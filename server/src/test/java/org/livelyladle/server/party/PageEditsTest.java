package org.livelyladle.server.party;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.server.web.JsonConfig;

/** Whatever the page removes, its own code leaves a brief the server accepts. The page's tests write the briefs. */
class PageEditsTest {
    private static final Path WRITTEN = Path.of("../web/target/edited-briefs");
    /** Three demo parties, each without every single thing it has. */
    private static final int LEAST = 100;

    @Test
    void removeAnythingAndItIsAccepted() throws IOException {
        List<Path> all;
        try (Stream<Path> files = Files.list(WRITTEN)) {
            all = files.sorted().toList();
        }

        assertThat(all).as("run the page's tests first: they write %s", WRITTEN).hasSizeGreaterThan(LEAST);
        for (Path file : all) {
            Brief brief = JsonConfig.mapper().readValue(Files.readString(file), Brief.class);
            assertThatCode(() -> BriefCheck.check(brief, Catalogue.builtIn()))
                    .as(file.getFileName().toString())
                    .doesNotThrowAnyException();
        }
    }
}
