package org.livelyladle.core.purchases;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Offer;

/**
 * The packs chosen for one need.
 *
 * @param missing what they are to cover [g]
 */
record Choice(String ingredient, double missing, List<Picked> picked) {
    /**
     * So many packs or steps of an offer.
     *
     * @param free how many of them are not paid
     * @param deal by which deal; null without one
     */
    record Picked(
            Offer offer, int count, int free, @Nullable String deal) {
        double cents() {
            return (count - free) * offer.unitCents();
        }

        double grams() {
            return count * (double) offer.unitGrams();
        }
    }

    Choice {
        picked = List.copyOf(picked);
    }

    double cents() {
        return picked.stream().mapToDouble(Picked::cents).sum();
    }

    double cents(String shop) {
        return picked.stream()
                .filter(pick -> pick.offer().shop().equals(shop))
                .mapToDouble(Picked::cents)
                .sum();
    }

    /** Bought beyond what is missing [g]. */
    double wasteGrams() {
        return picked.stream().mapToDouble(Picked::grams).sum() - missing;
    }

    /** Price and waste value together [cents]. */
    double realCost(int wasteCentsPerKg) {
        return cents() + wasteGrams() * wasteCentsPerKg / 1000;
    }

    /** The same choice with more packs of an offer. */
    Choice plus(Offer offer, int count, int free, @Nullable String deal) {
        List<Picked> more = new ArrayList<>();
        boolean known = false;
        for (Picked pick : picked) {
            boolean same = pick.offer().id().equals(offer.id());
            known |= same;
            more.add(
                    same
                            ? new Picked(
                                    offer, pick.count() + count, pick.free() + free, deal == null ? pick.deal() : deal)
                            : pick);
        }
        if (!known) {
            more.add(new Picked(offer, count, free, deal));
        }
        return new Choice(ingredient, missing, more);
    }

    /** The same packs against a need larger by so much [g]. */
    Choice against(double missing) {
        return new Choice(ingredient, missing, picked);
    }
}
