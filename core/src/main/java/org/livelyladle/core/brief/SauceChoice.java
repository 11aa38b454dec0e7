package org.livelyladle.core.brief;

import org.livelyladle.core.check.Check;

/** A house sauce that stands on the table. */
public record SauceChoice(String sauce) {
    public SauceChoice {
        Check.id(sauce, "sauce");
    }
}
