package org.livelyladle.core.packs;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.packs.PackProblem.Cover;
import org.livelyladle.core.packs.PackProblem.Need;
import org.livelyladle.core.packs.PackProblem.PackOffer;

/** What must hold for every optimum, on seeded problems. */
class PackPropertiesTest {
    private static final double EPSILON = 1e-6;

    static LongStream seeds() {
        return Seeds.of(500, 540);
    }

    private static PackProblem problem(long seed) {
        return PackProblems.random(seed, 2 + (int) (seed % 8), (int) (seed % 7));
    }

    private static double objective(PackProblem problem) {
        return PackSolver.solve(problem).objectiveCents();
    }

    private static PackProblem with(PackProblem p, List<Need> needs, List<PackOffer> offers, List<Cover> covers) {
        return new PackProblem(needs, offers, p.wasteCentsPerKg(), covers);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void oneMoreOfferOrCoverNeverCostsMore(long seed) {
        PackProblem problem = problem(seed);
        List<PackOffer> offers = new ArrayList<>(problem.offers());
        offers.add(PackOffer.unit("extra", "i0", 35, 40));
        List<Cover> covers = new ArrayList<>(problem.covers());
        covers.add(new Cover("i0", "i1", 150));

        assertThat(objective(with(problem, problem.needs(), offers, problem.covers())))
                .isLessThanOrEqualTo(objective(problem) + EPSILON);
        assertThat(objective(with(problem, problem.needs(), problem.offers(), covers)))
                .isLessThanOrEqualTo(objective(problem) + EPSILON);
    }

    /** Prices alone: needing less never costs more. (With waste value it may: a smaller need leaves more over.) */
    @ParameterizedTest
    @MethodSource("seeds")
    void needingLessNeverCostsMore(long seed) {
        PackProblem problem = problem(seed);
        List<Need> less = problem.needs().stream()
                .map(need -> new Need(need.ingredient(), Math.floor(need.grams() * 0.9)))
                .toList();

        assertThat(objective(new PackProblem(less, problem.offers(), 0, problem.covers())))
                .isLessThanOrEqualTo(
                        objective(new PackProblem(problem.needs(), problem.offers(), 0, problem.covers())) + EPSILON);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void dearerWasteNeverLeavesMoreOver(long seed) {
        PackProblem problem = problem(seed);
        PackSolution careless =
                PackSolver.solve(new PackProblem(problem.needs(), problem.offers(), 0, problem.covers()));
        PackSolution careful =
                PackSolver.solve(new PackProblem(problem.needs(), problem.offers(), 5000, problem.covers()));

        assertThat(careful.wasteGrams()).isLessThanOrEqualTo(careless.wasteGrams() + EPSILON);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theOrderOfThingsDoesNotMatter(long seed) {
        PackProblem problem = problem(seed);
        List<Need> needs = new ArrayList<>(problem.needs());
        List<PackOffer> offers = new ArrayList<>(problem.offers());
        List<Cover> covers = new ArrayList<>(problem.covers());
        Random random = new Random(seed);
        Collections.shuffle(needs, random);
        Collections.shuffle(offers, random);
        Collections.shuffle(covers, random);

        assertThat(objective(with(problem, needs, offers, covers)))
                .isCloseTo(objective(problem), org.assertj.core.api.Assertions.within(EPSILON));
        assertThat(PackSolver.solve(problem)).isEqualTo(PackSolver.solve(problem));
    }
}
