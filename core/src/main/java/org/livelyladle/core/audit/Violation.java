package org.livelyladle.core.audit;

/**
 * Something in a sequence that breaks a hard rule.
 *
 * @param rule H1, H2, H3, H4, H6 or H8
 */
public record Violation(String rule, String subject, String message) {}
