package org.livelyladle.core.evening;

import java.util.List;
import org.livelyladle.core.measure.Figure;

/**
 * One side from sitting down to the finish.
 *
 * @param startSalt as it comes to the table [g per 100 g]
 * @param lowest the coolest moment [°C]
 * @param endLevel broth left at the finish [ml]
 * @param endSalt salt at the finish [g per 100 g]
 * @param reserve broth to keep hot for topping up, with a spare dose [ml]
 * @param hotWater water to keep hot for topping up, with a spare dose [ml]
 * @param lowSalt kept low in salt for a guest
 * @param minutes from 0 on, each after what is poured in then
 */
public record SideEvening(
        String side,
        double startSalt,
        Figure lowest,
        Figure endLevel,
        Figure endSalt,
        Figure reserve,
        Figure hotWater,
        boolean lowSalt,
        List<Minute> minutes,
        List<Dose> doses,
        List<Dip> dips) {

    public SideEvening {
        minutes = List.copyOf(minutes);
        doses = List.copyOf(doses);
        dips = List.copyOf(dips);
    }

    /**
     * A minute of the evening.
     *
     * @param ml broth [ml]
     * @param foodMl room the food takes in it [ml]
     * @param saltPercent salt [g per 100 g]
     * @param celsius the coolest moment of the minute that ends here [°C]
     */
    public record Minute(double ml, double foodMl, double saltPercent, double celsius) {}

    /**
     * Something poured in, hot.
     *
     * @param saltG salt or paste stirred in with it, as salt [g]
     */
    public record Dose(int minute, double ml, Kind kind, double saltG, String text) {
        /** What is poured in. */
        public enum Kind {
            WATER,
            RESERVE,
            /** Reserve with salt, or salt alone at the start. */
            SEASONED
        }
    }

    /**
     * What a drop does to the side.
     *
     * @param lowestC the coolest moment until it is back at a simmer [°C]
     * @param backSeconds from putting in until then; 0 when the simmer was never lost [s]
     */
    public record Dip(String drop, double lowestC, int backSeconds) {}
}
