package org.livelyladle.core.broths;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Level and salt of a side minute by minute, exact between top-ups: the level falls by e + l, and the mass of salt as
 * {@code (V / V0)^(l / (e + l))}, since ladled broth takes its salt along and steam does not.
 *
 * @param minutes from minute 0 on, each after what is poured in then; it stops before the side is dry
 * @param dryAtMinute when it runs dry [min]; null when it does not
 */
public record EveningBalance(List<Minute> minutes, @Nullable Double dryAtMinute) {
    private static final double MINUTES_PER_HOUR = 60;

    public EveningBalance {
        minutes = List.copyOf(minutes);
    }

    /** Level [ml] and salt [g per 100 g]. */
    public record Minute(double ml, double saltPercent) {}

    public static EveningBalance of(EveningProblem problem) {
        double falls = (problem.evaporationMlPerH() + problem.ladledMlPerH()) / MINUTES_PER_HOUR;
        double exponent = falls == 0 ? 0 : problem.ladledMlPerH() / MINUTES_PER_HOUR / falls;
        double ml = problem.volumeMl();
        // in hundredths of a gram, so that a percentage is a plain quotient
        double salt = ml * problem.saltPercent();
        List<Minute> minutes = new ArrayList<>();
        for (int minute = 0; minute <= problem.minutes(); minute++) {
            if (minute > 0) {
                double next = ml - falls;
                if (next <= 0) {
                    return new EveningBalance(minutes, minute - 1 + ml / falls);
                }
                salt *= StrictMath.pow(next / ml, exponent);
                ml = next;
            }
            for (EveningProblem.TopUp topUp : Objects.requireNonNull(problem.topUps())) {
                if (topUp.atMinute() == minute) {
                    ml += topUp.ml();
                    salt += topUp.ml() * topUp.saltPercent();
                }
            }
            minutes.add(new Minute(ml, salt / ml));
        }
        return new EveningBalance(minutes, null);
    }
}
