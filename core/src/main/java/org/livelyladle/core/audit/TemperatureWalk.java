package org.livelyladle.core.audit;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Shape;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Stay;

/**
 * The temperature of one side, each second, by a reckoning of the audit's own: so much broth as was filled in, less
 * what a small top-up makes up for; all heat of the stove's share until it boils; thin food draws its heat at once,
 * thick food two thirds of it in the first third of its time. Of slices dipped by
 * hand go in as many as there are guests who still have one. Constants stand here again on purpose.
 */
final class TemperatureWalk {
    private static final double BROTH_J_PER_G_K = 4.1;
    private static final double FOOD_J_PER_G_K = 3.5;
    private static final double MELTING_J_PER_G = 250;
    private static final double FRIDGE_C = 5;
    private static final double FREEZER_C = -18;
    private static final double AIR_C = 20;
    private static final double LOSS_W_PER_M2_K = 10;
    private static final double THIN_MM = 3;
    private static final double LEAST_LEVEL = 0.85;

    private static final int SPARE_S = 20;

    private final double joulePerK;
    private final double watts;
    private final double lossWPerK;
    private final double boilC;
    private final int from;
    private final double[] celsius;
    /** Heat capacity of food that warms in each second [J/K], what it brings along and its melting heat [J]. */
    private final double[] warms;

    private final double[] brings;
    private final double[] melts;

    /** Cuts that go in from the freezer. */
    private final Set<String> frozen;

    TemperatureWalk(
            Pot pot, Side side, double boilC, List<Drop> drops, Map<String, Cut> cuts, Set<String> frozen, int until) {
        this.frozen = frozen;
        int sides = pot.sides().size();
        double ml = LEAST_LEVEL * pot.capacityMl() * pot.fillPercent() / 100.0 / sides;
        this.joulePerK = ml * BROTH_J_PER_G_K;
        this.watts = pot.heat().effectiveW() / sides;
        this.lossWPerK = LOSS_W_PER_M2_K * pot.outsideM2() / sides;
        this.boilC = boilC;
        this.from = Math.min(0, drops.stream().mapToInt(Drop::putIn).min().orElse(0));
        this.celsius = new double[until - from + 1];
        this.warms = new double[celsius.length];
        this.brings = new double[celsius.length];
        this.melts = new double[celsius.length];
        drops.stream()
                .filter(drop -> drop.side().equals(side.id()))
                .forEach(drop -> drop.inBroth().forEach(stay -> draw(stay, cuts.get(drop.cut()))));
        walk();
    }

    private void draw(Stay stay, Cut cut) {
        double grams = stay.grams() * cut.swell();
        if (isThin(cut)) {
            draw(cut, grams, stay.putIn());
            return;
        }
        // what is fished late has taken its heat as early as all the rest
        int third = Math.max(1, Math.min(stay.seconds(), stay.ready() + SPARE_S - stay.putIn()) / 3);
        for (int i = 0; i < 3 * third; i++) {
            draw(cut, grams * (i < third ? 2.0 / 3 / third : 1.0 / 6 / third), stay.putIn() + i);
        }
    }

    private void draw(Cut cut, double grams, int second) {
        boolean fromFreezer = frozen.contains(cut.id());
        int place = Math.min(celsius.length - 1, second - from);
        warms[place] += grams * FOOD_J_PER_G_K;
        brings[place] += grams * FOOD_J_PER_G_K * (fromFreezer ? FREEZER_C : FRIDGE_C);
        melts[place] += fromFreezer ? grams * MELTING_J_PER_G : 0;
    }

    private static boolean isThin(Cut cut) {
        return cut.shape() == Shape.LEAF
                || cut.shape() == Shape.STRAND
                || cut.shape() == Shape.SLAB && cut.dimensionsMm().get(0) <= THIN_MM;
    }

    private void walk() {
        double now = boilC;
        for (int i = 0; i < celsius.length; i++) {
            double drawn = warms[i] * now - brings[i] + melts[i];
            double net = watts - lossWPerK * (now - AIR_C) - drawn;
            now = Math.min(boilC, now + net / joulePerK);
            celsius[i] = now;
        }
    }

    double at(double second) {
        int place = (int) Math.round(second) - from;
        return celsius[Math.max(0, Math.min(celsius.length - 1, place))];
    }

    double coolest(int start, int end) {
        double coolest = Double.MAX_VALUE;
        for (int second = start; second <= end; second++) {
            coolest = Math.min(coolest, at(second));
        }
        return coolest;
    }
}
