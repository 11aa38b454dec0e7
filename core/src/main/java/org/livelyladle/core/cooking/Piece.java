package org.livelyladle.core.cooking;

import java.util.List;
import java.util.Locale;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Shape;
import org.livelyladle.core.catalogue.StartState;
import org.livelyladle.core.heat.Body;
import org.livelyladle.core.heat.Conduction;
import org.livelyladle.core.heat.CoreProblem;
import org.livelyladle.core.heat.Material;

/**
 * One piece of a cut as it goes into the broth.
 *
 * @param startC temperature of the piece [°C]
 * @param times as long as is usual till it is good to eat, as evenings have taught [1]
 */
public record Piece(Cut cut, double scale, double startC, double times) {
    /** Heat transfer at the surface in still, simmering and rolling broth [W/m2K]; memory. */
    public static final double STILL = 800;

    public static final double SIMMERING = 1500;
    public static final double ROLLING = 3000;
    /** Slices fold in the chopsticks: thicker by this; memory. */
    static final double FOLD = 1.5;
    /**
     * The coldest point of a half ball heats like the centre of a ball so much as wide. The first odd mode of a ball gives
     * 0.699 (4.4934 = tan 4.4934, against pi) where the surface takes the broth's temperature at once, two thirds is
     * volume to surface; between them, for the surfaces and sizes of food, 0.717 was the most found on an axisymmetric
     * grid.
     */
    private static final double HALF_BALL = 0.72;

    /** Temperatures of the start states [°C]; memory. */
    static final double FRIDGE_C = 5;

    private static final double ROOM_C = 20;
    private static final double SOAKED_C = 15;
    private static final double FREEZER_C = -18;
    /** Only asked for by the shape of the problem; the target is given with each question. */
    private static final double ANY_TARGET_C = 60;

    /** As a party has it. */
    public static Piece of(Brief brief, Cut cut) {
        MenuItem item = brief.item(cut.id());
        return of(cut, item.fromFrozen(), item.scale(), brief.timesOf(cut.id()));
    }

    static Piece of(Cut cut, boolean fromFrozen, double scale, double times) {
        return new Piece(cut, scale, startC(cut, fromFrozen), times);
    }

    static double startC(Cut cut, boolean fromFrozen) {
        if (fromFrozen || cut.start() == StartState.FROZEN) {
            return FREEZER_C;
        }
        return switch (cut.start()) {
            case AMBIENT -> ROOM_C;
            case DRIED -> SOAKED_C;
            default -> FRIDGE_C;
        };
    }

    boolean startsFrozen() {
        return startC < Material.lean().freezingC();
    }

    /** Thicker by a factor. */
    Piece thicker(double factor) {
        return new Piece(cut, scale * factor, startC, times);
    }

    /** As it hangs in the chopsticks: a slice dipped by hand is folded. */
    Piece folded() {
        return cut.byHand() && cut.shape() == Shape.SLAB ? thicker(FOLD) : this;
    }

    /** Its problem for broth of a temperature [°C] and a surface [W/m2K]. */
    public CoreProblem problem(double brothC, double surfaceWPerM2K) {
        double factor = cut.shape() == Shape.HEMISPHERE ? scale * HALF_BALL : scale;
        return new CoreProblem(
                body().label(),
                cut.dimensionsMm().stream().map(mm -> mm * factor).toList(),
                startC,
                brothC,
                ANY_TARGET_C,
                surfaceWPerM2K,
                Material.lean());
    }

    Conduction in(double brothC, double surfaceWPerM2K) {
        return new Conduction(problem(brothC, surfaceWPerM2K));
    }

    private Body body() {
        return switch (cut.shape()) {
            case CYLINDER -> Body.CYLINDER;
            case SPHERE, HEMISPHERE -> Body.SPHERE;
            case SHORT_CYLINDER -> Body.SHORT_CYLINDER;
            case BRICK -> Body.BRICK;
            default -> Body.SLAB;
        };
    }

    /** "2 mm", "28 x 18 mm". */
    String size() {
        List<String> sizes = cut.dimensionsMm().stream()
                .map(mm -> String.format(Locale.ROOT, "%.3g", mm * scale).replaceAll("\\.0+$", ""))
                .toList();
        return String.join(" x ", sizes) + " mm";
    }
}
