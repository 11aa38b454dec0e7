package org.livelyladle.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RecipeAmountTest {
    /** US units after NIST SP 811: 1 lb = 453.59237 g, 1 cup = 236.5882365 ml, 1 qt = 946.352946 ml. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "10 g kelp; 10; kelp; false",
                "1.2 kg chicken; 1200; chicken; false",
                "1,5 l stock; 1500; stock; true",
                "1 1/2 cups miso; 354.88235475; miso; true",
                "½ tsp salt; 2.5; salt; true",
                "2 ¼ lb bones; 1020.5828325; bones; false",
                "3 quarts water; 2839.058838; water; true",
                "8 oz. tofu; 226.796185; tofu; false",
                "2 cups of stock; 473.176473; stock; true",
                "3 cloves garlic; 3; cloves garlic; false",
                "1/2 onion; 0.5; onion; false",
                "2-3 tbsp soy sauce; 30; soy sauce; true"
            })
    void amountsAsRecipesWriteThem(String line, double amount, String rest, boolean volume) {
        RecipeAmount read = RecipeAmount.read(line).orElseThrow();

        assertThat(read.amount()).isCloseTo(amount, within(1e-6));
        assertThat(read.rest()).isEqualTo(rest);
        assertThat(read.isVolume()).isEqualTo(volume);
    }

    @ParameterizedTest
    @ValueSource(strings = {"pepper to taste", "", "   ", "a pinch of salt", "some 3 onions"})
    void aLineWithoutANumberHasNoAmount(String line) {
        assertThat(RecipeAmount.read(line)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"1/0 cup stock", "0 g air"})
    void nothingIsNothing(String line) {
        assertThat(RecipeAmount.read(line).orElseThrow().number()).isZero();
    }
}
