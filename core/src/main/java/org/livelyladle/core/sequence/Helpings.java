package org.livelyladle.core.sequence;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.livelyladle.core.table.Stay;

/** Servings of cuts, summed up by guest. */
final class Helpings {
    private record Key(String cut, String guest) {}

    private final Map<Key, Stay.Serving> all = new HashMap<>();

    void add(String cut, Stay.Serving serving) {
        all.merge(new Key(cut, serving.guest()), serving, Stay.Serving::and);
    }

    Optional<Stay.Serving> of(Demand demand) {
        return Optional.ofNullable(
                all.get(new Key(demand.cut().id(), demand.guest().id())));
    }
}
