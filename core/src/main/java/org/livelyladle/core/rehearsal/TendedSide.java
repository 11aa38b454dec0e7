package org.livelyladle.core.rehearsal;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.rehearsal.Script.InPot;
import org.livelyladle.core.rehearsal.Trial.Planned;

/** One side through one evening: its broth, what is poured and ladled, and what somebody sees who looks into it. */
final class TendedSide {
    /** A side so little, or so shortly, under its floor is not taken for cold [K, s]. */
    private static final double FLOOR_TOLERANCE_K = 1;

    private static final int COLD_S = 10;
    private static final int LAST_POUR_S = 600;
    private static final int MINUTE = 60;
    /** Nobody turns back to a broth that was not topped up sooner [s]. */
    private static final int NEXT_LOOK_S = 600;
    /** A dose is poured when it is due and so much of it is missing [1]. */
    private static final double DUE = 0.5;
    /** Whoever looks into a pot sees that so many doses are missing, whatever the plan says. */
    private static final double LOOKS_LOW = 1.25;

    private static final int NONE = -1;

    /** Told of every minute of a side, for who wants to see the broths. */
    interface Watcher {
        /** @param coolest since the minute before [°C] */
        void minute(int side, int minute, double grams, double coolest);
    }

    private final int index;
    private final InPot planned;
    private final long key;
    private final int minder;
    private final Slips slips;
    private final Surroundings around;
    private final Away away;
    private final int from;
    private final int lastPour;
    private final @Nullable Planned anyway;
    private final @Nullable Watcher watcher;
    private final double coldC;

    final Broth broth;
    /** Of its temperature, by second from the first on [°C]. */
    final float[] history;

    private Dice dice = new Dice();
    private int rawInside;
    private int coldFor;
    private int lastIn;
    private boolean wasOver;
    private boolean wasDry;
    private double readsHigh;
    private int noPourBefore;
    private int poured;
    private double coolest;

    /**
     * @param seconds of the evening, from the first on
     * @param anyway what happens without a mistake; null in that evening itself
     */
    TendedSide(
            int index,
            Script script,
            MistakeRates rates,
            Away away,
            int seconds,
            @Nullable Planned anyway,
            @Nullable Watcher watcher) {
        this.index = index;
        this.planned = script.sides.get(index);
        this.key = Dice.key(planned.id());
        this.minder = script.pots.get(planned.pot()).minder();
        this.slips = rates.of(script.people.get(minder).id());
        this.around = rates.surroundings();
        this.away = away;
        this.from = script.from;
        this.lastPour = script.mealSeconds - LAST_POUR_S;
        this.anyway = anyway;
        this.watcher = watcher;
        this.coldC = planned.kind().floorC() - FLOOR_TOLERANCE_K;
        this.broth = new Broth(planned.kind());
        this.history = new float[seconds];
    }

    void begin(Dice chances) {
        dice = chances;
        broth.begin();
        rawInside = 0;
        coldFor = 0;
        lastIn = NONE;
        wasOver = false;
        wasDry = false;
        readsHigh = dice.happens(around.probeLies(), Dice.For.LIES, key) ? around.probeKelvin() : 0;
        noPourBefore = from;
        poured = 0;
        coolest = broth.celsius();
    }

    boolean hasRoomFor(double ml) {
        return broth.grams() + broth.foodMl() + ml <= planned.kind().brimMl() + 1;
    }

    /** As its temperature is told: under its floor. */
    boolean seemsCold() {
        return broth.celsius() + readsHigh < planned.kind().floorC();
    }

    /** @param more times as much as planned */
    void putIn(int place, Load load, double more, int second) {
        if (load.thin()) {
            broth.mix(load.foodG() * more, load.ml() * more, load.startC());
        } else {
            broth.lump(place, load.foodG() * more, load.ml() * more, load.startC(), load.warmsWithin());
        }
        if (load.lidFor() != Load.NO_LID) {
            broth.cover(second + load.lidFor());
        }
        lastIn = load.drop();
        rawInside += load.raw() ? 1 : 0;
    }

    void takeOut(int place, Load load, Load.Part part, double more, boolean wasLast) {
        broth.takeOut(
                place, load.thin(), part.foodG() * more, part.ml() * more, part.clings() * more, part.gives() * more);
        rawInside -= load.raw() && wasLast ? 1 : 0;
    }

    /** How long it stood above its floor between two seconds [s]. */
    int hotSeconds(int start, int end) {
        int hot = 0;
        for (int second = start - from; second < end - from; second++) {
            hot += history[second] >= coldC ? 1 : 0;
        }
        return hot;
    }

    /** Soup, top-ups, and what a look into it tells. */
    void tend(int second, List<Happening> happenings) {
        int minute = second >= 0 && second % MINUTE == 0 ? second / MINUTE : NONE;
        if (!broth.isDry()) {
            if (second >= 0 && second < planned.soup().length) {
                broth.ladle(planned.soup()[second]);
            }
            if (minute > 0 && second < lastPour) {
                pour(second);
            }
        }
        look(second, happenings);
        double celsius = broth.celsius();
        history[second - from] = (float) celsius;
        if (watcher != null) {
            coolest = Math.min(coolest, celsius);
            if (minute >= 0) {
                watcher.minute(index, minute, broth.grams(), coolest);
                coolest = celsius;
            }
        }
    }

    private void pour(int second) {
        double missing = planned.kind().fillG() - broth.grams();
        boolean due = poured < planned.doses().length && planned.doses()[poured] <= second;
        boolean wanted = missing > (due ? DUE : LOOKS_LOW) * planned.doseMl();
        boolean fits = hasRoomFor(planned.doseMl() + 1);
        if (!wanted || !fits || second < noPourBefore || away.backBy(minder, second) > second) {
            return;
        }
        if (dice.happens(slips.forgets(), Dice.For.NOT_POURED, key + second / NEXT_LOOK_S)) {
            noPourBefore = second + NEXT_LOOK_S;
        } else {
            broth.pour(planned.doseMl());
            poured += due ? 1 : 0;
        }
    }

    private void look(int second, List<Happening> happenings) {
        if (rawInside > 0 && (broth.celsius() < coldC || broth.isDry())) {
            coldFor++;
            if (coldFor == COLD_S) {
                happens(Trouble.UNDER_FLOOR, second, happenings);
            }
        } else {
            coldFor = 0;
        }
        boolean over = broth.isOverTheBrim();
        if (over && !wasOver) {
            happens(Trouble.OVER_BRIM, second, happenings);
        }
        wasOver = over;
        if (broth.isDry() && !wasDry) {
            happens(Trouble.DRY, second, happenings);
        }
        wasDry = broth.isDry();
    }

    private void happens(Trouble trouble, int second, List<Happening> happenings) {
        if (anyway == null || !anyway.has(trouble, index)) {
            happenings.add(new Happening(trouble, NONE, NONE, index, lastIn, second));
        }
    }
}
