package org.livelyladle.core.kettle;

/**
 * A minute of a side's evening.
 *
 * @param ml broth [ml]
 * @param foodMl room the food takes in it [ml]
 * @param saltPercent salt [g per 100 g]
 * @param celsius the coolest moment of the minute that ends here [°C]
 */
public record SideMinute(double ml, double foodMl, double saltPercent, double celsius) {}
