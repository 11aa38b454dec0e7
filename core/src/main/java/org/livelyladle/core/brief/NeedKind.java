package org.livelyladle.core.brief;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Allergen;

/**
 * What a guest keeps away from. Contact kinds bar a whole side once it has held the thing; state kinds bar only the
 * item that is raw or runny.
 */
public enum NeedKind {
    VEGAN("vegan"),
    VEGETARIAN("vegetarian"),
    NO_PORK("no pork"),
    NO_BEEF("no beef"),
    NO_ALCOHOL("no alcohol"),
    GLUTEN("no gluten", Allergen.GLUTEN),
    CRUSTACEANS("no crustaceans", Allergen.CRUSTACEANS),
    EGGS("no eggs", Allergen.EGGS),
    FISH("no fish", Allergen.FISH),
    PEANUTS("no peanuts", Allergen.PEANUTS),
    SOYBEANS("no soy", Allergen.SOYBEANS),
    MILK("no milk", Allergen.MILK),
    NUTS("no tree nuts", Allergen.NUTS),
    CELERY("no celery", Allergen.CELERY),
    MUSTARD("no mustard", Allergen.MUSTARD),
    SESAME("no sesame", Allergen.SESAME),
    SULPHITES("no sulphites", Allergen.SULPHITES),
    LUPIN("no lupin", Allergen.LUPIN),
    MOLLUSCS("no molluscs", Allergen.MOLLUSCS),
    /**
     * No raw or runny egg, nothing rare, no alcohol, of which simmering leaves some; medicinal herbs only after asking a
     * professional, so they bar a side too.
     */
    PREGNANT("pregnant"),
    /** No raw or runny egg, nothing rare, no alcohol, nothing that is whole and round. */
    SMALL_CHILD("small child"),
    IMMUNE_WEAK("weak immune system"),
    /** Bars nothing: one side is kept low in salt for such a guest. */
    LOW_SALT("low salt");

    private final String label;
    private final @Nullable Allergen allergen;

    NeedKind(String label) {
        this(label, null);
    }

    NeedKind(String label, @Nullable Allergen allergen) {
        this.label = label;
        this.allergen = allergen;
    }

    public String label() {
        return label;
    }

    public Optional<Allergen> allergen() {
        return Optional.ofNullable(allergen);
    }

    /** True for guests to whom raw egg and rare food are not served. */
    public boolean isDelicate() {
        return this == PREGNANT || this == SMALL_CHILD || this == IMMUNE_WEAK;
    }
}
