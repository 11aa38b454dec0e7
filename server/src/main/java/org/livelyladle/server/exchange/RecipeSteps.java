package org.livelyladle.server.exchange;

import java.time.DateTimeException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.OwnBroth.OwnStep;
import tools.jackson.databind.JsonNode;

/** Reads recipeInstructions: text, lists, HowToStep, HowToDirection and HowToSection, with their times where told. */
final class RecipeSteps {
    private static final int MOST_STEPS = 30;
    private static final double UNTOLD_MINUTES = 5;
    private static final Pattern PASSIVE =
            Pattern.compile("(?i).*\\b(simmer|soak|steep|rest|chill|leave|stand|infuse|boil for)\\b.*", Pattern.DOTALL);

    private RecipeSteps() {}

    static List<OwnStep> read(JsonNode recipe) {
        List<JsonNode> found = new ArrayList<>();
        collect(recipe.get("recipeInstructions"), found, 0);
        double told = found.stream().mapToDouble(RecipeSteps::minutes).sum();
        long untimed = found.stream().filter(step -> minutes(step) == 0).count();
        double rest = Math.max(0, total(recipe) - told);
        double each = untimed == 0 || rest == 0 ? UNTOLD_MINUTES : rest / untimed;
        List<OwnStep> steps = new ArrayList<>();
        for (JsonNode step : found) {
            String words = RecipeReader.cut(
                    step.isObject() ? RecipeReader.text(step.get("text")) : RecipeReader.text(step),
                    RecipeReader.LONGEST_TEXT);
            if (!words.isEmpty() && steps.size() < MOST_STEPS) {
                double minutes = minutes(step) == 0 ? each : minutes(step);
                steps.add(OwnStep.of(
                        words, Math.min(1440, minutes), PASSIVE.matcher(words).matches()));
            }
        }
        return steps;
    }

    private static void collect(@Nullable JsonNode node, List<JsonNode> into, int depth) {
        if (node == null || depth > RecipeReader.DEEPEST) {
            return;
        }
        if (node.isArray()) {
            node.forEach(child -> collect(child, into, depth + 1));
        } else if (node.has("itemListElement")) {
            collect(node.get("itemListElement"), into, depth + 1);
        } else {
            into.add(node);
        }
    }

    private static double minutes(JsonNode step) {
        return Math.max(duration(step.get("performTime")), duration(step.get("totalTime")));
    }

    private static double total(JsonNode recipe) {
        double whole = duration(recipe.get("totalTime"));
        return whole > 0 ? whole : duration(recipe.get("prepTime")) + duration(recipe.get("cookTime"));
    }

    /** ISO 8601; 0 for none, and for what is none [min]. */
    private static double duration(@Nullable JsonNode node) {
        try {
            double minutes = Duration.parse(RecipeReader.text(node)).toSeconds() / 60.0;
            return minutes < 0 || minutes > 7 * 1440 ? 0 : minutes;
        } catch (DateTimeException | ArithmeticException e) {
            return 0;
        }
    }
}
