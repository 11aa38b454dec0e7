package org.livelyladle.core.audit;

/**
 * Something in a sequence or in prep that breaks a hard rule.
 *
 * @param rule H1 to H6 or H8 of the table, P1 to P6 of prep
 * @param subject a drop, a guest or a side; "prep" for prep
 * @param text what is wrong, in one sentence
 */
public record Violation(String rule, String subject, String text) {}
