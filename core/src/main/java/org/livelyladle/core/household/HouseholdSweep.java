package org.livelyladle.core.household;

import static java.util.Objects.requireNonNullElse;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Course;
import org.livelyladle.core.brief.Deal;
import org.livelyladle.core.brief.ExtraChoice;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.OwnBroth;
import org.livelyladle.core.brief.OwnIngredient;
import org.livelyladle.core.brief.OwnSauce;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.PriceSnapshot;
import org.livelyladle.core.brief.SchoolOfOrder;
import org.livelyladle.core.catalogue.Catalogue;

/** Takes out of a household whatever refers to something that is not there. */
final class HouseholdSweep {
    /** What fills a side whose own broth is gone. */
    private static final String PLAIN = "kelp-water";

    private final Catalogue builtIn;

    HouseholdSweep(Catalogue builtIn) {
        this.builtIn = builtIn;
    }

    Household sweep(Household household) {
        Household brewed = household.changed(draft -> {
            draft.ownBroths = broths(household);
            draft.ownSauces = sauces(household);
        });
        Catalogue known = brewed.extend(builtIn);
        return brewed.changed(draft -> {
            draft.people = household.people().stream()
                    .map(person -> person.wishing(person.wishes().stream()
                            .filter(wish -> known.findCut(wish.cut()).isPresent())
                            .toList()))
                    .toList();
            draft.pots =
                    household.pots().stream().map(pot -> filled(pot, known)).toList();
            draft.prices = prices(household, known);
            draft.sauces = household.sauces() == null
                    ? null
                    : household.sauces().stream()
                            .filter(choice -> known.findSauce(choice.sauce()).isPresent())
                            .toList();
            draft.extras = requireNonNullElse(household.extras(), List.<ExtraChoice>of()).stream()
                    .filter(extra -> known.findExtra(extra.ingredient()).isPresent())
                    .toList();
            draft.sauceBar = requireNonNullElse(household.sauceBar(), List.<String>of()).stream()
                    .filter(part -> known.findBarPart(part).isPresent())
                    .toList();
            draft.pantry = household.pantry().stream()
                    .filter(item -> known.findIngredient(item.ingredient()).isPresent())
                    .toList();
            draft.courses = requireNonNullElse(household.courses(), List.<Course>of()).stream()
                    .flatMap(course -> left(course, known).stream())
                    .toList();
            if (draft.courses.isEmpty() && household.order() == SchoolOfOrder.OWN) {
                draft.order = SchoolOfOrder.FLAVOUR_BUILDERS;
            }
        });
    }

    /** Without parts nobody knows; a broth of which nothing is left is none. */
    private List<OwnBroth> broths(Household household) {
        Catalogue food = OwnIngredient.putInto(builtIn, requireNonNullElse(household.ownIngredients(), List.of()));
        List<OwnBroth> left = new ArrayList<>();
        for (OwnBroth broth : requireNonNullElse(household.ownBroths(), List.<OwnBroth>of())) {
            List<OwnBroth.OwnPart> parts = broth.parts().stream()
                    .filter(part -> food.findIngredient(part.ingredient()).isPresent())
                    .toList();
            if (!parts.isEmpty() || broth.base() != null) {
                left.add(broth.of(parts));
            }
        }
        return left;
    }

    private List<OwnSauce> sauces(Household household) {
        Catalogue food = OwnIngredient.putInto(builtIn, requireNonNullElse(household.ownIngredients(), List.of()));
        List<OwnSauce> left = new ArrayList<>();
        for (OwnSauce sauce : requireNonNullElse(household.ownSauces(), List.<OwnSauce>of())) {
            List<OwnSauce.SaucePart> parts = sauce.parts().stream()
                    .filter(part -> food.findIngredient(part.ingredient()).isPresent())
                    .toList();
            if (!parts.isEmpty()) {
                left.add(sauce.of(parts));
            }
        }
        return left;
    }

    private static Optional<Course> left(Course course, Catalogue known) {
        List<String> cuts = course.cuts().stream()
                .filter(cut -> known.findCut(cut).isPresent())
                .toList();
        return course.kinds().isEmpty() && cuts.isEmpty()
                ? Optional.empty()
                : Optional.of(new Course(course.kinds(), cuts, course.share()));
    }

    private static Pot filled(Pot pot, Catalogue known) {
        return pot.holding(pot.sides().stream()
                .map(side -> known.findBroth(side.broth()).isPresent() ? side : side.holding(PLAIN))
                .toList());
    }

    private static PriceSnapshot prices(Household household, Catalogue known) {
        Set<String> shops = household.shops().stream().map(UsualShop::id).collect(Collectors.toSet());
        List<Offer> offers = household.prices().offers().stream()
                .filter(offer -> shops.contains(offer.shop())
                        && known.findIngredient(offer.ingredient()).isPresent())
                .toList();
        Set<String> ids = offers.stream().map(Offer::id).collect(Collectors.toSet());
        List<Deal> deals = requireNonNullElse(household.prices().deals(), List.<Deal>of()).stream()
                .filter(deal -> ids.contains(deal.offer()))
                .toList();
        return new PriceSnapshot(household.prices().asOf(), offers, deals);
    }
}
