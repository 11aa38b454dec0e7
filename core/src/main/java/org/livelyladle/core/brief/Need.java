package org.livelyladle.core.brief;

import org.livelyladle.core.check.Check;

/** One thing a guest keeps away from, and how strictly. */
public record Need(NeedKind kind, Strength strength) {
    public Need {
        Check.present(kind, "kind");
        Check.present(strength, "strength");
    }

    /** A need somebody said without saying how strictly: an allergy until they do, and a diet where it cannot be one. */
    public static Need asStrictAsMayBe(NeedKind kind) {
        return new Need(kind, kind.allergen().isPresent() ? Strength.MEDICAL : Strength.DIET);
    }

    Need stricter(Need other) {
        return other.strength.compareTo(strength) > 0 ? other : this;
    }
}
