package org.livelyladle.core.packs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.livelyladle.core.packs.PackProblems.loose;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.check.UnsolvableException;
import org.livelyladle.core.packs.PackProblem.Cover;
import org.livelyladle.core.packs.PackProblem.Need;
import org.livelyladle.core.packs.PackProblem.PackOffer;

class PackSolverTest {
    private static final List<PackOffer> BEEF =
            List.of(PackOffer.unit("beef-300", "beef", 300, 450), loose("beef-loose", "beef", 50, 1290));

    private static PackSolution solve(List<Need> needs, List<PackOffer> offers, Cover... covers) {
        return PackSolver.solve(new PackProblem(needs, offers, 300, List.of(covers)));
    }

    /** 820 g of beef: three packs of 300 g leave 80 g, 17 steps of 50 g loose leave 30 g and cost less in all. */
    @Test
    void looseGoodsBeatPacksWhenWasteCounts() {
        assertThat(solve(List.of(new Need("beef", 820)), BEEF))
                .isEqualTo(new PackSolution(
                        List.of(new PackSolution.Line("beef-loose", 17)), 1097, 30, 1105.5, List.of(), true));
    }

    @Test
    void sizesAreMixed() {
        PackSolution solution = solve(
                List.of(new Need("beef", 800)),
                List.of(PackOffer.unit("s", "beef", 300, 300), PackOffer.unit("l", "beef", 500, 450)));

        assertThat(solution.lines()).containsExactly(new PackSolution.Line("s", 1), new PackSolution.Line("l", 1));
        assertThat(solution.wasteGrams()).isZero();
    }

    @Test
    void nothingNeededBuysNothing() {
        assertThat(solve(List.of(new Need("beef", 0)), BEEF))
                .isEqualTo(new PackSolution(List.of(), 0, 0, 0, List.of(), true));
    }

    /** Forty needs tied by a hundred covers have more plans than can be looked through: the best found is told as such. */
    @Test
    void whatCannotBeProvenInItsBudgetIsToldSo() {
        Random random = new Random(1);
        List<Need> needs = new ArrayList<>();
        List<PackOffer> offers = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            needs.add(new Need("n" + i, 100 + random.nextInt(900)));
            for (int j = 0; j < 4; j++) {
                offers.add(PackOffer.unit(
                        "o" + i + "-" + j, "n" + i, 25 * (1 + random.nextInt(24)), 100 + random.nextInt(900)));
            }
        }
        Cover[] covers = Stream.generate(() -> new int[] {random.nextInt(40), random.nextInt(40)})
                .filter(pair -> pair[0] != pair[1])
                .limit(100)
                .map(pair -> new Cover("n" + pair[0], "n" + pair[1], 50 + random.nextInt(200)))
                .toArray(Cover[]::new);
        PackSolution solution = solve(needs, offers, covers);

        assertThat(solution.proven()).isFalse();
        Map<String, Integer> counts = new HashMap<>();
        solution.lines().forEach(line -> counts.put(line.offer(), line.count()));
        double bought = offers.stream()
                .mapToDouble(offer -> counts.getOrDefault(offer.id(), 0) * offer.unitGrams())
                .sum();
        assertThat(bought)
                .isGreaterThanOrEqualTo(needs.stream().mapToDouble(Need::grams).sum());
        assertThat(solution.objectiveCents()).isLessThan(solve(needs, offers).objectiveCents());
    }

    /** A hair of a need met by a cover out of a very large pack. */
    @Test
    void aHairIsCoveredByATon() {
        PackSolution solution = solve(
                List.of(new Need("saffron", 0.05)),
                List.of(PackOffer.unit("ton", "rice", 1_000_000, 100)),
                new Cover("saffron", "rice", 0.05));

        assertThat(solution.lines()).hasSizeLessThanOrEqualTo(1);
    }

    /** 20 g of beef would cost a second pack; the pork pack has 100 g to spare. */
    @Test
    void aCoverSavesAPack() {
        PackSolution solution = solve(
                List.of(new Need("beef", 320), new Need("pork", 400)),
                List.of(PackOffer.unit("beef-300", "beef", 300, 450), PackOffer.unit("pork-500", "pork", 500, 400)),
                new Cover("beef", "pork", 200));

        assertThat(solution.lines())
                .containsExactly(new PackSolution.Line("beef-300", 1), new PackSolution.Line("pork-500", 1));
        assertThat(solution.covered()).containsExactly(new PackSolution.Covered("beef", "pork", 20));
        assertThat(solution.wasteGrams()).isEqualTo(80);
    }

    /** Lamb stands in for pork, but not on for beef: what was received is not passed on. */
    @Test
    void whatIsReceivedIsNotPassedOn() {
        List<PackOffer> offers =
                List.of(PackOffer.unit("beef-300", "beef", 300, 900), PackOffer.unit("lamb-1000", "lamb", 1000, 100));
        PackSolution solution = solve(
                List.of(new Need("beef", 100)), offers, new Cover("beef", "pork", 200), new Cover("pork", "lamb", 200));

        assertThat(solution.lines()).containsExactly(new PackSolution.Line("beef-300", 1));
    }

    /** An ingredient may give its own and be eaten as another: 100 g of pork to beef, 100 g of lamb to pork. */
    @Test
    void whoGivesMayReceive() {
        List<PackOffer> offers =
                List.of(PackOffer.unit("pork-100", "pork", 100, 50), PackOffer.unit("lamb-100", "lamb", 100, 60));
        PackSolution solution = solve(
                List.of(new Need("beef", 100), new Need("pork", 100)),
                offers,
                new Cover("beef", "pork", 100),
                new Cover("pork", "lamb", 100));

        assertThat(solution.costCents()).isEqualTo(100);
        assertThat(solution.lines()).containsExactly(new PackSolution.Line("pork-100", 2));
    }

    @Test
    void aNeedNothingCanMeetIsNamed() {
        assertThatThrownBy(() -> solve(List.of(new Need("beef", 100)), List.of(), new Cover("beef", "pork", 200)))
                .isInstanceOf(UnsuppliedException.class)
                .hasMessageContaining("100.0 g of beef")
                .extracting("field")
                .isEqualTo("needs.beef");
        assertThatThrownBy(() -> solve(
                        List.of(new Need("beef", 300)),
                        List.of(PackOffer.unit("p", "pork", 500, 400)),
                        new Cover("beef", "pork", 200)))
                .isInstanceOf(UnsuppliedException.class)
                .hasMessageContaining("covers reach 200.0 g");
    }

    @Test
    void weightsFinerThanCanBeSearchedAreRefused() {
        assertThatThrownBy(() -> solve(
                        List.of(new Need("beef", 900_000)),
                        List.of(PackOffer.unit("a", "beef", 0.1, 1), PackOffer.unit("b", "beef", 700.3, 1))))
                .isInstanceOf(UnsolvableException.class)
                .hasMessageContaining("coarser common step");
        assertThatThrownBy(() -> PackOffer.unit("a", "beef", 0.25, 1)).hasMessageContaining("tenth of a gram");
    }

    static LongStream seeds() {
        return Seeds.of(0, 60);
    }

    /** The optimum equals that of an independent solver (OR-Tools CP-SAT), on 1 to 12 needs with up to 14 covers. */
    @ParameterizedTest
    @MethodSource("seeds")
    void theOptimumEqualsCpSat(long seed) {
        PackProblem problem = PackProblems.random(seed, 1 + (int) (seed % 12), (int) (seed % 15));
        PackSolution solution = PackSolver.solve(problem);

        isAPlan(problem, solution);
        assertThat(solution.objectiveCents()).isCloseTo(PackOracle.optimum(problem, 1), within(1e-6));
    }

    /** Every need is met by what is bought and covered, covers keep their limits, and the figures add up. */
    private static void isAPlan(PackProblem problem, PackSolution solution) {
        Map<String, Double> bought = new HashMap<>();
        Map<String, Double> net = new HashMap<>();
        double exact = 0;
        long rounded = 0;
        for (PackSolution.Line line : solution.lines()) {
            PackOffer offer = problem.offers().stream()
                    .filter(o -> o.id().equals(line.offer()))
                    .findFirst()
                    .orElseThrow();
            bought.merge(offer.ingredient(), line.count() * offer.unitGrams(), Double::sum);
            exact += line.count() * offer.unitCents();
            rounded += Math.round(line.count() * offer.unitCents());
        }
        net.putAll(bought);
        for (PackSolution.Covered covered : solution.covered()) {
            double limit = problem.covers().stream()
                    .filter(c -> c.shortOf().equals(covered.ingredient()) && c.by().equals(covered.by()))
                    .mapToDouble(Cover::maxGrams)
                    .sum();
            assertThat(covered.grams()).isPositive().isLessThanOrEqualTo(limit + 1e-6);
            net.merge(covered.ingredient(), covered.grams(), Double::sum);
            net.merge(covered.by(), -covered.grams(), Double::sum);
            bought.merge(covered.by(), -covered.grams(), Double::sum);
        }
        assertThat(bought.values()).allMatch(left -> left >= -1e-6, "nothing received is passed on");
        double needed = 0;
        for (Need need : problem.needs()) {
            assertThat(net.getOrDefault(need.ingredient(), 0.0))
                    .as(need.ingredient())
                    .isGreaterThanOrEqualTo(need.grams() - 1e-6);
            needed += need.grams();
        }
        double all = net.values().stream().mapToDouble(Double::doubleValue).sum();
        assertThat(solution.wasteGrams()).isCloseTo(all - needed, within(1e-6));
        assertThat(solution.objectiveCents())
                .isCloseTo(exact + problem.wasteCentsPerKg() / 1000 * (all - needed), within(1e-6));
        assertThat(solution.costCents()).isEqualTo(rounded);
    }
}
