package org.livelyladle.core.check;

import java.lang.reflect.RecordComponent;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** What the numbers of one record may be, as said beside its parts by {@link Within}. Immutable. */
public final class Ranges {
    private final Map<String, Within> parts = new HashMap<>();

    private Ranges(Class<? extends Record> type) {
        for (RecordComponent part : type.getRecordComponents()) {
            Within within = part.getAnnotation(Within.class);
            if (within != null) {
                parts.put(part.getName(), within);
            }
        }
    }

    public static Ranges of(Class<? extends Record> type) {
        return new Ranges(type);
    }

    public void check(String part, int value) {
        Within within = of(part);
        Check.range(value, part, (int) within.min(), (int) within.max());
    }

    public void check(String part, double value) {
        Within within = of(part);
        Check.range(value, part, within.min(), within.max());
    }

    /** @param least where it is more than the part's own */
    public void check(String part, int value, int least) {
        Within within = of(part);
        Check.range(value, part, Math.max(least, (int) within.min()), (int) within.max());
    }

    /** Nothing is said where it is left out. */
    public void check(String part, @Nullable Integer value) {
        if (value != null) {
            check(part, value.intValue());
        }
    }

    /** Nothing is said where it is left out. */
    public void check(String part, @Nullable Double value) {
        if (value != null) {
            check(part, value.doubleValue());
        }
    }

    private Within of(String part) {
        return Objects.requireNonNull(parts.get(part), part);
    }
}
