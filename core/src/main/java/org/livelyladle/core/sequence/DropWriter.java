package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Stay;

/** Writes what has its time as drops: what is one drop in the words of the host, stay by stay. */
record DropWriter(Brief brief, Minders minders, KitchenText text) {
    private static final Comparator<Stay> BY_TIME = Comparator.comparingInt(Stay::putIn)
            .thenComparing(Stay::takeOut)
            .thenComparing(stay ->
                    stay.servings().isEmpty() ? "" : stay.servings().get(0).guest());

    /** A drop and the batches it is made of. */
    record Laid(Drop drop, List<Placing> parts) {
        static final Comparator<Laid> BY_TIME = Comparator.comparingInt(
                        (Laid laid) -> laid.drop().putIn())
                .thenComparing(laid -> laid.drop().id());
    }

    /** A guest's turns are numbered as they come. */
    List<Laid> numbered(List<Placing> placed) {
        return laid(placed, inOrderOfTime(placed));
    }

    /** All keep the numbers they have. */
    List<Laid> laid(List<Placing> placed) {
        Map<Placing, Integer> numbers = new IdentityHashMap<>();
        placed.forEach(placing -> numbers.put(placing, placing.batch.number()));
        return laid(placed, numbers);
    }

    private List<Laid> laid(List<Placing> placed, Map<Placing, Integer> numbers) {
        Map<String, List<Placing>> together = new LinkedHashMap<>();
        placed.forEach(
                placing -> together.computeIfAbsent(id(placing.batch, numbers.get(placing)), id -> new ArrayList<>())
                        .add(placing));
        return together.values().stream()
                .map(parts -> new Laid(drop(parts, numbers.get(parts.get(0))), parts))
                .sorted(Laid.BY_TIME)
                .toList();
    }

    /** A guest's turns at a cut in a side are numbered as they come, but for those the host pinned. */
    private static Map<Placing, Integer> inOrderOfTime(List<Placing> placed) {
        Map<Placing, Integer> numbers = new IdentityHashMap<>();
        Map<String, List<Placing>> turns = new LinkedHashMap<>();
        for (Placing placing : placed) {
            numbers.put(placing, placing.batch.number());
            if (!placing.shared && !placing.fixed) {
                String whose = placing.batch.cut().id() + "@"
                        + placing.batch.homeSide().id() + " "
                        + placing.batch.servings().get(0).guest();
                turns.computeIfAbsent(whose, key -> new ArrayList<>()).add(placing);
            }
        }
        for (List<Placing> own : turns.values()) {
            List<Integer> free = own.stream().map(numbers::get).sorted().toList();
            own.sort(Comparator.comparingInt(turn -> turn.putIn));
            for (int i = 0; i < own.size(); i++) {
                numbers.put(own.get(i), free.get(i));
            }
        }
        return numbers;
    }

    /** What an adult holds for a child is a drop of its own. */
    private String id(Batch batch, int number) {
        String id = "drop." + batch.cut().id() + "@" + batch.homeSide().id() + "." + number;
        String eater = batch.servings().get(0).guest();
        return !batch.dish().shared() && minderOf(batch) != null ? id + "." + eater : id;
    }

    @Nullable
    private String minderOf(Batch batch) {
        return minders.of(batch, potOf(batch));
    }

    private Pot potOf(Batch batch) {
        return brief.potOf(batch.side().id());
    }

    private Drop drop(List<Placing> parts, int number) {
        Batch batch = parts.get(0).batch;
        List<Stay> stays = parts.stream()
                .flatMap(placing ->
                        placing.batch.stays(potOf(placing.batch).id(), placing.putIn, placing.linger).stream())
                .sorted(BY_TIME)
                .toList();
        return new Drop(
                id(batch, number),
                batch.cut().id(),
                batch.name(),
                batch.side().id(),
                batch.homeSide().id(),
                number,
                batch.dish().tending(),
                minderOf(batch),
                amount(batch.cut(), stays),
                parts.stream().anyMatch(placing -> placing.fixed),
                batch.dish().lifted() ? true : null,
                stays);
    }

    /** A drop of which some has begun, with what is still to come of it; whoever minded it may have left. */
    Drop joined(Drop begun, Drop rest, Cut cut) {
        List<Stay> stays = new ArrayList<>(begun.stays());
        stays.addAll(rest.stays());
        stays.sort(BY_TIME);
        return new Drop(
                begun.id(),
                begun.cut(),
                begun.name(),
                begun.side(),
                begun.homeSide(),
                begun.batch(),
                begun.tending(),
                rest.minder(),
                amount(cut, stays),
                begun.pinned() || rest.pinned(),
                begun.lifted(),
                stays);
    }

    private String amount(Cut cut, List<Stay> stays) {
        if (cut.counted()) {
            return KitchenText.pieces(stays.stream()
                    .flatMap(stay -> stay.servings().stream())
                    .mapToInt(Stay.Serving::pieces)
                    .sum());
        }
        return text.grams(stays.stream()
                .filter(stay -> !stay.onPlate())
                .mapToDouble(Stay::grams)
                .sum());
    }
}
