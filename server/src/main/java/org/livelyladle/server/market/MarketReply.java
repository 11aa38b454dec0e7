package org.livelyladle.server.market;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Deal;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.catalogue.Bought;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;

/** What a market says, checked as strictly as anything a host types. */
record MarketReply(LocalDate asOf, List<Hours> shops, List<Item> offers, List<Deal> deals) {
    private static final int MOST_OFFERS = 5000;

    MarketReply {
        Check.present(asOf, "asOf");
        shops = Check.distinct(shops, "shops", 100, Hours::id);
        offers = Check.distinct(offers, "offers", MOST_OFFERS, Item::id);
        deals = Check.distinct(deals, "deals", MOST_OFFERS, Deal::id);
        if (offers.isEmpty()) {
            throw new InvalidInputException("offers", "empty", "at least one offer");
        }
    }

    record Hours(
            String id,
            @Nullable List<DayOfWeek> closedOn,
            @Nullable LocalTime opens,
            @Nullable LocalTime closes) {
        Hours {
            Check.id(id, "shops.id");
            closedOn = Check.distinct(closedOn, "shops.closedOn", 6, day -> day);
        }
    }

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
            boolean inStock) {
        Item {
            new Offer(id, shop, ingredient, name, grams, priceCents, stepGrams, priceCentsPerKg, bought);
        }

        /** @param known the state it is sold in, where the market does not tell */
        Offer offer(@Nullable Bought known) {
            return new Offer(
                    id,
                    shop,
                    ingredient,
                    name,
                    grams,
                    priceCents,
                    stepGrams,
                    priceCentsPerKg,
                    bought == null ? known : bought);
        }
    }
}
