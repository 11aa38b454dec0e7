package org.livelyladle.core.measure;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

/**
 * Collects the figures of one plan. A working is written only when somebody asks for it, so a plan costs little more
 * than its numbers. Filled by one thread.
 */
public final class Ledger {
    private record Entry(Figure figure, Supplier<Working> working) {}

    private final Map<String, Entry> entries = new LinkedHashMap<>();

    /** Starts a figure; the working follows with {@link Draft#by}. */
    public Draft figure(String id, double value, String unit, String text) {
        return new Draft(new Figure(id, value, unit, text));
    }

    /** Takes over all figures of another one. */
    public void absorb(Ledger other) {
        other.entries.values().forEach(this::add);
    }

    private void add(Entry entry) {
        if (entries.put(entry.figure().id(), entry) != null) {
            throw new IllegalStateException("Figure " + entry.figure().id() + " was recorded twice");
        }
    }

    public Optional<Working> working(String figureId) {
        return Optional.ofNullable(entries.get(figureId))
                .map(entry -> entry.working().get());
    }

    public Optional<Figure> find(String figureId) {
        return Optional.ofNullable(entries.get(figureId)).map(Entry::figure);
    }

    /** How many figures there are. */
    public int size() {
        return entries.size();
    }

    public Set<String> ids() {
        return Set.copyOf(entries.keySet());
    }

    /** A figure whose working is still to be said. */
    public final class Draft {
        private final Figure figure;

        private Draft(Figure figure) {
            this.figure = figure;
        }

        public Figure by(String title, String rule, Operation operation, Supplier<List<Term>> terms) {
            add(new Entry(figure, () -> new Working(title, rule, operation, terms.get(), figure)));
            return figure;
        }
    }
}
