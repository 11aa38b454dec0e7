package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.livelyladle.core.table.Stay;

/** What everybody is still to get of each cut, while it is dealt to drops. */
final class StillOpen {
    private static final double NEGLIGIBLE_G = 1e-6;

    /** By cut, then guest. */
    private final Map<String, Map<String, Demand>> open = new TreeMap<>();

    void add(Demand demand) {
        if (demand.grams() > NEGLIGIBLE_G) {
            open.computeIfAbsent(demand.cut().id(), cut -> new TreeMap<>())
                    .put(demand.guest().id(), demand);
        }
    }

    /** On top of what is open of it for its guest. */
    void addMore(Demand demand) {
        if (demand.grams() > NEGLIGIBLE_G) {
            open.computeIfAbsent(demand.cut().id(), cut -> new TreeMap<>())
                    .merge(demand.guest().id(), demand, Demand::and);
        }
    }

    List<Demand> all() {
        return open.values().stream()
                .flatMap(byGuest -> byGuest.values().stream())
                .toList();
    }

    /** Nothing is open of a cut for anybody. */
    boolean isDealt(String cut) {
        return open.getOrDefault(cut, Map.of()).isEmpty();
    }

    /** Takes of it what a serving holds, or as much as there is; nothing where nothing is open. */
    Optional<Demand> take(String cut, Stay.Serving serving) {
        Demand there = open.getOrDefault(cut, Map.of()).get(serving.guest());
        if (there == null) {
            return Optional.empty();
        }
        Demand part = there.pieces() > 0 && serving.pieces() > 0
                ? part(there, Math.min(there.pieces(), serving.pieces()))
                : new Demand(there.guest(), there.dish(), 0, Math.min(there.grams(), serving.grams()));
        boolean isAll = there.grams() - part.grams() <= NEGLIGIBLE_G;
        Demand taken = isAll ? there : part;
        if (isAll) {
            open.get(cut).remove(serving.guest());
        } else {
            open.get(cut).put(serving.guest(), less(there, part));
        }
        return Optional.of(taken);
    }

    /** Takes so much of a cut from those who still get most of it, in whole pieces of what is counted [g]. */
    List<Demand> takeBack(String cut, double grams) {
        List<Demand> taken = new ArrayList<>();
        double over = grams;
        List<Demand> byMost = open.getOrDefault(cut, Map.of()).values().stream()
                .sorted(Comparator.comparingDouble(Demand::grams).reversed())
                .toList();
        for (Demand demand : byMost) {
            if (over > NEGLIGIBLE_G) {
                int pieces = (int) Math.ceil(demand.pieces() * Math.min(1, over / demand.grams()) - NEGLIGIBLE_G);
                Optional<Demand> part =
                        take(cut, new Stay.Serving(demand.guest().id(), over, pieces));
                over -= part.map(Demand::grams).orElse(0.0);
                part.ifPresent(taken::add);
            }
        }
        return taken;
    }

    /** Takes what is open of a cut, all of it. */
    List<Demand> takeAll(String cut) {
        Map<String, Demand> all = open.remove(cut);
        return all == null ? List.of() : List.copyOf(all.values());
    }

    private static Demand part(Demand demand, int pieces) {
        return new Demand(demand.guest(), demand.dish(), pieces, demand.grams() / demand.pieces() * pieces);
    }

    /** What is left of a demand once some of it is eaten. */
    static Demand less(Demand demand, Demand eaten) {
        return new Demand(
                demand.guest(),
                demand.dish(),
                Math.max(0, demand.pieces() - eaten.pieces()),
                demand.grams() - eaten.grams());
    }

    /** What is left after these servings, in order. */
    static Demand less(Demand demand, List<Stay.Serving> eaten) {
        Demand left = demand;
        for (Stay.Serving serving : eaten) {
            left = less(left, new Demand(demand.guest(), demand.dish(), serving.pieces(), serving.grams()));
        }
        return left;
    }
}
