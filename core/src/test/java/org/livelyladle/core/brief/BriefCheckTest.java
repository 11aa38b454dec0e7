package org.livelyladle.core.brief;

import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.brief.Decisions.DropPin;
import org.livelyladle.core.brief.Decisions.OfferPin;
import org.livelyladle.core.brief.Decisions.PortionPin;
import org.livelyladle.core.brief.Decisions.SplashChoice;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.check.InvalidInputException;

/** Whatever a brief names must exist; the first thing that does not is refused by its path. */
class BriefCheckTest {
    private static Arguments unknown(String path, Consumer<Briefs> change) {
        return Arguments.of(path, change);
    }

    private static Decisions decisions(String list, Object pin) {
        return Records.with(Decisions.none(), list, List.of(pin));
    }

    static Stream<Arguments> unknownThings() {
        return Stream.of(
                unknown("menu[8].cut", b -> b.menu.add("dragon.sliced")),
                unknown("sauces[1].sauce", b -> b.sauces = List.of("soy-spring-onion", "dragon")),
                unknown("pots[0].sides[1].broth", b -> b.pots.set(0, Briefs.pot("pot", 4000, "kelp-shiitake", "lava"))),
                unknown(
                        "guests[0].wishes[0].cut",
                        b -> b.guests.set(
                                0,
                                new Guest(
                                        "ann",
                                        "Ann",
                                        Appetite.REGULAR,
                                        List.of(),
                                        List.of(new Wish("dragon", Liking.LOVE, null, false)),
                                        Heat.MILD,
                                        0,
                                        null,
                                        100,
                                        false,
                                        null,
                                        false))),
                unknown(
                        "prices.offers[0].shop",
                        b -> b.offers.add(new Offer("o", "cave", "carrot", "Carrots", 500, 99, null, null))),
                unknown(
                        "prices.offers[0].ingredient",
                        b -> b.offers.add(new Offer("o", "shop", "dragon", "Dragon", 500, 99, null, null))),
                unknown("pantry[0].ingredient", b -> b.pantry.add(new PantryItem("dragon", 100.0))),
                unknown(
                        "decisions.portions.cut",
                        b -> b.decisions = decisions("portions", new PortionPin("ann", "dragon", 10))),
                unknown(
                        "decisions.drops.cut",
                        b -> b.decisions = decisions("drops", new DropPin("dragon", "pot-1", 1, "pot-1", 3))),
                unknown(
                        "decisions.offers.ingredient",
                        b -> b.decisions = decisions("offers", new OfferPin("dragon", "o"))),
                unknown(
                        "decisions.splashes.guest",
                        b -> b.decisions = decisions("splashes", new SplashChoice("nobody", "pot"))),
                unknown(
                        "decisions.splashes.pot",
                        b -> b.decisions = decisions("splashes", new SplashChoice("ann", "cauldron"))));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("unknownThings")
    void whatIsUnknownIsRefusedByItsPath(String path, Consumer<Briefs> change) {
        Briefs briefs = Briefs.plain();
        change.accept(briefs);

        assertThatThrownBy(() -> BriefCheck.check(briefs.build(), Catalogue.builtIn()))
                .isInstanceOf(InvalidInputException.class)
                .extracting("field")
                .isEqualTo(path);
    }

    @Test
    void aBriefForAnotherCatalogueIsRefused() {
        Brief other = Records.with(Briefs.plain().build(), "catalogueVersion", "0");

        assertThatThrownBy(() -> BriefCheck.check(other, Catalogue.builtIn()))
                .hasMessageContaining("catalogueVersion was '0'")
                .hasMessageContaining("accepted is '1'");
    }

    @Test
    void aTimeIsNeverAfterNull() {
        assertThatThrownBy(
                        () -> new Cook("a", "A", false, null, Cook.USUAL_FROM, java.time.LocalTime.of(2, 0), List.of()))
                .hasMessageContaining("a time after 0")
                .hasMessageNotContaining("null");
    }
}
