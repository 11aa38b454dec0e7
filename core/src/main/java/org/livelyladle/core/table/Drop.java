package org.livelyladle.core.table;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Tending;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;

/**
 * A cut in a side for somebody, with the stays it consists of: the one expansion everybody reads.
 *
 * @param homeSide the side it was planned for before any pin moved it; a pin names a drop by cut, home side and batch
 * @param minder the cook or guest who looks after it; null where each eater does
 * @param amount its grams or pieces, as one says it
 * @param pinned the host decided its side or its time
 * @param lifted true where its minder lifts it out with the rest of a round, however long it stays good; null elsewhere
 * @param stays by time of putting in, those on a hot plate too; at least one in a broth
 */
public record Drop(
        String id,
        String cut,
        String name,
        String side,
        String homeSide,
        int batch,
        Tending tending,
        @Nullable String minder,
        String amount,
        boolean pinned,
        @Nullable Boolean lifted,
        List<Stay> stays) {

    private static final int LONGEST_NAME = 300;
    private static final int MOST_STAYS = 1000;

    public Drop {
        id = Check.text(id, "id", LONGEST_NAME);
        cut = Check.id(cut, "cut");
        name = Check.text(name, "name", LONGEST_NAME);
        side = Check.id(side, "side");
        homeSide = Check.id(homeSide, "homeSide");
        Check.present(tending, "tending");
        stays = Check.list(stays, "stays", MOST_STAYS);
        if (stays.stream().allMatch(Stay::onPlate)) {
            throw new InvalidInputException("stays", "nothing in a broth", "at least one stay in a broth");
        }
    }

    /** The same with other stays. */
    public Drop consistingOf(String amount, List<Stay> stays) {
        return new Drop(id, cut, name, side, homeSide, batch, tending, minder, amount, pinned, lifted, stays);
    }

    /** The same, looked after by somebody else. */
    public Drop mindedBy(@Nullable String other) {
        return new Drop(id, cut, name, side, homeSide, batch, tending, other, amount, pinned, lifted, stays);
    }

    /** With what has begun of it as it happened, and the rest as it was to come; as it was where nothing has begun. */
    Drop after(@Nullable Drop begun) {
        if (begun == null) {
            return this;
        }
        List<Stay> all = new ArrayList<>(begun.stays);
        if (!shared()) {
            Map<List<Stay.Serving>, Long> happened =
                    begun.stays.stream().collect(Collectors.groupingBy(Stay::servings, Collectors.counting()));
            for (Stay stay :
                    stays.stream().sorted(Comparator.comparingInt(Stay::putIn)).toList()) {
                if (happened.merge(stay.servings(), -1L, Long::sum) < 0) {
                    all.add(stay);
                }
            }
            all.sort(Comparator.comparingInt(Stay::putIn));
        }
        return consistingOf(amount, all);
    }

    /** The stays in a broth; what is browned on a plate first is no broth's. */
    public List<Stay> inBroth() {
        return tending == Tending.PLATE
                ? stays.stream().filter(stay -> !stay.onPlate()).toList()
                : stays;
    }

    /** What is browned before it slides in with this stay. */
    public Optional<Stay> plateOf(Stay stay) {
        return stays.stream()
                .filter(plate -> plate.onPlate() && plate.takeOut() == stay.putIn())
                .findFirst();
    }

    /** When it lies on the plate, or goes into the broth where nothing is browned [s from sitting down]. */
    public int begins(Stay stay) {
        return plateOf(stay).map(Stay::putIn).orElse(stay.putIn());
    }

    public boolean dipped() {
        return tending == Tending.DIP;
    }

    /** Somebody looks after it for others. */
    public boolean shared() {
        return tending == Tending.SHARED;
    }

    /** It is in the pot before anybody sits down. */
    public boolean preloaded() {
        return shared() && putIn() < 0;
    }

    /** Eaters take it out, each in their own time. */
    public boolean fished() {
        return shared() && !Boolean.TRUE.equals(lifted) && inBroth().stream().allMatch(Stay::isForgiving);
    }

    /** When the first of it goes in [s from sitting down]. */
    public int putIn() {
        return inBroth().stream().mapToInt(Stay::putIn).min().orElseThrow();
    }

    /** When the last of it comes out [s from sitting down]. */
    public int takeOut() {
        return inBroth().stream().mapToInt(Stay::takeOut).max().orElseThrow();
    }

    /** As planned, all stays [g]. */
    public double grams() {
        return inBroth().stream().mapToDouble(Stay::grams).sum();
    }

    /** What everybody gets of it, stay by stay. */
    public Stream<Stay.Serving> servings() {
        return inBroth().stream().flatMap(stay -> stay.servings().stream());
    }

    /** What everybody gets of it in all [g], by guest. */
    public Map<String, Double> gramsByGuest() {
        Map<String, Double> grams = new TreeMap<>();
        servings().forEach(serving -> grams.merge(serving.guest(), serving.grams(), Double::sum));
        return grams;
    }
}
