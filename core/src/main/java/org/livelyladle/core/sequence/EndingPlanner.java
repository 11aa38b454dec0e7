package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Ending;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.portions.GuestTotal;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;
import org.livelyladle.core.safety.SideAccess;
import org.livelyladle.core.table.EndingPlan;

/**
 * Finds the side for what the meal ends with: one where its ingredients reach nobody they would harm, that serves most of
 * those who are still there, mild before hot. Amounts a head and times are from memory.
 */
final class EndingPlanner {
    private static final String RICE = "rice";
    private static final String EGG = "egg";
    /** One egg, without its shell [g]. */
    private static final double EGG_G = 50;

    private static final double EGG_ON_RICE_G = 20;
    private static final double FRIED_RICE_G = 120;
    private static final double PORRIDGE_RICE_G = 80;
    private static final int SOUP_ML = 150;
    /** What stays in a side in which rice is fried [ml]. */
    private static final int FRYING_ML = 200;

    private static final int MINUTE = 60;

    private final Brief brief;
    private final Catalogue catalogue;
    private final SideAllocator.Allocation allocation;
    private final Portions portions;
    private final Minders minders;

    EndingPlanner(
            Brief brief, Catalogue catalogue, SideAllocator.Allocation allocation, Portions portions, Minders minders) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.allocation = allocation;
        this.portions = portions;
        this.minders = minders;
    }

    /** None where none is wanted, or where no side can take it. */
    @Nullable
    EndingPlan plan() {
        Ending ending = brief.ending();
        if (ending == null) {
            return null;
        }
        return variants(ending.kind()).stream()
                .flatMap(ingredients ->
                        best(ending, ingredients).stream().map(side -> describe(ending.kind(), side, ingredients)))
                .findFirst()
                .orElse(null);
    }

    /** What goes in, the fullest first. */
    private static List<List<String>> variants(Ending.Kind kind) {
        return switch (kind) {
            case SOUP -> List.of(List.of());
            case EGG -> List.of(List.of(EGG));
            case FRIED_RICE -> List.of(List.of(RICE, EGG), List.of(RICE));
            case PORRIDGE -> List.of(List.of(RICE));
        };
    }

    private List<Ingredient> known(List<String> ingredients) {
        return ingredients.stream().map(catalogue::ingredient).toList();
    }

    private Optional<Side> best(Ending ending, List<String> ingredients) {
        List<Content> contents = known(ingredients).stream().map(Content::of).toList();
        return brief.sides().stream()
                .filter(side -> ending.side() == null || ending.side().equals(side.id()))
                .filter(side -> contents.stream().allMatch(content -> harmsNobody(content, side)))
                .filter(side -> brief.guests().stream().anyMatch(guest -> eats(guest, side, ingredients)))
                .min(Comparator.comparing((Side side) -> -brief.guests().stream()
                                .filter(guest -> eats(guest, side, ingredients))
                                .count())
                        .thenComparing(side -> catalogue.broth(side.broth()).heat())
                        .thenComparing(Side::id));
    }

    /** No side of the pot is kept for somebody who keeps away from it. */
    private boolean harmsNobody(Content content, Side side) {
        for (Guest guest : brief.guests()) {
            if (allocation.mayEatFrom(guest, side)
                    && !Needs.brokenByContact(guest, content).isEmpty()) {
                return false;
            }
            boolean near =
                    brief.potOf(side.id()).sides().stream().anyMatch(other -> allocation.mayEatFrom(guest, other));
            boolean accepts = brief.decisions().acceptsSplash(guest, brief.potOf(side.id()));
            if (near && !accepts && !Needs.brokenBySplash(guest, content).isEmpty()) {
                return false;
            }
        }
        return true;
    }

    private boolean eats(Guest guest, Side side, List<String> ingredients) {
        return isThere(guest) && reason(guest, side, ingredients).isEmpty();
    }

    private boolean isThere(Guest guest) {
        return guest.leavesWithin(brief.mealMinutes()) == brief.mealMinutes()
                && guest.arrivesAfterMinutes() < brief.mealMinutes();
    }

    /** Why somebody gets none of it; empty for who does. */
    private String reason(Guest guest, Side side, List<String> ingredients) {
        String against = against(guest, ingredients, catalogue);
        return !against.isEmpty() || allocation.mayEatFrom(guest, side)
                ? against
                : "that side is not open to " + guest.name();
    }

    /** The first of some ingredients that a need of a guest stands against, and that need; empty where none does. */
    private static String against(Guest guest, List<String> ingredients, Catalogue catalogue) {
        for (String id : ingredients) {
            Ingredient ingredient = catalogue.ingredient(id);
            Content content = Content.of(ingredient);
            List<Need> broken = Needs.brokenByEating(guest, content);
            if (!broken.isEmpty()) {
                return KitchenText.lower(ingredient.name()) + ": " + Needs.labels(broken, content);
            }
        }
        return "";
    }

    /** One that has begun goes on, for those whom nothing stands against by now. */
    static EndingPlan goingOn(EndingPlan begun, Side side, Brief brief, Catalogue catalogue, SideAccess access) {
        List<String> ingredients =
                begun.parts().stream().map(EndingPlan.Part::ingredient).toList();
        List<EndingPlan.Without> out = new ArrayList<>();
        for (String id : begun.eaters()) {
            Guest guest = brief.guest(id).orElseThrow();
            String against = against(guest, ingredients, catalogue);
            String reason = !against.isEmpty()
                    ? against
                    : access.closed(guest, side).map(SideAccess.Closed::reason).orElse("");
            if (!reason.isEmpty()) {
                out.add(new EndingPlan.Without(id, reason));
            }
        }
        return begun.but(out);
    }

    private EndingPlan describe(Ending.Kind kind, Side side, List<String> ingredients) {
        List<Guest> there = brief.guests().stream().filter(this::isThere).toList();
        List<Guest> eaters =
                there.stream().filter(guest -> eats(guest, side, ingredients)).toList();
        int until = brief.mealMinutes() * MINUTE;
        int from = until - minutes(kind) * MINUTE;
        String minder = minders.ofPot(brief.potOf(side.id()).id());
        List<EndingPlan.Part> parts =
                ingredients.stream().map(id -> part(kind, id, eaters)).toList();
        return new EndingPlan(
                kind,
                side.id(),
                from,
                until,
                minder.isEmpty() ? null : minder,
                eaters.stream().map(Guest::id).toList(),
                there.stream()
                        .filter(guest -> !eaters.contains(guest))
                        .map(guest -> new EndingPlan.Without(guest.id(), reason(guest, side, ingredients)))
                        .toList(),
                parts,
                steps(kind, from, eaters.size(), parts));
    }

    static int minutes(Ending.Kind kind) {
        return switch (kind) {
            case SOUP -> 4;
            case EGG -> 7;
            case FRIED_RICE -> 8;
            case PORRIDGE -> 15;
        };
    }

    /** Eggs are whole ones, one each; all else by appetite. */
    private EndingPlan.Part part(Ending.Kind kind, String ingredient, List<Guest> eaters) {
        boolean whole = kind == Ending.Kind.EGG;
        double each = whole
                ? EGG_G
                : ingredient.equals(EGG)
                        ? EGG_ON_RICE_G
                        : kind == Ending.Kind.FRIED_RICE ? FRIED_RICE_G : PORRIDGE_RICE_G;
        double heads = whole
                ? eaters.size()
                : eaters.stream().mapToDouble(this::appetite).sum();
        return new EndingPlan.Part(ingredient, catalogue.ingredient(ingredient).name(), each, heads, each * heads);
    }

    private double appetite(Guest guest) {
        return portions.guests().stream()
                .filter(total -> total.guest().equals(guest.id()))
                .map(GuestTotal::factor)
                .mapToDouble(figure -> figure.value())
                .findFirst()
                .orElse(1);
    }

    private List<EndingPlan.Step> steps(Ending.Kind kind, int from, int eaters, List<EndingPlan.Part> parts) {
        List<EndingPlan.Step> steps = new ArrayList<>();
        String rice = parts.stream()
                .filter(part -> part.ingredient().equals(RICE))
                .map(part -> Math.round(part.grams()) + " g of cooked rice")
                .findFirst()
                .orElse("");
        boolean egg = parts.stream().anyMatch(part -> part.ingredient().equals(EGG));
        switch (kind) {
            case SOUP -> {
                step(steps, from, 0, "Let it boil for a full minute, nothing raw inside");
                step(steps, from, 2, "Ladle the soup, " + SOUP_ML + " ml each");
            }
            case EGG -> {
                step(steps, from, 0, "Turn it down until it only just simmers");
                step(steps, from, 1, "Slide in " + eaters + (eaters == 1 ? " egg" : " eggs"));
                step(steps, from, 6, "Lift them out when white and yolk are firm, 71 °C inside");
            }
            case FRIED_RICE -> {
                step(steps, from, 0, "Ladle out all but about " + FRYING_ML + " ml");
                step(steps, from, 1, "In with " + rice + ", press and stir");
                step(steps, from, 5, egg ? "Beaten egg over it, stir until it is firm" : "Stir until it hisses");
                step(steps, from, 7, "Share it out, steaming hot");
            }
            case PORRIDGE -> {
                step(steps, from, 0, "In with " + rice + ", stir");
                step(steps, from, 7, "Stir again, a ladle of broth where it is thick");
                step(steps, from, 13, "Share it out, steaming hot");
            }
        }
        return steps;
    }

    private static void step(List<EndingPlan.Step> steps, int from, int minute, String text) {
        steps.add(new EndingPlan.Step(from + minute * MINUTE, text));
    }
}
