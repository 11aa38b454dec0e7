package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.livelyladle.core.brief.Side;

/** Tries by chance how else the same food could go in: one drop as two, two as one, or all of a cut in another side. */
final class Rebatching {
    private final Board board;
    private final Rebatcher rebatcher;
    private final List<Placing> free;
    private final SplittableRandom random;

    /** @param free what may be changed, as it is at the time */
    Rebatching(Board board, Rebatcher rebatcher, List<Placing> free, SplittableRandom random) {
        this.board = board;
        this.rebatcher = rebatcher;
        this.free = free;
        this.random = random;
    }

    /** Drops that go off the board for others that go on it. */
    record Change(List<Placing> off, List<Placing> on) {
        static final Change NONE = new Change(List.of(), List.of());

        Change back() {
            return new Change(on, off);
        }
    }

    /** One of all there could be; none where chance finds none. */
    Change next() {
        Placing one = free.get(random.nextInt(free.size()));
        if (!rebatcher.mayChange(one)) {
            return Change.NONE;
        }
        List<Placing> alike = free.stream()
                .filter(other -> other.batch.side() == one.batch.side()
                        && other.batch.cut().id().equals(one.batch.cut().id()))
                .toList();
        return switch (random.nextInt(3)) {
            case 0 -> change(List.of(one), rebatcher.halves(one.batch, alike.size()));
            case 1 -> joined(one, alike);
            default -> inAnotherSide(alike);
        };
    }

    private Change joined(Placing one, List<Placing> alike) {
        List<Placing> others = new ArrayList<>(alike);
        others.remove(one);
        if (others.isEmpty()) {
            return Change.NONE;
        }
        Placing other = others.get(random.nextInt(others.size()));
        return change(
                List.of(one, other),
                rebatcher.joined(one.batch, other.batch).map(List::of).orElse(List.of()));
    }

    private Change inAnotherSide(List<Placing> alike) {
        Side side = board.sides().get(random.nextInt(board.sides().size()));
        List<Batch> batches = alike.stream().map(placing -> placing.batch).toList();
        return side.equals(batches.get(0).side()) ? Change.NONE : change(alike, rebatcher.in(side, batches));
    }

    private Change change(List<Placing> off, List<Batch> others) {
        return others.isEmpty()
                ? Change.NONE
                : new Change(off, others.stream().map(board::placing).toList());
    }
}
