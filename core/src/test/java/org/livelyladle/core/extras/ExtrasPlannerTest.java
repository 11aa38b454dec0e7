package org.livelyladle.core.extras;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.brief.Appetite;
import org.livelyladle.core.brief.ExtraChoice;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;

class ExtrasPlannerTest {
    private final Briefs briefs = Briefs.plain();

    private Plan plan(String... extras) {
        for (String extra : extras) {
            briefs.extras.add(new ExtraChoice(extra, null));
        }
        return Briefs.PLANNER.plan(briefs.build(), Facts.none(), Briefs.NOW).plan();
    }

    private static Extras.ExtraNeed of(Plan plan, String ingredient) {
        return plan.extras().needs().stream()
                .filter(need -> need.ingredient().equals(ingredient))
                .findFirst()
                .orElseThrow();
    }

    /** 700 ml of drinks an adult (memory), over two drinks for two adults; juice weighs 1.04 g/ml. */
    @Test
    void aKindIsSharedAmongWhatSuits() {
        Plan plan = plan("sparkling-water", "apple-juice", "mint");

        assertThat(of(plan, "apple-juice").amount().value()).isCloseTo(700, within(1e-9));
        assertThat(of(plan, "apple-juice").grams().value()).isCloseTo(700 * 1.04, within(1e-9));
        assertThat(of(plan, "mint").amount().value()).isCloseTo(24, within(1e-9));
    }

    @Test
    void whoIsKeptFromOneDrinkGetsMoreOfTheOther() {
        briefs.guests.set(0, Records.with(Briefs.guest("ann"), "needs", List.of(Briefs.medical(NeedKind.PREGNANT))));
        briefs.guests.set(1, Records.with(Briefs.guest("kid"), "appetite", Appetite.CHILD));
        Plan plan = plan("sparkling-water", "lager");

        assertThat(of(plan, "lager").guests()).isZero();
        assertThat(of(plan, "sparkling-water").amount().value()).isCloseTo(700 * 1.5, within(1e-9));
        assertThat(plan.extras().keptFrom())
                .containsExactly(
                        new Extras.Kept("ann", "lager", "pregnant (alcohol)"),
                        new Extras.Kept("kid", "lager", "small child (alcohol)"));
    }

    /** Plum wine weighs a quarter of a drink: 700 x 0.25 / 1.25 ml each; a big eater drinks no more than others. */
    @Test
    void strongThingsTakeLessOfTheirKind() {
        briefs.guests.set(0, Records.with(Briefs.guest("ann"), "appetite", Appetite.HEARTY));
        Plan plan = plan("sparkling-water", "plum-wine");

        assertThat(of(plan, "plum-wine").amount().value()).isCloseTo(2 * 140, within(1e-9));
        assertThat(of(plan, "sparkling-water").amount().value()).isCloseTo(2 * 560, within(1e-9));
    }

    @Test
    void anAmountOfItsOwnIsNotShared() {
        briefs.extras.add(new ExtraChoice("apple-juice", 200.0));
        Plan plan = plan("sparkling-water");

        assertThat(of(plan, "apple-juice").amount().value()).isCloseTo(400, within(1e-9));
        assertThat(of(plan, "sparkling-water").amount().value()).isCloseTo(1400, within(1e-9));
    }

    @Test
    void itIsBoughtSetOutAndPrepared() {
        Plan plan = plan("rice-paper", "plum-wine");

        assertThat(plan.purchases().needs()).anyMatch(need -> need.ingredient().equals("rice-paper"));
        assertThat(plan.equipment()).anyMatch(item -> item.name().equals("Glasses"));
        assertThat(plan.prep().tasks())
                .anyMatch(task -> task.what().equals("Chill: plum wine")
                        && task.hands() < task.minutes().value());
    }

    /** The only drink of a kind still is no more than its weight: 700 ml x 0.25 each of plum wine. */
    /** A glass of plum wine is 100 ml, one of water 250 ml (memory). */
    @Test
    void drinksAreSaidByTheGlass() {
        Plan plan = plan("sparkling-water", "plum-wine");

        assertThat(of(plan, "plum-wine").amount().text()).isEqualTo("280 ml, 3 glasses");
        assertThat(of(plan, "sparkling-water").amount().text()).endsWith(", 4 glasses");
    }

    @Test
    void fruitForWrapsIsKeptFromBrowning() {
        Plan plan = plan("rice-paper", "star-fruit");

        assertThat(plan.prep().tasks()).anySatisfy(task -> {
            assertThat(task.id()).isEqualTo("beside:keep_from_air");
            assertThat(task.what()).isEqualTo("Cut and keep from browning: star fruit");
            assertThat(task.caution()).contains("lime");
        });
    }

    @Test
    void nobodyDrinksThePlumWineAlone() {
        assertThat(of(plan("plum-wine"), "plum-wine").amount().value()).isCloseTo(2 * 175, within(1e-9));
    }
}
