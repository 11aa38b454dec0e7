package org.livelyladle.server.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.catalogue.Bought;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.server.web.JsonConfig;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Briefs of version 1, of every kind there is, give valid ones of version 2. */
class BriefUpcasterTest {
    private final JsonMapper json = JsonConfig.mapper();

    /** The first demo parties, and the minimal briefs of old faults. */
    static List<Path> ofVersion1() throws IOException {
        try (Stream<Path> demos = Files.list(Path.of("src/test/resources/v1"));
                Stream<Path> faults = Files.list(Path.of("src/test/resources/briefs"))) {
            return Stream.concat(demos, faults)
                    .filter(path -> path.toString().endsWith(".json"))
                    .sorted()
                    .toList();
        }
    }

    @ParameterizedTest
    @MethodSource("ofVersion1")
    void aBriefOfVersion1IsLiftedOnceAndForAll(Path file) throws IOException {
        String text = Files.readString(file);
        assertThat(text).contains("\"formatVersion\": 1");
        Brief brief = json.readValue(text, Brief.class);
        BriefCheck.check(brief, Catalogue.builtIn());

        assertThat(brief.formatVersion()).isEqualTo(Brief.VERSION);
        String written = json.writeValueAsString(brief);
        assertThat(json.readValue(written, Brief.class)).isEqualTo(brief);
        JsonNode tree = json.readTree(written);
        JsonNode before = tree.deepCopy();
        BriefUpcaster.lift(tree);
        assertThat(tree).as("version 2 stays as it is").isEqualTo(before);
    }

    private ObjectNode quiet() throws IOException {
        return (ObjectNode) json.readTree(Files.readString(Path.of("src/test/resources/v1/quiet-evening.json")));
    }

    @Test
    void readyIsAStateFoodIsBoughtIn() throws IOException {
        ObjectNode brief = quiet();
        ((ObjectNode) brief.at("/menu/0")).put("ready", true).remove("bought");
        ((ObjectNode) brief.at("/menu/1")).put("ready", true).put("bought", "CUT");
        ((ObjectNode) brief.at("/menu/2")).putNull("ready");
        Brief lifted = json.readValue(brief.toString(), Brief.class);

        assertThat(lifted.menu().get(0).bought()).isEqualTo(Bought.READY);
        assertThat(lifted.menu().get(1).bought()).isEqualTo(Bought.CUT);
    }

    /** 110 g of roots meant quick vegetables too: they are two kinds now, in the usual proportion. */
    @Test
    void quickVegetablesAreNoRootsAnyMore() throws IOException {
        ObjectNode brief = quiet();
        ObjectNode portions = brief.putObject("portionsPerAdult");
        Category.served().stream()
                .filter(kind -> kind != Category.VEGETABLES)
                .forEach(kind -> portions.put(kind.name(), kind == Category.ROOTS ? 110.0 : kind.gramsPerAdult()));
        Brief lifted = json.readValue(brief.toString(), Brief.class);

        double roots = lifted.portionsPerAdult().get(Category.ROOTS);
        double quick = lifted.portionsPerAdult().get(Category.VEGETABLES);
        assertThat(roots + quick).isCloseTo(110, within(1e-9));
        assertThat(roots / quick)
                .isCloseTo(Category.ROOTS.gramsPerAdult() / Category.VEGETABLES.gramsPerAdult(), within(1e-9));
    }

    @Test
    void whatIsOfNoVersionIsRefusedAtItsPlace() throws IOException {
        ObjectNode unknown = quiet();
        ((ObjectNode) unknown.at("/menu/0")).put("raedy", true);
        assertThatThrownBy(() -> json.readValue(unknown.toString(), Brief.class))
                .isInstanceOf(UnrecognizedPropertyException.class)
                .hasMessageContaining("raedy");
        ObjectNode later = quiet();
        ((ObjectNode) later.at("/menu/0")).put("ready", true);
        later.put("formatVersion", 2);
        assertThatThrownBy(() -> json.readValue(later.toString(), Brief.class))
                .isInstanceOf(UnrecognizedPropertyException.class);
        ObjectNode future = quiet();
        future.put("formatVersion", 3);
        assertThatThrownBy(() -> json.readValue(future.toString(), Brief.class)).hasMessageContaining("formatVersion");
    }
}
