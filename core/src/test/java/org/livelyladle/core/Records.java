package org.livelyladle.core;

import java.lang.reflect.RecordComponent;
import java.util.Collections;
import java.util.Map;
import java.util.stream.Stream;

/** Changes parts of a record, for tests. */
public final class Records {
    private Records() {}

    /** The same record but for one part, checked again by its constructor. */
    public static <R extends Record> R with(R record, String part, Object value) {
        return with(record, Collections.singletonMap(part, value));
    }

    /** The same record but for some parts, checked again by its constructor. */
    public static <R extends Record> R with(R record, Map<String, Object> changes) {
        try {
            RecordComponent[] parts = record.getClass().getRecordComponents();
            Object[] values = new Object[parts.length];
            int found = 0;
            for (int i = 0; i < parts.length; i++) {
                boolean here = changes.containsKey(parts[i].getName());
                found += here ? 1 : 0;
                values[i] = here
                        ? changes.get(parts[i].getName())
                        : parts[i].getAccessor().invoke(record);
            }
            if (found < changes.size()) {
                throw new IllegalArgumentException(
                        record.getClass().getSimpleName() + " has not all of " + changes.keySet());
            }
            Class<?>[] types = Stream.of(parts).map(RecordComponent::getType).toArray(Class<?>[]::new);
            @SuppressWarnings("unchecked")
            R changed = (R) record.getClass().getDeclaredConstructor(types).newInstance(values);
            return changed;
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
