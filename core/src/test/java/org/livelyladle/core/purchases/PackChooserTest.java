package org.livelyladle.core.purchases;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.brief.Offer;

class PackChooserTest {
    @BeforeAll
    static void loadSolver() {
        Loader.loadNativeLibraries();
    }

    private static Offer pack(String id, int grams, int cents) {
        return new Offer(id, "shop", "beef", id, grams, cents, null, null);
    }

    private static Offer loose(String id, int step, int centsPerKg) {
        return new Offer(id, "shop", "beef", id, null, null, step, centsPerKg);
    }

    /** 820 g of beef: three packs of 300 g leave 80 g, 17 steps of 50 g loose leave 30 g and cost less in all. */
    @Test
    void looseGoodsBeatPacksWhenWasteCounts() {
        List<PackChooser.Choice> choices =
                PackChooser.choose(820, List.of(pack("beef-300", 300, 450), loose("beef-loose", 50, 1290)), 300);

        assertThat(choices).containsExactly(new PackChooser.Choice(loose("beef-loose", 50, 1290), 17));
    }

    @Test
    void sizesAreMixed() {
        List<PackChooser.Choice> choices =
                PackChooser.choose(800, List.of(pack("s", 300, 300), pack("l", 500, 450)), 300);

        assertThat(choices).extracting(PackChooser.Choice::count).containsExactly(1, 1);
    }

    @Test
    void nothingNeededBuysNothing() {
        assertThat(PackChooser.choose(0, List.of(pack("s", 300, 300)), 300)).isEmpty();
    }

    static LongStream seeds() {
        return LongStream.range(0, 40);
    }

    /** The optimum equals that of an independent solver (OR-Tools CP-SAT), and the need is always covered. */
    @ParameterizedTest
    @MethodSource("seeds")
    void theOptimumEqualsCpSat(long seed) {
        Random random = new Random(seed);
        int need = 1 + random.nextInt(3000);
        int waste = random.nextInt(900);
        List<Offer> offers = new ArrayList<>();
        for (int i = 0; i <= random.nextInt(4); i++) {
            offers.add(
                    random.nextInt(3) == 0
                            ? loose("o" + i, 10 * (1 + random.nextInt(20)), 100 + random.nextInt(3000))
                            : pack("o" + i, 20 + random.nextInt(900), 20 + random.nextInt(900)));
        }
        List<PackChooser.Choice> choices = PackChooser.choose(need, offers, waste);
        double cost = choices.stream()
                .mapToDouble(c -> c.count() * effective(c.offer(), waste))
                .sum();
        int grams = choices.stream()
                .mapToInt(c -> c.count() * c.offer().unitGrams())
                .sum();

        assertThat(grams).isGreaterThanOrEqualTo(need);
        assertThat(cost).isCloseTo(optimum(need, offers, waste), within(1e-6));
    }

    private static double effective(Offer offer, int waste) {
        return offer.unitCents() + waste * offer.unitGrams() / 1000.0;
    }

    /** In thousandths of a cent, so that all coefficients are whole. */
    private static double optimum(int need, List<Offer> offers, int waste) {
        CpModel model = new CpModel();
        LinearExprBuilder grams = LinearExpr.newBuilder();
        LinearExprBuilder cost = LinearExpr.newBuilder();
        for (Offer offer : offers) {
            IntVar count = model.newIntVar(0, need / offer.unitGrams() + 1, offer.id());
            grams.addTerm(count, offer.unitGrams());
            cost.addTerm(count, Math.round(effective(offer, waste) * 1000));
        }
        model.addGreaterOrEqual(grams, need);
        model.minimize(cost);
        CpSolver solver = new CpSolver();
        solver.getParameters().setNumWorkers(1).setRandomSeed(1).setMaxDeterministicTime(5);
        assertThat(solver.solve(model)).isEqualTo(CpSolverStatus.OPTIMAL);
        return solver.objectiveValue() / 1000;
    }
}
