package org.livelyladle.core.cooking;

import java.util.Optional;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.heat.Simmer;

/** Windows of a menu in sides that are hotter or cooler than they should be, for what goes in now. */
public final class PresentWindows {
    /** Cooler broth cooks nothing in any sensible time [°C]; memory. */
    private static final double COOLEST_C = 70;
    /** Temperatures are taken to this step, the cooler way [K]. */
    private static final double STEP_K = 0.5;

    private final Brief brief;
    private final Catalogue catalogue;
    private final WindowModel model;

    public PresentWindows(Brief brief, Catalogue catalogue, WindowModel model) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.model = model;
    }

    /** How a window moves because a side is not as hot as foreseen, counted from putting in [s]. */
    public record Moved(int readyLater, int bestUntil, int overcooked) {}

    /**
     * The safe mark stays that of the side's floor, so nothing raw is ever ready sooner than in the plan unless heat alone
     * decides and safety is met long before.
     *
     * @param celsius of the broth now [°C]
     * @return nothing where it is too cool to cook this in: raw food under the side's floor, anything far under a simmer
     */
    public Optional<Moved> of(String cutId, Side side, double celsius) {
        Cut cut = catalogue.cut(cutId);
        Simmer usual = Simmer.of(
                brief.altitudeM(),
                catalogue.broth(side.broth()).saltPercent(),
                brief.potOf(side.id()).isGentle());
        double least = cut.rawRisk() == RawRisk.NONE ? COOLEST_C : usual.floorC();
        if (celsius < least) {
            return Optional.empty();
        }
        double broth = Math.min(StrictMath.floor(celsius / STEP_K) * STEP_K, usual.boilC());
        Piece piece = Piece.of(brief, cut);
        WindowModel.Computed planned = model.window(piece, usual);
        WindowModel.Computed now =
                model.window(piece, new Simmer(usual.boilC(), Math.max(broth, usual.floorC()), broth, usual.floorC()));
        return Optional.of(new Moved(now.ready() - planned.ready(), now.bestUntil(), now.overcooked()));
    }
}
