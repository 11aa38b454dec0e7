package org.livelyladle.core.kettle;

import java.util.Optional;
import org.livelyladle.core.brief.SaltBand;
import org.livelyladle.core.brief.TopUp;

/**
 * What a side is topped up with: above its salt band water, inside it reserve, below it reserve seasoned to the middle,
 * unless the host wants one of the two always. Poured as soon as a whole dose is missing and finds room.
 *
 * @param seasons the host brings it into its band by salt; not where plain water is meant plain, or half a packet is
 *     kept back on purpose
 * @param doseMl one cup, or less for a small side [ml]
 * @param reservePercent salt of the reserve [g per 100 g]
 */
public record TopUpRule(
        TopUp policy,
        SaltBand band,
        boolean seasons,
        double fillMl,
        double roomyMl,
        double doseMl,
        double reservePercent) {
    private static final double PERCENT = 100;

    Optional<Pouring> decide(double brothMl, double foodMl, double saltG) {
        if (brothMl > fillMl - doseMl || brothMl + foodMl + doseMl > roomyMl) {
            return Optional.empty();
        }
        double percent = saltG / brothMl * PERCENT;
        if (policy == TopUp.WATER || policy == TopUp.AUTO && percent > band.highPercent()) {
            return Optional.of(new Pouring(Pouring.Kind.WATER, doseMl, 0));
        }
        double after = saltG + doseMl * reservePercent / PERCENT;
        double missing = band.middlePercent() / PERCENT * (brothMl + doseMl) - after;
        boolean bland = seasons && policy == TopUp.AUTO && percent < band.lowPercent() && missing > 0;
        return Optional.of(
                bland
                        ? new Pouring(Pouring.Kind.SEASONED, doseMl, missing)
                        : new Pouring(Pouring.Kind.RESERVE, doseMl, 0));
    }

    /** Salt a bland side wants before anybody eats from it [g]. */
    double missingAtStart(double brothMl, double saltG) {
        return seasons && policy == TopUp.AUTO && saltG / brothMl * PERCENT < band.lowPercent()
                ? band.middlePercent() / PERCENT * brothMl - saltG
                : 0;
    }
}
