package org.livelyladle.core.heat;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;

/**
 * A side of broth on its heat, and what is dropped into it.
 *
 * @param massG broth at the start [g]
 * @param startC its temperature [°C]
 * @param effectiveW heat that reaches it [W]
 * @param lossWPerK dry loss to the room [W/K]
 * @param airC temperature of the room [°C]
 * @param boilingC where it boils [°C]
 * @param seconds how long it is looked at [s]
 * @param specificHeatJPerKgK of the broth [J/kgK]
 * @param freeSurface whether it evaporates below the boil too; no when left out
 * @param drops what goes in; none when left out
 */
public record SideProblem(
        Double massG,
        Double startC,
        Double effectiveW,
        Double lossWPerK,
        Double airC,
        Double boilingC,
        Integer seconds,
        Double specificHeatJPerKgK,
        @Nullable Boolean freeSurface,
        @Nullable List<FoodDrop> drops) {
    private static final int LONGEST_SECONDS = 24 * 3600;

    public SideProblem {
        Check.range(Check.present(massG, "massG"), "massG", 1, 1_000_000);
        Check.range(Check.present(boilingC, "boilingC"), "boilingC", 50, 130);
        Check.range(Check.present(startC, "startC"), "startC", -5, boilingC);
        Check.range(Check.present(effectiveW, "effectiveW"), "effectiveW", 0, 1_000_000);
        Check.range(Check.present(lossWPerK, "lossWPerK"), "lossWPerK", 0, 10_000);
        Check.range(Check.present(airC, "airC"), "airC", -40, 60);
        Check.range(Check.present(seconds, "seconds"), "seconds", 0, LONGEST_SECONDS);
        Check.range(Check.present(specificHeatJPerKgK, "specificHeatJPerKgK"), "specificHeatJPerKgK", 100, 20_000);
        freeSurface = Boolean.TRUE.equals(freeSurface);
        drops = Check.list(drops, "drops", 2000);
        for (int i = 0; i < drops.size(); i++) {
            FoodDrop drop = drops.get(i);
            if (drop.atSecond() > seconds) {
                throw new InvalidInputException(
                        "drops[" + i + "].atSecond", drop.atSecond(), "a second from 0 to " + seconds);
            }
            if (drop.startC() > boilingC) {
                throw new InvalidInputException(
                        "drops[" + i + "].startC", drop.startC(), "no more than boilingC, " + boilingC + " °C");
            }
        }
    }

    /** Food or liquid that mixes in at once and stays. */
    public record FoodDrop(Integer atSecond, Double grams, Double startC, Double specificHeatJPerKgK) {
        public FoodDrop {
            Check.range(Check.present(atSecond, "atSecond"), "atSecond", 0, LONGEST_SECONDS);
            Check.range(Check.present(grams, "grams"), "grams", 0, 100_000);
            Check.range(Check.present(startC, "startC"), "startC", -40, 130);
            Check.range(Check.present(specificHeatJPerKgK, "specificHeatJPerKgK"), "specificHeatJPerKgK", 100, 20_000);
        }
    }
}
