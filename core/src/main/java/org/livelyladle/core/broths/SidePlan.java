package org.livelyladle.core.broths;

import org.livelyladle.core.measure.Figure;

/**
 * One side of a pot as filled.
 *
 * @param capacity to the brim [ml]
 * @param fill broth at the start [ml]
 * @param room from the broth to the brim [ml]
 * @param dropLimit the largest drop it takes without losing the simmer for long [g]
 * @param reserve broth kept hot for topping up [ml]
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
        Figure dropLimit,
        Figure reserve) {}
