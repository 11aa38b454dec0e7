package org.livelyladle.core.household;

import java.util.stream.Collectors;
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
        Catalogue food = OwnIngredient.putInto(builtIn, household.ownIngredients());
        Household brewed = household.changed(draft -> {
            draft.ownBroths = OwnMade.broths(household.ownBroths(), food);
            draft.ownSauces = OwnMade.sauces(household.ownSauces(), food);
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
            draft.extras = household.extras().stream()
                    .filter(extra -> known.findExtra(extra.ingredient()).isPresent())
                    .toList();
            draft.sauceBar = household.sauceBar().stream()
                    .filter(part -> known.findBarPart(part).isPresent())
                    .toList();
            draft.pantry = household.pantry().stream()
                    .filter(item -> known.findIngredient(item.ingredient()).isPresent())
                    .toList();
            draft.courses = household.courses().stream()
                    .flatMap(course -> OwnMade.course(course, known).stream())
                    .toList();
            if (draft.courses.isEmpty() && household.order() == SchoolOfOrder.OWN) {
                draft.order = SchoolOfOrder.FLAVOUR_BUILDERS;
            }
        });
    }
}
