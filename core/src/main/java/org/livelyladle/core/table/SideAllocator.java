package org.livelyladle.core.table;

import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.broths.Sides;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;

/**
 * Decides for whom each side is kept clean, and so which cuts may go into it and who may eat from it.
 *
 * <p>A promise (guest, side) bars from the side all that breaks a contact need of the guest, and from its neighbours in
 * the pot all that breaks a medical one. Starting from no promises, each restricted guest gets the side that costs
 * least; then single promises are added or taken back while that lowers the cost. Cost, in order of weight: grams
 * nobody can cook for their guest, guests with fewer than two sides, drops it takes to feed everybody, uneven load of
 * the sides. At most
 * {@value #MOST_PASSES} passes; deterministic.
 */
final class SideAllocator {
    private static final int MOST_PASSES = 6;
    private static final double COST_PER_UNSERVED_GRAM = 1000;
    private static final double COST_OF_ONE_SIDE_ONLY = 4000;
    private static final double COST_OF_A_DROP = 400;

    private final Brief brief;
    private final List<Side> sides;
    private final List<Guest> restricted;
    private final List<Cut> cuts;
    /** Places of each cut's demands in the list of demands. */
    private final int[][] demandsOfCut;

    private final double[] grams;
    private final int[] demandGuest;
    private final double[] litres;
    /** Sides open to each guest by broth and heat, as bits. */
    private final int[] open;
    /** By restricted guest, promised side and cut: sides the cut is barred from, as bits. */
    private final int[][][] bars;
    /** Promised sides of each restricted guest, as bits. */
    private final int[] promises;

    /** Place among the restricted, by place among the guests; -1 for guests who are not. */
    private final int[] guestToRestricted;

    private final int[] openToRestricted;

    SideAllocator(Brief brief, Catalogue catalogue, Sides plans, List<Demand> demands, Openness openness) {
        this.brief = brief;
        this.sides = brief.sides();
        Map<String, Cut> byId = new LinkedHashMap<>();
        demands.forEach(demand -> byId.put(demand.cut().id(), demand.cut()));
        this.cuts = List.copyOf(byId.values());
        this.restricted = brief.guests().stream()
                .filter(Openness::isRestricted)
                .sorted(Comparator.comparing((Guest guest) -> -guest.needs().size())
                        .thenComparing(Guest::id))
                .toList();
        Map<String, Integer> guestPlaces = places(brief.guests(), Guest::id);
        this.demandsOfCut = cuts.stream()
                .map(cut -> IntStream.range(0, demands.size())
                        .filter(d -> demands.get(d).cut().id().equals(cut.id()))
                        .toArray())
                .toArray(int[][]::new);
        this.grams = demands.stream().mapToDouble(Demand::grams).toArray();
        this.demandGuest = demands.stream()
                .mapToInt(demand -> guestPlaces.get(demand.guest().id()))
                .toArray();
        this.litres = sides.stream()
                .mapToDouble(side -> plans.side(side.id()).fill().value() / 1000)
                .toArray();
        this.open = brief.guests().stream()
                .mapToInt(guest -> bits(side -> openness.closed(guest, side).isEmpty()))
                .toArray();
        Map<String, Integer> restrictedPlaces = places(restricted, Guest::id);
        this.guestToRestricted = brief.guests().stream()
                .mapToInt(guest -> restrictedPlaces.getOrDefault(guest.id(), -1))
                .toArray();
        this.openToRestricted = restricted.stream()
                .mapToInt(guest -> open[guestPlaces.get(guest.id())])
                .toArray();
        this.promises = new int[restricted.size()];
        this.bars = new int[restricted.size()][sides.size()][cuts.size()];
        for (int g = 0; g < restricted.size(); g++) {
            for (int s = 0; s < sides.size(); s++) {
                for (int c = 0; c < cuts.size(); c++) {
                    Guest guest = restricted.get(g);
                    Side promised = sides.get(s);
                    Cut cut = cuts.get(c);
                    bars[g][s][c] = bits(side -> openness.spoils(cut, side, guest, promised));
                }
            }
        }
    }

    /** Whom the sides are open to and what may go in, as bits over {@code sides}. */
    record Allocation(List<Side> sides, Map<String, Integer> openToGuest, Map<String, Integer> allowedForCut) {
        boolean mayEatFrom(Guest guest, Side side) {
            return has(openToGuest.get(guest.id()), side);
        }

        boolean mayHold(Cut cut, Side side) {
            return has(allowedForCut.get(cut.id()), side);
        }

        /** Number of sides from which the guest could eat the cut. */
        int reach(Guest guest, Cut cut) {
            return Integer.bitCount(openToGuest.get(guest.id()) & allowedForCut.get(cut.id()));
        }

        private boolean has(int bits, Side side) {
            for (int s = 0; s < sides.size(); s++) {
                if (sides.get(s).id().equals(side.id())) {
                    return (bits >> s & 1) == 1;
                }
            }
            throw new IllegalArgumentException("No side '" + side.id() + "'");
        }
    }

    private static <T> Map<String, Integer> places(List<T> items, Function<T, String> id) {
        Map<String, Integer> places = new LinkedHashMap<>();
        items.forEach(item -> places.put(id.apply(item), places.size()));
        return places;
    }

    private static Map<String, Integer> bitsById(Map<String, Integer> places, int[] bits) {
        Map<String, Integer> byId = new LinkedHashMap<>();
        places.forEach((id, place) -> byId.put(id, bits[place]));
        return byId;
    }

    Allocation allocate() {
        for (int g = 0; g < restricted.size(); g++) {
            promiseCheapest(g);
        }
        boolean better = true;
        for (int pass = 0; better && pass < MOST_PASSES; pass++) {
            better = false;
            for (int g = 0; g < restricted.size(); g++) {
                for (int s = 0; s < sides.size(); s++) {
                    better |= flipIfCheaper(g, s);
                }
            }
        }
        return new Allocation(
                sides,
                bitsById(places(brief.guests(), Guest::id), openToGuests()),
                bitsById(places(cuts, Cut::id), allowedForCuts()));
    }

    private void promiseCheapest(int g) {
        int best = 0;
        double bestCost = cost();
        for (int s = 0; s < sides.size(); s++) {
            if ((openToRestricted[g] >> s & 1) == 1) {
                promises[g] = 1 << s;
                double cost = cost();
                if (cost < bestCost) {
                    bestCost = cost;
                    best = promises[g];
                }
            }
        }
        promises[g] = best;
    }

    private boolean flipIfCheaper(int g, int s) {
        if ((openToRestricted[g] >> s & 1) == 0) {
            return false;
        }
        double before = cost();
        promises[g] ^= 1 << s;
        if (cost() < before - 1e-9) {
            return true;
        }
        promises[g] ^= 1 << s;
        return false;
    }

    private int[] openToGuests() {
        int[] result = open.clone();
        for (int i = 0; i < result.length; i++) {
            if (guestToRestricted[i] >= 0) {
                result[i] &= promises[guestToRestricted[i]];
            }
        }
        return result;
    }

    private int[] allowedForCuts() {
        int[] allowed = new int[cuts.size()];
        Arrays.fill(allowed, (1 << sides.size()) - 1);
        for (int g = 0; g < restricted.size(); g++) {
            for (int s = 0; s < sides.size(); s++) {
                if ((promises[g] >> s & 1) == 1) {
                    for (int c = 0; c < allowed.length; c++) {
                        allowed[c] &= ~bars[g][s][c];
                    }
                }
            }
        }
        return allowed;
    }

    private double cost() {
        int[] openTo = openToGuests();
        int[] allowed = allowedForCuts();
        double[] load = new double[sides.size()];
        double cost = 0;
        for (int c = 0; c < demandsOfCut.length; c++) {
            int[] own = demandsOfCut[c];
            int[] reach = new int[own.length];
            for (int i = 0; i < own.length; i++) {
                reach[i] = openTo[demandGuest[own[i]]] & allowed[c];
                if (reach[i] == 0) {
                    cost += COST_PER_UNSERVED_GRAM * grams[own[i]];
                } else {
                    spread(load, reach[i], grams[own[i]]);
                }
            }
            cost += COST_OF_A_DROP * drops(reach);
        }
        for (int bits : openTo) {
            cost += Integer.bitCount(bits) == 1 ? COST_OF_ONE_SIDE_ONLY : 0;
        }
        for (int s = 0; s < load.length; s++) {
            double perLitre = load[s] / litres[s];
            cost += perLitre * perLitre * litres[s] / 1000;
        }
        return cost;
    }

    /** Sides needed to reach everybody, taking the one that reaches most each time. */
    private int drops(int[] reach) {
        boolean[] fed = new boolean[reach.length];
        int drops = 0;
        while (true) {
            int best = 0;
            int bestSide = 0;
            for (int s = 0; s < sides.size(); s++) {
                int reached = 0;
                for (int i = 0; i < reach.length; i++) {
                    reached += fed[i] ? 0 : reach[i] >> s & 1;
                }
                if (reached > best) {
                    best = reached;
                    bestSide = s;
                }
            }
            if (best == 0) {
                return drops;
            }
            drops++;
            for (int i = 0; i < reach.length; i++) {
                fed[i] |= (reach[i] >> bestSide & 1) == 1;
            }
        }
    }

    private void spread(double[] load, int reach, double grams) {
        double all = 0;
        for (int s = 0; s < load.length; s++) {
            all += (reach >> s & 1) * litres[s];
        }
        for (int s = 0; s < load.length; s++) {
            load[s] += (reach >> s & 1) * grams * litres[s] / all;
        }
    }

    private int bits(Predicate<Side> test) {
        int bits = 0;
        for (int s = 0; s < sides.size(); s++) {
            bits |= test.test(sides.get(s)) ? 1 << s : 0;
        }
        return bits;
    }
}
