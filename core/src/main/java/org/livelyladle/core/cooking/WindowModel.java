package org.livelyladle.core.cooking;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.catalogue.Times;
import org.livelyladle.core.check.UnsolvableException;
import org.livelyladle.core.heat.Conduction;
import org.livelyladle.core.heat.Simmer;

/**
 * Computes windows: when heat reaches the core, when walls and starch soften, when the best is over. Remembers what it
 * computed, since a window depends on the piece and the temperatures alone. Safe for threads.
 */
public final class WindowModel {
    /** What catalogue times are told for: a simmer at sea level [°C]. */
    static final double REFERENCE_C = 98;
    /** Temperature rise that softens roots, leaves and starch ten times as fast [K]; memory. */
    private static final double SOFTENING_Z_K = 20;
    /** Pieces and stirring vary: thickness by this, the surface between still and rolling; memory. */
    static final double THICKNESS_SPREAD = 0.15;
    /** A pleasant core temperature is not asked for closer to the broth's own [K]. */
    private static final double LEAST_GAP_K = 3;
    /** Whatever safety asks for, there are so many seconds to take it out in. */
    private static final int LEAST_SECONDS = 10;

    private static final int MOST_REMEMBERED = 5000;

    /** All of a window [s], whole seconds. */
    record Computed(int pleasant, int safe, int ready, int bestUntil, int overcooked, int early, int late) {}

    private record Key(Piece piece, double simmerC, double floorC, double keptC) {}

    private final Map<Key, Computed> remembered = new ConcurrentHashMap<>();

    Computed window(Piece piece, Simmer simmer) {
        double kept = StrictMath.ceil(simmer.keptC() * 2) / 2;
        Key key = new Key(piece, simmer.simmerC(), simmer.floorC(), kept);
        if (remembered.size() >= MOST_REMEMBERED) {
            remembered.clear();
        }
        return remembered.computeIfAbsent(key, WindowModel::compute);
    }

    /** From when somebody finds it done at a core temperature [s], safe or not. */
    static double secondsTo(Piece piece, double coreC, Simmer simmer) {
        return piece.times() * toPleasant(piece.in(simmer.simmerC(), Piece.SIMMERING), simmer.simmerC(), coreC);
    }

    private static Computed compute(Key key) {
        return switch (key.piece().cut().governed().by()) {
            case CORE -> heated(key);
            case SOFTENS -> softened(key);
            case STATED -> stated(key);
        };
    }

    private static Computed heated(Key key) {
        Piece piece = key.piece();
        Cut cut = piece.cut();
        Conduction simmered = piece.in(key.simmerC(), Piece.SIMMERING);
        double pleasant = toPleasant(simmered, key.simmerC(), cut.governed().value());
        Integer core = cut.safeCoreC();
        double safe = core == null ? 0 : toSafe(piece.folded().in(key.floorC(), Piece.SIMMERING), core);
        double early = readyAt(piece.thicker(1 - THICKNESS_SPREAD), key.simmerC(), Piece.ROLLING);
        double late = readyAt(piece.thicker(1 + THICKNESS_SPREAD), key.simmerC(), Piece.STILL);
        if (cut.toughens() == null) {
            double later = pleasant - cut.times().pleasant();
            return rounded(
                    piece,
                    pleasant,
                    safe,
                    cut.times().bestUntil() + later,
                    cut.times().overcooked() + later,
                    early,
                    late);
        }
        Toughening toughening = Toughening.of(cut.toughens());
        double best = quality(toughening, simmered, key.simmerC(), Toughening.BEST_UNTIL);
        double over = quality(toughening, piece.in(key.keptC(), Piece.SIMMERING), key.keptC(), Toughening.OVERCOOKED);
        return rounded(piece, pleasant, safe, best, over, early, late);
    }

    private static double quality(Toughening toughening, Conduction piece, double brothC, double q) {
        return toughening.secondsTo(q, Toughening.History.of(piece, brothC));
    }

    /** Pleasant, and safe where that matters. */
    private static double readyAt(Piece piece, double brothC, double surface) {
        Conduction flat = piece.in(brothC, surface);
        double pleasant = toPleasant(flat, brothC, piece.cut().governed().value());
        Integer core = piece.cut().safeCoreC();
        if (core == null) {
            return pleasant;
        }
        Piece folded = piece.folded();
        return Math.max(pleasant, toSafe(folded.equals(piece) ? flat : folded.in(brothC, surface), core));
    }

    /** A core liked hotter than the broth can make it counts as pleasant somewhat below the broth. */
    private static double toPleasant(Conduction piece, double brothC, double coreC) {
        return piece.secondsTo(Math.min(coreC, brothC - LEAST_GAP_K));
    }

    /**
     * What is safe is safe: nothing less will do, and where the broth cannot make it so it never is.
     *
     * @throws org.livelyladle.core.check.UnsolvableException when the broth is no hotter than the core must be
     */
    private static double toSafe(Conduction folded, double coreC) {
        return folded.secondsTo(coreC);
    }

    private static Computed softened(Key key) {
        Piece piece = key.piece();
        Cut cut = piece.cut();
        double exponent = cut.governed().value();
        double factor = StrictMath.pow(piece.scale(), exponent)
                * StrictMath.pow(10, (REFERENCE_C - key.simmerC()) / SOFTENING_Z_K);
        double pleasant = told(piece).pleasant() * factor;
        return rounded(
                piece,
                pleasant,
                0,
                told(piece).bestUntil() * factor,
                told(piece).overcooked() * factor,
                pleasant * StrictMath.pow(1 - THICKNESS_SPREAD, exponent),
                pleasant * StrictMath.pow(1 + THICKNESS_SPREAD, exponent));
    }

    /**
     * As told for the usual size; thicker pieces take longer as conduction does, by the square of their thickness, thinner
     * ones no less than told. Raw food waits longer where the broth is cooler, by as much as a thin slab of meat does.
     */
    private static Computed stated(Key key) {
        Cut cut = key.piece().cut();
        Times told = told(key.piece());
        double thicker = Math.max(1, key.piece().scale() * key.piece().scale());
        double longer = thicker;
        double safe = told.safe() * thicker;
        if (cut.safeCoreC() != null) {
            longer *= slower(cut.safeCoreC(), key.simmerC());
            safe *= slower(cut.safeCoreC(), key.floorC());
        }
        double pleasant = told.pleasant() * longer;
        return rounded(
                key.piece(), pleasant, safe, told.bestUntil() * longer, told.overcooked() * longer, pleasant, pleasant);
    }

    private static Times told(Piece piece) {
        Times frozen = piece.cut().frozenTimes();
        return piece.startsFrozen() && frozen != null ? frozen : piece.cut().times();
    }

    /** How much longer a core takes in cooler broth, by the slowest term of the series from the fridge on [1]. */
    private static double slower(double coreC, double brothC) {
        if (coreC >= brothC) {
            throw new UnsolvableException(
                    "brothC", "A core of %s °C is never reached in broth of %s °C.".formatted(coreC, brothC));
        }
        return StrictMath.log((brothC - Piece.FRIDGE_C) / (brothC - coreC))
                / StrictMath.log((REFERENCE_C - Piece.FRIDGE_C) / (REFERENCE_C - coreC));
    }

    /**
     * In whole seconds, ready up, the rest of the window down, and never empty. What evenings have taught moves what is
     * good to eat, never what is safe, and never past what the catalogue calls overcooked.
     */
    private static Computed rounded(
            Piece piece, double pleasant, double safe, double bestUntil, double overcooked, double early, double late) {
        Cut cut = piece.cut();
        Taught taught = new Taught(piece.times(), (int) overcooked - LEAST_SECONDS);
        double good = taught.time(pleasant);
        int least = cut.rawRisk() == RawRisk.NONE ? 0 : cut.leastReadySeconds();
        int ready = Math.max(up(Math.max(good, safe)), least);
        int best = Math.max((int) taught.time(bestUntil), ready);
        return new Computed(
                up(good),
                up(safe),
                ready,
                best,
                Math.max((int) (overcooked * Math.min(1, piece.times())), best + LEAST_SECONDS),
                Math.min(ready, Math.max(up(taught.noSooner(early)), least)),
                Math.max(ready, up(taught.noSooner(late))));
    }

    /** @param most nothing is later than this, but for what was anyway [s] */
    private record Taught(double times, double most) {
        double time(double seconds) {
            return times > 1 ? noSooner(seconds) : seconds * times;
        }

        /** For marks that safety has a part in. */
        double noSooner(double seconds) {
            return Math.max(seconds, Math.min(seconds * times, most));
        }
    }

    private static int up(double seconds) {
        return (int) StrictMath.ceil(seconds);
    }
}
