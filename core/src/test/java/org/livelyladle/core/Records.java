package org.livelyladle.core;

import java.lang.reflect.RecordComponent;
import java.util.stream.Stream;

/** Changes one part of a record, for tests. */
public final class Records {
    private Records() {}

    /** The same record but for one part, checked again by its constructor. */
    public static <R extends Record> R with(R record, String part, Object value) {
        try {
            RecordComponent[] parts = record.getClass().getRecordComponents();
            Object[] values = new Object[parts.length];
            boolean found = false;
            for (int i = 0; i < parts.length; i++) {
                boolean here = parts[i].getName().equals(part);
                found |= here;
                values[i] = here ? value : parts[i].getAccessor().invoke(record);
            }
            if (!found) {
                throw new IllegalArgumentException(record.getClass().getSimpleName() + " has no part '" + part + "'");
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
