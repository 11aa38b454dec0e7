package org.livelyladle.core.prep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.audit.PrepAudit;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Decisions;
import org.livelyladle.core.brief.Kitchen;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.Shop;
import org.livelyladle.core.catalogue.Bought;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Skill;
import org.livelyladle.core.catalogue.Station;
import org.livelyladle.core.facts.Facts;

class PrepPlannerTest {
    private static final String SOAK = "broth:kelp-shiitake:soak";
    private static final String SLICE = "food:slice:raw";
    private static final int ONE_DAY = 24 * 60;
    private final Briefs briefs = Briefs.plain();

    PrepPlannerTest() {
        briefs.bought.put("beef-ribeye.sliced", Bought.WHOLE);
    }

    private Prep plan(Brief brief) {
        return TestPrep.plan(brief, Facts.none(), Briefs.NOW);
    }

    private Prep plan() {
        return plan(briefs.build());
    }

    private static Map<String, PrepTask> byId(Prep prep) {
        return prep.tasks().stream().collect(Collectors.toMap(PrepTask::id, Function.identity()));
    }

    private void pin(String task, @Nullable Integer before, @Nullable String cook, @Nullable Integer minutes) {
        briefs.decisions = new Decisions(
                List.of(),
                List.of(),
                List.of(new Decisions.TaskPin(task, before, cook, minutes)),
                List.of(),
                List.of(),
                List.of());
    }

    /** Everything at one shop, so that nothing starts before the trip there. */
    private void buyAt(LocalDateTime trip) {
        briefs.shops.set(0, Shop.of("shop", "Shop", trip));
        briefs.offers.clear();
        Catalogue.builtIn()
                .ingredients()
                .forEach(item ->
                        briefs.offers.add(new Offer(item.id(), "shop", item.id(), item.id(), 500, 200, null, null)));
    }

    @Test
    void everythingIsDoneByTheBufferInAnOrderThatWorks() {
        briefs.cooks.addAll(List.of(Cook.of("bo", "Bo"), Cook.of("edda", "Edda")));
        Prep prep = plan();

        assertThat(prep.tasks()).hasSizeGreaterThan(20);
        assertThat(prep.readyAt()).isEqualTo(Briefs.SIT_DOWN.minusMinutes(15));
        assertThat(PrepAudit.check(briefs.build(), prep)).isEmpty();
        assertThat(prep.problems()).isEmpty();
    }

    @Test
    void oneCookBeginsEarlierThanTwo() {
        briefs.cooks.add(Cook.of("bo", "Bo"));
        double alone = plan().begins().value();
        briefs.cooks.add(Cook.of("edda", "Edda"));
        assertThat(plan().begins().value()).isLessThan(alone);
    }

    /** Simmering takes 12 min and 4 for each litre, in whole minutes. */
    @Test
    void durationsGrowWithTheAmountUnlessTheHostKnowsBetter() {
        double litres = TestPrep.inputs(briefs.build(), Facts.none())
                        .broths()
                        .needs()
                        .get(0)
                        .make()
                        .value()
                / 1000;
        String simmer = "broth:kelp-shiitake:simmer";
        assertThat(byId(plan()).get(simmer).minutes().value()).isEqualTo(Math.ceil(12 + 4 * litres));

        pin(simmer, null, null, 25);
        assertThat(byId(plan()).get(simmer).minutes().value()).isEqualTo(25);
    }

    @Test
    void anEarlierPinIsKeptALaterOneIsBeaten() {
        pin(SOAK, 600, null, null);
        assertThat(byId(plan()).get(SOAK).before().value()).isEqualTo(600);

        pin(SOAK, 5, null, null);
        Prep prep = plan();
        assertThat(byId(prep).get(SOAK).before().value()).isGreaterThan(60);
        assertThat(prep.beatenPins())
                .singleElement()
                .satisfies(pin -> assertThat(pin.task()).isEqualTo(SOAK));
    }

    @Test
    void aHelperGetsOnlyWhatIsHandedOver() {
        briefs.cooks.add(Cook.of("bo", "Bo"));
        briefs.cooks.add(new Cook("finn", "Finn", true, List.of(), Cook.USUAL_FROM, Cook.USUAL_UNTIL, List.of()));
        assertThat(plan().tasks()).noneMatch(task -> "finn".equals(task.cook()));

        pin("food:wash-leaves", null, "finn", null);
        assertThat(byId(plan()).get("food:wash-leaves").cook()).isEqualTo("finn");
        assertThat(plan().problems()).isEmpty();

        pin(SLICE, null, "finn", null);
        assertThat(plan().problems())
                .anySatisfy(problem -> assertThat(problem.text())
                        .contains("Finn, who is not down for")
                        .contains("sharp knife"));
    }

    @Test
    void skillsDecideWhoSlices() {
        briefs.cooks.add(
                new Cook("bo", "Bo", false, List.of(Skill.STOVE), Cook.USUAL_FROM, Cook.USUAL_UNTIL, List.of()));
        briefs.cooks.add(Cook.of("edda", "Edda"));

        assertThat(byId(plan()).get(SLICE).cook()).isEqualTo("edda");
    }

    @Test
    void nobodyIsPlannedWhileAwayAndNothingIsLitInAnEmptyHouse() {
        Cook.Busy choir = new Cook.Busy(Briefs.SIT_DOWN.minusMinutes(95), Briefs.SIT_DOWN.minusMinutes(50), "class");
        briefs.cooks.add(new Cook("bo", "Bo", false, null, Cook.USUAL_FROM, Cook.USUAL_UNTIL, List.of(choir)));
        Prep prep = plan();

        assertThat(PrepAudit.check(briefs.build(), prep)).isEmpty();
        assertThat(prep.tasks())
                .filteredOn(task -> task.at().isLit())
                .noneMatch(task ->
                        task.startsAt().isBefore(choir.until()) && task.endsAt().isAfter(choir.from()));
    }

    @Test
    void nothingStartsBeforeTheShop() {
        buyAt(Briefs.SIT_DOWN.minusHours(2));
        Prep prep = plan();

        LocalDateTime back = Briefs.SIT_DOWN.minusMinutes(75);
        assertThat(byId(prep).get("trip:shop").endsAt()).isEqualTo(back);
        assertThat(byId(prep).get(SOAK).startsAt()).isAfterOrEqualTo(back);
        assertThat(prep.problems()).anyMatch(problem -> problem.kind() == Prep.Problem.Kind.LATE);
    }

    @Test
    void whatIsBoughtWaitsForNoTrip() {
        buyAt(Briefs.SIT_DOWN.minusHours(2));
        briefs.pantry.addAll(Catalogue.builtIn().ingredients().stream()
                .map(item -> new org.livelyladle.core.brief.PantryItem(item.id(), null))
                .toList());

        assertThat(byId(plan())).doesNotContainKey("trip:shop");
        assertThat(plan().problems()).isEmpty();
    }

    @Test
    void oneBoardIsWashedBetweenRawMeatAndVegetables() {
        briefs.kitchen = Records.with(Kitchen.USUAL, "boards", 1);
        Prep prep = plan();

        assertThat(PrepAudit.check(briefs.build(), prep)).isEmpty();
        assertThat(prep.tasks()).anyMatch(task -> task.id().startsWith("wash:") && task.at() == Station.SINK);
    }

    @Test
    void oneRingTakesOnePotAtATime() {
        double begins = plan().begins().value();
        briefs.kitchen = Records.with(Kitchen.USUAL, "rings", 1);
        Prep prep = plan();

        assertThat(prep.tasks()).filteredOn(task -> task.at() == Station.RING).allMatch(task -> task.unit() == 0);
        assertThat(PrepAudit.check(briefs.build(), prep)).isEmpty();
        // no more room in the kitchen is worth as much; to the minute the search may come off better with less
        assertThat(prep.begins().value()).isGreaterThanOrEqualTo(begins - 2);
    }

    @Test
    void aLargerPieceThanTheFreezerHoldsIsNamed() {
        briefs.kitchen = Records.with(Kitchen.USUAL, "freezerLitres", 0);
        assertThat(plan().problems())
                .anySatisfy(problem -> assertThat(problem.text()).contains("l in the freezer, there are 0"));
    }

    @Test
    void boughtReadyLeavesOnlySettingOut() {
        Brief brief = Records.with(
                briefs.build(),
                "menu",
                List.of(MenuItem.of("beef-ribeye.sliced").bought(Bought.READY)));
        assertThat(byId(plan(brief)).keySet())
                .contains("food:set-out:raw")
                .doesNotContain(SLICE, "food:half-freeze:raw");
    }

    /** FDA Food Code 2022 3-501.13: in the fridge or in cold water, never warm. */
    @Test
    void frozenFoodServedThawedIsThawedInTheFridgeOrForLackOfTimeInColdWater() {
        briefs.menu.add("fish-ball.halved");
        String fridge = "food:thaw-fridge:raw";
        buyAt(Briefs.SIT_DOWN.minusDays(1));
        PrepTask thaw = byId(plan()).get(fridge);
        assertThat(thaw.minutes().value()).isEqualTo(720);
        assertThat(thaw.startsAt().toLocalDate()).isBefore(Briefs.SIT_DOWN.toLocalDate());
        assertThat(thaw.caution()).contains("never in warm water");

        buyAt(Briefs.SIT_DOWN.minusHours(8));
        assertThat(byId(plan())).containsKey("food:thaw-water:raw").doesNotContainKey(fridge);
    }

    @Test
    void slackAndCriticalChainAgreeWithTheClock() {
        briefs.cooks.addAll(List.of(Cook.of("bo", "Bo"), Cook.of("edda", "Edda")));
        Prep prep = plan();
        List<PrepTask> chain = prep.tasks().stream().filter(PrepTask::critical).toList();

        assertThat(chain).isNotEmpty().allMatch(task -> task.slack().value() == 0);
        assertThat(chain.get(chain.size() - 1).endsAt()).isEqualTo(prep.readyAt());
        for (int i = 1; i < chain.size(); i++) {
            assertThat(chain.get(i).startsAt())
                    .isBeforeOrEqualTo(chain.get(i - 1).endsAt());
        }
    }

    /** All at their latest starts at once: what slack promises holds for each of them. */
    @Test
    void whatHasSlackMayReallyWaitSoLong() {
        int waited = 0;
        for (long seed : Seeds.of(0, 150).toArray()) {
            Brief brief = TestPrep.randomKitchen(seed);
            Prep prep = plan(brief);
            if (prep.problems().stream().anyMatch(p -> p.kind() == Prep.Problem.Kind.LATE)) {
                continue;
            }
            List<PrepTask> latest = prep.tasks().stream()
                    .map(task -> moved(task, (long) task.slack().value()))
                    .toList();
            waited += (int) prep.tasks().stream()
                    .filter(task -> task.slack().value() > 0)
                    .count();
            assertThat(PrepAudit.check(brief, Records.with(prep, "tasks", latest)))
                    .as("seed " + seed)
                    .isEmpty();
        }
        assertThat(waited).isPositive();
    }

    private static PrepTask moved(PrepTask task, long minutes) {
        PrepTask starts = Records.with(task, "startsAt", task.startsAt().plusMinutes(minutes));
        return Records.with(starts, "endsAt", task.endsAt().plusMinutes(minutes));
    }

    @Test
    void aTaskCanBeDoneNoEarlierThanTheShopAndNoEarlierThanItKeeps() {
        buyAt(Briefs.SIT_DOWN.minusHours(9));
        Map<String, PrepTask> tasks = byId(plan());
        PrepTask wash = tasks.get("food:wash-leaves");
        PrepTask carry = tasks.get("broth:kelp-shiitake:carry");

        assertThat(wash.startsAt().minusMinutes((long) wash.earlier().value()))
                .isEqualTo(tasks.get("trip:shop").endsAt());
        assertThat(carry.startsAt().minusMinutes((long) carry.earlier().value()))
                .isEqualTo(Briefs.SIT_DOWN.minusMinutes(40 + 2));
    }

    @Test
    void everyTaskSaysWhyThenAndTheCooksSharesAddUp() {
        briefs.cooks.addAll(List.of(Cook.of("bo", "Bo"), Cook.of("edda", "Edda")));
        Prep prep = plan();

        assertThat(prep.tasks()).noneMatch(task -> task.why().isBlank());
        assertThat(prep.tasks()).anySatisfy(task -> assertThat(task.why()).contains("buffer of 15 min"));
        assertThat(prep.cooks().stream()
                        .mapToDouble(cook -> cook.hands().value())
                        .sum())
                .isCloseTo(prep.handsOn().value(), within(1e-9));
    }

    @Test
    void theClockChangeNeitherAddsNorLosesAnHour() {
        LocalDateTime sitDown = LocalDateTime.of(2026, 10, 25, 12, 0);
        Brief autumn = Records.with(briefs.build(), "sitDown", sitDown);
        pin(SOAK, 12 * 60, null, null);
        Brief pinned = Records.with(autumn, "decisions", briefs.decisions);
        PrepClock clock = PrepClock.of(pinned);

        // at 3:00 the clock goes back to 2:00: twelve hours before noon it is one o'clock at night
        assertThat(clock.local(-12 * 60)).isEqualTo(LocalDateTime.of(2026, 10, 25, 1, 0));
        assertThat(clock.minute(LocalDateTime.of(2026, 10, 25, 1, 0))).isEqualTo(-12 * 60);
        assertThat(Duration.between(clock.instant(-720), clock.instant(0))).isEqualTo(Duration.ofHours(12));
    }

    /** Thawed it sticks, and its time in the broth is another: it waits in the freezer and is brought drop by drop. */
    @Test
    void whatGoesInFrozenIsNeitherSetOutNorSliced() {
        Brief brief = Records.with(
                briefs.build(),
                "menu",
                List.of(
                        MenuItem.of("fish-ball.frozen"),
                        MenuItem.of("chicken-thigh.sliced", true, 100),
                        MenuItem.of("beef-ribeye.sliced")));
        Map<String, PrepTask> tasks = byId(plan(brief));

        assertThat(tasks.get("food:count-out").what()).startsWith("Count out, back into the freezer");
        assertThat(tasks.values())
                .noneMatch(task -> task.cuts().contains("chicken-thigh.sliced")
                        || task.cuts().contains("fish-ball.frozen"));
        assertThat(tasks.get("table:bring").amount()).isEqualTo("1 plate");
    }
}
