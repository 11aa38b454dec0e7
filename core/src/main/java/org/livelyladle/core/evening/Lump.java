package org.livelyladle.core.evening;

import org.livelyladle.core.heat.Material;

/** Thick food that warms by itself, slower than the broth mixes. */
final class Lump {
    private final Food food;
    /** Heat in it [J/kg]. */
    private double enthalpy;

    Lump(Food food) {
        this.food = food;
        this.enthalpy = Material.lean().enthalpy(food.startC());
    }

    boolean isOf(Food other) {
        return food == other;
    }

    /** Heat taken from broth so warm in a second [J]. */
    double take(double brothC) {
        double celsius = Material.lean().temperature(enthalpy);
        double flow = food.joulePerK() / food.tauSeconds() * (brothC - celsius);
        enthalpy += flow * 1000 / food.loadG();
        return flow;
    }
}
