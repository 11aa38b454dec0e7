package org.livelyladle.server.exchange;

import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Ingredient;

/** What a cook knows of the lines of a recipe for broth without being told; all from memory, for the host to correct. */
final class RecipeLore {
    /** Counted things weigh so much where nobody knows [g]. */
    private static final double PIECE_G = 30;

    /** Counted parts of a thing, by what recipes call them without endings [g]. */
    private static final Map<String, Double> PARTS_G =
            Map.of("clov", 5.0, "slic", 5.0, "sprig", 2.0, "leaf", 1.0, "leav", 1.0);

    /** What burns; a broth with any of it is very hot until the host says otherwise. */
    private static final Set<String> SHARP = Set.of(
            "chilli-bean-paste",
            "chilli-broth-paste",
            "chilli-extract",
            "chilli-flakes",
            "chilli-oil",
            "chilli-paste",
            "citrus-chilli-paste",
            "curry-paste",
            "dried-chilli",
            "fermented-cabbage",
            "fermented-chilli-paste",
            "fresh-chilli",
            "numbing-pepper",
            "satay-paste",
            "sour-soup-paste",
            "wasabi",
            "white-pepper");

    /** Salt in what seasons [1]. */
    private static final Map<String, Double> SALT = Map.ofEntries(
            Map.entry("salt", 1.0),
            Map.entry("black-bean-paste", 0.1),
            Map.entry("chilli-bean-paste", 0.15),
            Map.entry("chilli-broth-paste", 0.1),
            Map.entry("curry-paste", 0.06),
            Map.entry("fermented-chilli-paste", 0.08),
            Map.entry("fish-sauce", 0.25),
            Map.entry("hoisin-sauce", 0.05),
            Map.entry("mushroom-broth-powder", 0.35),
            Map.entry("oyster-sauce", 0.11),
            Map.entry("ponzu", 0.08),
            Map.entry("shrimp-paste", 0.25),
            Map.entry("sour-soup-paste", 0.15),
            Map.entry("soy-sauce", 0.16),
            Map.entry("soybean-paste", 0.12),
            Map.entry("stock-cube", 0.5),
            Map.entry("stock-powder", 0.45),
            Map.entry("tamari", 0.16),
            Map.entry("white-miso", 0.07));

    private RecipeLore() {}

    /**
     * What one of a line weighs [g].
     *
     * @param words of the line, without endings
     * @param own words of the ingredient's name
     */
    static double pieceGrams(Set<String> words, Set<String> own, @Nullable Ingredient known) {
        for (Map.Entry<String, Double> part : PARTS_G.entrySet()) {
            if (words.contains(part.getKey()) && !own.contains(part.getKey())) {
                return part.getValue();
            }
        }
        return known == null || known.oneGrams() == null ? PIECE_G : known.oneGrams();
    }

    static boolean isSharp(String ingredient) {
        return SHARP.contains(ingredient);
    }

    /** Salt that comes along with so much of an ingredient [g]. */
    static double saltGrams(String ingredient, double grams) {
        return grams * SALT.getOrDefault(ingredient, 0.0);
    }
}
