package org.livelyladle.core.brief;

/** A house sauce that stands on the table. */
public record SauceChoice(String sauce) {
    public SauceChoice {
        Check.id(sauce, "sauce");
    }
}
