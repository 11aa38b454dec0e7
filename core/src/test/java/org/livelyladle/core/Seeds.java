package org.livelyladle.core;

import java.util.stream.LongStream;

/**
 * The seeds a property is tried on: all of them by {@code ./ladle test whole}, as a rule a few spread evenly among them,
 * the same each time.
 */
public final class Seeds {
    private static final boolean WHOLE = Boolean.getBoolean("whole");
    private static final int ONE_IN = 10;

    private Seeds() {}

    /** @param until the first that is none any more */
    public static LongStream of(long from, long until) {
        return of(LongStream.range(from, until));
    }

    public static LongStream of(LongStream all) {
        return WHOLE ? all : every(ONE_IN, all);
    }

    /** Where each seed takes long: fewer still. */
    public static LongStream costly(LongStream all) {
        return WHOLE ? all : every(3 * ONE_IN, all);
    }

    /** How many of so many are tried. */
    public static int many(int all) {
        return WHOLE ? all : all / ONE_IN;
    }

    private static LongStream every(int step, LongStream all) {
        long[] seeds = all.toArray();
        return LongStream.iterate(step / 2, at -> at < seeds.length, at -> at + step)
                .map(at -> seeds[(int) at]);
    }
}
