package org.livelyladle.core.heat;

import java.util.List;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;

/**
 * A piece of food put into broth of constant temperature.
 *
 * @param shape name of a {@link Body}
 * @param dimensionsMm full dimensions as the body takes them [mm]
 * @param startC temperature of the piece [°C]
 * @param brothC temperature of the broth [°C]
 * @param targetC temperature the centre is to reach [°C]
 * @param surfaceWPerM2K heat transfer at the surface [W/m2K]
 */
public record CoreProblem(
        String shape,
        List<Double> dimensionsMm,
        Double startC,
        Double brothC,
        Double targetC,
        Double surfaceWPerM2K,
        Material material) {
    private static final double COLDEST_C = -60;
    private static final double HOTTEST_C = 300;

    public CoreProblem {
        Body body = Body.named(shape);
        dimensionsMm = Check.list(Check.present(dimensionsMm, "dimensionsMm"), "dimensionsMm", 3);
        body.checkDimensions(dimensionsMm);
        temperature(startC, "startC");
        temperature(brothC, "brothC");
        temperature(targetC, "targetC");
        Check.range(Check.present(surfaceWPerM2K, "surfaceWPerM2K"), "surfaceWPerM2K", 1e-3, 1e6);
        Check.present(material, "material");
        if (brothC <= startC) {
            throw new InvalidInputException("brothC", brothC, "a temperature above startC, " + startC + " °C");
        }
    }

    private static void temperature(Double value, String field) {
        Check.range(Check.present(value, field), field, COLDEST_C, HOTTEST_C);
    }

    public Body body() {
        return Body.named(shape);
    }

    boolean startsFrozen() {
        return startC < material.freezingC();
    }
}
