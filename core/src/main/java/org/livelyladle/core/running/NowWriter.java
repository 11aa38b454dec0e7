package org.livelyladle.core.running;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.summingDouble;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.evening.Evening;
import org.livelyladle.core.evening.SideEvening;
import org.livelyladle.core.kettle.SideMinute;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;
import org.livelyladle.core.safety.SideAccess;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Now;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TablePlan;

/** Reads off the sequence what there is to do, what is in the broths and how everybody fares at its moment. */
public final class NowWriter {
    private static final int MINUTE = 60;
    /** Something done to a broth counts for a cue that comes so much later [s]; memory. */
    private static final int DONE_AHEAD = 120;
    /** What was not seen to for so long is taken to have been done, or not to be wanted [s]; memory. */
    private static final int FORGOTTEN = 120;
    /** Less of a cut is not worth offering [g]; memory. */
    private static final double LEAST_SPARE_G = 10;

    private final Brief brief;
    private final Catalogue catalogue;
    private final KitchenText text;
    private final Running running;
    private final TablePlan table;
    private final List<Sequence.Reason> moved;
    private final Portions portions;
    private final Evening evening;
    private final int at;

    /**
     * @param brief as it turned out
     * @param table from this moment on
     * @param moved where things are now that came otherwise; none where all goes as planned
     */
    public NowWriter(
            Brief brief,
            Catalogue catalogue,
            KitchenText text,
            Running running,
            TablePlan table,
            List<Sequence.Reason> moved,
            Portions portions,
            Evening evening) {
        this.moved = List.copyOf(moved);
        this.portions = portions;
        this.brief = brief;
        this.catalogue = catalogue;
        this.text = text;
        this.running = running;
        this.table = table;
        this.evening = evening;
        this.at = running.state().at();
    }

    public Now write() {
        List<Now.SideNow> sides = brief.sides().stream().map(this::side).toList();
        Sayings sayings = new Sayings(brief, catalogue, text, running, table, moved);
        return new Now(
                at,
                true,
                running.satDown().toString(),
                running.isPaused(),
                running.isFinished(),
                cues(),
                inPot(),
                sides,
                brief.guests().stream().map(this::guest).toList(),
                spare(),
                List.of(),
                sayings.warnings(sides),
                sayings.moves());
    }

    private List<Cue> cues() {
        List<Cue> open = table.cues().stream().filter(this::isOpen).toList();
        return Stream.concat(open.stream(), leftBehind(open))
                .map(this::asItWasToBe)
                .map(this::handed)
                .sorted(Comparator.comparingInt(Cue::at).thenComparing(cue -> cue.act() != Cue.Act.TAKE_OUT))
                .toList();
    }

    /** As the host last said who does it. */
    private Cue handed(Cue cue) {
        return running.handed().stream()
                .filter(handed -> handed.isAbout(cue))
                .reduce((before, after) -> after)
                .map(handed -> cue.mindedBy(handed.event().to()))
                .orElse(cue);
    }

    private boolean isOpen(Cue cue) {
        String drop = cue.drop();
        return switch (cue.act()) {
            case PUT_IN -> !running.isPaused() && !hasBegun(Objects.requireNonNull(drop));
            case TAKE_OUT -> !running.out().contains(Objects.requireNonNull(drop)) && !isGone(drop);
            case DIP_FOR -> !running.isPaused() && cue.at() > at - FORGOTTEN && !isSeenTo(cue);
            case POUR, SKIM, HEAT, TASTE, SOUP, SECOND_PLATES, ENDING ->
                !running.isFinished() && cue.latest() > at - FORGOTTEN && !isSeenTo(cue);
        };
    }

    /** What is still in of a round that was lifted out without it. */
    private Stream<Cue> leftBehind(List<Cue> open) {
        Set<String> told = open.stream()
                .filter(cue -> cue.act() == Cue.Act.TAKE_OUT)
                .map(cue -> brief.potOf(cue.side()).wayOrUsual() == WayOfEating.ROUNDS ? cue.side() : cue.drop())
                .collect(Collectors.toSet());
        return running.state().begun().stream()
                .filter(drop -> running.due().containsKey(drop.id()))
                .filter(drop -> !told.contains(drop.id()) && !told.contains(drop.side()))
                .map(drop -> new Cue(
                        drop.takeOut(),
                        drop.inBroth().get(0).bestUntil(),
                        drop.minder(),
                        Cue.Act.TAKE_OUT,
                        drop.id(),
                        drop.side(),
                        "Take out " + KitchenText.lower(drop.name()) + ", " + drop.amount()));
    }

    private boolean hasBegun(String drop) {
        return running.state().begun().stream().anyMatch(begun -> begun.id().equals(drop));
    }

    /** Came out although nobody said so: what eaters fish out. */
    private boolean isGone(String drop) {
        return hasBegun(drop) && !running.due().containsKey(drop);
    }

    private boolean isSeenTo(Cue cue) {
        return running.seenTo().stream()
                .anyMatch(done -> done.act() == cue.act()
                        && done.side().equals(cue.side())
                        && cue.at() <= done.at() + DONE_AHEAD
                        && cue.latest() >= done.at() - 2 * FORGOTTEN);
    }

    /** What is late keeps the time at which it should have been done. */
    private Cue asItWasToBe(Cue cue) {
        if (cue.act() != Cue.Act.PUT_IN && cue.act() != Cue.Act.TAKE_OUT) {
            return cue;
        }
        Optional<Integer> due = cue.act() == Cue.Act.TAKE_OUT
                ? Optional.ofNullable(running.due().get(cue.drop()))
                : running.proposed().drops().stream()
                        .filter(drop -> drop.id().equals(cue.drop()))
                        .map(Drop::putIn)
                        .findFirst();
        return due.filter(second -> second < cue.at() && second <= at)
                .map(second ->
                        new Cue(second, cue.latest(), cue.minder(), cue.act(), cue.drop(), cue.side(), cue.text()))
                .orElse(cue);
    }

    private List<Now.InPot> inPot() {
        List<Now.InPot> inPot = new ArrayList<>();
        for (Drop drop : running.state().begun()) {
            List<Stay> stays = drop.stays();
            boolean isMinded = drop.shared() && !drop.fished();
            for (int i = 0; i < stays.size(); i++) {
                Stay stay = stays.get(i);
                if (!stay.onPlate() && stay.isInside(at)) {
                    int due = isMinded ? running.due().getOrDefault(drop.id(), stay.takeOut()) : stay.takeOut();
                    inPot.add(new Now.InPot(
                            drop.id(),
                            i,
                            drop.cut(),
                            drop.name(),
                            drop.side(),
                            stay.putIn(),
                            stay.ready(),
                            stay.bestUntil(),
                            stay.overcooked(),
                            due,
                            isMinded,
                            stay.servings().stream().map(Stay.Serving::guest).toList()));
                }
            }
        }
        return inPot;
    }

    private Now.SideNow side(Side side) {
        SideEvening run = evening.pots().stream()
                .flatMap(pot -> pot.sides().stream())
                .filter(one -> one.side().equals(side.id()))
                .findFirst()
                .orElseThrow();
        int minute = Math.max(0, Math.min(run.minutes().size() - 1, (at + MINUTE - 1) / MINUTE));
        SideMinute now = run.minutes().get(minute);
        List<SideAccess.Closed> closed = table.sides().stream()
                .filter(use -> use.side().equals(side.id()))
                .flatMap(use -> use.closedTo().stream())
                .toList();
        List<String> fellIn = running.state().fellIn().stream()
                .filter(fall -> fall.side().equals(side.id()))
                .map(fall -> catalogue.ingredient(fall.ingredient()).name())
                .distinct()
                .toList();
        return new Now.SideNow(side.id(), now.celsius(), now.ml(), now.saltPercent(), closed, fellIn);
    }

    private Now.GuestNow guest(Guest guest) {
        List<TablePlan.Bite> bites = table.guests().stream()
                .filter(pace -> pace.guest().equals(guest.id()))
                .flatMap(pace -> pace.bites().stream())
                .toList();
        boolean isThere = !running.state().wantsNoMore(guest.id())
                && at >= guest.arrivesAfterMinutes() * MINUTE
                && at < guest.leavesWithin(brief.mealMinutes()) * MINUTE;
        return new Now.GuestNow(
                guest.id(),
                isThere,
                bites.stream()
                        .filter(bite -> bite.at() <= at)
                        .mapToDouble(TablePlan.Bite::grams)
                        .sum(),
                bites.stream()
                        .map(TablePlan.Bite::at)
                        .filter(second -> second <= at)
                        .max(Comparator.naturalOrder())
                        .orElse(null),
                bites.stream()
                        .map(TablePlan.Bite::at)
                        .filter(second -> second > at)
                        .min(Comparator.naturalOrder())
                        .orElse(null));
    }

    private boolean isUsedUp(String cut) {
        return running.state().usedUp().contains(cut);
    }

    /** What was held back for it and what others leave, less what was already promised to somebody who wants more. */
    private List<Now.Spare> spare() {
        Map<String, Double> spare = new TreeMap<>(table.remainders().stream()
                .filter(rest -> rest.cause().leavesItToOthers())
                .collect(groupingBy(TablePlan.Remainder::cut, summingDouble(TablePlan.Remainder::grams))));
        brief.menu().stream()
                .filter(item -> item.heldBackGrams() > 0 && !isUsedUp(item.cut()))
                .forEach(item -> spare.merge(item.cut(), item.heldBackGrams(), Double::sum));
        spare.replaceAll((cut, grams) -> grams - promised(cut));
        return spare.entrySet().stream()
                .filter(entry -> entry.getValue() >= LEAST_SPARE_G)
                .map(entry -> new Now.Spare(
                        entry.getKey(), entry.getValue(), text.grams(entry.getValue()), mayEat(entry.getKey())))
                .toList();
    }

    private List<String> mayEat(String cut) {
        Content content = Content.of(catalogue.cut(cut), catalogue);
        return brief.guests().stream()
                .filter(guest -> Needs.brokenByEating(guest, content).isEmpty())
                .map(Guest::id)
                .toList();
    }

    /** What is served, or named, of a cut beyond everybody's portion [g]. */
    private double promised(String cut) {
        double served = table.drops().stream()
                .filter(drop -> drop.cut().equals(cut))
                .flatMap(Drop::servings)
                .mapToDouble(Stay.Serving::grams)
                .sum();
        double named = table.remainders().stream()
                .filter(rest -> rest.cut().equals(cut) && rest.cause() != TablePlan.Cause.EATEN_BY_OTHERS)
                .mapToDouble(TablePlan.Remainder::grams)
                .sum();
        double planned = portions.lines().stream()
                .filter(line -> line.cut().equals(cut))
                .mapToDouble(line -> line.served().value())
                .sum();
        return Math.max(0, served + named - planned);
    }
}
