package org.livelyladle.core.heat;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.livelyladle.core.check.UnsolvableException;

/**
 * Temperature of a side second by second, as {@link StirredSide} heats; its free surface is that of broth
 * {@value #DEPTH_M} m deep [memory].
 *
 * @param temperatureC at second 0 and at each after it [°C], after what goes in then has mixed in
 * @param evaporatedG in all [g]
 */
public record SideHeat(List<Double> temperatureC, double evaporatedG) {
    private static final double DEPTH_M = 0.06;
    private static final double G_PER_M3 = 1e6;

    public SideHeat {
        temperatureC = List.copyOf(temperatureC);
    }

    /**
     * @throws UnsolvableException when it boils dry
     */
    public static SideHeat of(SideProblem problem) {
        StirredSide side = new StirredSide(
                problem.massG(),
                problem.startC(),
                problem.boilingC(),
                problem.airC(),
                problem.lossWPerK(),
                problem.specificHeatJPerKgK());
        double open = Boolean.TRUE.equals(problem.freeSurface()) ? problem.massG() / G_PER_M3 / DEPTH_M : 0;
        List<Double> temperatures = new ArrayList<>(problem.seconds() + 1);
        double evaporated = 0;
        for (int second = 0; second <= problem.seconds(); second++) {
            if (second > 0) {
                evaporated += side.second(problem.effectiveW(), open, Double.MAX_VALUE);
                checkNotDry(side, second);
            }
            mix(side, problem, second);
            temperatures.add(side.celsius());
        }
        return new SideHeat(temperatures, evaporated);
    }

    private static void mix(StirredSide side, SideProblem problem, int second) {
        for (SideProblem.FoodDrop drop : Objects.requireNonNull(problem.drops())) {
            if (drop.atSecond() == second) {
                side.mixFood(drop.grams() / 1000 * drop.specificHeatJPerKgK(), drop.startC());
            }
        }
    }

    private static void checkNotDry(StirredSide side, int second) {
        if (side.brothG() <= 0) {
            throw new UnsolvableException(
                    "massG", "It boils dry at second " + second + "; add liquid or turn the heat down before.");
        }
    }
}
