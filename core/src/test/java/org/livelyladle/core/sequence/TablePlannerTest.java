package org.livelyladle.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.advice.Unmet;
import org.livelyladle.core.brief.Appetite;
import org.livelyladle.core.brief.Decisions;
import org.livelyladle.core.brief.Decisions.DropPin;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.SchoolOfOrder;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.TablePlan;

class TablePlannerTest {
    private final Briefs briefs = Briefs.plain();

    private Plan plan() {
        return Briefs.PLANNER.plan(briefs.build(), Facts.none(), Briefs.NOW).plan();
    }

    private List<String> sidesOf(String guest) {
        return plan().table().guests().stream()
                .filter(pace -> pace.guest().equals(guest))
                .findFirst()
                .orElseThrow()
                .sides();
    }

    @Test
    void aVeganGetsASideOfHerOwn() {
        briefs.guests.set(0, Briefs.guest("ann", Briefs.diet(NeedKind.VEGAN)));
        Plan plan = plan();

        assertThat(plan.table().remainders()).isEmpty();
        List<String> veganSides = sidesOf("ann");
        assertThat(veganSides).hasSize(1);
        assertThat(plan.table().drops())
                .filteredOn(drop -> drop.side().equals(veganSides.get(0)))
                .extracting(Drop::cut)
                .doesNotContain("beef-ribeye.sliced", "prawn.peeled");
    }

    @Test
    void anAllergyWantsAPotOfItsOwnUnlessTheHostAcceptsSplashes() {
        briefs.guests.set(0, Briefs.guest("ann", Briefs.medical(NeedKind.CELERY)));
        assertThat(sidesOf("ann")).isEmpty();
        assertThat(plan().unmet().get(0)).satisfies(unmet -> {
            assertThat(unmet.severity()).isEqualTo(Unmet.Severity.CANNOT_EAT);
            assertThat(unmet.remedy().edit()).isInstanceOf(BriefEdit.AddPot.class);
        });

        briefs.decisions = new Decisions(
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(new Decisions.SplashChoice("ann", "pot")),
                List.of());
        assertThat(sidesOf("ann")).containsExactly("pot-1");
    }

    @Test
    void thePregnantGuestIsKeptFromMedicinalHerbs() {
        briefs.pots.set(0, Briefs.pot("pot", 4000, "root-and-date", "smoked-tomato"));
        briefs.guests.set(0, Briefs.guest("ann", Briefs.diet(NeedKind.PREGNANT)));

        assertThat(sidesOf("ann")).containsExactly("pot-2");
    }

    @Test
    void nobodyIsFedHotterThanTheyLike() {
        briefs.pots.set(0, Briefs.pot("pot", 4000, "kelp-shiitake", "numbing-chilli"));
        briefs.guests.set(
                0,
                new Guest(
                        "ann",
                        "Ann",
                        Appetite.REGULAR,
                        List.of(),
                        List.of(),
                        Heat.MILD,
                        0,
                        null,
                        100,
                        false,
                        null,
                        false));

        assertThat(sidesOf("ann")).containsExactly("pot-1");
    }

    @Test
    void slowRootsAreEatenFirstAndNoodlesLast() {
        for (SchoolOfOrder school : List.of(SchoolOfOrder.FLAVOUR_BUILDERS, SchoolOfOrder.HARD_FIRST)) {
            briefs.order = school;
            TablePlan table = plan().table();
            List<String> cuts = table.drops().stream().map(Drop::cut).distinct().toList();
            assertThat(cuts.stream().min(Comparator.comparingInt(cut -> Eaten.first(table, cut))))
                    .contains("carrot.sliced");
            assertThat(cuts.stream().max(Comparator.comparingDouble(cut -> Eaten.at(table, cut))))
                    .contains("udon.fresh");
        }
    }

    @Test
    void theSchoolsDiffer() {
        briefs.menu.add("chicken-thigh.sliced");
        briefs.mealMinutes = 120;
        briefs.order = SchoolOfOrder.HARD_FIRST;
        TablePlan hard = plan().table();
        briefs.order = SchoolOfOrder.FLAVOUR_BUILDERS;
        TablePlan builders = plan().table();

        assertThat(Eaten.at(hard, "carrot.sliced"))
                .isLessThan(Eaten.at(hard, "shiitake.halved"))
                .isLessThan(Eaten.at(hard, "spinach.leaves"));
        assertThat(Eaten.first(builders, "chicken-thigh.sliced")).isLessThan(Eaten.first(builders, "spinach.leaves"));
        assertThat(Eaten.first(builders, "chicken-thigh.sliced")).isLessThan(Eaten.first(hard, "chicken-thigh.sliced"));
    }

    /** Quick things are eaten while slow ones cook: nobody waits for the first slice until the hard things are done. */
    @Test
    void whileSlowThingsCookTheFirstSlicesAreDippedInTheFirstTenMinutes() {
        briefs.mealMinutes = 120;
        for (SchoolOfOrder school :
                List.of(SchoolOfOrder.FLAVOUR_BUILDERS, SchoolOfOrder.HARD_FIRST, SchoolOfOrder.BALLS_FIRST)) {
            briefs.order = school;
            for (Guest guest : briefs.guests) {
                assertThat(plan().table().drops())
                        .filteredOn(Drop::dipped)
                        .anySatisfy(drop -> assertThat(drop.stays()).anySatisfy(stay -> {
                            assertThat(stay.servings().get(0).guest()).isEqualTo(guest.id());
                            assertThat(stay.takeOut()).isLessThan(600);
                        }));
            }
        }
    }

    /** A child's slices are held by an adult, who holds nothing else meanwhile. */
    @Test
    void anAdultDipsForAChild() {
        briefs.guests.set(0, Briefs.guest("ann", Briefs.diet(NeedKind.SMALL_CHILD)));
        TablePlan table = plan().table();

        assertThat(table.drops())
                .filteredOn(drop -> drop.dipped() && drop.gramsByGuest().containsKey("ann"))
                .isNotEmpty()
                .allSatisfy(drop -> {
                    assertThat(drop.minder()).isEqualTo("ben");
                    assertThat(drop.gramsByGuest()).containsOnlyKeys("ann");
                });
        assertThat(table.drops())
                .filteredOn(drop -> drop.dipped() && drop.gramsByGuest().containsKey("ben"))
                .allSatisfy(drop -> assertThat(drop.minder()).isNull());
    }

    @Test
    void aLateGuestIsFedAfterArriving() {
        briefs.guests.set(
                0,
                new Guest(
                        "ann",
                        "Ann",
                        Appetite.REGULAR,
                        List.of(),
                        List.of(),
                        Heat.HOT,
                        40,
                        null,
                        100,
                        false,
                        null,
                        false));

        assertThat(plan().table().guests().get(0).bites())
                .isNotEmpty()
                .allSatisfy(bite -> assertThat(bite.at()).isGreaterThanOrEqualTo(2400));
    }

    @Test
    void aPinnedDropGoesInAtItsMinute() {
        String side = sideOf("tofu-firm.cubes");
        briefs.decisions = pin(new DropPin("tofu-firm.cubes", side, 1, side, 30));

        assertThat(plan().table().drops())
                .filteredOn(drop -> drop.cut().equals("tofu-firm.cubes") && drop.batch() == 1)
                .singleElement()
                .satisfies(drop -> assertThat(drop.putIn()).isEqualTo(1800));
    }

    @Test
    void aPinAfterTheFinishIsBeatenWithTheNearestMinute() {
        String side = sideOf("carrot.sliced");
        briefs.decisions = pin(new DropPin("carrot.sliced", side, 1, side, 89));
        Plan plan = plan();

        assertThat(plan.table().beatenPins()).singleElement().satisfies(pin -> {
            assertThat(pin.reason()).isEqualTo("outside the meal");
            assertThat(pin.violation()).satisfies(violation -> {
                assertThat(violation.rule()).isEqualTo("H6");
                assertThat(violation.had()).isGreaterThan(violation.limit());
            });
            assertThat(pin.nearestMinute()).isBetween(60.0, 82.0);
        });
        assertThat(plan.unmet()).anyMatch(unmet -> unmet.remedy().edit() instanceof BriefEdit.FreeDrop);
    }

    /** Roots come first, before two of four are there: both pairs get theirs in a few drops each, not piece by piece. */
    @Test
    void whoComesLaterDoesNotTakeApartWhatTheOthersShare() {
        SeededTable table = SeededTable.random(25);

        assertThat(table.brief.guests())
                .filteredOn(guest -> guest.arrivesAfterMinutes() > 0)
                .hasSize(2);
        assertThat(table.placed())
                .filteredOn(placing -> placing.batch.cut().id().equals("carrot.sliced"))
                .hasSizeLessThanOrEqualTo(4)
                .allSatisfy(placing -> assertThat(placing.batch.grams()).isGreaterThan(60));
    }

    @Test
    void aPinOnADropThatIsNoMoreIsNamed() {
        String side = sideOf("carrot.sliced");
        briefs.decisions = pin(new DropPin("carrot.sliced", side, 49, side, 30));
        Plan plan = plan();

        assertThat(plan.table().beatenPins()).singleElement().satisfies(pin -> {
            assertThat(pin.reason()).isEqualTo("there is no such drop any more");
            assertThat(pin.nearestMinute()).isNull();
        });
        assertThat(plan.unmet())
                .filteredOn(unmet -> unmet.remedy().edit() instanceof BriefEdit.FreeDrop)
                .singleElement()
                .satisfies(unmet -> assertThat(unmet.text())
                        .endsWith("is pinned to minute 30, but there is no such drop any more."));
    }

    /** Moving a batch into a side kept clean for somebody it would harm is refused. */
    @Test
    void aPinIntoACleanSideIsBeaten() {
        briefs.guests.set(0, Briefs.guest("ann", Briefs.diet(NeedKind.VEGAN)));
        String clean = sidesOf("ann").get(0);
        String home = sideOf("prawn.peeled");
        briefs.decisions = pin(new DropPin("prawn.peeled", home, 1, clean, 30));
        Plan plan = plan();

        assertThat(plan.table().beatenPins()).hasSize(1);
        assertThat(plan.table().drops())
                .filteredOn(drop -> drop.cut().equals("prawn.peeled"))
                .allSatisfy(drop -> assertThat(drop.side()).isEqualTo(home));
    }

    @Test
    void withoutPotsNobodyEatsAndItIsSaid() {
        briefs.pots.clear();

        assertThat(plan().unmet())
                .filteredOn(unmet -> unmet.severity() == Unmet.Severity.CANNOT_EAT)
                .hasSize(2);
    }

    private String sideOf(String cut) {
        return plan().table().drops().stream()
                .filter(drop -> drop.cut().equals(cut))
                .findFirst()
                .orElseThrow()
                .side();
    }

    private static Decisions pin(DropPin pin) {
        return new Decisions(List.of(), List.of(), List.of(), List.of(pin), List.of(), List.of());
    }

    @Test
    void whoLeavesEarlyHasEatenByThen() {
        briefs.guests.set(0, Records.with(Briefs.guest("ann"), "leavesAfterMinutes", 40));
        TablePlan table = plan().table();
        TablePlan.GuestPace ann = table.guests().get(0);

        assertThat(ann.bites()).isNotEmpty().allMatch(bite -> bite.at() <= 40 * 60);
        assertThat(table.remainders()).isEmpty();
        assertThat(ann.longestWait().value()).isLessThan(40 * 60);
    }
}
