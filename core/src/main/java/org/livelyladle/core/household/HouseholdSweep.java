package org.livelyladle.core.household;

import static java.util.Objects.requireNonNullElse;

import java.util.List;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Course;
import org.livelyladle.core.brief.ExtraChoice;
import org.livelyladle.core.brief.OwnIngredient;
import org.livelyladle.core.brief.SchoolOfOrder;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.edit.OwnMade;

/** Takes out of a household whatever refers to something that is not there. */
final class HouseholdSweep {
    private final Catalogue builtIn;

    HouseholdSweep(Catalogue builtIn) {
        this.builtIn = builtIn;
    }

    Household sweep(Household household) {
        Catalogue food = OwnIngredient.putInto(builtIn, requireNonNullElse(household.ownIngredients(), List.of()));
        Household brewed = household.changed(draft -> {
            draft.ownBroths = OwnMade.broths(requireNonNullElse(household.ownBroths(), List.of()), food);
            draft.ownSauces = OwnMade.sauces(requireNonNullElse(household.ownSauces(), List.of()), food);
        });
        Catalogue known = brewed.extend(builtIn);
        return brewed.changed(draft -> {
            draft.people = household.people().stream()
                    .map(person -> person.wishing(person.wishes().stream()
                            .filter(wish -> known.findCut(wish.cut()).isPresent())
                            .toList()))
                    .toList();
            draft.pots = household.pots().stream()
                    .map(pot -> pot.holding(OwnMade.filled(pot.sides(), known)))
                    .toList();
            draft.prices = OwnMade.prices(
                    household.prices(),
                    household.shops().stream().map(UsualShop::id).collect(Collectors.toSet()),
                    known);
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
                    .flatMap(course -> OwnMade.course(course, known).stream())
                    .toList();
            if (draft.courses.isEmpty() && household.order() == SchoolOfOrder.OWN) {
                draft.order = SchoolOfOrder.FLAVOUR_BUILDERS;
            }
        });
    }
}
