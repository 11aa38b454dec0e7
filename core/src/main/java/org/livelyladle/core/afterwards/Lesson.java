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
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.HeatSource;
import org.livelyladle.core.brief.Pace;
import org.livelyladle.core.brief.Pot;
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
     * @param subject {@link Subject#PORTION} in grams a head, {@link Subject#APPETITE} in percent of a portion, all else in
     *     percent of what is usual
     * @param of which category, which of the people, which cut, task or pot
     * @param by the cook of a task; null for all else
     * @param evenings on how many it was seen in all, these included
     */
    public record Change(
            Subject subject, String of, @Nullable String by, String name, int was, int becomes, int evenings) {}

    private record Key(Subject subject, String of, @Nullable String by) {}

    /**
     * What a household would learn from evenings it has not learnt from.
     *
     * @param names of cuts, tasks and pots by their ids
     */
    public static Lesson of(Household household, List<Told> told, Map<String, String> names) {
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
        List<Pot> pots = new ArrayList<>(household.pots());
        List<Pace> paces = new ArrayList<>(household.paces());
        for (Learnt learnt : after.learnt()) {
            Learnt was = Objects.requireNonNull(before.get(keyOf(learnt)));
            if (was.n() == learnt.n()) {
                continue;
            }
            String name = names.getOrDefault(learnt.of(), learnt.of());
            switch (learnt.subject()) {
                case PORTION -> {
                    Category category = Category.valueOf(learnt.of());
                    int grams = grams(learnt);
                    note(changes, learnt, category.label(), grams(was), grams);
                    portions.put(category, (double) grams);
                }
                case APPETITE -> {
                    int at = people.indexOf(person(household, learnt.of()).orElseThrow());
                    Guest person = people.get(at);
                    note(changes, learnt, person.name(), person.portionPercent(), percent(learnt));
                    people.set(at, person.eatingPart(percent(learnt)));
                }
                case CUT_TIME, TASK_TIME -> {
                    note(changes, learnt, name, hundred(was), hundred(learnt));
                    paces.removeIf(pace -> pace.isOf(learnt.subject(), learnt.of(), learnt.by()));
                    paces.add(new Pace(learnt.subject(), learnt.of(), learnt.by(), times(learnt)));
                }
                case BOIL_TIME, FUEL -> {
                    String pot = pot(household, learnt.of()).orElseThrow().name();
                    note(changes, learnt, pot, hundred(was), hundred(learnt));
                    pots.replaceAll(one -> one.id().equals(learnt.of()) ? taught(one, learnt) : one);
                }
            }
        }
        List<String> learntFrom = Stream.concat(
                        household.learntFrom().stream(), fresh.stream().map(Told::party))
                .toList();
        boolean areUsual = household.portionsPerAdult() == null && portions.equals(portionsOf(household));
        return new Lesson(
                fresh, changes, household.learning(after, learntFrom, areUsual ? null : portions, people, pots, paces));
    }

    private static void note(List<Change> changes, Learnt learnt, String name, int was, int becomes) {
        if (was != becomes) {
            changes.add(new Change(learnt.subject(), learnt.of(), learnt.by(), name, was, becomes, learnt.evenings()));
        }
    }

    /** Guests who are in nobody's book, cooks and pots of somebody else teach nothing. */
    private static Outcome ofTheHousehold(Household household, Outcome outcome) {
        return new Outcome(
                outcome.on(),
                outcome.seen().stream()
                        .filter(seen -> switch (seen.subject()) {
                            case PORTION, CUT_TIME -> true;
                            case APPETITE -> person(household, seen.of()).isPresent();
                            case TASK_TIME -> isCook(household, seen.by());
                            case BOIL_TIME, FUEL -> pot(household, seen.of()).isPresent();
                        })
                        .toList());
    }

    /** One of the household; whoever there is in one that has named no cooks. */
    public static boolean isCook(Household household, @Nullable String id) {
        return household.cooks().isEmpty()
                || household.cooks().stream().anyMatch(cook -> cook.id().equals(id));
    }

    /** The pot of the household of an id. */
    private static Optional<Pot> pot(Household household, String id) {
        return household.pots().stream().filter(pot -> pot.id().equals(id)).findFirst();
    }

    private static Pot taught(Pot pot, Learnt learnt) {
        HeatSource heat = pot.heat();
        return pot.heatedBy(
                learnt.subject() == Subject.BOIL_TIME
                        ? heat.taught(times(learnt), heat.fuelTimes())
                        : heat.taught(heat.boilTimes(), times(learnt)));
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
                seen.add(new Key(one.subject(), one.of(), one.by()));
            }
        }
        seen.forEach(key -> before.computeIfAbsent(
                key, fresh -> new Learnt(fresh.subject(), fresh.of(), fresh.by(), said(household, fresh), 0, 0, 0)));
        return before;
    }

    private static boolean isStillSo(Household household, Learnt learnt) {
        Key key = keyOf(learnt);
        return switch (learnt.subject()) {
            case PORTION -> grams(learnt) == Math.round(said(household, key));
            case APPETITE ->
                person(household, learnt.of()).isPresent() && percent(learnt) == Math.round(said(household, key) * 100);
            case BOIL_TIME, FUEL -> pot(household, learnt.of()).isPresent() && times(learnt) == said(household, key);
            case CUT_TIME, TASK_TIME -> times(learnt) == said(household, key);
        };
    }

    /** Grams a head, part of a portion, or times as long, as the household has it. */
    private static double said(Household household, Key key) {
        return switch (key.subject()) {
            case PORTION -> portionsOf(household).getOrDefault(Category.valueOf(key.of()), 0.0);
            case APPETITE -> person(household, key.of()).orElseThrow().portionPercent() / 100.0;
            case CUT_TIME, TASK_TIME -> Pace.times(household.paces(), key.subject(), key.of(), key.by());
            case BOIL_TIME -> pot(household, key.of()).orElseThrow().heat().boilTimes();
            case FUEL -> pot(household, key.of()).orElseThrow().heat().fuelTimes();
        };
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

    /** To a hundredth, and no further off than is believed at all [1]. */
    private static double times(Learnt learnt) {
        return Math.max(Pace.LEAST, Math.min(Pace.MOST, Math.round(learnt.rate() * 100) / 100.0));
    }

    private static int hundred(Learnt learnt) {
        return (int) Math.round(times(learnt) * 100);
    }

    private static Key keyOf(Learnt learnt) {
        return new Key(learnt.subject(), learnt.of(), learnt.by());
    }
}
