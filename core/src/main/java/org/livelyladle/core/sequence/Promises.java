package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
import org.livelyladle.core.safety.SideAccess;
import org.livelyladle.core.sides.Sides;

/**
 * Which sides are promised to whom, and what that costs.
 *
 * <p>A promise (guest, side) bars from the side all that breaks a contact need of the guest, and from its neighbours in
 * the pot all that breaks a medical one. Cost, in order of weight: grams nobody can cook for their guest, guests with
 * fewer than two sides, drops it takes to feed everybody, uneven load of the sides.
 */
final class Promises {
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
    /** @param able whether a side can cook a cut at all, whoever eats it */
    Promises(Brief brief, Sides plans, List<Demand> demands, SideAccess access, BiPredicate<Cut, Side> able) {
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

    /** A side that may be promised to a guest, both by their places. */
    record Promise(int guest, int side) {}

    /** All that may be made. */
    List<Promise> possible() {
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

    boolean isMade(Promise promise) {
        return (promises[promise.guest()] >> promise.side() & 1) == 1;
    }

    /** Makes a promise, or takes it back. */
    void flip(Promise promise) {
        promises[promise.guest()] ^= 1 << promise.side();
    }

    /** Restricted guests, who may be promised something. */
    int guests() {
        return promises.length;
    }

    /** What a restricted guest is promised, as bits. */
    int of(int guest) {
        return promises[guest];
    }

    void promise(int guest, int bits) {
        promises[guest] = bits & openToRestricted[guest];
    }

    /** All of them, to go back to. */
    int[] copy() {
        return promises.clone();
    }

    void restore(int[] all) {
        System.arraycopy(all, 0, promises, 0, promises.length);
    }

    /** Sides from which each restricted guest could eat, as bits. */
    int[] whereEat(BiPredicate<Guest, Side> open) {
        return restricted.stream()
                .mapToInt(guest -> bits(side -> open.test(guest, side)))
                .toArray();
    }

    int sides() {
        return sides.size();
    }

    /** Guests times cuts: how long it takes to tell what they cost. */
    int size() {
        return open.length * cuts.size();
    }

    SideAllocator.Allocation allocated() {
        return new SideAllocator.Allocation(
                sides,
                bitsById(places(brief.guests(), Guest::id), openToGuests()),
                bitsById(places(cuts, Cut::id), allowedForCuts()));
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
    double cost() {
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
        int[] reached = new int[sides.size()];
        for (int k = 0; k < kinds.length; k++) {
            count(reached, kinds[k] & allowed, heads[k]);
        }
        int[] hungry = heads.clone();
        int drops = 0;
        for (int best = most(reached); reached[best] > 0; best = most(reached)) {
            drops++;
            for (int k = 0; k < kinds.length; k++) {
                int reach = kinds[k] & allowed;
                if (hungry[k] > 0 && (reach >> best & 1) == 1) {
                    count(reached, reach, -hungry[k]);
                    hungry[k] = 0;
                }
            }
        }
        return drops;
    }

    private static void count(int[] reached, int reach, int heads) {
        for (int rest = reach; heads != 0 && rest != 0; rest &= rest - 1) {
            reached[Integer.numberOfTrailingZeros(rest)] += heads;
        }
    }

    private static int most(int[] reached) {
        int most = 0;
        for (int s = 1; s < reached.length; s++) {
            most = reached[s] > reached[most] ? s : most;
        }
        return most;
    }

    private void spread(double[] load, int reach, double grams) {
        double all = 0;
        for (int rest = reach; rest != 0; rest &= rest - 1) {
            all += litres[Integer.numberOfTrailingZeros(rest)];
        }
        for (int rest = reach; rest != 0; rest &= rest - 1) {
            int side = Integer.numberOfTrailingZeros(rest);
            load[side] += grams * litres[side] / all;
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
