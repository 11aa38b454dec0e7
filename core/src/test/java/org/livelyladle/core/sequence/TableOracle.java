package org.livelyladle.core.sequence;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import com.google.ortools.util.Domain;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

/**
 * The times of a table's batches for OR-Tools CP-SAT, under the rules the sequencer keeps: minimise the longest wait W.
 *
 * <p>Each batch has one variable, its put-in time t on the five-second grid, out of those at which it would be allowed if
 * nothing else were on the table (presence, meal, ending, H6 by its fixed stay). Then: room (H2) and baskets (H4) of a side
 * are cumulative over stays, and so are the people who dip at a pot; who holds a slice or a basket, for oneself or a child,
 * holds no other of that kind (no overlap); the cold load of a
 * side (H3) is a server: each put-in of g grams is served for g / rate, one after the other, and is done limit / rate after
 * it went in, which is the leaking bucket said otherwise, since with one deadline for all, first come first served loses
 * nothing. Bites follow from t. For bites b and p of one guest a literal says that p comes before b; b counts unless nine
 * tenths are eaten before it; a counted b has a p before it of which the bowl is empty, or the guest's arrival, at most W
 * earlier. What is eaten is in all no further from its place in the order than in the sequence compared with.
 */
public final class TableOracle {
    static final double NEARLY_ALL = 0.9;
    /** Grams, and seconds of the server, stand in hundredths. */
    private static final int HUNDREDTHS = 100;

    static {
        Loader.loadNativeLibraries();
    }

    /**
     * What the solver says.
     *
     * @param found the shortest longest wait found [s]
     * @param proved no table of these batches has a shorter one [s]
     * @param breaks rules that the solver's times break, in the sequencer's words; none where both know the same rules
     */
    public record Bounds(int found, int proved, List<String> breaks) {}

    private record Bite(int placing, int offset, double grams) {}

    private final SeededTable table;
    private final List<Placing> placed;
    private final CpModel model = new CpModel();
    /** When bites of each count from, how much sooner it goes in, and when that is [s]. */
    private final List<IntVar> counted = new ArrayList<>();

    private final List<IntVar> lingers = new ArrayList<>();
    private final List<IntVar> putIn = new ArrayList<>();
    private final IntVar wait;

    private TableOracle(SeededTable table) {
        this.table = table;
        this.placed = table.placed();
        this.wait = model.newIntVar(0, table.longestWait(), "wait");
    }

    public static Bounds solve(SeededTable table, int workers, double deterministicTime) {
        return new TableOracle(table).solve(workers, deterministicTime);
    }

    private Bounds solve(int workers, double deterministicTime) {
        Board alone = table.board();
        int meal = table.brief.mealMinutes() * 60;
        for (Placing placing : placed) {
            long[] allowed = IntStream.iterate(
                            -Moments.PRELOAD_SECONDS,
                            second -> second <= meal,
                            second -> second + TablePlanner.GRID_SECONDS)
                    .filter(second -> isAllowed(alone, placing, second))
                    .mapToLong(second -> second)
                    .toArray();
            IntVar at = model.newIntVarFromDomain(Domain.fromValues(allowed), "t" + counted.size());
            model.addHint(at, placing.counted());
            counted.add(at);
            IntVar linger = model.newIntVarFromDomain(
                    Domain.fromValues(LongStream.iterate(
                                    0,
                                    longer -> longer <= placing.mostLinger,
                                    longer -> longer + TablePlanner.GRID_SECONDS)
                            .toArray()),
                    "l" + lingers.size());
            model.addHint(linger, placing.linger);
            lingers.add(linger);
            IntVar in = model.newIntVarFromDomain(
                    Domain.fromIntervals(
                            placing.shared
                                    ? new long[][] {
                                        {placing.before - Moments.PRELOAD_SECONDS, -Moments.SITTING_DOWN_SECONDS},
                                        {0, meal}
                                    }
                                    : new long[][] {{placing.before, meal}}),
                    "i" + putIn.size());
            model.addEquality(in, LinearExpr.weightedSum(new IntVar[] {at, linger}, new long[] {1, -1}));
            model.addHint(in, placing.putIn);
            putIn.add(in);
        }
        order();
        room();
        hands();
        reach();
        cold();
        for (int guest = 0; guest < table.brief.guests().size(); guest++) {
            waits(guest);
        }
        model.minimize(wait);
        beginWithOurs();
        CpSolver solver = new CpSolver();
        solver.getParameters()
                .setNumWorkers(workers)
                .setRandomSeed(1)
                .setMaxDeterministicTime(deterministicTime)
                .setCpModelProbingLevel(0)
                .setSymmetryLevel(0);
        CpSolverStatus status = solver.solve(model);
        if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
            throw new IllegalStateException("CP-SAT ended with " + status);
        }
        int[] times = counted.stream().mapToInt(at -> (int) solver.value(at)).toArray();
        int[] longer = lingers.stream().mapToInt(at -> (int) solver.value(at)).toArray();
        return new Bounds(
                table.longestWait(times), (int) Math.ceil(solver.bestObjectiveBound() - 1e-6), breaks(times, longer));
    }

    /** Nothing but itself is in its way at a moment, lingering or not. */
    private static boolean isAllowed(Board alone, Placing placing, int counted) {
        return IntStream.iterate(
                        0, linger -> linger <= placing.mostLinger, linger -> linger + TablePlanner.GRID_SECONDS)
                .anyMatch(linger -> alone.breach(alone.placing(placing.batch), counted - linger, linger) == null);
    }

    /** All variables as they are in the sequence compared with. */
    private void beginWithOurs() {
        CpSolver solver = new CpSolver();
        solver.getParameters()
                .setNumWorkers(1)
                .setFixVariablesToTheirHintedValue(true)
                .setStopAfterFirstSolution(true);
        CpSolverStatus status = solver.solve(model);
        if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
            throw new IllegalStateException("The rules do not allow our own sequence: " + status);
        }
        model.clearHints();
        var solution = solver.response().getSolutionList();
        for (int i = 0; i < solution.size(); i++) {
            model.getBuilder().getSolutionHintBuilder().addVars(i).addValues(solution.get(i));
        }
    }

    /** What is eaten is in all no further from its place in the order than it is in the sequence compared with. */
    private void order() {
        LinearExprBuilder away = LinearExpr.newBuilder();
        long ours = 0;
        for (int p = 0; p < placed.size(); p++) {
            Placing placing = placed.get(p);
            long weight = Math.round(HUNDREDTHS * placing.batch.place().weight() * placing.eaters.length);
            IntVar distance = model.newIntVar(0, 1_000_000, "away");
            model.addAbsEquality(distance, LinearExpr.affine(counted.get(p), 1, -placing.ideal));
            away.addTerm(distance, weight);
            ours += weight * Math.abs(placing.counted() - placing.ideal);
        }
        model.addLessOrEqual(away, ours);
    }

    private List<String> breaks(int[] times, int[] longer) {
        Board board = table.board();
        List<String> breaks = new ArrayList<>();
        for (int p = 0; p < placed.size(); p++) {
            Placing placing = board.placing(placed.get(p).batch);
            Constraint.Breach breach = board.breach(placing, times[p] - longer[p], longer[p]);
            if (breach != null) {
                breaks.add(placing.batch.name() + ": " + breach.text());
            }
            placing.linger = longer[p];
            board.lay(placing, times[p] - longer[p]);
        }
        return breaks;
    }

    private IntervalVar stay(int p, int before) {
        Placing placing = placed.get(p);
        return model.newIntervalVar(
                LinearExpr.affine(putIn.get(p), 1, -before),
                LinearExpr.affine(lingers.get(p), 1, placing.duration + (long) before),
                LinearExpr.affine(counted.get(p), 1, placing.duration),
                "stay" + p);
    }

    private void room() {
        Map<String, CumulativeConstraint> volumes = new HashMap<>();
        Map<String, CumulativeConstraint> baskets = new HashMap<>();
        for (int p = 0; p < placed.size(); p++) {
            Placing placing = placed.get(p);
            String side = placing.batch.side().id();
            volumes.computeIfAbsent(
                            side,
                            id -> model.addCumulative(
                                    (long) Math.ceil(table.sides.side(id).room().value())))
                    .addDemand(stay(p, 0), (long) placing.volumeMl);
            baskets.computeIfAbsent(
                            side, id -> model.addCumulative(table.sides.side(id).baskets()))
                    .addDemand(stay(p, 0), placing.baskets);
        }
    }

    private void hands() {
        Minders minders = new Minders(table.brief);
        Map<String, List<IntervalVar>> held = new HashMap<>();
        for (int p = 0; p < placed.size(); p++) {
            Placing placing = placed.get(p);
            if (!placing.shared) {
                String holder = minders.holder(
                        table.brief.guests().get(placing.eaters[0]).id());
                held.computeIfAbsent(holder + " " + placing.byHand, key -> new ArrayList<>())
                        .add(stay(p, placing.before));
            }
        }
        held.values().forEach(model::addNoOverlap);
    }

    /** Those who hold something into a pot, to the end of the step of the grid on which they are done. */
    private void reach() {
        Map<String, CumulativeConstraint> hands = new HashMap<>();
        for (int p = 0; p < placed.size(); p++) {
            Placing placing = placed.get(p);
            if (placing.byHand) {
                long seconds = placing.before + placing.duration + (long) TablePlanner.GRID_SECONDS;
                String pot = table.brief.potOf(placing.batch.side().id()).id();
                hands.computeIfAbsent(pot, id -> model.addCumulative(Hands.MOST_AT_A_POT))
                        .addDemand(
                                model.newFixedSizeIntervalVar(
                                        LinearExpr.affine(putIn.get(p), 1, -placing.before), seconds, "dip" + p),
                                1);
            }
        }
    }

    private void cold() {
        Map<String, List<IntervalVar>> served = new HashMap<>();
        for (int p = 0; p < placed.size(); p++) {
            Placing placing = placed.get(p);
            var side = table.sides.side(placing.batch.side().id());
            double rate = side.pace().value() / 60;
            double limit = new ColdLoad(side.dropLimit().value(), side.pace().value()).limitG();
            for (int i = 0; placing.coldGrams > 0 && i < (placing.byHand ? placing.repeats : 1); i++) {
                long size = (long) (HUNDREDTHS * placing.coldGrams / rate);
                LinearExpr release = LinearExpr.affine(putIn.get(p), HUNDREDTHS, (long) HUNDREDTHS * i * placing.every);
                IntVar start = model.newIntVar(-10_000_000, 10_000_000, "serve");
                model.addGreaterOrEqual(start, release);
                model.addLessOrEqual(
                        LinearExpr.newBuilder().add(start).add(size),
                        LinearExpr.newBuilder().add(release).add((long) Math.ceil(HUNDREDTHS * limit / rate)));
                served.computeIfAbsent(side.side(), key -> new ArrayList<>())
                        .add(model.newFixedSizeIntervalVar(start, size, "served"));
            }
        }
        served.values().forEach(model::addNoOverlap);
    }

    private void waits(int guest) {
        List<Bite> bites = new ArrayList<>();
        for (int p = 0; p < placed.size(); p++) {
            Placing placing = placed.get(p);
            for (int e = 0; e < placing.eaters.length; e++) {
                for (int i = 0; placing.eaters[e] == guest && i < placing.biteAt[e].length; i++) {
                    bites.add(new Bite(p, placing.biteAt[e][i], placing.biteGrams[e][i]));
                }
            }
        }
        long arrival = table.brief.guests().get(guest).arrivesAfterMinutes() * 60L;
        double all = bites.stream().mapToDouble(Bite::grams).sum();
        Literal[][] before = before(bites);
        for (int b = 0; b < bites.size(); b++) {
            BoolVar counts = model.newBoolVar("counts");
            LinearExprBuilder eaten = LinearExpr.newBuilder();
            List<Literal> ways = new ArrayList<>();
            ways.add(counts.not());
            for (int p = 0; p < bites.size(); p++) {
                if (p != b) {
                    eaten.addTerm(
                            before[p][b], Math.round(HUNDREDTHS * bites.get(p).grams()));
                    BoolVar follows = model.newBoolVar("follows");
                    model.addImplication(follows, before[p][b]);
                    model.addLessOrEqual(
                                    LinearExpr.newBuilder()
                                            .add(at(bites.get(b)))
                                            .addTerm(at(bites.get(p)), -1)
                                            .add(-table.eats(guest, bites.get(p).grams())),
                                    wait)
                            .onlyEnforceIf(follows);
                    ways.add(follows);
                }
            }
            BoolVar first = model.newBoolVar("first");
            model.addLessOrEqual(LinearExpr.newBuilder().add(at(bites.get(b))).add(-arrival), wait)
                    .onlyEnforceIf(first);
            ways.add(first);
            model.addBoolOr(ways);
            model.addGreaterOrEqual(eaten, Math.round(NEARLY_ALL * HUNDREDTHS * all) - bites.size())
                    .onlyEnforceIf(counts.not());
        }
    }

    private LinearExpr at(Bite bite) {
        return LinearExpr.affine(counted.get(bite.placing()), 1, bite.offset());
    }

    /** Literals [p][b]: bite p comes before bite b; of two at one time the one that is named first. */
    private Literal[][] before(List<Bite> bites) {
        Literal[][] before = new Literal[bites.size()][bites.size()];
        for (int p = 0; p < bites.size(); p++) {
            for (int b = p + 1; b < bites.size(); b++) {
                Bite one = bites.get(p);
                Bite other = bites.get(b);
                if (one.placing() == other.placing()) {
                    before[p][b] = one.offset() <= other.offset() ? model.trueLiteral() : model.falseLiteral();
                } else {
                    BoolVar first = model.newBoolVar("before");
                    model.addLessOrEqual(at(one), at(other)).onlyEnforceIf(first);
                    model.addGreaterThan(at(one), at(other)).onlyEnforceIf(first.not());
                    before[p][b] = first;
                }
                before[b][p] = before[p][b].not();
            }
        }
        return before;
    }
}
