package org.livelyladle.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.brief.Tempo;

class MealWithoutTest {
    private static final int ARRIVAL = 600;
    private static final int FINISH = 6000;
    /** A child eats ten grams a minute. */
    private static final double PER_GRAM = 6;

    private static final EatenShare TEMPO = EatenShare.of(Tempo.BRISK);

    private record Bite(int at, double grams) {}

    /** The same, bite after bite as it is said: waits with an empty bowl against 240 seconds or what so few bites take, what waits in the bowl against 90 g, what is eaten against the tempo. */
    private static double slowly(List<Bite> bites) {
        double aim = Math.max(240, (FINISH - ARRIVAL) / (double) bites.size());
        List<Bite> sorted = new ArrayList<>(bites);
        sorted.sort(Comparator.comparingInt(Bite::at));
        double all = sorted.stream().mapToDouble(Bite::grams).sum();
        double cost = 0;
        double eaten = 0;
        double empty = ARRIVAL;
        for (int i = 0; i < sorted.size(); i++) {
            Bite bite = sorted.get(i);
            double weight = i == 0 ? 5 * aim / 240 : eaten > 0.9 * all ? 0.5 : 1;
            cost += 4 * StrictMath.pow(weight * Math.max(0, bite.at() - empty) / aim, 8);
            double away = (eaten + bite.grams() / 2) / all
                    - TEMPO.eatenBy((bite.at() - ARRIVAL) / (double) (FINISH - ARRIVAL));
            cost += 2800 * bite.grams() / all * away * away;
            eaten += bite.grams();
            empty = Math.max(empty, bite.at()) + bite.grams() * PER_GRAM;
            cost += 5
                    * StrictMath.pow(
                            (empty - bite.at()) / Math.max(90 * PER_GRAM, all * PER_GRAM - (FINISH - ARRIVAL)), 4);
        }
        return cost + 4 * StrictMath.pow(0.5 * Math.max(0, FINISH - empty) / aim, 8);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void sumsMadeBeforehandSayTheSame(long seed) {
        Random random = new Random(seed);
        List<Bite> rest = new ArrayList<>();
        for (int i = random.nextInt(30); i > 0; i--) {
            rest.add(new Bite(ARRIVAL + 5 * random.nextInt(1080), 5 + random.nextInt(60)));
        }
        rest.sort(Comparator.comparingInt(Bite::at));
        int count = 1 + random.nextInt(4);
        int[] at = new int[count];
        double[] grams = new double[count];
        for (int i = 0; i < count; i++) {
            at[i] = 5 + 60 * i;
            grams[i] = 10 + random.nextInt(20);
        }
        MealWithout meal = new MealWithout(
                new AimedShare(new Presence(ARRIVAL, FINISH), TEMPO),
                new Wishes(1),
                PER_GRAM,
                rest.size() + count,
                rest.stream().mapToDouble(Bite::grams).sum()
                        + Arrays.stream(grams).sum(),
                rest.size(),
                rest.stream().mapToInt(Bite::at).toArray(),
                rest.stream().mapToDouble(Bite::grams).toArray());
        for (int putIn = ARRIVAL; putIn < FINISH - 300; putIn += 35) {
            List<Bite> all = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                all.add(new Bite(putIn + at[i], grams[i]));
            }
            all.addAll(rest);
            double expected = slowly(all);
            double cost = meal.cost(at, grams, putIn, Double.MAX_VALUE);
            assertThat(cost).isCloseTo(expected, within(1e-9 * Math.max(1, expected)));
            double enough = expected * 2 * random.nextDouble();
            assertThat(meal.cost(at, grams, putIn, enough))
                    .as("given up only where it costs more than %s", enough)
                    .isIn(cost, enough < expected ? Double.POSITIVE_INFINITY : cost);
        }
    }
}
