package org.livelyladle.core.kettle;

/**
 * What a drop does to a side.
 *
 * @param lowestC the coolest moment until it is back at a simmer [°C]
 * @param backSeconds from putting in until then; 0 when the simmer was never lost [s]
 */
public record SideDip(String drop, double lowestC, int backSeconds) {}
