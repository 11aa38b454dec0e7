package org.livelyladle.core.evening;

import static org.livelyladle.core.measure.Operation.GIVEN;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.heat.Cooling;
import org.livelyladle.core.heat.HeatUp;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;

/** Cools what is left: in its pot, in shallow boxes, in an ice bath. */
final class LeftOverPlanner {
    private static final double FRIDGE_C = 4;
    private static final double ICE_C = 0;
    /** Broth in a box, rice on a tray [m]. */
    private static final double SHALLOW_M = 0.02;
    /** Rice left in its bowl [m]. */
    private static final double BOWL_M = 0.08;
    /** Ice water stirred now and then round a pot [W/m2K]; memory. */
    private static final double ICE_BATH_W_PER_M2_K = 100;

    /** Less than this is poured away [ml]; memory. */
    private static final double WORTH_KEEPING_ML = 50;

    private static final double KG_PER_M3 = 1000;
    private static final double ML_PER_M3 = 1e6;
    private static final String RICE = "rice";
    private static final String KEEPING =
            "Boil it up once more, sieve it, cool it fast. Label it; 3 to 4 days in the fridge, 2 to 3 months frozen"
                    + " (USDA FSIS, leftovers). Heat again to a rolling boil, %s at least. In doubt throw it away.";
    /** USDA FSIS, leftovers: 165 °F [°C]. */
    private static final double REHEATED_C = 74;

    private static final String KEEPING_RICE =
            "Cool it fast and keep it cold: spores in rice survive cooking. Next day at the latest, heated right"
                    + " through, once only. In doubt throw it away.";

    private final Brief brief;
    private final Catalogue catalogue;
    private final Ledger ledger;
    private final KitchenText text;

    LeftOverPlanner(Brief brief, Catalogue catalogue, Ledger ledger, KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.ledger = ledger;
        this.text = text;
    }

    List<LeftOver> plan(List<PotEvening> pots) {
        List<LeftOver> all = new ArrayList<>();
        for (PotEvening evening : pots) {
            for (SideEvening side : evening.sides()) {
                if (side.endLevel().value() >= WORTH_KEEPING_ML) {
                    all.add(broth(brief.potOf(side.side()), side));
                }
            }
        }
        if (brief.menu().stream()
                .anyMatch(item -> catalogue.cut(item.cut()).ingredient().equals(RICE))) {
            all.add(rice());
        }
        return all;
    }

    private LeftOver broth(Pot pot, SideEvening side) {
        double ml = side.endLevel().value();
        double joulePerK = ml / 1000 * HeatUp.BROTH_J_PER_KG_K;
        double outside = pot.outsideM2() / pot.sides().size();
        String id = side.side();
        return new LeftOver(
                id,
                catalogue
                        .broth(brief.sides().stream()
                                .filter(s -> s.id().equals(id))
                                .findFirst()
                                .orElseThrow()
                                .broth())
                        .name(),
                side.endLevel().text(),
                List.of(
                        way(id + ".pot", "in the pot", joulePerK, HeatUp.DRY_LOSS_W_PER_M2_K * outside, HeatUp.ROOM_C),
                        way(
                                id + ".boxes",
                                "2 cm deep in boxes, in the fridge",
                                joulePerK,
                                bothFaces(ml / ML_PER_M3, SHALLOW_M),
                                FRIDGE_C),
                        way(id + ".ice", "the pot in ice water", joulePerK, ICE_BATH_W_PER_M2_K * outside, ICE_C)),
                KEEPING.formatted(text.celsius(REHEATED_C)));
    }

    /** For any amount: by its depth alone. */
    private LeftOver rice() {
        double joulePerK = HeatUp.FOOD_J_PER_KG_K;
        double volume = 1 / KG_PER_M3;
        return new LeftOver(
                RICE,
                "Cooked rice",
                null,
                List.of(
                        way("rice.bowl", "in its bowl", joulePerK, bothFaces(volume, BOWL_M), HeatUp.ROOM_C),
                        way(
                                "rice.tray",
                                "2 cm deep on a tray, in the fridge",
                                joulePerK,
                                bothFaces(volume, SHALLOW_M),
                                FRIDGE_C)),
                KEEPING_RICE);
    }

    /** A layer that cools through its top and its bottom [W/K]. */
    private static double bothFaces(double volumeM3, double depthM) {
        return HeatUp.DRY_LOSS_W_PER_M2_K * 2 * volumeM3 / depthM;
    }

    private LeftOver.Way way(String id, String name, double joulePerK, double wPerK, double roundC) {
        Cooling cooling = Cooling.of(joulePerK, wPerK, roundC);
        return new LeftOver.Way(
                name,
                figure(
                        "cooling.21." + id,
                        name + ": from " + text.celsius(57) + " to " + text.celsius(21),
                        cooling.to21Seconds(),
                        wPerK,
                        roundC),
                figure(
                        "cooling.5." + id,
                        name + ": from " + text.celsius(57) + " to " + text.celsius(5),
                        cooling.to5Seconds(),
                        wPerK,
                        roundC),
                cooling.isFastEnough());
    }

    private @Nullable Figure figure(String id, String title, OptionalDouble seconds, double wPerK, double roundC) {
        if (seconds.isEmpty()) {
            return null;
        }
        double minutes = seconds.getAsDouble() / 60;
        return ledger.figure(id, minutes, "min", KitchenText.minutes(minutes))
                .by(
                        title,
                        "FDA Food Code 2022, 3-501.14: to " + text.celsius(21) + " within 2 h, to " + text.celsius(5)
                                + " within 6 h in all",
                        GIVEN,
                        () -> List.of(
                                Term.of("it takes", minutes, "min", KitchenText.minutes(minutes), "", Mark.COMPUTED),
                                Term.of(
                                        "heat leaves by",
                                        wPerK,
                                        "W/K",
                                        KitchenText.number(wPerK, 2) + " W/K",
                                        "",
                                        Mark.MEMORY),
                                Term.of("round it", roundC, "°C", text.celsius(roundC), "", Mark.MEMORY)));
    }
}
