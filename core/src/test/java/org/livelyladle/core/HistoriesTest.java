package org.livelyladle.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.facts.PartyEvent;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.Now;
import org.livelyladle.core.table.TablePlan;

/** Whatever people do at a table, what is proposed to them next is sound, and nothing in a pot is forgotten. */
class HistoriesTest {
    private static final int A_DAY = 24 * 60;
    private static final Instant SAT_DOWN = Briefs.NOW.plusSeconds(3600);

    private static final int SHORT_MINUTES = 30;
    private static final int FEW = 3;

    static LongStream seeds() {
        return LongStream.range(0, Integer.getInteger("histories", 12));
    }

    /** Where few sit for a short time the same happens in a tenth of the time. */
    static LongStream manySeeds() {
        return LongStream.range(0, 10_000)
                .filter(seed -> {
                    Brief brief = Parties.random(seed);
                    return brief.guests().size() <= FEW && brief.sides().size() <= FEW;
                })
                .limit(Integer.getInteger("histories.short", 488));
    }

    @ParameterizedTest
    @MethodSource("manySeeds")
    void whatIsProposedIsSoundAtEveryMinuteOfManyShortMeals(long seed) {
        everyMinuteIsSound(Parties.random(seed).sittingFor(SHORT_MINUTES), seed);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsProposedIsSoundAtEveryMinute(long seed) {
        everyMinuteIsSound(Parties.random(seed), seed);
    }

    private static void everyMinuteIsSound(Brief brief, long seed) {
        if (brief.sides().isEmpty() || brief.menu().isEmpty() || brief.guests().isEmpty()) {
            return;
        }
        Histories people = new Histories(brief, seed, SAT_DOWN);
        TablePlan table = null;
        for (int minute = 0; minute <= brief.mealMinutes() + 10; minute++) {
            table = at(brief, people.events(), minute);

            assertThat(table.audit()).as("minute %d", minute).isEmpty();
            nothingIsForgotten(table, minute);
            people.pass(table, minute);
        }
        List<PartyEvent> shuffled = new ArrayList<>(people.events());
        Collections.shuffle(shuffled, people.random());
        int last = brief.mealMinutes() + 10;
        assertThat(at(brief, shuffled, last)).isEqualTo(at(brief, people.events(), last));
        Now over = at(brief, people.events(), brief.mealMinutes() + A_DAY).now();
        assertThat(over.finished()).isTrue();
        assertThat(over.cues()).isEmpty();
    }

    private static TablePlan at(Brief brief, List<PartyEvent> events, int minute) {
        return Briefs.PLANNER.table(brief, Facts.fold(events), SAT_DOWN.plusSeconds(minute * 60L));
    }

    private static void nothingIsForgotten(TablePlan table, int minute) {
        Now now = table.now();
        assertThat(now.started()).isTrue();
        assertThat(now.at()).isEqualTo(minute * 60);
        Set<String> takeOut = now.cues().stream()
                .filter(cue -> cue.act() == Cue.Act.TAKE_OUT)
                .map(Cue::side)
                .collect(Collectors.toSet());
        assertThat(now.inPot()).filteredOn(Now.InPot::minded).allMatch(food -> takeOut.contains(food.side()));
        assertThat(now.cues()).allMatch(cue -> cue.act() != Cue.Act.PUT_IN || !now.paused());
    }
}
