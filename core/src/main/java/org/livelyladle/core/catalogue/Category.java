package org.livelyladle.core.catalogue;

import java.util.Arrays;
import java.util.List;

/** What kind of food an ingredient is. All but LARDER are eaten from the pot; larder goods go into broths and sauces. */
public enum Category {
    MEAT("meat", 136, "136 g, 0.30 lb a head for thin-sliced meat"),
    SEAFOOD("seafood", 60, "60 g"),
    BALLS("balls and cakes", 50, "50 g"),
    TOFU("tofu and bean", 60, "60 g"),
    MUSHROOMS("mushrooms", 50, "50 g"),
    LEAVES("leaves", 110, "110 g"),
    ROOTS("roots", 60, "60 g"),
    STARCH("starch", 75, "75 g dry"),
    LARDER("larder", 0, "");

    private static final List<Category> SERVED =
            Arrays.stream(values()).filter(category -> category != LARDER).toList();

    private final String label;
    private final double gramsPerAdult;
    private final String source;

    Category(String label, double gramsPerAdult, String source) {
        this.label = label;
        this.gramsPerAdult = gramsPerAdult;
        this.source = source;
    }

    public String label() {
        return label;
    }

    /** Usual raw weight for one regular eater [g]; starch as dry equivalent. Meat is common practice, the rest memory. */
    public double gramsPerAdult() {
        return gramsPerAdult;
    }

    public String source() {
        return source;
    }

    /** Whether it goes into a pot that is there for dipping only. */
    public boolean isDippedToWrap() {
        return this == MEAT || this == SEAFOOD || this == BALLS || this == TOFU;
    }

    /** The categories that are served at the table, in order. */
    public static List<Category> served() {
        return SERVED;
    }
}
