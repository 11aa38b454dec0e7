package org.livelyladle.server.household;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import org.livelyladle.core.household.Household;
import org.livelyladle.core.household.UsualShop;
import org.springframework.stereotype.Component;

/** A household in which nobody has said anything: three invented shops with their prices. */
@Component
public class FirstHousehold {
    private static final List<UsualShop> SHOPS = List.of(
            shop("store", "Towpath Stores", 2, LocalTime.of(17, 30), DayOfWeek.SUNDAY, 8, 20),
            shop("grocer", "Weir Street Grocer", 1, LocalTime.of(18, 0), DayOfWeek.SUNDAY, 9, 19),
            shop("market", "Lock Hall Market", 0, LocalTime.of(9, 30), DayOfWeek.MONDAY, 7, 14));

    private final PriceList prices;

    public FirstHousehold(PriceList prices) {
        this.prices = prices;
    }

    /** @param asOf the day of its prices */
    public Household on(LocalDate asOf) {
        return Household.unsaid(SHOPS, prices.snapshot(asOf));
    }

    private static UsualShop shop(
            String id, String name, int daysBefore, LocalTime at, DayOfWeek closed, int opens, int closes) {
        return new UsualShop(
                id,
                name,
                daysBefore,
                at,
                List.of(closed),
                List.of(),
                LocalTime.of(opens, 0),
                LocalTime.of(closes, 0),
                true);
    }
}
