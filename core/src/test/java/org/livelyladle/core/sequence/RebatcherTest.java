package org.livelyladle.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;

class RebatcherTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();

    private int divided;
    private int moved;

    private static Rebatcher rebatcher(SeededTable table) {
        TablePlanner.Arranged arranged = table.arranged;
        SideFitness fitness = new SideFitness(
                table.brief, CATALOGUE, table.sides, SideLimits.without(Set.of()), Dish.byCut(table.brief, CATALOGUE));
        return new Rebatcher(table.brief, arranged.batcher(), arranged.allocation(), fitness, arranged.order());
    }

    /** What everybody gets, in milligrams. */
    private static Map<String, Long> servings(List<Batch> batches) {
        Map<String, Double> grams = new TreeMap<>();
        batches.forEach(batch ->
                batch.servings().forEach(serving -> grams.merge(serving.guest(), serving.grams(), Double::sum)));
        return grams.entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, own -> Math.round(own.getValue() * 1000)));
    }

    @Test
    void whateverGoesInOtherwiseIsTheSameFoodForTheSamePeople() {
        Seeds.of(0, 400).mapToObj(SeededTable::random).forEach(table -> {
            Rebatcher rebatcher = rebatcher(table);
            table.placed().stream().filter(rebatcher::mayChange).forEach(placing -> {
                halvesAreOneAgain(rebatcher, placing.batch);
                table.brief.sides().forEach(side -> inAnotherSideNobodyIsHarmed(table, rebatcher, placing.batch, side));
            });
        });

        assertThat(divided).isGreaterThan(50);
        assertThat(moved).isGreaterThan(50);
    }

    private void halvesAreOneAgain(Rebatcher rebatcher, Batch batch) {
        List<Batch> halves = rebatcher.halves(batch, 1);
        if (halves.isEmpty()) {
            return;
        }
        divided++;
        assertThat(servings(halves)).isEqualTo(servings(List.of(batch)));
        assertThat(halves)
                .allSatisfy(half -> assertThat(half.servings())
                        .hasSizeGreaterThanOrEqualTo(
                                Math.min(2, batch.servings().size())));
        assertThat(halves.get(0).place().share())
                .isLessThanOrEqualTo(halves.get(1).place().share());
        assertThat(rebatcher.joined(halves.get(0), halves.get(1)))
                .hasValueSatisfying(one -> assertThat(servings(List.of(one))).isEqualTo(servings(List.of(batch))));
    }

    private void inAnotherSideNobodyIsHarmed(SeededTable table, Rebatcher rebatcher, Batch batch, Side side) {
        for (Batch there : rebatcher.in(side, List.of(batch))) {
            moved++;
            assertThat(there.homeSide()).isEqualTo(side);
            assertThat(servings(List.of(there))).isEqualTo(servings(List.of(batch)));
            assertThat(table.arranged.allocation().mayHold(batch.cut(), side)).isTrue();
            assertThat(there.servings())
                    .allMatch(serving -> table.arranged
                            .allocation()
                            .mayEatFrom(table.brief.guest(serving.guest()).orElseThrow(), side));
        }
    }
}
