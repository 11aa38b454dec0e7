package org.livelyladle.core.prep;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.audit.PrepAudit;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.facts.EventType;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.facts.Facts.TaskMark;
import org.livelyladle.core.measure.Ledger;

class ReplannerTest {
    private static final int NEAR_MINUTES = 10;
    private final Briefs briefs = Briefs.plain();

    {
        briefs.bought.put("beef-ribeye.sliced", org.livelyladle.core.catalogue.Bought.WHOLE);
    }

    private final List<TaskMark> marks = new ArrayList<>();

    private Prep at(int minute) {
        return TestPrep.plan(
                briefs.build(), new Facts(List.of(), marks, Set.of(), List.of(), Set.of()), moment(minute));
    }

    private Instant moment(int minute) {
        return PrepClock.of(briefs.build()).instant(minute);
    }

    private void mark(EventType type, String task, int minute) {
        marks.add(new TaskMark(moment(minute), type, task));
    }

    private static Map<String, PrepTask> byId(Prep prep) {
        return prep.tasks().stream().collect(Collectors.toMap(PrepTask::id, Function.identity()));
    }

    private PrepTask first(Prep prep) {
        return prep.tasks().stream().filter(task -> !task.fixed()).findFirst().orElseThrow();
    }

    @Test
    void beforeAnythingIsDueNothingMoves() {
        assertThat(at(-2000).tasks())
                .extracting(PrepTask::startsAt)
                .isEqualTo(at(-20_000).tasks().stream().map(PrepTask::startsAt).toList());
    }

    /** A device whose clock stood still years ago: its mark counts from where prep begins, and the plan is the same. */
    @Test
    void aMarkOfLongAgoCountsFromWherePrepReachesBack() {
        String first = first(at(-2000)).id();
        mark(EventType.TASK_STARTED, first, -8 * 24 * 60);
        Prep bounded = at(-300);
        for (String longAgo : new String[] {"2020-01-01T00:00:00Z", "1970-01-01T00:00:00Z", "0202-11-26T17:30:00Z"}) {
            marks.clear();
            marks.add(new TaskMark(Instant.parse(longAgo), EventType.TASK_STARTED, first));

            assertThat(at(-300)).isEqualTo(bounded);
        }
    }

    @Test
    void whatHasNotBegunInTimeBeginsNowAndTheRestFollows() {
        briefs.cooks.add(Cook.of("bo", "Bo"));
        PrepTask first = first(at(-2000));
        int late = -(int) first.before().value() + 25;
        Prep prep = at(late);

        assertThat(byId(prep).get(first.id()).startsAt())
                .isEqualTo(first.plannedAt().plusMinutes(25));
        assertThat(byId(prep).get(first.id()).plannedAt()).isEqualTo(first.startsAt());
        assertThat(prep.readyAt()).isAfter(Briefs.SIT_DOWN.minusMinutes(15));
        assertThat(PrepAudit.check(briefs.build(), prep)).isEmpty();
    }

    @Test
    void tickingInTimeKeepsThePlan() {
        Prep before = at(-2000);
        PrepTask first = first(before);
        int start = -(int) first.before().value();
        mark(EventType.TASK_STARTED, first.id(), start);
        Prep prep = at(start);

        assertThat(byId(prep).get(first.id()).state()).isEqualTo(PrepTask.State.RUNNING);
        assertThat(prep.tasks())
                .extracting(PrepTask::startsAt)
                .isEqualTo(before.tasks().stream().map(PrepTask::startsAt).toList());
    }

    @Test
    void aPausedTaskGoesOnLaterForWhatIsLeft() {
        String task = "sauce:soy-spring-onion";
        int start = -(int) byId(at(-2000)).get(task).before().value();
        int minutes = (int) byId(at(-2000)).get(task).minutes().value();
        mark(EventType.TASK_STARTED, task, start);
        mark(EventType.TASK_PAUSED, task, start + 1);
        PrepTask paused = byId(at(start + 3)).get(task);

        assertThat(paused.state()).isEqualTo(PrepTask.State.PAUSED);
        assertThat(paused.left()).isEqualTo(minutes - 1);
        mark(EventType.TASK_STARTED, task, start + 5);
        PrepTask again = byId(at(start + 6)).get(task);
        assertThat(again.state()).isEqualTo(PrepTask.State.RUNNING);
        assertThat(again.endsAt()).isEqualTo(Briefs.SIT_DOWN.plusMinutes(start + 5 + minutes - 1));
    }

    @Test
    void whatTakesLongerThanPlannedIsTakenToEndAnyMinute() {
        String task = "food:cube";
        int start = -(int) byId(at(-2000)).get(task).before().value();
        mark(EventType.TASK_STARTED, task, start);
        int now = start + 30;

        assertThat(byId(at(now)).get(task).endsAt()).isEqualTo(Briefs.SIT_DOWN.plusMinutes(now + 1));
        assertThat(byId(at(now)).get(task).startsAt()).isEqualTo(Briefs.SIT_DOWN.plusMinutes(start));
    }

    @Test
    void whoSlicesHasHalfFrozenAndWhoReopensHasNot() {
        mark(EventType.TASK_DONE, "food:slice:raw", -200);
        assertThat(byId(at(-199)).get("food:half-freeze:raw").state()).isEqualTo(PrepTask.State.DONE);
        mark(EventType.TASK_REOPENED, "food:slice:raw", -198);
        assertThat(byId(at(-197)).get("food:slice:raw").state()).isEqualTo(PrepTask.State.PLANNED);
    }

    @Test
    void afterThePartyNothingIsLateAnyMore() {
        assertThat(at(400).readyAt()).isEqualTo(at(-2000).readyAt());
        assertThat(at(400).problems()).isEmpty();
    }

    static LongStream seeds() {
        return Seeds.of(0, 18);
    }

    /** Histories by seed: tasks begun, paused and done more or less in time, each minute against the one before. */
    @ParameterizedTest
    @MethodSource("seeds")
    void aNewPlanMovesNothingBegunAndNothingNearWithoutNeed(long seed) {
        Random random = new Random(seed);
        Brief brief = TestPrep.randomKitchen(seed);
        Draft draft = Draft.of(brief, brief.extend(Catalogue.builtIn()), TestPrep.inputs(brief, Facts.none()));
        PrepClock clock = PrepClock.of(brief);
        List<TaskMark> marks = new ArrayList<>();
        int now = -170 + random.nextInt(60);
        while (now < 0) {
            now += 1 + random.nextInt(12);
            Prep old = plan(draft, marks, clock.instant(now - 1));
            happen(old, clock.instant(now), clock.local(now), random, marks);
            Prep next = plan(draft, marks, clock.instant(now));
            assertThat(PrepAudit.check(brief, next))
                    .as("seed %d, minute %d", seed, now)
                    .isEmpty();
            compare(brief, old, next, clock.local(now), "seed " + seed + ", minute " + now);
        }
    }

    private static Prep plan(Draft draft, List<TaskMark> marks, Instant now) {
        Facts facts = new Facts(List.of(), marks, Set.of(), List.of(), Set.of());
        return new PrepPlanner(draft, facts, now, new Ledger()).plan();
    }

    /** What is due is mostly begun, what should be over mostly done; now and then something is paused. */
    private static void happen(Prep prep, Instant now, LocalDateTime local, Random random, List<TaskMark> marks) {
        for (PrepTask task : prep.tasks()) {
            EventType type = null;
            if (task.fixed() || random.nextInt(4) == 0) {
                continue;
            }
            if (task.state() == PrepTask.State.PLANNED && !task.startsAt().isAfter(local)) {
                type = EventType.TASK_STARTED;
            } else if (task.state() == PrepTask.State.RUNNING) {
                type = !task.endsAt().isAfter(local)
                        ? EventType.TASK_DONE
                        : random.nextInt(12) == 0 ? EventType.TASK_PAUSED : null;
            } else if (task.state() == PrepTask.State.PAUSED && random.nextBoolean()) {
                type = EventType.TASK_STARTED;
            }
            if (type != null) {
                marks.add(new TaskMark(now, type, task.id()));
            }
        }
    }

    private static void compare(Brief brief, Prep old, Prep next, LocalDateTime now, String name) {
        Map<String, PrepTask> after = byId(next);
        for (PrepTask before : old.tasks()) {
            PrepTask then = after.get(before.id());
            boolean wasUnderWay = before.state() == PrepTask.State.RUNNING || before.state() == PrepTask.State.DONE;
            if (before.fixed() || wasUnderWay && then.state() != PrepTask.State.PAUSED) {
                assertThat(then.startsAt()).as(name + " " + before.id()).isEqualTo(before.startsAt());
            } else if (before.state() == PrepTask.State.PLANNED && then.state() == PrepTask.State.PLANNED) {
                boolean near =
                        !before.startsAt().isBefore(now) && !before.startsAt().isAfter(now.plusMinutes(NEAR_MINUTES));
                if (near) {
                    assertThat(then.startsAt()).as(name + " " + before.id()).isAfterOrEqualTo(before.startsAt());
                } else if (before.startsAt().isAfter(now)) {
                    assertThat(then.startsAt()).as(name + " " + before.id()).isAfter(now.plusMinutes(NEAR_MINUTES));
                }
                if (near && then.startsAt().isAfter(before.startsAt())) {
                    assertThat(isForced(brief, before, next))
                            .as(name + " moves " + before.id() + " from " + before.startsAt())
                            .isTrue();
                }
            }
        }
    }

    /** At its old time something it waits for, its cook, its place or the room for it is not free. */
    private static boolean isForced(Brief brief, PrepTask task, Prep next) {
        Duration hands = Duration.ofMinutes(task.hands());
        LocalDateTime start = task.startsAt();
        long taken = next.tasks().stream()
                .filter(other -> other.at() == task.at() && isAt(other, start, task.endsAt(), task))
                .count();
        boolean full = task.at() != org.livelyladle.core.catalogue.Station.NONE
                && taken >= 1
                && (task.at().isBoard()
                        || task.at().isCold()
                        || taken >= brief.kitchen().count(task.at()));
        return full
                || next.tasks().stream()
                        .anyMatch(other -> task.after().contains(other.id())
                                        && other.endsAt().isAfter(start)
                                || task.at().isBoard()
                                        && other.at().isBoard()
                                        && other.unit() == task.unit()
                                        && other.plannedAt().isBefore(task.plannedAt())
                                        && other.endsAt().isAfter(start)
                                || java.util.Objects.equals(other.cook(), task.cook())
                                        && other != task
                                        && !other.id().equals(task.id())
                                        && other.state() != PrepTask.State.DONE
                                        && other.startsAt().isBefore(start.plus(hands))
                                        && other.endsAt().isAfter(start));
    }

    private static boolean isAt(PrepTask other, LocalDateTime from, LocalDateTime until, PrepTask self) {
        return !other.id().equals(self.id())
                && other.state() != PrepTask.State.DONE
                && other.startsAt().isBefore(until)
                && other.endsAt().isAfter(from);
    }
}
