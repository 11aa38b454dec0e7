package org.livelyladle.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
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
    private static final double A_CRUMB = 0.1;

    static LongStream seeds() {
        return Seeds.of(0, Integer.getInteger("histories", 12));
    }

    /** Where few sit for a short time the same happens in a tenth of the time. */
    static LongStream manySeeds() {
        return Seeds.costly(LongStream.range(0, 10_000)
                .filter(seed -> {
                    Brief brief = Parties.random(seed);
                    return brief.guests().size() <= FEW && brief.sides().size() <= FEW;
                })
                .limit(Integer.getInteger("histories.short", 488)));
    }

    @ParameterizedTest
    @MethodSource("manySeeds")
    void whatIsProposedIsSoundAtEveryMinuteOfManyShortMeals(long seed) {
        everyMinuteIsSound(Parties.random(seed).sittingFor(SHORT_MINUTES), seed);
    }

    /** Somebody who said it late got eggs with what the meal ended with, as that had begun. */
    @ParameterizedTest
    @ValueSource(longs = 1569)
    void whatWasNotSoundOnceIsNow(long seed) {
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
        TablePlan asPlanned = at(brief, people.events(), 0);
        Brief known = brief;
        for (int minute = 0; minute <= brief.mealMinutes() + 10; minute++) {
            TablePlan table = at(brief, people.events(), minute);
            // a need told of late that was said before sitting down changes what was planned
            Brief knownNow = Facts.fold(people.events()).knownOf(brief, SAT_DOWN);
            if (!knownNow.equals(known)) {
                known = knownNow;
                asPlanned = at(brief, people.events(), 0);
            }

            assertThat(table.audit()).as("minute %d", minute).isEmpty();
            nothingIsForgotten(table, minute);
            portionsAddUp(brief, asPlanned, table, minute);
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

    /** Nothing is served that is not there, and what is not served is named, once. */
    private static void portionsAddUp(Brief brief, TablePlan asPlanned, TablePlan table, int minute) {
        Map<String, Double> served = served(table);
        Map<String, Double> named = new HashMap<>(served);
        Map<String, Double> spoken = new HashMap<>(served);
        table.remainders().forEach(rest -> {
            named.merge(rest.cut(), rest.grams(), Double::sum);
            // what is left to others may be served to them
            boolean isWithOthers = rest.cause().leavesItToOthers() || rest.cause() == TablePlan.Cause.EATEN_BY_OTHERS;
            spoken.merge(rest.cut(), isWithOthers ? 0 : rest.grams(), Double::sum);
        });
        Map<String, Double> all = served(asPlanned);
        asPlanned.remainders().forEach(rest -> all.merge(rest.cut(), rest.grams(), Double::sum));

        Map<String, Double> there = new HashMap<>(all);
        brief.menu().forEach(item -> there.merge(item.cut(), item.heldBackGrams(), Double::sum));

        assertThat(served.keySet()).as("minute %d", minute).isSubsetOf(there.keySet());
        there.forEach((cut, grams) -> assertThat(spoken.getOrDefault(cut, 0.0))
                .as("%s served or gone, minute %d", cut, minute)
                .isLessThanOrEqualTo(grams + A_CRUMB));
        all.forEach((cut, grams) -> {
            assertThat(named.getOrDefault(cut, 0.0))
                    .as("%s served or named, minute %d", cut, minute)
                    .isGreaterThanOrEqualTo(grams - A_CRUMB);
        });
    }

    private static Map<String, Double> served(TablePlan table) {
        Map<String, Double> grams = new HashMap<>();
        table.drops()
                .forEach(drop ->
                        drop.servings().forEach(serving -> grams.merge(drop.cut(), serving.grams(), Double::sum)));
        return grams;
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
