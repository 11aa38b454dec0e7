package org.livelyladle.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.server.Cost;
import org.livelyladle.server.ServerTest;
import org.springframework.test.web.servlet.MvcResult;
import tools.jackson.databind.JsonNode;

class ImportsTest extends ServerTest {
    private String party;

    @BeforeEach
    void make() throws Exception {
        party = body(send(post("/api/parties").contentType(APPLICATION_JSON).content("""
                                {"title":"Imports","sitDown":"2026-12-05T19:00:00","zone":"UTC","guests":["Ann","Ben"]}""")))
                .get("id")
                .asString();
    }

    private MvcResult read(String kind, String type, byte[] file) throws Exception {
        return send(post("/api/parties/" + party + "/import/" + kind)
                .contentType(type)
                .content(file));
    }

    private JsonNode csv(String kind, String text) throws Exception {
        MvcResult result = read(kind, "text/csv", text.getBytes(StandardCharsets.UTF_8));
        assertThat(result.getResponse().getStatus())
                .as(result.getResponse().getContentAsString())
                .isEqualTo(200);
        return body(result);
    }

    private static List<String> bad(JsonNode preview) {
        List<String> bad = new ArrayList<>();
        preview.get("rows").forEach(row -> {
            if (!row.get("good").asBoolean()) {
                bad.add(row.get("number").asLong() + ": " + row.get("text").asString());
            }
        });
        return bad;
    }

    @Test
    void guestsComeWithTheirNeedsAndBadRowsAreNamed() throws Exception {
        JsonNode preview = csv("GUESTS", """
                name,appetite,needs,heat
                Cleo,big eater,vegan|no peanuts,mild
                Ann,regular eater,,
                ,,,
                Dan,enormous,,
                "Eve, the elder",light eater,no pork,very hot
                """);

        assertThat(preview.get("guests")).hasSize(2);
        assertThat(preview.at("/guests/0/needs/1/strength").asString()).isEqualTo("MEDICAL");
        assertThat(preview.at("/guests/0/id").asString()).isEqualTo("guest-3");
        assertThat(preview.at("/guests/1/name").asString()).isEqualTo("Eve, the elder");
        assertThat(bad(preview))
                .hasSize(3)
                .anyMatch(row -> row.startsWith("3: name was 'Ann'; accepted is a name that is not on the list"))
                .anyMatch(row -> row.startsWith("4: name was 'empty'"))
                .anyMatch(row -> row.startsWith("5: appetite was 'enormous'; accepted is one of toddler, child"));
    }

    @Test
    void vCardsGiveNamesAndTheNeedsAmongTheirCategories() throws Exception {
        String cards = """
                BEGIN:VCARD\r
                VERSION:4.0\r
                FN:Žofie Malá\r
                CATEGORIES:rowing,vegetarian\r
                END:VCARD\r
                BEGIN:VCARD\r
                VERSION:3.0\r
                FN:Ben\r
                END:VCARD\r
                """;
        JsonNode preview = body(read("GUESTS", "text/vcard", cards.getBytes(StandardCharsets.UTF_8)));

        assertThat(preview.get("guests")).hasSize(1);
        assertThat(preview.at("/guests/0/name").asString()).isEqualTo("Žofie Malá");
        assertThat(preview.at("/guests/0/needs/0/kind").asString()).isEqualTo("VEGETARIAN");
        assertThat(bad(preview)).singleElement().asString().startsWith("2: name was 'Ben'");
    }

    /** Conversions: 2 lb = 907.18474 g and 8 oz = 226.796185 g, NIST Handbook 44 appendix C. */
    @Test
    void thePantryUnderstandsUnitsAndSemicolons() throws Exception {
        JsonNode preview = csv("PANTRY", """
                \uFEFFIngredient;Grams
                Rice vermicelli;1,2 kg
                soy-sauce;180
                Prawns;2 lb
                scallop;8 oz
                Moon dust;5
                Salt;some
                """);

        assertThat(preview.at("/pantry/0/grams").asDouble()).isEqualTo(1200);
        assertThat(preview.at("/pantry/2/grams").asDouble()).isCloseTo(907.18474, within(1e-9));
        assertThat(preview.at("/pantry/3/grams").asDouble()).isCloseTo(226.796185, within(1e-9));
        assertThat(bad(preview))
                .containsExactly(
                        "6: ingredient was 'Moon dust'; accepted is the name or id of an ingredient of the catalogue",
                        "7: grams was 'some'; accepted is a weight such as 500, 500 g, 1.2 kg, 8 oz or 2 lb");
    }

    @Test
    void pricesAreThosePacksAndLooseGoodsOfKnownShops() throws Exception {
        JsonNode preview = csv("PRICES", """
                shop,ingredient,name,grams,price,step,price per kg
                Lock Hall Market,Prawns,"'=Big ones",,,50 g,"24,90"
                store,spinach,,400 g,€2.5,,
                Corner shop,spinach,,400,2.50,,
                store,spinach,,,2.50,,
                """);

        assertThat(preview.get("offers")).hasSize(2);
        assertThat(preview.at("/offers/0/priceCentsPerKg").asInt()).isEqualTo(2490);
        assertThat(preview.at("/offers/0/name").asString()).isEqualTo("=Big ones");
        assertThat(preview.at("/offers/1/priceCents").asInt()).isEqualTo(250);
        assertThat(bad(preview)).hasSize(2).anyMatch(row -> row.startsWith("4: shop was 'Corner shop'"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "nom\nAnn", "name\n\"Ann", "name,name\nA,B"})
    void aFileThatIsNoTableIsRefusedAsAWhole(String text) throws Exception {
        MvcResult result = read("GUESTS", "text/csv", (text + " ").getBytes(StandardCharsets.UTF_8));
        assertThat(result.getResponse().getStatus()).isEqualTo(400);
        assertThat(body(result).get("field").asString()).isEqualTo("file");
    }

    /** What would fill a later save with letters no file can hold, or a pack of tons, is refused row by row. */
    @Test
    void rowsThatCouldNotBeSavedLaterAreNamedNow() throws Exception {
        assertThat(bad(csv("GUESTS", "name\na\0b\n")))
                .singleElement()
                .asString()
                .contains("no control characters");
        assertThat(bad(csv("PRICES", "shop,ingredient,grams,price\nstore,spinach,4294967.796 kg,1.20\n")))
                .singleElement()
                .asString()
                .contains("grams was");
    }

    /** Files of a megabyte made to keep a reader busy: each is answered, with its rows or a refusal. */
    @Test
    void filesMadeToKeepAReaderBusyAreAnsweredSoon() throws Exception {
        List<String[]> hostile = List.of(
                new String[] {"GUESTS", "text/csv", "name\n" + "\"".repeat(900_000)},
                new String[] {"GUESTS", "text/csv", "name\n" + "a,".repeat(400_000)},
                new String[] {"GUESTS", "text/csv", ",".repeat(900_000)},
                new String[] {"PRICES", "text/csv", "shop,ingredient\n" + "x,y\n".repeat(200_000)},
                new String[] {"GUESTS", "text/vcard", "BEGIN:VCARD\r\n".repeat(60_000)},
                new String[] {"GUESTS", "text/vcard", "BEGIN:VCARD\r\nFN:a" + "\r\n b".repeat(200_000)},
                new String[] {"GUESTS", "text/vcard", "BEGIN:VCARD\r\nFN" + ";A=b".repeat(200_000) + ":x\r\nEND:VCARD"
                });
        for (String[] file : hostile) {
            byte[] body = file[2].getBytes(StandardCharsets.UTF_8);
            int status = Cost.bounded(file[2], () -> read(file[0], file[1], body))
                    .getResponse()
                    .getStatus();
            assertThat(status).as(file[2].substring(0, 30)).isIn(200, 400);
        }
    }

    @Test
    void otherBytesThanUtf8AreRefused() throws Exception {
        MvcResult result = read("GUESTS", "text/csv", new byte[] {'n', 'a', 'm', 'e', '\n', (byte) 0xE9});
        assertThat(result.getResponse().getStatus()).isEqualTo(400);
        assertThat(body(result).get("accepted").asString()).isEqualTo("a text file saved as UTF-8");
    }

    /** What is previewed can be taken over: the good rows pass the server's own checks. */
    @Test
    void goodRowsMakeABriefThatIsAccepted() throws Exception {
        JsonNode preview = csv("GUESTS", "name,needs\nCleo,vegan\n");
        JsonNode view = body(
                send(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get("/api/parties/" + party)));
        ((tools.jackson.databind.node.ArrayNode) view.at("/brief/guests")).add(preview.at("/guests/0"));
        MvcResult saved = send(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put(
                        "/api/parties/" + party + "/brief")
                .header("If-Match", "\"1\"")
                .contentType(APPLICATION_JSON)
                .content(json.writeValueAsBytes(view.get("brief"))));
        assertThat(saved.getResponse().getStatus()).isEqualTo(200);
    }
}
