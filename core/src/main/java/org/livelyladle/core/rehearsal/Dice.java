package org.livelyladle.core.rehearsal;

/**
 * The chances of one evening. A number follows from the seed, the evening, what it is for and whom or what it concerns, and
 * from nothing else: the same on any machine and in any thread, and in a changed plan whatever is the same in both is
 * disturbed alike. SplitMix64's finalizer mixes (Steele, Lea and Flood, OOPSLA 2014).
 */
final class Dice {
    /** What a number is drawn for. */
    enum For {
        TAKEN_OUT,
        PUT_IN,
        FORGOTTEN,
        FOUND,
        TOO_MUCH,
        LET_GO,
        LEAVES,
        AWAY,
        WEAK,
        GUST,
        CALM,
        BEGUN,
        LEFT_IN_IT,
        LATE,
        HOW_LATE,
        FULL,
        LIES,
        NOT_POURED
    }

    private static final long GOLDEN = 0x9E3779B97F4A7C15L;
    private static final double UNIT = 0x1.0p-53;
    /** Of the logarithm of a delay; memory. */
    static final double SPREAD = 0.8;

    private long evening;

    void roll(long seed, int evening) {
        this.evening = mix(mix(seed + GOLDEN) + evening * GOLDEN);
    }

    /** Of a name, for {@link #uniform}: the same wherever it is read. */
    static long key(String name) {
        long key = 0xCBF29CE484222325L;
        for (int i = 0; i < name.length(); i++) {
            key = (key ^ name.charAt(i)) * 0x100000001B3L;
        }
        return mix(key);
    }

    /** In [0, 1). */
    double uniform(For what, long key) {
        return (mix(evening ^ mix(key + (what.ordinal() + 1) * GOLDEN)) >>> 11) * UNIT;
    }

    boolean happens(double chance, For what, long key) {
        return chance > 0 && uniform(what, key) < chance;
    }

    /** Exponential with a mean. */
    double exponential(double mean, For what, long key) {
        return mean == 0 ? 0 : -mean * StrictMath.log1p(-uniform(what, key));
    }

    /**
     * Skewed to the right: log-normal with a median, so that nineteen of twenty stay under 3.7 times of it.
     *
     * @param median 0 gives 0
     */
    double late(double median, For what, long key) {
        if (median == 0) {
            return 0;
        }
        double angle = 2 * StrictMath.PI * uniform(what, key);
        double far = StrictMath.sqrt(-2 * StrictMath.log1p(-uniform(what, ~key)));
        return median * StrictMath.exp(SPREAD * far * StrictMath.cos(angle));
    }

    private static long mix(long z) {
        long a = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
        long b = (a ^ (a >>> 27)) * 0x94D049BB133111EBL;
        return b ^ (b >>> 31);
    }
}
