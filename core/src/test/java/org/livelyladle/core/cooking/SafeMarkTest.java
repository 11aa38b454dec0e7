package org.livelyladle.core.cooking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.audit.CoreGrid;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Governed;
import org.livelyladle.core.catalogue.Shape;
import org.livelyladle.core.heat.Simmer;

/** Whatever shape, size, start and broth: no safe mark is shorter than the audit's grid, in all the body's dimensions. */
class SafeMarkTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();
    /** The grid's own error: its coldest cell's middle is not quite the body's coldest point. */
    private static final double GRID = 0.005;

    record Case(Cut cut, boolean fromFrozen, double scale, double brothC) {
        @Override
        public String toString() {
            return cut.id() + (fromFrozen ? " frozen" : "") + " x" + scale + " at " + brothC;
        }
    }

    /** Every raw cut whose heat is computed at its own size; sizes and temperatures for one cut of each shape. */
    static Stream<Case> cases() {
        List<Cut> raw = CATALOGUE.cuts().stream()
                .filter(cut -> cut.safeCoreC() != null && cut.governed().isBy(Governed.By.CORE))
                .toList();
        Stream<Case> own =
                raw.stream().flatMap(cut -> Stream.of(new Case(cut, false, 1, 85), new Case(cut, true, 1, 85)));
        Stream<Case> sizes = Stream.of(Shape.values())
                .flatMap(shape ->
                        raw.stream().filter(cut -> cut.shape() == shape).limit(1))
                .flatMap(cut -> Stream.of(0.4, 1.5, 2.5)
                        .flatMap(scale -> Stream.of(78.0, 92.0, 100.0)
                                .flatMap(broth -> Stream.of(
                                        new Case(cut, false, scale, broth), new Case(cut, true, scale, broth)))));
        return Stream.concat(own, sizes);
    }

    @ParameterizedTest
    @MethodSource("cases")
    void isNeverShorterThanTheGridSays(Case at) {
        Piece piece = Piece.of(at.cut(), at.fromFrozen(), at.scale(), 1);
        double reference = CoreGrid.of(at.cut(), at.scale())
                .seconds(piece.startC(), second -> at.brothC(), at.cut().safeCoreC());
        int safe = new WindowModel()
                .window(piece, new Simmer(at.brothC(), at.brothC(), at.brothC(), at.brothC()))
                .safe();
        assertThat((double) safe).isGreaterThanOrEqualTo(reference * (1 - GRID));
        assertThat((double) safe).as("not needlessly long").isLessThan(reference * 1.25 + 2);
    }
}
