package org.livelyladle.core.running;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.summingDouble;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.kettle.Cooled;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.safety.SideAccess;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Now;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState;

/**
 * What came otherwise at a running table and what that means, in one sentence each.
 *
 * @param moved where things are now that came otherwise
 */
record Sayings(
        Brief brief,
        Catalogue catalogue,
        KitchenText text,
        Running running,
        TablePlan table,
        List<Sequence.Reason> moved) {
    private static final double MINUTE = 60;
    /** What moves less is not worth a word [min]. */
    private static final double WORTH_SAYING_MINUTES = 1;

    private static final int MOST_MOVES = 4;

    private int at() {
        return running.state().at();
    }

    /** What to heed, the gravest first: nothing of it may be cut for room. */
    List<String> warnings(List<Now.SideNow> sides) {
        return Stream.of(
                        sides.stream().flatMap(this::cold),
                        sides.stream().flatMap(this::closed),
                        spoiled(sides),
                        running.said().stream())
                .flatMap(sentences -> sentences)
                .toList();
    }

    List<String> moves() {
        return moved.stream()
                .filter(reason -> reason.minutesFromPlace() >= WORTH_SAYING_MINUTES)
                .filter(reason -> isStillAsked(reason.drop()))
                .sorted(Comparator.comparingDouble(Sequence.Reason::minutesFromPlace)
                        .reversed())
                .limit(MOST_MOVES)
                .map(reason -> name(reason.drop()) + " " + reason.now())
                .toList();
    }

    /** To whom what fell in closed a side, those with the same reason in one sentence. */
    private Stream<String> closed(Now.SideNow side) {
        Map<String, List<String>> guests = new LinkedHashMap<>();
        side.closedTo().stream()
                .filter(one -> one.barrier().isFall())
                .forEach(one -> guests.computeIfAbsent(one.reason(), reason -> new ArrayList<>())
                        .add(brief.guest(one.guest()).orElseThrow().name()));
        return guests.entrySet().stream()
                .map(same -> sideName(side.side()) + " is closed to " + String.join(", ", same.getValue()) + ": "
                        + same.getKey());
    }

    /** What was in a side for somebody whom it is closed to since. */
    private Stream<String> spoiled(List<Now.SideNow> sides) {
        List<String> spoiled = new ArrayList<>();
        for (Now.SideNow side : sides) {
            for (SideAccess.Closed closed : side.closedTo()) {
                int fell = fell(side.side(), closed.barrier());
                Map<String, Double> inside = running.state().begun().stream()
                        .filter(drop -> drop.side().equals(side.side()))
                        .collect(groupingBy(
                                Drop::name,
                                LinkedHashMap::new,
                                summingDouble(drop -> inside(drop, fell, closed.guest()))));
                List<String> food = inside.entrySet().stream()
                        .filter(one -> one.getValue() > 0)
                        .map(one -> text.grams(one.getValue()) + " of " + KitchenText.lower(one.getKey()))
                        .toList();
                if (!food.isEmpty()) {
                    spoiled.add("Spoiled for "
                            + brief.guest(closed.guest()).orElseThrow().name() + ": " + String.join(", ", food)
                            + "; planned once more, if the kitchen has more");
                }
            }
        }
        return spoiled.stream();
    }

    /** When something lately fell in that may have closed a side, into it or beside it; never where none did [s]. */
    private int fell(String side, SideAccess.Barrier barrier) {
        return running.state().fellIn().stream()
                .filter(fall -> fall.at() > at() - TableFold.SAID_FOR)
                .filter(fall -> switch (barrier) {
                    case FELL_IN -> fall.side().equals(side);
                    case FELL_BESIDE ->
                        !fall.side().equals(side) && brief.potOf(fall.side()).equals(brief.potOf(side));
                    default -> false;
                })
                .mapToInt(TableState.FellIn::at)
                .min()
                .orElse(Integer.MAX_VALUE);
    }

    /** What a guest was to get of it when it was in the broth [g]. */
    private static double inside(Drop drop, int second, String guest) {
        return drop.inBroth().stream()
                .filter(stay -> stay.isInside(second))
                .mapToDouble(stay -> stay.gramsOf(guest))
                .sum();
    }

    private Stream<String> cold(Now.SideNow side) {
        Cooled cold = running.cold().get(side.side());
        if (cold == null) {
            return Stream.empty();
        }
        String is = sideName(side.side()) + " is at " + text.celsius(side.celsius());
        return Stream.of(
                cold.getsBack()
                        ? is + ": nothing raw goes in for " + KitchenText.minutes((cold.until() - at()) / MINUTE)
                                + ", and raw food that is in takes as much longer"
                        : is + " and does not get back to a simmer: cook the raw food that is in it somewhere else");
    }

    /** What is late is asked for anyway; what eaters do themselves nobody has been told of. */
    private boolean isStillAsked(String drop) {
        boolean isLate =
                running.proposed().drops().stream().anyMatch(one -> one.id().equals(drop) && one.putIn() <= at());
        return !isLate
                && table.drops().stream().anyMatch(one -> one.id().equals(drop) && one.shared() && one.putIn() > at());
    }

    private String name(String drop) {
        return table.drops().stream()
                .filter(one -> one.id().equals(drop))
                .map(Drop::name)
                .findFirst()
                .orElse("");
    }

    /** By its pot too where another side holds the same broth. */
    private String sideName(String id) {
        Side own = known(id);
        String name = catalogue.broth(own.broth()).name();
        boolean isTwice = brief.sides().stream()
                        .filter(side -> side.broth().equals(own.broth()))
                        .count()
                > 1;
        return isTwice ? name + " of " + brief.potOf(id).name() : name;
    }

    private Side known(String id) {
        return brief.sides().stream()
                .filter(side -> side.id().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
