package org.livelyladle.core.rehearsal;

/**
 * In how many evenings something happened, with the interval its chance lies in: Wilson's score interval (Wilson 1927, JASA
 * 22, 209-212), which covers the chance in nineteen of twenty rehearsals.
 *
 * @param times evenings in which it happened
 * @param of evenings played
 * @param share of them [1]
 * @param least lower end of the interval [1]
 * @param most upper end of the interval [1]
 */
public record Share(int times, int of, double share, double least, double most) {
    /** 97.5 % of a normal distribution lie under it; published. */
    static final double Z = 1.959964;

    private static final int HUNDRED = 100;
    /** Under three of five one says one of so many, above it all but one. */
    private static final double ONE_OF = 0.58;

    private static final int MOST_ALL_BUT_ONE = 10;

    static Share of(int times, int of) {
        if (of == 0) {
            return new Share(0, 0, 0, 0, 1);
        }
        double p = (double) times / of;
        double z2 = Z * Z;
        double middle = (p + z2 / (2 * of)) / (1 + z2 / of);
        double half = Z / (1 + z2 / of) * StrictMath.sqrt(p * (1 - p) / of + z2 / (4.0 * of * of));
        double least = times == 0 ? 0 : Math.max(0, middle - half);
        double most = times == of ? 1 : Math.min(1, middle + half);
        return new Share(times, of, p, least, most);
    }

    /** As a host says it: in one evening of eight. */
    public String text() {
        if (times == 0) {
            return "in none of " + of + " evenings";
        }
        if (times == of) {
            return "in every evening";
        }
        if (share < ONE_OF) {
            long so = Math.round(1 / share);
            return so > HUNDRED ? "in fewer than one evening of a hundred" : "in one evening of " + so;
        }
        long allButOne = Math.round(1 / (1 - share));
        return allButOne > MOST_ALL_BUT_ONE
                ? "in nearly every evening"
                : "in " + (allButOne - 1) + " evenings of " + allButOne;
    }
}
