package org.livelyladle.core.learning;

import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;

/** All that a household has learnt, each thing once. */
public record Rates(@Nullable List<Learnt> learnt) {
    private static final int MOST = 5000;

    static final Comparator<Learnt> IN_ORDER = Comparator.comparing(Learnt::subject)
            .thenComparing(Learnt::of)
            .thenComparing(one -> one.by() == null ? "" : one.by());

    public Rates {
        learnt = Check.distinct(
                        learnt == null ? List.<Learnt>of() : learnt,
                        "learnt",
                        MOST,
                        one -> List.of(one.subject(), one.of(), one.by() == null ? "" : one.by()))
                .stream()
                .sorted(IN_ORDER)
                .toList();
    }
}
