package org.livelyladle.core.broths;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;

/**
 * A side over an evening, with what leaves it at even rates and what is poured in.
 *
 * @param volumeMl at the start [ml, taken as g]
 * @param saltPercent at the start [g per 100 g]
 * @param evaporationMlPerH leaves its salt behind [ml/h]
 * @param ladledMlPerH takes its salt along [ml/h]
 * @param minutes how long [min]
 * @param topUps in any order; none when left out
 */
public record EveningProblem(
        Double volumeMl,
        Double saltPercent,
        Double evaporationMlPerH,
        Double ladledMlPerH,
        Integer minutes,
        @Nullable List<TopUp> topUps) {
    private static final double MOST_ML = 100_000;
    private static final int LONGEST_MINUTES = 24 * 60;

    public EveningProblem {
        Check.range(Check.present(volumeMl, "volumeMl"), "volumeMl", 1, MOST_ML);
        Check.range(Check.present(saltPercent, "saltPercent"), "saltPercent", 0, 30);
        Check.range(Check.present(evaporationMlPerH, "evaporationMlPerH"), "evaporationMlPerH", 0, MOST_ML);
        Check.range(Check.present(ladledMlPerH, "ladledMlPerH"), "ladledMlPerH", 0, MOST_ML);
        Check.range(Check.present(minutes, "minutes"), "minutes", 0, LONGEST_MINUTES);
        topUps = Check.list(topUps, "topUps", 500);
        for (int i = 0; i < topUps.size(); i++) {
            int at = topUps.get(i).atMinute();
            if (at > minutes) {
                throw new InvalidInputException("topUps[" + i + "].atMinute", at, "a minute from 0 to " + minutes);
            }
        }
    }

    /** So much liquid at a minute [ml, g per 100 g]. */
    public record TopUp(Integer atMinute, Double ml, Double saltPercent) {
        public TopUp {
            Check.range(Check.present(atMinute, "atMinute"), "atMinute", 0, LONGEST_MINUTES);
            Check.range(Check.present(ml, "ml"), "ml", 0, MOST_ML);
            Check.range(Check.present(saltPercent, "saltPercent"), "saltPercent", 0, 30);
        }
    }
}
