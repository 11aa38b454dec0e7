package org.livelyladle.core.brief;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;

/**
 * What heats a pot at the table.
 *
 * @param watts rating on full [W]
 * @param circuit id of the circuit it is plugged into; none for gas, or when nobody has said
 * @param plateMm largest pot the maker allows on it [mm]; unknown when left out
 */
public record HeatSource(
        Kind kind,
        int watts,
        @Nullable String circuit,
        @Nullable Integer plateMm) {
    /** What a table is heated with when nobody has said: a cartridge stove; memory. */
    public static final HeatSource USUAL = new HeatSource(Kind.BUTANE, 2200, null, null);

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
        Check.range(watts, "watts", 200, 6000);
        if (circuit != null) {
            Check.id(circuit, "circuit");
        }
        if (plateMm != null) {
            Check.range(plateMm, "plateMm", 80, 500);
        }
    }

    /** The same heat, nobody having said which circuit it is plugged into. */
    public HeatSource withoutCircuit() {
        return new HeatSource(kind, watts, null, plateMm);
    }

    /** What reaches the broth on full [W]. */
    public double effectiveW() {
        return watts * kind.efficiency();
    }
}
