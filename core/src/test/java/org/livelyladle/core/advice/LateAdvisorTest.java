package org.livelyladle.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.catalogue.Bought;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.facts.EventType;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.prep.PrepClock;
import org.livelyladle.core.prep.PrepTask;

class LateAdvisorTest {
    private final Briefs briefs = Briefs.plain();

    LateAdvisorTest() {
        briefs.bought.put("beef-ribeye.sliced", Bought.WHOLE);
    }

    private static Plan plan(Brief brief, Facts facts, Instant asOf) {
        return Briefs.PLANNER.plan(brief, facts, asOf).plan();
    }

    private Plan late(int minutes) {
        Brief brief = briefs.build();
        double begins = plan(brief, Facts.none(), Briefs.NOW).prep().begins().value();
        return plan(brief, Facts.none(), moment(minutes - (int) begins));
    }

    private Instant moment(int minute) {
        return PrepClock.of(briefs.build()).instant(minute);
    }

    private static LateRemedy of(Plan plan, Class<? extends BriefEdit> kind) {
        return plan.lateRemedies().stream()
                .filter(late -> kind.isInstance(late.remedy().edit()))
                .findFirst()
                .orElseThrow(() -> new AssertionError(kind + " is not among " + plan.lateRemedies()));
    }

    @Test
    void inTimeNothingIsOffered() {
        Plan plan = plan(briefs.build(), Facts.none(), Briefs.NOW);

        assertThat(plan.lateRemedies()).isEmpty();
        assertThat(plan.unmet()).noneMatch(unmet -> unmet.step() == Step.PREP);
    }

    @Test
    void whatIsOfferedComesTrueWhenItIsChosen() {
        briefs.cooks.add(Cook.of("bo", "Bo"));
        briefs.cooks.add(new Cook("finn", "Finn", true, null, Cook.USUAL_FROM, Cook.USUAL_UNTIL, List.of()));
        Plan plan = late(40);
        assertThat(plan.unmet()).anyMatch(unmet -> unmet.id().equals("prep.LATE."));
        LateRemedy hand = of(plan, BriefEdit.HandOver.class);
        LateRemedy without = of(plan, BriefEdit.LeaveOut.class);
        LateRemedy later = of(plan, BriefEdit.SitAt.class);
        Brief brief = briefs.build();
        Instant now = moment(
                40 - (int) plan(brief, Facts.none(), Briefs.NOW).prep().begins().value());

        for (LateRemedy taken : List.of(hand, without)) {
            Brief changed = taken.remedy().edit().apply(brief);
            // without a food the broths boil away otherwise, and a few millilitres more are hot a minute later
            assertThat(plan(changed, Facts.none(), now).prep().readyAt())
                    .isCloseTo(taken.readyAt(), within(1, ChronoUnit.MINUTES));
        }
        Plan put = plan(later.remedy().edit().apply(brief), Facts.none(), now);
        assertThat(put.prep().readyAt()).isEqualTo(later.readyAt());
        assertThat(later.fits()).isTrue();
        assertThat(put.unmet()).noneMatch(unmet -> unmet.id().equals("prep.LATE."));
    }

    @Test
    void theCheapestThatFitsComesFirst() {
        briefs.cooks.add(Cook.of("bo", "Bo"));
        briefs.cooks.add(new Cook("finn", "Finn", true, null, Cook.USUAL_FROM, Cook.USUAL_UNTIL, List.of()));
        List<LateRemedy> remedies = late(30).lateRemedies();

        assertThat(remedies).hasSizeGreaterThan(2).allMatch(late -> late.gainMinutes() >= 3);
        assertThat(remedies).isSortedAccordingTo(java.util.Comparator.comparing(late -> !late.fits()));
        assertThat(remedies)
                .filteredOn(LateRemedy::fits)
                .isSortedAccordingTo(
                        java.util.Comparator.comparing(late -> late.remedy().edit() instanceof BriefEdit.SitAt));
    }

    @Test
    void aBrothThatIsUnderWayIsNotGivenUpAndAQuickOneAtHomeIsOffered() {
        briefs.cooks.add(Cook.of("bo", "Bo"));
        briefs.pots.set(0, Briefs.pot("pot", 4000, "ginger-chicken"));
        briefs.pantry.add(new org.livelyladle.core.brief.PantryItem("kelp", 200.0));
        briefs.pantry.add(new org.livelyladle.core.brief.PantryItem("spring-onion", 300.0));
        Plan plan = late(60);
        LateRemedy swap = of(plan, BriefEdit.SwapBroth.class);
        assertThat(swap.remedy().edit()).isEqualTo(new BriefEdit.SwapBroth("ginger-chicken", "kelp-water"));

        List<Facts.TaskMark> marks = plan.prep().tasks().stream()
                .filter(task -> task.group() == PrepTask.Group.BROTH)
                .map(task -> new Facts.TaskMark(moment(-200), EventType.TASK_DONE, task.id()))
                .toList();
        Plan made = plan(briefs.build(), new Facts(List.of(), marks, Set.of(), List.of(), Set.of()), moment(-60));
        assertThat(made.lateRemedies()).noneMatch(late -> late.remedy().edit() instanceof BriefEdit.SwapBroth);
    }
}
