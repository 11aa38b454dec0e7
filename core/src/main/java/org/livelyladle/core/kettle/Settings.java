package org.livelyladle.core.kettle;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * The heat of a pot as a host sets it: few settings, each the mean of what its minutes take, so that as much energy goes in.
 * Of all ways to part the evening the one whose squared distance from what the minutes take, and what turning the knob
 * costs, is least.
 */
final class Settings {
    /** Turning the knob once costs as much as being off by 20 % for a quarter of an hour; memory. */
    private static final double A_TURN = 20 * 20 * 15;
    /** A knob is set to a twentieth of full [%]. */
    private static final double STEP = 5;

    private Settings() {}

    /** @param minutes what each takes, in part of full [%] */
    static List<HeatPhase> of(List<Double> minutes) {
        int count = minutes.size();
        double[] sum = new double[count + 1];
        double[] squares = new double[count + 1];
        for (int i = 0; i < count; i++) {
            sum[i + 1] = sum[i] + minutes.get(i);
            squares[i + 1] = squares[i] + minutes.get(i) * minutes.get(i);
        }
        double[] least = new double[count + 1];
        int[] from = new int[count + 1];
        for (int until = 1; until <= count; until++) {
            least[until] = Double.MAX_VALUE;
            for (int start = 0; start < until; start++) {
                double all = sum[until] - sum[start];
                double away = squares[until] - squares[start] - all * all / (until - start);
                if (least[start] + away + A_TURN < least[until]) {
                    least[until] = least[start] + away + A_TURN;
                    from[until] = start;
                }
            }
        }
        return phases(sum, from);
    }

    private static List<HeatPhase> phases(double[] sum, int[] from) {
        List<HeatPhase> phases = new ArrayList<>();
        for (int until = from.length - 1; until > 0; until = from[until]) {
            int start = from[until];
            double percent = Math.round((sum[until] - sum[start]) / (until - start) / STEP) * STEP;
            int last = phases.size() - 1;
            if (last >= 0 && phases.get(last).percent() == percent) {
                phases.set(last, new HeatPhase(start, phases.get(last).toMinute(), percent));
            } else {
                phases.add(new HeatPhase(start, until, percent));
            }
        }
        Collections.reverse(phases);
        return phases;
    }
}
