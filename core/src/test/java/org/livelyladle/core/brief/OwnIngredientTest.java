package org.livelyladle.core.brief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.catalogue.Allergen;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.catalogue.Origin;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.catalogue.Trait;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;

class OwnIngredientTest {
    private static final OwnIngredient.OwnCut CUT =
            new OwnIngredient.OwnCut("cubes", 10.0, 120, 300, null, null, false);
    private final Briefs briefs = Briefs.plain();

    private static OwnIngredient unknown(String id) {
        return OwnIngredient.of(id, "Aunt's parcels", Category.BALLS, null, null, null, null, null, null, CUT);
    }

    private Plan plan() {
        return Briefs.PLANNER.plan(briefs.build(), Facts.none(), Briefs.NOW).plan();
    }

    /** Soy sauce stands in the catalogue's larder, which is never served: food of that id would have no share. */
    @Test
    void whatTheCatalogueHasInTheLarderGetsNoCut() {
        briefs.own.add(unknown("soy-sauce"));

        assertThatThrownBy(this::plan)
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("ownIngredients.soy-sauce.cut")
                .hasMessageContaining("give it another id");
    }

    /** Ids of figures are made of several ids with dots between them. */
    @Test
    void idsOfTheHouseholdHaveNoDots() {
        assertThatThrownBy(() -> unknown("b.c")).hasMessageContaining("id was 'b.c'");
        assertThatThrownBy(() -> Briefs.guest("a.b")).hasMessageContaining("id was 'a.b'");
        assertThatThrownBy(() -> new Offer("a.exact", "shop", "leek", "Leek", 100, 100, null, null))
                .hasMessageContaining("id was 'a.exact'");
    }

    @Test
    void aStepThatCostsMoreThanAnyPackIsRefused() {
        assertThatThrownBy(() -> new Offer("a", "shop", "leek", "Leek", null, null, 50_000, 1_000_000))
                .hasMessageContaining("priceCentsPerKg");
    }

    @Test
    void whatIsUnknownCountsAsTheStrictest() {
        briefs.own.add(unknown("parcel"));
        Catalogue catalogue = briefs.build().extend(Catalogue.builtIn());
        Ingredient parcel = catalogue.ingredient("parcel");
        Cut cut = catalogue.cut("parcel.own");

        assertThat(parcel.allergens()).isEqualTo(EnumSet.allOf(Allergen.class));
        assertThat(parcel.traits()).isEqualTo(EnumSet.allOf(Trait.class));
        assertThat(parcel.origin()).isEqualTo(Origin.MEAT);
        assertThat(parcel.remark()).contains("Not said: allergens, origin");
        assertThat(cut.safeCoreC()).isEqualTo(74);
        assertThat(cut.times().ready()).isEqualTo(120);
    }

    @Test
    void anybodyWithANeedIsKeptFromItUntilItIsKnown() {
        briefs.menu.add("parcel.own");
        briefs.own.add(unknown("parcel"));
        briefs.guests.set(0, Briefs.guest("ann", Briefs.medical(NeedKind.LUPIN)));
        assertThat(plan().portions().barred()).anyMatch(b -> b.cut().equals("parcel.own"));

        briefs.own.set(
                0,
                OwnIngredient.of(
                        "parcel", "Parcels", Category.BALLS, null, Origin.PLANT, Set.of(), Set.of(), null, null, CUT));
        Plan known = plan();
        assertThat(known.portions().barred()).isEmpty();
        assertThat(known.ownFood().cuts()).extracting(Cut::id).containsExactly("parcel.own");
        assertThat(known.purchases().needs()).anyMatch(need -> need.name().equals("Parcels"));
    }

    @Test
    void aCorrectionChangesOnlyWhatItSays() {
        Ingredient before = Catalogue.builtIn().ingredient("fish-ball");
        OwnIngredient ours = OwnIngredient.of(
                "fish-ball",
                "Our fish balls",
                Category.BALLS,
                null,
                null,
                Set.of(Allergen.FISH),
                null,
                null,
                null,
                null);
        Ingredient after = OwnIngredient.putInto(Catalogue.builtIn(), java.util.List.of(ours))
                .ingredient("fish-ball");

        assertThat(after.allergens()).containsExactly(Allergen.FISH);
        assertThat(after.traits()).isEqualTo(before.traits());
        assertThat(after.aisle()).isEqualTo(before.aisle());
        assertThat(after.keepsDays()).isEqualTo(before.keepsDays());
    }

    @Test
    void aKnownRiskIsKeptAndServedFoodNeedsACut() {
        OwnIngredient.OwnCut plain = new OwnIngredient.OwnCut("", null, 60, 90, RawRisk.NONE, null, false);
        briefs.own.add(OwnIngredient.of(
                "fern", "Fern tips", Category.LEAVES, null, Origin.PLANT, Set.of(), Set.of(), 0.8, 2, plain));
        Cut fern = briefs.build().extend(Catalogue.builtIn()).cut("fern.own");
        assertThat(fern.safeCoreC()).isNull();
        assertThat(fern.times().overcooked()).isEqualTo(120);

        briefs.own.set(
                0, OwnIngredient.of("fern", "Fern tips", Category.LEAVES, null, null, null, null, null, null, null));
        assertThatThrownBy(this::plan)
                .isInstanceOfSatisfying(
                        InvalidInputException.class, e -> assertThat(e.field()).isEqualTo("ownIngredients.fern.cut"));
    }

    /** What is like a cut of the catalogue has its window, its risk and its steps, whatever times were said beside it. */
    @Test
    void whatIsLikeACutCooksLikeIt() {
        OwnIngredient.OwnCut like = new OwnIngredient.OwnCut("", null, 1, 1, RawRisk.NONE, "fish-ball.frozen", false);
        briefs.own.add(OwnIngredient.of(
                "pollock-ball", "Pollock balls", Category.BALLS, null, null, null, null, null, null, like));
        briefs.menu.add("pollock-ball.own");
        Plan plan = plan();
        CookingWindow known = window(plan, "fish-ball.frozen");
        CookingWindow own = window(plan, "pollock-ball.own");

        assertThat(own.ready().value()).isEqualTo(known.ready().value());
        assertThat(own.safe().value()).isEqualTo(known.safe().value());
        assertThat(own.bestUntil().value()).isEqualTo(known.bestUntil().value());
        assertThat(plan.table().audit()).isEmpty();
    }

    private static CookingWindow window(Plan plan, String cut) {
        return plan.windows().stream()
                .filter(window -> window.cut().equals(cut))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aPieceOfItWeighsAsOneOfWhatItIsLike() {
        assertThatThrownBy(() -> new OwnIngredient.OwnCut("", 40.0, 60, 90, null, "fish-ball.frozen", false))
                .hasMessageContaining("pieceGrams");
        briefs.own.add(OwnIngredient.of(
                "odd",
                "Odd",
                Category.BALLS,
                null,
                null,
                null,
                null,
                null,
                null,
                new OwnIngredient.OwnCut("", null, 60, 90, null, "moon-ball", false)));
        assertThatThrownBy(this::plan).hasMessageContaining("cut.like");
    }
}
