package org.livelyladle.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OperationTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "GIVEN|7 8|7",
                "SUM|1 2 3|6",
                "PRODUCT|2 3 4|24",
                "DIFFERENCE|10 3 2|5",
                "QUOTIENT|24 2 3|4",
                "SHARE|90 2 3|60",
                "MAXIMUM|3 9 4|9",
                "MINIMUM|3 9 4|3",
                "LONGEST_GAP|0 50 70 100|50",
                "LARGEST_REMAINDER|2 1.4 0 0 1.6 0 0|2",
                "LARGEST_REMAINDER|1 1.4 0.5 0 1.6 0 0|2",
                "LARGEST_REMAINDER|1 0.4 0 1 2.6 0 0|1"
            })
    void eachRepeatsItsComputation(Operation operation, String values, double result) {
        List<Double> terms =
                Arrays.stream(values.split(" ")).map(Double::valueOf).toList();

        assertThat(operation.evaluate(terms)).isEqualTo(result);
    }

    @Test
    void aWorkingIsWrittenOnlyWhenAsked() {
        Ledger ledger = new Ledger();
        int[] written = {0};
        Figure figure = ledger.figure("a", 3, "g", "3 g").by("A", "rule", Operation.SUM, () -> {
            written[0]++;
            return List.of(Term.of("x", 1, "g", "1 g", "", Mark.HOST), Term.of("y", 2, "g", "2 g", "", Mark.HOST));
        });

        assertThat(written[0]).isZero();
        assertThat(ledger.working("a").orElseThrow().evaluated()).isEqualTo(figure.value());
        assertThat(written[0]).isEqualTo(1);
        assertThat(ledger.working("b")).isEmpty();
    }

    @Test
    void aFigureIsRecordedOnceAndIsANumber() {
        Ledger ledger = new Ledger();
        ledger.figure("a", 1, "g", "1 g").by("A", "rule", Operation.GIVEN, List::of);

        assertThatThrownBy(() -> ledger.figure("a", 2, "g", "2 g").by("A", "rule", Operation.GIVEN, List::of))
                .hasMessageContaining("recorded twice");
        assertThatThrownBy(() -> ledger.figure("b", Double.NaN, "g", "")).hasMessageContaining("not a finite number");
    }
}
