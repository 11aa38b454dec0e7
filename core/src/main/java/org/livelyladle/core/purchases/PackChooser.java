package org.livelyladle.core.purchases;

import java.util.ArrayList;
import java.util.List;
import org.livelyladle.core.brief.Offer;

/**
 * The cheapest packs that cover one need: minimises the unrounded sum of prices plus the value of what is bought too
 * much, {@code sum(price) + wasteCentsPerKg / 1000 x (bought - need)}. Exact, by dynamic programming over the grams
 * still to cover: {@code best(r) = min over offers of cost + best(max(0, r - grams))}. Among equal plans the one that
 * uses offers listed first.
 */
public final class PackChooser {
    private static final int MOST_GRAMS = 200_000;

    private PackChooser() {}

    /** So many packs, or steps of loose goods, of one offer. */
    public record Choice(Offer offer, int count) {}

    /**
     * @param needGrams what must be covered, at most 200 kg [g]
     * @param offers all for the same ingredient; none means nothing can be chosen
     * @param wasteCentsPerKg value of a kilogram too much [cents/kg]
     */
    public static List<Choice> choose(double needGrams, List<Offer> offers, double wasteCentsPerKg) {
        if (!(needGrams <= MOST_GRAMS)) {
            throw new IllegalArgumentException("A need is at most " + MOST_GRAMS + " g, but was " + needGrams);
        }
        if (needGrams <= 0 || offers.isEmpty()) {
            return List.of();
        }
        int need = (int) Math.ceil(needGrams - 1e-9);
        double[] cost = new double[need + 1];
        int[] used = new int[need + 1];
        for (int rest = 1; rest <= need; rest++) {
            cost[rest] = Double.POSITIVE_INFINITY;
            for (int i = 0; i < offers.size(); i++) {
                Offer offer = offers.get(i);
                double own = offer.unitCents() + wasteCentsPerKg * offer.unitGrams() / 1000;
                double candidate = own + cost[Math.max(0, rest - offer.unitGrams())];
                if (candidate < cost[rest] - 1e-9) {
                    cost[rest] = candidate;
                    used[rest] = i;
                }
            }
        }
        return counts(need, used, offers);
    }

    private static List<Choice> counts(int need, int[] used, List<Offer> offers) {
        int[] count = new int[offers.size()];
        for (int rest = need; rest > 0; rest -= offers.get(used[rest]).unitGrams()) {
            count[used[rest]]++;
        }
        List<Choice> choices = new ArrayList<>();
        for (int i = 0; i < count.length; i++) {
            if (count[i] > 0) {
                choices.add(new Choice(offers.get(i), count[i]));
            }
        }
        return choices;
    }
}
