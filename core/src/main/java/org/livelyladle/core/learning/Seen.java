package org.livelyladle.core.learning;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;

/**
 * One thing that turned out on an evening.
 *
 * @param of which: category, guest, cut, task or pot
 * @param by the cook of a task; null for all else
 * @param expected as planned: regular eaters for a portion, else grams, seconds, minutes or fuel
 * @param happened in grams for a portion, else in what {@code expected} is in
 */
public record Seen(Subject subject, String of, @Nullable String by, double expected, double happened) {
    private static final double MOST = 1e5;

    public Seen {
        Check.present(subject, "subject");
        of = Check.id(of, "of");
        if (subject == Subject.TASK_TIME) {
            Check.id(by, "by");
        } else if (by != null) {
            throw new InvalidInputException("by", by, "nothing, but for TASK_TIME");
        }
        if (subject == Subject.PORTION) {
            String category = of;
            if (Category.served().stream().noneMatch(one -> one.name().equals(category))) {
                throw new InvalidInputException("of", of, "one of " + Category.served());
            }
        }
        Check.range(expected, "expected", 0.01, MOST);
        boolean mayBeNothing = subject == Subject.PORTION || subject == Subject.APPETITE;
        Check.range(happened, "happened", mayBeNothing ? 0 : 0.01, MOST);
    }

    /** How much it weighs: a portion by its eaters, all else by the evening. */
    double weight() {
        return subject == Subject.PORTION ? expected : 1;
    }
}
