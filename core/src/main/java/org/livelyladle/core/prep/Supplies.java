package org.livelyladle.core.prep;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.livelyladle.core.purchases.Purchases;

/** From which trips ingredients still have to come. What is bought or at home comes from none. */
record Supplies(Map<String, Set<String>> tripsOf, Map<String, LocalDateTime> timeOf) {
    static Supplies of(Purchases purchases) {
        Map<String, Set<String>> trips = new HashMap<>();
        Map<String, LocalDateTime> times = new LinkedHashMap<>();
        for (Purchases.Trip trip : purchases.trips()) {
            for (Purchases.Line line : trip.lines()) {
                if (line.boughtEvent() == null) {
                    times.put(trip.id(), trip.at());
                    trips.computeIfAbsent(line.ingredient(), id -> new LinkedHashSet<>())
                            .add(trip.id());
                }
            }
        }
        return new Supplies(trips, times);
    }

    static String taskOf(String trip) {
        return "trip:" + trip;
    }

    /** Tasks that bring these ingredients into the house. */
    List<String> before(Collection<String> ingredients) {
        return ingredients.stream()
                .flatMap(id -> tripsOf.getOrDefault(id, Set.of()).stream())
                .distinct()
                .sorted()
                .map(Supplies::taskOf)
                .toList();
    }
}
