package org.livelyladle.core.facts;

import static java.util.Objects.requireNonNull;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * What the events come to. Immutable.
 *
 * @param bought purchases not taken back, in the order they were made
 * @param tasks what was done with prep tasks, in the order of time
 * @param soldOut ids of offers that are not on the shelf
 */
public record Facts(List<Bought> bought, List<TaskMark> tasks, Set<String> soldOut) {

    public Facts {
        bought = List.copyOf(bought);
        tasks = tasks.stream().sorted(Comparator.comparing(TaskMark::at)).toList();
        soldOut = Collections.unmodifiableSet(new LinkedHashSet<>(soldOut));
    }

    /** A purchase: what, from which offer, how much [g] and for how much [cents]. */
    public record Bought(UUID event, String offer, String ingredient, int count, double grams, int priceCents) {}

    /** A task begun, paused, done or reopened at a moment. */
    public record TaskMark(Instant at, EventType type, String task) {}

    public static Facts none() {
        return new Facts(List.of(), List.of(), Set.of());
    }

    /** Folds events in their order; an id seen before is ignored. */
    public static Facts fold(List<PartyEvent> events) {
        Map<UUID, Bought> bought = new LinkedHashMap<>();
        List<TaskMark> tasks = new ArrayList<>();
        Set<String> soldOut = new LinkedHashSet<>();
        Set<UUID> seen = new LinkedHashSet<>();
        for (PartyEvent event : events) {
            if (seen.add(event.id())) {
                switch (event.type()) {
                    case BOUGHT -> bought.put(event.id(), purchase(event));
                    case RETURNED ->
                        bought.keySet().removeIf(id -> id.toString().equals(event.subject()));
                    case SOLD_OUT -> soldOut.add(event.subject());
                    case BACK_ON_SHELF -> soldOut.remove(event.subject());
                    case TASK_STARTED, TASK_PAUSED, TASK_DONE, TASK_REOPENED ->
                        tasks.add(new TaskMark(event.at(), event.type(), event.subject()));
                }
            }
        }
        return new Facts(List.copyOf(bought.values()), tasks, soldOut);
    }

    private static Bought purchase(PartyEvent event) {
        return new Bought(
                event.id(),
                event.subject(),
                requireNonNull(event.ingredient()),
                requireNonNull(event.count()),
                requireNonNull(event.grams()),
                requireNonNull(event.priceCents()));
    }

    /** Weight bought of an ingredient [g]. */
    public double boughtGrams(String ingredient) {
        return bought.stream()
                .filter(purchase -> purchase.ingredient().equals(ingredient))
                .mapToDouble(Bought::grams)
                .sum();
    }
}
