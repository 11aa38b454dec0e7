package org.livelyladle.core.prep;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearArgument;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntUnaryOperator;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Kitchen;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Station;
import org.livelyladle.core.facts.Facts;

/**
 * A party's own prep for OR-Tools CP-SAT: the same jobs, cooks, absences, rings, sinks, boards, litres and order. It is
 * freer than the product in one thing: washing a board takes its minutes, but nobody's hands and no sink. So what it finds
 * is no worse than the best timetable, and a gap to it is never too small.
 */
public final class PrepOracle {
    static {
        Loader.loadNativeLibraries();
    }

    private static final int EARLIEST = -Crew.DAYS_BEFORE * 24 * 60;

    /** What a timetable comes to, what CP-SAT found, and what it proved nothing goes below; the less the better. */
    public record Gap(int jobs, long ours, long found, long proved, double millis) {}

    private final Brief brief;
    private final Kitchen kitchen;
    private final Crew crew;
    private final Project project;
    private final BaseFinder finder;
    private final Draft draft;
    private final double millis;

    private final CpModel model = new CpModel();
    private IntVar[] starts = new IntVar[0];
    private IntervalVar[] intervals = new IntervalVar[0];

    private PrepOracle(Brief brief) {
        this.brief = brief;
        this.kitchen = brief.kitchen();
        PrepClock clock = PrepClock.of(brief);
        this.crew = new Crew(brief, clock);
        Catalogue catalogue = brief.extend(Catalogue.builtIn());
        PrepInputs inputs = TestPrep.inputs(brief, Facts.none());
        this.project = new Project(new JobBuilder(brief, catalogue, clock).build(inputs));
        this.finder = new BaseFinder(project, crew, brief);
        long from = System.nanoTime();
        this.draft = Draft.of(brief, catalogue, inputs);
        this.millis = (System.nanoTime() - from) / 1e6;
    }

    /** Before anything has happened: food left waiting too long and beginnings too early, as {@link BaseFinder} weighs them. */
    public static Gap late(Brief brief, int workers, double deterministicTime) {
        PrepOracle oracle = new PrepOracle(brief);
        Slot[] slots = oracle.finder.find().slots();
        oracle.build(EARLIEST, -brief.bufferMinutes(), slots, false);
        oracle.model.minimize(oracle.cost());
        return oracle.solve(oracle.finder.cost(slots), workers, deterministicTime);
    }

    /** With nothing begun at a moment: when all is done [min from sitting down]. */
    public static Gap hurried(Brief brief, int minutesBefore, int workers, double deterministicTime) {
        PrepOracle oracle = new PrepOracle(brief);
        Instant now = PrepClock.of(brief).instant(-minutesBefore);
        Scheduled ours = oracle.draft.at(Facts.none(), now);
        oracle.build(-minutesBefore, Math.max(ours.end(), 0) + 24 * 60, ours.slots(), true);
        oracle.model.minimize(oracle.end());
        return oracle.solve(ours.end(), workers, deterministicTime);
    }

    private Gap solve(long ours, int workers, double deterministicTime) {
        CpSolver solver = new CpSolver();
        solver.getParameters().setNumWorkers(workers).setRandomSeed(1).setMaxDeterministicTime(deterministicTime);
        CpSolverStatus status = solver.solve(model);
        if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
            throw new IllegalStateException("CP-SAT ended with " + status);
        }
        return new Gap(
                project.size(),
                ours,
                Math.round(solver.objectiveValue()),
                Math.round(Math.ceil(solver.bestObjectiveBound() - 1e-6)),
                millis);
    }

    /** @param afterTrips whether what a trip brings waits for it; before anything has happened that is seen to later */
    private void build(int earliest, int latest, Slot[] hints, boolean afterTrips) {
        int size = project.size();
        starts = new IntVar[size];
        intervals = new IntervalVar[size];
        for (int i = 0; i < size; i++) {
            Job job = project.job(i);
            starts[i] = job.isFixed()
                    ? model.newConstant(job.fixedAt())
                    : model.newIntVar(earliest, latest - job.minutes(), job.id());
            intervals[i] = model.newFixedSizeIntervalVar(starts[i], job.minutes(), job.id());
            if (!job.isFixed()) {
                model.addHint(starts[i], hints[i].start());
            }
        }
        for (int i = 0; i < size; i++) {
            for (int other : project.before[i]) {
                if (!project.job(other).isFixed()
                        || afterTrips && !project.job(i).isFixed()) {
                    model.addGreaterOrEqual(starts[i], intervals[other].getEndExpr());
                }
            }
        }
        hands();
        for (Station station : List.of(Station.SINK, Station.RING, Station.OVEN, Station.FRIDGE, Station.FREEZER)) {
            int count = kitchen.count(station);
            if (count > 0) {
                hold(station, i -> station.isCold() ? Math.min(project.job(i).litres(), count) : 1);
            }
        }
        boards();
    }

    private void hold(Station station, IntUnaryOperator demand) {
        CumulativeConstraint cumulative = model.addCumulative(kitchen.count(station));
        for (int i : jobs(station::equals)) {
            cumulative.addDemand(intervals[i], demand.applyAsInt(i));
        }
    }

    /** But for appointments. */
    private int[] jobs(Predicate<Station> where) {
        return IntStream.range(0, project.size())
                .filter(i -> where.test(project.job(i).at()) && !project.job(i).isFixed())
                .toArray();
    }

    /** Each job has one cook who may do it, for its first minutes; nobody is at two things or away; no flame in an empty house. */
    private void hands() {
        List<List<IntervalVar>> busy = new ArrayList<>();
        for (int cook = 0; cook < crew.cooks.size(); cook++) {
            busy.add(new ArrayList<>(absences(finder.outings().away(cook))));
        }
        List<IntervalVar> empty = absences(finder.outings().nobody());
        for (int i = 0; i < project.size(); i++) {
            Job job = project.job(i);
            if (job.isFixed()) {
                continue;
            }
            if (job.at().isLit() && job.isPassive()) {
                List<IntervalVar> lit = new ArrayList<>(empty);
                lit.add(intervals[i]);
                model.addNoOverlap(lit);
            }
            if (job.hands() > 0) {
                List<Literal> who = new ArrayList<>();
                for (int cook : crew.mayDo(job)) {
                    BoolVar does = model.newBoolVar(job.id() + cook);
                    who.add(does);
                    busy.get(cook)
                            .add(model.newOptionalFixedSizeIntervalVar(starts[i], job.hands(), does, job.id() + cook));
                }
                model.addExactlyOne(who);
            }
        }
        busy.forEach(model::addNoOverlap);
    }

    /** What overlaps is joined. */
    private List<IntervalVar> absences(List<Crew.Away> list) {
        List<Crew.Away> sorted =
                list.stream().sorted(Comparator.comparingInt(Crew.Away::from)).toList();
        List<IntervalVar> joined = new ArrayList<>();
        int from = Integer.MIN_VALUE;
        int to = Integer.MIN_VALUE;
        for (Crew.Away away : sorted) {
            if (away.from() > to) {
                addAbsence(joined, from, to);
                from = away.from();
                to = away.to();
            } else {
                to = Math.max(to, away.to());
            }
        }
        addAbsence(joined, from, to);
        return joined;
    }

    private void addAbsence(List<IntervalVar> joined, int from, int to) {
        if (to > from) {
            joined.add(model.newFixedInterval(from, to - from, "away" + from));
        }
    }

    /** Jobs on one board follow one another, with a wash between raw and anything else. */
    private void boards() {
        int[] jobs = jobs(Station::isBoard);
        int count = kitchen.count(Station.VEGETABLE_BOARD);
        BoolVar[][] on = new BoolVar[jobs.length][count];
        for (int k = 0; k < jobs.length; k++) {
            for (int board = 0; board < count; board++) {
                on[k][board] = model.newBoolVar("b" + k + "_" + board);
            }
            model.addExactlyOne(on[k]);
        }
        for (int k = 0; k < jobs.length; k++) {
            for (int m = k + 1; m < jobs.length; m++) {
                BoolVar first = model.newBoolVar("f" + k + "_" + m);
                BoolVar second = model.newBoolVar("s" + k + "_" + m);
                follows(jobs[k], jobs[m], first);
                follows(jobs[m], jobs[k], second);
                for (int board = 0; board < count; board++) {
                    model.addBoolOr(new Literal[] {on[k][board].not(), on[m][board].not(), first, second});
                }
            }
        }
    }

    private void follows(int one, int other, Literal when) {
        Station before = project.job(one).at();
        boolean washed = before.isRaw() && before != project.job(other).at();
        model.addGreaterOrEqual(
                        starts[other],
                        LinearExpr.newBuilder().add(intervals[one].getEndExpr()).add(washed ? Room.WASH_MINUTES : 0))
                .onlyEnforceIf(when);
    }

    private IntVar end() {
        IntVar end = model.newIntVar(-brief.bufferMinutes(), 14 * 24 * 60, "end");
        for (int i = 0; i < project.size(); i++) {
            if (!project.job(i).isFixed()) {
                model.addGreaterOrEqual(end, intervals[i].getEndExpr());
            }
        }
        return end;
    }

    /** As {@link BaseFinder#cost}. */
    private LinearArgument cost() {
        LinearExprBuilder cost = LinearExpr.newBuilder();
        IntVar begins = model.newIntVar(EARLIEST, 0, "begins");
        for (int i = 0; i < project.size(); i++) {
            Job job = project.job(i);
            if (job.isFixed()) {
                continue;
            }
            model.addLessOrEqual(begins, starts[i]);
            // whole sixteenths: rounding in the product is below one for each job
            IntVar lead = model.newIntVar(0, (long) -EARLIEST * job.hands() / 16 + 1, "lead" + i);
            LinearExprBuilder handsLead = LinearExpr.newBuilder().addTerm(starts[i], -job.hands());
            model.addDivisionEquality(lead, handsLead, model.newConstant(16));
            cost.add(lead);
            IntVar needed = model.newIntVar(EARLIEST, 0, "needed" + i);
            List<LinearArgument> first = new ArrayList<>();
            first.add(model.newConstant(0));
            for (int follower : project.after[i]) {
                first.add(starts[follower]);
            }
            model.addMinEquality(needed, first);
            IntVar stale = model.newIntVar(0, -EARLIEST, "stale" + i);
            model.addGreaterOrEqual(
                    stale,
                    LinearExpr.newBuilder()
                            .add(needed)
                            .addTerm(intervals[i].getEndExpr(), -1)
                            .add(-job.keepsMinutes()));
            cost.addTerm(stale, BaseFinder.STALE_WEIGHT);
        }
        return cost.addTerm(begins, -1);
    }
}
