package org.livelyladle.core.portions;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Parties;
import org.livelyladle.core.Records;
import org.livelyladle.core.advice.Unmet;
import org.livelyladle.core.brief.Amount;
import org.livelyladle.core.brief.Amount.Unit;
import org.livelyladle.core.brief.Appetite;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.Wish;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.purchases.Purchases;

/** What a host says of amounts holds to the gram or piece, and what nobody says is shared like people eat. */
class AmountsTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();

    private final Briefs briefs = Briefs.plain();

    private Brief saying(String cut, Amount amount) {
        return saying(briefs.build(), cut, amount);
    }

    private static Brief saying(Brief brief, String cut, Amount amount) {
        return brief.serving(brief.menu().stream()
                .map(item -> item.cut().equals(cut) ? Records.with(item, "amount", amount) : item)
                .toList());
    }

    private static Portions portions(Brief brief) {
        Catalogue catalogue = brief.extend(CATALOGUE);
        return new PortionPlanner(brief, catalogue, new Ledger(), new KitchenText(brief.units(), brief.currency()))
                .plan();
    }

    private static double total(Portions portions, String cut) {
        return portions.total(cut).orElseThrow().grams().value();
    }

    private static double served(Portions portions, String guest) {
        return portions.lines().stream()
                .filter(line -> line.guest().equals(guest))
                .mapToDouble(line -> line.served().value())
                .sum();
    }

    private static Plan plan(Brief brief) {
        return Briefs.PLANNER.plan(brief, Facts.none(), Briefs.NOW).plan();
    }

    @Test
    void gramsAndPiecesAreWhatIsSaid() {
        assertThat(total(portions(saying("spinach.leaves", new Amount(Unit.GRAMS, 345))), "spinach.leaves"))
                .isCloseTo(345, within(1e-9));
        assertThat(portions(saying("prawn.peeled", new Amount(Unit.PIECES, 7)))
                        .total("prawn.peeled")
                        .orElseThrow()
                        .pieces()
                        .value())
                .isEqualTo(7);
        assertThat(portions(saying("prawn.peeled", new Amount(Unit.PIECES_EACH, 2)))
                        .lines())
                .filteredOn(line -> line.cut().equals("prawn.peeled"))
                .hasSize(2)
                .allSatisfy(line -> assertThat(line.pieces().value()).isEqualTo(2));
    }

    /** "One piece each" stays one piece each when somebody joins, and passes by whoever may not have it. */
    @Test
    void wordsKeepTheirMeaningWhenGuestsChange() {
        briefs.guests.add(Briefs.guest("cleo"));
        briefs.guests.add(Briefs.guest("dan", Briefs.medical(NeedKind.CRUSTACEANS)));
        Portions portions = portions(saying("prawn.peeled", new Amount(Unit.PIECES_EACH, 1)));

        assertThat(portions.total("prawn.peeled").orElseThrow().pieces().value())
                .isEqualTo(3);
    }

    @Test
    void atMostCapsAndNeverAdds() {
        double usual = total(portions(briefs.build()), "carrot.sliced");
        assertThat(total(portions(saying("carrot.sliced", new Amount(Unit.UP_TO, usual * 4))), "carrot.sliced"))
                .isCloseTo(usual, within(1e-9));
        assertThat(total(portions(saying("carrot.sliced", new Amount(Unit.UP_TO, 24))), "carrot.sliced"))
                .isCloseTo(24, within(8.0))
                .isLessThanOrEqualTo(24 + 1e-9);
    }

    /** Packs are bought as counted, whatever the margin, and all of them is eaten. */
    @ParameterizedTest
    @EnumSource(names = {"PACKS", "EAT_UP"})
    void countedPacksAreBoughtAndEaten(Unit unit) {
        briefs.marginPercent = 15;
        briefs.offers.add(new Offer("udon", "shop", "udon", "Udon", 250, 199, null, null));
        Brief brief = saying("udon.fresh", new Amount(unit, unit == Unit.PACKS ? 2 : 1));
        Plan plan = plan(brief);
        Purchases.Line line = plan.purchases().trips().get(0).lines().get(0);

        int packs = unit == Unit.PACKS ? 2 : (int) Math.ceil(total(portions(briefs.build()), "udon.fresh") / 250);
        assertThat(line.count()).isEqualTo(packs);
        assertThat(total(plan.portions(), "udon.fresh")).isCloseTo(packs * 250.0, within(1e-6));
    }

    @Test
    void oneRadishIsOneRadishLessItsPeel() {
        briefs.menu.add("daikon.sliced");
        double grams = total(portions(saying("daikon.sliced", new Amount(Unit.ONES, 1))), "daikon.sliced");
        assertThat(grams).isBetween(700 * 0.88 - 20, 700 * 0.88);
    }

    @Test
    void packsNobodySellsAreAskedFor() {
        Brief brief = saying("beef-ribeye.sliced", new Amount(Unit.PACKS, 2));
        assertThat(plan(brief).unmet()).extracting(Unmet::id).contains("amount.beef-ribeye.sliced");
    }

    /** No regular eater gets more than 230 g of one meat or 120 g of dry noodles, however little else there is. */
    @Test
    void nobodyEatsMoreOfOneFoodThanPeopleDo() {
        briefs.menu = List.of("beef-ribeye.sliced", "soba.cooked", "spinach.leaves");
        Portions portions = portions(briefs.build());

        assertThat(total(portions, "beef-ribeye.sliced")).isLessThanOrEqualTo(2 * 230 + 12);
        assertThat(total(portions, "soba.cooked") * 0.4).isLessThanOrEqualTo(2 * 120 + 1e-6);
        assertThat(portions.full()).hasSize(2);
        assertThat(plan(briefs.build()).unmet())
                .anySatisfy(unmet -> assertThat(unmet.text()).contains("One eats only so much of one food"));
    }

    /** Where the evening has no meat, seafood takes its place before tofu; for a vegan it is still tofu. */
    @Test
    void theEveningsOwnKindOfFoodTakesOver() {
        briefs.menu = List.of("prawn.peeled", "scallop.whole", "mussel.whole", "tofu-firm.cubes", "spinach.leaves");
        briefs.guests.add(Briefs.guest("vera", Briefs.diet(NeedKind.VEGAN)));
        Portions portions = portions(briefs.build());

        assertThat(portions.guests().get(0).budgets())
                .anySatisfy(budget -> {
                    assertThat(budget.category()).isEqualTo(Category.SEAFOOD);
                    assertThat(budget.grams().value()).isGreaterThan(60 + 136);
                })
                .anySatisfy(budget -> {
                    assertThat(budget.category()).isEqualTo(Category.TOFU);
                    assertThat(budget.grams().value()).isLessThan(160);
                });
        assertThat(portions.lines().stream()
                        .filter(line ->
                                line.guest().equals("vera") && line.cut().equals("tofu-firm.cubes"))
                        .mapToDouble(line -> line.served().value())
                        .sum())
                .isGreaterThan(120);
    }

    @Test
    void aKindThatIsLeftOutIsAskedAboutOnceAndNeverAgain() {
        briefs.menu.removeAll(List.of("tofu-firm.cubes", "udon.fresh"));
        Unmet asked = plan(briefs.build()).unmet().stream()
                .filter(unmet -> unmet.id().equals("none"))
                .findFirst()
                .orElseThrow();
        assertThat(asked.guest()).isNull();
        assertThat(asked.text()).contains("nothing from tofu, bean and egg or starch");

        briefs.without.addAll(((BriefEdit.DoWithout) asked.remedy().edit()).kinds());
        Plan meant = plan(briefs.build());
        assertThat(meant.unmet()).noneMatch(unmet -> unmet.text().contains("tofu"));
        assertThat(meant.suggestions()).noneMatch(idea -> idea.text().contains("tofu, bean and egg"));
    }

    /** Slow and quick vegetables stand in for each other without a word. */
    @Test
    void peppersAreMissedByNobodyWhoHasCarrots() {
        assertThat(plan(briefs.build()).unmet()).noneMatch(unmet -> unmet.text().contains("quick vegetables"));
        assertThat(total(portions(briefs.build()), "carrot.sliced")).isCloseTo(2 * 60, within(8.0));
    }

    /** Two like guests differ by no more than the largest single piece over the whole evening. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void equalGuestsGetEqualFood(long seed) {
        Random random = new Random(seed);
        briefs.guests.clear();
        IntStream.range(0, 2 + random.nextInt(9)).forEach(i -> briefs.guests.add(Briefs.guest("g" + i)));
        briefs.menu = CATALOGUE.cuts().stream()
                .filter(cut -> random.nextInt(6) == 0)
                .map(Cut::id)
                .toList();
        Portions portions = portions(briefs.build());

        double largest = briefs.menu.stream()
                .map(CATALOGUE::cut)
                .filter(Cut::counted)
                .mapToDouble(Cut::pieceGrams)
                .max()
                .orElse(0);
        double[] grams = briefs.guests.stream()
                .mapToDouble(guest -> served(portions, guest.id()))
                .sorted()
                .toArray();
        assertThat(grams[grams.length - 1] - grams[0]).isLessThanOrEqualTo(largest + 1e-6);
    }

    /** Who loves something has a piece of it before anybody has a second. */
    @Test
    void whoLovesItHasAPieceBeforeAnybodyHasASecond() {
        briefs.menu.add("scallop.whole");
        for (int i = 0; i < 6; i++) {
            Guest fan = Records.with(
                    Briefs.guest("fan" + i), "wishes", List.of(new Wish("scallop.whole", Liking.LOVE, null, false)));
            briefs.guests.add(i % 2 == 0 ? fan : Records.with(fan, "appetite", Appetite.LIGHT));
        }
        Portions portions = portions(saying("scallop.whole", new Amount(Unit.PIECES, 8)));

        assertThat(portions.lines())
                .filteredOn(line ->
                        line.cut().equals("scallop.whole") && line.guest().startsWith("fan"))
                .hasSize(6)
                .allSatisfy(line -> assertThat(line.pieces().value()).isPositive());
    }

    /** On random parties: words are kept, and no food is above what one eats of it. */
    @ParameterizedTest
    @ValueSource(longs = {101, 102, 103, 104, 105, 106, 107, 108, 109, 110, 111, 112, 113, 114, 115, 116})
    void wordsAndMostsHoldOnAnyParty(long seed) {
        Brief brief = Parties.random(seed);
        Catalogue catalogue = brief.extend(CATALOGUE);
        Portions portions = portions(brief);
        for (MenuItem item : brief.menu()) {
            Cut cut = catalogue.cut(item.cut());
            Amount amount = item.amount();
            List<Portion> own = portions.lines().stream()
                    .filter(line -> line.cut().equals(cut.id()) && !line.pinned())
                    .toList();
            if (amount != null && amount.unit() == Unit.PIECES_EACH) {
                assertThat(own)
                        .allSatisfy(line -> assertThat(line.pieces().value()).isEqualTo(amount.count()));
            } else if (amount == null && brief.decisions().trades().isEmpty()) {
                for (Portion line : own) {
                    double factor = portions.guests().stream()
                            .filter(total -> total.guest().equals(line.guest()))
                            .mapToDouble(total -> total.factor().value())
                            .sum();
                    Category kind = catalogue.ingredientOf(cut).category();
                    double most =
                            Math.max(kind.mostOfOne(), brief.portionsPerAdult().get(kind));
                    assertThat(line.grams().value() * cut.dryShare())
                            .as(seed + " " + cut.id())
                            .isLessThanOrEqualTo(factor * most + 1e-6);
                }
            }
        }
    }

    /** On random parties: where somebody who loves it has no piece, nobody who could give one has two. */
    @ParameterizedTest
    @ValueSource(longs = {201, 202, 203, 204, 205, 206, 207, 208, 209, 210, 211, 212, 213, 214, 215, 216})
    void nobodyHasASecondBeforeWhoLovesItHasOne(long seed) {
        Brief brief = Parties.random(seed);
        Catalogue catalogue = brief.extend(CATALOGUE);
        Portions portions = portions(brief);
        for (CutTotal total : portions.cuts()) {
            if (total.tooFew() && catalogue.cut(total.cut()).counted()) {
                assertThat(portions.lines())
                        .as(seed + " " + total.cut())
                        .filteredOn(line -> line.cut().equals(total.cut()) && !line.pinned() && !line.reserved())
                        .allSatisfy(line -> assertThat(line.pieces().value()).isLessThanOrEqualTo(1));
            }
        }
    }
}
