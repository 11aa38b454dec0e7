package org.livelyladle.core.household;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Shop;
import org.livelyladle.core.catalogue.Aisle;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.Key;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Usual;
import org.livelyladle.core.check.Within;

/**
 * A shop and when the host usually goes there.
 *
 * @param daysBefore the trip is so long before the party [d]
 * @param at local time of the trip
 * @param closedOn days on which it does not open; none when left out
 * @param aisles the order in which the host walks its aisles; as usual when left out
 * @param opens when it opens; null when unknown
 * @param closes when it closes; null when unknown
 * @param onMarket the market tells all it has and at what price; when left out, where it has any price
 */
public record UsualShop(
        String id,
        String name,
        @Within(min = 0, max = 30) int daysBefore,
        LocalTime at,
        @Key({}) @Usual("[]") List<DayOfWeek> closedOn,
        @Usual("[]") List<Aisle> aisles,
        @Nullable LocalTime opens,
        @Nullable LocalTime closes,
        @Nullable Boolean onMarket) {
    private static final Ranges RANGES = Ranges.of(UsualShop.class);
    private static final int MOST_DAYS_BEFORE = 30;

    public UsualShop {
        RANGES.check("daysBefore", daysBefore);
        Check.present(at, "at");
        Shop checked = new Shop(id, name, LocalDate.EPOCH.atTime(at), closedOn, aisles, opens, closes, onMarket, null);
        name = checked.name();
        closedOn = checked.closedOn();
        aisles = checked.aisles();
    }

    /** As it was used for a party. */
    static UsualShop of(Shop shop, LocalDate party) {
        long days = ChronoUnit.DAYS.between(shop.tripAt().toLocalDate(), party);
        return new UsualShop(
                shop.id(),
                shop.name(),
                (int) Math.max(0, Math.min(MOST_DAYS_BEFORE, days)),
                shop.tripAt().toLocalTime(),
                shop.closedOn(),
                shop.aisles(),
                shop.opens(),
                shop.closes(),
                shop.onMarket());
    }

    /** The trip for a party: at the usual time, earlier where it is closed then. */
    Shop forParty(LocalDate day) {
        Shop shop = new Shop(
                id, name, day.minusDays(daysBefore).atTime(at), closedOn, aisles, opens, closes, onMarket, null);
        return shop.at(shop.trips().get(0).lastOpen(shop.tripAt()));
    }
}
