package org.livelyladle.core.cooking;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Governed;
import org.livelyladle.core.catalogue.Shape;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;

/**
 * A cut of the catalogue in broth of one temperature.
 *
 * @param cut id in the catalogue
 * @param shape as cut; the catalogue's when left out
 * @param sizesMm full sizes as the shape takes them; the catalogue's when left out [mm]
 * @param startC temperature of the piece; the catalogue's when left out [°C]
 * @param brothC temperature of the broth [°C]
 */
public record BenchProblem(
        String cut,
        @Nullable Shape shape,
        @Nullable List<Double> sizesMm,
        @Nullable Double startC,
        Double brothC) {
    private static final double LEAST_MM = 0.5;
    private static final double MOST_MM = 150;

    public BenchProblem {
        Check.id(cut, "cut");
        Check.range(Check.present(brothC, "brothC"), "brothC", 75, 105);
        if (startC != null) {
            Check.range(startC, "startC", -30, 60);
        }
        if (sizesMm != null) {
            sizesMm = Check.list(sizesMm, "sizesMm", 3);
            for (int i = 0; i < sizesMm.size(); i++) {
                Check.range(sizesMm.get(i), "sizesMm[" + i + "]", LEAST_MM, MOST_MM);
            }
        }
    }

    /** The piece it is about. */
    Piece piece(Catalogue catalogue) {
        Cut known = catalogue
                .findCut(cut)
                .orElseThrow(() -> new InvalidInputException("cut", cut, "the id of a cut of the catalogue"));
        Shape wanted = shape == null ? known.shape() : shape;
        if (sizesMm == null && wanted.dimensions() != known.shape().dimensions()) {
            throw new InvalidInputException("sizesMm", "missing", wanted.dimensions() + " sizes for " + wanted);
        }
        List<Double> sizes = sizesMm == null ? known.dimensionsMm() : sizesMm;
        if (sizes.size() != wanted.dimensions()) {
            throw new InvalidInputException(
                    "sizesMm", sizes.size() + " sizes", wanted.dimensions() + " sizes for " + wanted);
        }
        double start = startC == null ? Piece.startC(known, false) : startC;
        return known.governed().isBy(Governed.By.CORE)
                ? new Piece(known.shaped(wanted, sizes), 1, start, 1)
                : new Piece(known, sizes.get(0) / known.dimensionsMm().get(0), start, 1);
    }
}
