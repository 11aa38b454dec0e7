package org.livelyladle.core.kettle;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import org.livelyladle.core.brief.HeatSource;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.heat.HeatUp;
import org.livelyladle.core.table.TableState;

/**
 * The sides of one pot under their one heat. On full from when a side has lost its simmer until all are back above it, else
 * turned down to what they lose and their steam; the sides share the heat by area.
 */
public final class PotRun {
    private static final double PERCENT = 100;
    private static final int MINUTE = 60;
    private static final double J_PER_KWH = 3.6e6;
    /** Nothing is topped up so shortly before the finish [s]. */
    private static final int LAST_POUR_SECONDS = 600;

    private final HeatSource heat;
    private final double openM2;
    /** Heat that leaves a side with its steam, below the boil at most [W]. */
    private final double steamW;

    private final double holdingW;
    private final List<SideRun> sides;
    private final List<Double> minutesPercent = new ArrayList<>();
    /** Parts of full that people set, by second, up to the last that is known of; null where as foreseen. */
    private final NavigableMap<Integer, Optional<Double>> set = new TreeMap<>();

    private final int known;
    private double joules;
    private double fullSeconds;
    private boolean full;

    /** @param state what people set its heat to */
    public PotRun(Pot pot, List<SideRun> sides, TableState state) {
        this.known = state.at();
        state.heat().stream()
                .filter(heat -> heat.pot().equals(pot.id()))
                .forEach(heat -> set.put(heat.at(), Optional.ofNullable(heat.share())));
        this.heat = pot.heat();
        this.sides = sides;
        this.openM2 = pot.areaM2() / sides.size();
        this.steamW = HeatUp.steamW(pot.isRolling()) / sides.size();
        double holding = sides.stream()
                .mapToDouble(side -> side.holdingW(openM2, steamW))
                .sum();
        this.holdingW = Math.min(heat.effectiveW(), holding);
    }

    /** @param from before sitting down where slow things go in early [s, not above 0] */
    public void run(int from, int until) {
        sides.forEach(side -> side.begin(from, until));
        SideRun[] all = sides.toArray(SideRun[]::new);
        double minute = 0;
        for (int second = from; second <= until; second++) {
            control(all);
            double watts = watts(second);
            double each = watts / sides.size();
            for (SideRun side : all) {
                boolean covered = full && side.isCovered();
                side.second(
                        second, each, covered ? 0 : openM2, steamW, second > 0 && second < until - LAST_POUR_SECONDS);
            }
            joules += watts / heat.efficiency();
            if (second >= 0) {
                fullSeconds += full ? 1 : 0;
                minute += watts / heat.effectiveW() * PERCENT / MINUTE;
                if (second % MINUTE == MINUTE - 1) {
                    minutesPercent.add(minute);
                    minute = 0;
                }
            }
        }
        sides.forEach(side -> side.end(until));
    }

    private double watts(int second) {
        Map.Entry<Integer, Optional<Double>> last = second <= known && !set.isEmpty() ? set.floorEntry(second) : null;
        double foreseen = full ? heat.effectiveW() : holdingW;
        return last == null
                ? foreseen
                : last.getValue().map(share -> share * heat.effectiveW()).orElse(foreseen);
    }

    private void control(SideRun[] all) {
        boolean wanted = false;
        for (SideRun side : all) {
            wanted |= side.drySecond().isEmpty() && (full ? side.hasNotRecovered() : side.hasLostItsSimmer());
        }
        full = wanted;
    }

    /** What keeps all sides at a simmer, as far as the heat gives it [W in the broth]. */
    public double holdingW() {
        return holdingW;
    }

    /** Part of full that keeps a simmer [%]. */
    public double holdingPercent() {
        return holdingW / heat.effectiveW() * PERCENT;
    }

    /** Whether its heat keeps a simmer with the lid ajar. */
    public boolean isStrongEnough() {
        return holdingW < heat.effectiveW();
    }

    public double kWh() {
        return joules / J_PER_KWH;
    }

    public double fullMinutes() {
        return fullSeconds / MINUTE;
    }

    public List<SideRun> sides() {
        return sides;
    }

    /** The heat as a host would set it. */
    public List<HeatPhase> phases() {
        return Settings.of(minutesPercent);
    }
}
