package org.livelyladle.core.evening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.HeatSource;
import org.livelyladle.core.brief.Kitchen;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.PotSize;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.TopUp;
import org.livelyladle.core.broths.EveningBalance;
import org.livelyladle.core.broths.EveningProblem;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.evening.Evening.Problem;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.heat.StirredSide;
import org.livelyladle.core.kettle.HeatPhase;
import org.livelyladle.core.kettle.Pouring;
import org.livelyladle.core.kettle.SideDip;
import org.livelyladle.core.kettle.SideMinute;
import org.livelyladle.core.measure.Term;
import org.livelyladle.core.measure.Working;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.plan.Planned;

class EveningPlannerTest {
    private final Briefs briefs = Briefs.plain();

    private static Planned planned(Brief brief) {
        return Briefs.PLANNER.plan(brief, Facts.none(), Briefs.NOW);
    }

    private Evening evening() {
        return planned(briefs.build()).plan().evening();
    }

    private SideEvening firstSide() {
        return evening().pots().get(0).sides().get(0);
    }

    private void topUp(TopUp policy) {
        Pot pot = briefs.pots.get(0);
        briefs.pots.set(
                0,
                Records.with(
                        pot,
                        "sides",
                        pot.sides().stream()
                                .map(side -> new Side(side.id(), side.broth(), policy, false))
                                .toList()));
    }

    static LongStream seeds() {
        return Seeds.of(300, 340);
    }

    /** Whatever the party: levels stay under the brim, doses add up, and what is not said to be dry or cool is neither. */
    @ParameterizedTest
    @MethodSource("seeds")
    void everySideHoldsOrIsNamed(long seed) {
        Plan plan = planned(Briefs.random(seed)).plan();
        List<String> named = plan.evening().problems().stream()
                .map(problem -> problem.kind() + problem.subject())
                .toList();
        for (PotEvening pot : plan.evening().pots()) {
            for (SideEvening side : pot.sides()) {
                double brim = plan.broths().sides().stream()
                        .filter(own -> own.side().equals(side.side()))
                        .findFirst()
                        .orElseThrow()
                        .capacity()
                        .value();
                assertThat(side.minutes()).hasSize(plan.table().mealSeconds() / 60 + 1);
                for (SideMinute minute : side.minutes()) {
                    assertThat(minute.ml() + minute.foodMl() <= brim + 1
                                    || named.contains(Problem.Kind.OVER_THE_BRIM + side.side()))
                            .isTrue();
                    assertThat(minute.ml() > 0.2 * side.minutes().get(0).ml()
                                    || named.contains(Problem.Kind.DRY + side.side()))
                            .isTrue();
                    assertThat(minute.saltPercent()).isBetween(0.0, 5.0);
                }
            }
        }
    }

    /** The level simulated is what was there, what came and what went: nothing is lost to rounding. */
    @Test
    void massIsConserved() {
        Planned planned = planned(briefs.build());
        for (SideEvening side : planned.plan().evening().pots().get(0).sides()) {
            for (String id : List.of("evening.level.", "evening.reserve.", "evening.water.")) {
                Working working = planned.ledger().working(id + side.side()).orElseThrow();
                assertThat(working.evaluated())
                        .as(id)
                        .isCloseTo(working.result().value(), within(1e-6));
            }
        }
    }

    /** With nobody eating and no food a side loses steam alone: 250 W / 2257 J/g, half of it from each of two sides. */
    @Test
    void anIdleSideBoilsOffItsSteamAndKeepsItsSalt() {
        briefs.menu.clear();
        briefs.guests.clear();
        topUp(TopUp.WATER);
        SideEvening side = firstSide();
        double perMinute = 125 / StirredSide.LATENT_J_PER_G * 60;
        SideMinute start = side.minutes().get(0);
        SideMinute later = side.minutes().get(30);

        assertThat(start.ml() - later.ml()).isCloseTo(30 * perMinute, within(0.02 * 30 * perMinute));
        assertThat(later.ml() * later.saltPercent()).isCloseTo(start.ml() * start.saltPercent(), within(1e-6));
        assertThat(side.dips()).isEmpty();
    }

    /** Until the first dose: the closed form of steam and soup leaving at even rates, which knows nothing of seconds. */
    @Test
    void anEveningOfSoupAloneFollowsTheClosedForm() {
        briefs.menu.clear();
        topUp(TopUp.WATER);
        SideEvening side = firstSide();
        SideMinute start = side.minutes().get(0);
        int until = side.doses().get(0).minute() - 1;
        double steam = 125 / StirredSide.LATENT_J_PER_G * 3600;
        EveningBalance balance =
                EveningBalance.of(new EveningProblem(start.ml(), start.saltPercent(), steam, 100.0, until, List.of()));

        assertThat(until).isGreaterThan(10);
        assertThat(side.minutes().get(until).ml())
                .isCloseTo(balance.minutes().get(until).ml(), within(1.0));
        assertThat(side.minutes().get(until).saltPercent())
                .isCloseTo(balance.minutes().get(until).saltPercent(), within(0.002));
    }

    @Test
    void theHostMayForceWaterOrStock() {
        topUp(TopUp.WATER);
        assertThat(firstSide().doses()).isNotEmpty().allMatch(dose -> dose.kind() == Pouring.Kind.WATER);
        assertThat(firstSide().reserve().value()).isZero();
        topUp(TopUp.STOCK);
        assertThat(firstSide().doses()).isNotEmpty().allMatch(dose -> dose.kind() == Pouring.Kind.RESERVE);
        assertThat(firstSide().hotWater().value()).isZero();
    }

    @Test
    void automaticDosesKeepTheSaltInItsBand() {
        assertThat(firstSide().minutes().subList(20, 90))
                .allSatisfy(minute -> assertThat(minute.saltPercent()).isBetween(0.65, 1.15));
    }

    /** The side a guest on little salt eats most from is salted less, the other is not. */
    @Test
    void aGuestOnLittleSaltGetsOneSideLow() {
        briefs.guests.set(0, Briefs.guest("ann", Briefs.diet(NeedKind.LOW_SALT)));
        List<SideEvening> sides = evening().pots().get(0).sides();

        assertThat(sides).filteredOn(SideEvening::lowSalt).singleElement().satisfies(side -> {
            assertThat(side.startSalt()).isCloseTo(0.5, within(1e-9));
            assertThat(side.minutes())
                    .allSatisfy(minute -> assertThat(minute.saltPercent()).isLessThan(0.8));
        });
        assertThat(sides).filteredOn(side -> !side.lowSalt()).allMatch(side -> side.startSalt() > 0.7);
    }

    /** Every drop has its dip; none goes below the floor, and each is over within minutes. */
    @Test
    void dropsCoolTheSideAndItRecovers() {
        Plan plan = planned(briefs.build()).plan();
        List<SideEvening> sides = plan.evening().pots().get(0).sides();

        assertThat(sides.stream()
                        .flatMap(side -> side.dips().stream())
                        .map(SideDip::drop)
                        .distinct())
                .containsExactlyInAnyOrderElementsOf(
                        plan.table().drops().stream().map(drop -> drop.id()).toList());
        for (SideEvening side : sides) {
            assertThat(side.lowest().value()).isBetween(85.0, 99.0);
            assertThat(side.dips()).allSatisfy(dip -> {
                assertThat(dip.lowestC()).isGreaterThanOrEqualTo(side.lowest().value() - 1e-9);
                assertThat(dip.backSeconds()).isLessThan(420);
            });
        }
    }

    /** 90 minutes on full would take 3.3 kWh; turned down it is less, and more than the dry losses and the steam. */
    @Test
    void heatIsTurnedDownBetweenDrops() {
        PotEvening pot = evening().pots().get(0);

        assertThat(pot.energy().value()).isBetween(1.0, 3.2);
        assertThat(pot.setting().value()).isBetween(20.0, 70.0);
        assertThat(pot.phases().get(0).fromMinute()).isZero();
        assertThat(pot.phases().get(pot.phases().size() - 1).toMinute()).isEqualTo(90);
        double hours = 0;
        for (HeatPhase phase : pot.phases()) {
            hours += (phase.toMinute() - phase.fromMinute()) / 60.0 * phase.percent() / 100;
        }
        assertThat(hours * 2.2)
                .as("phases against energy")
                .isCloseTo(pot.energy().value(), within(0.6));
    }

    @Test
    void aWeakHeatIsNamed() {
        Pot pot = briefs.pots.get(0);
        briefs.pots.set(0, Records.with(pot, "heat", HeatSource.of(HeatSource.Kind.HOT_PLATE, 200, null, null)));

        assertThat(evening().problems())
                .extracting(Problem::kind)
                .contains(Problem.Kind.WEAK_HEAT)
                .as("the only electric pot needs no circuit named")
                .doesNotContain(Problem.Kind.UNKNOWN_FUSE);
        assertThat(evening().pots().get(0).boilTable().value()).isGreaterThan(120);
        assertThat(evening().cartridges()).isNull();
    }

    @Test
    void twoPlatesOnOneFuseAreTooMuch() {
        briefs.kitchen =
                Records.with(Kitchen.USUAL, "circuits", List.of(new Kitchen.Circuit("wall", "Dining room", 3000)));
        HeatSource plate = HeatSource.of(HeatSource.Kind.INDUCTION, 1800, "wall", null);
        briefs.pots.set(0, Records.with(briefs.pots.get(0), "heat", plate));
        assertThat(evening().circuits().get(0).headroom().value()).isEqualTo(1200);
        assertThat(evening().problems()).isEmpty();

        briefs.pots.add(Records.with(Briefs.pot("second", 4000, "kelp-shiitake"), "heat", plate));
        assertThat(evening().circuits().get(0).headroom().value()).isEqualTo(-600);
        assertThat(evening().problems())
                .singleElement()
                .satisfies(problem -> assertThat(problem.kind()).isEqualTo(Problem.Kind.FUSE));
    }

    /** A pot serves six (memory): the seventh guest reaches none. */
    @Test
    void moreGuestsThanSeatsAreNamed() {
        for (int i = 0; i < 5; i++) {
            briefs.guests.add(Briefs.guest("more" + i));
        }
        assertThat(evening().problems()).extracting(Problem::kind).containsExactly(Problem.Kind.SEATS);
    }

    /** 1 l of water from 15 °C to the boil with 1000 W takes 5.9 min without losses; the dry loss adds a little. */
    @Test
    void timeToTheBoilIsThatOfTheClosedForm() {
        briefs.pots.set(
                0,
                Records.with(
                        Records.with(
                                Briefs.pot("pot", 2000, "kelp-shiitake"),
                                "heat",
                                HeatSource.of(HeatSource.Kind.INDUCTION, 1176, null, null)),
                        "size",
                        new PotSize(160, null, 99.5)));
        double minutes = evening().pots().get(0).boilTable().value();
        double lossless = 1.0 * 4100 * 85.1 / (1176 * 0.85) / 60;

        assertThat(minutes).isBetween(lossless, 1.1 * lossless);
    }

    /** FDA Food Code 2022, 3-501.14: a pot on the table is too slow, shallow boxes in the fridge are not. */
    @Test
    void leftOverBrothIsCooledFast() {
        LeftOver broth = evening().leftOvers().get(0);

        assertThat(broth.ways()).extracting(LeftOver.Way::fastEnough).containsExactly(false, true, true);
        assertThat(broth.ways().get(0).to5()).isNull();
        assertThat(broth.ways().get(2).to21().value()).isLessThan(120);
    }

    @Test
    void riceIsCooledOnATray() {
        assertThat(evening().leftOvers()).noneMatch(left -> left.subject().equals("rice"));
        briefs.menu.add("rice.cooked");
        assertThat(evening().leftOvers())
                .filteredOn(left -> left.subject().equals("rice"))
                .singleElement()
                .satisfies(rice -> assertThat(rice.ways())
                        .extracting(LeftOver.Way::fastEnough)
                        .containsExactly(false, true));
    }

    /** Juice of leaves and what noodles take up stand in the working of the level. */
    @Test
    void noodlesTakeUpAndLeavesGive() {
        briefs.menu.add("instant-noodle.dry");
        Planned planned = planned(briefs.build());
        double given = 0;
        double taken = 0;
        for (SideEvening side : planned.plan().evening().pots().get(0).sides()) {
            List<Term> terms = planned.ledger()
                    .working("evening.level." + side.side())
                    .orElseThrow()
                    .terms();
            given += term(terms, "juice of leaves");
            taken -= term(terms, "taken up by noodles");
        }
        double leaves = grams(planned.plan(), "spinach.leaves");
        double noodles = grams(planned.plan(), "instant-noodle.dry");

        assertThat(given).isCloseTo(0.15 * leaves, within(1e-6));
        assertThat(taken)
                .isCloseTo((Catalogue.builtIn().cut("instant-noodle.dry").swell() - 1) * noodles, within(1e-6));
    }

    private static double term(List<Term> terms, String label) {
        return terms.stream()
                .filter(term -> term.label().equals(label))
                .findFirst()
                .orElseThrow()
                .value();
    }

    private static double grams(Plan plan, String cut) {
        return plan.table().drops().stream()
                .filter(drop -> drop.cut().equals(cut))
                .mapToDouble(drop -> drop.grams())
                .sum();
    }

    /** Water with kelp is meant plain, and half of a packet is kept back on purpose: neither is salted by the plan. */
    @Test
    void plainWaterAndPacketsAreLeftToTheTable() {
        briefs.pots.set(0, Briefs.pot("pot", 4000, "kelp-water", "packet-chilli"));

        assertThat(evening().pots().get(0).sides())
                .allSatisfy(side -> assertThat(side.doses()).noneMatch(dose -> dose.saltG() > 0));
    }

    @Test
    void aSideThatRunsDryIsFollowedNoFurther() {
        briefs.pots.set(
                0,
                Pot.of(
                        "pot",
                        "pot",
                        400,
                        25,
                        4,
                        Briefs.pot("pot", 400, "ginger-chicken").sides()));

        assertThat(evening().problems()).extracting(Problem::kind).contains(Problem.Kind.DRY);
        assertThat(firstSide().minutes()).hasSize(91).allSatisfy(minute -> {
            assertThat(minute.celsius()).isBetween(0.0, 101.0);
            assertThat(minute.ml()).isGreaterThanOrEqualTo(0);
        });
        assertThat(evening().leftOvers()).isEmpty();
    }
}
