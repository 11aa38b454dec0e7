package org.livelyladle.core.cooking;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Family;
import org.livelyladle.core.catalogue.Governed;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.catalogue.Times;
import org.livelyladle.core.heat.CoreProblem;
import org.livelyladle.core.heat.CoreTime;
import org.livelyladle.core.heat.Simmer;

class WindowModelTest {
    /** Liked pink by many, and past it soon after they are safe. */
    private static final List<String> SLICES_OF_THEIR_OWN =
            List.of("duck-breast.sliced", "tuna.sticks", "ox-tongue.sliced");

    private static final Catalogue CATALOGUE = Catalogue.builtIn();
    private static final WindowModel MODEL = new WindowModel();
    /** Steady simmer at sea level, without the safety taken for drops. */
    private static final Simmer STEADY = new Simmer(100, 100, 98, 98);

    private static final Map<String, Toughening.History> HISTORIES = new HashMap<>();

    private static WindowModel.Computed window(String cut, Simmer simmer) {
        return MODEL.window(Piece.of(CATALOGUE.cut(cut), false, 1, 1), simmer);
    }

    /** The windows hosts name, at a steady simmer from the fridge or freezer: common practice. */
    @ParameterizedTest
    @CsvSource({
        "beef-ribeye.sliced,3,10",
        "pork-belly.sliced,10,20",
        "pork-loin.sliced,10,20",
        "chicken-thigh.sliced,40,90",
        "prawn.peeled,60,120",
        "prawn.whole,60,120",
        "scallop.whole,120,240",
        "white-fish.sliced,60,120",
        "fish-ball.frozen,300,480",
        "beef-ball.frozen,300,480",
        "pork-dumpling.frozen,300,480",
        "enoki.bundles,50,70",
        "spinach.leaves,10,30",
        "napa-cabbage.leaves,120,180",
        "daikon.sliced,480,900",
        "udon.fresh,30,60"
    })
    void readyLiesInsideTheTradesWindow(String cut, int from, int to) {
        assertThat(window(cut, STEADY).ready()).isBetween(from, to);
    }

    /** Slices of beef are ruined in under a minute: common practice. */
    @Test
    void beefIsRuinedInUnderAMinute() {
        assertThat(window("beef-ribeye.sliced", STEADY).overcooked()).isLessThan(60);
    }

    static LongStream seeds() {
        return Seeds.of(0, 60);
    }

    /**
     * Whatever size, state and altitude: raw poultry, pork, minced and filled food is not called ready before its core
     * has its published temperature in broth at its floor, nor before the trade takes it out. The core is computed here
     * by the contract's own solver, frozen products as the thinner of a slab or sphere inside them.
     */
    @ParameterizedTest
    @MethodSource("seeds")
    void neverReadyBeforeSafe(long seed) {
        Random random = new Random(seed);
        List<Cut> raw = CATALOGUE.cuts().stream()
                .filter(cut -> cut.rawRisk() != RawRisk.NONE)
                .toList();
        Cut cut = raw.get(random.nextInt(raw.size()));
        boolean frozen = cut.cooksFrozen() && random.nextBoolean();
        double scale = (40 + random.nextInt(211)) / 100.0;
        Simmer simmer = Simmer.of(-400 + random.nextInt(5400), 2 * random.nextDouble(), random.nextBoolean());
        Piece piece = Piece.of(cut, frozen, scale, 1);
        WindowModel.Computed window = MODEL.window(piece, simmer);

        assertThat(window.ready()).isGreaterThanOrEqualTo(Math.max(window.safe(), cut.leastReadySeconds()));
        assertThat(window.bestUntil()).isGreaterThanOrEqualTo(window.ready());
        assertThat(window.overcooked()).isGreaterThan(window.bestUntil());
        if (cut.governed().isBy(Governed.By.CORE)) {
            assertThat(window.safe()).isGreaterThanOrEqualTo((int) Math.ceil(leastSafe(piece.folded(), simmer)));
        } else {
            assertThat(window.safe()).isGreaterThanOrEqualTo(cut.times().safe());
        }
    }

    private static double leastSafe(Piece piece, Simmer simmer) {
        double target = piece.cut().safeCoreC();
        CoreProblem whole = piece.problem(simmer.floorC(), Piece.SIMMERING);
        boolean product = whole.dimensionsMm().size() > 1;
        String shape = product && piece.startsFrozen() ? "sphere" : whole.shape();
        List<Double> sizes = product && piece.startsFrozen()
                ? List.of(whole.dimensionsMm().stream().min(Double::compare).orElseThrow())
                : whole.dimensionsMm();
        return CoreTime.of(new CoreProblem(
                        shape, sizes, piece.startC(), simmer.floorC(), target, Piece.SIMMERING, whole.material()))
                .seconds();
    }

    @Test
    void aCoolerSideCooksLater() {
        for (Cut cut : CATALOGUE.cuts()) {
            WindowModel.Computed sea = window(cut.id(), Simmer.of(0, 0.9, false));
            WindowModel.Computed hut = window(cut.id(), Simmer.of(2500, 0.9, false));
            assertThat(hut.ready()).as(cut.id()).isGreaterThanOrEqualTo(sea.ready());
            assertThat(sea.early()).as(cut.id()).isLessThanOrEqualTo(sea.late());
        }
    }

    /** D and z are the least squares in log time over their range: moving either does not fit better by anything. */
    @ParameterizedTest
    @EnumSource(Family.class)
    void theFitIsTheBest(Family family) {
        Toughening fitted = Toughening.of(family);
        double best = residual(family, fitted);

        assertThat(best).isLessThan(0.2);
        for (double z : new double[] {fitted.zK() * 0.9, fitted.zK() * 1.1}) {
            if (z >= 10 && z <= 40) {
                assertThat(residual(family, bestD(family, z))).isGreaterThan(best - 0.005);
            }
        }
        assertThat(residual(family, new Toughening(fitted.zK(), fitted.dSeconds() * 0.95)))
                .isGreaterThan(best);
        assertThat(residual(family, new Toughening(fitted.zK(), fitted.dSeconds() * 1.05)))
                .isGreaterThan(best);
    }

    private static Toughening bestD(Family family, double z) {
        Toughening best = new Toughening(z, 1);
        for (double d = 1; d < 20_000; d *= 1.02) {
            Toughening tried = new Toughening(z, d);
            best = residual(family, tried) < residual(family, best) ? tried : best;
        }
        return best;
    }

    /** Root mean square of the logarithms of fitted over told, best until and overcooked together. */
    private static double residual(Family family, Toughening toughening) {
        List<Double> errors = new ArrayList<>();
        for (Cut cut : CATALOGUE.cuts()) {
            if (cut.toughens() == family) {
                Toughening.History history = history(cut);
                errors.add(StrictMath.log(
                        toughening.secondsTo(1, history) / cut.times().bestUntil()));
                errors.add(StrictMath.log(
                        toughening.secondsTo(3, history) / cut.times().overcooked()));
            }
        }
        return Math.sqrt(errors.stream().mapToDouble(e -> e * e).average().orElseThrow());
    }

    private static Toughening.History history(Cut cut) {
        return HISTORIES.computeIfAbsent(
                cut.id(),
                id -> Toughening.History.of(
                        Piece.of(cut, false, 1, 1).in(WindowModel.REFERENCE_C, Piece.SIMMERING),
                        WindowModel.REFERENCE_C));
    }

    /** What somebody looks after leaves a hand three quarters of a minute to take it out; slices are dipped by whoever eats them. */
    @Test
    void whatIsMindedHasAWindowAHandCanMeet() {
        for (Cut cut : CATALOGUE.cuts()) {
            for (Cut state : cut.makerCooks() ? List.of(cut, cut.cookedByMaker()) : List.of(cut)) {
                WindowModel.Computed own =
                        new WindowModel().window(Piece.of(state, false, 1, 1), Simmer.of(0, 0.9, false));
                if (cut.governed().isBy(Governed.By.CORE) && !cut.byHand() && !SLICES_OF_THEIR_OWN.contains(cut.id())) {
                    assertThat(own.bestUntil() - own.ready()).as(cut.id()).isGreaterThanOrEqualTo(45);
                }
            }
        }
    }

    /** Cooked by their maker they are hot before raw ones are safe, and as hot as the rule asks: 57 °C. */
    @Test
    void whatItsMakerCookedIsOnlyHeatedThrough() {
        for (Cut cut : CATALOGUE.cuts().stream().filter(Cut::makerCooks).toList()) {
            Piece piece = Piece.of(cut.cookedByMaker(), false, 1, 1);
            WindowModel.Computed raw = window(cut.id(), Simmer.of(0, 0.9, false));
            WindowModel.Computed cooked = new WindowModel().window(piece, Simmer.of(0, 0.9, false));
            double hot =
                    piece.in(Simmer.of(0, 0.9, false).floorC(), Piece.SIMMERING).secondsTo(57);
            assertThat(cooked.ready()).as(cut.id()).isLessThan(raw.ready()).isGreaterThanOrEqualTo((int) hot);
        }
    }

    /** The published table of fits and of differences is what is computed. */
    @Test
    void theDocumentSaysWhatIsComputed() throws IOException {
        List<String> lines = Files.readAllLines(Path.of("..", "docs", "windows.md"));
        List<String> fits = new ArrayList<>();
        for (Family family : Family.values()) {
            Toughening fit = Toughening.of(family);
            fits.add(String.format(
                    Locale.ROOT,
                    "| %s | %.0f | %.0f | %.3f |",
                    family,
                    fit.zK(),
                    fit.dSeconds(),
                    residual(family, fit)));
        }
        List<String> differing = CATALOGUE.cuts().stream()
                .filter(cut -> cut.governed().isBy(Governed.By.CORE))
                .filter(WindowModelTest::differsByMoreThanHalf)
                .map(WindowModelTest::row)
                .toList();

        assertThat(lines).containsSubsequence(fits);
        assertThat(lines.stream()
                        .filter(line -> line.matches("\\| [a-z-]+\\.[a-z]+ \\|.*"))
                        .map(line -> line.substring(0, line.lastIndexOf(" | ")))
                        .toList())
                .containsExactlyElementsOf(differing);
    }

    private static String row(Cut cut) {
        WindowModel.Computed own = window(cut.id(), Simmer.of(0, 0.9, false));
        Times told = cut.times();
        return "| %s | %d-%d-%d | %d-%d-%d"
                .formatted(
                        cut.id(),
                        told.ready(),
                        told.bestUntil(),
                        told.overcooked(),
                        own.ready(),
                        own.bestUntil(),
                        own.overcooked());
    }

    private static boolean differsByMoreThanHalf(Cut cut) {
        WindowModel.Computed own = window(cut.id(), Simmer.of(0, 0.9, false));
        Times told = cut.times();
        return differ(own.ready(), told.ready())
                || differ(own.bestUntil(), told.bestUntil())
                || differ(own.overcooked(), told.overcooked());
    }

    private static boolean differ(int computed, int told) {
        return Math.abs(computed - told) > told / 2.0;
    }
}
