package org.livelyladle.core.afterwards;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.catalogue.Station;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.evening.PotEvening;
import org.livelyladle.core.facts.EventType;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.facts.TableEvent;
import org.livelyladle.core.household.Household;
import org.livelyladle.core.learning.Subject;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.prep.PrepTask;
import org.livelyladle.core.table.Drop;

/** What took longer or shorter than is usual: asked of the host, and offered where the evening's marks tell it. */
public final class Timings {
    /** Marks are made by busy hands: less than this says nothing [1]; memory. */
    private static final double WORTH_TELLING = 0.15;

    private static final double LEAST_SECONDS = 5;
    private static final double LEAST_MINUTES = 2;

    private final Household household;
    private final Plan usual;
    private final Plan plan;
    private final Facts facts;

    private Timings(Household household, Plan usual, Plan plan, Facts facts) {
        this.household = household;
        this.usual = usual;
        this.plan = plan;
        this.facts = facts;
    }

    /**
     * Cuts, tasks of the household's cooks, and stoves of its pots.
     *
     * @param usual planned as if no evening had taught anything
     * @param plan as planned, with who did what
     */
    public static List<Timing> of(Household household, Plan usual, Plan plan, Facts facts) {
        Timings timings = new Timings(household, usual, plan, facts);
        List<Timing> all = new ArrayList<>();
        timings.cuts(all);
        timings.tasks(all);
        household.pots().forEach(pot -> timings.stove(pot, all));
        return all;
    }

    private void cuts(List<Timing> all) {
        Map<String, List<Cooked>> cooked = cooked();
        usual.windows().stream().map(CookingWindow::cut).distinct().forEach(cut -> {
            List<Cooked> own = cooked.getOrDefault(cut, List.of());
            CookingWindow window = window(cut, own.isEmpty() ? "" : own.get(0).side());
            OptionalDouble took = own.stream().mapToDouble(Cooked::seconds).average();
            all.add(timing(
                    Subject.CUT_TIME,
                    cut,
                    null,
                    window.name(),
                    "s",
                    window.readySeconds(),
                    took.isPresent() ? (double) Math.round(took.getAsDouble()) : null,
                    LEAST_SECONDS));
        });
    }

    private CookingWindow window(String cut, String side) {
        return usual.windows().stream()
                .filter(window -> window.cut().equals(cut))
                .filter(window -> side.isEmpty() || window.sides().contains(side))
                .findFirst()
                .orElseThrow();
    }

    /**
     * Something that came out when it was good.
     *
     * @param seconds after it had gone in
     */
    private record Cooked(String side, double seconds) {}

    /** What was looked at, left in and then good, or good before its time though no sooner than is safe. */
    private Map<String, List<Cooked>> cooked() {
        Map<String, TableEvent.PutIn> in = new HashMap<>();
        Map<String, Boolean> lookedAt = new HashMap<>();
        Map<String, List<Cooked>> cooked = new HashMap<>();
        for (TableEvent event : facts.table()) {
            if (event instanceof TableEvent.SatDown satDown) {
                preloads(satDown).forEach(put -> in.putIfAbsent(put.drop(), put));
            } else if (event instanceof TableEvent.PutIn put) {
                in.put(put.drop(), put);
            } else if (event instanceof TableEvent.TakenOut out && in.containsKey(out.drop())) {
                if (out.how() == TableEvent.How.NOT_YET) {
                    lookedAt.put(out.drop(), true);
                } else if (out.how() == TableEvent.How.DONE) {
                    taken(in.remove(out.drop()), out.at(), lookedAt.containsKey(out.drop()), cooked);
                }
            }
        }
        return cooked;
    }

    /** What was to be in the pots by then is in since its time. */
    private List<TableEvent.PutIn> preloads(TableEvent.SatDown satDown) {
        return plan.table().drops().stream()
                .filter(Drop::preloaded)
                .map(drop -> new TableEvent.PutIn(
                        satDown.id(), satDown.at().plusSeconds(drop.putIn()), drop.id(), null, drop.cut(), drop.side()))
                .toList();
    }

    private void taken(TableEvent.PutIn put, Instant at, boolean afterALook, Map<String, List<Cooked>> cooked) {
        Optional<Drop> drop = plan.table().drops().stream()
                .filter(one -> one.id().equals(put.drop()))
                .findFirst();
        String cut = put.cut() != null ? put.cut() : drop.map(Drop::cut).orElse(null);
        String side = put.side() != null ? put.side() : drop.map(Drop::side).orElse("");
        if (cut == null
                || usual.windows().stream().noneMatch(window -> window.cut().equals(cut))) {
            return;
        }
        double seconds = Duration.between(put.at(), at).toMillis() / 1000.0;
        CookingWindow window = window(cut, side);
        boolean isEarly =
                seconds < window.readySeconds() && seconds >= window.safe().value();
        if (afterALook || isEarly) {
            cooked.computeIfAbsent(cut, any -> new ArrayList<>()).add(new Cooked(side, seconds));
        }
    }

    private void tasks(List<Timing> all) {
        Map<String, Double> worked = worked();
        for (PrepTask task : usual.prep().tasks()) {
            String cook = doneBy(task);
            boolean isWork = task.hands() >= task.minutes().value() || task.at() == Station.RING;
            if (cook != null && isWork && !task.fixed() && Lesson.isCook(household, cook)) {
                all.add(timing(
                        Subject.TASK_TIME,
                        task.id(),
                        cook,
                        task.what() + nameOf(cook),
                        "min",
                        task.minutes().value(),
                        worked.get(task.id()),
                        LEAST_MINUTES));
            }
        }
    }

    private @Nullable String doneBy(PrepTask task) {
        return plan.prep().tasks().stream()
                .filter(planned -> planned.id().equals(task.id()))
                .findFirst()
                .orElse(task)
                .cook();
    }

    /** Behind the task; nothing where nobody is named. */
    private String nameOf(String cook) {
        return household.cooks().stream()
                .filter(one -> one.id().equals(cook))
                .findFirst()
                .map(one -> ", " + one.name())
                .orElse("");
    }

    /** Minutes at each task that was marked both begun and done, without its pauses. */
    private Map<String, Double> worked() {
        Map<String, Instant> since = new HashMap<>();
        Map<String, Double> minutes = new HashMap<>();
        Map<String, Double> done = new HashMap<>();
        for (Facts.TaskMark mark : facts.tasks()) {
            Instant began = since.remove(mark.task());
            if (began != null) {
                minutes.merge(mark.task(), Duration.between(began, mark.at()).toSeconds() / 60.0, Double::sum);
            }
            if (mark.type() == EventType.TASK_STARTED) {
                since.put(mark.task(), mark.at());
            } else if (mark.type() == EventType.TASK_REOPENED) {
                minutes.remove(mark.task());
                done.remove(mark.task());
            } else if (mark.type() == EventType.TASK_DONE && minutes.containsKey(mark.task())) {
                done.put(mark.task(), Math.max(1.0, Math.round(minutes.get(mark.task()))));
            }
        }
        return done;
    }

    private void stove(Pot pot, List<Timing> all) {
        Optional<PotEvening> evening = usual.evening().pots().stream()
                .filter(one -> one.pot().equals(pot.id()))
                .findFirst();
        if (evening.isEmpty()) {
            return;
        }
        if (evening.get().boilTable() != null) {
            all.add(timing(
                    Subject.BOIL_TIME,
                    pot.id(),
                    null,
                    pot.name() + ": cold to the boil at the table",
                    "min",
                    Math.round(Objects.requireNonNull(evening.get().boilTable()).value()),
                    null,
                    LEAST_MINUTES));
        }
        if (evening.get().cartridges() != null) {
            all.add(timing(
                    Subject.FUEL,
                    pot.id(),
                    null,
                    pot.name() + ": cartridges",
                    "cartridges",
                    Math.max(0.1, Math.round(evening.get().burns() * 10) / 10.0),
                    null,
                    0));
        }
    }

    private static Timing timing(
            Subject subject,
            String of,
            @Nullable String by,
            String name,
            String unit,
            double expected,
            @Nullable Double marked,
            double least) {
        double usual = Math.max(1.0 / 10, expected);
        boolean tells =
                marked != null && marked > 0 && Math.abs(marked - usual) >= Math.max(least, WORTH_TELLING * usual);
        String shown = name.length() > Journal.LONGEST_NAME ? name.substring(0, Journal.LONGEST_NAME) : name;
        return new Timing(new Journal.Took(subject, of, by, shown, usual, usual), unit, tells ? marked : null);
    }
}
