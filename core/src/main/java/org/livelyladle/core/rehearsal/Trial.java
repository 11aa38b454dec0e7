package org.livelyladle.core.rehearsal;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.rehearsal.Load.Tended;
import org.livelyladle.core.rehearsal.Script.InPot;
import org.livelyladle.core.rehearsal.Script.OnHeat;
import org.livelyladle.core.rehearsal.Script.Somebody;

/**
 * One evening played second by second, as the plan stands: whoever is late puts in late, what finds no basket, no hand or
 * no heat waits, and everything after it follows. One trial plays evening after evening in one thread, and what it needs
 * for that is made once.
 */
final class Trial {
    /** A meal goes on for so long at most [s]. */
    private static final int AFTER_S = 3600;

    private static final int LAST_POUR_S = 600;
    private static final int MINUTE = 60;
    /** Nobody turns back to a broth that was not topped up sooner [s]. */
    private static final int NEXT_LOOK_S = 600;

    /** Whoever looks into a pot sees that so many doses are missing, whatever the plan says. */
    private static final double LOOKS_LOW = 1.25;

    private static final int LOOK_AGAIN_S = 5;
    private static final double MUCH_MORE = 1.5;
    /** What is held in chopsticks is watched. */
    private static final double WATCHED = 0.25;

    private static final double NEARLY_ALL = 0.9;
    private static final double HALF = 0.5;
    private static final int LONG_WAIT_S = 600;
    private static final int LONGER_THAN_PLANNED_S = 60;
    private static final int LATE_S = 600;
    /** A side so little, or so shortly, under its floor is not taken for cold [K, s]. */
    private static final double FLOOR_TOLERANCE_K = 1;

    private static final int COLD_S = 10;
    /** Heat in a 220 g cartridge of butane [J]. */
    private static final double CARTRIDGE_J = 0.220 * 12.7 * 3.6e6;

    private static final int NEVER = Integer.MAX_VALUE;
    private static final int NONE = -1;

    /** Told of every minute of a side, for who wants to see the broths. */
    interface Watcher {
        /** @param coolest since the minute before [°C] */
        void minute(int side, int minute, double grams, double coolest);
    }

    /**
     * What an evening without a mistake comes to, which no mistake can be blamed for.
     *
     * @param waits longest of each guest [s]
     * @param lost of each portion [g]
     * @param finish when the last is taken out [s from sitting down]
     * @param anyway what happens to sides anyway
     */
    record Planned(int[] waits, double[] lost, int finish, List<Happening> anyway) {
        private boolean has(Trouble trouble, int side) {
            return anyway.stream().anyMatch(one -> one.trouble() == trouble && one.side() == side);
        }
    }

    private final Script script;
    private final MistakeRates rates;
    private final Slips[] slips;
    private final Dice dice = new Dice();
    private final @Nullable Planned planned;
    private final @Nullable Watcher watcher;

    private final int from;
    private final int until;
    private final Broth[] broths;
    private final float[][] history;
    private final Away away;
    private final List<Happening> happenings = new ArrayList<>();

    /** Queues by second: the first load or part of each, and the next after it. */
    private final int[] firstIn;

    private final int[] nextIn;
    private final int[] firstOut;
    private final int[] nextOut;
    private final int[] partsFrom;
    private final int[] loadOfPart;
    private final int partCount;

    final int[] wentIn;
    private final double[] factor;
    private final boolean[] letGo;
    private final int[] handFree;
    private final int[][] basketFree;
    private final int[] partsLeft;

    private final int[] arrives;
    private final double[] fullAfter;
    private final double[] toEat;
    private final double[] eaten;
    private final double[] emptyAt;
    private final int[] lastPortion;
    private final int[] waits;
    private final double[] lost;
    private final double[] spoiled;
    private final int[] lostAt;
    private final int[] lostDrop;

    private final int[] rawInside;
    private final int[] coldFor;
    private final int[] lastIn;
    private final boolean[] wasOver;
    /** The lid is on while a side comes back from what nobody holds. */
    private final boolean[] covered;
    /** By then it has drawn what it draws at once [s from sitting down]. */
    private final int[] lidUntil;

    private final double[] readsHigh;
    private final int[] noPourBefore;
    /** Doses of the plan that were poured. */
    private final int[] poured;

    private final double[] coolest;

    private final boolean[] full;
    private final double[] heatShare;
    private final int[] gustFrom;
    private final int[] gustUntil;
    private final int[] gusts;
    private final double[] burnt;
    private final int[] litAgain;
    private int spares;

    private int waiting;
    private int inside;
    private int finish;

    /** @param planned null for the evening without a mistake itself */
    Trial(Script script, MistakeRates rates, @Nullable Planned planned, @Nullable Watcher watcher) {
        this.script = script;
        this.rates = rates;
        this.planned = planned;
        this.watcher = watcher;
        this.slips = script.people.stream().map(one -> rates.of(one.id())).toArray(Slips[]::new);
        this.from = script.from;
        this.until = script.mealSeconds + AFTER_S;
        int seconds = until - from + 1;
        int sides = script.sides.size();
        int loads = script.loads.size();
        int people = script.people.size();
        this.broths = script.sides.stream().map(side -> new Broth(side.kind())).toArray(Broth[]::new);
        this.history = new float[sides][seconds];
        this.away = new Away(people);
        this.firstIn = new int[seconds];
        this.nextIn = new int[loads];
        this.partsFrom = new int[loads + 1];
        for (int i = 0; i < loads; i++) {
            partsFrom[i + 1] = partsFrom[i] + script.loads.get(i).parts().size();
        }
        this.partCount = partsFrom[loads];
        this.loadOfPart = new int[partCount];
        for (int i = 0; i < loads; i++) {
            Arrays.fill(loadOfPart, partsFrom[i], partsFrom[i + 1], i);
        }
        this.firstOut = new int[seconds];
        this.nextOut = new int[partCount];
        this.wentIn = new int[loads];
        this.factor = new double[loads];
        this.letGo = new boolean[loads];
        this.partsLeft = new int[loads];
        this.handFree = new int[2 * people];
        this.basketFree =
                script.sides.stream().map(side -> new int[side.baskets()]).toArray(int[][]::new);
        this.arrives = new int[people];
        this.fullAfter = new double[people];
        this.toEat = new double[people];
        script.portions.forEach(portion -> toEat[portion.guest()] += portion.grams());
        this.eaten = new double[people];
        this.emptyAt = new double[people];
        this.lastPortion = new int[people];
        this.waits = new int[people];
        int portions = script.portions.size();
        this.lost = new double[portions];
        this.spoiled = new double[portions];
        this.lostAt = new int[portions];
        this.lostDrop = new int[portions];
        this.rawInside = new int[sides];
        this.coldFor = new int[sides];
        this.lastIn = new int[sides];
        this.wasOver = new boolean[sides];
        this.covered = new boolean[sides];
        this.lidUntil = new int[sides];
        this.readsHigh = new double[sides];
        this.noPourBefore = new int[sides];
        this.poured = new int[sides];
        this.coolest = new double[sides];
        int pots = script.pots.size();
        this.full = new boolean[pots];
        this.heatShare = new double[pots];
        this.gustFrom = new int[pots];
        this.gustUntil = new int[pots];
        this.gusts = new int[pots];
        this.burnt = new double[pots];
        this.litAgain = new int[pots];
    }

    /** The evening without a mistake. */
    static Planned undisturbed(Script script, @Nullable Watcher watcher) {
        Trial trial = new Trial(script, MistakeRates.none(), null, watcher);
        List<Happening> anyway = List.copyOf(trial.play(0, 0));
        return new Planned(trial.waits.clone(), trial.lost.clone(), trial.finish, anyway);
    }

    /** What went wrong in one evening; good until the next is played. */
    List<Happening> play(long seed, int evening) {
        dice.roll(seed, evening);
        begin();
        for (int second = from; second <= until && (second <= script.mealSeconds || waiting + inside > 0); second++) {
            turn(second);
            takeOut(second);
            putIn(second);
            heat(second);
            tend(second);
        }
        end();
        return happenings;
    }

    private void begin() {
        happenings.clear();
        away.clear();
        Arrays.fill(firstIn, NONE);
        Arrays.fill(firstOut, NONE);
        Arrays.fill(letGo, false);
        Arrays.fill(handFree, from);
        for (int[] baskets : basketFree) {
            Arrays.fill(baskets, from);
        }
        for (int side = 0; side < broths.length; side++) {
            broths[side].begin();
            coolest[side] = broths[side].celsius();
            readsHigh[side] = dice.happens(
                            rates.surroundings().probeLies(),
                            Dice.For.LIES,
                            Dice.key(script.sides.get(side).id()))
                    ? rates.surroundings().probeKelvin()
                    : 0;
        }
        Arrays.fill(rawInside, 0);
        Arrays.fill(coldFor, 0);
        Arrays.fill(lastIn, NONE);
        Arrays.fill(wasOver, false);
        Arrays.fill(covered, false);
        Arrays.fill(lidUntil, from);
        Arrays.fill(noPourBefore, from);
        Arrays.fill(poured, 0);
        Arrays.fill(lost, 0);
        Arrays.fill(spoiled, 0);
        Arrays.fill(eaten, 0);
        Arrays.fill(waits, 0);
        Arrays.fill(lastPortion, NONE);
        finish = 0;
        inside = 0;
        waiting = 0;
        seat();
        light();
        for (int load = script.loads.size() - 1; load >= 0; load--) {
            Load one = script.loads.get(load);
            int late = one.putIn() < 0
                    ? 0
                    : (int) dice.late(
                            slips[one.actor()].putInLate() * (one.tended() == Tended.HELD ? WATCHED : 1),
                            Dice.For.PUT_IN,
                            one.key());
            await(load, one.putIn() + late);
        }
    }

    private void seat() {
        for (int person = 0; person < script.people.size(); person++) {
            Somebody one = script.people.get(person);
            arrives[person] = one.arrives();
            fullAfter[person] = Double.MAX_VALUE;
            if (one.guest()) {
                if (dice.happens(rates.surroundings().lateGuest(), Dice.For.LATE, one.key())) {
                    double late = dice.exponential(rates.surroundings().lateSeconds(), Dice.For.HOW_LATE, one.key());
                    arrives[person] += (int) Math.min(AFTER_S, late);
                    away.add(person, one.arrives(), arrives[person]);
                }
                if (dice.happens(rates.surroundings().fullEarly(), Dice.For.FULL, one.key())) {
                    fullAfter[person] = toEat[person] * rates.surroundings().fullShare();
                }
            }
            emptyAt[person] = arrives[person];
            leave(person, one.key());
        }
    }

    private void leave(int person, long key) {
        Slips own = slips[person];
        if (own.awayPerHour() <= 0 || own.awaySeconds() <= 0) {
            return;
        }
        double second = arrives[person];
        for (int time = 0; second < until; time++) {
            second += dice.exponential(3600 / own.awayPerHour(), Dice.For.LEAVES, key + time);
            double back = second + dice.exponential(own.awaySeconds(), Dice.For.AWAY, key + time);
            if (second < until) {
                away.add(person, (int) second, (int) Math.min(until, back));
            }
            second = back;
        }
    }

    private void light() {
        Arrays.fill(full, false);
        Arrays.fill(gusts, 0);
        Arrays.fill(litAgain, from);
        spares = script.scene.spareCartridges();
        for (int pot = 0; pot < heatShare.length; pot++) {
            OnHeat one = script.pots.get(pot);
            long key = Dice.key(one.id());
            heatShare[pot] = dice.happens(rates.surroundings().weakHeat(), Dice.For.WEAK, key)
                    ? rates.surroundings().weakShare()
                    : 1;
            burnt[pot] = one.gas() && dice.happens(rates.surroundings().begunCartridge(), Dice.For.BEGUN, key)
                    ? CARTRIDGE_J * dice.uniform(Dice.For.LEFT_IN_IT, key)
                    : 0;
            gustUntil[pot] = 0;
            nextGust(pot, key);
        }
    }

    private void nextGust(int pot, long key) {
        Surroundings around = rates.surroundings();
        if (!script.pots.get(pot).gas() || around.gustsPerHour() <= 0) {
            gustFrom[pot] = NEVER;
            return;
        }
        int n = gusts[pot]++;
        double calm = dice.exponential(3600 / around.gustsPerHour(), Dice.For.CALM, key + n);
        double lasts = dice.exponential(around.gustSeconds(), Dice.For.GUST, key + n);
        gustFrom[pot] = (int) Math.min(NEVER / 2, gustUntil[pot] + calm);
        gustUntil[pot] = (int) Math.min(NEVER / 2, gustFrom[pot] + lasts);
    }

    private void await(int load, int second) {
        if (second > until) {
            lose(load);
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
            int later = possible(one, second);
            if (later == NEVER) {
                lose(load);
            } else if (later > second) {
                await(load, later);
            } else if (later == second) {
                putIn(load, one, second);
            }
        }
    }

    /** That second when it can go in, else when to try again; never where it cannot, before it where nobody wants it. */
    private int possible(Load one, int second) {
        if (broths[one.side()].isDry()) {
            return NEVER;
        }
        boolean wanted = false;
        for (Load.Part part : one.parts()) {
            for (Load.Serving serving : part.servings()) {
                wanted |= eaten[serving.guest()] < fullAfter[serving.guest()];
            }
        }
        if (!wanted) {
            return from - 1;
        }
        if (!one.isShared()) {
            int eater = one.parts().get(0).eater();
            if (second < arrives[eater]
                    && arrives[eater] > script.people.get(eater).arrives()) {
                return arrives[eater];
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
            int free = Integer.MAX_VALUE;
            for (int basket : basketFree[one.side()]) {
                free = Math.min(free, basket);
            }
            if (free > second) {
                return free;
            }
        }
        Broth broth = broths[one.side()];
        if (broth.grams() + broth.foodMl() + one.ml()
                > script.sides.get(one.side()).kind().brimMl() + 1) {
            return second + LOOK_AGAIN_S;
        }
        boolean seemsCold = one.raw()
                && broth.celsius() + readsHigh[one.side()]
                        < script.sides.get(one.side()).kind().floorC();
        return seemsCold ? second + LOOK_AGAIN_S : second;
    }

    private void putIn(int load, Load one, int second) {
        Slips own = slips[one.actor()];
        factor[load] = one.isShared() && dice.happens(own.tooMuch(), Dice.For.TOO_MUCH, one.key()) ? MUCH_MORE : 1;
        double foodG = one.foodG() * factor[load];
        double ml = one.ml() * factor[load];
        Broth broth = broths[one.side()];
        if (one.thin()) {
            broth.mix(foodG, ml, one.startC());
        } else {
            broth.lump(load, foodG, ml, one.startC(), one.warmsWithin());
        }
        wentIn[load] = second;
        partsLeft[load] = one.parts().size();
        lastIn[one.side()] = one.drop();
        if (one.lid()) {
            covered[one.side()] = true;
            lidUntil[one.side()] =
                    Math.max(lidUntil[one.side()], second + (one.thin() ? 0 : (int) Math.ceil(one.warmsWithin())));
        }
        rawInside[one.side()] += one.raw() ? 1 : 0;
        letGo[load] = one.tended() == Tended.HELD && dice.happens(own.letsGo(), Dice.For.LET_GO, one.key());
        int last = second;
        for (int i = 0; i < one.parts().size(); i++) {
            int out = out(one, i, second);
            last = Math.max(last, out);
            if (!letGo[load]) {
                int place = Math.min(out, until) - from;
                nextOut[partsFrom[load] + i] = firstOut[place];
                firstOut[place] = partsFrom[load] + i;
                inside++;
            }
        }
        if (letGo[load]) {
            lose(load);
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
                yield away.backBy(eater, Math.max(meant, part.servings().size() == 1 ? arrives[eater] : 0) + late);
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
        int place = second - from;
        for (int part = firstOut[place]; part != NONE; part = nextOut[part]) {
            int load = loadOfPart[part];
            Load one = script.loads.get(load);
            Load.Part out = one.parts().get(part - partsFrom[load]);
            inside--;
            partsLeft[load]--;
            if (partsLeft[load] == 0 && one.raw()) {
                rawInside[one.side()]--;
            }
            double more = factor[load];
            broths[one.side()].takeOut(
                    load, one.thin(), out.foodG() * more, out.ml() * more, out.clings() * more, out.gives() * more);
            finish = Math.max(finish, second);
            serve(load, one, out, second);
        }
    }

    private void serve(int load, Load one, Load.Part out, int second) {
        boolean safe = isSafe(load, one, second);
        boolean overcooked = second - wentIn[load] >= out.overcooked();
        for (Load.Serving serving : out.servings()) {
            int guest = serving.guest();
            if (eaten[guest] >= fullAfter[guest]) {
                continue;
            }
            if (second > script.people.get(guest).leaves()) {
                lose(serving, one.drop(), second);
                continue;
            }
            if (!safe) {
                happens(Trouble.UNSAFE, serving, one, second);
            }
            if (overcooked) {
                double before = spoiled[serving.portion()];
                spoiled[serving.portion()] += serving.grams();
                double half = HALF * script.portions.get(serving.portion()).grams();
                if (before < half && spoiled[serving.portion()] >= half) {
                    happens(Trouble.OVERCOOKED, serving, one, second);
                }
            }
            bite(serving, one, Math.max(second, arrives[guest]));
        }
    }

    private boolean isSafe(int load, Load one, int second) {
        if (!one.raw()) {
            return true;
        }
        if (one.core() != null) {
            return one.core().isReached(history[one.side()], wentIn[load] - from, second - from);
        }
        int hot = 0;
        double floor = script.sides.get(one.side()).kind().floorC() - FLOOR_TOLERANCE_K;
        for (int at = wentIn[load] - from; at < second - from; at++) {
            hot += history[one.side()][at] >= floor ? 1 : 0;
        }
        return hot >= one.safeSeconds();
    }

    private void bite(Load.Serving serving, Load one, int second) {
        int guest = serving.guest();
        if (eaten[guest] < NEARLY_ALL * Math.min(toEat[guest], fullAfter[guest]) && second > emptyAt[guest]) {
            int wait = (int) (second - emptyAt[guest]);
            waits[guest] = Math.max(waits[guest], wait);
            if (planned != null && wait > Math.max(LONG_WAIT_S, planned.waits()[guest] + LONGER_THAN_PLANNED_S)) {
                happenings.add(new Happening(
                        Trouble.WAITS, guest, lastPortion[guest], one.side(), one.drop(), (int) emptyAt[guest]));
            }
        }
        eaten[guest] += serving.grams();
        emptyAt[guest] = Math.max(emptyAt[guest], second)
                + serving.grams() / script.people.get(guest).eatsGramsPerS();
        lastPortion[guest] = serving.portion();
    }

    private void lose(int load) {
        Load one = script.loads.get(load);
        for (Load.Part part : one.parts()) {
            for (Load.Serving serving : part.servings()) {
                if (eaten[serving.guest()] < fullAfter[serving.guest()]) {
                    lose(serving, one.drop(), one.putIn());
                }
            }
        }
    }

    private void lose(Load.Serving serving, int drop, int at) {
        int portion = serving.portion();
        lost[portion] += serving.grams();
        lostAt[portion] = at;
        lostDrop[portion] = drop;
    }

    private void happens(Trouble trouble, int side, int second) {
        if (planned == null || !planned.has(trouble, side)) {
            happenings.add(new Happening(trouble, NONE, NONE, side, lastIn[side], second));
        }
    }

    private void happens(Trouble trouble, Load.Serving serving, Load one, int second) {
        happenings.add(new Happening(trouble, serving.guest(), serving.portion(), one.side(), one.drop(), second));
    }

    /** Whoever looks after a pot turns its heat by what they see. */
    private void turn(int second) {
        for (int pot = 0; pot < full.length; pot++) {
            OnHeat one = script.pots.get(pot);
            if (away.backBy(one.minder(), second) == second) {
                full[pot] = wantsAll(pot, one);
            }
        }
    }

    private void heat(int second) {
        for (int pot = 0; pot < full.length; pot++) {
            OnHeat one = script.pots.get(pot);
            double watts = (full[pot] ? one.fullW() : one.holdingW()) * flame(pot, one, second);
            double each = watts / one.sides();
            for (int side = one.firstSide(); side < one.firstSide() + one.sides(); side++) {
                broths[side].second(each, full[pot] && covered[side]);
                covered[side] &= !broths[side].isBackAtItsSimmer() || second < lidUntil[side];
            }
            burnt[pot] += watts / one.share();
        }
    }

    private boolean wantsAll(int pot, OnHeat one) {
        for (int side = one.firstSide(); side < one.firstSide() + one.sides(); side++) {
            Broth broth = broths[side];
            if (!broth.isDry() && (full[pot] ? !broth.hasRecovered() : broth.hasLostItsSimmer())) {
                return true;
            }
        }
        return false;
    }

    /** What there is of a pot's heat [1]. */
    private double flame(int pot, OnHeat one, int second) {
        if (one.gas() && burnt[pot] >= CARTRIDGE_J) {
            if (spares == 0) {
                return 0;
            }
            spares--;
            burnt[pot] = 0;
            litAgain[pot] = away.backBy(one.minder(), second)
                    + (int) rates.surroundings().changingSeconds();
        }
        if (second < litAgain[pot]) {
            return 0;
        }
        if (second >= gustUntil[pot] && gustFrom[pot] != NEVER) {
            nextGust(pot, Dice.key(one.id()));
        }
        boolean inAGust = gustFrom[pot] <= second && second < gustUntil[pot];
        return heatShare[pot] * (inAGust ? rates.surroundings().gustShare() : 1);
    }

    /** Soup, top-ups, and what a look into each side tells. */
    private void tend(int second) {
        for (int side = 0; side < broths.length; side++) {
            Broth broth = broths[side];
            boolean wasDry = broth.isDry();
            if (!wasDry) {
                InPot one = script.sides.get(side);
                if (second >= 0 && second < one.soup().length) {
                    broth.ladle(one.soup()[second]);
                }
                if (second > 0 && second % MINUTE == 0 && second < script.mealSeconds - LAST_POUR_S) {
                    pour(side, one, broth, second);
                }
            }
            look(side, broth, second);
            history[side][second - from] = (float) broth.celsius();
            coolest[side] = Math.min(coolest[side], broth.celsius());
            if (second >= 0 && second % MINUTE == 0) {
                if (watcher != null) {
                    watcher.minute(side, second / MINUTE, broth.grams(), coolest[side]);
                }
                coolest[side] = broth.celsius();
            }
        }
    }

    private void pour(int side, InPot one, Broth broth, int second) {
        double missing = one.kind().fillG() - broth.grams();
        boolean due = poured[side] < one.doses().length && one.doses()[poured[side]] <= second;
        boolean wanted = due ? missing > HALF * one.doseMl() : missing > LOOKS_LOW * one.doseMl();
        boolean fits =
                broth.grams() + broth.foodMl() + one.doseMl() <= one.kind().brimMl();
        int minder = script.pots.get(one.pot()).minder();
        if (!wanted || !fits || second < noPourBefore[side] || away.backBy(minder, second) > second) {
            return;
        }
        if (dice.happens(slips[minder].forgets(), Dice.For.NOT_POURED, Dice.key(one.id()) + second / NEXT_LOOK_S)) {
            noPourBefore[side] = second + NEXT_LOOK_S;
        } else {
            broth.pour(one.doseMl());
            poured[side] += due ? 1 : 0;
        }
    }

    private void look(int side, Broth broth, int second) {
        InPot one = script.sides.get(side);
        boolean cold = broth.isDry() || broth.celsius() < one.kind().floorC() - FLOOR_TOLERANCE_K;
        coldFor[side] = rawInside[side] > 0 && cold ? coldFor[side] + 1 : 0;
        if (coldFor[side] == COLD_S) {
            happens(Trouble.UNDER_FLOOR, side, second);
        }
        boolean over = broth.isOverTheBrim();
        if (over && !wasOver[side]) {
            happens(Trouble.OVER_BRIM, side, second);
        }
        wasOver[side] = over;
        if (broth.isDry() && noPourBefore[side] != NEVER) {
            noPourBefore[side] = NEVER;
            happens(Trouble.DRY, side, second);
        }
    }

    private void end() {
        if (planned == null) {
            return;
        }
        for (int portion = 0; portion < lost.length; portion++) {
            double half = HALF * script.portions.get(portion).grams();
            if (lost[portion] >= half && lost[portion] > planned.lost()[portion]) {
                int guest = script.portions.get(portion).guest();
                int drop = lostDrop[portion];
                happenings.add(new Happening(Trouble.UNSERVED, guest, portion, sideOf(drop), drop, lostAt[portion]));
            }
        }
        if (finish > Math.max(script.mealSeconds, planned.finish()) + LATE_S) {
            happenings.add(new Happening(Trouble.LATE_FINISH, NONE, NONE, NONE, NONE, script.mealSeconds));
        }
    }

    private int sideOf(int drop) {
        String side = script.drops.get(drop).side();
        for (int i = 0; i < script.sides.size(); i++) {
            if (script.sides.get(i).id().equals(side)) {
                return i;
            }
        }
        return NONE;
    }
}
