package org.livelyladle.core.check;

import org.jspecify.annotations.Nullable;

/**
 * Something in a sequence or in prep that breaks a hard rule.
 *
 * @param rule H1 to H6 or H8 of the table, P1 to P6 of prep
 * @param subject a drop, a guest, a side or a pot; "prep" for prep
 * @param at when it begins [s from sitting down]; null for what does not depend on the time
 * @param had what there is, in the unit of the limit; null where nothing is counted
 * @param limit what there may be, or has to be
 * @param text what is wrong, in one sentence
 */
public record Violation(
        String rule,
        String subject,
        @Nullable Integer at,
        @Nullable Double had,
        @Nullable Double limit,
        String text) {

    public static Violation of(String rule, String subject, String text) {
        return new Violation(rule, subject, null, null, null, text);
    }
}
