package org.livelyladle.core.afterwards;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;

/** A soup of each broth that is left, and fried rice of what no soup has room for. Amounts a head are from memory. */
final class NextDayPlanner {
    private static final double BROTH_ML = 350;
    private static final double FOOD_G = 150;
    private static final double RICE_FOOD_G = 120;
    private static final double DRY_RICE_G = 80;
    /** Cooked rice weighs so many times the dry one; common practice. */
    private static final double COOKED = 2.5;

    private static final int MOST_PEOPLE = 12;
    /** Cooked food that is kept and eaten hot is heated again to this; FDA Food Code 3-403.11 [°C]. */
    private static final double HEATED_AGAIN_C = 74;

    private static final String RICE = "rice";
    private static final String EGG = "egg";

    private final Brief brief;
    private final Catalogue catalogue;
    private final KitchenText text;
    private final Contents contents;

    NextDayPlanner(Brief brief, Catalogue catalogue, KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.text = text;
        this.contents = new Contents(brief, catalogue);
    }

    /** Food that may still be eaten, less what is used up. */
    private static final class Rest {
        private final Cut cut;
        private final Keeping keeping;
        private final Category category;
        private double grams;

        Rest(Cut cut, Keeping keeping, Category category, double grams) {
            this.cut = cut;
            this.keeping = keeping;
            this.category = category;
            this.grams = grams;
        }

        boolean isRice() {
            return cut.ingredient().equals(RICE);
        }
    }

    List<NextDay> plan(Plan plan, Journal journal, List<Keeping> keeping) {
        List<Rest> food = rests(plan, journal, keeping);
        List<NextDay> meals = new ArrayList<>();
        journal.broths().stream()
                .filter(broth -> broth.ml() >= BROTH_ML)
                .forEach(broth ->
                        of(broth.side(), keeping).ifPresent(kept -> meals.add(soup(plan, kept, broth.ml(), food))));
        double solid = food.stream()
                .filter(rest -> rest.category != Category.STARCH)
                .mapToDouble(rest -> rest.grams)
                .sum();
        if (solid >= RICE_FOOD_G) {
            meals.add(friedRice(solid, food));
        }
        return meals;
    }

    private static Optional<Keeping> of(String subject, List<Keeping> keeping) {
        return keeping.stream()
                .filter(kept -> kept.subject().equals(subject) && kept.until() != null)
                .findFirst();
    }

    private List<Rest> rests(Plan plan, Journal journal, List<Keeping> keeping) {
        List<Rest> rests = new ArrayList<>();
        for (Journal.Left left : journal.left()) {
            of(left.cut(), keeping).ifPresent(kept -> {
                Cut cut = catalogue.cut(left.cut());
                double served =
                        plan.portions().total(left.cut()).orElseThrow().grams().value();
                rests.add(new Rest(cut, kept, catalogue.ingredientOf(cut).category(), left.gramsOf(served)));
            });
        }
        return rests;
    }

    /** A meal being put together. */
    private final class Meal {
        private final List<NextDay.Part> parts = new ArrayList<>();
        private final List<Content> holds = new ArrayList<>();
        private LocalDate until;
        private boolean hasRaw;
        private boolean hasCooked;

        Meal(LocalDate until) {
            this.until = until;
        }

        /** So much of what is left, the rest stays for others [g]. */
        void take(Rest rest, double grams) {
            double taken = Math.min(rest.grams, grams);
            if (taken < 1) {
                return;
            }
            rest.grams -= taken;
            parts.add(new NextDay.Part(rest.keeping.name(), text.grams(taken), false));
            holds.add(Content.of(rest.cut, catalogue));
            LocalDate keeps = Objects.requireNonNull(rest.keeping.until());
            until = keeps.isBefore(until) ? keeps : until;
            boolean isRaw = rest.keeping.way() != Keeping.Way.EAT_COOKED && rest.cut.rawRisk() != RawRisk.NONE;
            hasRaw |= isRaw && !rest.keeping.isCooked();
            hasCooked |= rest.keeping.isCooked() || rest.keeping.way() == Keeping.Way.EAT_COOKED;
        }

        /** Of all of them in proportion, up to so much in all [g]. */
        void takeOf(List<Rest> rests, double grams) {
            double there = rests.stream().mapToDouble(rest -> rest.grams).sum();
            double share = there <= grams ? 1 : grams / there;
            rests.forEach(rest -> take(rest, rest.grams * share));
        }

        void get(String ingredient, String amount) {
            parts.add(new NextDay.Part(catalogue.ingredient(ingredient).name(), amount, true));
            holds.add(Content.of(catalogue.ingredient(ingredient)));
        }

        NextDay done(NextDay.Kind kind, String name, int people, List<String> how) {
            Content all = Content.union(holds);
            List<String> steps = new ArrayList<>(how);
            if (hasRaw) {
                steps.add("What is raw first, until it is cooked through.");
            }
            if (hasCooked) {
                steps.add("What was cooked is heated to " + text.celsius(HEATED_AGAIN_C)
                        + " right through, once (FDA Food Code 3-403.11).");
            }
            return new NextDay(
                    kind,
                    name,
                    people,
                    until,
                    parts,
                    List.copyOf(all.allergens()),
                    brief.guests().stream()
                            .filter(guest -> !Needs.brokenByEating(guest, all).isEmpty())
                            .map(guest ->
                                    new NextDay.NotFor(guest.id(), Needs.labels(Needs.brokenByEating(guest, all), all)))
                            .toList(),
                    steps);
        }
    }

    private static List<Rest> solid(List<Rest> food) {
        return food.stream().filter(rest -> rest.category != Category.STARCH).toList();
    }

    private NextDay soup(Plan plan, Keeping broth, double ml, List<Rest> food) {
        int people = (int) Math.min(MOST_PEOPLE, ml / BROTH_ML);
        Meal meal = new Meal(Objects.requireNonNull(broth.until()));
        meal.parts.add(new NextDay.Part(broth.name(), text.millilitres(people * BROTH_ML), false));
        meal.holds.add(contents.ofSide(broth.subject(), plan.table().drops()));
        meal.takeOf(solid(food), people * FOOD_G);
        List<Rest> noodles = food.stream()
                .filter(rest -> rest.category == Category.STARCH && !rest.isRice())
                .toList();
        double wanted = people * Category.STARCH.gramsPerAdult();
        double there = noodles.stream()
                .mapToDouble(rest -> rest.grams * rest.cut.dryShare())
                .sum();
        noodles.forEach(rest -> meal.take(rest, rest.grams * Math.min(1, wanted / Math.max(1, there))));
        if (there < wanted / 2) {
            meal.get(RICE, text.grams(wanted - there) + " dry");
        }
        return meal.done(
                NextDay.Kind.SOUP,
                "Soup of " + KitchenText.lower(broth.name()),
                people,
                List.of(
                        "Bring the broth to a rolling boil and skim it.",
                        there < wanted / 2
                                ? "Cook the rice beside it."
                                : "Noodles in their own water, so that the broth stays clear."));
    }

    private NextDay friedRice(double solid, List<Rest> food) {
        int people = (int) Math.min(MOST_PEOPLE, solid / RICE_FOOD_G);
        Meal meal = new Meal(LocalDate.MAX);
        meal.takeOf(solid(food), people * RICE_FOOD_G);
        double wanted = people * DRY_RICE_G;
        double there = 0;
        for (Rest rest : food) {
            if (rest.isRice() && there < wanted) {
                double before = rest.grams;
                meal.take(rest, (wanted - there) * COOKED);
                there += (before - rest.grams) / COOKED;
            }
        }
        if (wanted - there >= 1) {
            meal.get(RICE, text.grams(wanted - there) + " dry");
        }
        meal.get(EGG, people + (people == 1 ? " egg" : " eggs"));
        return meal.done(
                NextDay.Kind.FRIED_RICE,
                "Fried rice of the rest",
                people,
                List.of(
                        "Rice cooked and cooled fast, cold from the fridge, within a day.",
                        "All chopped small; the pan very hot, a plateful at a time; the eggs last, set through."));
    }
}
