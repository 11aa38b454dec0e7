package org.livelyladle.core.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.broths.Broths;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;

/**
 * Decides for whom each side is kept clean, and so which cuts may go into it and who may eat from it.
 *
 * <p>A promise (guest, side) bars from the side all that breaks a contact need of the guest, and from its neighbours in
 * the pot all that breaks a medical one. Starting from no promises, each restricted guest gets the side that costs
 * least; then single promises are added or taken back while that lowers the cost. Cost, in order of weight: grams
 * nobody can cook for their guest, guests with fewer than two sides, uneven load of the sides. At most
 * {@value #MOST_PASSES} passes; deterministic.
 */
final class SideAllocator {
    private static final int MOST_PASSES = 12;
    private static final double COST_PER_UNSERVED_GRAM = 1000;
    private static final double COST_OF_ONE_SIDE_ONLY = 2000;

    private final Brief brief;
    private final List<Side> sides;
    private final List<Guest> restricted;
    private final List<Cut> cuts;
    private final List<Demand> demands;
    private final int[] demandCut;
    private final int[] demandGuest;
    private final double[] litres;
    /** Sides open to each guest by broth and heat, as bits. */
    private final int[] open;
    /** By restricted guest, promised side and cut: sides the cut is barred from, as bits. */
    private final int[][][] bars;
    /** Promised sides of each restricted guest, as bits. */
    private final int[] promises;

    private final int[] guestToRestricted;

    SideAllocator(Brief brief, Catalogue catalogue, Broths broths, List<Demand> demands, Openness openness) {
        this.brief = brief;
        this.sides = brief.sides();
        this.demands = demands;
        this.cuts = demands.stream().map(Demand::cut).distinct().toList();
        this.restricted = brief.guests().stream()
                .filter(Openness::isRestricted)
                .sorted(Comparator.comparing((Guest guest) -> -guest.needs().size())
                        .thenComparing(Guest::id))
                .toList();
        this.demandCut =
                demands.stream().mapToInt(demand -> cuts.indexOf(demand.cut())).toArray();
        this.demandGuest = demands.stream()
                .mapToInt(demand -> brief.guests().indexOf(demand.guest()))
                .toArray();
        this.litres = sides.stream()
                .mapToDouble(side -> broths.side(side.id()).fill().value() / 1000)
                .toArray();
        this.open = brief.guests().stream()
                .mapToInt(guest -> bits(side -> openness.closed(guest, side).isEmpty()))
                .toArray();
        this.guestToRestricted =
                brief.guests().stream().mapToInt(restricted::indexOf).toArray();
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

    /** Sides by bits: whom they are open to and what may go in. */
    record Allocation(List<Side> sides, List<Guest> guests, List<Cut> cuts, int[] openToGuest, int[] allowedForCut) {
        boolean mayEatFrom(Guest guest, Side side) {
            return has(openToGuest[guests.indexOf(guest)], sides.indexOf(side));
        }

        boolean mayHold(Cut cut, Side side) {
            return has(allowedForCut[cuts.indexOf(cut)], sides.indexOf(side));
        }

        /** Sides from which the guest could eat the cut. */
        List<Side> reach(Guest guest, Cut cut) {
            return sides.stream()
                    .filter(side -> mayEatFrom(guest, side) && mayHold(cut, side))
                    .toList();
        }

        private static boolean has(int bits, int index) {
            return (bits >> index & 1) == 1;
        }
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
        return new Allocation(sides, brief.guests(), cuts, openToGuests(), allowedForCuts());
    }

    private void promiseCheapest(int g) {
        int best = 0;
        double bestCost = cost();
        for (int s = 0; s < sides.size(); s++) {
            if ((openTo(g) >> s & 1) == 1) {
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
        if ((openTo(g) >> s & 1) == 0) {
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

    private int openTo(int g) {
        return open[brief.guests().indexOf(restricted.get(g))];
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
        for (int d = 0; d < demands.size(); d++) {
            int reach = openTo[demandGuest[d]] & allowed[demandCut[d]];
            double grams = demands.get(d).grams();
            if (reach == 0) {
                cost += COST_PER_UNSERVED_GRAM * grams;
            } else {
                spread(load, reach, grams);
            }
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

    private void spread(double[] load, int reach, double grams) {
        double all = 0;
        for (int s = 0; s < load.length; s++) {
            all += (reach >> s & 1) * litres[s];
        }
        for (int s = 0; s < load.length; s++) {
            load[s] += (reach >> s & 1) * grams * litres[s] / all;
        }
    }

    private int bits(java.util.function.Predicate<Side> test) {
        int bits = 0;
        List<Side> all = new ArrayList<>(sides);
        for (int s = 0; s < all.size(); s++) {
            bits |= test.test(all.get(s)) ? 1 << s : 0;
        }
        return bits;
    }
}
