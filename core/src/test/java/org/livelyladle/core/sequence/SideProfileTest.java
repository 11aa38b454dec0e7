package org.livelyladle.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.UnitSystem;
import org.livelyladle.core.sides.SidePlan;
import org.livelyladle.core.sides.SidePlanner;

/** One side of two litres, half filled: one litre of broth and one of room. */
class SideProfileTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();
    private static final SidePlan SIDE = side();
    private final SideProfile profile = new SideProfile(SIDE, SideLimits.without(Set.of()));
    private final double limit = 0.85 * SIDE.dropLimit().value();

    private static SidePlan side() {
        Briefs briefs = Briefs.plain();
        Pot pot = Briefs.pot("pot", 2000, "kelp-shiitake");
        briefs.pots.set(0, Pot.of("pot", "pot", pot.capacityMl(), 50, 2, pot.sides()));
        KitchenText text = new KitchenText(UnitSystem.METRIC, "EUR");
        return new SidePlanner(briefs.build(), CATALOGUE, new Ledger(), text)
                .plan()
                .side("pot-1");
    }

    private static Placing grams(String cutId, double grams) {
        Cut cut = CATALOGUE.cut(cutId);
        return Placings.of(cutId, grams, cut.byHand() ? 2 : 0, 0);
    }

    private @Nullable String obstacle(Placing placing, int putIn, int linger) {
        Constraint.Breach breach = Constraint.first(profile.constraints(), placing, putIn, linger);
        return breach == null ? null : breach.text();
    }

    private void add(Placing placing, int putIn) {
        placing.putIn = putIn;
        profile.add(placing);
    }

    /** Just before a top-up there is 0.85 of the broth, so 0.85 of the largest drop fits. */
    @Test
    void aDropUpToTheLimitFits() {
        assertThat(obstacle(grams("tofu-firm.cubes", Math.floor(limit)), 0, 0)).isNull();
        assertThat(obstacle(grams("tofu-firm.cubes", Math.ceil(limit)), 0, 0)).contains("larger than the side takes");
    }

    @Test
    void coldFoodCountsUntilTheHeatHasMadeUpForIt() {
        double first = 0.9 * limit;
        double second = 0.5 * limit;
        int recovered = (int) Math.ceil((first + second - limit) / SIDE.pace().value() * 60);
        add(grams("tofu-firm.cubes", first), 0);

        assertThat(obstacle(grams("tofu-firm.cubes", second), recovered - 2, 0)).contains("too much cold food");
        assertThat(obstacle(grams("tofu-firm.cubes", second), recovered, 0)).isNull();
        assertThat(obstacle(grams("tofu-firm.cubes", second), -10, 0)).contains("too much cold food");
        assertThat(obstacle(grams("tofu-firm.cubes", 0.1 * limit - 1), 0, 0)).isNull();
    }

    @Test
    void frozenFoodCountsTwice() {
        assertThat(obstacle(grams("fish-ball.frozen", 0.45 * limit), 0, 0)).isNull();
        assertThat(obstacle(grams("fish-ball.frozen", 0.5 * limit), 0, 0)).contains("larger than the side takes");
    }

    /** Raw leaves take a millilitre for each 0.15 g: 140 g fill 933 ml of the litre that is free. */
    @Test
    void leavesTakeTheirBulk() {
        Placing first = grams("napa-cabbage.leaves", 140);
        add(first, 0);

        assertThat(obstacle(grams("napa-cabbage.leaves", 20), first.duration - 1, 0))
                .contains("overflow");
        assertThat(obstacle(grams("tofu-firm.cubes", 20), 0, 0)).isNull();
        assertThat(obstacle(grams("napa-cabbage.leaves", 20), first.duration, 0))
                .isNull();
    }

    @Test
    void aPeakInTheMiddleOfALongDropCounts() {
        add(grams("napa-cabbage.leaves", 140), 30);

        assertThat(obstacle(grams("spinach.leaves", 30), 0, 0)).contains("overflow");
    }

    @Test
    void basketsRunOut() {
        Placing first = grams("tofu-firm.cubes", 20);
        add(first, 0);
        add(grams("tofu-firm.cubes", 20), 10);

        assertThat(obstacle(grams("tofu-firm.cubes", 20), 20, 0)).contains("no basket");
        assertThat(obstacle(grams("tofu-firm.cubes", 20), first.duration, 0)).isNull();
        assertThat(obstacle(grams("beef-ribeye.sliced", 24), 20, 0)).isNull();
    }

    @Test
    void whatIsTakenOutLeavesRoom() {
        Placing placing = grams("tofu-firm.cubes", 150);
        add(placing, 0);
        profile.remove(placing);

        assertThat(obstacle(grams("tofu-firm.cubes", 150), 0, 0)).isNull();
    }

    @Test
    void soakedNoodlesCountSwollen() {
        assertThat(grams("glass-noodle.soaked", 60).coldGrams).isEqualTo(150);
        assertThat(obstacle(grams("glass-noodle.soaked", 90), 0, 0)).contains("larger than the side takes");
    }

    @Test
    void dippedSlicesAreInTheBrothOneAtATime() {
        Placing dip = grams("beef-ribeye.sliced", 24);

        assertThat(dip.coldGrams).isEqualTo(12);
        assertThat(dip.duration).isEqualTo(dip.batch.offset() + dip.batch.everySeconds());
    }
}
