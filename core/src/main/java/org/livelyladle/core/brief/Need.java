package org.livelyladle.core.brief;

import org.livelyladle.core.check.Check;

/** One thing a guest keeps away from, and how strictly. */
public record Need(NeedKind kind, Strength strength) {
    public Need {
        Check.present(kind, "kind");
        Check.present(strength, "strength");
    }
}
