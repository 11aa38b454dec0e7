package org.livelyladle.core.sequence;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState;

/** Whoever wants more gets a helping of the plate held back, and of what others leave, as long as there is some and nothing forbids it. */
record SecondHelpings(Brief brief, Catalogue catalogue, Map<String, Dish> dishes, TableState state) {
    /** A second helping is about so much; memory [g]. */
    private static final double HELPING_G = 60;

    private static final double NEGLIGIBLE_G = 1e-6;

    /**
     * @param remainders what is not eaten by whom it was for
     * @param demands what everybody was to get
     * @param eaten what went in for a guest of a cut
     * @param open takes the helpings
     */
    void grant(
            List<TablePlan.Remainder> remainders,
            List<Demand> demands,
            Function<Demand, List<Stay.Serving>> eaten,
            StillOpen open) {
        Map<String, Double> spare = new HashMap<>();
        dishes.forEach((cut, dish) -> spare.put(cut, dish.item().heldBackGrams()));
        remainders.stream()
                .filter(rest -> rest.cause().leavesItToOthers())
                .forEach(rest -> spare.merge(rest.cut(), rest.grams(), Double::sum));
        Map<TableState.Wanted, Demand> granted = new LinkedHashMap<>();
        for (TableState.Wanted want : state.wants()) {
            Guest guest = brief.guest(want.guest()).orElseThrow();
            Dish dish = dishes.get(want.cut());
            Demand helping = helping(guest, dish, spare.getOrDefault(want.cut(), 0.0));
            if (helping.grams() > NEGLIGIBLE_G && may(guest, dish)) {
                spare.merge(want.cut(), -helping.grams(), Double::sum);
                granted.merge(want, helping, Demand::and);
            }
        }
        granted.values()
                .forEach(more -> open.addMore(StillOpen.less(more, eatenBeyond(more, demands, eaten.apply(more)))));
    }

    private boolean may(Guest guest, Dish dish) {
        return Needs.brokenByEating(guest, Content.of(dish.cut(), catalogue)).isEmpty()
                && !state.wantsNoMore(guest.id())
                && !state.usedUp().contains(dish.cut().id());
    }

    /** What a guest got of a cut besides the planned portion. */
    private static Demand eatenBeyond(Demand more, List<Demand> demands, List<Stay.Serving> eaten) {
        Demand none = new Demand(more.guest(), more.dish(), 0, 0);
        Demand all = eaten.stream()
                .map(serving -> new Demand(more.guest(), more.dish(), serving.pieces(), serving.grams()))
                .reduce(none, Demand::and);
        Demand planned = demands.stream()
                .filter(demand ->
                        demand.guest().equals(more.guest()) && demand.cut().equals(more.cut()))
                .findFirst()
                .orElse(none);
        return new Demand(
                more.guest(),
                more.dish(),
                Math.max(0, all.pieces() - planned.pieces()),
                Math.max(0, all.grams() - planned.grams()));
    }

    /** In whole pieces of what is counted. */
    private static Demand helping(Guest guest, Dish dish, double spareGrams) {
        Double piece = dish.cut().counted() ? dish.cut().pieceGrams() : null;
        if (piece == null) {
            return new Demand(guest, dish, 0, Math.min(HELPING_G, spareGrams));
        }
        int pieces = (int) Math.min(Math.max(1, Math.round(HELPING_G / piece)), spareGrams / piece + NEGLIGIBLE_G);
        return new Demand(guest, dish, pieces, pieces * piece);
    }
}
