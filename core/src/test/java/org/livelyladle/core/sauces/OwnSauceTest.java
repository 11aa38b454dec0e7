package org.livelyladle.core.sauces;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.ExtraChoice;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.OwnIngredient;
import org.livelyladle.core.brief.OwnSauce;
import org.livelyladle.core.brief.OwnSauce.SaucePart;
import org.livelyladle.core.brief.SauceChoice;
import org.livelyladle.core.catalogue.BarPart;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Extra;
import org.livelyladle.core.catalogue.Origin;
import org.livelyladle.core.catalogue.Sauce;
import org.livelyladle.core.catalogue.Trait;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;

/** Sauces, drinks and things for the bar of the household's own. */
class OwnSauceTest {
    private final Briefs briefs = Briefs.plain();

    private static Plan plan(Brief brief) {
        return Briefs.PLANNER.plan(brief, Facts.none(), Briefs.NOW).plan();
    }

    private Plan plan() {
        return plan(briefs.build());
    }

    private static OwnSauce own(String id, Sauce like, double scale) {
        return new OwnSauce(
                id,
                "Ours",
                like.parts().stream()
                        .map(part -> new SaucePart(part.ingredient(), part.mlPer100() * scale))
                        .toList(),
                like.brothMlPer100() * scale,
                like.use(),
                like.minutes(),
                null);
    }

    /** Typed in any amount, each sauce of the catalogue is the same sauce: parts, broth, raw egg, time, who may have it. */
    @Test
    void typedByItsPartsASauceIsTheSame() {
        for (Sauce known : Catalogue.builtIn().sauces()) {
            briefs.ownSauces = List.of(own("ours", known, 0.7));
            Sauce ours = briefs.build().extend(Catalogue.builtIn()).sauce("ours");

            assertThat(ours.brothMlPer100()).as(known.id()).isCloseTo(known.brothMlPer100(), within(1e-9));
            assertThat(ours.parts()).hasSameSizeAs(known.parts());
            for (int i = 0; i < ours.parts().size(); i++) {
                assertThat(ours.parts().get(i).mlPer100())
                        .isCloseTo(known.parts().get(i).mlPer100(), within(1e-9));
            }
            assertThat(ours.minutes()).isEqualTo(known.minutes());
            // nobody said that a mayonnaise is pasteurised: never less strict than the catalogue
            assertThat(ours.rawEgg() || !known.rawEgg()).isTrue();
        }
    }

    @Test
    void itIsStirredBoughtAndKeptFromWhomItDoesNotSuitLikeAnyOther() {
        briefs.ownSauces = List.of(new OwnSauce(
                "nutty",
                "Nutty",
                List.of(new SaucePart("peanut-butter", 30), new SaucePart("soy-sauce", 10)),
                20.0,
                Sauce.Use.DIP,
                5,
                null));
        briefs.sauces = List.of("nutty");
        briefs.guests.set(0, Briefs.guest("ann", Briefs.medical(NeedKind.PEANUTS)));
        Plan plan = plan();
        Sauces.SauceNeed need = plan.sauces().needs().get(0);

        assertThat(need.make().value()).isCloseTo(60, within(1e-9));
        assertThat(need.parts())
                .extracting(part -> Math.round(part.volume().value()))
                .containsExactly(30L, 10L);
        assertThat(need.broth()).isNotNull();
        assertThat(plan.sauces().without()).containsExactly("ann");
        assertThat(plan.purchases().needs())
                .anyMatch(bought -> bought.ingredient().equals("peanut-butter"));
    }

    /** Nobody has said whether the egg is cooked: it counts as raw until somebody does. */
    @Test
    void eggIsRawUntilItIsSaidNotToBe() {
        List<SaucePart> parts = List.of(new SaucePart("egg", 40), new SaucePart("soy-sauce", 20));
        briefs.sauces = List.of("eggy");
        briefs.guests.set(0, Briefs.guest("ann", Briefs.diet(NeedKind.SMALL_CHILD)));
        briefs.ownSauces = List.of(new OwnSauce("eggy", "Eggy", parts, 0, Sauce.Use.DIP, 5, null));
        assertThat(plan().sauces().without()).containsExactly("ann");

        briefs.ownSauces = List.of(new OwnSauce("eggy", "Eggy", parts, 0, Sauce.Use.DIP, 5, false));
        assertThat(plan().sauces().without()).isEmpty();
    }

    @Test
    void aSauceIsForWhomItIsMeantAndAsMuchAsWasSaid() {
        briefs.sauces = List.of("soy-spring-onion", "lime-tamari");
        Brief brief = briefs.build()
                .changed(draft -> draft.sauces = List.of(
                        new SauceChoice("soy-spring-onion", 20.0, List.of("ann")), SauceChoice.of("lime-tamari")));
        Sauces sauces = plan(brief).sauces();

        assertThat(sauces.needs().get(0).make().value()).isCloseTo(20, within(1e-9));
        assertThat(sauces.needs().get(1).make().value()).isCloseTo(120, within(1e-9));
        assertThat(sauces.clashes()).isEmpty();
        assertThatThrownBy(() -> plan(brief.changed(
                        draft -> draft.sauces = List.of(new SauceChoice("lime-tamari", null, List.of("nobody"))))))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("sauces[0].guests");
    }

    /** Anything of the larder can be set out, the household's own too; nothing else. */
    @Test
    void theBarTakesAnythingOfTheLarder() {
        briefs.own.add(OwnIngredient.of(
                "my-relish", "My relish", Category.LARDER, null, Origin.PLANT, Set.of(), Set.of(), null, null, null));
        briefs.sauceBar = List.of("soy-sauce", "fermented-cabbage", "my-relish");
        Brief brief = briefs.build()
                .changed(draft -> draft.guests =
                        draft.guests.stream().map(guest -> guest.stirring(true)).toList());
        Sauces.Bar bar = plan(brief).sauces().bar();

        assertThat(bar.needs()).extracting(Sauces.BarNeed::name).contains("My relish", "Fermented chilli cabbage");
        // base, and two that share what comes besides
        double all = BarPart.Role.BASE.share() + BarPart.Role.ALSO.share();
        assertThat(bar.needs().get(2).volume().value())
                .isCloseTo(120 * BarPart.Role.ALSO.share() / 2 / all, within(1e-9));
        briefs.sauceBar = List.of("beef-ribeye");
        assertThatThrownBy(this::plan).hasMessageContaining("something of the larder");
    }

    /** Of a drink nobody knows it is for adults only; once it is known to be without alcohol it is for children too. */
    @Test
    void anOwnDrinkStandsBesideThePots() {
        briefs.extras.add(new ExtraChoice("my-punch", null));
        briefs.guests.set(0, Briefs.guest("ann", Briefs.diet(NeedKind.SMALL_CHILD)));
        briefs.own.add(drink(EnumSet.of(Trait.ALCOHOL)));
        assertThat(plan().extras().needs().get(0).guests()).isEqualTo(1);
        briefs.own.set(0, drink(EnumSet.noneOf(Trait.class)));

        assertThat(plan().extras().needs().get(0).guests()).isEqualTo(2);
        assertThat(plan().extras().needs().get(0).amount().text()).contains("glass");
        assertThat(plan().purchases().needs())
                .anyMatch(need -> need.ingredient().equals("my-punch"));
    }

    private static OwnIngredient drink(Set<Trait> traits) {
        return new OwnIngredient(
                "my-punch",
                "My punch",
                Category.LARDER,
                null,
                Origin.PLANT,
                Set.of(),
                traits,
                null,
                null,
                null,
                Extra.Kind.DRINK);
    }
}
