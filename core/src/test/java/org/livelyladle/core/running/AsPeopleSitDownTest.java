package org.livelyladle.core.running;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.ToldEvening;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Decisions.DropPin;
import org.livelyladle.core.facts.EventType;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState;

/** What goes in about the moment of sitting down is either in the pot by then or somebody's to put in, never both. */
class AsPeopleSitDownTest {
    private static final String TOFU = "tofu-firm.cubes";

    private final String side = Briefs.plain().build().sides().get(0).id();

    private Brief pinned(double minute) {
        Brief brief = Briefs.plain().build();
        return Records.with(
                brief,
                "decisions",
                Records.with(brief.decisions(), "drops", List.of(new DropPin(TOFU, side, 1, side, minute))));
    }

    private static Drop tofu(TablePlan table) {
        return table.drops().stream()
                .filter(drop -> drop.cut().equals(TOFU) && drop.batch() == 1)
                .findFirst()
                .orElseThrow();
    }

    private static List<Integer> toPutIn(TablePlan table, List<Cue> cues) {
        return cues.stream()
                .filter(cue -> cue.act() == Cue.Act.PUT_IN && tofu(table).id().equals(cue.drop()))
                .map(Cue::at)
                .toList();
    }

    @Test
    void whatGoesInAtTheVeryStartIsToldOfAndNotInBeforeSomebodySaysSo() {
        ToldEvening evening = new ToldEvening(pinned(0));
        TablePlan table = evening.at(0);

        assertThat(tofu(table).putIn()).isBetween(0, 10);
        assertThat(table.preloads()).doesNotContain(tofu(table));
        assertThat(toPutIn(table, table.now().cues()))
                .hasSize(1)
                .allMatch(at -> at <= tofu(table).putIn());
        assertThat(table.now().inPot())
                .noneMatch(in -> in.drop().equals(tofu(table).id()));

        evening.tell(40, EventType.PUT_IN, Map.of("drop", tofu(table).id()));
        assertThat(evening.at(60).now().inPot())
                .filteredOn(in -> in.drop().equals(tofu(table).id()))
                .isNotEmpty()
                .allMatch(in -> in.putIn() == 40);
    }

    @Test
    void whatGoesInAMinuteBeforeIsInByThen() {
        TablePlan table = new ToldEvening(pinned(-1)).at(0);

        assertThat(table.preloads()).contains(tofu(table));
        assertThat(toPutIn(table, table.cues())).isEmpty();
        assertThat(table.now().inPot())
                .anyMatch(in -> in.drop().equals(tofu(table).id()));
    }

    @Test
    void nobodyPutsAnythingInWhileSittingDown() {
        assertThat(Briefs.PLANNER.sequence(pinned(-0.5), TableState.empty()).beatenPins())
                .singleElement()
                .satisfies(pin -> assertThat(pin.reason()).isEqualTo("people are sitting down then"));
    }
}
