package org.livelyladle.core.prep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.brief.Decisions;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;

class PrepPlannerTest {
    private static final String SOAK = "broth:kelp-shiitake:soak";
    private final Briefs briefs = Briefs.plain();

    private Prep plan(Facts facts) {
        return Briefs.PLANNER.plan(briefs.build(), facts, Briefs.TODAY).plan().prep();
    }

    private static Map<String, PrepTask> byId(Prep prep) {
        return prep.tasks().stream().collect(Collectors.toMap(PrepTask::id, Function.identity()));
    }

    private void pin(int minutes) {
        briefs.decisions = new Decisions(
                List.of(), List.of(), List.of(new Decisions.TaskPin(SOAK, minutes)), List.of(), List.of(), null);
    }

    @Test
    void everyTaskEndsBeforeTheNextOneStarts() {
        Map<String, PrepTask> tasks = byId(plan(Facts.none()));

        assertThat(tasks).hasSizeGreaterThan(12);
        tasks.values()
                .forEach(task -> task.after().forEach(before -> {
                    PrepTask first = tasks.get(before);
                    assertThat(first.before().value() - first.minutes().value())
                            .isGreaterThanOrEqualTo(task.before().value() - 1e-9);
                }));
    }

    @Test
    void cutsAreReadyByTheBufferAndBrothsBySittingDown() {
        for (PrepTask task : plan(Facts.none()).tasks()) {
            double end = task.before().value() - task.minutes().value();
            assertThat(end)
                    .as(task.id())
                    .isGreaterThanOrEqualTo(task.group() == PrepTask.Group.BROTH ? -1e-9 : 15 - 1e-9);
        }
    }

    /** Simmering takes 12 min and 4 for each litre. */
    @Test
    void durationsGrowWithTheAmount() {
        Plan plan =
                Briefs.PLANNER.plan(briefs.build(), Facts.none(), Briefs.TODAY).plan();
        double litres = plan.broths().needs().get(0).make().value() / 1000;
        assertThat(byId(plan.prep()).get("broth:kelp-shiitake:simmer").minutes().value())
                .isCloseTo(12 + 4 * litres, within(1e-9));
    }

    @Test
    void anEarlierPinIsKeptALaterOneIsBeaten() {
        pin(600);
        assertThat(byId(plan(Facts.none())).get(SOAK).before().value()).isEqualTo(600);

        pin(5);
        Prep prep = plan(Facts.none());
        assertThat(byId(prep).get(SOAK).before().value()).isGreaterThan(60);
        assertThat(prep.beatenPins())
                .singleElement()
                .satisfies(pin -> assertThat(pin.task()).isEqualTo(SOAK));
    }

    @Test
    void doneTasksAreMarked() {
        assertThat(byId(plan(new Facts(List.of(), Set.of(SOAK), Set.of())))
                        .get(SOAK)
                        .done())
                .isTrue();
    }
}
