package org.livelyladle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.PriceSnapshot;
import org.livelyladle.core.brief.Shop;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.Term;
import org.livelyladle.core.measure.Working;
import org.livelyladle.core.prep.PrepTask;
import org.livelyladle.core.purchases.Purchases;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.TablePlan;

/** What holds for every plan, over seeded random parties. */
class PlannerPropertiesTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();

    static LongStream seeds() {
        return Seeds.of(300, 340);
    }

    /** Each party is planned once for all that is asked of it. */
    private static final Map<Long, Planned> PLANNED = new ConcurrentHashMap<>();

    private static final Map<Long, Planned> PLANNED_WITH_OFFERS = new ConcurrentHashMap<>();

    private static Planned plan(long seed) {
        return PLANNED.computeIfAbsent(seed, s -> plan(Briefs.random(s)));
    }

    private static Planned planWithOffers(long seed) {
        return PLANNED_WITH_OFFERS.computeIfAbsent(seed, s -> plan(withOffers(s)));
    }

    private static Planned plan(Brief brief) {
        return Briefs.PLANNER.plan(brief, Facts.none(), Briefs.NOW);
    }

    /** A random party with a pack of 250 g for every ingredient. */
    private static Brief withOffers(long seed) {
        Brief brief = Briefs.random(seed);
        List<Offer> offers = CATALOGUE.ingredients().stream()
                .map(ingredient ->
                        new Offer(ingredient.id(), "shop", ingredient.id(), ingredient.name(), 250, 199, null, null))
                .toList();
        return brief.on(
                brief.sitDown(),
                List.of(Shop.of("shop", "Shop", brief.sitDown().minusDays(1))),
                new PriceSnapshot(Briefs.TODAY, offers, List.of()));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyWorkingComesToItsFigure(long seed) {
        Planned planned = planWithOffers(seed);
        for (String id : planned.ledger().ids()) {
            Working working = planned.ledger().working(id).orElseThrow();
            assertThat(working.evaluated()).as(id).isCloseTo(working.result().value(), within(1e-6));
            for (Term term : working.terms()) {
                if (term.figureId() != null) {
                    Figure figure = planned.ledger().find(term.figureId()).orElseThrow();
                    assertThat(term.value()).as(id).isEqualTo(figure.value());
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theSameBriefGivesAnEqualPlan(long seed) {
        assertThat(plan(Briefs.random(seed)).plan()).isEqualTo(plan(seed).plan());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void nothingIsUnderSupplied(long seed) {
        Purchases purchases = planWithOffers(seed).plan().purchases();

        assertThat(purchases.unoffered()).isEmpty();
        for (Purchases.Need need : purchases.needs()) {
            double bought = purchases.trips().stream()
                    .flatMap(trip -> trip.lines().stream())
                    .filter(line -> line.ingredient().equals(need.ingredient()))
                    .mapToDouble(Purchases.Line::grams)
                    .sum();
            assertThat(bought)
                    .as(need.ingredient())
                    .isGreaterThanOrEqualTo(need.missing().value() - 0.5);
            assertThat(bought).as(need.ingredient()).isLessThan(need.missing().value() + 250);
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void prepIsInOrderAndCountedBack(long seed) {
        List<PrepTask> tasks = plan(seed).plan().prep().tasks();

        assertThat(tasks)
                .isSortedAccordingTo(
                        (a, b) -> Double.compare(b.before().value(), a.before().value()));
        assertThat(tasks).allSatisfy(task -> {
            assertThat(task.before().value())
                    .isGreaterThanOrEqualTo(task.minutes().value() - 1e-9);
            assertThat(task.startsAt()).isBefore(Briefs.SIT_DOWN.plusSeconds(1));
        });
    }

    /** What the sequence says of a guest's waits is what its drops say. */
    @ParameterizedTest
    @MethodSource("seeds")
    void waitsAreThoseOfTheDrops(long seed) {
        TablePlan table = plan(seed).plan().table();
        for (TablePlan.GuestPace pace : table.guests()) {
            long servings = table.drops().stream()
                    .flatMap(Drop::servings)
                    .filter(serving -> serving.guest().equals(pace.guest()))
                    .count();
            assertThat(pace.bites()).hasSize((int) servings);
            assertThat(pace.longestWait().value()).isBetween(0.0, (double) table.mealSeconds());
            assertThat(pace.bites()).isSortedAccordingTo((a, b) -> Integer.compare(a.at(), b.at()));
        }
        assertThat(table.drops()).extracting(Drop::id).doesNotHaveDuplicates();
    }

    /** Who was written down first decides nothing. */
    @ParameterizedTest
    @MethodSource("seeds")
    void guestsInAnotherOrderSitAtTheSameTable(long seed) {
        Brief brief = Briefs.random(seed);
        List<Guest> turned = new ArrayList<>(brief.guests());
        Collections.reverse(turned);

        assertThat(plan(Records.with(brief, "guests", turned)).plan().table().drops())
                .isEqualTo(plan(seed).plan().table().drops());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyRemedyIsAnEditThatFits(long seed) {
        Brief brief = Briefs.random(seed);
        plan(seed).plan().unmet().forEach(unmet -> {
            assertThat(unmet.text()).endsWith(".");
            assertThat(unmet.remedy().label()).isNotBlank();
            Optional.ofNullable(unmet.remedy().edit()).ifPresent(edit -> {
                Brief mended = edit.apply(brief);
                assertThat(mended).isNotEqualTo(brief);
                BriefCheck.check(mended, CATALOGUE);
            });
        });
    }
}
