package org.livelyladle.core.broths;

import static org.livelyladle.core.measure.Operation.GIVEN;

import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.heat.HeatUp;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;

/** How long broth takes from the tap to the boil under its lid. */
public record BoilUp(Ledger ledger, KitchenText text) {
    /** Water comes cold from the tap [°C]; memory. */
    private static final double TAP_C = 15;

    /**
     * @param watts what reaches the broth [W]
     * @param lossWPerK dry loss of the vessel [W/K]
     * @return null when the heat does not get there [min]
     */
    public @Nullable Figure figure(String id, String title, double ml, double boilC, double watts, double lossWPerK) {
        double joulePerK = ml / 1000 * HeatUp.BROTH_J_PER_KG_K;
        OptionalDouble seconds = HeatUp.seconds(joulePerK, TAP_C, boilC, watts, lossWPerK, HeatUp.ROOM_C);
        if (seconds.isEmpty()) {
            return null;
        }
        double minutes = seconds.getAsDouble() / 60;
        return ledger.figure(id, minutes, "min", KitchenText.minutes(minutes))
                .by(
                        title,
                        "From cold under the lid, on full",
                        GIVEN,
                        () -> List.of(
                                Term.of("it takes", minutes, "min", KitchenText.minutes(minutes), "", Mark.COMPUTED),
                                Term.of("broth", ml, "ml", text.millilitres(ml), "", Mark.COMPUTED),
                                Term.of("from", TAP_C, "°C", text.celsius(TAP_C), "tap", Mark.MEMORY),
                                Term.of("to", boilC, "°C", text.celsius(boilC), "its boil", Mark.COMPUTED),
                                Term.of(
                                        "reaches it",
                                        watts,
                                        "W",
                                        KitchenText.number(watts, 0) + " W",
                                        "rating and efficiency",
                                        Mark.MEMORY),
                                Term.of(
                                        "lost to the room",
                                        lossWPerK,
                                        "W/K",
                                        KitchenText.number(lossWPerK, 1) + " W/K",
                                        "10 W/m²K outside",
                                        Mark.MEMORY)));
    }
}
