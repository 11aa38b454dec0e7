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
import org.livelyladle.core.audit.PrepAudit;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Decisions;
import org.livelyladle.core.brief.Kitchen;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.Shop;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Skill;
import org.livelyladle.core.catalogue.Station;
import org.livelyladle.core.facts.Facts;

class PrepPlannerTest {
    private static final String SOAK = "broth:kelp-shiitake:soak";
    private static final String SLICE = "cut:beef-ribeye.sliced:slice";
    private static final int ONE_DAY = 24 * 60;
    private final Briefs briefs = Briefs.plain();

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
                null);
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
        assertThat(plan().begins().value()).isLessThan(alone - 10);
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
        briefs.cooks.add(new Cook("finn", "Finn", true, List.of(), null, null, null));
        assertThat(plan().tasks()).noneMatch(task -> "finn".equals(task.cook()));

        pin("cut:spinach.leaves:wash-leaves", null, "finn", null);
        assertThat(byId(plan()).get("cut:spinach.leaves:wash-leaves").cook()).isEqualTo("finn");
        assertThat(plan().problems()).isEmpty();

        pin(SLICE, null, "finn", null);
        assertThat(plan().problems())
                .anySatisfy(problem -> assertThat(problem.text())
                        .contains("Finn, who is not down for")
                        .contains("sharp knife"));
    }

    @Test
    void skillsDecideWhoSlices() {
        briefs.cooks.add(new Cook("bo", "Bo", null, List.of(Skill.STOVE), null, null, null));
        briefs.cooks.add(Cook.of("edda", "Edda"));

        assertThat(byId(plan()).get(SLICE).cook()).isEqualTo("edda");
    }

    @Test
    void nobodyIsPlannedWhileAwayAndNothingIsLitInAnEmptyHouse() {
        Cook.Busy choir = new Cook.Busy(Briefs.SIT_DOWN.minusMinutes(95), Briefs.SIT_DOWN.minusMinutes(50), "class");
        briefs.cooks.add(new Cook("bo", "Bo", null, null, null, null, List.of(choir)));
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
                .map(item -> new org.livelyladle.core.brief.PantryItem(item.id(), 5000))
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
        assertThat(prep.begins().value()).isGreaterThanOrEqualTo(begins);
    }

    @Test
    void aLargerPieceThanTheFreezerHoldsIsNamed() {
        briefs.kitchen = Records.with(Kitchen.USUAL, "freezerLitres", 0);
        assertThat(plan().problems())
                .anySatisfy(problem -> assertThat(problem.text()).contains("l in the freezer, there are 0"));
    }

    @Test
    void boughtReadyLeavesOnlySettingOut() {
        Brief brief =
                Records.with(briefs.build(), "menu", List.of(new MenuItem("beef-ribeye.sliced", false, null, true)));
        assertThat(byId(plan(brief)).keySet())
                .contains("cut:beef-ribeye.sliced:plate")
                .doesNotContain(SLICE, "cut:beef-ribeye.sliced:half-freeze");
    }

    /** FDA Food Code 2022 3-501.13: in the fridge or in cold water, never warm. */
    @Test
    void frozenFoodServedThawedIsThawedInTheFridgeOrForLackOfTimeInColdWater() {
        briefs.menu.add("fish-ball.halved");
        String fridge = "cut:fish-ball.halved:thaw-fridge";
        buyAt(Briefs.SIT_DOWN.minusDays(1));
        PrepTask thaw = byId(plan()).get(fridge);
        assertThat(thaw.minutes().value()).isEqualTo(720);
        assertThat(thaw.startsAt().toLocalDate()).isBefore(Briefs.SIT_DOWN.toLocalDate());
        assertThat(thaw.caution()).contains("never in warm water");

        buyAt(Briefs.SIT_DOWN.minusHours(8));
        assertThat(byId(plan())).containsKey("cut:fish-ball.halved:thaw-water").doesNotContainKey(fridge);
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

    @Test
    void aTaskWithSlackMayReallyWaitSoLong() {
        int looked = 0;
        for (long seed = 0; looked < 6; seed++) {
            Brief brief = TestPrep.randomKitchen(seed);
            Prep prep = plan(brief);
            PrepTask loose = prep.tasks().stream()
                    .filter(task -> !task.fixed() && task.slack().value() >= 5)
                    .findFirst()
                    .orElse(null);
            if (loose != null
                    && prep.begins().value() < ONE_DAY
                    && prep.problems().stream().noneMatch(p -> p.kind() == Prep.Problem.Kind.LATE)) {
                looked++;
                double later = loose.before().value() - loose.slack().value();
                pin(loose.id(), (int) later, loose.cook(), null);
                Prep waiting = plan(Records.with(brief, "decisions", briefs.decisions));

                assertThat(byId(waiting).get(loose.id()).before().value())
                        .as("seed " + seed)
                        .isEqualTo(later);
                assertThat(waiting.readyAt()).as("seed " + seed).isEqualTo(prep.readyAt());
            }
        }
    }

    @Test
    void aTaskCanBeDoneNoEarlierThanTheShopAndNoEarlierThanItKeeps() {
        buyAt(Briefs.SIT_DOWN.minusHours(9));
        Map<String, PrepTask> tasks = byId(plan());
        PrepTask wash = tasks.get("cut:spinach.leaves:wash-leaves");
        PrepTask carry = tasks.get("broth:kelp-shiitake:carry");

        assertThat(wash.startsAt().minusMinutes((long) wash.earlier().value()))
                .isEqualTo(tasks.get("trip:shop").endsAt());
        assertThat(carry.startsAt().minusMinutes((long) carry.earlier().value()))
                .isEqualTo(Briefs.SIT_DOWN.minusMinutes(60 + 3));
    }

    @Test
    void everyTaskSaysWhyThenAndTheCooksSharesAddUp() {
        briefs.cooks.addAll(List.of(Cook.of("bo", "Bo"), Cook.of("edda", "Edda")));
        Prep prep = plan();

        assertThat(prep.tasks()).noneMatch(task -> task.why().isBlank());
        assertThat(byId(prep).get("table:check").why()).contains("buffer of 15 min");
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
                        new MenuItem("chicken-thigh.sliced", true, null, null),
                        MenuItem.of("beef-ribeye.sliced")));
        Map<String, PrepTask> tasks = byId(plan(brief));

        assertThat(tasks.get("cut:fish-ball.frozen:plate").what()).startsWith("Count out, back into the freezer");
        assertThat(tasks.keySet())
                .filteredOn(id -> id.startsWith("cut:chicken-thigh.sliced:"))
                .containsExactly("cut:chicken-thigh.sliced:plate");
        assertThat(tasks.get("table:bring").amount()).isEqualTo("1 plate");
    }
}
