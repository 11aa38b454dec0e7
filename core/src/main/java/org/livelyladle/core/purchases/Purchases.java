package org.livelyladle.core.purchases;

import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.measure.Figure;

/**
 * What to buy where.
 *
 * @param bill everything still to buy and everything bought [cents]
 * @param unoffered needs for which no shop of the party has an offer
 * @param tooEarly bought on a trip too long before the party for how long it keeps
 * @param deals deals that make the real cost fall
 * @param soldOut offers found missing from the shelf, of what is needed
 */
public record Purchases(
        Figure bill,
        List<Trip> trips,
        List<Need> needs,
        List<Unoffered> unoffered,
        List<TooEarly> tooEarly,
        List<SoldOut> soldOut,
        List<BeatenPin> beatenPins,
        List<DealUse> deals) {

    public Purchases {
        trips = List.copyOf(trips);
        needs = List.copyOf(needs);
        unoffered = List.copyOf(unoffered);
        tooEarly = List.copyOf(tooEarly);
        soldOut = List.copyOf(soldOut);
        beatenPins = List.copyOf(beatenPins);
        deals = List.copyOf(deals);
    }

    /**
     * The list of a trip to a shop, by aisle.
     *
     * @param id the shop's own for its first trip
     * @param bill all lines, bought ones as paid [cents]
     * @param paid bought lines only: the running total [cents]
     */
    public record Trip(
            String id, String shop, String name, LocalDateTime at, Figure bill, Figure paid, List<Line> lines) {}

    /**
     * Packs to buy, or bought.
     *
     * @param count packs, or steps of loose goods
     * @param amount "2 x 500 g" or "850 g loose"
     * @param unitPrice price by weight, such as "€12.90 a kg"
     * @param over what it comes to beyond what is missing; null once bought
     * @param deal what of it is free, such as "1 free"; null for none
     * @param boughtEvent the event by which it was bought; null while it is still to buy
     */
    public record Line(
            String id,
            String offer,
            String ingredient,
            String name,
            String aisle,
            int count,
            double grams,
            String amount,
            String unitPrice,
            Figure cost,
            @Nullable String over,
            @Nullable String deal,
            @Nullable UUID boughtEvent) {}

    /**
     * Why an ingredient is bought.
     *
     * @param need eaten and cooked, with what is trimmed off [g]
     * @param withMargin with the host's margin [g]
     * @param missing less what is at home and bought [g]
     */
    public record Need(String ingredient, String name, Figure need, Figure withMargin, Figure missing) {}

    /** Something needed that no shop offers [g]. */
    public record Unoffered(String ingredient, String name, Figure missing) {}

    /**
     * Something that keeps shorter than from the last trip to its shop to the party.
     *
     * @param trip the last one to the shop
     * @param keepsDays how long it keeps [d]
     * @param days from the trip to the party [d]
     */
    public record TooEarly(String ingredient, String name, String trip, int keepsDays, int days) {}

    /** An offer that is not on its shop's shelf. */
    public record SoldOut(String offer, String ingredient, String name, String shop) {}

    /** A deal that is used, with what price and waste value together fall by [cents]. */
    public record DealUse(String id, String shop, String text, Figure saved) {}

    /** An offer pin that cannot hold. */
    public record BeatenPin(String ingredient, String offer, String rule) {}
}
