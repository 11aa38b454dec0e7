package org.livelyladle.server.exchange;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.livelyladle.core.broths.BrothNeed;

/** Writes a broth as this party makes it as a schema.org Recipe. */
final class RecipeWriter {
    private RecipeWriter() {}

    static Map<String, Object> write(BrothNeed need) {
        double minutes =
                need.steps().stream().mapToDouble(BrothNeed.StepNeed::minutes).sum();
        Map<String, Object> recipe = new LinkedHashMap<>();
        recipe.put("@context", "https://schema.org");
        recipe.put("@type", "Recipe");
        recipe.put("name", need.name());
        recipe.put("description", "Hot pot broth, " + need.source().label());
        recipe.put("recipeYield", millilitres(need.make().value()));
        recipe.put("totalTime", iso(minutes));
        recipe.put("recipeIngredient", ingredients(need));
        recipe.put(
                "recipeInstructions",
                need.steps().stream().map(RecipeWriter::step).toList());
        return recipe;
    }

    private static List<String> ingredients(BrothNeed need) {
        List<String> lines = new ArrayList<>();
        if (need.water().value() > 0) {
            lines.add(millilitres(need.water().value()) + " water");
        }
        if (need.base() != null) {
            lines.add(millilitres(need.base().ml().value()) + " " + need.base().name());
        }
        need.parts()
                .forEach(part -> lines.add(
                        String.format(Locale.ROOT, "%.1f g %s", part.grams().value(), part.name())));
        return lines;
    }

    private static Map<String, Object> step(BrothNeed.StepNeed step) {
        Map<String, Object> direction = new LinkedHashMap<>();
        direction.put("@type", "HowToDirection");
        direction.put("text", step.caution().isEmpty() ? step.text() : step.text() + ". " + step.caution());
        direction.put("performTime", iso(step.minutes()));
        return direction;
    }

    private static String millilitres(double ml) {
        return Math.round(ml) + " ml";
    }

    private static String iso(double minutes) {
        return Duration.ofMinutes(Math.max(1, Math.round(minutes))).toString();
    }
}
