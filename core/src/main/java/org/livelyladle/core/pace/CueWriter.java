package org.livelyladle.core.pace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.evening.PotEvening;
import org.livelyladle.core.evening.SideEvening;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.EndingPlan;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.SoupRound;
import org.livelyladle.core.table.Stay;

/** All that minders do over the evening, by time: the one list for the table card, the chart and each minder. */
final class CueWriter {
    private static final int MINUTE = 60;
    /** What goes in may go in so much later [s]; memory. */
    private static final int PUT_IN_PATIENCE = 60;
    /** What is done to a broth may be done so much later [s]; memory. */
    private static final int BROTH_PATIENCE = 300;
    /** Slices dipped for a child this close together are one cue [s]. */
    private static final int ONE_AFTER_ANOTHER = 150;
    /** Foam of raw meat has gathered so long after it went in; common practice [s]. */
    private static final int FOAM_AFTER = 90;
    /** A side is skimmed no more often than this, and a gentle one, where foam stays, after each round; common practice [s]. */
    private static final int SKIM_EVERY = 1200;

    private static final int SKIM_GENTLE_EVERY = 600;

    /** What comes out this close together is one round [s]. */
    private static final int ONE_ROUND = 120;
    /** For a meal of this length half of what is raw waits in the fridge [s]; common practice. */
    private static final int LONG_MEAL = 3600;

    private final Brief brief;
    private final Catalogue catalogue;
    private final Sequence sequence;
    private final List<Cue> cues = new ArrayList<>();
    /** What is done to a broth or for the table at some moment that suits. */
    private final List<Cue> canWait = new ArrayList<>();

    CueWriter(Brief brief, Catalogue catalogue, Sequence sequence) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.sequence = sequence;
    }

    List<Cue> write(List<PotEvening> pots) {
        sequence.drops().forEach(this::drop);
        brief.sides().stream().filter(this::isRounds).forEach(this::liftOut);
        pots.forEach(this::pot);
        brief.sides().forEach(this::skim);
        sequence.soupRounds().forEach(this::soup);
        secondPlates();
        if (sequence.ending() != null) {
            ending(sequence.ending());
        }
        QuietMoments moments = new QuietMoments(brief, cues);
        canWait.stream()
                .sorted(Comparator.comparingInt(Cue::at))
                .map(moments::settle)
                .forEach(cues::add);
        cues.sort(Comparator.comparingInt(Cue::at)
                .thenComparing(Cue::act)
                .thenComparing(cue -> Objects.requireNonNullElse(cue.drop(), ""))
                .thenComparing(Cue::side));
        return cues;
    }

    private void drop(Drop drop) {
        String what = KitchenText.lower(drop.name()) + ", " + drop.amount();
        if (!drop.shared()) {
            dipFor(drop);
            return;
        }
        if (!drop.preloaded()) {
            int in = drop.putIn();
            boolean frozen = brief.item(drop.cut()).goesInFrozen(catalogue.cut(drop.cut()));
            cues.add(new Cue(
                    in,
                    in + PUT_IN_PATIENCE,
                    drop.minder(),
                    Cue.Act.PUT_IN,
                    drop.id(),
                    drop.side(),
                    "Put in " + what + (frozen ? ", from the freezer" : "")));
        }
        if (!drop.fished() && !isRounds(drop.side())) {
            Stay stay = drop.inBroth().get(0);
            cues.add(new Cue(
                    stay.takeOut(),
                    stay.bestUntil(),
                    drop.minder(),
                    Cue.Act.TAKE_OUT,
                    drop.id(),
                    drop.side(),
                    "Take out " + what));
        }
    }

    private boolean isRounds(Side side) {
        return isRounds(side.id());
    }

    private boolean isRounds(String side) {
        return brief.potOf(side).wayOrUsual() == WayOfEating.ROUNDS;
    }

    /** All of a round comes out together, and not before the last of it is ready. */
    private void liftOut(Side side) {
        List<Drop> own = sequence.drops().stream()
                .filter(drop -> drop.side().equals(side.id()) && drop.shared() && !drop.fished())
                .sorted(Comparator.comparingInt(Drop::takeOut))
                .toList();
        List<Drop> round = new ArrayList<>();
        for (int i = 0; i < own.size(); i++) {
            round.add(own.get(i));
            boolean last = i + 1 == own.size()
                    || own.get(i + 1).takeOut() - round.get(0).takeOut() > ONE_ROUND;
            if (last) {
                Drop slowest = own.get(i);
                int at = own.get(i).takeOut();
                cues.add(new Cue(
                        at,
                        Math.max(
                                at,
                                round.stream()
                                        .mapToInt(drop -> drop.inBroth().get(0).bestUntil())
                                        .min()
                                        .orElseThrow()),
                        slowest.minder(),
                        Cue.Act.TAKE_OUT,
                        slowest.id(),
                        side.id(),
                        "Lift the round into the bowls: "
                                + round.stream()
                                        .map(drop -> KitchenText.lower(drop.name()))
                                        .distinct()
                                        .collect(Collectors.joining("; "))));
                round.clear();
            }
        }
    }

    /** Where somebody ladles for all; else eaters help themselves. */
    private void soup(SoupRound round) {
        if (round.minder() != null) {
            canWait.add(new Cue(
                    round.at(),
                    round.until(),
                    round.minder(),
                    Cue.Act.SOUP,
                    null,
                    round.side(),
                    "Ladle soup for " + round.eaters().size() + ": nothing raw is in it"));
        }
    }

    /** Half of what is raw waits in the fridge when the meal is long; common practice. */
    private void secondPlates() {
        int half = sequence.mealSeconds() / 2;
        List<Drop> later = sequence.drops().stream()
                .filter(drop -> catalogue.cut(drop.cut()).rawRisk() != RawRisk.NONE)
                .filter(drop -> drop.inBroth().stream().anyMatch(stay -> stay.putIn() > half))
                .toList();
        if (sequence.mealSeconds() < LONG_MEAL || later.isEmpty()) {
            return;
        }
        Drop first = later.get(0);
        canWait.add(new Cue(
                half - BROTH_PATIENCE,
                half,
                sequence.minders().get(brief.potOf(first.side()).id()),
                Cue.Act.SECOND_PLATES,
                null,
                first.side(),
                "Bring the second plates from the fridge: "
                        + later.stream()
                                .map(drop -> KitchenText.lower(catalogue
                                        .ingredientOf(catalogue.cut(drop.cut()))
                                        .name()))
                                .distinct()
                                .collect(Collectors.joining(", "))));
    }

    /** What an adult dips or minds for a child; all else eaters do themselves. */
    private void dipFor(Drop drop) {
        if (drop.minder() == null) {
            return;
        }
        String child = drop.inBroth().get(0).servings().get(0).guest();
        String name = brief.guest(child).orElseThrow().name();
        List<Stay> spell = new ArrayList<>();
        List<Stay> stays = drop.inBroth().stream()
                .sorted(Comparator.comparingInt(Stay::putIn))
                .toList();
        for (int i = 0; i < stays.size(); i++) {
            spell.add(stays.get(i));
            boolean last = i + 1 == stays.size()
                    || stays.get(i + 1).putIn() - stays.get(i).takeOut() > ONE_AFTER_ANOTHER;
            if (last) {
                int in = drop.begins(spell.get(0));
                String what = doFor(drop) + " for " + name + ", " + amount(spell);
                cues.add(
                        new Cue(in, in + BROTH_PATIENCE, drop.minder(), Cue.Act.DIP_FOR, drop.id(), drop.side(), what));
                spell.clear();
            }
        }
    }

    private static String doFor(Drop drop) {
        String what = KitchenText.lower(drop.name());
        return switch (drop.tending()) {
            case DIP -> "Dip " + what;
            case PLATE -> "Brown " + what + " on the plate, then slide it into the broth,";
            case BASKET, SHARED -> "Cook " + what;
        };
    }

    private static String amount(List<Stay> stays) {
        return KitchenText.pieces(stays.stream()
                .flatMap(stay -> stay.servings().stream())
                .mapToInt(Stay.Serving::pieces)
                .sum());
    }

    private void pot(PotEvening evening) {
        Pot pot = brief.pots().stream()
                .filter(p -> p.id().equals(evening.pot()))
                .findFirst()
                .orElseThrow();
        if (pot.sides().isEmpty()) {
            return;
        }
        String minder = sequence.minders().get(pot.id());
        String first = pot.sides().get(0).id();
        evening.phases().stream()
                .filter(phase -> phase.fromMinute() > 0)
                .forEach(phase -> broth(
                        phase.fromMinute() * MINUTE,
                        minder,
                        Cue.Act.HEAT,
                        first,
                        "Turn " + pot.name() + " to " + KitchenText.number(phase.percent(), 0)
                                + " %, to full whenever it stops simmering"));
        evening.sides()
                .forEach(side -> side.doses()
                        .forEach(dose -> broth(dose.minute() * MINUTE, minder, Cue.Act.POUR, side.side(), said(dose))));
        broth(sequence.mealSeconds() / 2, minder, Cue.Act.TASTE, first, "Taste the broths of " + pot.name());
    }

    /** "Pour in 250 ml hot water", "Season with 2 g salt". */
    private static String said(SideEvening.Dose dose) {
        String text = dose.text();
        return dose.ml() > 0 ? "Pour in " + text : KitchenText.upper(text);
    }

    private void broth(int at, @Nullable String minder, Cue.Act act, String side, String text) {
        int latest = Math.max(at, Math.min(at + BROTH_PATIENCE, endOf(side) - 1));
        canWait.add(new Cue(at, latest, minder, act, null, side, text));
    }

    /** Until when there is a broth to be looked after: the ending takes the last of it [s from sitting down]. */
    private int endOf(String side) {
        EndingPlan ending = sequence.ending();
        return ending != null && ending.side().equals(side) ? ending.from() : sequence.mealSeconds();
    }

    private void ending(EndingPlan ending) {
        ending.steps()
                .forEach(step -> cues.add(new Cue(
                        step.at(),
                        step.at() + PUT_IN_PATIENCE,
                        ending.minder(),
                        Cue.Act.ENDING,
                        null,
                        ending.side(),
                        step.text())));
    }

    /** After raw meat foam gathers; on a hot broth the oil would go with it. */
    private void skim(Side side) {
        if (catalogue.broth(side.broth()).heat().compareTo(Heat.MILD) > 0) {
            return;
        }
        Pot pot = brief.potOf(side.id());
        String minder = sequence.minders().get(pot.id());
        int every = pot.isGentle() ? SKIM_GENTLE_EVERY : SKIM_EVERY;
        int last = -every;
        List<Integer> meat = sequence.drops().stream()
                .filter(drop -> drop.side().equals(side.id()) && isMeat(drop))
                .flatMap(drop -> drop.inBroth().stream())
                .map(Stay::putIn)
                .sorted()
                .toList();
        for (int in : meat) {
            int at = Math.max(0, in) + FOAM_AFTER;
            if (at - last >= every && at < endOf(side.id())) {
                broth(at, minder, Cue.Act.SKIM, side.id(), "Skim the foam");
                last = at;
            }
        }
    }

    private boolean isMeat(Drop drop) {
        return catalogue.ingredientOf(catalogue.cut(drop.cut())).category() == Category.MEAT;
    }
}
