package org.livelyladle.core.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.check.InvalidInputException;

class LearningTest {
    private static final LocalDate FIRST = LocalDate.of(2026, 1, 10);
    private static final Rates NOTHING = Rates.none();

    private static Outcome evening(int day, Seen... seen) {
        return new Outcome(FIRST.plusDays(day), List.of(seen));
    }

    private static Seen meat(double eaters, double grams) {
        return new Seen(Subject.PORTION, "MEAT", null, eaters, grams);
    }

    private static double rate(Learning learning) {
        return learning.after().learnt().get(0).rate();
    }

    /**
     * Asthma deaths, a rate with a gamma prior of 3 and 5: 3 in 2 gives 6/7, 30 in 20 gives 33/25. Gelman et al., Bayesian
     * Data Analysis, 3rd edition, section 2.6: posterior means 0.86 and 1.32.
     */
    @Test
    void aRateIsThePosteriorMeanOfAPublishedExample() {
        assertThat(Subject.Estimator.MEAN.rate(5, 3 / 5.0, 3, 2))
                .isCloseTo(6 / 7.0, within(1e-12))
                .isCloseTo(0.86, within(0.005));
        assertThat(Subject.Estimator.MEAN.rate(5, 3 / 5.0, 30, 20)).isCloseTo(1.32, within(1e-12));
    }

    @Test
    void theClosedFormHoldsForPortionsAndForFactors() {
        double prior = Category.MEAT.gramsPerAdult();
        Learning two = Learning.of(NOTHING, List.of(evening(0, meat(7.5, 900)), evening(7, meat(4, 610))));
        assertThat(rate(two)).isCloseTo((8 * prior + 900 + 610) / (8 + 7.5 + 4), within(1e-9));
        assertThat(two.changes()).singleElement().satisfies(change -> {
            assertThat(change.what()).isEqualTo("meat, a head");
            assertThat(change.was()).isEqualTo(prior);
            assertThat(change.becomes()).isEqualTo(rate(two));
            assertThat(change.evenings()).isEqualTo(2);
        });

        Seen slow = new Seen(Subject.TASK_TIME, "wash", "bo", 10, 15);
        Seen slower = new Seen(Subject.TASK_TIME, "wash", "bo", 10, 20);
        Learning task = Learning.of(NOTHING, List.of(evening(0, slow), evening(1, slower)));
        assertThat(rate(task)).isCloseTo(Math.exp((Math.log(1.5) + Math.log(2)) / (4 + 2)), within(1e-12));
    }

    @Test
    void whatWasLearntBeforeCountsOn() {
        List<Outcome> first = List.of(evening(0, meat(8, 900)));
        List<Outcome> second = List.of(evening(7, meat(6, 700)));

        Learning step = Learning.of(Learning.of(NOTHING, first).after(), second);

        assertThat(rate(step))
                .isCloseTo(rate(Learning.of(NOTHING, List.of(first.get(0), second.get(0)))), within(1e-9));
        assertThat(step.after().learnt().get(0).evenings()).isEqualTo(2);
    }

    @Test
    void nothingSeenChangesNothing() {
        Rates known = Learning.of(NOTHING, List.of(evening(0, meat(8, 900)))).after();

        assertThat(Learning.of(known, List.of())).isEqualTo(new Learning(known, List.of()));
    }

    static LongStream seeds() {
        return Seeds.of(0, 1000);
    }

    private static Seen any(Random random) {
        Subject subject = Subject.values()[random.nextInt(Subject.values().length)];
        String of = subject == Subject.PORTION
                ? Category.served().get(random.nextInt(3)).name()
                : "thing" + random.nextInt(3);
        double expected = Math.exp(random.nextDouble() * 8 - 3);
        // now and then somebody slips by a thousand
        double odd = random.nextInt(5) == 0 ? Math.exp(random.nextGaussian() * 4) : Math.exp(random.nextGaussian() / 3);
        double usual = subject == Subject.PORTION ? Category.valueOf(of).gramsPerAdult() : 1;
        double happened = Math.max(0.01, Math.min(1e5, expected * usual * odd));
        return new Seen(subject, of, subject == Subject.TASK_TIME ? "bo" : null, expected, happened);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void boundsHoldOrderDoesNotMatterAndOneEveningMovesLittle(long seed) {
        Random random = new Random(seed);
        List<Outcome> history = new ArrayList<>();
        for (int day = random.nextInt(12); day >= 0; day--) {
            List<Seen> seen = new ArrayList<>();
            for (int i = random.nextInt(6); i >= 0; i--) {
                seen.add(any(random));
            }
            history.add(new Outcome(FIRST.plusDays(day), seen));
        }
        Learning learning = Learning.of(NOTHING, history);
        for (Learnt one : learning.after().learnt()) {
            assertThat(one.rate())
                    .isBetween(
                            one.subject().least() * one.prior(), one.subject().most() * one.prior());
        }
        List<Outcome> shuffled = new ArrayList<>(history);
        Collections.shuffle(shuffled, random);
        assertThat(Learning.of(NOTHING, shuffled)).isEqualTo(learning);

        Seen odd = any(random);
        Learnt before = known(learning.after(), odd);
        Learnt after =
                known(Learning.of(learning.after(), List.of(evening(99, odd))).after(), odd);
        double share = odd.weight() / (odd.subject().n0() + odd.weight());
        boolean isPortion = odd.subject() == Subject.PORTION || odd.subject() == Subject.APPETITE;
        double said = isPortion
                ? Math.min(4 * before.prior(), odd.happened() / odd.expected())
                : before.prior() * Math.max(0.25, Math.min(4, odd.happened() / odd.expected() / before.prior()));
        double moved =
                isPortion ? Math.abs(after.rate() - before.rate()) : Math.abs(Math.log(after.rate() / before.rate()));
        double difference =
                isPortion ? Math.abs(said - unbounded(before)) : Math.abs(Math.log(said / unbounded(before)));
        assertThat(moved).isLessThanOrEqualTo(share * difference + 1e-9);
    }

    private static double unbounded(Learnt one) {
        return one.subject().estimator().rate(one.subject().n0(), one.prior(), one.sum(), one.n());
    }

    private static Learnt known(Rates rates, Seen seen) {
        return rates.learnt().stream()
                .filter(one -> one.subject() == seen.subject() && one.of().equals(seen.of()))
                .findFirst()
                .orElseGet(() -> new Learnt(
                        seen.subject(),
                        seen.of(),
                        seen.by(),
                        seen.subject() == Subject.PORTION
                                ? Category.valueOf(seen.of()).gramsPerAdult()
                                : 1,
                        0,
                        0,
                        0));
    }

    @Test
    void whatMakesNoSenseIsRefusedWithItsPlace() {
        assertThatThrownBy(() -> meat(0, 100)).isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> new Seen(Subject.PORTION, "CHEESE", null, 1, 100))
                .hasMessageContaining("of");
        assertThatThrownBy(() -> new Seen(Subject.TASK_TIME, "wash", null, 1, 1))
                .isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> new Seen(Subject.FUEL, "big", "bo", 1, 1)).hasMessageContaining("by");
        assertThatThrownBy(() -> new Rates(List.of(
                        new Learnt(Subject.FUEL, "big", null, 1, 0, 0, 0),
                        new Learnt(Subject.FUEL, "big", null, 1, 0, 0, 0))))
                .isInstanceOf(InvalidInputException.class);
    }
}
