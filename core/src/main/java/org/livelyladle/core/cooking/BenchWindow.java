package org.livelyladle.core.cooking;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.heat.Conduction;
import org.livelyladle.core.heat.Simmer;

/**
 * The window of a piece in broth of one temperature, with its course for drawing.
 *
 * @param pleasant good to eat from here [s]
 * @param safe safe from here; 0 without raw risk [s]
 * @param ready the later of the two, and no sooner than the trade takes it [s]
 * @param bestUntil after this it declines [s]
 * @param overcooked ruined from here [s]
 * @param early ready for thinner pieces in rolling broth [s]
 * @param late ready for thicker pieces in still broth [s]
 * @param pleasantCoreC the core it is liked at; null where heat does not decide [°C]
 * @param safeCoreC the core that is safe; null without raw risk [°C]
 * @param points at even steps until somewhat past overcooked; a core only where heat into the shape is computed, of a dipped
 *     slice as folded in the chopsticks
 */
public record BenchWindow(
        int pleasant,
        int safe,
        int ready,
        int bestUntil,
        int overcooked,
        int early,
        int late,
        CookingWindow.Basis basis,
        String cue,
        @Nullable Double pleasantCoreC,
        @Nullable Integer safeCoreC,
        List<Point> points) {
    private static final int POINTS = 120;
    private static final double PAST = 1.1;

    public BenchWindow {
        points = List.copyOf(points);
    }

    /**
     * A moment.
     *
     * @param second after putting in [s]
     * @param centreC temperature at the centre [°C]
     * @param spent how far past its best: 1 at its end, 3 overcooked [1]
     */
    public record Point(double second, @Nullable Double centreC, double spent) {}

    /**
     * @throws org.livelyladle.core.check.UnsolvableException when a core is never reached
     */
    public static BenchWindow of(BenchProblem problem, Catalogue catalogue, WindowModel model) {
        Piece piece = problem.piece(catalogue);
        double broth = problem.brothC();
        WindowModel.Computed window = model.window(piece, new Simmer(broth, broth, broth, broth));
        Cut cut = piece.cut();
        boolean heated = CookingWindow.basis(cut.governed()) == CookingWindow.Basis.HEAT;
        return new BenchWindow(
                window.pleasant(),
                window.safe(),
                window.ready(),
                window.bestUntil(),
                window.overcooked(),
                window.early(),
                window.late(),
                CookingWindow.basis(cut.governed()),
                cut.cue(),
                heated ? cut.governed().value() : null,
                cut.safeCoreC(),
                points(piece, window, broth));
    }

    private static List<Point> points(Piece piece, WindowModel.Computed window, double brothC) {
        double[] moments = new double[POINTS + 1];
        for (int i = 0; i <= POINTS; i++) {
            moments[i] = window.overcooked() * PAST * i / POINTS;
        }
        Conduction conduction = piece.cut().shape().isHeated() ? piece.in(brothC, Piece.SIMMERING) : null;
        double[] centres = conduction == null
                ? null
                : piece.folded().in(brothC, Piece.SIMMERING).centres(moments);
        double[] spent = conduction == null || piece.cut().toughens() == null
                ? told(moments, window)
                : Toughening.of(piece.cut().toughens()).spent(moments, conduction.means(moments));
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= POINTS; i++) {
            points.add(new Point(moments[i], centres == null ? null : centres[i], spent[i]));
        }
        return points;
    }

    /** Where no toughening is fitted: evenly to the end of the best, then evenly to overcooked. */
    private static double[] told(double[] moments, WindowModel.Computed window) {
        double[] spent = new double[moments.length];
        for (int i = 0; i < spent.length; i++) {
            spent[i] = moments[i] <= window.bestUntil()
                    ? moments[i] / window.bestUntil()
                    : 1 + 2 * (moments[i] - window.bestUntil()) / (window.overcooked() - window.bestUntil());
        }
        return spent;
    }
}
