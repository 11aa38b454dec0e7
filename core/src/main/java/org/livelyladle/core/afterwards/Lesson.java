package org.livelyladle.core.afterwards;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.household.Household;
import org.livelyladle.core.learning.Learning;
import org.livelyladle.core.learning.Learnt;
import org.livelyladle.core.learning.Outcome;
import org.livelyladle.core.learning.Rates;
import org.livelyladle.core.learning.Seen;
import org.livelyladle.core.learning.Subject;

/**
 * What evenings would change of a household: shown first, then taken as one edit. An evening teaches once.
 *
 * @param evenings what is learnt from, the oldest first
 * @param changes figures that come out otherwise
 * @param after the household once it is taken
 */
public record Lesson(List<Told> evenings, List<Change> changes, Household after) {
    /** Portions are planned in steps of so much of a usual one [%]. */
    private static final int STEP_PERCENT = 5;

    private static final int LEAST_PERCENT = 10;
    private static final int MOST_PERCENT = 200;

    public Lesson {
        evenings = List.copyOf(evenings);
        changes = List.copyOf(changes);
    }

    /**
     * An evening of which something was told.
     *
     * @param party its id
     */
    public record Told(String party, String title, Outcome outcome) {}

    /**
     * A figure of the household that comes out otherwise.
     *
     * @param subject {@link Subject#PORTION} in grams a head, {@link Subject#APPETITE} in percent of a portion
     * @param of which category, or which of the people
     * @param evenings on how many it was seen in all, these included
     */
    public record Change(Subject subject, String of, String name, int was, int becomes, int evenings) {}

    private record Key(Subject subject, String of) {}

    /** What a household would learn from evenings it has not learnt from. */
    public static Lesson of(Household household, List<Told> told) {
        List<Told> fresh = told.stream()
                .filter(evening -> !household.learntFrom().contains(evening.party()))
                .map(evening ->
                        new Told(evening.party(), evening.title(), ofTheHousehold(household, evening.outcome())))
                .filter(evening -> !evening.outcome().seen().isEmpty())
                .sorted(Comparator.comparing((Told evening) -> evening.outcome().on())
                        .thenComparing(Told::party))
                .toList();
        Map<Key, Learnt> before = before(household, fresh);
        Rates after = Learning.of(
                        new Rates(List.copyOf(before.values())),
                        fresh.stream().map(Told::outcome).toList())
                .after();
        List<Change> changes = new ArrayList<>();
        Map<Category, Double> portions = new EnumMap<>(portionsOf(household));
        List<Guest> people = new ArrayList<>(household.people());
        for (Learnt learnt : after.learnt()) {
            Learnt was = Objects.requireNonNull(before.get(keyOf(learnt)));
            if (was.n() == learnt.n()) {
                continue;
            }
            if (learnt.subject() == Subject.PORTION) {
                Category category = Category.valueOf(learnt.of());
                int grams = grams(learnt);
                note(changes, learnt, category.label(), grams(was), grams);
                portions.put(category, (double) grams);
            } else {
                int at = people.indexOf(person(household, learnt.of()).orElseThrow());
                Guest person = people.get(at);
                note(changes, learnt, person.name(), person.portionPercent(), percent(learnt));
                people.set(at, person.eatingPart(percent(learnt)));
            }
        }
        List<String> learntFrom = Stream.concat(
                        household.learntFrom().stream(), fresh.stream().map(Told::party))
                .toList();
        boolean areUsual = household.portionsPerAdult() == null && portions.equals(portionsOf(household));
        return new Lesson(fresh, changes, household.learning(after, learntFrom, areUsual ? null : portions, people));
    }

    private static void note(List<Change> changes, Learnt learnt, String name, int was, int becomes) {
        if (was != becomes) {
            changes.add(new Change(learnt.subject(), learnt.of(), name, was, becomes, learnt.evenings()));
        }
    }

    /** Guests who are in nobody's book, and what is not planned with, teach nothing. */
    private static Outcome ofTheHousehold(Household household, Outcome outcome) {
        return new Outcome(
                outcome.on(),
                outcome.seen().stream()
                        .filter(seen -> seen.subject() == Subject.PORTION
                                || seen.subject() == Subject.APPETITE
                                        && person(household, seen.of()).isPresent())
                        .toList());
    }

    private static Optional<Guest> person(Household household, String id) {
        return household.people().stream()
                .filter(person -> person.id().equals(id))
                .findFirst();
    }

    /** What was learnt, and what the host says now: where the host has said otherwise since, the word of the host counts. */
    private static Map<Key, Learnt> before(Household household, List<Told> evenings) {
        Map<Key, Learnt> before = household.rates().learnt().stream()
                .filter(learnt -> isStillSo(household, learnt))
                .collect(Collectors.toMap(Lesson::keyOf, learnt -> learnt, (one, other) -> one));
        Set<Key> seen = new HashSet<>();
        for (Told evening : evenings) {
            for (Seen one : evening.outcome().seen()) {
                seen.add(new Key(one.subject(), one.of()));
            }
        }
        seen.forEach(key -> before.computeIfAbsent(
                key, fresh -> new Learnt(fresh.subject(), fresh.of(), null, said(household, fresh), 0, 0, 0)));
        return before;
    }

    private static boolean isStillSo(Household household, Learnt learnt) {
        Key key = keyOf(learnt);
        return switch (learnt.subject()) {
            case PORTION -> grams(learnt) == Math.round(said(household, key));
            case APPETITE ->
                person(household, learnt.of()).isPresent() && percent(learnt) == Math.round(said(household, key) * 100);
            case CUT_TIME, TASK_TIME, BOIL_TIME, FUEL -> false;
        };
    }

    /** Grams a head, or part of a portion, as the household has it. */
    private static double said(Household household, Key key) {
        return key.subject() == Subject.PORTION
                ? portionsOf(household).getOrDefault(Category.valueOf(key.of()), 0.0)
                : person(household, key.of()).orElseThrow().portionPercent() / 100.0;
    }

    private static Map<Category, Double> portionsOf(Household household) {
        Map<Category, Double> said = Objects.requireNonNullElse(household.portionsPerAdult(), Map.of());
        Map<Category, Double> all = new EnumMap<>(Category.class);
        Category.served().forEach(category -> all.put(category, said.getOrDefault(category, category.gramsPerAdult())));
        return all;
    }

    private static int grams(Learnt learnt) {
        return (int) Math.round(learnt.rate());
    }

    private static int percent(Learnt learnt) {
        int steps = (int) Math.round(100 * learnt.rate() / STEP_PERCENT);
        return Math.max(LEAST_PERCENT, Math.min(MOST_PERCENT, steps * STEP_PERCENT));
    }

    private static Key keyOf(Learnt learnt) {
        return new Key(learnt.subject(), learnt.of());
    }
}
