package org.livelyladle.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Parties;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.table.ScoreTerm;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState;

/** What a search sees of an evening is what that is judged by in the end. */
class MealTest {
    static LongStream seeds() {
        return Seeds.of(1, 24);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void anEveningIsSeenAsItIsJudged(long seed) {
        Brief brief = Parties.random(seed);
        TablePlan table = Briefs.PLANNER.sequence(brief, TableState.empty());
        List<Meal> meals = table.guests().stream()
                .filter(pace -> !pace.bites().isEmpty())
                .map(pace -> meal(brief, pace))
                .toList();

        assertThat(meals.stream().mapToDouble(Meal::firstBite).max().orElse(0))
                .isEqualTo(Eaten.score(table, ScoreTerm.Kind.FIRST_BITE));
        assertThat(meals.stream()
                        .mapToDouble(meal -> meal.longestWait().seconds())
                        .max()
                        .orElse(0))
                .isCloseTo(Eaten.score(table, ScoreTerm.Kind.LONGEST_WAIT), within(1.0));
        assertThat(100 * meals.stream().mapToDouble(Meal::unevenness).average().orElse(0))
                .isCloseTo(Eaten.score(table, ScoreTerm.Kind.TEMPO), within(0.01));
        assertThat(meals.stream().mapToDouble(Meal::fullestBowl).max().orElse(0))
                .isCloseTo(Eaten.score(table, ScoreTerm.Kind.BOWL), within(1e-6));
    }

    private static Meal meal(Brief brief, TablePlan.GuestPace pace) {
        Guest guest = brief.guest(pace.guest()).orElseThrow();
        Meal meal = new Meal(
                new AimedShare(Presence.of(guest, brief.mealMinutes() * 60), EatenShare.of(brief.tempo())),
                new Wishes(1),
                1 / guest.eatsGramsPerSecond());
        Placing bites = Placings.of("tofu-firm.cubes", 100, 0, 0);
        bites.biteAt[0] = pace.bites().stream().mapToInt(TablePlan.Bite::at).toArray();
        bites.biteGrams[0] =
                pace.bites().stream().mapToDouble(TablePlan.Bite::grams).toArray();
        meal.expect(bites, 0);
        meal.add(bites, 0);
        return meal;
    }
}
