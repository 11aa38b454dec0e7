package org.livelyladle.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.brief.Appetite;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Decisions;
import org.livelyladle.core.brief.Emphasis;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Kitchen;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.OwnBroth;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.SaltBand;
import org.livelyladle.core.brief.Shop;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.Starch;
import org.livelyladle.core.brief.Tempo;
import org.livelyladle.core.brief.Wish;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.server.web.JsonConfig;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What a document leaves out is read as usual, and what is usual there is usual in core. */
class UsualPartsTest {
    private final JsonMapper mapper = JsonConfig.mapper();

    static Stream<Arguments> leastThatCanBeSaid() {
        return Stream.of(
                Arguments.of("{\"id\":\"a\",\"broth\":\"water\"}", Side.of("a", "water")),
                Arguments.of(
                        "{\"id\":\"p\",\"name\":\"P\",\"capacityMl\":4000,\"fillPercent\":50,\"basketsPerSide\":4,"
                                + "\"sides\":[{\"id\":\"a\",\"broth\":\"water\"}]}",
                        Pot.of("p", "P", 4000, 50, 4, List.of(Side.of("a", "water")))),
                Arguments.of("{\"id\":\"c\",\"name\":\"C\"}", Cook.of("c", "C")),
                Arguments.of("{\"cut\":\"tofu\",\"fromFrozen\":false}", MenuItem.of("tofu")),
                Arguments.of("{\"cut\":\"tofu\",\"liking\":\"LOVE\"}", Wish.of("tofu", Liking.LOVE)),
                Arguments.of("{\"ingredient\":\"kelp\",\"grams\":5}", OwnBroth.OwnPart.of("kelp", 5)),
                Arguments.of(
                        "{\"text\":\"Stir\",\"minutes\":5,\"passive\":false}", OwnBroth.OwnStep.of("Stir", 5, false)),
                Arguments.of(
                        "{\"id\":\"g\",\"name\":\"G\",\"appetite\":\"REGULAR\",\"needs\":[],\"wishes\":[],"
                                + "\"heat\":\"MILD\",\"arrivesAfterMinutes\":0}",
                        Guest.of("g", "G", Appetite.REGULAR, Heat.MILD)),
                Arguments.of(
                        "{\"id\":\"s\",\"name\":\"S\",\"tripAt\":\"2026-11-28T10:00:00\"}",
                        Shop.of("s", "S", java.time.LocalDateTime.of(2026, 11, 28, 10, 0))),
                Arguments.of("{}", Kitchen.USUAL),
                Arguments.of("{}", Decisions.none()));
    }

    @ParameterizedTest
    @MethodSource("leastThatCanBeSaid")
    void isCompletedAsCoreWouldDoIt(String json, Record expected) {
        assertThat(mapper.readValue(json, expected.getClass())).isEqualTo(expected);
    }

    @Test
    void aBriefOfWhatHasToBeSaidIsUsualOtherwise() throws Exception {
        ObjectNode least = least();
        Brief brief = mapper.treeToValue(least, Brief.class);

        assertThat(brief.kitchen()).isEqualTo(Kitchen.USUAL);
        assertThat(brief.saltBand()).isEqualTo(SaltBand.USUAL);
        assertThat(brief.tempo()).isEqualTo(Tempo.BRISK);
        assertThat(brief.emphasis()).isEqualTo(Emphasis.BALANCED);
        assertThat(brief.starch()).isEqualTo(Starch.LAST);
        assertThat(brief.altitudeM()).isZero();
        assertThat(brief.extras()).isEmpty();
        least.putNull("tempo");
        assertThat(mapper.treeToValue(least, Brief.class)).as("null").isEqualTo(brief);
        assertThat(mapper.readValue(mapper.writeValueAsString(brief), Brief.class))
                .as("written and read")
                .isEqualTo(brief);
    }

    @Test
    void whatHasToBeSaidIsAskedFor() throws Exception {
        for (String part : List.of("guests", "pots", "menu", "shops", "prices")) {
            ObjectNode least = least();
            least.remove(part);
            assertThatThrownBy(() -> mapper.treeToValue(least, Brief.class)).hasMessageContaining(part);
        }
    }

    /** A demo party less all that may be left out. */
    private ObjectNode least() throws Exception {
        ObjectNode demo =
                (ObjectNode) mapper.readTree(Files.readString(Path.of("src/main/resources/demo/quiet-evening.json")));
        ObjectNode schema = (ObjectNode) mapper.readTree(Files.readString(Path.of("../docs/formats/party.schema.json")))
                .at("/$defs/Brief");
        List<String> required = schema.get("required")
                .valueStream()
                .map(node -> node.asString())
                .toList();
        return demo.retain(required);
    }
}
