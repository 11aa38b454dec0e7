package org.livelyladle.core.brief;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Within;
import org.livelyladle.core.learning.Subject;

/**
 * How much longer something takes than is usual, as the household's evenings have taught when the party was begun.
 *
 * @param subject {@link Subject#CUT_TIME} or {@link Subject#TASK_TIME}; what a stove has taught stands with its heat
 * @param of the cut or the task
 * @param by the cook of a task; null for a cut
 * @param times as long as usual [1]
 */
public record Pace(
        Subject subject,
        String of,
        @Nullable String by,
        @Within(min = 0.4, max = 2.5) double times) {
    public static final double LEAST = 0.4;
    public static final double MOST = 2.5;
    private static final int MOST_PACES = 2000;
    private static final Ranges RANGES = Ranges.of(Pace.class);

    public Pace {
        if (subject != Subject.CUT_TIME && subject != Subject.TASK_TIME) {
            throw new InvalidInputException("subject", String.valueOf(subject), "CUT_TIME or TASK_TIME");
        }
        Check.id(of, "of");
        if (subject == Subject.TASK_TIME) {
            Check.id(by, "by");
        } else if (by != null) {
            throw new InvalidInputException("by", by, "nothing, but for TASK_TIME");
        }
        RANGES.check("times", times);
    }

    /** Each cut once, and each task and cook. */
    public static List<Pace> checked(List<Pace> paces, String field) {
        return Check.distinct(
                paces,
                field,
                MOST_PACES,
                pace -> List.of(pace.subject, pace.of, Objects.requireNonNullElse(pace.by, "")));
    }

    /** What was taught of one thing; 1 where nothing was. */
    public static double times(List<Pace> paces, Subject subject, String of, @Nullable String by) {
        return paces.stream()
                .filter(pace -> pace.isOf(subject, of, by))
                .findFirst()
                .map(Pace::times)
                .orElse(1.0);
    }

    public boolean isOf(Subject what, String which, @Nullable String whom) {
        return subject == what && of.equals(which) && Objects.equals(whom, by);
    }
}
