package org.livelyladle.core.audit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.PotKind;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.Starch;
import org.livelyladle.core.brief.Tending;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Governed;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.catalogue.Shape;
import org.livelyladle.core.check.Patience;
import org.livelyladle.core.check.Violation;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.heat.BoilingPoint;
import org.livelyladle.core.portions.Portion;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.EndingPlan;
import org.livelyladle.core.table.SoupRound;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState;

/**
 * Checks a sequence against the hard rules H1 ({@link NeedsAudit}) to H8, walking through the evening second by second. The
 * limits stand here again on purpose: a mistake in the sequencer must not hide in a shared constant.
 */
public final class TableAudit {
    private static final double LEAF_G_PER_ML = 0.15;
    private static final double FOOD_G_PER_ML = 1.05;
    private static final double TOLERANCE = 1e-3;
    private static final double FLOOR_C = 85;
    private static final double FLOOR_BELOW_BOIL_K = 5;
    private static final double LEAST_FLOOR_C = 78;
    /** This reckoning and the planner's are two: they may differ by so much [K]. */
    private static final double FLOOR_TOLERANCE_K = 2;

    /** Between the two reckonings of a core [K]. */
    private static final double CORE_TOLERANCE_K = 1;

    private static final int SHARED_SPARE_S = 20;
    private static final int GRID_S = 5;
    private static final int BOILED_S = 60;
    private static final int BROWNED_S = 60;
    private static final int MOST_AT_A_POT = 6;
    private static final double FREEZER_C = -18;
    private static final double FRIDGE_C = 5;
    private static final double ROOM_C = 20;
    private static final CoreTimes CORES = new CoreTimes();

    private final Brief brief;
    private final Catalogue catalogue;
    private final List<CookingWindow> windows;
    private final List<Portion> portions;
    private final List<Drop> drops;
    private final List<TablePlan.Remainder> remainders;
    private final @Nullable EndingPlan ending;
    private final int mealSeconds;
    /** What went in by then is judged only where it can still be helped [s from sitting down]. */
    private final int since;

    private final Set<Stay> onPlates = Collections.newSetFromMap(new IdentityHashMap<>());
    private final List<SoupRound> soupRounds;
    private final List<Violation> violations = new ArrayList<>();

    private TableAudit(
            Brief brief,
            Catalogue catalogue,
            List<CookingWindow> windows,
            List<Portion> portions,
            List<Drop> drops,
            List<TablePlan.Remainder> remainders,
            @Nullable EndingPlan ending,
            List<SoupRound> soupRounds,
            TableState state) {
        this.soupRounds = soupRounds;
        this.since = state.at();
        this.ending = ending;
        this.brief = brief;
        this.windows = windows;
        this.catalogue = catalogue;
        this.portions = portions;
        this.drops = drops;
        this.remainders = remainders;
        this.mealSeconds = brief.mealMinutes() * 60;
        findWhatIsOnPlates();
    }

    /** All violations of a sequence, in no case stopping at the first. */
    public static List<Violation> check(
            Brief brief, Catalogue catalogue, List<CookingWindow> windows, List<Portion> portions, TablePlan table) {
        return check(brief, catalogue, windows, portions, table.drops(), table.remainders(), table.ending());
    }

    /** All violations of any drops of a brief, in no case stopping at the first. */
    public static List<Violation> check(
            Brief brief,
            Catalogue catalogue,
            List<CookingWindow> windows,
            List<Portion> portions,
            List<Drop> drops,
            List<TablePlan.Remainder> remainders,
            @Nullable EndingPlan ending) {
        return check(brief, catalogue, windows, portions, drops, remainders, ending, List.of(), TableState.empty());
    }

    /** All violations of what is still proposed at a moment of the evening, in no case stopping at the first. */
    public static List<Violation> check(
            Brief brief,
            Catalogue catalogue,
            List<CookingWindow> windows,
            List<Portion> portions,
            List<Drop> drops,
            List<TablePlan.Remainder> remainders,
            @Nullable EndingPlan ending,
            List<SoupRound> soupRounds,
            TableState state) {
        TableAudit audit =
                new TableAudit(brief, catalogue, windows, portions, drops, remainders, ending, soupRounds, state);
        audit.violations.addAll(new NeedsAudit(brief, catalogue, drops, ending, soupRounds, state).violations());
        brief.pots()
                .forEach(pot -> pot.sides().forEach(side -> {
                    audit.walkThrough(pot, side);
                    audit.staysHot(pot, side);
                }));
        drops.forEach(audit::takenOutInTime);
        audit.handsAreEnough();
        audit.endsSafely();
        audit.soupIsLadledSafely();
        audit.everythingIsServedOrNamed();
        return List.copyOf(audit.violations);
    }

    private List<Stay> stillIn(Drop drop) {
        return drop.inBroth().stream().filter(stay -> stay.takeOut() > since).toList();
    }

    private static boolean isInTurns(Drop drop) {
        return drop.tending() == Tending.DIP || drop.tending() == Tending.PLATE;
    }

    /** What is to be browned first lies on the plate until it slides into the broth. */
    private void brownedFirst(Drop drop, Stay stay) {
        boolean browned = drop.stays().stream()
                .anyMatch(plate -> plate.onPlate()
                        && plate.takeOut() == stay.putIn()
                        && plate.seconds() >= BROWNED_S
                        && brief.potOf(drop.side()).id().equals(plate.side()));
        if (drop.tending() == Tending.PLATE && !browned) {
            String text = "not browned for " + BROWNED_S + " s on the plate before";
            add("H6", drop.id(), stay.putIn(), 0, BROWNED_S, text);
        }
    }

    private boolean isProposed(Stay stay) {
        return stay.putIn() > since && !onPlates.contains(stay);
    }

    /** What lies on a plate by now is going to slide into the broth. */
    private void findWhatIsOnPlates() {
        for (Drop drop : drops) {
            List<Integer> slidesIn = drop.stays().stream()
                    .filter(stay -> stay.onPlate() && stay.putIn() <= since)
                    .map(Stay::takeOut)
                    .toList();
            drop.inBroth().stream()
                    .filter(stay -> drop.tending() == Tending.PLATE && slidesIn.contains(stay.putIn()))
                    .forEach(onPlates::add);
        }
    }

    private boolean isProposed(Drop drop) {
        return drop.inBroth().stream().anyMatch(this::isProposed);
    }

    /** H7: nothing is in the side in which the meal ends. */
    private void endsSafely() {
        if (ending == null) {
            return;
        }
        drops.stream()
                .filter(drop -> isProposed(drop) && drop.side().equals(ending.side()) && drop.takeOut() > ending.from())
                .forEach(drop -> add(
                        "H7",
                        drop.id(),
                        ending.from(),
                        drop.takeOut(),
                        ending.from(),
                        "still in the side in which the meal ends"));
    }

    /** H7: soup is ladled from no side with something raw in it, nor within a minute after; and to nobody it would harm. */
    private void soupIsLadledSafely() {
        for (SoupRound round : soupRounds) {
            for (Drop drop : drops) {
                if (drop.side().equals(round.side())
                        && catalogue.cut(drop.cut()).rawRisk() != RawRisk.NONE) {
                    drop.inBroth().stream()
                            .filter(stay -> stay.putIn() <= round.at() && round.at() < stay.takeOut() + BOILED_S)
                            .forEach(stay -> add(
                                    "H7",
                                    drop.id(),
                                    round.at(),
                                    round.at() - stay.takeOut(),
                                    BOILED_S,
                                    "soup is ladled with it in the side, or within a minute after"));
                }
            }
        }
    }

    /** H2 and H4: level and baskets of one side, each second of the evening; a spell too much is told once. */
    private void walkThrough(Pot pot, Side side) {
        List<Drop> here =
                drops.stream().filter(drop -> drop.side().equals(side.id())).toList();
        double brimMl = pot.capacityMl() / (double) pot.sides().size();
        double brothMl = brimMl * pot.fillPercent() / 100.0;
        int start = here.stream().mapToInt(Drop::putIn).min().orElse(0);
        int end = Math.max(
                mealSeconds, here.stream().mapToInt(Drop::takeOut).max().orElse(0));
        double[] foodMl = new double[end - start + 1];
        int[] inBaskets = new int[foodMl.length];
        boolean[] proposed = new boolean[foodMl.length];
        boolean[] proposedBasket = new boolean[foodMl.length];
        boolean isLoose = pot.way() == WayOfEating.ROUNDS;
        for (Drop drop : here) {
            Map<String, boolean[]> baskets = new HashMap<>();
            for (Stay stay : drop.inBroth()) {
                String whose = drop.shared() ? "" : stay.servings().toString();
                boolean[] inside = baskets.computeIfAbsent(whose, basket -> new boolean[foodMl.length]);
                double ml = load(drop, stay) / gramsPerMl(drop);
                for (int second = stay.putIn(); second < stay.takeOut(); second++) {
                    foodMl[second - start] += ml;
                    boolean basket = !isLoose && !isInTurns(drop) && !inside[second - start];
                    inBaskets[second - start] += basket ? 1 : 0;
                    inside[second - start] = true;
                    proposed[second - start] |= isProposed(stay);
                    proposedBasket[second - start] |= basket && isProposed(stay);
                }
            }
        }
        boolean over = false;
        boolean crowded = false;
        for (int second = start; second <= end; second++) {
            double ml = brothMl + foodMl[second - start];
            int baskets = inBaskets[second - start];
            boolean isOver = proposed[second - start] && ml > brimMl + TOLERANCE;
            boolean isCrowded = proposedBasket[second - start] && baskets > pot.basketsPerSide();
            if (isOver && !over) {
                String text = String.format(Locale.ROOT, "%.0f ml stand in %.0f ml", ml, brimMl);
                add("H2", side.id(), second, ml, brimMl, text);
            }
            if (isCrowded && !crowded) {
                String text = baskets + " baskets where " + pot.basketsPerSide() + " fit";
                add("H4", side.id(), second, baskets, pot.basketsPerSide(), text);
            }
            over = isOver;
            crowded = isCrowded;
        }
    }

    /**
     * H3: while raw food is in it a side keeps its floor, 85 °C or 5 K below the boil, never under 78 °C, and each raw
     * piece leaves with a safe core, by its own heating at the temperatures there were.
     */
    private void staysHot(Pot pot, Side side) {
        double salt = catalogue.broth(side.broth()).saltPercent();
        double boil = BoilingPoint.celsius(brief.altitudeM(), salt);
        double floor = Math.max(LEAST_FLOOR_C, Math.min(FLOOR_C, boil - FLOOR_BELOW_BOIL_K));
        Map<String, Cut> cuts = new HashMap<>();
        Map<String, Double> scales = new HashMap<>();
        Set<String> frozen = new LinkedHashSet<>();
        for (MenuItem item : brief.menu()) {
            Cut cut = catalogue.cut(item.cut());
            cuts.put(item.cut(), cut);
            scales.put(item.cut(), item.scale());
            if (item.fromFrozen() || cut.start().name().equals("FROZEN")) {
                frozen.add(item.cut());
            }
        }
        TemperatureWalk walk = new TemperatureWalk(pot, side, boil, drops, cuts, frozen, mealSeconds);
        for (Drop drop : drops) {
            Cut cut = cuts.get(drop.cut());
            if (!drop.side().equals(side.id()) || cut.safeCoreC() == null) {
                continue;
            }
            int putIn = drop.inBroth().stream()
                    .filter(this::isProposed)
                    .mapToInt(Stay::putIn)
                    .min()
                    .orElse(Integer.MAX_VALUE);
            double coolest = walk.coolest(putIn, drop.takeOut());
            if (coolest < floor - FLOOR_TOLERANCE_K) {
                String text = String.format(Locale.ROOT, "in broth of %.1f °C, below %.1f °C", coolest, floor);
                add("H3", drop.id(), putIn, coolest, floor, text);
            }
            if (cut.governed().isBy(Governed.By.CORE)) {
                safeAtItsCore(drop, cut, scales.get(drop.cut()), frozen.contains(drop.cut()), walk);
            }
        }
    }

    /** Every stay of a drop. One long enough for the coolest broth it met needs no closer look. */
    private void safeAtItsCore(Drop drop, Cut cut, double scale, boolean frozen, TemperatureWalk walk) {
        double start = frozen ? FREEZER_C : cut.start().name().equals("AMBIENT") ? ROOM_C : FRIDGE_C;
        double wanted = cut.safeCoreC() - CORE_TOLERANCE_K;
        for (Stay stay : stillIn(drop)) {
            Patience.check();
            double coolest = Math.floor(walk.coolest(stay.putIn(), stay.takeOut()));
            double sure = CORES.seconds(cut, scale, start, coolest, wanted);
            if (stay.seconds() < sure) {
                double needed =
                        CoreGrid.of(cut, scale).seconds(start, second -> walk.at(stay.putIn() + second), wanted);
                if (stay.seconds() < needed) {
                    String text = "out after " + stay.seconds() + " s, the core not yet at " + cut.safeCoreC() + " °C";
                    add("H3", drop.id(), stay.takeOut(), stay.seconds(), needed, text);
                }
            }
        }
    }

    private double load(Drop drop, Stay stay) {
        double grams = stay.servings().stream().mapToDouble(Stay.Serving::grams).sum();
        return grams * catalogue.cut(drop.cut()).swell();
    }

    private double gramsPerMl(Drop drop) {
        return catalogue.cut(drop.cut()).shape() == Shape.LEAF ? LEAF_G_PER_ML : FOOD_G_PER_ML;
    }

    /** H6, and never before safe: each piece leaves the broth inside its window, within the meal, for guests present. */
    private void takenOutInTime(Drop drop) {
        CookingWindow window = windowOf(drop);
        int spare =
                !drop.shared() ? 0 : Math.min(SHARED_SPARE_S, (window.bestUntilSeconds() - window.readySeconds()) / 2);
        for (Stay stay : stillIn(drop)) {
            if (isProposed(stay)) {
                brownedFirst(drop, stay);
            }
            int cooked = stay.seconds();
            if (cooked < window.safe().value() || cooked < window.pleasant().value()) {
                double ready = Math.max(window.safe().value(), window.pleasant().value());
                add("H6", drop.id(), stay.takeOut(), cooked, ready, "out after " + cooked + " s, before it is ready");
            } else if (!isProposed(stay)) {
                continue;
            } else if (cooked < window.readySeconds() + spare || cooked > window.bestUntilSeconds() - spare + GRID_S) {
                int had = Math.min(cooked - window.readySeconds(), window.bestUntilSeconds() - cooked);
                String text = "out after " + cooked + " s, with less than " + spare + " s to spare";
                add("H6", drop.id(), stay.takeOut(), had, spare, text);
            }
            if (cooked >= window.overcookedSeconds()) {
                String text = "out after " + cooked + " s, overcooked";
                add("H6", drop.id(), stay.takeOut(), cooked, window.overcookedSeconds(), text);
            }
            if (stay.takeOut() > mealSeconds) {
                add("H6", drop.id(), stay.takeOut(), stay.takeOut(), mealSeconds, "out after the finish");
            }
            for (Stay.Serving serving : stay.servings()) {
                int arrival = guest(serving.guest()).arrivesAfterMinutes() * 60;
                int leaving = guest(serving.guest()).leavesWithin(mealSeconds / 60) * 60;
                if (stay.takeOut() > leaving) {
                    String text = guest(serving.guest()).name() + " has left by then";
                    add("H6", drop.id(), stay.takeOut(), stay.takeOut(), leaving, text);
                }
                if (stay.takeOut() < Math.max(1, arrival)) {
                    String text = guest(serving.guest()).name() + " is not at the table yet";
                    add("H6", drop.id(), stay.takeOut(), stay.takeOut(), arrival, text);
                }
            }
        }
    }

    /** H5: nobody holds two slices or minds two baskets at once, and only so many dip at one pot. */
    private void handsAreEnough() {
        Map<String, List<Stay>> own = new HashMap<>();
        Map<String, List<Stay>> atPot = new HashMap<>();
        drops.stream()
                .filter(drop -> !drop.shared())
                .forEach(drop -> drop.inBroth().forEach(stay -> {
                    for (Stay.Serving serving : stay.servings()) {
                        String holder = drop.minder() == null ? serving.guest() : drop.minder();
                        String hand = (isInTurns(drop) ? "dips of " : "baskets of ") + holder;
                        own.computeIfAbsent(hand, g -> new ArrayList<>()).add(stay);
                        if (isProposed(stay)) {
                            heldByAnAdult(drop, stay, serving.guest(), holder);
                        }
                    }
                    if (isInTurns(drop)) {
                        atPot.computeIfAbsent(brief.potOf(drop.side()).id(), pot -> new ArrayList<>())
                                .add(stay);
                    }
                }));
        own.forEach((guest, stays) -> atOnce("H5", guest, stays, 1));
        atPot.forEach((pot, stays) -> atOnce("H5", pot, stays, MOST_AT_A_POT));
    }

    /** No child holds anything into a pot while there is an adult, and who holds it for a child is there. */
    private void heldByAnAdult(Drop drop, Stay stay, String eater, String holder) {
        boolean adults = brief.guests().stream()
                .filter(guest -> guest.leavesWithin(brief.mealMinutes()) * 60 > since)
                .anyMatch(guest -> !NeedsAudit.needsOf(guest).containsKey("SMALL_CHILD"));
        if (adults && NeedsAudit.needsOf(guest(holder)).containsKey("SMALL_CHILD")) {
            String text = guest(holder).name() + " is a child and holds it into the pot";
            violations.add(new Violation("H5", drop.id(), stay.putIn(), null, null, text));
        }
        int arrival = guest(holder).arrivesAfterMinutes() * 60;
        int leaving = guest(holder).leavesWithin(mealSeconds / 60) * 60;
        if (!holder.equals(eater) && (stay.takeOut() < arrival || stay.takeOut() > leaving)) {
            String text = guest(holder).name() + " holds it and is not at the table";
            violations.add(new Violation("H5", drop.id(), stay.putIn(), null, null, text));
        }
    }

    private void atOnce(String rule, String subject, List<Stay> stays, int most) {
        for (Stay stay : stays.stream().filter(this::isProposed).toList()) {
            long others =
                    stays.stream().filter(other -> other.isInside(stay.putIn())).count();
            if (others > most) {
                String text = others + " at second " + stay.putIn() + " where " + most + " may be";
                add(rule, subject, stay.putIn(), others, most, text);
            }
        }
    }

    private void everythingIsServedOrNamed() {
        Map<String, Double> open = new HashMap<>();
        portions.stream()
                .filter(this::goesIntoAPot)
                .forEach(portion -> open.merge(
                        portion.guest() + " " + portion.cut(), portion.served().value(), Double::sum));
        drops.forEach(drop -> drop.gramsByGuest()
                .forEach((guest, grams) -> open.merge(guest + " " + drop.cut(), -grams, Double::sum)));
        remainders.forEach(rest -> open.merge(rest.guest() + " " + rest.cut(), -rest.grams(), Double::sum));
        open.forEach((key, grams) -> {
            boolean isMore = since > 0 && grams < 0;
            if (!isMore && Math.abs(grams) > TOLERANCE) {
                String text = String.format(Locale.ROOT, "%.2f g neither served nor named", grams);
                violations.add(new Violation("H8", key, null, grams, 0.0, text));
            }
        });
    }

    private boolean goesIntoAPot(Portion portion) {
        Cut cut = catalogue.cut(portion.cut());
        String kind = catalogue.ingredient(cut.ingredient()).category().name();
        boolean inTheBowl = brief.starch() == Starch.IN_THE_BOWL && kind.equals("STARCH");
        boolean dipOnly = !brief.pots().isEmpty()
                && brief.pots().stream()
                        .allMatch(pot -> pot.way() == WayOfEating.DIP_AND_WRAP
                                || pot.way() == null && pot.kind() == PotKind.DIP);
        boolean wrapped = dipOnly && (kind.equals("STARCH") || kind.equals("LEAVES") && cut.shape() == Shape.LEAF);
        boolean said = brief.menu().stream()
                .anyMatch(item -> item.cut().equals(cut.id()) && Boolean.TRUE.equals(item.beside()));
        return !inTheBowl && !wrapped && !said;
    }

    private CookingWindow windowOf(Drop drop) {
        return windows.stream()
                .filter(window ->
                        window.cut().equals(drop.cut()) && window.sides().contains(drop.side()))
                .findFirst()
                .orElseThrow();
    }

    private Guest guest(String id) {
        return brief.guests().stream()
                .filter(guest -> guest.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private void add(String rule, String subject, int at, double had, double limit, String text) {
        violations.add(new Violation(rule, subject, at, had, limit, text));
    }
}
