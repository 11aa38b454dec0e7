package org.livelyladle.core.sauces;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.plan.Planner;
import org.livelyladle.core.plan.Remedy;

class SaucePlannerTest {
    private final Briefs briefs = Briefs.plain();

    private Plan plan() {
        return new Planner(Catalogue.builtIn())
                .plan(briefs.build(), Facts.none(), Briefs.TODAY)
                .plan();
    }

    @Test
    void everybodysSauceIsSharedAmongThoseThatSuit() {
        briefs.sauces = List.of("soy-spring-onion", "lime-tamari");
        briefs.guests.set(0, Briefs.guest("ann", Briefs.medical(NeedKind.SESAME)));
        Sauces sauces = plan().sauces();

        assertThat(sauces.needs().get(0).make().value()).isCloseTo(30, within(1e-9));
        assertThat(sauces.needs().get(1).make().value()).isCloseTo(90, within(1e-9));
        assertThat(sauces.clashes()).containsExactly(new Sauces.Clash("ann", "soy-spring-onion", "no sesame"));
    }

    @Test
    void partsAddUpToTheSauce() {
        for (Sauces.SauceNeed need : plan().sauces().needs()) {
            double parts = need.parts().stream()
                    .mapToDouble(part -> part.volume().value())
                    .sum();
            assertThat(parts).isCloseTo(need.make().value(), within(1e-9));
        }
    }

    @Test
    void rawEggIsKeptFromChildrenAndPregnantGuests() {
        briefs.sauces = List.of("egg-yolk-soy");
        briefs.guests.set(0, Briefs.guest("ann", Briefs.diet(NeedKind.SMALL_CHILD)));
        Plan plan = plan();

        assertThat(plan.sauces().clashes())
                .containsExactly(new Sauces.Clash("ann", "egg-yolk-soy", "small child: raw egg"));
        assertThat(plan.sauces().without()).containsExactly("ann");
        assertThat(plan.unmet()).anySatisfy(unmet -> {
            assertThat(unmet.text()).isEqualTo("No sauce suits ann.");
            assertThat(unmet.remedy().kind()).isEqualTo(Remedy.Kind.ADD_SAUCE);
        });
        assertThat(plan.cautions()).anyMatch(caution -> caution.text().contains("raw egg"));
    }

    @Test
    void everySauceOfTheCatalogueIsWhole() {
        assertThat(Catalogue.builtIn().sauces())
                .allSatisfy(sauce -> assertThat(sauce.parts().stream()
                                .mapToDouble(part -> part.mlPer100())
                                .sum())
                        .as(sauce.id())
                        .isEqualTo(100));
    }
}
