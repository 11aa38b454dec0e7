package org.livelyladle.core.catalogue;

import java.util.Arrays;
import java.util.List;

/** What kind of food an ingredient is. All but LARDER are eaten from the pot; larder goods go into broths and sauces. */
public enum Category {
    MEAT("meat", 136, 230, "136 g, 0.30 lb a head for thin-sliced meat"),
    SEAFOOD("seafood", 60, 200, "60 g"),
    BALLS("balls and cakes", 50, 120, "50 g"),
    TOFU("tofu, bean and egg", 60, 200, "60 g"),
    MUSHROOMS("mushrooms", 50, 120, "50 g"),
    LEAVES("leaves", 110, 200, "110 g"),
    /** Slow: daikon, carrot, potato, corn. */
    ROOTS("roots", 35, 150, "35 g"),
    /** Ready in a few minutes: asparagus, beans, peppers. */
    VEGETABLES("quick vegetables", 25, 120, "25 g"),
    STARCH("starch", 75, 120, "75 g dry"),
    LARDER("larder", 0, 0, "");

    private static final List<Category> SERVED =
            Arrays.stream(values()).filter(category -> category != LARDER).toList();

    private final String label;
    private final double gramsPerAdult;
    private final double mostOfOne;
    private final String source;

    Category(String label, double gramsPerAdult, double mostOfOne, String source) {
        this.label = label;
        this.gramsPerAdult = gramsPerAdult;
        this.mostOfOne = mostOfOne;
        this.source = source;
    }

    public String label() {
        return label;
    }

    /** Usual raw weight for one regular eater [g]; starch as dry equivalent. Meat is common practice, the rest memory. */
    public double gramsPerAdult() {
        return gramsPerAdult;
    }

    /** A regular eater takes no more of one food of the kind [g]; starch as dry equivalent; memory. */
    public double mostOfOne() {
        return mostOfOne;
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
