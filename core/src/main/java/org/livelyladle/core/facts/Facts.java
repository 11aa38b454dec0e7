package org.livelyladle.core.facts;

import static java.util.Objects.requireNonNull;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.table.Now;

/**
 * What the events come to. Immutable.
 *
 * @param bought purchases not taken back, in the order they were made
 * @param tasks what was done with prep tasks, in the order of time
 * @param soldOut ids of offers that are not on the shelf
 * @param table what happened at the table and was not taken back, in the order of time
 * @param heard ids of events the host has heard of
 */
public record Facts(
        List<Bought> bought, List<TaskMark> tasks, Set<String> soldOut, List<TableEvent> table, Set<UUID> heard) {

    public Facts {
        bought = List.copyOf(bought);
        tasks = tasks.stream().sorted(Comparator.comparing(TaskMark::at)).toList();
        soldOut = Collections.unmodifiableSet(new LinkedHashSet<>(soldOut));
        table = table.stream().sorted(TableEvent.IN_ORDER).toList();
        heard = Set.copyOf(heard);
    }

    /** Clocks that differ by so much are not put right [s]. */
    private static final int CLOCKS_DIFFER = 3;

    /** A purchase: what, from which offer, how much [g] and for how much [cents]. */
    public record Bought(UUID event, String offer, String ingredient, int count, double grams, int priceCents) {}

    /** A task begun, paused, done or reopened at a moment. */
    public record TaskMark(Instant at, EventType type, String task) {}

    public static Facts none() {
        return new Facts(List.of(), List.of(), Set.of(), List.of(), Set.of());
    }

    /** Folds events in their order; an id seen before is ignored. */
    public static Facts fold(List<PartyEvent> events) {
        Map<UUID, Bought> bought = new LinkedHashMap<>();
        List<TaskMark> tasks = new ArrayList<>();
        Set<String> soldOut = new LinkedHashSet<>();
        Map<UUID, TableEvent> table = new LinkedHashMap<>();
        Set<UUID> takenBack = new HashSet<>();
        Set<UUID> heard = new HashSet<>();
        Set<UUID> seen = new LinkedHashSet<>();
        for (PartyEvent event : events) {
            if (seen.add(event.id())) {
                switch (event.type()) {
                    case BOUGHT -> bought.put(event.id(), purchase(event));
                    case RETURNED ->
                        bought.keySet().removeIf(id -> id.toString().equals(event.subject()));
                    case SOLD_OUT -> soldOut.add(requireNonNull(event.subject()));
                    case BACK_ON_SHELF -> soldOut.remove(event.subject());
                    case TASK_STARTED, TASK_PAUSED, TASK_DONE, TASK_REOPENED ->
                        tasks.add(new TaskMark(event.at(), event.type(), requireNonNull(event.subject())));
                    case TAKEN_BACK -> takenBack.add(requireNonNull(event.event()));
                    case HEARD -> heard.add(requireNonNull(event.event()));
                    default -> event.table().ifPresent(told -> table.put(told.id(), told));
                }
            }
        }
        table.keySet().removeAll(takenBack);
        return new Facts(List.copyOf(bought.values()), tasks, soldOut, List.copyOf(table.values()), heard);
    }

    private static Bought purchase(PartyEvent event) {
        return new Bought(
                event.id(),
                requireNonNull(event.subject()),
                requireNonNull(event.ingredient()),
                requireNonNull(event.count()),
                requireNonNull(event.grams()),
                requireNonNull(event.priceCents()));
    }

    /**
     * The moment for which a plan asked for now is made: the beginning of the minute, or what last happened within it, so
     * that everybody who asks meanwhile is told the same. A clock a little ahead is no reason to wait.
     */
    public Instant momentOf(Instant now) {
        Instant minute = now.truncatedTo(ChronoUnit.MINUTES);
        return Stream.concat(tasks.stream().map(TaskMark::at), table.stream().map(TableEvent::at))
                .filter(at -> at.isAfter(minute) && !at.isAfter(now.plusSeconds(CLOCKS_DIFFER)))
                .max(Comparator.naturalOrder())
                .orElse(minute);
    }

    /** The brief with what guests said of themselves before anybody sat down; what they say later is told at the table. */
    public Brief knownOf(Brief brief, Instant asOf) {
        Map<String, List<NeedKind>> said = new HashMap<>();
        for (TableEvent event : table) {
            if (event instanceof TableEvent.SatDown || event.at().isAfter(asOf)) {
                break;
            }
            if (event instanceof TableEvent.NeedSaid need) {
                said.computeIfAbsent(need.guest(), guest -> new ArrayList<>()).add(need.need());
            }
        }
        return said.isEmpty()
                ? brief
                : brief.seating(brief.guests().stream()
                        .map(guest -> guest.alsoNeeding(said.getOrDefault(guest.id(), List.of())))
                        .toList());
    }

    /** What guests said of themselves by a moment, each with whether the host has heard of it. */
    public List<Now.SaidNeed> saidNeeds(Instant asOf) {
        return table.stream()
                .filter(event -> !event.at().isAfter(asOf))
                .flatMap(event -> event instanceof TableEvent.NeedSaid said ? Stream.of(said) : Stream.empty())
                .map(said -> new Now.SaidNeed(
                        said.id(), said.guest(), said.need(), said.need().label(), heard.contains(said.id())))
                .toList();
    }

    /** Weight bought of an ingredient [g]. */
    public double boughtGrams(String ingredient) {
        return bought.stream()
                .filter(purchase -> purchase.ingredient().equals(ingredient))
                .mapToDouble(Bought::grams)
                .sum();
    }
}
