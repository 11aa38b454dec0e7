package org.livelyladle.core.equipment;

import org.livelyladle.core.measure.Figure;

/** Something to set out, how many, and what for. */
public record Equipment(String name, Figure count, String remark) {}
