package org.livelyladle.core.kettle;

/** Heat from one minute to another, in part of full [min, %]. */
public record HeatPhase(int fromMinute, int toMinute, double percent) {}
