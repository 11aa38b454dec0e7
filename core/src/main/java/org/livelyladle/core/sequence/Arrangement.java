package org.livelyladle.core.sequence;

import java.util.List;

/** Where all that may be moved lies on a board, to go back to. */
final class Arrangement {
    private record Where(Placing placing, int putIn, int linger) {
        boolean isLeft() {
            return !placing.isOnBoard || placing.putIn != putIn || placing.linger != linger;
        }
    }

    private final Board board;
    private final List<Where> all;

    Arrangement(Board board, List<Placing> free) {
        this.board = board;
        this.all = free.stream()
                .map(placing -> new Where(placing, placing.putIn, placing.linger))
                .toList();
    }

    List<Placing> placings() {
        return all.stream().map(Where::placing).toList();
    }

    /** All that has moved is taken away first, so that it finds its room again. */
    void restore() {
        List<Where> moved = all.stream().filter(Where::isLeft).toList();
        moved.stream().map(Where::placing).filter(placing -> placing.isOnBoard).forEach(board::take);
        moved.forEach(where -> board.put(where.placing(), where.putIn(), where.linger()));
    }
}
