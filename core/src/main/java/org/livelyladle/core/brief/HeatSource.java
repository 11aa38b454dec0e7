package org.livelyladle.core.brief;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Usual;
import org.livelyladle.core.check.Within;

/**
 * What heats a pot at the table.
 *
 * @param watts rating on full [W]
 * @param circuit id of the circuit it is plugged into; none for gas, or when nobody has said
 * @param plateMm largest pot the maker allows on it [mm]; unknown when left out
 * @param boilTimes as long to the boil as its rating says, as evenings have taught [1]; 1 when left out
 * @param fuelTimes as many cartridges as planned, as evenings have taught [1]; 1 when left out
 */
public record HeatSource(
        Kind kind,
        @Within(min = 200, max = 6000) int watts,
        @Nullable String circuit,
        @Within(min = 80, max = 500) @Nullable Integer plateMm,
        @Within(min = 0.4, max = 2.5) @Usual("1") double boilTimes,
        @Within(min = 0.4, max = 2.5) @Usual("1") double fuelTimes) {
    private static final Ranges RANGES = Ranges.of(HeatSource.class);
    /** What a table is heated with when nobody has said: a cartridge stove; memory. */
    public static final HeatSource USUAL = of(Kind.BUTANE, 2200, null, null);

    /** Kinds of heat with the share of it that reaches the broth. */
    public enum Kind {
        BUTANE("butane cartridge stove", 0.45),
        INDUCTION("induction hob", 0.85),
        HOT_PLATE("electric hot plate", 0.65),
        BUILT_IN("built-in element", 0.85);

        private final String label;
        private final double efficiency;

        Kind(String label, double efficiency) {
            this.label = label;
            this.efficiency = efficiency;
        }

        public String label() {
            return label;
        }

        /** Share of the rating that reaches the broth; memory. */
        public double efficiency() {
            return efficiency;
        }

        public boolean isElectric() {
            return this != BUTANE;
        }
    }

    public HeatSource {
        Check.present(kind, "kind");
        RANGES.check("watts", watts);
        if (circuit != null) {
            Check.id(circuit, "circuit");
        }
        RANGES.check("plateMm", plateMm);
        RANGES.check("boilTimes", boilTimes);
        RANGES.check("fuelTimes", fuelTimes);
    }

    /** Heat of which no evening has taught anything. */
    public static HeatSource of(Kind kind, int watts, @Nullable String circuit, @Nullable Integer plateMm) {
        return new HeatSource(kind, watts, circuit, plateMm, 1, 1);
    }

    /** The same heat as evenings have found it. */
    public HeatSource taught(double boilTimes, double fuelTimes) {
        return new HeatSource(kind, watts, circuit, plateMm, boilTimes, fuelTimes);
    }

    /** Of the same kind and rating: what one has taught holds for the other. */
    public boolean isLike(HeatSource other) {
        return kind == other.kind && watts == other.watts;
    }

    /** Share of the rating that reaches the broth, never more than all of it [1]. */
    public double efficiency() {
        return Math.min(1, kind.efficiency() / boilTimes);
    }

    /** The same heat, nobody having said which circuit it is plugged into. */
    public HeatSource withoutCircuit() {
        return new HeatSource(kind, watts, null, plateMm, boilTimes, fuelTimes);
    }

    /** What reaches the broth on full [W]. */
    public double effectiveW() {
        return watts * efficiency();
    }
}
