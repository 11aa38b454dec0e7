package org.livelyladle.core.pace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.table.Cue;

class QuietMomentsTest {
    private static final Brief BRIEF = brief();

    private static Brief brief() {
        Briefs briefs = Briefs.plain();
        briefs.pots.clear();
        briefs.pots.add(Briefs.pot("one", 3000, "kelp-shiitake"));
        briefs.pots.add(Briefs.pot("two", 3000, "kelp-shiitake"));
        return briefs.build();
    }

    private static Cue cue(Cue.Act act, int at, int latest, String side) {
        return new Cue(at, latest, "ann", act, null, side, "");
    }

    private static int settled(Cue waiting, Cue... others) {
        return new QuietMoments(BRIEF, List.of(others)).settle(waiting).at();
    }

    @Test
    void whatCanWaitIsDoneWhileSomebodyIsAtThePotAnyway() {
        Cue pour = cue(Cue.Act.POUR, 50, 350, "two-1");

        assertThat(settled(pour, cue(Cue.Act.PUT_IN, 200, 260, "two-1"), cue(Cue.Act.PUT_IN, 210, 270, "one-1")))
                .isEqualTo(200);
    }

    @Test
    void elseWhenItsMinderHasLeastToDo() {
        Cue pour = cue(Cue.Act.POUR, 0, 300, "two-1");

        assertThat(settled(pour, cue(Cue.Act.PUT_IN, 0, 60, "one-1"), cue(Cue.Act.TAKE_OUT, 60, 90, "one-1")))
                .isEqualTo(180);
        assertThat(settled(pour)).isZero();
    }
}
