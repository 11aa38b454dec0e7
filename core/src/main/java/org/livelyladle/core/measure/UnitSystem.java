package org.livelyladle.core.measure;

/** The units a host reads. The computation itself is always metric. */
public enum UnitSystem {
    METRIC,
    US
}
