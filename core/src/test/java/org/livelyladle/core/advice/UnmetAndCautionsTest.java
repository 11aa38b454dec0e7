package org.livelyladle.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.brief.Appetite;
import org.livelyladle.core.brief.Decisions;
import org.livelyladle.core.brief.Doneness;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Wish;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.UnitSystem;
import org.livelyladle.core.plan.Plan;

class UnmetAndCautionsTest {
    private final Briefs briefs = Briefs.plain();

    private Plan plan() {
        return Briefs.PLANNER.plan(briefs.build(), Facts.none(), Briefs.NOW).plan();
    }

    private List<String> cautions(Step step) {
        return plan().cautions().stream()
                .filter(caution -> caution.step() == step)
                .map(Caution::text)
                .toList();
    }

    @Test
    void aMenuWithNothingForAGuestIsTheWorst() {
        briefs.menu.clear();
        briefs.menu.addAll(List.of("beef-ribeye.sliced", "prawn.peeled"));
        briefs.guests.set(0, Briefs.guest("ann", Briefs.diet(NeedKind.VEGAN)));
        Unmet worst = plan().unmet().get(0);

        assertThat(worst.text()).isEqualTo("Nothing on the menu suits ann.");
        assertThat(worst.severity()).isEqualTo(Unmet.Severity.CANNOT_EAT);

        briefs.menu.add(((BriefEdit.AddCut) worst.remedy().edit()).cut());
        assertThat(plan().unmet()).noneMatch(unmet -> unmet.text().equals(worst.text()));
    }

    @Test
    void whatNobodyHasYetIsSaidOnce() {
        briefs.menu.clear();
        briefs.sauces.clear();
        List<Unmet> unmet = plan().unmet();

        assertThat(unmet)
                .extracting(Unmet::text)
                .containsOnlyOnce("Nothing is on the menu yet.", "There is no sauce yet.");
        assertThat(unmet).noneMatch(one -> "ann".equals(one.guest()));
        assertThat(unmet.get(0).severity()).isEqualTo(Unmet.Severity.CANNOT_EAT);

        Unmet sauce = unmet.stream()
                .filter(one -> one.id().equals("sauce"))
                .findFirst()
                .orElseThrow();
        briefs.sauces.add(((BriefEdit.AddSauce) sauce.remedy().edit()).sauce());
        assertThat(plan().unmet()).noneMatch(one -> one.step() == Step.SAUCES);
    }

    @Test
    void anEmptyCategoryIsNamedOnlyWhereSomethingWouldSuit() {
        briefs.guests.set(
                0, Briefs.guest("ann", Briefs.medical(NeedKind.CRUSTACEANS), Briefs.diet(NeedKind.VEGETARIAN)));
        List<String> texts = plan().unmet().stream().map(Unmet::text).toList();

        assertThat(texts).noneMatch(text -> text.contains("meat") || text.contains("seafood"));
        assertThat(texts).anyMatch(text -> text.contains("Nothing from balls and cakes suits ann"));
    }

    @Test
    void aMealTooShortSaysWhatDoesNotFitAndLongerHelps() {
        for (int i = 0; i < 10; i++) {
            briefs.guests.add(Briefs.guest("guest" + i));
        }
        briefs.pots.set(0, Briefs.pot("pot", 1200, "kelp-shiitake"));
        briefs.mealMinutes = 30;
        Plan plan = plan();

        assertThat(plan.table().remainders()).isNotEmpty();
        assertThat(plan.unmet()).anySatisfy(unmet -> {
            assertThat(unmet.text()).contains("find no room in the pots within the meal");
            assertThat(unmet.remedy()).isEqualTo(Remedy.of("Sit 15 minutes longer", new BriefEdit.SitFor(45)));
        });
    }

    @Test
    void aNeighboursHeatIsNoReasonForAnEmptyPot() {
        briefs.pots.set(0, Briefs.pot("pot", 4000, "numbing-chilli"));
        briefs.guests.set(
                0,
                new Guest(
                        "ann",
                        "Ann",
                        Appetite.REGULAR,
                        List.of(),
                        List.of(),
                        Heat.NONE,
                        0,
                        null,
                        100,
                        false,
                        null,
                        false));

        assertThat(plan().unmet()).anySatisfy(unmet -> {
            assertThat(unmet.text()).isEqualTo("No side suits Ann.");
            assertThat(unmet.remedy().edit()).isEqualTo(new BriefEdit.AddPot("kelp-shiitake"));
        });
    }

    @Test
    void chokingShapesAreNamedForSmallChildrenWhoEatThem() {
        assertThat(cautions(Step.INGREDIENTS)).noneMatch(text -> text.contains("quarter"));

        briefs.guests.set(
                0,
                new Guest(
                        "ann",
                        "Ann",
                        Appetite.CHILD,
                        List.of(),
                        List.of(),
                        Heat.HOT,
                        0,
                        null,
                        100,
                        false,
                        null,
                        false));
        assertThat(cautions(Step.INGREDIENTS))
                .anyMatch(text ->
                        text.equals("Fish balls, from frozen for Ann: quarter it lengthways for small children."));
        assertThat(cautions(Step.GUESTS)).anyMatch(text -> text.contains("out of Ann's reach"));
    }

    @Test
    void herbsAndAlcoholInABrothAreNamed() {
        briefs.pots.set(0, Briefs.pot("pot", 4000, "root-and-date", "numbing-chilli"));

        assertThat(cautions(Step.POTS))
                .anyMatch(text -> text.contains("ask a doctor or pharmacist"))
                .anyMatch(text -> text.contains("holds alcohol"));
    }

    @Test
    void anAcceptedSplashIsACaution() {
        briefs.guests.set(0, Briefs.guest("ann", Briefs.medical(NeedKind.CELERY)));
        briefs.decisions = new Decisions(
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(new Decisions.SplashChoice("ann", "pot")),
                List.of());

        assertThat(cautions(Step.POTS)).anyMatch(text -> text.contains("a splash over the wall can be enough"));
    }

    @Test
    void oldPricesAreNamed() {
        briefs.offers.add(new org.livelyladle.core.brief.Offer("a", "shop", "carrot", "Carrots", 500, 99, null, null));
        Plan later = Briefs.PLANNER
                .plan(briefs.build(), Facts.none(), Briefs.NOW.plus(Duration.ofDays(40)))
                .plan();

        assertThat(later.cautions()).anyMatch(caution -> caution.text().contains("Prices are 40 days old"));
        assertThat(cautions(Step.SHOPPING)).isEmpty();
    }

    /** FDA Food Code 2022, 3-402.11: 7 days at -20 °C, or 15 h at -35 °C. */
    @Test
    void pinkFishSaysParasites() {
        briefs.menu.add("white-fish.sliced");
        briefs.guests.set(
                0,
                Records.with(
                        Briefs.guest("ann"),
                        "wishes",
                        List.of(new Wish("white-fish.sliced", Liking.LOVE, Doneness.PINK, false))));

        assertThat(cautions(Step.INGREDIENTS))
                .anyMatch(text ->
                        text.contains("parasites") && text.contains("7 days at -20 °C") && text.contains("3-402.11"));
        briefs.units = UnitSystem.US;
        assertThat(cautions(Step.INGREDIENTS)).noneMatch(text -> text.contains("°C"));
    }

    @Test
    void longWaitsAndUnusedSidesAreNamed() {
        briefs.mealMinutes = 240;
        briefs.menu.retainAll(List.of("carrot.sliced", "spinach.leaves", "udon.fresh"));
        briefs.pots.add(Briefs.pot("fire", 3000, "numbing-chilli"));
        briefs.guests.replaceAll(guest -> Records.with(guest, "heat", Heat.MILD));
        List<String> open = plan().unmet().stream().map(Unmet::text).toList();

        assertThat(open).anyMatch(text -> text.contains("without a bite"));
        assertThat(open).contains("Nothing is cooked in numbing chilli: it is hotter than anybody likes.");
    }
}
