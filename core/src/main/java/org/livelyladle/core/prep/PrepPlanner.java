package org.livelyladle.core.prep;

import static org.livelyladle.core.measure.Operation.DIFFERENCE;
import static org.livelyladle.core.measure.Operation.GIVEN;
import static org.livelyladle.core.measure.Operation.MAXIMUM;
import static org.livelyladle.core.measure.Operation.MINIMUM;
import static org.livelyladle.core.measure.Operation.ROUND_UP;
import static org.livelyladle.core.measure.Operation.SUM;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;

/** Turns the schedule of a moment into tasks with their figures. */
public final class PrepPlanner {
    private final Scheduled plan;
    private final Links links;
    private final Earliest earliest;
    private final Reasons reasons;
    private final Ledger ledger;

    /** @param asOf the moment it is looked at; what has not begun by then can begin then at the earliest */
    public PrepPlanner(Brief brief, Catalogue catalogue, Facts facts, Instant asOf, PrepInputs inputs, Ledger ledger) {
        this(Draft.of(brief, catalogue, inputs), facts, asOf, ledger);
    }

    PrepPlanner(Draft draft, Facts facts, Instant asOf, Ledger ledger) {
        this.plan = draft.at(facts, asOf);
        this.links = new Links(plan);
        this.earliest = new Earliest(plan, draft.clock().minute(asOf));
        this.reasons = new Reasons(plan, links);
        this.ledger = ledger;
    }

    /** When all would be done [min from sitting down]. */
    public static int readyMinute(Brief brief, Catalogue catalogue, Facts facts, Instant asOf, PrepInputs inputs) {
        return Draft.of(brief, catalogue, inputs).at(facts, asOf).end();
    }

    public Prep plan() {
        List<PrepTask> tasks = IntStream.range(0, plan.slots().length)
                .mapToObj(this::task)
                .sorted(Comparator.comparing(PrepTask::startsAt).thenComparing(PrepTask::id))
                .toList();
        List<PrepTask> own = tasks.stream().filter(task -> !task.fixed()).toList();
        double begins =
                own.stream().mapToDouble(task -> task.before().value()).max().orElse(0);
        Figure first = minutes("prep.begins", begins)
                .by(
                        "Prep begins",
                        "The earliest of all starts",
                        MAXIMUM,
                        () -> own.stream()
                                .map(task -> Term.of(task.what(), task.before()))
                                .toList());
        Figure handsOn = hands("prep.hands", "Hands-on time", own);
        return new Prep(
                first,
                handsOn,
                ready(own),
                plan.clock().local(plan.end()),
                cooks(own),
                tasks,
                new ProblemFinder(plan, reasons).find(),
                beatenPins());
    }

    private Figure hands(String id, String title, List<PrepTask> tasks) {
        double hands = tasks.stream().mapToInt(PrepTask::hands).sum();
        return minutes(id, hands)
                .by(
                        title,
                        "Time somebody is at each task",
                        SUM,
                        () -> tasks.stream()
                                .filter(task -> task.hands() > 0)
                                .map(task -> given(task.what(), task.hands(), ""))
                                .toList());
    }

    private Figure ready(List<PrepTask> tasks) {
        int end = plan.end();
        String text = KitchenText.minutes(Math.abs(end)) + (end > 0 ? " after" : " before");
        return ledger.figure("prep.ready", -end, "min", text)
                .by("All is done", "The last end, counted back from sitting down", MINIMUM, () -> {
                    List<Term> terms = new ArrayList<>();
                    terms.add(Term.of(
                            "your buffer",
                            plan.brief().bufferMinutes(),
                            "min",
                            KitchenText.minutes(plan.brief().bufferMinutes()),
                            "",
                            Mark.HOST));
                    IntStream.range(0, plan.slots().length)
                            .filter(i -> !plan.project().job(i).isFixed()
                                    && !plan.progress().isDone(i))
                            .forEach(i -> terms.add(given(plan.project().job(i).what(), -plan.slots()[i].end(), "")));
                    return terms;
                });
    }

    private List<Prep.CookShare> cooks(List<PrepTask> own) {
        return plan.crew().cooks.stream()
                .map(cook -> new Prep.CookShare(
                        cook.id(),
                        cook.name(),
                        cook.helper(),
                        hands("prep.hands." + cook.id(), "At it: " + cook.name(), of(cook, own))))
                .toList();
    }

    private static List<PrepTask> of(Cook cook, List<PrepTask> tasks) {
        return tasks.stream().filter(task -> cook.id().equals(task.cook())).toList();
    }

    private PrepTask task(int i) {
        Job job = plan.project().job(i);
        Slot slot = plan.slots()[i];
        Progress.Touched touched = plan.progress().of(i);
        PrepTask.State state = touched == null ? PrepTask.State.PLANNED : touched.state();
        Figure minutes = length(job);
        return new PrepTask(
                job.id(),
                job.group(),
                job.what(),
                job.amount(),
                job.tool(),
                minutes,
                before(job, slot),
                earlier(job, i),
                slack(job, i),
                plan.clock().local(slot.start()),
                plan.clock().local(slot.end()),
                plan.clock().local(plan.draft().planned()[i].start()),
                slot.cook() == Slot.NOBODY
                        ? null
                        : plan.crew().cooks.get(slot.cook()).id(),
                job.hands(),
                job.skills().stream().sorted().toList(),
                job.at(),
                slot.unit(),
                job.litres(),
                job.isFixed(),
                plan.brief().decisions().task(job.id()).isPresent(),
                links.isCritical(i),
                state,
                state == PrepTask.State.DONE ? 0 : left(i, slot, state),
                job.after(),
                job.caution(),
                job.cuts(),
                job.broth(),
                job.things(),
                reasons.of(i));
    }

    private int left(int i, Slot slot, PrepTask.State state) {
        return state == PrepTask.State.RUNNING
                ? slot.end()
                        - Math.max(
                                slot.start(), slot.end() - plan.project().job(i).minutes())
                : slot.end() - slot.start();
    }

    private Figure length(Job job) {
        Ledger.Draft draft = minutes("minutes." + job.id(), job.minutes());
        return job.ownTime() || job.isFixed()
                ? draft.by(
                        job.what(),
                        "How long it takes",
                        GIVEN,
                        () -> List.of(given(job.ownTime() ? "your time" : job.rule(), job.minutes(), "")))
                : draft.by(
                        job.what(),
                        "How long it takes, in whole minutes",
                        ROUND_UP,
                        () -> List.of(Term.of(
                                job.rule() + (job.amount().isEmpty() ? "" : ", " + job.amount()),
                                job.exactMinutes(),
                                "min",
                                KitchenText.number(job.exactMinutes(), 1) + " min",
                                "usual times",
                                Mark.MEMORY)));
    }

    private Figure before(Job job, Slot slot) {
        return ledger.figure(
                        "before." + job.id(), -slot.start(), "min", KitchenText.minutes(Math.max(0, -slot.start())))
                .by(
                        job.what() + ": start",
                        "Counted back from sitting down: end + from start to end",
                        SUM,
                        () -> List.of(
                                given("its end", -slot.end(), ""),
                                given("from start to end", slot.end() - slot.start(), "")));
    }

    private Figure earlier(Job job, int i) {
        int earliest = this.earliest.start(i);
        int start = plan.slots()[i].start();
        return minutes("earlier." + job.id(), start - earliest)
                .by(
                        job.what() + ": could be done earlier by",
                        "Its earliest start, counted back, less its start",
                        DIFFERENCE,
                        () -> List.of(
                                given("earliest: " + this.earliest.why(i), -earliest, ""),
                                given("its start", -start, "")));
    }

    private Figure slack(Job job, int i) {
        int slack = links.slack(i);
        int start = plan.slots()[i].start();
        return minutes("slack." + job.id(), slack)
                .by(
                        job.what() + ": could wait",
                        "Latest start with all else in time, less its start",
                        DIFFERENCE,
                        () -> List.of(given("its start", -start, ""), given("latest start", -start - slack, "")));
    }

    private static Term given(String label, int minutes, String source) {
        return Term.of(label, minutes, "min", KitchenText.number(minutes, 0) + " min", source, Mark.COMPUTED);
    }

    private List<Prep.BeatenPin> beatenPins() {
        List<Prep.BeatenPin> beaten = new ArrayList<>();
        for (int i = 0; i < plan.draft().planned().length; i++) {
            Job job = plan.project().job(i);
            int start = plan.draft().planned()[i].start();
            if (job.pinnedAt() != null && job.pinnedAt() != start) {
                beaten.add(new Prep.BeatenPin(
                        job.id(),
                        job.what(),
                        -job.pinnedAt(),
                        -start,
                        start < job.pinnedAt()
                                ? "what follows would not be ready in time, or nobody is free then"
                                : "what it waits for is not there by then"));
            }
        }
        return beaten;
    }

    private Ledger.Draft minutes(String id, double minutes) {
        return ledger.figure(id, minutes, "min", KitchenText.minutes(minutes));
    }
}
