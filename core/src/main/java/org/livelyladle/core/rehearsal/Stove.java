package org.livelyladle.core.rehearsal;

import org.livelyladle.core.rehearsal.Script.OnHeat;

/** The heat under one pot: turned by whoever looks after it, weak or gusty, and out when a cartridge is empty. */
final class Stove {
    /** Heat in a 220 g cartridge of butane [J]. */
    private static final double CARTRIDGE_J = 0.220 * 12.7 * 3.6e6;

    private static final double HOUR = 3600;
    private static final int NEVER = Integer.MAX_VALUE / 2;

    /** Cartridges at hand for all stoves. */
    static final class Spares {
        int left;
    }

    private final OnHeat pot;
    private final long key;
    private final Surroundings around;
    private final Away away;
    private final Broth[] sides;
    private final Spares spares;

    private Dice dice = new Dice();
    private boolean full;
    private double share;
    private int gusts;
    private int gustFrom;
    private int gustUntil;
    private double burntJ;
    private int litAgain;

    /** @param sides of the pot */
    Stove(OnHeat pot, Surroundings around, Away away, Broth[] sides, Spares spares) {
        this.pot = pot;
        this.key = Dice.key(pot.id());
        this.around = around;
        this.away = away;
        this.sides = sides;
        this.spares = spares;
    }

    /** Before the first second of an evening. */
    void light(Dice chances) {
        dice = chances;
        full = false;
        share = dice.happens(around.weakHeat(), Dice.For.WEAK, key) ? around.weakShare() : 1;
        boolean begun = pot.gas() && dice.happens(around.begunCartridge(), Dice.For.BEGUN, key);
        burntJ = begun ? CARTRIDGE_J * dice.uniform(Dice.For.LEFT_IN_IT, key) : 0;
        litAgain = -NEVER;
        gusts = 0;
        gustUntil = 0;
        awaitGust();
    }

    private void awaitGust() {
        if (!pot.gas() || around.gustsPerHour() <= 0) {
            gustFrom = NEVER;
            gustUntil = NEVER;
            return;
        }
        int n = gusts++;
        double calm = dice.exponential(HOUR / around.gustsPerHour(), Dice.For.CALM, key + n);
        double lasts = dice.exponential(around.gustSeconds(), Dice.For.GUST, key + n);
        gustFrom = (int) Math.min(NEVER, gustUntil + calm);
        gustUntil = (int) Math.min(NEVER, gustFrom + lasts);
    }

    /** Whoever looks after it turns it by what they see: on full from when a side has lost its simmer until all are back. */
    void turn(int second) {
        if (away.backBy(pot.minder(), second) > second) {
            return;
        }
        boolean wanted = false;
        for (Broth side : sides) {
            wanted |= !side.isDry() && (full ? !side.hasRecovered() : side.hasLostItsSimmer());
        }
        full = wanted;
    }

    /** A second of heat for all its sides. */
    void heat(int second) {
        double watts = (full ? pot.fullW() : pot.holdingW()) * flame(second);
        double each = watts / pot.sides();
        for (Broth side : sides) {
            side.second(second, each, full);
        }
        burntJ += watts / pot.share();
    }

    /** What there is of its heat [1]. */
    private double flame(int second) {
        if (pot.gas() && burntJ >= CARTRIDGE_J) {
            if (spares.left == 0) {
                return 0;
            }
            spares.left--;
            burntJ = 0;
            litAgain = away.backBy(pot.minder(), second) + (int) around.changingSeconds();
        }
        if (second < litAgain) {
            return 0;
        }
        if (second >= gustUntil) {
            awaitGust();
        }
        return share * (gustFrom <= second && second < gustUntil ? around.gustShare() : 1);
    }
}
