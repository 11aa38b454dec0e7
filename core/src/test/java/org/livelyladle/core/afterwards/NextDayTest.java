package org.livelyladle.core.afterwards;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Allergen;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.plan.Plan;

/** Soup and fried rice of what is left, for as many as it feeds and for whom it is. */
class NextDayTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 28);
    private final Briefs briefs = Briefs.plain();

    private static Journal.Left left(String cut, double grams, Journal.State state) {
        return new Journal.Left(cut, Journal.Part.NONE, grams, state);
    }

    private Plan plan() {
        return Briefs.PLANNER
                .plan(briefs.build(), Facts.none(), DAY.atStartOfDay().toInstant(ZoneOffset.UTC))
                .plan();
    }

    private List<NextDay> meals(List<Journal.Left> left, double ml) {
        Brief brief = briefs.build();
        return meals(
                left,
                ml == 0
                        ? List.of()
                        : List.of(new Journal.BrothLeft(brief.sides().get(0).id(), ml)));
    }

    private List<NextDay> meals(List<Journal.Left> left, List<Journal.BrothLeft> broths) {
        Brief brief = briefs.build();
        Journal journal =
                new Journal(Journal.FORMAT, Journal.VERSION, left, broths, List.of(), List.of(), null, "", null);
        KitchenText text = new KitchenText(brief.units(), brief.currency());
        return new KeepingPlanner(brief, brief.extend(Catalogue.builtIn()), text).nextDay(plan(), journal);
    }

    /** 1100 ml make three bowls of 350 ml, 60 g of carrots and tofu go in whole, starch is 75 g dry a head. */
    @Test
    void theSoupIsAsLargeAsItsBroth() {
        List<NextDay> meals = meals(
                List.of(
                        left("carrot.sliced", 30, Journal.State.COOKED),
                        left("beef-ribeye.sliced", 60, Journal.State.UNTOUCHED)),
                1100);
        assertThat(meals).singleElement().satisfies(soup -> {
            assertThat(soup.kind()).isEqualTo(NextDay.Kind.SOUP);
            assertThat(soup.people()).isEqualTo(3);
            assertThat(soup.until()).as("raw meat keeps a day").isEqualTo(DAY.plusDays(1));
            assertThat(soup.parts())
                    .extracting(NextDay.Part::amount)
                    .containsExactlyInAnyOrder("1.05 l", "30 g", "60 g", "225 g dry");
            assertThat(soup.how())
                    .anyMatch(step -> step.contains("74 °C"))
                    .anyMatch(step -> step.contains("raw first"));
        });
    }

    @Test
    void whatTheSoupHasNoRoomForIsFriedWithRiceAndEggs() {
        List<NextDay> meals = meals(
                List.of(
                        left("carrot.sliced", 300, Journal.State.UNTOUCHED),
                        left("beef-ribeye.sliced", 260, Journal.State.UNTOUCHED)),
                400);
        assertThat(meals).extracting(NextDay::kind).containsExactly(NextDay.Kind.SOUP, NextDay.Kind.FRIED_RICE);
        NextDay rice = meals.get(1);
        assertThat(rice.allergens()).contains(Allergen.EGGS);
        assertThat(rice.people()).isLessThanOrEqualTo(3);
        assertThat(rice.parts()).anyMatch(part -> part.toGet() && part.amount().endsWith("dry"));
    }

    /** The vegan's own side stays clean, so its soup is for everybody; meat was in the other. */
    @Test
    void whoeverKeepsAwayFromSomethingInItIsNamed() {
        briefs.guests.set(0, briefs.guests.get(0).alsoNeeding(List.of(NeedKind.VEGAN)));
        Set<Boolean> met = new HashSet<>();
        for (Side side : briefs.build().sides()) {
            boolean heldMeat = plan().table().drops().stream()
                    .anyMatch(
                            drop -> drop.side().equals(side.id()) && drop.cut().startsWith("beef"));
            met.add(heldMeat);
            assertThat(meals(
                            List.of(left("carrot.sliced", 60, Journal.State.COOKED)),
                            List.of(new Journal.BrothLeft(side.id(), 700))))
                    .singleElement()
                    .satisfies(soup -> assertThat(soup.notFor().stream()
                                    .anyMatch(one -> one.guest()
                                                    .equals(briefs.guests.get(0).id())
                                            && one.needs().contains("vegan")))
                            .isEqualTo(heldMeat));
        }
        assertThat(met).containsExactlyInAnyOrder(true, false);
    }

    @Test
    void nothingIsCookedOfWhatIsThrownAway() {
        briefs.mealMinutes = 150;
        assertThat(meals(List.of(left("beef-ribeye.sliced", 200, Journal.State.FROM_TABLE)), 0))
                .isEmpty();
        assertThat(meals(List.of(), 0)).isEmpty();
    }
}
