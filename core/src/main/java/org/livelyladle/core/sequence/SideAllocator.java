package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.check.Patience;
import org.livelyladle.core.safety.SideAccess;
import org.livelyladle.core.sides.Sides;

/**
 * Decides for whom each side is kept clean, and so which cuts may go into it and who may eat from it.
 *
 * <p>A promise (guest, side) bars from the side all that breaks a contact need of the guest, and from its neighbours in
 * the pot all that breaks a medical one. Starting from no promises, each restricted guest gets the side that costs
 * least; then promises are added or taken back, by simulated annealing, in the end one by one while that lowers the
 * cost. Cost, in order of weight: grams nobody can cook for their guest, guests with fewer than two sides, drops it takes
 * to feed everybody, uneven load of the sides. At most {@value #MOST_TRIES} changes and {@value #MOST_PASSES} passes;
 * deterministic.
 */
final class SideAllocator {
    private static final int MOST_PASSES = 6;
    /** Changes tried for each promise there could be, and in all. */
    private static final int TRIES_EACH = 100;

    private static final int MOST_TRIES = 3000;
    /** What costs so much more may stay, at first and in the end; memory. */
    private static final double HOT = 3000;

    private static final double COLD = 30;
    private static final double GAIN = 1e-9;
    private static final long SEED = 1;
    private static final double COST_PER_UNSERVED_GRAM = 1000;
    private static final double COST_OF_ONE_SIDE_ONLY = 4000;
    private static final double COST_OF_A_DROP = 400;

    private final Brief brief;
    private final List<Side> sides;
    private final List<Guest> restricted;
    private final List<Cut> cuts;
    /** Demands by cut: whose, and how much [g]. */
    private final int[][] eaters;

    private final double[][] grams;
    private final double[] litres;
    /** Sides open to each guest by broth and heat, as bits. */
    private final int[] open;
    /** Sides that can cook each cut at all, as bits. */
    private final int[] able;
    /** By restricted guest, promised side and cut: sides the cut is barred from, as bits. */
    private final int[][][] bars;
    /** Promised sides of each restricted guest, as bits. */
    private final int[] promises;

    /** Place among the restricted, by place among the guests; -1 for guests who are not. */
    private final int[] guestToRestricted;

    private final int[] openToRestricted;
    /** Of the promises as they stand. */
    private double costNow;

    /** @param able whether a side can cook a cut at all, whoever eats it */
    SideAllocator(Brief brief, Sides plans, List<Demand> demands, SideAccess access, BiPredicate<Cut, Side> able) {
        this.brief = brief;
        this.sides = brief.sides();
        Map<String, Cut> byId = new LinkedHashMap<>();
        demands.forEach(demand -> byId.put(demand.cut().id(), demand.cut()));
        this.cuts = List.copyOf(byId.values());
        this.able = cuts.stream()
                .mapToInt(cut -> bits(side -> able.test(cut, side)))
                .toArray();
        this.restricted = brief.guests().stream()
                .filter(guest -> cuts.stream().anyMatch(cut -> access.isSpoiledForBy(guest, cut)))
                .sorted(Comparator.comparing((Guest guest) -> -guest.needs().size())
                        .thenComparing(Guest::id))
                .toList();
        Map<String, Integer> guestPlaces = places(brief.guests(), Guest::id);
        Map<String, List<Demand>> byCut = demands.stream()
                .collect(Collectors.groupingBy(demand -> demand.cut().id()));
        this.eaters = cuts.stream()
                .map(cut -> byCut.get(cut.id()).stream()
                        .mapToInt(demand -> guestPlaces.get(demand.guest().id()))
                        .toArray())
                .toArray(int[][]::new);
        this.grams = cuts.stream()
                .map(cut ->
                        byCut.get(cut.id()).stream().mapToDouble(Demand::grams).toArray())
                .toArray(double[][]::new);
        this.litres = sides.stream()
                .mapToDouble(side -> plans.side(side.id()).fill().value() / 1000)
                .toArray();
        this.open = brief.guests().stream()
                .mapToInt(guest -> bits(side -> access.closed(guest, side).isEmpty()))
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
            bar(restricted.get(g), bars[g], access);
        }
    }

    /** A side's neighbours in its pot, and it itself, take part in its bars. */
    private void bar(Guest guest, int[][] own, SideAccess access) {
        int first = 0;
        for (Pot pot : brief.pots()) {
            int next = first + pot.sides().size();
            for (int s = first; s < next; s++) {
                for (int c = 0; c < own[s].length; c++) {
                    for (int other = first; other < next; other++) {
                        if (access.spoils(cuts.get(c), sides.get(other), guest, sides.get(s))) {
                            own[s][c] |= 1 << other;
                        }
                    }
                }
            }
            first = next;
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
        costNow = cost();
        anneal();
        boolean better = true;
        for (int pass = 0; better && pass < MOST_PASSES; pass++) {
            better = false;
            for (Promise promise : possible()) {
                better |= flipIfCheaper(promise);
            }
        }
        return allocated();
    }

    /** A side that may be promised to a guest, both by their places. */
    private record Promise(int guest, int side) {}

    private List<Promise> possible() {
        List<Promise> possible = new ArrayList<>();
        for (int g = 0; g < openToRestricted.length; g++) {
            for (int s = 0; s < sides.size(); s++) {
                if ((openToRestricted[g] >> s & 1) == 1) {
                    possible.add(new Promise(g, s));
                }
            }
        }
        return possible;
    }

    /**
     * Simulated annealing: promises are made and taken back by chance, the same each time, what costs more the less often
     * the later. Guests with like needs do best with one side together, which no single promise leads to.
     */
    private void anneal() {
        List<Promise> possible = possible();
        if (possible.size() < 2) {
            return;
        }
        SplittableRandom random = new SplittableRandom(SEED);
        int[] best = promises.clone();
        double least = costNow;
        int tries = Math.min(MOST_TRIES, TRIES_EACH * possible.size());
        for (int i = 0; i < tries; i++) {
            Patience.check();
            int[] before = promises.clone();
            change(possible, random);
            double cost = cost();
            double warmth = HOT * Math.pow(COLD / HOT, (double) i / tries);
            if (cost >= costNow - warmth * Math.log(random.nextDouble())) {
                System.arraycopy(before, 0, promises, 0, promises.length);
                continue;
            }
            costNow = cost;
            if (cost < least - GAIN) {
                least = cost;
                best = promises.clone();
            }
        }
        System.arraycopy(best, 0, promises, 0, promises.length);
        costNow = least;
    }

    /** One promise made or taken back; with it another of the same guest, or the same of another guest. */
    private void change(List<Promise> possible, SplittableRandom random) {
        Promise promise = possible.get(random.nextInt(possible.size()));
        flip(promise);
        Promise other = possible.get(random.nextInt(possible.size()));
        int kind = random.nextInt(3);
        boolean isSameGuest = other.guest() == promise.guest() && other.side() != promise.side();
        boolean isSameSide = other.side() == promise.side() && other.guest() != promise.guest();
        if (kind == 1 && isSameGuest || kind == 2 && isSameSide && isPromised(other) != isPromised(promise)) {
            flip(other);
        }
    }

    private boolean isPromised(Promise promise) {
        return (promises[promise.guest()] >> promise.side() & 1) == 1;
    }

    private void flip(Promise promise) {
        promises[promise.guest()] ^= 1 << promise.side();
    }

    /**
     * Keeps what was promised before as far as it still holds; who has lost all sides is promised the one
     * that costs least.
     *
     * @param open whether a guest could eat from a side before
     */
    Allocation allocateAsBefore(BiPredicate<Guest, Side> open) {
        int[] had = restricted.stream()
                .mapToInt(guest -> bits(side -> open.test(guest, side)))
                .toArray();
        for (int g = 0; g < had.length; g++) {
            promises[g] = had[g] & openToRestricted[g];
        }
        for (int g = 0; g < had.length; g++) {
            if (promises[g] == 0 && had[g] != 0) {
                promiseCheapest(g);
            }
        }
        return allocated();
    }

    private Allocation allocated() {
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

    private boolean flipIfCheaper(Promise promise) {
        Patience.check();
        flip(promise);
        double cost = cost();
        if (cost < costNow - GAIN) {
            costNow = cost;
            return true;
        }
        flip(promise);
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
        int[] allowed = able.clone();
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

    /** Guests to whom the same sides are open count together: what matters is how many they are and what they eat. */
    private double cost() {
        int[] openTo = openToGuests();
        int[] allowed = allowedForCuts();
        int[] kinds = IntStream.of(openTo).sorted().distinct().toArray();
        int[] kindOf = IntStream.of(openTo)
                .map(bits -> Arrays.binarySearch(kinds, bits))
                .toArray();
        double[] load = new double[sides.size()];
        double cost = 0;
        for (int c = 0; c < eaters.length; c++) {
            double[] eaten = new double[kinds.length];
            int[] heads = new int[kinds.length];
            for (int i = 0; i < eaters[c].length; i++) {
                eaten[kindOf[eaters[c][i]]] += grams[c][i];
                heads[kindOf[eaters[c][i]]]++;
            }
            for (int k = 0; k < kinds.length; k++) {
                int reach = kinds[k] & allowed[c];
                if (reach == 0) {
                    cost += COST_PER_UNSERVED_GRAM * eaten[k];
                } else if (heads[k] > 0) {
                    spread(load, reach, eaten[k]);
                }
            }
            cost += COST_OF_A_DROP * drops(kinds, heads, allowed[c]);
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
    private int drops(int[] kinds, int[] heads, int allowed) {
        int common = -1;
        int anybody = 0;
        for (int k = 0; k < kinds.length; k++) {
            int reach = heads[k] == 0 ? 0 : kinds[k] & allowed;
            common &= reach == 0 ? -1 : reach;
            anybody |= reach;
        }
        if (anybody == 0 || common != 0) {
            return anybody == 0 ? 0 : 1;
        }
        int[] hungry = heads.clone();
        int drops = 0;
        while (true) {
            int best = 0;
            int bestSide = 0;
            for (int s = 0; s < sides.size(); s++) {
                int reached = 0;
                for (int k = 0; k < kinds.length; k++) {
                    reached += hungry[k] * ((kinds[k] & allowed) >> s & 1);
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
            for (int k = 0; k < kinds.length; k++) {
                hungry[k] *= 1 - ((kinds[k] & allowed) >> bestSide & 1);
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
