package org.livelyladle.core.plan;

import java.util.List;
import org.livelyladle.core.check.Violation;
import org.livelyladle.core.table.ScoreTerm;

/**
 * What there is to say of drops somebody thought of.
 *
 * @param violations of the hard rules; none when clean
 * @param score the aims and what is reached of each, but for the order, which drops alone do not tell
 */
public record Judged(List<Violation> violations, List<ScoreTerm> score) {
    public Judged {
        violations = List.copyOf(violations);
        score = List.copyOf(score);
    }
}
