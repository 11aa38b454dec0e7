package org.livelyladle.core.portions;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.brief.Appetite;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Decisions;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Wish;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;

class PortionPlannerTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();

    private static Portions plan(Brief brief) {
        return new PortionPlanner(brief, CATALOGUE, new Ledger(), new KitchenText(brief.units(), brief.currency()))
                .plan();
    }

    private static double grams(Portions portions, String guest, String cut) {
        return portions.lines().stream()
                .filter(line -> line.guest().equals(guest) && line.cut().equals(cut))
                .mapToDouble(line -> line.grams().value())
                .sum();
    }

    /** Dry-equivalent grams shared out to a guest. */
    private static double shared(Portions portions, String guest) {
        return portions.lines().stream()
                .filter(line -> line.guest().equals(guest))
                .mapToDouble(
                        line -> line.grams().value() * CATALOGUE.cut(line.cut()).dryShare())
                .sum();
    }

    /** 0.30 lb of sliced meat for a regular and 0.50 lb for a big eater: common practice. */
    @Test
    void aBigEaterGetsHalfAPoundOfMeat() {
        Briefs briefs = Briefs.plain();
        briefs.guests.add(new Guest(
                "cat", "Cat", Appetite.HEARTY, List.of(), List.of(), Heat.HOT, 0, null, 100, false, null, false));
        Portions portions = plan(briefs.build());

        assertThat(grams(portions, "ann", "beef-ribeye.sliced")).isEqualTo(136);
        assertThat(grams(portions, "cat", "beef-ribeye.sliced")).isCloseTo(226.8, within(0.5));
    }

    @Test
    void aVegansMeatAndSeafoodBecomeTofuMushroomsAndRoots() {
        Briefs briefs = Briefs.plain();
        briefs.guests.set(0, Briefs.guest("ann", Briefs.diet(NeedKind.VEGAN)));
        Portions portions = plan(briefs.build());

        assertThat(grams(portions, "ann", "beef-ribeye.sliced")).isZero();
        assertThat(grams(portions, "ann", "tofu-firm.cubes")).isGreaterThan(grams(portions, "ben", "tofu-firm.cubes"));
        assertThat(portions.guests().get(0).empty()).contains(Category.MEAT, Category.SEAFOOD);
        assertThat(portions.barred()).contains(new Barred("ann", "prawn.peeled", false, "vegan", "Shiitake, halved"));
    }

    /** Total food stays the same whatever a guest may eat, as long as there is anything to eat. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 5, 8, 13, 21, 34, 55, 89})
    void foodIsConserved(long seed) {
        Brief random = Briefs.random(seed);
        Brief brief = Records.with(random, "decisions", Decisions.none());
        Portions portions = plan(brief);
        double perAdult =
                Category.served().stream().mapToDouble(Category::gramsPerAdult).sum();

        for (Guest guest : brief.guests()) {
            boolean eats =
                    portions.lines().stream().anyMatch(line -> line.guest().equals(guest.id()));
            if (eats) {
                double unplanned = portions.full().stream()
                        .filter(full -> full.guest().equals(guest.id()))
                        .mapToDouble(Portions.Full::grams)
                        .sum();
                assertThat(shared(portions, guest.id()) + unplanned)
                        .as(guest.id())
                        .isCloseTo(guest.appetite().factor() * guest.portionPercent() / 100 * perAdult, within(1e-6));
            }
        }
    }

    /** Whole pieces lie within one piece of the exact grams, but for who gave one to somebody who loves it. */
    @ParameterizedTest
    @ValueSource(longs = {4, 6, 7, 9, 10, 11, 12, 14, 34, 52, 263, 299})
    void piecesLieWithinOnePieceOfTheGrams(long seed) {
        Brief brief = Briefs.random(seed);
        Portions portions = plan(brief);

        for (Portion line : portions.lines()) {
            Cut cut = CATALOGUE.cut(line.cut());
            if (cut.pieceGrams() != null) {
                boolean isLoved = brief.guests().stream().anyMatch(guest -> guest.likingOf(line.cut()) == Liking.LOVE);
                assertThat(line.served().value() - line.grams().value())
                        .isLessThan(cut.pieceGrams() + 1e-9)
                        .isGreaterThan(-(isLoved ? 2 : 1) * cut.pieceGrams() - 1e-9);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {15, 16, 17, 18, 19})
    void theOrderOfGuestsDoesNotMatter(long seed) {
        Brief brief = Briefs.random(seed);
        List<Guest> reversed = new ArrayList<>(brief.guests());
        Collections.reverse(reversed);

        assertThat(served(plan(Records.with(brief, "guests", reversed)))).isEqualTo(served(plan(brief)));
    }

    private static Map<String, Double> served(Portions portions) {
        return portions.lines().stream()
                .collect(Collectors.toMap(
                        line -> line.guest() + " " + line.cut(),
                        line -> line.served().value()));
    }

    @ParameterizedTest
    @ValueSource(longs = {20, 22, 23, 24, 25})
    void moreAppetiteNeverMeansFewerGrams(long seed) {
        Brief brief = Records.with(Briefs.random(seed), "decisions", Decisions.none());
        Guest first = brief.guests().get(0);
        Guest hungrier = Records.with(first, "appetite", Appetite.HEARTY);
        List<Guest> guests = new ArrayList<>(brief.guests());
        guests.set(0, hungrier);
        Portions before = plan(brief);
        Portions after = plan(Records.with(brief, "guests", guests));

        before.lines().stream()
                .filter(line -> line.guest().equals(first.id()))
                .forEach(line -> assertThat(grams(after, first.id(), line.cut()))
                        .isGreaterThanOrEqualTo(line.grams().value() - 1e-9));
    }

    @Test
    void lovingACutDoublesItsWeight() {
        Briefs briefs = Briefs.plain();
        briefs.menu.add("lamb-leg.sliced");
        briefs.guests.set(
                0,
                new Guest(
                        "ann",
                        "Ann",
                        Appetite.REGULAR,
                        List.of(),
                        List.of(new Wish("lamb-leg.sliced", Liking.LOVE, null, false)),
                        Heat.HOT,
                        0,
                        null,
                        100,
                        false,
                        null,
                        false));
        Portions portions = plan(briefs.build());

        assertThat(grams(portions, "ann", "lamb-leg.sliced")).isCloseTo(136 * 2.0 / 3, within(1e-9));
        assertThat(grams(portions, "ann", "beef-ribeye.sliced")).isCloseTo(136 / 3.0, within(1e-9));
    }

    @Test
    void aPinIsKeptAndTheRestRebalanced() {
        Briefs briefs = Briefs.plain();
        briefs.menu.add("lamb-leg.sliced");
        briefs.decisions = pin("ann", "beef-ribeye.sliced", 100);
        Portions portions = plan(briefs.build());

        assertThat(grams(portions, "ann", "beef-ribeye.sliced")).isEqualTo(100);
        assertThat(grams(portions, "ann", "lamb-leg.sliced")).isCloseTo(36, within(1e-9));
        assertThat(grams(portions, "ben", "beef-ribeye.sliced")).isEqualTo(68);
    }

    @Test
    void aHardNeedBeatsAPinAndSaysSo() {
        Briefs briefs = Briefs.plain();
        briefs.guests.set(0, Briefs.guest("ann", Briefs.medical(NeedKind.CRUSTACEANS)));
        briefs.decisions = pin("ann", "prawn.peeled", 80);
        Portions portions = plan(briefs.build());

        assertThat(grams(portions, "ann", "prawn.peeled")).isZero();
        assertThat(portions.beatenPins())
                .containsExactly(new Portions.BeatenPin("ann", "prawn.peeled", 80, 0, "ann: no crustaceans"));
    }

    /** 75 g of dry noodles are 187.5 g of cooked udon at a dry share of 0.4. */
    @Test
    void cookedNoodlesAreCountedAsDry() {
        assertThat(grams(plan(Briefs.plain().build()), "ann", "udon.fresh")).isCloseTo(187.5, within(1e-9));
    }

    private static Decisions pin(String guest, String cut, double grams) {
        return new Decisions(
                List.of(new Decisions.PortionPin(guest, cut, grams)),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of());
    }

    @Test
    void partOfAPortionScalesEverything() {
        Briefs briefs = Briefs.plain();
        briefs.guests.set(0, Records.with(Briefs.guest("ann"), "portionPercent", 50));
        GuestTotal ann = plan(briefs.build()).guests().get(0);
        assertThat(ann.factor().value()).isEqualTo(0.5);
        assertThat(ann.budgets().get(0).grams().value()).isCloseTo(68, within(1e-9));
    }

    /** A quarter as likely to want it still means one whole prawn kept for ann, and nobody else loses a gram. */
    @Test
    void aReservedShareIsAWholePieceAtLeast() {
        Briefs briefs = Briefs.plain();
        briefs.menu.add("scallop.whole");
        Wish kept = new Wish("scallop.whole", Liking.IF_NEED_BE, null, true);
        briefs.guests.set(0, Records.with(Briefs.guest("ann"), "wishes", List.of(kept)));
        Portion scallop = plan(briefs.build()).lines().stream()
                .filter(line -> line.guest().equals("ann") && line.cut().equals("scallop.whole"))
                .findFirst()
                .orElseThrow();

        assertThat(scallop.reserved()).isTrue();
        assertThat(scallop.pieces()).isNotNull();
        assertThat(scallop.pieces().value())
                .isEqualTo(Math.max(
                        1,
                        Math.ceil(scallop.grams().value()
                                / Catalogue.builtIn().cut("scallop.whole").pieceGrams())));
    }

    /** Whatever is counted: two guests alike in all but their ids differ by no more than the largest single piece. */
    @ParameterizedTest
    @ValueSource(longs = {41, 42, 43, 44, 45, 46, 47, 48})
    void equalGuestsEatAlike(long seed) {
        Brief random = Records.with(Briefs.random(seed), "decisions", Decisions.none());
        Guest first = Records.with(random.guests().get(0), "wishes", List.of());
        List<Guest> guests = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            guests.add(Records.with(first, "id", "alike-" + i));
        }
        Portions portions = plan(Records.with(random, "guests", guests));
        double largest = random.menu().stream()
                .map(item -> CATALOGUE.cut(item.cut()).pieceGrams())
                .filter(java.util.Objects::nonNull)
                .mapToDouble(Double::doubleValue)
                .max()
                .orElse(0);
        double[] food = portions.guests().stream()
                .mapToDouble(total -> total.food().value())
                .sorted()
                .toArray();

        assertThat(food[3] - food[0]).isLessThanOrEqualTo(largest + 1e-9);
    }

    /** 0.3 of everything comes to something in the end: rounding takes no toddler's food away. */
    @Test
    void aToddlerLosesNothingToWholePieces() {
        Briefs briefs = Briefs.plain();
        briefs.guests.set(0, Records.with(Briefs.guest("ann"), "appetite", Appetite.TODDLER));
        Portions portions = plan(briefs.build());
        double exact = portions.lines().stream()
                .filter(line -> line.guest().equals("ann"))
                .mapToDouble(line -> line.grams().value())
                .sum();

        assertThat(portions.guests().get(0).food().value()).isCloseTo(exact, within(12.0));
    }
}
