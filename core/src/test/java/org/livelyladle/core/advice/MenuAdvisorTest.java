package org.livelyladle.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.PantryItem;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.portions.Portion;
import org.livelyladle.core.portions.PortionPlanner;

class MenuAdvisorTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();
    private final Briefs briefs = Briefs.plain();

    private static List<Suggestion> suggestions(Brief brief) {
        return Briefs.PLANNER.plan(brief, Facts.none(), Briefs.NOW).plan().suggestions();
    }

    private Optional<Suggestion> suggestion(String id) {
        return suggestions(briefs.build()).stream()
                .filter(suggestion -> suggestion.id().equals(id))
                .findFirst();
    }

    @Test
    void whatIsAtHomeComesFirst() {
        briefs.pantry.add(new PantryItem("seitan", 250.0));
        briefs.pantry.add(new PantryItem("soy-sauce", 250.0));
        briefs.pantry.add(new PantryItem("taro", 20.0));
        Suggestion first = suggestions(briefs.build()).get(0);

        assertThat(first.text()).isEqualTo("250 g of seitan at home would be used up.");
        assertThat(first.remedy().edit()).isEqualTo(new BriefEdit.AddCut("seitan.sliced", null));
        assertThat(suggestion("home.taro")).as("too little to plan around").isEmpty();
        briefs.menu.add("seitan.sliced");
        assertThat(suggestion("home.seitan")).isEmpty();
    }

    @Test
    void aMissingCategoryIsFilledWithWhatMostMayEat() {
        briefs.menu.remove("tofu-firm.cubes");
        briefs.guests.set(0, Briefs.guest("ann", Briefs.medical(NeedKind.SOYBEANS)));

        assertThat(suggestion("category.TOFU"))
                .hasValueSatisfying(suggestion ->
                        assertThat(suggestion.text()).isEqualTo("Nothing from tofu, bean and egg is on the menu."));
    }

    @Test
    void anEmptyMenuIsNotToldKindByKind() {
        briefs.menu.clear();

        assertThat(suggestions(briefs.build()))
                .hasSizeGreaterThan(1)
                .noneMatch(suggestion -> suggestion.text().contains("on the menu"))
                .extracting(Suggestion::text)
                .contains("Meat", "Tofu, bean and egg");

        briefs.guests.set(0, Briefs.guest("ann", Briefs.diet(NeedKind.VEGAN)));
        assertThat(suggestions(briefs.build()))
                .extracting(Suggestion::text)
                .contains("Meat: 1 of 2 may eat beef rib-eye.");
    }

    @Test
    void aVeganWithLittleToEatGetsMoreOfAKindThatIsMissing() {
        briefs.menu.clear();
        briefs.menu.addAll(
                List.of("beef-ribeye.sliced", "prawn.peeled", "white-fish.sliced", "carrot.sliced", "udon.fresh"));
        briefs.guests.set(0, Briefs.guest("ann", Briefs.diet(NeedKind.VEGAN)));
        Suggestion forAnn = suggestion("guest.ann").orElseThrow();

        assertThat(forAnn.text()).isEqualTo("Only 2 of 5 things on the menu suit ann.");
        Category category = CATALOGUE
                .ingredientOf(CATALOGUE.cut(((BriefEdit.AddCut) forAnn.remedy().edit()).cut()))
                .category();
        assertThat(category).isNotIn(Category.ROOTS, Category.STARCH, Category.MEAT, Category.SEAFOOD);
        assertThat(suggestion("guest.ben")).isEmpty();
    }

    @Test
    void slowQuickAndTexturesAreMissed() {
        briefs.menu.clear();
        briefs.menu.addAll(List.of("tofu-silken.cubes", "napa-cabbage.leaves"));

        assertThat(suggestion("slow")).isPresent();
        assertThat(suggestion("quick")).isPresent();
        assertThat(suggestion("texture.CRISP")).isPresent();
        briefs.menu.addAll(List.of("lotus-root.sliced", "beef-ribeye.sliced"));
        assertThat(suggestions(briefs.build()))
                .extracting(Suggestion::id)
                .doesNotContain("slow", "quick", "texture.CRISP");
    }

    @Test
    void sidesShouldSuitHotAndMildTongues() {
        assertThat(suggestion("heat.hot").orElseThrow().text()).contains("ann takes it very hot");
        briefs.pots.clear();
        briefs.pots.add(Briefs.pot("pot", 4000, "numbing-chilli"));

        assertThat(suggestion("heat.hot")).isEmpty();
        Suggestion mild = suggestion("heat.mild").orElseThrow();
        assertThat(CATALOGUE
                        .broth(((BriefEdit.AddPot) mild.remedy().edit()).broth())
                        .heat())
                .isEqualTo(Heat.NONE);
    }

    /** Spinach keeps for days, balls in the freezer for months: only the first belongs on the table rather than into the bin. */
    @Test
    void aPackThatDoesNotKeepIsToBeEatenUp() {
        briefs.menu.add("cuttlefish-ball.frozen");
        briefs.offers.add(new Offer("big", "shop", "cuttlefish-ball", "Balls", 1000, 900, null, null));
        briefs.offers.add(new Offer("sack", "shop", "spinach", "Spinach", 1500, 300, null, null));
        Suggestion less = suggestion("less.spinach.leaves").orElseThrow();

        assertThat(suggestion("less.cuttlefish-ball.frozen")).isEmpty();
        assertThat(less.text()).matches("Of 1.50 kg of spinach bought, .* would be left over, and it does not keep\\.");
        assertThat(less.remedy().edit()).isEqualTo(new BriefEdit.EatUp("spinach.leaves"));
    }

    @Test
    void nobodyIsOfferedWhatTheyMayNotEat() {
        for (long seed : Seeds.of(0, 30).toArray()) {
            Brief brief = Briefs.random(seed);
            for (Suggestion suggestion : suggestions(brief)) {
                if (suggestion.remedy().edit() instanceof BriefEdit.AddCut add) {
                    assertThat(portions(add.apply(brief)))
                            .as(seed + " " + suggestion)
                            .anyMatch(line -> line.cut().equals(add.cut()));
                }
            }
        }
    }

    private static List<Portion> portions(Brief brief) {
        KitchenText text = new KitchenText(brief.units(), brief.currency());
        return new PortionPlanner(brief, CATALOGUE, new Ledger(), text).plan().lines();
    }
}
