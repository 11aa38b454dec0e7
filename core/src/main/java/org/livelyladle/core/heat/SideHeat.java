package org.livelyladle.core.heat;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.livelyladle.core.brief.UnsolvableException;

/**
 * Temperature of a side second by second.
 *
 * <p>One stirred mass: {@code C dT/dt = P - UA (T - Tair)} with C the heat capacities of broth and food together,
 * solved exactly within each second; at the boil the surplus evaporates broth at {@value #LATENT_J_PER_G} J/g. Below the
 * boil a free surface evaporates after Carrier's correlation for still air (ASHRAE Handbook, HVAC Applications, indoor
 * pools): {@code w = A (ps - pa) 0.089 / h} with vapour pressures in kPa, h in kJ/kg and w in kg/s, taken as constant
 * within a second; the surface is that of broth {@value #DEPTH_M} m deep [memory] under air of half its saturation.
 *
 * @param temperatureC at second 0 and at each after it [°C], after what goes in then has mixed in
 * @param evaporatedG in all [g]
 */
public record SideHeat(List<Double> temperatureC, double evaporatedG) {
    static final double LATENT_J_PER_G = 2257;
    private static final double DEPTH_M = 0.06;
    private static final double CARRIER_W_PER_M2_PA = 0.089;
    private static final double HUMIDITY = 0.5;
    private static final double G_PER_M3 = 1e6;

    public SideHeat {
        temperatureC = List.copyOf(temperatureC);
    }

    /**
     * @throws UnsolvableException when it boils dry
     */
    public static SideHeat of(SideProblem problem) {
        return new Run(problem).run();
    }

    private static final class Run {
        private final SideProblem problem;
        private final double area;
        private double brothG;
        /** Heat capacity of all food [J/K]. */
        private double foodJPerK;

        private double temperature;
        private double evaporated;

        private Run(SideProblem problem) {
            this.problem = problem;
            this.brothG = problem.massG();
            this.temperature = problem.startC();
            this.area = problem.massG() / G_PER_M3 / DEPTH_M;
        }

        private SideHeat run() {
            List<Double> temperatures = new ArrayList<>(problem.seconds() + 1);
            for (int second = 0; second <= problem.seconds(); second++) {
                if (second > 0) {
                    advance(second);
                }
                mix(second);
                temperatures.add(temperature);
            }
            return new SideHeat(temperatures, evaporated);
        }

        private double capacity() {
            return brothG / 1000 * problem.specificHeatJPerKgK() + foodJPerK;
        }

        private void mix(int second) {
            for (SideProblem.FoodDrop drop : Objects.requireNonNull(problem.drops())) {
                if (drop.atSecond() == second) {
                    double own = drop.grams() / 1000 * drop.specificHeatJPerKgK();
                    temperature = (capacity() * temperature + own * drop.startC()) / (capacity() + own);
                    foodJPerK += own;
                }
            }
        }

        private void advance(int second) {
            double power = problem.effectiveW();
            if (Boolean.TRUE.equals(problem.freeSurface()) && temperature < problem.boilingC()) {
                double lost = area
                        * CARRIER_W_PER_M2_PA
                        * Math.max(0, vapour(temperature) - HUMIDITY * vapour(problem.airC()));
                evaporate(lost / LATENT_J_PER_G, second);
                power -= lost;
            }
            double atBoil = heat(power);
            if (atBoil > 0) {
                double surplus = power - problem.lossWPerK() * (problem.boilingC() - problem.airC());
                evaporate(Math.max(0, surplus) * atBoil / LATENT_J_PER_G, second);
            }
        }

        /** Warms or cools for a second under a power [W]; what is left of the second once it boils [s]. */
        private double heat(double power) {
            double loss = problem.lossWPerK();
            double boil = problem.boilingC();
            double capacity = capacity();
            double net = power - loss * (temperature - problem.airC());
            if (temperature >= boil && net >= 0) {
                return 1;
            }
            if (loss == 0) {
                double next = temperature + net / capacity;
                double rest = next > boil ? 1 - (boil - temperature) * capacity / net : 0;
                temperature = Math.min(boil, next);
                return rest;
            }
            double rest = problem.airC() + power / loss;
            double next = rest + (temperature - rest) * StrictMath.exp(-loss / capacity);
            double left = 0;
            if (next > boil) {
                left = 1 - capacity / loss * StrictMath.log((temperature - rest) / (boil - rest));
                next = boil;
            }
            temperature = next;
            return left;
        }

        private void evaporate(double grams, int second) {
            brothG -= grams;
            evaporated += grams;
            if (brothG <= 0) {
                throw new UnsolvableException(
                        "massG", "It boils dry at second " + second + "; add liquid or turn the heat down before.");
            }
        }

        /** Saturation vapour pressure of water [Pa]; Magnus formula, WMO No. 8. */
        private static double vapour(double celsius) {
            return 611.2 * StrictMath.exp(17.62 * celsius / (243.12 + celsius));
        }
    }
}
