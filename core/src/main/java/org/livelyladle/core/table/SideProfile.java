package org.livelyladle.core.table;

import java.util.ArrayList;
import java.util.List;
import org.livelyladle.core.broths.SidePlan;

/** What is in one side over the evening, and whether one more drop finds room (hard rules H2 and H4). */
final class SideProfile {
    /** A drop's cold load counts this long before the side has recovered [s]; order of 150 to 180, memory. */
    static final int RECOVERY_SECONDS = 150;

    private final double roomMl;
    private final double dropLimitG;
    private final int baskets;
    private final List<Slot> slots = new ArrayList<>();

    private record Slot(Batch batch, int from, int to) {
        boolean overlaps(int otherFrom, int otherTo) {
            return from < otherTo && otherFrom < to;
        }
    }

    SideProfile(SidePlan side) {
        this.roomMl = side.room().value();
        this.dropLimitG = side.dropLimit().value();
        this.baskets = side.baskets();
    }

    void add(Batch batch, int putIn) {
        slots.add(new Slot(batch, putIn, putIn + batch.duration()));
    }

    void remove(Batch batch) {
        slots.removeIf(slot -> slot.batch() == batch);
    }

    /** The rule that forbids the batch at this time, or null when it fits. */
    @org.jspecify.annotations.Nullable
    String obstacle(Batch batch, int putIn) {
        int end = putIn + batch.duration();
        if (batch.loadGrams() > dropLimitG + 1e-6) {
            return "the drop is larger than the side takes at once";
        }
        double recent = batch.loadGrams();
        for (Slot slot : slots) {
            if (Math.abs(slot.from() - putIn) < RECOVERY_SECONDS) {
                recent += slot.batch().loadGrams();
            }
        }
        if (recent > dropLimitG + 1e-6) {
            return "too much cold food at once: the simmer would be lost";
        }
        return crowded(batch, putIn, end);
    }

    /** Volume and baskets peak where some drop goes in. */
    @org.jspecify.annotations.Nullable
    private String crowded(Batch batch, int putIn, int end) {
        List<Integer> peaks = new ArrayList<>(List.of(putIn));
        slots.stream()
                .filter(slot -> slot.overlaps(putIn, end) && slot.from() > putIn)
                .forEach(slot -> peaks.add(slot.from()));
        for (int peak : peaks) {
            double ml = batch.volumeMl();
            int inBaskets = batch.byHand() ? 0 : 1;
            for (Slot slot : slots) {
                if (slot.from() <= peak && peak < slot.to()) {
                    ml += slot.batch().volumeMl();
                    inBaskets += slot.batch().byHand() ? 0 : 1;
                }
            }
            if (ml > roomMl + 1e-6) {
                return "the pot would overflow";
            }
            if (inBaskets > baskets) {
                return "no basket is free";
            }
        }
        return null;
    }
}
