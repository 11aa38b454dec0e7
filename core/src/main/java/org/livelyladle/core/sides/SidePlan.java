package org.livelyladle.core.sides;

import org.livelyladle.core.measure.Figure;

/**
 * One side of a pot as filled and heated.
 *
 * @param capacity to the brim [ml]
 * @param fill broth at the start [ml]
 * @param room from the broth to the brim [ml]
 * @param boil where its broth boils [°C]
 * @param floor the least it may fall to while raw food cooks [°C]
 * @param dropLimit the largest drop that keeps it above its floor [g]
 * @param recovery from the floor back to a simmer after the largest drop, lid on [s]
 * @param pace cold food it takes on and on, lid off [g/min]
 */
public record SidePlan(
        String side,
        String pot,
        String broth,
        String brothName,
        String tint,
        int baskets,
        Figure capacity,
        Figure fill,
        Figure room,
        Figure boil,
        Figure floor,
        Figure dropLimit,
        Figure recovery,
        Figure pace) {}
