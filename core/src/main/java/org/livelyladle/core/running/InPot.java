package org.livelyladle.core.running;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Stay;

/** What went in of a drop, and what is known to have come out of it. */
final class InPot {
    /** What is not out yet is looked for again so much later [s]; memory. */
    static final int NOT_YET_SECONDS = 30;

    private static final int GRID = 5;

    static final class Piece {
        private Stay stay;
        private boolean out;

        private Piece(Stay stay) {
            this.stay = stay;
        }

        private void takeOut(int at) {
            out = true;
            stay = stay.until(at);
        }

        /** Nobody it was for eats it. */
        List<Stay.Serving> lose() {
            return lose(serving -> true);
        }

        private List<Stay.Serving> lose(Predicate<Stay.Serving> which) {
            Map<Boolean, List<Stay.Serving>> lost = stay.servings().stream().collect(Collectors.partitioningBy(which));
            stay = stay.servedTo(lost.get(false));
            return lost.get(true);
        }

        /** Raw food that came out so much too soon [s]; 0 where it did not. */
        int tooSoonBy() {
            return Math.max(0, stay.ready() - stay.takeOut());
        }
    }

    private final Drop drop;
    private final List<Piece> pieces = new ArrayList<>();

    InPot(Drop drop) {
        this.drop = drop;
    }

    Drop drop() {
        return drop;
    }

    void add(List<Stay> stays) {
        stays.forEach(stay -> pieces.add(new Piece(stay)));
        pieces.sort(Comparator.comparingInt((Piece piece) -> piece.stay.putIn())
                .thenComparingInt(piece -> piece.stay.takeOut()));
    }

    /** Somebody has to say that it is out; all else comes out as its eaters take it. */
    boolean isMinded() {
        return drop.shared() && !drop.fished();
    }

    boolean isOut() {
        return pieces.stream().allMatch(piece -> piece.out);
    }

    /** When the first of it that is still in should come out [s from sitting down]. */
    int due() {
        return pieces.stream()
                .filter(piece -> !piece.out)
                .mapToInt(piece -> piece.stay.takeOut())
                .min()
                .orElseThrow();
    }

    /** @return what comes out */
    List<Piece> takeOut(int at) {
        List<Piece> still = pieces.stream()
                .filter(piece -> !piece.out && piece.stay.putIn() <= at && (isMinded() || piece.stay.takeOut() > at))
                .toList();
        still.forEach(piece -> piece.takeOut(at));
        return still;
    }

    List<Piece> takeOut(int index, int at) {
        if (index >= pieces.size()) {
            return List.of();
        }
        pieces.get(index).takeOut(Math.max(at, pieces.get(index).stay.putIn()));
        return List.of(pieces.get(index));
    }

    /** What a guest was to get of what came out since some time, and is out by then. */
    List<Stay.Serving> missedBy(String guest, int since, int at) {
        return pieces.stream()
                .filter(piece -> piece.out || !isMinded())
                .filter(piece -> piece.stay.takeOut() > since && piece.stay.takeOut() <= at)
                .flatMap(piece -> piece.lose(serving -> serving.guest().equals(guest)).stream())
                .toList();
    }

    void leaveIn(int at) {
        for (Piece piece : pieces) {
            if (!piece.out) {
                piece.stay = piece.stay.until(Math.max(piece.stay.takeOut(), at) + NOT_YET_SECONDS);
            }
        }
    }

    /** What is still in takes so much longer, or shorter where negative, as the broth is not hot enough [s]. */
    void slower(int seconds, int at) {
        for (Piece piece : pieces) {
            Stay stay = piece.stay;
            if (!piece.out && !stay.onPlate() && (isMinded() || stay.takeOut() > at)) {
                piece.stay = stay.slower(isMinded() ? seconds : Math.max(at - stay.takeOut(), seconds));
            }
        }
    }

    /** As it is at a moment: what nobody took out is still in, and comes out as soon as can be. */
    Drop at(int moment) {
        int soonest = Math.floorDiv(moment, GRID) * GRID + GRID;
        return drop.consistingOf(
                drop.amount(),
                pieces.stream()
                        .map(piece -> isMinded() && !piece.out && piece.stay.takeOut() <= moment
                                ? piece.stay.until(soonest)
                                : piece.stay)
                        .toList());
    }
}
