package org.livelyladle.core.kettle;

import java.util.EnumMap;
import java.util.Map;

/** Everything that came and went, so that the level adds up [ml], and salt stirred in [g]. */
public final class Flows {
    double evaporated;
    double ladled;
    double clung;
    double takenUp;
    double given;
    double saltStirredG;
    final Map<Pouring.Kind, Double> poured = new EnumMap<>(Pouring.Kind.class);

    public double evaporated() {
        return evaporated;
    }

    public double ladled() {
        return ladled;
    }

    public double clung() {
        return clung;
    }

    public double takenUp() {
        return takenUp;
    }

    public double given() {
        return given;
    }

    public double saltStirredG() {
        return saltStirredG;
    }

    public double poured(Pouring.Kind kind) {
        return poured.getOrDefault(kind, 0.0);
    }
}
