package org.livelyladle.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CatalogueLoaderTest {
    private static String resource(String name) {
        try (var in = CatalogueLoader.class.getResourceAsStream(name)) {
            return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The shipped files with one of them changed. */
    private static CatalogueLoader with(String file, UnaryOperator<String> change) {
        return new CatalogueLoader(new CatalogueFiles(name -> {
            String text = resource(name);
            if (!name.equals(file)) {
                return text;
            }
            String changed = change.apply(text);
            assertThat(changed.equals(text)).as("the change changes nothing").isFalse();
            return changed;
        }));
    }

    @Test
    void theShippedCatalogueIsComplete() {
        Catalogue catalogue = Catalogue.builtIn();

        assertThat(catalogue.ingredients())
                .filteredOn(ingredient -> ingredient.category() != Category.LARDER)
                .hasSize(119);
        assertThat(Category.served())
                .hasSize(9)
                .allSatisfy(category -> assertThat(catalogue.ingredients())
                        .filteredOn(ingredient -> ingredient.category() == category)
                        .hasSizeGreaterThanOrEqualTo(9));
        assertThat(catalogue.broths()).hasSize(23);
        assertThat(catalogue.broths()).extracting(Broth::source).contains(Broth.Source.values());
        assertThat(catalogue.sauces()).hasSize(12);
        assertThat(catalogue.ingredients())
                .filteredOn(ingredient -> ingredient.category() != Category.LARDER)
                .allSatisfy(ingredient -> assertThat(catalogue.cuts())
                        .anyMatch(cut -> cut.ingredient().equals(ingredient.id())));
    }

    /** Safe core temperatures: USDA FSIS safe minimum internal temperatures, in degrees Fahrenheit there. */
    @Test
    void rawRiskCutsReachThePublishedTemperatures() {
        assertThat(RawRisk.POULTRY.minimumCoreC()).isGreaterThanOrEqualTo((int) Math.round((165 - 32) / 1.8));
        assertThat(RawRisk.MINCED.minimumCoreC()).isGreaterThanOrEqualTo((int) Math.round((160 - 32) / 1.8));
        assertThat(RawRisk.FISH.minimumCoreC()).isGreaterThanOrEqualTo((int) Math.round((145 - 32) / 1.8));
        for (Cut cut : Catalogue.builtIn().cuts()) {
            if (cut.rawRisk() != RawRisk.NONE) {
                assertThat(cut.safeCoreC())
                        .as(cut.id())
                        .isGreaterThanOrEqualTo(cut.rawRisk().minimumCoreC());
                assertThat(cut.times().safe()).as(cut.id()).isPositive();
                assertThat(cut.times().ready())
                        .as(cut.id())
                        .isGreaterThanOrEqualTo(cut.times().safe());
                assertThat(cut.safeSource()).as(cut.id()).isNotBlank();
            }
        }
    }

    /** The windows hosts name, at a simmer from the fridge: common practice. */
    @ParameterizedTest
    @CsvSource({
        "beef-ribeye.sliced,3,10",
        "pork-belly.sliced,10,20",
        "prawn.peeled,60,120",
        "scallop.whole,120,240",
        "enoki.bundles,55,65",
        "spinach.leaves,10,30",
        "fish-ball.frozen,300,480",
        "pork-dumpling.frozen,300,480",
        "udon.fresh,30,60",
        "daikon.sliced,480,900"
    })
    void readyTimesLieInsideTheTradesWindows(String cut, int from, int to) {
        assertThat(Catalogue.builtIn().cut(cut).times().ready()).isBetween(from, to);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "prawn.peeled,prawn,peeled,CYLINDER,14,CHILLED,14,80,75; prawn.peeled,prawn,peeled,CYLINDER,14,CHILLED,14,80,; safeS",
                "yes,core 60,LEAN_MEAT; yes,core 20,LEAN_MEAT; governed",
                "no,softens 1,; no,softens,; governed",
                "yes,core 60,LEAN_MEAT; yes,core 60,LEAN; toughens",
                "WHOLE_CUT,70,; WHOLE_CUT,60,; safeCoreC",
                "POULTRY,74,USDA FSIS safe minimum internal temperatures: poultry 165 °F; POULTRY,74,; safeSource",
                "fish-ball.frozen,fish-ball,from frozen,SPHERE,25,FROZEN,12,420,400; fish-ball.frozen,fish-ball,from frozen,SPHERE,25,FROZEN,12,420,; safeS",
                "tofu-firm.cubes,tofu-firm; tofu-firm.cubes,tofu-form; ingredient",
                "BRICK,20x20x20; BRICK,20x20; sizesMm",
                "squid.rings,squid; prawn.whole,squid; id"
            })
    void aBadCutIsRefusedWithItsPlace(String good, String bad, String field) {
        assertThatThrownBy(() -> with(
                                "cuts.csv",
                                text -> text.replaceFirst(java.util.regex.Pattern.quote(good.strip()), bad.strip()))
                        .load())
                .isInstanceOfSatisfying(CatalogueException.class, e -> {
                    assertThat(e.file()).isEqualTo("cuts.csv");
                    assertThat(e.field()).isEqualTo(field.strip());
                    assertThat(e.line()).isGreaterThan(2);
                    assertThat(e.getMessage()).contains("line " + e.line()).contains("accepted is");
                });
    }

    @Test
    void aBadBrothIsRefusedWithItsPlace() {
        assertThatThrownBy(() -> with("broths.yaml", text -> text.replace("gramsPerLitre: 450", "gramsPerLitre: -1"))
                        .load())
                .isInstanceOf(CatalogueException.class)
                .hasMessageContaining("broths.yaml, line 30, field 'gramsPerLitre': was '-1'")
                .hasMessageContaining("from 0.1 to 1000");
    }

    @Test
    void anUnknownAllergenIsRefused() {
        assertThatThrownBy(() -> with("ingredients.csv", text -> text.replace("FISH,CRUSTACEANS", "FISH,SHELLS"))
                        .load())
                .isInstanceOf(CatalogueException.class)
                .hasMessageContaining("allergens")
                .hasMessageContaining("CRUSTACEANS");
    }

    /** Makers differ: whatever is mixed somewhere else says so. */
    @Test
    void whatComesMixedFromAMakerSaysReadTheLabel() {
        assertThat(Catalogue.builtIn().ingredients())
                .filteredOn(ingredient -> ingredient.category() == Category.BALLS)
                .isNotEmpty()
                .allMatch(ingredient ->
                        ingredient.remark().toLowerCase(java.util.Locale.ROOT).contains("read the label"));
        assertThat(Catalogue.builtIn().ingredient("vegetable-dumpling").allergens())
                .contains(Allergen.SESAME);
        assertThat(Catalogue.builtIn().ingredient("fish-cake").allergens())
                .contains(Allergen.GLUTEN, Allergen.SOYBEANS);
        assertThat(Catalogue.builtIn().ingredient("luncheon-meat").allergens()).isNotEmpty();
    }
}
