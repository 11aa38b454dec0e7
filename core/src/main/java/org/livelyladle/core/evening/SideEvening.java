package org.livelyladle.core.evening;

import java.util.List;
import org.livelyladle.core.kettle.Pouring;
import org.livelyladle.core.kettle.SideDip;
import org.livelyladle.core.kettle.SideMinute;
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
        List<SideMinute> minutes,
        List<Dose> doses,
        List<SideDip> dips) {

    public SideEvening {
        minutes = List.copyOf(minutes);
        doses = List.copyOf(doses);
        dips = List.copyOf(dips);
    }

    /**
     * Something poured in, hot.
     *
     * @param saltG salt or paste stirred in with it, as salt [g]
     */
    public record Dose(int minute, double ml, Pouring.Kind kind, double saltG, String text) {}
}
