package org.livelyladle.core.advice;

/**
 * A usual caution, shown where it matters. Local rules, makers' instructions and professionals come first.
 *
 * @param subject id of the guest, side, cut, sauce or task it belongs to; empty when it belongs to the step
 */
public record Caution(String id, Step step, String subject, String text) {}
