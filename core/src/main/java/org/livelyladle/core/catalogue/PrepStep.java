package org.livelyladle.core.catalogue;

import org.livelyladle.core.measure.Mark;

/**
 * A step that brings a cut to the table.
 *
 * @param verb what to do, before the cut's name
 * @param minutes time for any amount [min]
 * @param minutesPerKg time added by each kilogram [min/kg]
 * @param passive true when nobody has to stand by
 */
public record PrepStep(
        String id,
        String verb,
        String tool,
        double minutes,
        double minutesPerKg,
        boolean passive,
        String caution,
        Mark mark) {}
