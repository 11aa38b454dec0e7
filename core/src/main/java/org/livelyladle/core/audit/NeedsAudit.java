package org.livelyladle.core.audit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Decisions.SplashChoice;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.Strength;
import org.livelyladle.core.catalogue.Allergen;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.check.Violation;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.EndingPlan;
import org.livelyladle.core.table.SoupRound;
import org.livelyladle.core.table.TableState;

/**
 * H1: nobody is fed against a need, nor from a side that held at any time of the evening what the need keeps away from:
 * broth, food, what fell in, what the meal ends with.
 */
final class NeedsAudit {
    private final Brief brief;
    private final Catalogue catalogue;
    private final List<Drop> drops;
    private final @Nullable EndingPlan ending;
    private final List<SoupRound> soupRounds;
    private final List<TableState.FellIn> fellIn;
    /** What was taken out by then is eaten [s from sitting down]. */
    private final int since;

    private final List<Violation> violations = new ArrayList<>();

    NeedsAudit(
            Brief brief,
            Catalogue catalogue,
            List<Drop> drops,
            @Nullable EndingPlan ending,
            List<SoupRound> soupRounds,
            TableState state) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.drops = drops;
        this.ending = ending;
        this.soupRounds = soupRounds;
        this.fellIn = state.fellIn();
        this.since = state.at();
    }

    /** All of them, in no case stopping at the first. */
    List<Violation> violations() {
        Map<String, List<Ingredient>> held = new HashMap<>();
        for (Pot pot : brief.pots()) {
            for (Side side : pot.sides()) {
                List<Ingredient> inside = held.computeIfAbsent(side.id(), s -> new ArrayList<>());
                String broth = side.broth();
                while (broth != null) {
                    Broth made = catalogue.broth(broth);
                    made.parts().forEach(part -> inside.add(catalogue.ingredient(part.ingredient())));
                    broth = made.base() == null ? null : made.base().broth();
                }
            }
        }
        drops.forEach(drop -> held.get(drop.side()).add(ingredientOf(drop)));
        fellIn.forEach(fallen -> held.get(fallen.side()).add(catalogue.ingredient(fallen.ingredient())));
        if (ending != null) {
            ending.parts().forEach(part -> held.get(ending.side()).add(catalogue.ingredient(part.ingredient())));
            for (String id : ending.eaters()) {
                needsOf(guest(id))
                        .keySet()
                        .forEach(kind -> held.get(ending.side()).stream()
                                .filter(ingredient -> breaksInABowl(kind, guest(id), ingredient))
                                .forEach(ingredient -> violations.add(Violation.of(
                                        "H1",
                                        "ending",
                                        guest(id).name() + " gets the ending with " + ingredient.id() + " against "
                                                + kind))));
            }
        }
        for (SoupRound round : soupRounds) {
            for (String id : round.eaters()) {
                needsOf(guest(id))
                        .forEach((kind, strength) -> held.get(round.side()).stream()
                                .filter(ingredient -> strength != Strength.DISLIKE && breaks(kind, ingredient))
                                .forEach(ingredient -> violations.add(Violation.of(
                                        "H1",
                                        round.side(),
                                        guest(id).name() + " gets soup with " + ingredient.id() + " against "
                                                + kind))));
            }
        }
        for (Drop drop : drops) {
            for (String id : stillToEat(drop)) {
                Guest guest = guest(id);
                needsOf(guest).forEach((kind, strength) -> checkNeed(drop, guest, kind, strength, held));
            }
        }
        return violations;
    }

    private Set<String> stillToEat(Drop drop) {
        Set<String> eaters = new TreeSet<>();
        drop.inBroth().stream()
                .filter(stay -> stay.takeOut() > since)
                .forEach(stay -> stay.servings().forEach(serving -> eaters.add(serving.guest())));
        return eaters;
    }

    private void checkNeed(Drop drop, Guest guest, String kind, Strength strength, Map<String, List<Ingredient>> held) {
        if (breaks(kind, ingredientOf(drop))) {
            violations.add(Violation.of("H1", drop.id(), guest.name() + " is fed " + drop.cut() + " against " + kind));
        }
        if (strength == Strength.DISLIKE) {
            return;
        }
        Set<String> vessel = new LinkedHashSet<>(List.of(drop.side()));
        Pot pot = brief.potOf(drop.side());
        boolean accepted = brief.decisions().splashes().contains(new SplashChoice(guest.id(), pot.id()));
        if (strength == Strength.MEDICAL && !accepted) {
            pot.sides().forEach(side -> vessel.add(side.id()));
        }
        for (String side : vessel) {
            for (Ingredient ingredient : held.get(side)) {
                if (breaks(kind, ingredient)) {
                    String text = "%s is fed from %s while %s holds %s against %s"
                            .formatted(guest.name(), drop.side(), side, ingredient.id(), kind);
                    violations.add(Violation.of("H1", drop.id(), text));
                }
            }
        }
    }

    /** What is ladled from a side holds all it held; a mere dislike asks only for what goes in by itself. */
    private boolean breaksInABowl(String kind, Guest guest, Ingredient ingredient) {
        boolean itself = ending != null
                && ending.parts().stream().anyMatch(part -> part.ingredient().equals(ingredient.id()));
        return breaks(kind, ingredient) && (itself || needsOf(guest).get(kind) != Strength.DISLIKE);
    }

    /** This file's own reading of what a need forbids, by name. */
    private static boolean breaks(String kind, Ingredient ingredient) {
        String origin = ingredient.origin().name();
        Set<String> traits = new LinkedHashSet<>();
        ingredient.traits().forEach(trait -> traits.add(trait.name()));
        return switch (kind) {
            case "VEGAN" -> !origin.equals("PLANT");
            case "VEGETARIAN" -> origin.equals("MEAT") || origin.equals("FISH");
            case "NO_PORK", "NO_BEEF", "NO_ALCOHOL" -> traits.contains(kind.substring("NO_".length()));
            case "PREGNANT" -> traits.contains("MEDICINAL_HERB") || traits.contains("ALCOHOL");
            case "SMALL_CHILD" -> traits.contains("ALCOHOL");
            case "IMMUNE_WEAK", "LOW_SALT" -> false;
            default -> ingredient.allergens().contains(Allergen.valueOf(kind));
        };
    }

    /** Needs by name and how strictly they are kept here: what makes somebody delicate is never a mere dislike. */
    static Map<String, Strength> needsOf(Guest guest) {
        Map<String, Strength> needs = new LinkedHashMap<>();
        for (Need need : guest.needs()) {
            String kind = need.kind().name();
            boolean delicate = Set.of("PREGNANT", "SMALL_CHILD", "IMMUNE_WEAK").contains(kind);
            needs.put(kind, delicate && need.strength() == Strength.DISLIKE ? Strength.DIET : need.strength());
        }
        if (Set.of("CHILD", "TODDLER").contains(guest.appetite().name())) {
            needs.putIfAbsent("SMALL_CHILD", Strength.DIET);
        }
        return needs;
    }

    private Ingredient ingredientOf(Drop drop) {
        return catalogue.ingredient(catalogue.cut(drop.cut()).ingredient());
    }

    private Guest guest(String id) {
        return brief.guest(id).orElseThrow();
    }
}
