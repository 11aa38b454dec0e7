package org.livelyladle.server.standin;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Deal;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.catalogue.Bought;

/** What the invented market says on one day: the base prices moved a little, decided by the seed and the day alone. */
record MarketDay(LocalDate asOf, List<ShopHours> shops, List<Item> offers, List<Deal> deals) {
    /** A shop's closing days and hours, local time. */
    record ShopHours(String id, List<DayOfWeek> closedOn, LocalTime opens, LocalTime closes) {}

    /** An offer with today's price [cents] and whether it is on the shelf. */
    record Item(
            String id,
            String shop,
            String ingredient,
            String name,
            @Nullable Integer grams,
            @Nullable Integer priceCents,
            @Nullable Integer stepGrams,
            @Nullable Integer priceCentsPerKg,
            @Nullable Bought bought,
            boolean inStock) {}

    private static final double MOVED_SHARE = 0.3;
    private static final double MOST_MOVE = 0.12;
    private static final double SOLD_OUT_SHARE = 0.02;
    private static final double DEAL_SHARE = 0.04;
    private static final int FREE_FROM_CENTS = 6000;

    static MarketDay of(LocalDate day, long seed, List<Offer> base) {
        Random random = new Random(seed * 1_000_003 + day.toEpochDay());
        List<Item> items = new ArrayList<>();
        List<Deal> deals = new ArrayList<>();
        for (Offer offer : base) {
            double factor = random.nextDouble() < MOVED_SHARE ? 1 + MOST_MOVE * (2 * random.nextDouble() - 1) : 1;
            items.add(new Item(
                    offer.id(),
                    offer.shop(),
                    offer.ingredient(),
                    offer.name(),
                    offer.grams(),
                    moved(offer.priceCents(), factor),
                    offer.stepGrams(),
                    moved(offer.priceCentsPerKg(), factor),
                    offer.bought(),
                    random.nextDouble() >= SOLD_OUT_SHARE));
            if (!offer.soldLoose() && random.nextDouble() < DEAL_SHARE) {
                deals.add(new Deal("bundle-" + offer.id(), offer.id(), 3, 2, null));
            }
        }
        base.stream()
                .filter(offer -> !offer.soldLoose())
                .skip(random.nextInt(20))
                .findFirst()
                .ifPresent(offer -> deals.add(new Deal("gift-" + offer.id(), offer.id(), null, null, FREE_FROM_CENTS)));
        return new MarketDay(day, hours(), items, deals);
    }

    private static @Nullable Integer moved(@Nullable Integer cents, double factor) {
        return cents == null ? null : (int) Math.round(cents * factor);
    }

    private static List<ShopHours> hours() {
        return List.of(
                new ShopHours("store", List.of(DayOfWeek.SUNDAY), LocalTime.of(8, 0), LocalTime.of(20, 0)),
                new ShopHours("grocer", List.of(DayOfWeek.SUNDAY), LocalTime.of(9, 0), LocalTime.of(19, 0)),
                new ShopHours("market", List.of(DayOfWeek.MONDAY), LocalTime.of(7, 0), LocalTime.of(14, 0)));
    }
}
