package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.List;

/**
 * Moves batches to better moments ({@link Mover}): each in turn to the best free one of the whole evening, then on a finer
 * grid around, until nothing moves; in between many are taken off the board a few at a time and put back
 * ({@link Reshuffle}). Deterministic, at most {@value #MOST_STEPS} evenings looked at each time all is settled, so that a large
 * party takes no longer than it may.
 */
final class Improver {
    /** Times all batches are gone through on one grid. */
    private static final int MOST_ROUNDS = 3;

    private static final long MOST_STEPS = 1_500_000;
    /** Moments that may be asked for what is in their way: where much has no room most are, and nothing gets better. */
    private static final long MOST_TRIED = 100_000;
    /** A larger table is settled only, so that it takes no longer than it may. */
    private static final int MOST_SEARCHED = 500;
    /** Beyond so many guests less is looked at, so that a large table takes no longer than it may. */
    private static final double MANY_GUESTS = 20;

    private final Board board;
    private final Mover mover;

    Improver(Board board, Mover mover) {
        this.board = board;
        this.mover = mover;
    }

    /** Looks for a good evening over all that is not fixed. */
    void search(Rebatcher rebatcher) {
        List<Placing> free = new ArrayList<>(free());
        settle(free, Mover.COARSE, 1);
        double many = Math.max(1, board.meals().size() / MANY_GUESTS);
        double share = 1 / (many * many);
        if (free.size() <= MOST_SEARCHED) {
            new Reshuffle(board, mover, rebatcher, free).run(share);
            free.forEach(placing -> placing.contentAt = -1);
            settle(free, Mover.COARSE, share);
        }
        settle(free, Mover.FINE, share);
    }

    /** Moves what is not fixed to better moments until nothing moves. */
    void improve() {
        List<Placing> free = free();
        settle(free, Mover.COARSE, 1);
        settle(free, Mover.FINE, 1);
    }

    private List<Placing> free() {
        board.tie();
        board.wishes().among(board.placed().size());
        return board.placed().stream()
                .filter(placing -> !placing.fixed && !placing.batch.place().settled())
                .sorted(Placing.IN_ORDER)
                .toList();
    }

    /** @param share of what may be looked at [1] */
    private void settle(List<Placing> free, int grid, double share) {
        boolean moved = true;
        double most = mover.steps() + share * MOST_STEPS;
        double mostTried = mover.tried() + share * MOST_TRIED;
        for (int round = 0; moved && round < MOST_ROUNDS; round++) {
            moved = false;
            for (Placing placing : free) {
                if (mover.steps() > most || mover.tried() > mostTried) {
                    return;
                }
                // nothing has changed for its eaters since it last stayed where it is
                long version = grid + (long) Mover.COARSE * board.changes(placing);
                if (version != placing.contentAt) {
                    moved |= mover.move(placing, grid);
                    placing.contentAt = grid + (long) Mover.COARSE * board.changes(placing);
                }
            }
        }
    }
}
