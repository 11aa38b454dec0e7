package org.livelyladle.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Parties;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.cooking.TestWindows;
import org.livelyladle.core.cooking.Windows;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.portions.PortionPlanner;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.sides.SidePlanner;
import org.livelyladle.core.sides.Sides;

/** "No room" is said only where it is true: not one piece more goes into any side open to its eater, at any moment. */
class NoRoomTest {
    static LongStream seeds() {
        return Seeds.of(0, 50);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void notOnePieceMoreFitsAnywhere(long seed) {
        Brief brief = Parties.random(seed);
        Catalogue catalogue = brief.extend(Catalogue.builtIn());
        KitchenText text = new KitchenText(brief.units(), brief.currency());
        Windows windows = TestWindows.of(brief);
        Portions portions = new PortionPlanner(brief, catalogue, new Ledger(), text).plan();
        Sides sides = new SidePlanner(brief, catalogue, new Ledger(), text).plan();
        TablePlanner.Arranged arranged = new TablePlanner(
                        brief, catalogue, sides, windows, SideLimits.without(java.util.Set.of()), Care.FULL, text)
                .arrange(portions);

        for (Demand demand : arranged.left()) {
            for (Side side : brief.sides()) {
                boolean open = arranged.allocation().mayHold(demand.cut(), side)
                        && arranged.allocation().mayEatFrom(demand.guest(), side)
                        && arranged.batcher().canMeet(demand.dish(), side, demand);
                if (open) {
                    Batch piece = arranged.batcher().crumb(demand.dish(), side, demand);
                    assertThat(arranged.sequencer().fits(piece))
                            .as(
                                    "%s for %s in %s",
                                    demand.cut().id(), demand.guest().id(), side.id())
                            .isFalse();
                }
            }
        }
    }
}
