package org.livelyladle.core.packs;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearArgument;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import org.livelyladle.core.packs.PackProblem.Cover;
import org.livelyladle.core.packs.PackProblem.Need;
import org.livelyladle.core.packs.PackProblem.PackOffer;

/**
 * The same problem for OR-Tools CP-SAT, in thousandths of a cent and whole grams: needs, covers and packs must be whole
 * grams, prices and waste value whole cents. Covers are whole here too, which costs nothing: with whole packs the rest is
 * a transport problem with whole bounds.
 */
public final class PackOracle {
    static {
        Loader.loadNativeLibraries();
    }

    private PackOracle() {}

    /** Sums over one ingredient. */
    private record Balance(LinearExprBuilder bought, LinearExprBuilder given, LinearExprBuilder net) {
        Balance() {
            this(LinearExpr.newBuilder(), LinearExpr.newBuilder(), LinearExpr.newBuilder());
        }
    }

    /** The least objective [cents]; fails when the solver cannot prove it. */
    public static double optimum(PackProblem problem, int workers) {
        CpModel model = new CpModel();
        LinearExprBuilder cost = LinearExpr.newBuilder();
        Map<String, Balance> balances = new HashMap<>();
        Map<String, Long> needs = new HashMap<>();
        Set<String> ingredients = new LinkedHashSet<>();
        long most = 1;
        long needed = 0;
        for (Need need : problem.needs()) {
            needs.put(need.ingredient(), Math.round(need.grams()));
            ingredients.add(need.ingredient());
            most += Math.round(need.grams());
            needed += Math.round(need.grams());
        }
        for (PackOffer offer : problem.offers()) {
            ingredients.add(offer.ingredient());
            long grams = Math.round(offer.unitGrams());
            IntVar count = model.newIntVar(0, most / grams + 1, offer.id());
            cost.addTerm(count, Math.round(offer.unitCents() * 1000 + problem.wasteCentsPerKg() * grams));
            Balance balance = balances.computeIfAbsent(offer.ingredient(), i -> new Balance());
            balance.bought().addTerm(count, grams);
            balance.net().addTerm(count, grams);
        }
        for (Cover cover : problem.covers()) {
            ingredients.add(cover.shortOf());
            ingredients.add(cover.by());
            IntVar grams = model.newIntVar(0, Math.round(cover.maxGrams()), cover.shortOf() + "<" + cover.by());
            balances.computeIfAbsent(cover.shortOf(), i -> new Balance()).net().addTerm(grams, 1);
            Balance giver = balances.computeIfAbsent(cover.by(), i -> new Balance());
            giver.given().addTerm(grams, 1);
            giver.net().addTerm(grams, -1);
        }
        for (String ingredient : ingredients) {
            Balance balance = balances.computeIfAbsent(ingredient, i -> new Balance());
            model.addGreaterOrEqual(balance.net(), needs.getOrDefault(ingredient, 0L));
            LinearArgument bought = balance.bought();
            model.addLessOrEqual(balance.given(), bought);
        }
        model.minimize(cost);
        CpSolver solver = new CpSolver();
        solver.getParameters().setNumWorkers(workers).setRandomSeed(1).setMaxDeterministicTime(60);
        CpSolverStatus status = solver.solve(model);
        if (status != CpSolverStatus.OPTIMAL) {
            throw new IllegalStateException("CP-SAT ends " + status);
        }
        return (solver.objectiveValue() - problem.wasteCentsPerKg() * needed) / 1000;
    }
}
