package org.livelyladle.core.portions;

import static org.livelyladle.core.measure.Operation.LARGEST_REMAINDER;
import static org.livelyladle.core.measure.Operation.QUOTIENT;
import static org.livelyladle.core.measure.Operation.ROUND_UP;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.LargestRemainder;
import org.livelyladle.core.measure.LargestRemainder.Claim;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;

/**
 * Whole pieces of one cut for its eaters, each within one piece of the exact grams, but for who gives one to somebody who
 * loves it and would go without. What somebody missed of earlier cuts
 * of the menu, or had too much, counts when the next are shared, so that rounding takes nothing away in the end.
 *
 * @param pieceGrams weight of one piece [g]
 * @param mark of that weight
 * @param missing by guest, of the cuts before [g]
 * @param claims of those who have one
 */
record PieceRounding(
        Ledger ledger,
        String cut,
        String name,
        double pieceGrams,
        Mark mark,
        Map<String, Double> missing,
        Map<String, Claim> claims) {

    /**
     * @param ids the eaters in ascending order, which breaks ties
     * @param reserved those of them whose share is kept apart: they get it rounded up, a piece at least
     * @param grams exact shares [g]
     */
    Map<String, Figure> round(List<String> ids, Set<String> reserved, Map<String, Figure> grams) {
        Map<String, Figure> pieces = new LinkedHashMap<>();
        ids.stream().filter(reserved::contains).forEach(id -> pieces.put(id, keptApart(id, exact(id, grams.get(id)))));
        roundShared(ids.stream().filter(id -> !reserved.contains(id)).toList(), grams, pieces);
        return pieces;
    }

    private Figure keptApart(String guest, Figure exact) {
        double count = ROUND_UP.evaluate(List.of(exact.value()));
        return ledger.figure("pieces." + guest + "." + cut, count, "pieces", KitchenText.pieces(Math.round(count)))
                .by(
                        name + ", pieces kept apart",
                        "A reserved share is rounded up, to one piece at least",
                        ROUND_UP,
                        () -> List.of(Term.of("exact pieces", exact)));
    }

    private void roundShared(List<String> ids, Map<String, Figure> grams, Map<String, Figure> pieces) {
        List<Figure> exact = ids.stream().map(id -> exact(id, grams.get(id))).toList();
        double[] missed = ids.stream().mapToDouble(this::missedPieces).toArray();
        Claim[] asked = ids.stream().map(this::claim).toArray(Claim[]::new);
        int[] whole =
                LargestRemainder.share(exact.stream().mapToDouble(Figure::value).toArray(), missed, asked);
        for (int i = 0; i < whole.length; i++) {
            pieces.put(ids.get(i), pieces(ids.get(i), i + 1, whole[i], exact, missed, asked));
        }
    }

    private Claim claim(String guest) {
        return claims.getOrDefault(guest, Claim.NONE);
    }

    private double missedPieces(String guest) {
        return missing.getOrDefault(guest, 0.0) / pieceGrams;
    }

    private Figure exact(String guest, Figure grams) {
        double value = grams.value() / pieceGrams;
        return ledger.figure("exact." + guest + "." + cut, value, "pieces", KitchenText.number(value, 2))
                .by(
                        name + ", exact pieces",
                        "Exact share / weight of one piece",
                        QUOTIENT,
                        () -> List.of(
                                Term.of("exact share", grams),
                                Term.of(
                                        "one piece",
                                        pieceGrams,
                                        "g",
                                        KitchenText.number(pieceGrams, 1) + " g",
                                        "catalogue",
                                        mark)));
    }

    private Figure pieces(String guest, int place, int count, List<Figure> exact, double[] missed, Claim[] asked) {
        return ledger.figure("pieces." + guest + "." + cut, count, "pieces", KitchenText.pieces(count))
                .by(
                        name + ", whole pieces",
                        "Whole parts first, then one more to those who miss most, of this and of what was shared before;"
                                + " whoever loves it has one before anybody's second",
                        LARGEST_REMAINDER,
                        () -> {
                            List<Term> terms = new ArrayList<>();
                            terms.add(Term.of(
                                    "place in the list", place, "1", place + " of " + exact.size(), "", Mark.COMPUTED));
                            for (int i = 0; i < missed.length; i++) {
                                terms.add(Term.of("exact pieces", exact.get(i)));
                                terms.add(Term.of(
                                        "missed before",
                                        missed[i],
                                        "pieces",
                                        KitchenText.number(missed[i], 2),
                                        "",
                                        Mark.COMPUTED));
                                terms.add(Term.of("claim", asked[i].ordinal(), "1", said(asked[i]), "", Mark.HOST));
                            }
                            return terms;
                        });
    }

    private static String said(Claim claim) {
        return switch (claim) {
            case NONE -> "none";
            case FIRST -> "loves it";
            case SETTLED -> "your pin";
        };
    }
}
