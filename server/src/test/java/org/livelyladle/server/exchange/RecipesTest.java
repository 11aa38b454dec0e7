package org.livelyladle.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.server.Cost;
import org.livelyladle.server.ServerTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MvcResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class RecipesTest extends ServerTest {
    private static final String RECIPE = """
            {"@context":"https://schema.org","@graph":[{"@type":"WebPage"},{"@type":["Recipe"],"name":"Sunday bones",
             "recipeYield":["4","2 litres"],"totalTime":"PT3H30M",
             "recipeIngredient":["1,2 kg chicken carcasses","1 ½ cups white miso","3 cloves garlic","2 l cold water",
               "½ tsp salt, to taste","20 g moon dust","pepper to taste"],
             "recipeInstructions":[{"@type":"HowToSection","itemListElement":[
                {"@type":"HowToStep","text":"Simmer the carcasses","totalTime":"PT3H"},
                {"@type":"HowToStep","text":"Stir in miso"}]}]}]}""";
    private String party;

    @BeforeEach
    void make() throws Exception {
        party = body(send(post("/api/parties").contentType(APPLICATION_JSON).content("""
                                {"title":"Recipes","sitDown":"2026-12-05T19:00:00","zone":"UTC","guests":["Ann","Ben"]}""")))
                .get("id")
                .asString();
    }

    private MvcResult read(String text) throws Exception {
        return send(post("/api/parties/" + party + "/import-recipe")
                .contentType(MediaType.parseMediaType("application/ld+json"))
                .content(text));
    }

    /** Files made to keep a reader busy, or to bring in what no later save could hold. */
    @Test
    void hostileRecipesAreRefusedOrReadSoon() throws Exception {
        String lines = "\"10 g salt\",".repeat(39) + "\"10 g salt\"";
        List<String> hostile = List.of(
                "[".repeat(400) + "]".repeat(400),
                "{\"@graph\":".repeat(400) + "1" + "}".repeat(400),
                "{\"@type\":" + "[".repeat(300) + "]".repeat(300) + "}",
                RECIPE.replace("Sunday bones", "a\\u0000b"),
                RECIPE.replace("Sunday bones", "\\ud83c"),
                RECIPE.replace("1,2 kg", "1e400 kg"),
                RECIPE.replace("1,2 kg", "9".repeat(500) + " kg"),
                RECIPE.replace("PT3H30M", "P999999999D"),
                RECIPE.replace("Simmer the carcasses", "1 ".repeat(400_000)),
                RECIPE.replace("\"3 cloves garlic\"", lines + ",\"" + "1/".repeat(200_000) + "\""));
        for (String text : hostile) {
            int status = Cost.bounded(text, () -> read(text)).getResponse().getStatus();
            assertThat(status)
                    .as(text.substring(0, Math.min(60, text.length())))
                    .isIn(200, 400, 413);
        }
    }

    private static double grams(JsonNode broth, String ingredient) {
        for (JsonNode part : broth.get("parts")) {
            if (part.get("ingredient").asString().equals(ingredient)) {
                return part.get("grams").asDouble();
            }
        }
        throw new AssertionError("no " + ingredient + " in " + broth);
    }

    /** 1 cup = 236.5882365 ml, NIST SP 811; miso weighs 1.1 g/ml in the catalogue and holds 7 % salt from memory. */
    @Test
    void aRecipeIsReadWithItsUnitsAndWhatIsUnclearIsSaid() throws Exception {
        JsonNode preview = body(read(RECIPE));
        JsonNode broth = preview.get("broth");

        assertThat(broth.get("name").asString()).isEqualTo("Sunday bones");
        assertThat(broth.get("makesMl").asDouble()).isEqualTo(2000);
        assertThat(grams(broth, "chicken-bones")).isCloseTo(1200, within(1e-9));
        assertThat(grams(broth, "white-miso")).isCloseTo(1.5 * 236.5882365 * 1.1, within(1e-6));
        assertThat(grams(broth, "salt")).isCloseTo(2.5 * 1.2, within(1e-9));
        assertThat(broth.get("saltPercent").asDouble())
                .isCloseTo((3 + 0.07 * grams(broth, "white-miso")) / 20, within(0.0051));
        assertThat(preview.get("ingredients")).hasSize(1);
        assertThat(preview.get("ingredients").get(0).get("id").asString()).isEqualTo("moon-dust");
        assertThat(preview.get("rows").get(6).get("good").asBoolean()).isFalse();
        assertThat(broth.get("steps").get(0).get("minutes").asDouble()).isEqualTo(180);
        assertThat(broth.get("steps").get(0).get("passive").asBoolean()).isTrue();
        assertThat(broth.get("steps").get(1).get("minutes").asDouble()).isEqualTo(30);
    }

    /** Counted things weigh what one of them does, from memory; 72 g of fish sauce hold a quarter of salt. */
    @Test
    void countedThingsAndSaltySaucesAreWeighed() throws Exception {
        JsonNode broth = body(read("""
                {"@type": "Recipe", "name": "Sour pot", "recipeYield": "2 l", "recipeIngredient": ["6 lime leaves",
                 "1 lime", "3 limes", "4 stalks lemongrass", "4 cloves garlic", "2 star anise", "3 slices galangal",
                 "60 ml fish sauce", "10 g salt", "2 moon stones"]}""")).get("broth");

        assertThat(grams(broth, "lime-leaf")).isEqualTo(6);
        assertThat(grams(broth, "lime")).isEqualTo(4 * 70);
        assertThat(grams(broth, "lemongrass")).isEqualTo(100);
        assertThat(grams(broth, "garlic")).isEqualTo(20);
        assertThat(grams(broth, "star-anise")).isEqualTo(2);
        assertThat(grams(broth, "galangal")).isEqualTo(15);
        assertThat(grams(broth, "moon-stones")).isEqualTo(60);
        double sauce = grams(broth, "fish-sauce");
        assertThat(broth.get("saltPercent").asDouble()).isCloseTo((10 + sauce / 4) / 20, within(0.0051));
    }

    /** Kelp and bones make nothing hot; with chilli, or what nobody knows, it is very hot until the host says otherwise. */
    @Test
    void whatIsNeverHotIsWithoutHeat() throws Exception {
        String recipe = """
                {"@type": "Recipe", "name": "Stock", "recipeYield": "2 l", "recipeIngredient": ["10 g kelp", "%s"]}
                """;
        assertThat(body(read(recipe.formatted("20 g ginger"))).at("/broth/heat").asString())
                .isEqualTo("NONE");
        assertThat(body(read(recipe.formatted("6 lime leaves")))
                        .at("/broth/heat")
                        .asString())
                .isEqualTo("NONE");
        for (String hot : new String[] {"30 g chilli flakes", "5 g moon dust", "2 fresh chillies"}) {
            assertThat(body(read(recipe.formatted(hot))).at("/broth/heat").asString())
                    .as(hot)
                    .isEqualTo("HOT");
        }
    }

    /** What is read is accepted as part of the party, planned, bought for, and comes out again as it went in. */
    @Test
    void aRecipeGoesRoundThroughThePlan() throws Exception {
        JsonNode preview = body(read(RECIPE));
        MvcResult now = send(get("/api/parties/" + party));
        ObjectNode brief = (ObjectNode) body(now).get("brief");
        ((ArrayNode) brief.withArray("ownBroths")).add(preview.get("broth"));
        preview.get("ingredients").forEach(item -> ((ArrayNode) brief.withArray("ownIngredients")).add(item));
        String id = preview.get("broth").get("id").asString();
        ((ObjectNode) brief.get("pots").get(0).get("sides").get(0)).put("broth", id);
        assertThat(send(put("/api/parties/" + party + "/brief")
                                .contentType(APPLICATION_JSON)
                                .header("If-Match", now.getResponse().getHeader("ETag"))
                                .content(brief.toString()))
                        .getResponse()
                        .getStatus())
                .isEqualTo(200);

        assertThat(send(get("/api/parties")).getResponse().getStatus())
                .as("a broth of one's own has its colour in the overview")
                .isEqualTo(200);
        JsonNode out = body(send(get("/api/parties/" + party + "/broths/" + id + "/recipe.jsonld")));
        assertThat(out.get("@type").asString()).isEqualTo("Recipe");
        JsonNode again = body(read(out.toString())).get("broth");
        double more = again.get("makesMl").asDouble() / 2000;
        for (String ingredient : new String[] {"chicken-bones", "white-miso", "garlic", "moon-dust"}) {
            assertThat(grams(again, ingredient))
                    .as(ingredient)
                    .isCloseTo(more * grams(preview.get("broth"), ingredient), within(0.5));
        }
        assertThat(again.get("steps").get(0).get("minutes").asDouble()).isEqualTo(180);
    }

    @Test
    void anUnknownBrothIsNotFound() throws Exception {
        assertThat(send(get("/api/parties/" + party + "/broths/dragon/recipe.jsonld"))
                        .getResponse()
                        .getStatus())
                .isEqualTo(404);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "[]",
                "{\"@type\":\"Person\"}",
                "{\"@type\":\"Recipe\"}",
                "{\"@type\":\"Recipe\",\"name\":\"x\"}",
                "{\"@type\":\"Recipe\",\"name\":\"x\",\"recipeIngredient\":[\"love\"]}",
                "{\"@type\":\"Recipe\",\"name\":\"x\",\"recipeIngredient\":{\"a\":1}}",
                "{\"@graph\":[[[[[[[[{\"@type\":\"Recipe\"}]]]]]]]]}",
                "not json"
            })
    void nonsenseIsRefused(String text) throws Exception {
        assertThat(read(text).getResponse().getStatus()).isEqualTo(400);
    }
}
