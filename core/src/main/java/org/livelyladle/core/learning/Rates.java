package org.livelyladle.core.learning;

import java.util.Comparator;
import java.util.List;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.Usual;

/** All that a household has learnt, each thing once. */
public record Rates(@Usual("[]") List<Learnt> learnt) {
    private static final int MOST = 5000;

    /** Nothing is known. */
    public static Rates none() {
        return new Rates(List.of());
    }

    /** All but what is known of one thing. */
    public Rates without(Subject subject, String of) {
        return new Rates(learnt.stream()
                .filter(one -> one.subject() != subject || !one.of().equals(of))
                .toList());
    }

    static final Comparator<Learnt> IN_ORDER = Comparator.comparing(Learnt::subject)
            .thenComparing(Learnt::of)
            .thenComparing(one -> one.by() == null ? "" : one.by());

    public Rates {
        learnt = Check.distinct(
                        learnt,
                        "learnt",
                        MOST,
                        one -> List.of(one.subject(), one.of(), one.by() == null ? "" : one.by()))
                .stream()
                .sorted(IN_ORDER)
                .toList();
    }
}
