package org.livelyladle.core.purchases;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Deal;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.PriceSnapshot;
import org.livelyladle.core.catalogue.Aisle;
import org.livelyladle.core.facts.Facts;

/** The plain party misses 136.4 g of carrot and 272 g of beef; waste counts 3 cents a 10 g. */
class DealsTest {
    private final Briefs briefs = Briefs.plain();

    private Purchases plan() {
        return plan(briefs.build());
    }

    private static Purchases plan(Brief brief) {
        return Briefs.PLANNER.plan(brief, Facts.none(), Briefs.NOW).plan().purchases();
    }

    private Purchases.Line line(String offer) {
        return plan().trips().get(0).lines().stream()
                .filter(line -> line.offer().equals(offer))
                .findFirst()
                .orElseThrow();
    }

    private void carrots(int grams, int cents) {
        briefs.offers.add(new Offer("carrots", "shop", "carrot", "Carrots", grams, cents, null, null));
    }

    /** Two of 80 g are needed: three for two cost no more but leave 80 g, so the deal stays; three of 50 g are taken. */
    @Test
    void aBundleIsTakenOnlyWhereTheRealCostFalls() {
        carrots(80, 100);
        briefs.deals.add(new Deal("three", "carrots", 3, 2, null));
        assertThat(line("carrots").count()).isEqualTo(2);
        assertThat(plan().deals()).isEmpty();

        briefs.offers.clear();
        carrots(50, 100);
        assertThat(line("carrots").count()).isEqualTo(3);
        assertThat(line("carrots").cost().value()).isEqualTo(200);
        assertThat(line("carrots").deal()).isEqualTo("1 free");
        assertThat(plan().deals()).singleElement().satisfies(deal -> {
            assertThat(deal.saved().value()).isCloseTo(100, within(1e-9));
            assertThat(deal.text()).isEqualTo("3 for 2: Carrots");
        });
    }

    /** Beef comes to 8.40 (six steps of 50 g at 28.00 a kg), so a free pack from 8 euros on costs nothing more. */
    @Test
    void aFreePackIsTakenWhereTheBillReachesTheThreshold() {
        carrots(200, 150);
        briefs.offers.add(new Offer("beef", "shop", "beef-ribeye", "Beef", null, null, 50, 2800));
        briefs.deals.add(new Deal("gift", "carrots", null, null, 800));

        assertThat(line("carrots").cost().value()).isZero();
        assertThat(plan().bill().value()).isEqualTo(840);
        assertThat(plan().deals().get(0).text()).isEqualTo("Carrots free from €8.00 on");
    }

    /** One step of beef more (1.40, 50 g) lifts the bill to 9.80; the carrots saved cost 4.00, or only 1.20. */
    @Test
    void aTopUpIsBoughtOnlyForAPackThatIsWorthMore() {
        briefs.offers.add(new Offer("beef", "shop", "beef-ribeye", "Beef", null, null, 50, 2800));
        briefs.deals.add(new Deal("gift", "carrots", null, null, 950));
        carrots(200, 400);
        assertThat(plan().bill().value()).isEqualTo(980);
        assertThat(line("beef").count()).isEqualTo(7);

        briefs.offers.remove(1);
        carrots(200, 120);
        assertThat(plan().bill().value()).isEqualTo(960);
        assertThat(plan().deals()).isEmpty();
    }

    static LongStream seeds() {
        return Seeds.of(1, 13);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void dealsNeverMakePriceAndWasteMore(long seed) {
        Brief with = Briefs.random(seed);
        PriceSnapshot prices = with.prices();
        Brief without =
                with.on(with.sitDown(), with.shops(), new PriceSnapshot(prices.asOf(), prices.offers(), List.of()));

        assertThat(realCost(with)).isLessThanOrEqualTo(realCost(without) + 1e-6);
        assertThat(plan(with).deals()).allMatch(deal -> deal.saved().value() > 0);
    }

    private static double realCost(Brief brief) {
        Purchases purchases = plan(brief);
        double grams = purchases.trips().stream()
                .flatMap(trip -> trip.lines().stream())
                .mapToDouble(Purchases.Line::grams)
                .sum();
        return purchases.bill().value() + grams * brief.wasteCentsPerKg() / 1000;
    }

    @Test
    void aShopIsWalkedInTheHostsOrder() {
        carrots(200, 150);
        briefs.offers.add(new Offer("beef", "shop", "beef-ribeye", "Beef", null, null, 50, 2800));
        Brief brief = briefs.build();
        assertThat(aisles(brief)).containsExactly("Fruit and vegetables", "Meat counter");

        assertThat(aisles(brief.on(
                        brief.sitDown(),
                        List.of(Records.with(brief.shops().get(0), "aisles", List.of(Aisle.MEAT))),
                        brief.prices())))
                .containsExactly("Meat counter", "Fruit and vegetables");
    }

    private static List<String> aisles(Brief brief) {
        return plan(brief).trips().get(0).lines().stream()
                .map(Purchases.Line::aisle)
                .toList();
    }
}
