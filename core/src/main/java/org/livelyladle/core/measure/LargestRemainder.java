package org.livelyladle.core.measure;

import java.util.Comparator;
import java.util.stream.IntStream;

/**
 * Whole pieces from exact shares by the largest-remainder method (Hamilton's): everybody gets the whole part of the
 * exact share, the pieces left over go to the largest remainders. Equal remainders go to the earlier place.
 */
public final class LargestRemainder {
    /** Remainders closer than this count as equal, so that rounding noise decides nothing. */
    private static final double SAME = 1e-9;

    private LargestRemainder() {}

    /** Shares as many pieces as the quotas come to, to the nearest whole. */
    public static int[] share(double[] quotas) {
        return share(quotas, new double[quotas.length]);
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

    /**
     * Shares exactly {@code seats} pieces in proportion to the quotas.
     *
     * @param quotas weights, none negative; all zero gives nothing to anybody
     */
    public static int[] share(double[] quotas, int seats) {
        double sum = 0;
        for (double quota : quotas) {
            if (!(quota >= 0)) {
                throw new IllegalArgumentException("A share must be 0 or more, but one was " + quota);
            }
            sum += quota;
        }
        int[] whole = new int[quotas.length];
        if (sum == 0) {
            return whole;
        }
        double[] remainder = new double[quotas.length];
        int left = seats;
        for (int i = 0; i < quotas.length; i++) {
            double exact = quotas[i] * seats / sum;
            whole[i] = (int) StrictMath.floor(exact + SAME);
            remainder[i] = exact - whole[i];
            left -= whole[i];
        }
        IntStream.range(0, quotas.length)
                .boxed()
                .sorted(Comparator.<Integer>comparingLong(i -> -Math.round(remainder[i] / SAME))
                        .thenComparing(i -> i))
                .limit(left)
                .forEach(i -> whole[i]++);
        return whole;
    }
}
