package org.livelyladle.core.measure;

import java.util.Comparator;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * Whole pieces from exact shares by the largest-remainder method (Hamilton's): everybody gets the whole part of the
 * exact share, the pieces left over go to the largest remainders. Equal remainders go to the earlier place.
 */
public final class LargestRemainder {
    /** Remainders closer than this count as equal, so that rounding noise decides nothing. */
    private static final double SAME = 1e-9;

    /** What somebody may ask of a sharing beside the quota. */
    public enum Claim {
        NONE,
        /** A piece before anybody gets a second. */
        FIRST,
        /** The quota is settled: nothing of it goes to others. */
        SETTLED
    }

    private LargestRemainder() {}

    /** Shares as many pieces as the quotas come to, to the nearest whole. */
    public static int[] share(double[] quotas) {
        return share(quotas, new double[quotas.length]);
    }

    /**
     * The same with claims: whoever would go without and has a claim to be {@link Claim#FIRST} gets a piece of who has at
     * least two, of those the one with most beyond the quota and what was missed; who is under the quota already gives only
     * where nobody else can.
     *
     * @param quotas exact shares, none negative
     * @param missing what each has missed so far; negative where it was too much
     */
    public static int[] share(double[] quotas, double[] missing, Claim[] claims) {
        int[] whole = share(quotas, missing);
        for (int i = 0; i < whole.length; i++) {
            if (claims[i] == Claim.FIRST && whole[i] == 0 && quotas[i] > SAME) {
                OptionalInt giver = giver(whole, quotas, missing, claims);
                if (giver.isPresent()) {
                    whole[giver.getAsInt()]--;
                    whole[i]++;
                }
            }
        }
        return whole;
    }

    private static OptionalInt giver(int[] whole, double[] quotas, double[] missing, Claim[] claims) {
        return IntStream.range(0, whole.length)
                .filter(i -> whole[i] > 1 && claims[i] != Claim.SETTLED)
                .boxed()
                .min(Comparator.<Integer, Boolean>comparing(i -> whole[i] < quotas[i] - SAME)
                        .thenComparingLong(i -> -Math.round((whole[i] - quotas[i] - missing[i]) / SAME))
                        .thenComparing(i -> i))
                .map(OptionalInt::of)
                .orElseGet(OptionalInt::empty);
    }

    /**
     * The same, where earlier sharings left some short: their remainder counts as larger by what they miss. Nobody gets
     * less than the whole part of the quota or more than one piece beyond it, so errors are carried on but do not grow.
     *
     * @param quotas exact shares, none negative
     * @param missing what each has missed so far; negative where it was too much
     */
    public static int[] share(double[] quotas, double[] missing) {
        int[] whole = new int[quotas.length];
        int left = (int) Math.round(
                IntStream.range(0, quotas.length).mapToDouble(i -> quotas[i]).sum());
        for (int i = 0; i < quotas.length; i++) {
            if (!(quotas[i] >= 0)) {
                throw new IllegalArgumentException("A share must be 0 or more, but one was " + quotas[i]);
            }
            whole[i] = (int) StrictMath.floor(quotas[i] + SAME);
            left -= whole[i];
        }
        IntStream.range(0, quotas.length)
                .filter(i -> quotas[i] - whole[i] > SAME || quotas[i] > 0 && missing[i] > SAME)
                .boxed()
                .sorted(Comparator.<Integer>comparingLong(i -> -Math.round((quotas[i] - whole[i] + missing[i]) / SAME))
                        .thenComparing(i -> i))
                .limit(Math.max(0, left))
                .forEach(i -> whole[i]++);
        return whole;
    }
}
