package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Patience;
import org.livelyladle.core.table.Stay;

/**
 * Gives every batch its time: batches in the order of eating, each at the free moment nearest to its place; then moved to
 * better moments ({@link Improver}).
 */
final class Sequencer {
    private static final int GRID = TablePlanner.GRID_SECONDS;

    private final Board board;
    private final Mover mover;
    private final List<Batch> unplaced = new ArrayList<>();

    Sequencer(Board board) {
        this.board = board;
        this.mover = new Mover(board);
    }

    List<Placing> placed() {
        return board.placed();
    }

    List<Batch> unplaced() {
        return unplaced;
    }

    /** Looks for a good evening over all of it. */
    void search(Rebatcher rebatcher) {
        new Improver(board, mover).search(rebatcher);
        numberAsTheyCome();
    }

    private void numberAsTheyCome() {
        Map<String, Integer> numbers = new HashMap<>();
        board.placed().stream()
                .filter(placing -> placing.shared)
                .sorted(Placing.IN_TIME)
                .forEach(placing -> placing.batch = placing.batch.numbered(numbers.merge(
                        placing.batch.cut().id() + "@"
                                + placing.batch.homeSide().id(),
                        1,
                        Integer::sum)));
    }

    /** Moves what is not fixed to better moments until nothing moves. */
    void improve() {
        new Improver(board, mover).improve();
    }

    /** What would be worse if a batch came so much later, or sooner where negative [s]; empty where nothing would. */
    String against(Placing placing, int shift) {
        return mover.against(placing, shift);
    }

    /** Places a batch as near as can be to a wished put-in time [s] and keeps it there; empty when there is no room. */
    Optional<Integer> fix(Batch batch, int wished) {
        Placing placing = board.pinned(batch, Math.round((float) wished / GRID) * GRID);
        if (put(placing)) {
            return Optional.of(placing.putIn);
        }
        unplaced.add(batch);
        return Optional.empty();
    }

    /** The rule in the way of a put-in time [s], or null when nothing is. */
    Constraint.@Nullable Breach breach(Batch batch, int putIn) {
        return board.breach(board.placing(batch), putIn, 0);
    }

    /** Enters what went in together, as it happened. */
    void begun(Batch batch, List<Stay> stays) {
        Placing placing = board.begun(batch, stays);
        board.lay(placing, placing.putIn);
    }

    /**
     * Places a batch as near as can be to the put-in time it had [s]; false when it fits nowhere.
     *
     * @param linger longer in the broth than it must be [s]
     */
    boolean keep(Batch batch, int putIn, int linger, boolean pinned) {
        return put(board.kept(batch, putIn, linger, pinned));
    }

    /** Lays a batch where it was on another board, to stay there; as near to that as can be where something is in its way. */
    void stay(Placing was) {
        Placing placing = board.placing(was.batch);
        placing.linger = was.linger;
        if (!put(placing, was.counted())) {
            unplaced.add(was.batch);
        } else if (placing.putIn == was.putIn) {
            placing.inertia = Double.MAX_VALUE;
        }
    }

    void place(List<Batch> batches) {
        batches.stream().map(board::placing).sorted(Placing.IN_ORDER).forEach(placing -> {
            if (!put(placing)) {
                unplaced.add(placing.batch);
            }
        });
    }

    /** Places one more batch where it fits, as near to its place in the order as can be; false when it fits nowhere. */
    boolean add(Batch batch) {
        return put(board.placing(batch));
    }

    /** Whether it would find a place. */
    boolean fits(Batch batch) {
        Placing placing = board.placing(batch);
        return nearest(placing, placing.ideal).isPresent();
    }

    private boolean put(Placing placing) {
        return put(placing, placing.ideal);
    }

    private boolean put(Placing placing, int wanted) {
        Optional<Integer> time = nearest(placing, wanted);
        time.ifPresent(second -> board.lay(placing, second));
        return time.isPresent();
    }

    /** The free put-in time next to one that is wanted, both counted as if it did not linger but the answer [s]. */
    private Optional<Integer> nearest(Placing placing, int wanted) {
        Patience.check();
        if (board.neverTakes(placing)) {
            return Optional.empty();
        }
        int first = board.soonest(placing);
        int last = board.latest(placing);
        for (int shift = 0; wanted + shift <= last || wanted - shift >= first; shift += GRID) {
            int later = wanted + shift;
            int sooner = wanted - shift;
            if (later >= first && later <= last && isFree(placing, later)) {
                return Optional.of(later - placing.linger);
            }
            if (shift > 0 && sooner >= first && sooner <= last && isFree(placing, sooner)) {
                return Optional.of(sooner - placing.linger);
            }
        }
        return Optional.empty();
    }

    private boolean isFree(Placing placing, int counted) {
        return board.breach(placing, counted - placing.linger, placing.linger) == null;
    }
}
