package org.livelyladle.core.kettle;

import org.livelyladle.core.heat.Material;

/** Thick food that warms by itself, slower than the broth mixes. */
final class Lump {
    private static final Material LEAN = Material.lean();

    private final Food food;
    /** Heat it takes from a kelvin of difference [W/K]. */
    private final double wPerK;

    /** Heat in it [J/kg]. */
    private double enthalpy;

    Lump(Food food) {
        this.food = food;
        this.wPerK = food.joulePerK() / food.tauSeconds();
        this.enthalpy = LEAN.enthalpy(food.startC());
    }

    boolean isOf(Food other) {
        return food == other;
    }

    /**
     * Heat taken from broth so warm in a second, no more than makes the broth as cool as the food [J].
     *
     * @param brothJPerK heat capacity of the broth and what has its temperature [J/K]
     */
    double take(double brothC, double brothJPerK) {
        double flow = Math.min(wPerK, brothJPerK) * (brothC - LEAN.temperature(enthalpy));
        enthalpy += flow * 1000 / food.loadG();
        return flow;
    }
}
