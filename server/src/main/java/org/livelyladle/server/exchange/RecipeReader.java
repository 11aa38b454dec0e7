package org.livelyladle.server.exchange;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.OwnBroth;
import org.livelyladle.core.brief.OwnBroth.OwnPart;
import org.livelyladle.core.brief.OwnIngredient;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.check.InvalidInputException;
import tools.jackson.databind.JsonNode;

/**
 * Reads a broth out of a schema.org Recipe (JSON-LD): name, recipeYield, recipeIngredient and recipeInstructions. What
 * it cannot read it says line by line; ingredients nobody knows come along as the household's own. One use per recipe.
 */
final class RecipeReader {
    private static final int MOST_LINES = 40;
    static final int DEEPEST = 6;
    static final int LONGEST_TEXT = 300;
    /** A serving of broth where the recipe counts servings [ml]; memory. */
    private static final double SERVING_ML = 500;

    private static final double USUAL_ML = 2000;
    private static final Set<String> WATER = Set.of("water", "cold water", "boiling water", "hot water");

    private final Brief brief;
    private final Catalogue catalogue;
    private final List<ImportPreview.Row> rows = new ArrayList<>();
    private final Map<String, Double> grams = new LinkedHashMap<>();
    private final List<OwnIngredient> unknown = new ArrayList<>();

    RecipeReader(Brief brief, Catalogue catalogue) {
        this.brief = brief;
        this.catalogue = brief.extend(catalogue);
    }

    RecipePreview read(JsonNode document) {
        JsonNode recipe = find(document, 0)
                .orElseThrow(() -> new InvalidInputException(
                        "file", "no recipe", "JSON-LD that holds a schema.org Recipe (\"@type\": \"Recipe\")"));
        String name = text(recipe.get("name"));
        if (name.isEmpty()) {
            throw new InvalidInputException("name", "missing", "the recipe's name");
        }
        JsonNode lines = recipe.get("recipeIngredient");
        if (lines == null || !lines.isArray() || lines.isEmpty() || lines.size() > MOST_LINES) {
            throw new InvalidInputException(
                    "recipeIngredient",
                    lines == null || !lines.isArray() ? "missing" : lines.size() + " lines",
                    "a list of 1 to " + MOST_LINES + " lines");
        }
        for (int i = 0; i < lines.size(); i++) {
            ingredient(i + 1, cut(text(lines.get(i)), LONGEST_TEXT));
        }
        if (grams.isEmpty()) {
            throw new InvalidInputException(
                    "recipeIngredient", "nothing with an amount", "one line such as '10 g kelp'");
        }
        double makes = makes(recipe.get("recipeYield"));
        List<OwnPart> parts = grams.entrySet().stream()
                .map(entry -> part(entry.getKey(), entry.getValue()))
                .toList();
        double salt = grams.entrySet().stream()
                        .mapToDouble(entry -> RecipeLore.saltGrams(entry.getKey(), entry.getValue()))
                        .sum()
                / makes
                * 100;
        String url = text(recipe.get("url"));
        OwnBroth broth = new OwnBroth(
                freeId(name),
                cut(name, 60),
                makes,
                Math.min(5, Math.round(salt * 100) / 100.0),
                grams.keySet().stream().allMatch(this::isWithoutHeat) ? Heat.NONE : Heat.HOT,
                parts,
                RecipeSteps.read(recipe),
                url.isEmpty() || url.length() > LONGEST_TEXT ? null : url,
                null,
                null,
                Broth.Source.SCRATCH);
        return new RecipePreview(rows, broth, unknown);
    }

    /** What the broths of the catalogue take by the packet is a packet here too: half of it is kept back. */
    private OwnPart part(String ingredient, double grams) {
        boolean isPacket = catalogue.broths().stream()
                .flatMap(broth -> broth.parts().stream())
                .anyMatch(part -> part.ingredient().equals(ingredient) && part.scaling() == Broth.Scaling.PACKET);
        return new OwnPart(ingredient, grams, isPacket ? Broth.Scaling.PACKET : null, null, null);
    }

    /** Of what the catalogue does not know nobody has said. */
    private boolean isWithoutHeat(String ingredient) {
        return catalogue.findIngredient(ingredient).isPresent() && !RecipeLore.isSharp(ingredient);
    }

    private static Optional<JsonNode> find(@Nullable JsonNode node, int depth) {
        if (node == null || depth > DEEPEST) {
            return Optional.empty();
        }
        if (node.isArray()) {
            for (JsonNode child : node) {
                Optional<JsonNode> found = find(child, depth + 1);
                if (found.isPresent()) {
                    return found;
                }
            }
            return Optional.empty();
        }
        return isRecipe(node.get("@type")) ? Optional.of(node) : find(node.get("@graph"), depth + 1);
    }

    private static boolean isRecipe(@Nullable JsonNode type) {
        if (type == null) {
            return false;
        }
        if (type.isArray()) {
            for (JsonNode one : type) {
                if (isRecipe(one)) {
                    return true;
                }
            }
            return false;
        }
        String name = text(type);
        return name.equals("Recipe") || name.endsWith("schema.org/Recipe");
    }

    static String text(@Nullable JsonNode node) {
        return node == null || !node.isValueNode() || node.isNull()
                ? ""
                : node.asString().strip();
    }

    static String cut(String text, int most) {
        return text.length() <= most ? text : Utf8.start(text, most - 1) + "…";
    }

    private void ingredient(int number, String line) {
        Optional<RecipeAmount> amount = RecipeAmount.read(line);
        if (amount.isEmpty() || amount.get().rest().isEmpty() || amount.get().number() <= 0) {
            rows.add(new ImportPreview.Row(
                    number,
                    false,
                    "Left out: '" + line + "' has no amount; accepted is '10 g kelp' or '2 cups stock'"));
            return;
        }
        RecipeAmount read = amount.get();
        String name = read.rest().replaceAll("[,(].*", "").strip();
        if (WATER.contains(name.toLowerCase(Locale.ROOT))) {
            rows.add(new ImportPreview.Row(number, true, "Water: as much as the broth needs"));
            return;
        }
        Optional<Ingredient> known = known(name);
        double density = known.map(Ingredient::densityGPerMl).orElse(1.0);
        double piece = RecipeLore.pieceGrams(
                words(name),
                known.map(Ingredient::name).map(RecipeReader::words).orElse(Set.of()),
                known.orElse(null));
        double weight = read.unit() == null ? read.number() * piece : read.amount() * (read.isVolume() ? density : 1);
        String id = known.map(Ingredient::id).orElseGet(() -> own(name));
        grams.merge(id, Math.max(0.1, Math.min(20_000, weight)), Double::sum);
        rows.add(new ImportPreview.Row(
                number,
                true,
                Math.round(weight) + " g " + known.map(Ingredient::name).orElse(name)
                        + (read.unit() == null ? ", taking one as " + Math.round(piece) + " g" : "")
                        + (known.isPresent() ? "" : "; nobody knows it yet, so it counts as the strictest")));
    }

    /** The catalogue's own by its whole name, else the one whose name shares the most words with it. */
    private Optional<Ingredient> known(String name) {
        Set<String> wanted = words(name);
        Ingredient best = null;
        int shared = 0;
        for (Ingredient ingredient : catalogue.ingredients()) {
            Set<String> own = words(ingredient.name());
            if (own.equals(wanted)) {
                return Optional.of(ingredient);
            }
            boolean holds = wanted.containsAll(own);
            if (holds && own.size() > shared) {
                best = ingredient;
                shared = own.size();
            }
        }
        return Optional.ofNullable(best);
    }

    /** Small, without endings: "limes" as "lime". */
    private static Set<String> words(String name) {
        Set<String> words = new HashSet<>();
        for (String word : name.toLowerCase(Locale.ROOT).split("[^\\p{L}]+")) {
            if (!word.isEmpty()) {
                words.add(word.replaceAll("(?<=[^s])s$", "").replaceAll("e$", ""));
            }
        }
        return words;
    }

    private String own(String name) {
        String id = slug(name);
        if (catalogue.findIngredient(id).isEmpty()
                && unknown.stream().noneMatch(item -> item.id().equals(id))) {
            unknown.add(OwnIngredient.of(id, cut(name, 60), Category.LARDER, null, null, null, null, null, null, null));
        }
        return id;
    }

    private String freeId(String name) {
        String base = "own-" + slug(name);
        String id = base;
        for (int n = 2; catalogue.findBroth(id).isPresent(); n++) {
            id = base + "-" + n;
        }
        return id;
    }

    private static String slug(String name) {
        String slug =
                name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-+|-+$", "");
        return slug.isEmpty()
                ? "unnamed"
                : slug.substring(0, Math.min(30, slug.length())).replaceAll("-+$", "");
    }

    private double makes(@Nullable JsonNode node) {
        List<String> told = new ArrayList<>();
        if (node != null && node.isArray()) {
            node.forEach(one -> told.add(text(one)));
        } else {
            told.add(text(node));
        }
        List<RecipeAmount> amounts = told.stream()
                .map(RecipeAmount::read)
                .flatMap(Optional::stream)
                .filter(amount -> amount.number() > 0)
                .toList();
        Optional<RecipeAmount> volume =
                amounts.stream().filter(RecipeAmount::isVolume).findFirst();
        double makes = volume.map(RecipeAmount::amount)
                .orElseGet(() -> amounts.stream()
                        .findFirst()
                        .map(servings -> servings.number() * SERVING_ML)
                        .orElse(USUAL_ML));
        double bounded = Math.max(200, Math.min(50_000, makes));
        if (volume.isEmpty()) {
            rows.add(new ImportPreview.Row(
                    0,
                    true,
                    "No volume in recipeYield: taken as " + Math.round(bounded) + " ml; change it if it is not"));
        }
        return bounded;
    }
}
