package org.livelyladle.core.sauces;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;

class SaucePlannerTest {
    private final Briefs briefs = Briefs.plain();

    private Plan plan() {
        return Briefs.PLANNER.plan(briefs.build(), Facts.none(), Briefs.NOW).plan();
    }

    @Test
    void everybodysSauceIsSharedAmongThoseThatSuit() {
        briefs.sauces = List.of("soy-spring-onion", "lime-tamari");
        briefs.guests.set(0, Briefs.guest("ann", Briefs.medical(NeedKind.SESAME)));
        Sauces sauces = plan().sauces();

        assertThat(sauces.needs().get(0).make().value()).isCloseTo(30, within(1e-9));
        assertThat(sauces.needs().get(1).make().value()).isCloseTo(90, within(1e-9));
        assertThat(sauces.clashes())
                .containsExactly(new Sauces.Clash("ann", "soy-spring-onion", "no sesame", "Lime, ginger and tamari"));
    }

    @Test
    void partsAddUpToTheSauce() {
        briefs.sauces = List.of("soy-spring-onion", "sesame-peanut", "citrus-soy");
        for (Sauces.SauceNeed need : plan().sauces().needs()) {
            double parts = need.parts().stream()
                    .mapToDouble(part -> part.volume().value())
                    .sum();
            double broth = need.broth() == null ? 0 : need.broth().value();
            assertThat(parts + broth).isCloseTo(need.make().value(), within(1e-9));
        }
    }

    @Test
    void rawEggIsKeptFromChildrenAndPregnantGuests() {
        briefs.sauces = List.of("egg-yolk-soy");
        briefs.guests.set(0, Briefs.guest("ann", Briefs.diet(NeedKind.SMALL_CHILD)));
        Plan plan = plan();

        assertThat(plan.sauces().clashes())
                .containsExactly(new Sauces.Clash(
                        "ann", "egg-yolk-soy", "small child (raw egg)", "Soy, vinegar and spring onion"));
        assertThat(plan.sauces().without()).containsExactly("ann");
        assertThat(plan.unmet()).anySatisfy(unmet -> {
            assertThat(unmet.text()).isEqualTo("No sauce suits ann.");
            assertThat(unmet.remedy().edit()).isInstanceOf(BriefEdit.AddSauce.class);
        });
        assertThat(plan.cautions()).anyMatch(caution -> caution.text().contains("raw egg"));
    }

    @Test
    void everySauceOfTheCatalogueIsWhole() {
        assertThat(Catalogue.builtIn().sauces())
                .allSatisfy(sauce -> assertThat(sauce.parts().stream()
                                        .mapToDouble(part -> part.mlPer100())
                                        .sum()
                                + sauce.brothMlPer100())
                        .as(sauce.id())
                        .isEqualTo(100));
    }

    /** 120 ml of sauce for two, a fifth of it broth. */
    @Test
    void brothForASauceIsSetAsideFromASideThatSuitsAllWhoGetIt() {
        briefs.sauces = List.of("sesame-peanut");
        briefs.pots.clear();
        briefs.pots.add(Briefs.pot("pot", 4000, "numbing-chilli", "ginger-chicken", "kelp-shiitake"));
        Sauces.SauceNeed need = plan().sauces().needs().get(0);
        assertThat(need.broth()).isNotNull();
        assertThat(need.broth().value()).isCloseTo(24, within(1e-9));
        assertThat(need.from()).isEqualTo("Ginger chicken");

        briefs.guests.set(0, Briefs.guest("ann", Briefs.diet(NeedKind.VEGAN)));
        assertThat(plan().sauces().needs().get(0).from()).isEqualTo("Kelp and shiitake");
        briefs.pots.set(0, Briefs.pot("pot", 4000, "ginger-chicken"));
        assertThat(plan().sauces().needs().get(0).from())
                .as("no side suits: water")
                .isEmpty();
    }

    /** A bowl of 60 ml: soy 45, sesame oil 25, spring onion 12 of 82 parts; no chilli for a mild eater. */
    @Test
    void whoStirsTheirOwnTakesFromTheBarByRole() {
        briefs.guests.set(0, Records.with(Briefs.guest("ann"), "stirsOwnSauce", true));
        briefs.guests.set(0, Records.with(briefs.guests.get(0), "heat", Heat.MILD));
        briefs.sauceBar.addAll(List.of("soy-sauce", "sesame-oil", "spring-onion", "chilli-oil"));
        Sauces sauces = plan().sauces();

        assertThat(sauces.bar().guests()).containsExactly("ann");
        assertThat(sauces.bar().needs()).extracting(Sauces.BarNeed::ingredient).doesNotContain("chilli-oil");
        assertThat(sauces.bar().needs().get(0).volume().value()).isCloseTo(60 * 0.45 / 0.82, within(1e-9));
        assertThat(sauces.bar().needs().get(1).grams().value()).isCloseTo(60 * 0.25 / 0.82 * 0.92, within(1e-9));
        assertThat(sauces.servings()).noneMatch(serving -> serving.guest().equals("ann"));
        assertThat(plan().purchases().needs())
                .anyMatch(need -> need.ingredient().equals("sesame-oil"));
    }

    /** Common practice: lime is a dash in a bowl, not a bowl of lime. */
    @Test
    void whatOnlySeasonsFillsNoBowl() {
        briefs.guests.set(0, Records.with(Briefs.guest("ann"), "stirsOwnSauce", true));
        briefs.sauceBar.add("lime");

        assertThat(plan().sauces().bar().needs())
                .singleElement()
                .satisfies(lime -> assertThat(lime.volume().value()).isBetween(3.0, 12.0));
    }

    @Test
    void theBarKeepsAllergensFromWhoMayNotHaveThem() {
        briefs.guests.set(0, Records.with(Briefs.guest("ann", Briefs.medical(NeedKind.SESAME)), "stirsOwnSauce", true));
        briefs.sauceBar.addAll(List.of("tamari", "sesame-oil", "sesame-paste"));
        Sauces.Bar bar = plan().sauces().bar();

        assertThat(bar.needs())
                .singleElement()
                .satisfies(need -> assertThat(need.volume().value()).isCloseTo(60, within(1e-9)));
        assertThat(bar.clashes()).contains(new Sauces.BarClash("ann", "sesame-oil", "no sesame"));

        briefs.sauceBar.remove("tamari");
        assertThat(plan().sauces().without()).containsExactly("ann");
    }

    /** Two regular eaters at 60 ml a dip: a quarter of that of lime, salt and pepper. */
    @Test
    void ofLimeAndSaltASqueezeIsEnough() {
        briefs.sauces.clear();
        briefs.sauces.add("salt-pepper-lime");

        assertThat(plan().sauces().needs().get(0).make().value()).isCloseTo(30, within(1e-9));
    }

    /** 60 ml an adult (common practice) over a dip of 1 and a pinch of 0.05 (memory): the dip stays a bowl. */
    @Test
    void aPinchBesideADipLeavesTheDipABowl() {
        briefs.sauces.clear();
        briefs.sauces.addAll(List.of("soy-spring-onion", "chilli-salt"));
        Sauces sauces = plan().sauces();

        assertThat(sauces.needs().get(0).make().value()).isCloseTo(2 * 60 / 1.05, within(1e-9));
        assertThat(sauces.needs().get(1).make().value()).isCloseTo(2 * 60 * 0.05 / 1.05, within(1e-9));
        assertThat(sauces.needs().get(1).remark()).endsWith("; a pinch each");
    }

    /** A child in a pot with a hot side may sip from the mild one; a side out of reach is no source either. */
    @Test
    void brothComesOnlyFromASideItsEatersReach() {
        briefs.sauces.clear();
        briefs.sauces.add("citrus-soy");
        briefs.pots.set(0, Records.with(briefs.pots.get(0), "reachedBy", List.of("ann")));
        briefs.pots.add(Briefs.pot("other", 3000, "ginger-chicken"));

        assertThat(plan().sauces().needs().get(0).from()).isEqualTo("Ginger chicken");
    }
}
