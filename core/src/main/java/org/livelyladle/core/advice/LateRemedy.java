package org.livelyladle.core.advice;

import java.time.LocalDateTime;

/**
 * What would bring prep back into time, with what it comes to.
 *
 * @param effect in words
 * @param readyAt when all would be done, local time
 * @param gainMinutes how much sooner, against sitting down [min]
 * @param fits all would be done when everybody sits down
 */
public record LateRemedy(Remedy remedy, String effect, LocalDateTime readyAt, int gainMinutes, boolean fits) {}
