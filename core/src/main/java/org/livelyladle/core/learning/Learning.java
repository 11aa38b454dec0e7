package org.livelyladle.core.learning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.measure.KitchenText;

/**
 * What evenings change of the rates: shown before it is used.
 *
 * @param changes what is otherwise than before
 */
public record Learning(Rates after, List<Change> changes) {
    public Learning {
        changes = List.copyOf(changes);
    }

    /**
     * One rate that is otherwise.
     *
     * @param what in words
     * @param was grams a head for a portion, else a factor, 1 as planned
     * @param evenings on how many it was seen in all
     */
    public record Change(String what, double was, double becomes, int evenings) {}

    private record Key(Subject subject, String of, String by) implements Comparable<Key> {
        private static final Comparator<Key> IN_ORDER =
                Comparator.comparing(Key::subject).thenComparing(Key::of).thenComparing(Key::by);

        static Key of(Subject subject, String of, @Nullable String by) {
            return new Key(subject, of, by == null ? "" : by);
        }

        @Override
        public int compareTo(Key other) {
            return IN_ORDER.compare(this, other);
        }
    }

    private record Dated(LocalDate on, Seen seen) {
        /** Sums come out alike in whatever order evenings are told. */
        private static final Comparator<Dated> IN_ORDER = Comparator.comparing(Dated::on)
                .thenComparing(dated -> dated.seen().expected())
                .thenComparing(dated -> dated.seen().happened());
    }

    public static Learning of(Rates before, List<Outcome> outcomes) {
        Map<Key, Learnt> all = new TreeMap<>();
        before.learnt().forEach(one -> all.put(Key.of(one.subject(), one.of(), one.by()), one));
        Map<Key, List<Dated>> seen = new TreeMap<>();
        for (Outcome outcome : outcomes) {
            for (Seen one : outcome.seen()) {
                seen.computeIfAbsent(Key.of(one.subject(), one.of(), one.by()), key -> new ArrayList<>())
                        .add(new Dated(outcome.on(), one));
            }
        }
        List<Change> changes = new ArrayList<>();
        seen.forEach((key, dated) -> {
            Seen first = dated.get(0).seen();
            Learnt was = all.getOrDefault(key, new Learnt(key.subject(), key.of(), first.by(), prior(key), 0, 0, 0));
            Learnt is = was;
            dated.sort(Dated.IN_ORDER);
            Set<LocalDate> evenings = new HashSet<>();
            for (Dated one : dated) {
                Seen what = one.seen();
                double part =
                        key.subject().estimator().part(was.prior(), what.expected(), what.happened(), what.weight());
                is = is.and(part, what.weight());
                evenings.add(one.on());
            }
            is = is.onMore(evenings.size());
            all.put(key, is);
            if (is.rate() != was.rate()) {
                changes.add(new Change(words(key), was.rate(), is.rate(), is.evenings()));
            }
        });
        return new Learning(new Rates(List.copyOf(all.values())), changes);
    }

    private static double prior(Key key) {
        return key.subject() == Subject.PORTION ? Category.valueOf(key.of()).gramsPerAdult() : 1;
    }

    private static String words(Key key) {
        String of = key.subject() == Subject.PORTION
                ? KitchenText.lower(Category.valueOf(key.of()).label())
                : key.of();
        return of + (key.by().isEmpty() ? "" : " by " + key.by()) + ", "
                + key.subject().label();
    }
}
