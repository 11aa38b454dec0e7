package org.livelyladle.core.advice;

import org.jspecify.annotations.Nullable;

/**
 * Something the plan cannot give, said in plain words.
 *
 * @param guest whom it concerns; null when it concerns all
 */
public record Unmet(
        String id, Severity severity, Step step, @Nullable String guest, String text, Remedy remedy) {

    /** How bad it is, worst first. */
    public enum Severity {
        /** Somebody cannot eat. */
        CANNOT_EAT,
        /** Part of what was promised is missing. */
        SHORT,
        /** It could be better. */
        WISH
    }
}
