package org.livelyladle.core.rehearsal;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.rehearsal.Load.Tended;
import org.livelyladle.core.rehearsal.Script.Somebody;

/**
 * One evening played second by second, as the plan stands: whoever is late puts in late, what finds no basket, no hand, no
 * room or no heat waits, and everything after it follows. One trial plays evening after evening in one thread, and what it
 * needs for that is made once.
 */
final class Trial {
    /** A meal goes on for so long at most [s]. */
    private static final int AFTER_S = 3600;

    private static final int LOOK_AGAIN_S = 5;
    private static final double MUCH_MORE = 1.5;
    /** What is held in chopsticks is watched. */
    private static final double WATCHED = 0.25;

    private static final double HOUR = 3600;
    private static final int LATE_S = 600;
    private static final int NEVER = Integer.MAX_VALUE;
    private static final int NONE = -1;

    /**
     * What an evening without a mistake comes to, which no mistake can be blamed for.
     *
     * @param waits longest of each guest [s]
     * @param lost of each portion [g]
     * @param finish when the last is taken out [s from sitting down]
     * @param anyway what happens to sides anyway
     */
    record Planned(int[] waits, double[] lost, int finish, List<Happening> anyway) {
        boolean has(Trouble trouble, int side) {
            return anyway.stream().anyMatch(one -> one.trouble() == trouble && one.side() == side);
        }
    }

    private final Script script;
    private final MistakeRates rates;
    private final Slips[] slips;
    private final Dice dice = new Dice();
    private final @Nullable Planned planned;

    private final int from;
    private final int until;
    private final Away away;
    private final TendedSide[] sides;
    private final Stove.Spares spares = new Stove.Spares();
    private final Stove[] stoves;
    private final Bowls bowls;
    private final List<Happening> happenings = new ArrayList<>();

    /** Queues by second: the first load or part of each, and the next after it. */
    private final int[] firstIn;

    private final int[] nextIn;
    private final int[] firstOut;
    private final int[] nextOut;
    /** Parts of all loads, numbered on and on: the first of each load, and whose each is. */
    private final int[] partsFrom;

    private final int[] loadOfPart;

    private final int[] wentIn;
    private final double[] factor;
    private final int[] partsLeft;
    private final int[] handFree;
    private final int[][] basketFree;

    private int waiting;
    private int inside;
    private int finish;

    /** @param planned null for the evening without a mistake itself */
    Trial(Script script, MistakeRates rates, @Nullable Planned planned, TendedSide.@Nullable Watcher watcher) {
        this.script = script;
        this.rates = rates;
        this.planned = planned;
        this.slips = script.people.stream().map(one -> rates.of(one.id())).toArray(Slips[]::new);
        this.from = script.from;
        this.until = script.mealSeconds + AFTER_S;
        int seconds = until - from + 1;
        int loads = script.loads.size();
        int people = script.people.size();
        this.away = new Away(people);
        this.sides = IntStream.range(0, script.sides.size())
                .mapToObj(side -> new TendedSide(side, script, rates, away, seconds, planned, watcher))
                .toArray(TendedSide[]::new);
        this.stoves = script.pots.stream()
                .map(pot -> new Stove(
                        pot,
                        rates.surroundings(),
                        away,
                        IntStream.range(pot.firstSide(), pot.firstSide() + pot.sides())
                                .mapToObj(side -> sides[side].broth)
                                .toArray(Broth[]::new),
                        spares))
                .toArray(Stove[]::new);
        this.bowls = new Bowls(script, planned);
        this.firstIn = new int[seconds];
        this.nextIn = new int[loads];
        this.partsFrom = new int[loads + 1];
        for (int i = 0; i < loads; i++) {
            partsFrom[i + 1] = partsFrom[i] + script.loads.get(i).parts().size();
        }
        this.loadOfPart = new int[partsFrom[loads]];
        for (int i = 0; i < loads; i++) {
            Arrays.fill(loadOfPart, partsFrom[i], partsFrom[i + 1], i);
        }
        this.firstOut = new int[seconds];
        this.nextOut = new int[loadOfPart.length];
        this.wentIn = new int[loads];
        this.factor = new double[loads];
        this.partsLeft = new int[loads];
        this.handFree = new int[2 * people];
        this.basketFree =
                script.sides.stream().map(side -> new int[side.baskets()]).toArray(int[][]::new);
    }

    /** The evening without a mistake. */
    static Planned undisturbed(Script script, TendedSide.@Nullable Watcher watcher) {
        Trial trial = new Trial(script, MistakeRates.none(), null, watcher);
        List<Happening> anyway = List.copyOf(trial.play(0, 0));
        return new Planned(trial.bowls.waits(), trial.bowls.lost(), trial.finish, anyway);
    }

    /** What went wrong in one evening; good until the next is played. */
    List<Happening> play(long seed, int evening) {
        dice.roll(seed, evening);
        begin();
        for (int second = from; second <= until && (second <= script.mealSeconds || waiting + inside > 0); second++) {
            for (Stove stove : stoves) {
                stove.turn(second);
            }
            takeOut(second);
            putIn(second);
            for (Stove stove : stoves) {
                stove.heat(second);
            }
            for (TendedSide side : sides) {
                side.tend(second, happenings);
            }
        }
        if (planned != null) {
            bowls.end(planned, happenings);
            if (finish > Math.max(script.mealSeconds, planned.finish()) + LATE_S) {
                happenings.add(new Happening(Trouble.LATE_FINISH, NONE, NONE, NONE, NONE, script.mealSeconds));
            }
        }
        return happenings;
    }

    private void begin() {
        happenings.clear();
        Arrays.fill(firstIn, NONE);
        Arrays.fill(firstOut, NONE);
        Arrays.fill(handFree, from);
        for (int[] baskets : basketFree) {
            Arrays.fill(baskets, from);
        }
        finish = 0;
        inside = 0;
        waiting = 0;
        for (TendedSide side : sides) {
            side.begin(dice);
        }
        bowls.begin(dice, rates.surroundings(), AFTER_S);
        away.clear();
        for (int person = 0; person < slips.length; person++) {
            away.add(person, script.people.get(person).arrives(), bowls.arrives(person));
            leave(person);
        }
        spares.left = script.scene.spareCartridges();
        for (Stove stove : stoves) {
            stove.light(dice);
        }
        for (int load = script.loads.size() - 1; load >= 0; load--) {
            Load one = script.loads.get(load);
            double half = slips[one.actor()].putInLate() * (one.tended() == Tended.HELD ? WATCHED : 1);
            double late = one.putIn() < 0 ? 0 : dice.late(half, Dice.For.PUT_IN, one.key());
            await(load, one.putIn() + (int) late);
        }
    }

    private void leave(int person) {
        Slips own = slips[person];
        Somebody one = script.people.get(person);
        if (own.awayPerHour() <= 0 || own.awaySeconds() <= 0) {
            return;
        }
        double second = bowls.arrives(person);
        for (int time = 0; second < until; time++) {
            second += dice.exponential(HOUR / own.awayPerHour(), Dice.For.LEAVES, one.key() + time);
            double back = second + dice.exponential(own.awaySeconds(), Dice.For.AWAY, one.key() + time);
            if (second < until) {
                away.add(person, (int) second, (int) Math.min(until, back));
            }
            second = back;
        }
    }

    private void await(int load, int second) {
        if (second > until) {
            bowls.lose(script.loads.get(load));
            return;
        }
        int place = second - from;
        nextIn[load] = firstIn[place];
        firstIn[place] = load;
        waiting++;
    }

    private void putIn(int second) {
        int place = second - from;
        while (firstIn[place] != NONE) {
            int load = firstIn[place];
            firstIn[place] = nextIn[load];
            waiting--;
            Load one = script.loads.get(load);
            if (bowls.isWanted(one)) {
                int possible = possible(one, second);
                if (possible == NEVER) {
                    bowls.lose(one);
                } else if (possible > second) {
                    await(load, possible);
                } else {
                    putIn(load, one, second);
                }
            }
        }
    }

    /** That second when it can go in, else when to try again; never where it cannot. */
    private int possible(Load one, int second) {
        TendedSide side = sides[one.side()];
        if (side.broth.isDry()) {
            return NEVER;
        }
        if (!one.isShared()) {
            int eater = one.parts().get(0).eater();
            if (second < bowls.arrives(eater) && bowls.isLate(eater)) {
                return bowls.arrives(eater);
            }
            if (second + one.longest() > script.people.get(eater).leaves()) {
                return NEVER;
            }
            if (handFree[one.hand()] > second) {
                return handFree[one.hand()];
            }
        }
        int back = second < 0 ? second : away.backBy(one.actor(), second);
        if (back > second) {
            return back;
        }
        if (one.needsBasket()) {
            int free = NEVER;
            for (int basket : basketFree[one.side()]) {
                free = Math.min(free, basket);
            }
            if (free > second) {
                return free;
            }
        }
        boolean waits = !side.hasRoomFor(one.ml()) || one.raw() && side.seemsCold();
        return waits ? second + LOOK_AGAIN_S : second;
    }

    private void putIn(int load, Load one, int second) {
        Slips own = slips[one.actor()];
        factor[load] = one.isShared() && dice.happens(own.tooMuch(), Dice.For.TOO_MUCH, one.key()) ? MUCH_MORE : 1;
        sides[one.side()].putIn(load, one, factor[load], second);
        wentIn[load] = second;
        partsLeft[load] = one.parts().size();
        boolean letGo = one.tended() == Tended.HELD && dice.happens(own.letsGo(), Dice.For.LET_GO, one.key());
        int last = second;
        for (int i = 0; i < one.parts().size(); i++) {
            int out = out(one, i, second);
            last = Math.max(last, out);
            if (!letGo) {
                int place = Math.min(out, until) - from;
                nextOut[partsFrom[load] + i] = firstOut[place];
                firstOut[place] = partsFrom[load] + i;
                inside++;
            }
        }
        if (letGo) {
            bowls.lose(one);
        }
        if (!one.isShared()) {
            handFree[one.hand()] = last;
        }
        if (one.needsBasket()) {
            int[] baskets = basketFree[one.side()];
            int place = 0;
            while (baskets[place] > second) {
                place++;
            }
            baskets[place] = last;
        }
    }

    /** When a part comes out [s from sitting down]. */
    private int out(Load one, int i, int second) {
        Load.Part part = one.parts().get(i);
        int meant = second + part.seconds();
        long key = one.key() + i;
        return switch (one.tended()) {
            case HELD -> meant + (int) dice.late(slips[one.actor()].takenOutLate() * WATCHED, Dice.For.TAKEN_OUT, key);
            case FISHED -> {
                int eater = part.eater();
                int late = (int) dice.late(slips[eater].takenOutLate(), Dice.For.TAKEN_OUT, key);
                int there = part.servings().size() == 1 ? bowls.arrives(eater) : 0;
                yield away.backBy(eater, Math.max(meant, there) + late);
            }
            case OWN, SHARED -> {
                Slips own = slips[one.actor()];
                double late = dice.late(own.takenOutLate(), Dice.For.TAKEN_OUT, one.key());
                if (dice.happens(own.forgets(), Dice.For.FORGOTTEN, one.key())) {
                    late += dice.exponential(own.foundAfter(), Dice.For.FOUND, one.key());
                }
                yield away.backBy(one.actor(), meant + (int) late);
            }
        };
    }

    private void takeOut(int second) {
        for (int part = firstOut[second - from]; part != NONE; part = nextOut[part]) {
            int load = loadOfPart[part];
            Load one = script.loads.get(load);
            Load.Part out = one.parts().get(part - partsFrom[load]);
            inside--;
            partsLeft[load]--;
            sides[one.side()].takeOut(load, one, out, factor[load], partsLeft[load] == 0);
            finish = Math.max(finish, second);
            boolean overcooked = second - wentIn[load] >= out.overcooked();
            bowls.serve(one, out, isSafe(load, one, second), overcooked, second, happenings);
        }
    }

    private boolean isSafe(int load, Load one, int second) {
        if (!one.raw()) {
            return true;
        }
        TendedSide side = sides[one.side()];
        return one.core() == null
                ? side.hotSeconds(wentIn[load], second) >= one.safeSeconds()
                : one.core().isReached(side.history, wentIn[load] - from, second - from);
    }
}
