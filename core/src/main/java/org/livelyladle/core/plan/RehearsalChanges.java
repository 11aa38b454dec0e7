package org.livelyladle.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.HeatSource;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Tending;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.rehearsal.Rehearsal;
import org.livelyladle.core.rehearsal.Scene;
import org.livelyladle.core.rehearsal.Trouble;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.Drop;

/** Which single changes of a plan might mend its weak moments. Whether they do is for the rehearsal to say. */
final class RehearsalChanges {
    /** So many are tried at most. */
    static final int MOST = 7;

    private static final int LONGER_MINUTES = 10;
    private static final int LONGEST_MEAL = 240;
    private static final int MOST_BASKETS = 8;
    private static final int STEP_PERCENT = 10;
    private static final int LEAST_PERCENT = 25;
    private static final int MOST_PERCENT = 67;

    private final Scene scene;
    private final Brief brief;

    RehearsalChanges(Scene scene) {
        this.scene = scene;
        this.brief = scene.brief();
    }

    /** @param edit null for what is no part of the brief: one cartridge more */
    record Candidate(String label, @Nullable BriefEdit edit) {}

    /** Nothing is tried where nothing goes wrong. */
    List<Candidate> mending(Rehearsal rehearsal) {
        List<Candidate> all = new ArrayList<>();
        if (rehearsal.any().times() == 0) {
            return all;
        }
        helper().ifPresent(all::add);
        if (brief.mealMinutes() + LONGER_MINUTES <= LONGEST_MEAL) {
            all.add(new Candidate("Ten minutes more", new BriefEdit.SitFor(brief.mealMinutes() + LONGER_MINUTES)));
        }
        rehearsal.moments().stream()
                .filter(moment -> moment.side() != null)
                .findFirst()
                .ifPresent(moment -> at(all, moment));
        if (brief.pots().stream().anyMatch(pot -> pot.heat().kind() == HeatSource.Kind.BUTANE)) {
            all.add(new Candidate("One spare cartridge more at hand", null));
        }
        return all;
    }

    /** Another adult who looks after pots, where there is more than one. */
    private Optional<Candidate> helper() {
        List<String> minders = scene.table().cues().stream()
                .map(Cue::minder)
                .flatMap(Stream::ofNullable)
                .distinct()
                .toList();
        List<String> now = brief.minders().isEmpty() ? minders.stream().limit(1).toList() : brief.minders();
        if (brief.pots().size() <= now.size()) {
            return Optional.empty();
        }
        return brief.guests().stream()
                .filter(guest -> !guest.isSmallChild() && !now.contains(guest.id()))
                .filter(guest ->
                        brief.cooks().stream().noneMatch(cook -> cook.name().equals(guest.name())))
                .filter(guest -> guest.arrivesAfterMinutes() == 0 && guest.leavesAfterMinutes() == null)
                .min(Comparator.comparing(Guest::id))
                .map(guest -> new Candidate(
                        "A helper: " + guest.name() + " looks after pots too",
                        new BriefEdit.ShareMinding(Stream.concat(now.stream(), Stream.of(guest.id()))
                                .toList())));
    }

    private void at(List<Candidate> all, Rehearsal.Moment moment) {
        Pot pot = brief.potOf(moment.side());
        String name = KitchenText.lower(pot.name());
        if (pot.basketsPerSide() < MOST_BASKETS && pot.wayOrUsual() != WayOfEating.ROUNDS) {
            all.add(new Candidate(
                    "One basket more to a side of the " + name,
                    new BriefEdit.SetBaskets(pot.id(), pot.basketsPerSide() + 1)));
        }
        scene.table().drops().stream()
                .filter(drop -> drop.id().equals(moment.drop()) && drop.shared() && !drop.fished())
                .findFirst()
                .map(Drop::cut)
                .ifPresent(cut -> all.add(new Candidate(
                        "Smaller drops: the " + food(cut) + " in everybody's own basket",
                        new BriefEdit.Tend(cut, Tending.BASKET))));
        String broth = brief.sides().stream()
                .filter(side -> side.id().equals(moment.side()))
                .findFirst()
                .orElseThrow()
                .broth();
        all.add(new Candidate(
                "A small pot more of "
                        + KitchenText.lower(scene.catalogue().broth(broth).name()),
                new BriefEdit.AddPot(broth)));
        int step = moment.trouble() == Trouble.OVER_BRIM ? -STEP_PERCENT : STEP_PERCENT;
        int filled = Math.max(LEAST_PERCENT, Math.min(MOST_PERCENT, pot.fillPercent() + step));
        if (filled != pot.fillPercent()) {
            all.add(new Candidate(
                    "The " + name + " filled to " + filled + " %", new BriefEdit.FillPot(pot.id(), filled)));
        }
    }

    private String food(String cut) {
        return KitchenText.lower(
                scene.catalogue().ingredientOf(scene.catalogue().cut(cut)).name());
    }
}
