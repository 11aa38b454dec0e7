package org.livelyladle.core.advice;

import static org.livelyladle.core.advice.Remedy.show;

import java.util.ArrayList;
import java.util.List;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.Violation;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.safety.SideAccess.Barrier;
import org.livelyladle.core.table.TablePlan;

/** What the finished sequence leaves to be wished for: long waits, sides nobody cooks in. */
record TableUnmet(Brief brief, Catalogue catalogue, TablePlan table) {
    /** A longer time without a bite, to the finish too, is drawn as a wait [s]; memory. */
    private static final int LONG_WAIT_SECONDS = 300;
    /** Who eats in rounds waits from one to the next [s]; memory. */
    private static final int FROM_ROUND_TO_ROUND_SECONDS = 1080;
    /** Nor is one this many times as long as if the bites came evenly [1]; memory. */
    private static final double FEW_BITES = 1.6;

    List<Unmet> find() {
        List<Unmet> unmet = new ArrayList<>();
        table.audit().forEach(violation -> unmet.add(broken(violation)));
        if (brief.ending() != null && table.ending() == null && !brief.sides().isEmpty()) {
            unmet.add(new Unmet(
                    "ending",
                    Unmet.Severity.WISH,
                    Step.TABLE,
                    null,
                    "No side can take the ending: what goes in would reach somebody who keeps away from it.",
                    show(Step.TABLE)));
        }
        if (!table.drops().isEmpty()) {
            waits(unmet);
            table.sides().stream().filter(side -> side.cuts().isEmpty()).forEach(side -> unmet.add(unused(side)));
        }
        return unmet;
    }

    /** Nobody minds so long a wait: who has few bites waits longer between them. */
    private double longest(TablePlan.GuestPace pace) {
        Guest guest = brief.guest(pace.guest()).orElseThrow();
        double minutes = guest.leavesWithin(brief.mealMinutes()) - guest.arrivesAfterMinutes();
        return Math.max(
                isInRounds() ? FROM_ROUND_TO_ROUND_SECONDS : LONG_WAIT_SECONDS,
                FEW_BITES * minutes * 60 / pace.bites().size());
    }

    private boolean isInRounds() {
        return brief.pots().stream().anyMatch(pot -> pot.wayOrUsual() == WayOfEating.ROUNDS);
    }

    /** The audit shares nothing with the sequencer: should they ever differ, the audit is believed. */
    private static Unmet broken(Violation violation) {
        return new Unmet(
                "audit." + violation.rule() + "." + violation.subject(),
                Unmet.Severity.CANNOT_EAT,
                Step.TABLE,
                null,
                "Checked again, this table breaks " + violation.rule() + ", " + violation.subject() + ": "
                        + violation.text() + ". Do not cook by it.",
                show(Step.TABLE));
    }

    private void waits(List<Unmet> unmet) {
        List<TablePlan.GuestPace> waiting = table.guests().stream()
                .filter(pace -> !pace.bites().isEmpty() && pace.longestWait().value() > longest(pace))
                .toList();
        if (waiting.isEmpty()) {
            return;
        }
        TablePlan.GuestPace longest = waiting.stream()
                .max((a, b) ->
                        Double.compare(a.longestWait().value(), b.longestWait().value()))
                .orElseThrow();
        String name = brief.guest(longest.guest()).orElseThrow().name();
        String others = waiting.size() == 1
                ? ""
                : ", " + (waiting.size() - 1) + (waiting.size() == 2 ? " other" : " others") + " more than "
                        + KitchenText.minutes(LONG_WAIT_SECONDS / 60.0);
        unmet.add(new Unmet(
                "waits",
                Unmet.Severity.WISH,
                Step.TABLE,
                null,
                name + " goes " + longest.longestWait().text() + " without a bite" + others + ".",
                show(Step.TABLE)));
    }

    private Unmet unused(TablePlan.SideUse side) {
        Broth broth = catalogue.broth(brief.sides().stream()
                .filter(s -> s.id().equals(side.side()))
                .findFirst()
                .orElseThrow()
                .broth());
        boolean shutToAll = side.closedTo().size() == brief.guests().size();
        boolean tooHot = shutToAll && side.closedTo().stream().allMatch(closed -> closed.barrier() == Barrier.HEAT);
        String why = tooHot
                ? "it is hotter than anybody likes"
                : shutToAll ? "no guest may eat from it" : "the other sides take all there is";
        return new Unmet(
                "unused." + side.side(),
                Unmet.Severity.WISH,
                Step.POTS,
                null,
                "Nothing is cooked in " + KitchenText.lower(broth.name()) + ": " + why + ".",
                show(Step.POTS));
    }
}
