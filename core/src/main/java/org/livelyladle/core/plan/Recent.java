package org.livelyladle.core.plan;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** The last few results of something that follows from its key alone. For any number of threads; none waits for another. */
final class Recent<K, V> {
    private final Map<K, V> values;

    Recent(int most) {
        this.values = new LinkedHashMap<>(most, 0.75f, true) {
            private static final long serialVersionUID = 1;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    V get(K key, Supplier<V> make) {
        V known = find(key);
        if (known != null) {
            return known;
        }
        V made = make.get();
        synchronized (values) {
            values.put(key, made);
        }
        return made;
    }

    private @Nullable V find(K key) {
        synchronized (values) {
            return values.get(key);
        }
    }
}
