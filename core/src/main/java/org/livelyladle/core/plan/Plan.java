package org.livelyladle.core.plan;

import java.util.List;
import org.livelyladle.core.advice.Caution;
import org.livelyladle.core.advice.LateRemedy;
import org.livelyladle.core.advice.Suggestion;
import org.livelyladle.core.advice.Unmet;
import org.livelyladle.core.broths.Broths;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.equipment.Equipment;
import org.livelyladle.core.evening.Evening;
import org.livelyladle.core.extras.Extras;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.prep.Prep;
import org.livelyladle.core.purchases.Purchases;
import org.livelyladle.core.sauces.Sauces;
import org.livelyladle.core.table.TablePlan;

/**
 * Everything computed for a party. The same brief, catalogue, facts and day give an equal plan.
 *
 * @param evening each pot from sitting down to the finish
 * @param extras what stands beside the pots
 * @param equipment what to set out besides food
 * @param unmet what cannot be given, worst first
 * @param lateRemedies what would bring prep back into time, cheapest first; none when it is in time
 * @param suggestions what would make a better menu or a smaller bill
 * @param ownFood the household's own ingredients as planned with
 */
public record Plan(
        Portions portions,
        Broths broths,
        List<CookingWindow> windows,
        TablePlan table,
        Evening evening,
        Sauces sauces,
        Extras extras,
        Purchases purchases,
        Prep prep,
        List<LateRemedy> lateRemedies,
        List<Equipment> equipment,
        List<Caution> cautions,
        List<Unmet> unmet,
        List<Suggestion> suggestions,
        OwnFood ownFood) {

    public Plan {
        windows = List.copyOf(windows);
        lateRemedies = List.copyOf(lateRemedies);
        equipment = List.copyOf(equipment);
        cautions = List.copyOf(cautions);
        unmet = List.copyOf(unmet);
        suggestions = List.copyOf(suggestions);
    }
}
