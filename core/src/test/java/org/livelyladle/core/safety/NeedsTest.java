package org.livelyladle.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Strength;
import org.livelyladle.core.catalogue.Allergen;
import org.livelyladle.core.catalogue.Catalogue;

class NeedsTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();

    private static Content cut(String id) {
        return Content.of(CATALOGUE.cut(id), CATALOGUE);
    }

    private static Guest guest(NeedKind kind, Strength strength) {
        return Briefs.guest("ann", new Need(kind, strength));
    }

    @ParameterizedTest
    @CsvSource({
        "VEGAN,beef-ribeye.sliced,true",
        "VEGAN,tofu-firm.cubes,false",
        "VEGETARIAN,prawn.peeled,true",
        "VEGETARIAN,seitan.sliced,false",
        "NO_PORK,pork-dumpling.frozen,true",
        "NO_PORK,beef-ball.frozen,false",
        "NO_BEEF,beef-ball.frozen,true",
        "CRUSTACEANS,prawn.whole,true",
        "CRUSTACEANS,squid.rings,false",
        "MOLLUSCS,squid.rings,true",
        "MOLLUSCS,prawn.whole,false",
        "FISH,fish-cake.sliced,true",
        "EGGS,fish-ball.frozen,true",
        "GLUTEN,udon.fresh,true",
        "GLUTEN,glass-noodle.soaked,false",
        "SOYBEANS,tofu-puff.halved,true",
        "SESAME,pork-dumpling.frozen,true",
        "PREGNANT,prawn.whole,false"
    })
    void aNeedForbidsWhatItNames(NeedKind kind, String cut, boolean forbidden) {
        assertThat(Needs.brokenByEating(guest(kind, Strength.DIET), cut(cut))).hasSize(forbidden ? 1 : 0);
    }

    /** Each of the fourteen allergens of Regulation (EU) 1169/2011 annex II has a need of its own. */
    @ParameterizedTest
    @EnumSource(Allergen.class)
    void everyAllergenCanBeKeptAwayFrom(Allergen allergen) {
        NeedKind kind = NeedKind.valueOf(allergen.name());
        Content content = new Content(java.util.Set.of(allergen), java.util.Set.of(), java.util.Set.of(), false);

        assertThat(Needs.brokenBySplash(guest(kind, Strength.MEDICAL), content)).hasSize(1);
        for (NeedKind other : NeedKind.values()) {
            if (other != kind) {
                assertThat(Needs.brokenByEating(guest(other, Strength.MEDICAL), content))
                        .as(other.name())
                        .isEmpty();
            }
        }
    }

    @Test
    void strengthDecidesHowFarANeedReaches() {
        Content prawn = cut("prawn.whole");

        assertThat(reach(Strength.DISLIKE, prawn)).containsExactly(1, 0, 0);
        assertThat(reach(Strength.DIET, prawn)).containsExactly(1, 1, 0);
        assertThat(reach(Strength.MEDICAL, prawn)).containsExactly(1, 1, 1);
    }

    private static List<Integer> reach(Strength strength, Content content) {
        Guest guest = guest(NeedKind.CRUSTACEANS, strength);
        return List.of(
                Needs.brokenByEating(guest, content).size(),
                Needs.brokenByContact(guest, content).size(),
                Needs.brokenBySplash(guest, content).size());
    }

    /** Raw egg bars only the item, medicinal herbs bar the side. */
    @Test
    void thePregnantGuestIsKeptFromRawEggAndHerbs() {
        Guest pregnant = guest(NeedKind.PREGNANT, Strength.MEDICAL);
        Content egg = Content.of(CATALOGUE.sauce("egg-yolk-soy"), CATALOGUE);
        Content herbs = Content.of(CATALOGUE.broth("root-and-date"), CATALOGUE);

        assertThat(Needs.brokenByEating(pregnant, egg)).hasSize(1);
        assertThat(Needs.brokenByContact(pregnant, egg)).isEmpty();
        assertThat(Needs.brokenByContact(pregnant, herbs)).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({
        "kelp-shiitake,VEGAN,false",
        "ginger-chicken,VEGAN,true",
        "ginger-chicken,NO_PORK,false",
        "root-and-date,NO_PORK,true",
        "root-and-date,SULPHITES,true",
        "numbing-chilli,NO_ALCOHOL,true",
        "numbing-chilli,NO_BEEF,true",
        "numbing-chilli,GLUTEN,true",
        "smoked-tomato,CELERY,true",
        "smoked-tomato,VEGAN,false"
    })
    void brothsHoldWhatTheirPartsHold(String broth, NeedKind kind, boolean forbidden) {
        Content content = Content.of(CATALOGUE.broth(broth), CATALOGUE);

        assertThat(Needs.brokenByContact(guest(kind, Strength.DIET), content)).hasSize(forbidden ? 1 : 0);
    }
}
