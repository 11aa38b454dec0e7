package org.livelyladle.core.catalogue;

import org.livelyladle.core.measure.Mark;

/**
 * A step that brings a cut to the table.
 *
 * @param verb what to do, before the cut's name
 * @param minutes time for any amount [min]
 * @param minutesPerKg time added by each kilogram [min/kg]
 * @param passive true when nobody has to stand by
 * @param at what it takes up
 * @param knife true when it takes a sharp knife
 * @param shopCuts nothing of it is left to do when the thing is bought cut
 * @param handsMinutes what a passive step asks of somebody at its start [min]
 * @param keepsMinutes how long what it leaves may wait for what follows [min]
 */
public record PrepStep(
        String id,
        String verb,
        String tool,
        double minutes,
        double minutesPerKg,
        boolean passive,
        Station at,
        boolean knife,
        boolean shopCuts,
        int handsMinutes,
        int keepsMinutes,
        String caution,
        Mark mark) {}
