package org.livelyladle.core.prep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.audit.PrepAudit;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.HeatSource;
import org.livelyladle.core.catalogue.Bought;
import org.livelyladle.core.facts.Facts;

/**
 * Hands-on minutes of six described kitchens, shopping aside. The bounds are common practice: a quick supper for two in
 * plain water is half an hour's work, one with packets and bought-cut meat for four an hour; an evening from scratch,
 * meat sliced and broths made at home, takes one cook two to three hours, and grows far slower than its guests.
 */
class HandTimesTest {
    private enum Kitchen {
        TWO_IN_WATER(2, 10, 30, 14) {
            @Override
            Briefs set(Briefs briefs) {
                briefs.pots.add(Records.with(
                        Briefs.pot("pot", 1500, "cabbage-water"),
                        "heat",
                        HeatSource.of(HeatSource.Kind.BUILT_IN, 700, null, null)));
                briefs.menu.addAll(List.of("lamb-leg.sliced", "enoki.bundles", "napa-cabbage.leaves", "udon.fresh"));
                return briefs;
            }
        },
        TWO_WITH_A_PACKET(2, 10, 40, 16) {
            @Override
            Briefs set(Briefs briefs) {
                briefs.pots.add(Briefs.pot("pot", 2400, "packet-mushroom"));
                briefs.menu.addAll(List.of(
                        "beef-ribeye.sliced",
                        "fish-ball.frozen",
                        "tofu-puff.halved",
                        "shiitake.halved",
                        "spinach.leaves",
                        "glass-noodle.soaked"));
                return briefs;
            }
        },
        FOUR_WITH_PACKETS(4, 20, 60, 22) {
            @Override
            Briefs set(Briefs briefs) {
                briefs.pots.add(Briefs.pot("pot", 5200, "packet-mushroom", "packet-chilli"));
                briefs.menu.addAll(List.of(
                        "beef-ribeye.sliced",
                        "pork-belly.sliced",
                        "prawn.peeled",
                        "fish-ball.frozen",
                        "tofu-firm.cubes",
                        "enoki.bundles",
                        "napa-cabbage.leaves",
                        "spinach.leaves",
                        "carrot.sliced",
                        "udon.fresh"));
                briefs.bought.put("prawn.peeled", Bought.READY);
                return briefs;
            }
        },
        FOUR_FROM_SCRATCH(4, 90, 190, 40) {
            @Override
            Briefs set(Briefs briefs) {
                briefs.pots.add(Briefs.pot("pot", 5200, "ginger-chicken", "numbing-chilli"));
                briefs.menu.addAll(List.of(
                        "beef-ribeye.sliced",
                        "chicken-thigh.sliced",
                        "prawn.whole",
                        "tofu-firm.cubes",
                        "shiitake.halved",
                        "pak-choi.leaves",
                        "pak-choi.stems",
                        "daikon.sliced",
                        "sweetcorn.pieces",
                        "glass-noodle.soaked"));
                briefs.bought.put("beef-ribeye.sliced", Bought.WHOLE);
                briefs.bought.put("chicken-thigh.sliced", Bought.WHOLE);
                briefs.sauces.add("sesame-peanut");
                return briefs;
            }
        },
        NINE(9, 90, 240, 50) {
            @Override
            Briefs set(Briefs briefs) {
                FOUR_FROM_SCRATCH.set(briefs);
                briefs.menu.addAll(List.of("lamb-leg.sliced", "fish-ball.frozen", "enoki.bundles", "spinach.leaves"));
                return briefs;
            }
        },
        TWENTY(20, 120, 400, 55) {
            @Override
            Briefs set(Briefs briefs) {
                NINE.set(briefs);
                briefs.pots.add(Briefs.pot("second", 5200, "kelp-shiitake", "smoked-tomato"));
                return briefs;
            }
        };

        private final int guests;
        final int least;
        final int most;
        final int mostTasks;

        Kitchen(int guests, int least, int most, int mostTasks) {
            this.guests = guests;
            this.least = least;
            this.most = most;
            this.mostTasks = mostTasks;
        }

        abstract Briefs set(Briefs briefs);

        Brief brief() {
            Briefs briefs = new Briefs();
            IntStream.range(0, guests).forEach(i -> briefs.guests.add(Briefs.guest("g" + i)));
            set(briefs);
            briefs.cooks.add(Cook.of("bo", "Bo"));
            if (guests > 4) {
                briefs.cooks.add(Cook.of("edda", "Edda"));
            }
            return briefs.build();
        }
    }

    @ParameterizedTest
    @EnumSource
    void handsAreWhatHostsTake(Kitchen kitchen) {
        Brief brief = kitchen.brief();
        Prep prep = TestPrep.plan(brief, Facts.none(), Briefs.NOW);

        assertThat(PrepAudit.check(brief, prep)).isEmpty();
        assertThat(prep.problems()).isEmpty();
        assertThat(prep.handsOn().value()).isBetween((double) kitchen.least, (double) kitchen.most);
        assertThat(prep.tasks())
                .filteredOn(task -> task.group() != PrepTask.Group.SHOPPING)
                .hasSizeLessThanOrEqualTo(kitchen.mostTasks);
    }
}
