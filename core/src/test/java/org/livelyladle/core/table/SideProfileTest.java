package org.livelyladle.core.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.broths.BrothPlanner;
import org.livelyladle.core.broths.SidePlan;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.cooking.WindowPlanner;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.UnitSystem;

/** One side of two litres, half filled: one litre of broth, one of room, drops up to 220 g. */
class SideProfileTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();
    private final SideProfile profile = new SideProfile(side());

    private static SidePlan side() {
        Briefs briefs = Briefs.plain();
        Pot pot = Briefs.pot("pot", 2000, "kelp-shiitake");
        briefs.pots.set(0, new Pot("pot", "pot", pot.capacityMl(), 50, 2, pot.sides()));
        KitchenText text = new KitchenText(UnitSystem.METRIC, "EUR");
        return new BrothPlanner(briefs.build(), CATALOGUE, new Ledger(), text)
                .plan()
                .side("pot-1");
    }

    private static Placing grams(String cutId, double grams) {
        Cut cut = CATALOGUE.cut(cutId);
        Briefs briefs = Briefs.plain();
        briefs.menu.clear();
        briefs.menu.add(cutId);
        Brief brief = briefs.build();
        Map<String, CookingWindow> windows = new WindowPlanner(CATALOGUE, new Ledger()).plan(brief);
        Side side = new Side("pot-1", "kelp-shiitake");
        int pieces = cut.byHand() ? 2 : 0;
        Batch batch = new Batch(
                cut,
                cutId,
                side,
                side,
                1,
                List.of(new Drop.Serving("ann", grams, pieces)),
                windows.get(cutId),
                0,
                0,
                7200,
                100);
        return new Placing(batch, 0, false);
    }

    private void add(Placing placing, int putIn) {
        placing.putIn = putIn;
        profile.add(placing);
    }

    @Test
    void aDropUpToTheLimitFits() {
        assertThat(profile.obstacle(grams("tofu-firm.cubes", 220), 0)).isNull();
        assertThat(profile.obstacle(grams("tofu-firm.cubes", 221), 0)).contains("larger than the side takes");
    }

    @Test
    void coldFoodCountsUntilTheSideHasRecovered() {
        add(grams("tofu-firm.cubes", 150), 0);

        assertThat(profile.obstacle(grams("tofu-firm.cubes", 100), 149)).contains("too much cold food");
        assertThat(profile.obstacle(grams("tofu-firm.cubes", 100), -149)).contains("too much cold food");
        assertThat(profile.obstacle(grams("tofu-firm.cubes", 100), 150)).isNull();
        assertThat(profile.obstacle(grams("tofu-firm.cubes", 70), 0)).isNull();
    }

    /** Raw leaves take a millilitre for each 0.15 g: 140 g fill 933 ml of the litre that is free. */
    @Test
    void leavesTakeTheirBulk() {
        add(grams("napa-cabbage.leaves", 140), 0);

        assertThat(profile.obstacle(grams("napa-cabbage.leaves", 20), 0)).contains("overflow");
        assertThat(profile.obstacle(grams("tofu-firm.cubes", 60), 0)).isNull();
        assertThat(profile.obstacle(grams("napa-cabbage.leaves", 20), 150)).isNull();
    }

    @Test
    void aPeakInTheMiddleOfALongDropCounts() {
        add(grams("napa-cabbage.leaves", 140), 80);

        assertThat(profile.obstacle(grams("spinach.leaves", 30), 0)).contains("overflow");
    }

    @Test
    void basketsRunOut() {
        add(grams("tofu-firm.cubes", 20), 0);
        add(grams("tofu-firm.cubes", 20), 10);

        assertThat(profile.obstacle(grams("tofu-firm.cubes", 20), 20)).contains("no basket");
        assertThat(profile.obstacle(grams("tofu-firm.cubes", 20), 100)).isNull();
        assertThat(profile.obstacle(grams("beef-ribeye.sliced", 24), 20)).isNull();
    }

    @Test
    void whatIsTakenOutLeavesRoom() {
        Placing placing = grams("tofu-firm.cubes", 200);
        add(placing, 0);
        profile.remove(placing);

        assertThat(profile.obstacle(grams("tofu-firm.cubes", 200), 0)).isNull();
    }

    @Test
    void soakedNoodlesCountSwollen() {
        assertThat(grams("glass-noodle.soaked", 80).loadGrams).isEqualTo(200);
        assertThat(profile.obstacle(grams("glass-noodle.soaked", 90), 0)).contains("larger than the side takes");
    }

    @Test
    void dippedSlicesAreInTheBrothOneAtATime() {
        Placing dip = grams("beef-ribeye.sliced", 24);

        assertThat(dip.loadGrams).isEqualTo(12);
        assertThat(dip.duration).isEqualTo(100 + dip.batch.everySeconds());
    }
}
