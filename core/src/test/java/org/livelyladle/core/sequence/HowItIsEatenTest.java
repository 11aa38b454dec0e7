package org.livelyladle.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.advice.Step;
import org.livelyladle.core.audit.TableAudit;
import org.livelyladle.core.brief.Appetite;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.brief.Course;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.SchoolOfOrder;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.Starch;
import org.livelyladle.core.brief.Tempo;
import org.livelyladle.core.brief.Tending;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.ScoreTerm;
import org.livelyladle.core.table.TablePlan;

/** What a host says about how it is eaten is what happens at the table, and the audit stays clean. */
class HowItIsEatenTest {
    private static final String BEEF = "beef-ribeye.sliced";
    private static final String BALLS = "fish-ball.frozen";
    private static final String TOFU = "tofu-firm.cubes";
    private static final String SPINACH = "spinach.leaves";
    private static final String UDON = "udon.fresh";
    private static final String CARROT = "carrot.sliced";

    private Brief brief = brief();

    private static Brief brief() {
        Briefs briefs = Briefs.plain();
        briefs.mealMinutes = 100;
        return briefs.build();
    }

    private void say(String part, @Nullable Object value) {
        brief = Records.with(brief, part, value);
    }

    private void serve(String cut, UnaryOperator<MenuItem> how) {
        say(
                "menu",
                brief.menu().stream()
                        .map(item -> item.cut().equals(cut) ? how.apply(item) : item)
                        .toList());
    }

    private TablePlan table() {
        Plan plan = Briefs.PLANNER.plan(brief, Facts.none(), Briefs.NOW).plan();
        assertThat(TableAudit.check(
                        brief,
                        Catalogue.builtIn(),
                        plan.windows(),
                        plan.portions().lines(),
                        plan.table()))
                .isEmpty();
        return plan.table();
    }

    @Test
    void ballsComeBeforeMeatAndMeatBeforeLeaves() {
        say("order", SchoolOfOrder.BALLS_FIRST);
        TablePlan table = table();

        assertThat(Eaten.at(table, BALLS)).isLessThan(Eaten.at(table, BEEF));
        assertThat(Eaten.at(table, BEEF)).isLessThan(Eaten.at(table, SPINACH));
    }

    @Test
    void greensComeBeforeMeat() {
        say("order", SchoolOfOrder.GREENS_FIRST);
        TablePlan table = table();

        assertThat(Eaten.at(table, SPINACH)).isLessThan(Eaten.at(table, BEEF));
        assertThat(Eaten.at(table, "shiitake.halved")).isLessThan(Eaten.at(table, BALLS));
    }

    @Test
    void ownCoursesAreKeptAndANameBeatsItsKind() {
        say(
                "courses",
                List.of(
                        new Course(List.of(), List.of("prawn.peeled"), 30),
                        Course.of(30, Category.LEAVES, Category.MUSHROOMS),
                        Course.of(40, Category.MEAT, Category.SEAFOOD, Category.TOFU)));
        say("order", SchoolOfOrder.OWN);
        TablePlan table = table();

        assertThat(Eaten.at(table, "prawn.peeled")).isLessThan(Eaten.at(table, SPINACH));
        assertThat(Eaten.at(table, SPINACH)).isLessThan(Eaten.at(table, BEEF));
        assertThat(table.courses()).isEqualTo(brief.courses());
    }

    @Test
    void anOwnOrderWithoutCoursesIsRefused() {
        say("order", SchoolOfOrder.OWN);
        assertThatThrownBy(() -> BriefCheck.check(brief, Catalogue.builtIn())).hasMessageContaining("courses");
    }

    @Test
    void starchComesWhenItIsWanted() {
        say("starch", Starch.FIRST);
        double first = Eaten.at(table(), UDON);
        say("starch", Starch.HALF_WAY);
        double halfWay = Eaten.at(table(), UDON);
        say("starch", Starch.LAST);
        double last = Eaten.at(table(), UDON);

        assertThat(first).isLessThan(0.2);
        assertThat(halfWay).isBetween(0.2, 0.65);
        assertThat(last).isGreaterThan(0.65);
    }

    @Test
    void starchInTheBowlNeverGoesIntoAPot() {
        say("starch", Starch.IN_THE_BOWL);
        Plan plan = Briefs.PLANNER.plan(brief, Facts.none(), Briefs.NOW).plan();

        assertThat(Eaten.drops(table(), UDON)).isEmpty();
        assertThat(plan.table().beside()).extracting(TablePlan.Beside::guest).containsExactlyInAnyOrder("ann", "ben");
        assertThat(plan.prep().tasks())
                .anySatisfy(task -> assertThat(task.what()).startsWith("Cook for the bowls: udon"));
        assertThat(plan.unmet()).noneMatch(unmet -> unmet.step() == Step.TABLE);
    }

    @Test
    void whatIsEatenLastGoesInLongBefore() {
        double usual = Eaten.at(table(), CARROT);
        serve(CARROT, item -> Records.with(item, "eatenLast", true));
        TablePlan table = table();

        assertThat(Eaten.at(table, CARROT)).isGreaterThan(usual);
        assertThat(table.drops().stream().map(Drop::cut).distinct())
                .filteredOn(cut -> !List.of(CARROT, UDON).contains(cut))
                .allSatisfy(cut -> assertThat(Eaten.at(table, cut)).isLessThan(Eaten.at(table, CARROT)));
        assertThat(Eaten.drops(table, CARROT))
                .allSatisfy(drop -> assertThat(drop.stays().get(0).seconds()).isGreaterThan(600));
    }

    @Test
    void whatIsTiedIsEatenTogether() {
        double apart = Eaten.score(tied(false), ScoreTerm.Kind.ORDER);
        TablePlan tied = tied(true);

        assertThat(apart).isPositive();
        assertThat(Eaten.apart(tied, SPINACH, BEEF)).isLessThanOrEqualTo(300);
        assertThat(Eaten.score(tied, ScoreTerm.Kind.TIES)).isBetween(0.01, 10.0);
    }

    private TablePlan tied(boolean tied) {
        serve(SPINACH, item -> Records.with(item, "with", tied ? BEEF : null));
        return table();
    }

    @Test
    void foodGoesIntoTheSidesItIsLetInto() {
        for (String side : List.of("pot-1", "pot-2")) {
            serve(TOFU, item -> Records.with(item, "inSides", List.of(side)));
            assertThat(Eaten.drops(table(), TOFU))
                    .isNotEmpty()
                    .extracting(Drop::side)
                    .containsOnly(side);
        }
        serve(TOFU, item -> Records.with(item, "inSides", List.of("pot-1", "pot-2")));
        assertThat(Eaten.drops(table(), TOFU)).extracting(Drop::side).contains("pot-1", "pot-2");
    }

    @Test
    void guestsDipIntoTheirFavouriteSide() {
        for (String side : List.of("pot-1", "pot-2")) {
            say(
                    "guests",
                    brief.guests().stream()
                            .map(guest -> Records.with(guest, "favouriteSide", side))
                            .toList());
            assertThat(Eaten.drops(table(), BEEF))
                    .isNotEmpty()
                    .extracting(Drop::side)
                    .containsOnly(side);
        }
    }

    @Test
    void everybodyMindsABasketOfTheirOwn() {
        serve(TOFU, item -> Records.with(item, "tending", Tending.BASKET));
        TablePlan table = table();

        assertThat(Eaten.drops(table, TOFU)).isNotEmpty().allSatisfy(drop -> {
            assertThat(drop.tending()).isEqualTo(Tending.BASKET);
            assertThat(drop.minder()).isNull();
            assertThat(drop.stays()).allMatch(stay -> stay.servings().size() == 1);
        });
        assertThat(table.cues())
                .noneMatch(cue -> Eaten.drops(table, TOFU).stream()
                        .anyMatch(drop -> drop.id().equals(cue.drop())));
    }

    @Test
    void beefIsLadledForAllWhereTheHostWantsIt() {
        serve(BEEF, item -> Records.with(item, "tending", Tending.SHARED));
        TablePlan table = table();

        assertThat(Eaten.drops(table, BEEF)).isNotEmpty().allMatch(Drop::shared);
    }

    @Test
    void atAnEvenTempoLessIsEatenEarly() {
        say("order", SchoolOfOrder.ALL_ALONG);
        say("mealMinutes", 60);
        double brisk = eatenByHalf(table());
        say("tempo", Tempo.EVEN);
        double even = eatenByHalf(table());

        assertThat(brisk).isGreaterThan(0.55);
        assertThat(even).isBetween(0.4, 0.55).isLessThan(brisk);
    }

    private static double eatenByHalf(TablePlan table) {
        double early = 0;
        double all = 0;
        for (TablePlan.GuestPace pace : table.guests()) {
            for (TablePlan.Bite bite : pace.bites()) {
                early += bite.at() <= table.mealSeconds() / 2 ? bite.grams() : 0;
                all += bite.grams();
            }
        }
        return early / all;
    }

    @Test
    void twoMindersShareThePots() {
        Briefs briefs = Briefs.plain();
        briefs.pots.add(Briefs.pot("second", 4000, "ginger-chicken", "kelp-water"));
        brief = Records.with(briefs.build(), "minders", List.of("ann", "ben"));
        TablePlan table = table();

        assertThat(table.cues())
                .filteredOn(cue -> cue.act() == Cue.Act.PUT_IN)
                .isNotEmpty()
                .allSatisfy(cue -> assertThat(cue.minder()).isEqualTo(cue.side().startsWith("pot-") ? "ann" : "ben"));
    }

    @Test
    void everySharedDropIsACueAndNoDipIs() {
        TablePlan table = table();

        for (Drop drop : table.drops()) {
            long in = count(table, drop, Cue.Act.PUT_IN);
            long out = count(table, drop, Cue.Act.TAKE_OUT);
            assertThat(in).as(drop.id()).isEqualTo(drop.shared() && drop.putIn() >= 0 ? 1 : 0);
            assertThat(out).as(drop.id()).isEqualTo(drop.shared() && !drop.fished() ? 1 : 0);
        }
        assertThat(table.cues()).isSortedAccordingTo((a, b) -> Integer.compare(a.at(), b.at()));
        assertThat(table.cues()).allMatch(cue -> cue.at() <= cue.latest());
    }

    private static long count(TablePlan table, Drop drop, Cue.Act act) {
        return table.cues().stream()
                .filter(cue -> drop.id().equals(cue.drop()) && cue.act() == act)
                .count();
    }

    @Test
    void ofEveryDropOneCanAskWhyHereAndWhyNow() {
        TablePlan table = table();

        assertThat(table.reasons())
                .extracting(reason -> reason.drop())
                .containsExactlyElementsOf(table.drops().stream().map(Drop::id).toList());
        assertThat(table.reasons()).allSatisfy(reason -> {
            assertThat(reason.here()).isNotBlank();
            assertThat(reason.now()).isNotBlank();
        });
        assertThat(table.score())
                .extracting(ScoreTerm::term)
                .doesNotHaveDuplicates()
                .hasSize(ScoreTerm.Kind.values().length - 1)
                .doesNotContain(ScoreTerm.Kind.TIES);
    }

    private void eatFrom(WayOfEating way) {
        say(
                "pots",
                brief.pots().stream().map(pot -> Records.with(pot, "way", way)).toList());
    }

    @Test
    void inAPotOfBasketsNobodyIsFedByOthers() {
        eatFrom(WayOfEating.OWN_BASKET);
        TablePlan table = table();

        assertThat(table.drops()).isNotEmpty().noneMatch(Drop::shared);
        assertThat(Eaten.drops(table, TOFU)).allMatch(drop -> drop.tending() == Tending.BASKET);
        assertThat(table.guests()).allMatch(pace -> pace.firstBite().value() <= 60);
        assertThat(table.cues()).noneMatch(cue -> cue.act() == Cue.Act.PUT_IN);
    }

    @Test
    void inRoundsAllOfARoundIsLiftedOutTogetherAndThenThereIsSoup() {
        eatFrom(WayOfEating.ROUNDS);
        TablePlan table = table();

        assertThat(table.drops()).isNotEmpty().allMatch(Drop::shared);
        for (Side side : brief.sides()) {
            List<Integer> out = table.drops().stream()
                    .filter(drop -> drop.side().equals(side.id()))
                    .map(Drop::takeOut)
                    .sorted()
                    .toList();
            for (int i = 1; i < out.size(); i++) {
                int apart = out.get(i) - out.get(i - 1);
                assertThat(apart <= 60 || apart >= 300)
                        .as("%s: %d s apart", side.id(), apart)
                        .isTrue();
            }
        }
        assertThat(table.cues()).extracting(Cue::act).contains(Cue.Act.SOUP);
        assertThat(table.cues())
                .filteredOn(cue -> cue.act() == Cue.Act.TAKE_OUT)
                .isNotEmpty()
                .allMatch(cue -> cue.text().startsWith("Lift the round into the bowls"));
        assertThat(table.soupRounds()).hasSizeGreaterThanOrEqualTo(3);
    }

    @Test
    void aSmallPotTakesItsRoundsInWholeAndNotPieceByPiece() {
        say("guests", brief.guests().subList(0, 2));
        say(
                "pots",
                brief.pots().stream()
                        .limit(1)
                        .map(pot -> Records.with(pot, "capacityMl", 2600))
                        .toList());
        say("order", SchoolOfOrder.HARD_FIRST);
        eatFrom(WayOfEating.ROUNDS);
        TablePlan table = table();

        assertThat(table.remainders()).isEmpty();
        assertThat(Eaten.drops(table, BEEF))
                .hasSizeBetween(2, 4)
                .allSatisfy(drop -> assertThat(drop.gramsByGuest()).hasSize(2));
    }

    @Test
    void onAHotPlateMeatAndSeafoodAreBrownedBeforeTheySlideIntoTheBroth() {
        eatFrom(WayOfEating.PLATE_FIRST);
        TablePlan table = table();

        assertThat(table.drops())
                .filteredOn(drop -> drop.tending() == Tending.PLATE)
                .extracting(Drop::cut)
                .contains(BEEF, "prawn.peeled")
                .doesNotContain(TOFU, SPINACH);
        assertThat(Eaten.drops(table, BEEF))
                .allSatisfy(drop -> assertThat(drop.inBroth())
                        .allSatisfy(stay -> assertThat(drop.stays())
                                .anyMatch(plate -> plate.onPlate() && plate.takeOut() == stay.putIn())));
    }

    @Test
    void whoBrownsForAChildIsCalledWhenItLiesOnThePlate() {
        say(
                "guests",
                brief.guests().stream()
                        .map(guest ->
                                guest.id().equals("ben") ? Records.with(guest, "appetite", Appetite.CHILD) : guest)
                        .toList());
        eatFrom(WayOfEating.PLATE_FIRST);
        TablePlan table = table();

        Drop beef = table.drops().stream()
                .filter(drop -> drop.cut().equals(BEEF) && drop.minder() != null)
                .findFirst()
                .orElseThrow();
        assertThat(table.cues())
                .filteredOn(cue -> beef.id().equals(cue.drop()))
                .isNotEmpty()
                .allSatisfy(cue -> {
                    assertThat(cue.act()).isEqualTo(Cue.Act.DIP_FOR);
                    assertThat(cue.text()).startsWith("Brown beef").contains("on the plate", "for ben");
                    assertThat(beef.stays()).anyMatch(stay -> stay.onPlate() && stay.putIn() == cue.at());
                });
    }

    @Test
    void soupIsForWhenNothingRawIsInTheSide() {
        assertThat(table().soupRounds())
                .isNotEmpty()
                .allSatisfy(round -> assertThat(round.at()).isGreaterThanOrEqualTo(50 * 60));
    }

    @Test
    void whenAllGoesInAtOnceItIsEatenFromTheBowlEarly() {
        eatFrom(WayOfEating.ALL_IN);
        TablePlan table = table();

        assertThat(table.drops()).isNotEmpty().allMatch(Drop::shared);
        assertThat(eatenByHalf(table)).isGreaterThan(0.9);
    }

    @Test
    void aLayeredPotComesToTheTableWithItsSlowThings() {
        eatFrom(WayOfEating.LAYERED);
        TablePlan table = table();

        assertThat(table.drops())
                .filteredOn(Drop::fished)
                .isNotEmpty()
                .allSatisfy(drop -> assertThat(drop.putIn()).isLessThan(300));
        assertThat(Eaten.drops(table, BEEF)).isNotEmpty().allMatch(Drop::dipped);
    }

    @Test
    void whereFoodIsOnlyDippedLeavesAndCookedNoodlesStandBesideAndNothingElseIsEatenRaw() {
        eatFrom(WayOfEating.DIP_AND_WRAP);
        TablePlan table = table();

        assertThat(table.drops()).extracting(Drop::cut).containsOnly(BEEF, "prawn.peeled", BALLS, TOFU);
        assertThat(table.beside()).extracting(TablePlan.Beside::cut).containsOnly(SPINACH, UDON);
        assertThat(table.remainders()).extracting(TablePlan.Remainder::cut).containsOnly("shiitake.halved", CARROT);
        assertThat(Briefs.PLANNER
                        .plan(brief, Facts.none(), Briefs.NOW)
                        .plan()
                        .prep()
                        .tasks())
                .anyMatch(task -> task.what().startsWith("Cook for the bowls: udon"));
    }

    @Test
    void besideAPotToDipIntoAllElseGoesIntoTheOther() {
        Briefs briefs = Briefs.plain();
        briefs.pots.add(Briefs.pot("dip", 2000, "kelp-water"));
        brief = briefs.build();
        say("pots", List.of(brief.pots().get(0), Records.with(brief.pots().get(1), "way", WayOfEating.DIP_AND_WRAP)));
        TablePlan table = table();

        assertThat(table.drops())
                .filteredOn(drop -> drop.side().equals("dip-1"))
                .extracting(Drop::cut)
                .isSubsetOf(BEEF, "prawn.peeled", BALLS, TOFU);
        assertThat(Eaten.drops(table, SPINACH)).isNotEmpty();
    }
}
