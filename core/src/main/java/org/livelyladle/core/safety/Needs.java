package org.livelyladle.core.safety;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Strength;
import org.livelyladle.core.catalogue.Origin;
import org.livelyladle.core.catalogue.Trait;

/**
 * What each need forbids. A child by appetite counts as a small child, and what keeps a pregnant, small or immune-weak
 * guest safe is never a matter of taste: see {@link Guest#needsInForce()}.
 */
public final class Needs {
    private Needs() {}

    /** Needs that keep a guest from eating this. */
    public static List<Need> brokenByEating(Guest guest, Content content) {
        return broken(
                guest, need -> forbids(need.kind(), content) || need.kind().isDelicate() && content.rawEgg());
    }

    /** Needs that keep a guest from a side that has held this. */
    public static List<Need> brokenByContact(Guest guest, Content content) {
        return broken(guest, need -> need.strength() != Strength.DISLIKE && forbids(need.kind(), content));
    }

    /** Needs so strict that even a splash from the neighbouring side counts. */
    public static List<Need> brokenBySplash(Guest guest, Content content) {
        return broken(guest, need -> need.strength() == Strength.MEDICAL && forbids(need.kind(), content));
    }

    /** "vegan, pregnant (alcohol)": for whoever asks why. */
    public static String labels(List<Need> needs, Content content) {
        return needs.stream()
                .map(need -> label(need.kind(), content))
                .distinct()
                .collect(Collectors.joining(", "));
    }

    private static String label(NeedKind kind, Content content) {
        if (!kind.isDelicate()) {
            return kind.label();
        }
        List<String> what = new ArrayList<>();
        if (content.rawEgg()) {
            what.add("raw egg");
        }
        if (content.traits().contains(Trait.ALCOHOL)) {
            what.add("alcohol");
        }
        if (kind == NeedKind.PREGNANT && content.traits().contains(Trait.MEDICINAL_HERB)) {
            what.add("medicinal herbs");
        }
        return kind.label() + " (" + String.join(", ", what) + ")";
    }

    private static List<Need> broken(Guest guest, Predicate<Need> test) {
        return guest.needsInForce().stream().filter(test).toList();
    }

    /** Every kind stands here by name: one that is added does not compile until somebody says what it forbids. */
    private static boolean forbids(NeedKind kind, Content content) {
        return switch (kind) {
            case VEGAN -> content.origins().stream().anyMatch(origin -> origin != Origin.PLANT);
            case VEGETARIAN -> content.origins().stream().anyMatch(Origin::isFlesh);
            case NO_PORK -> content.traits().contains(Trait.PORK);
            case NO_BEEF -> content.traits().contains(Trait.BEEF);
            case NO_ALCOHOL, SMALL_CHILD -> content.traits().contains(Trait.ALCOHOL);
            case PREGNANT ->
                content.traits().contains(Trait.MEDICINAL_HERB)
                        || content.traits().contains(Trait.ALCOHOL);
            case IMMUNE_WEAK, LOW_SALT -> false;
            case GLUTEN,
                    CRUSTACEANS,
                    EGGS,
                    FISH,
                    PEANUTS,
                    SOYBEANS,
                    MILK,
                    NUTS,
                    CELERY,
                    MUSTARD,
                    SESAME,
                    SULPHITES,
                    LUPIN,
                    MOLLUSCS -> content.allergens().contains(kind.allergen().orElseThrow());
        };
    }
}
