package org.livelyladle.core.rehearsal;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** What was counted over evenings: as large after a thousand as after ten. Sums of whole numbers, so that their order does not matter. */
final class Tally {
    /** Moments are told apart by so much [s]. */
    static final int SPELL_S = 300;

    /** Whom a trouble met, and with which food. */
    record Who(Trouble trouble, int guest, int portion) implements Comparable<Who> {
        @Override
        public int compareTo(Who other) {
            int first = trouble.compareTo(other.trouble);
            int second = first != 0 ? first : Integer.compare(guest, other.guest);
            return second != 0 ? second : Integer.compare(portion, other.portion);
        }
    }

    /** Where and when a trouble came. */
    record When(Trouble trouble, int side, int drop, int spell) implements Comparable<When> {
        @Override
        public int compareTo(When other) {
            int first = trouble.compareTo(other.trouble);
            int second = first != 0 ? first : Integer.compare(side, other.side);
            int third = second != 0 ? second : Integer.compare(drop, other.drop);
            return third != 0 ? third : Integer.compare(spell, other.spell);
        }
    }

    private final int[] times = new int[Trouble.values().length];
    private final Map<Who, Integer> whom = new TreeMap<>();
    private final Map<When, Integer> moments = new TreeMap<>();
    private int evenings;
    private int troubled;

    /** One evening more. */
    void add(List<Happening> happenings) {
        evenings++;
        if (happenings.isEmpty()) {
            return;
        }
        troubled++;
        Set<Object> seen = new HashSet<>();
        for (Happening one : happenings) {
            if (seen.add(one.trouble())) {
                times[one.trouble().ordinal()]++;
            }
            Who who = new Who(one.trouble(), one.guest(), one.portion());
            if (one.guest() != Happening.NONE && seen.add(who)) {
                whom.merge(who, 1, Integer::sum);
            }
            When when = new When(one.trouble(), one.side(), one.drop(), Math.max(0, one.at()) / SPELL_S);
            if (seen.add(when)) {
                moments.merge(when, 1, Integer::sum);
            }
        }
    }

    void add(Tally other) {
        evenings += other.evenings;
        troubled += other.troubled;
        for (int i = 0; i < times.length; i++) {
            times[i] += other.times[i];
        }
        other.whom.forEach((who, n) -> whom.merge(who, n, Integer::sum));
        other.moments.forEach((when, n) -> moments.merge(when, n, Integer::sum));
    }

    int evenings() {
        return evenings;
    }

    /** Evenings with any trouble. */
    Share any() {
        return Share.of(troubled, evenings);
    }

    Share of(Trouble trouble) {
        return Share.of(times[trouble.ordinal()], evenings);
    }

    Map<Who, Integer> whom() {
        return whom;
    }

    Map<When, Integer> moments() {
        return moments;
    }
}
