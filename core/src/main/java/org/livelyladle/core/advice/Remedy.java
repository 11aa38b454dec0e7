package org.livelyladle.core.advice;

import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.edit.BriefEdit;

/**
 * Something that would mend what is wrong.
 *
 * @param edit the one edit that does it; null where it is mended by hand, at the step it stands at
 * @param otherwise the other answer to a question that has two; null for all else
 */
public record Remedy(
        String label, @Nullable BriefEdit edit, @Nullable Remedy otherwise) {

    public static Remedy of(String label, BriefEdit edit) {
        return new Remedy(label, edit, null);
    }

    /** Nothing to do by one tap: have a look. */
    public static Remedy show(Step step) {
        return new Remedy("Show " + step.name().toLowerCase(Locale.ROOT), null, null);
    }

    /** This one, and another answer as near. */
    public Remedy or(Remedy other) {
        return new Remedy(label, edit, other);
    }
}
