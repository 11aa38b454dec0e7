package org.livelyladle.core.broths;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.check.InvalidInputException;

class EveningBalanceTest {
    private static EveningBalance of(
            double ml, double salt, double steam, double ladled, int minutes, EveningProblem.TopUp... topUps) {
        return EveningBalance.of(new EveningProblem(ml, salt, steam, ladled, minutes, List.of(topUps)));
    }

    private static EveningBalance.Minute last(EveningBalance balance) {
        return balance.minutes().get(balance.minutes().size() - 1);
    }

    @Test
    void theWorkedExample() {
        EveningBalance balance = of(1500, 0.9, 600, 200, 90, new EveningProblem.TopUp(30, 250.0, 0.0));
        assertThat(balance.minutes()).hasSize(91);
        assertThat(balance.minutes().get(0)).isEqualTo(new EveningBalance.Minute(1500, 0.9));
        assertThat(balance.minutes().get(30).ml()).isCloseTo(1350, within(1e-9));
        assertThat(last(balance).ml()).isCloseTo(550, within(1e-9));
        assertThat(last(balance).saltPercent()).isCloseTo(1.815, within(0.0005));
        assertThat(balance.dryAtMinute()).isNull();
    }

    /** Steam alone keeps all salt, ladling alone keeps its share, dilution is the mixing rule. */
    @Test
    void closedForms() {
        assertThat(last(of(1000, 1, 300, 0, 60)).saltPercent()).isCloseTo(1000.0 / 700, within(1e-12));
        assertThat(last(of(1000, 1, 0, 300, 60)).saltPercent()).isCloseTo(1, within(1e-12));
        assertThat(last(of(1000, 1, 0, 0, 10, new EveningProblem.TopUp(5, 500.0, 0.4)))
                        .saltPercent())
                .isCloseTo((10 + 2) / 1500.0 * 100, within(1e-12));
    }

    @Test
    void itStopsWhereItRunsDry() {
        EveningBalance balance = of(1000, 1, 600, 200, 120, new EveningProblem.TopUp(90, 500.0, 0.0));
        assertThat(balance.dryAtMinute()).isCloseTo(75, within(1e-9));
        assertThat(balance.minutes()).hasSize(75);
        assertThat(of(1000, 1, 800, 100, 120).dryAtMinute()).isCloseTo(1000 / 15.0, within(1e-9));
    }

    /** Salt and liquid in equal what is left and what went out, integrated finely by another method. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void nothingIsLost(long seed) {
        Random random = new Random(seed);
        double ml = 1000 + 3000 * random.nextDouble();
        double steam = 400 * random.nextDouble();
        double ladled = 300 * random.nextDouble();
        List<EveningProblem.TopUp> topUps = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            topUps.add(new EveningProblem.TopUp(random.nextInt(90), 300 * random.nextDouble(), random.nextDouble()));
        }
        EveningBalance balance = EveningBalance.of(new EveningProblem(ml, 0.9, steam, ladled, 90, topUps));

        double level = ml;
        double salt = ml * 0.009;
        int parts = 20_000;
        for (int minute = 0; minute <= 90; minute++) {
            for (int i = 0; minute > 0 && i < parts; i++) {
                salt -= salt / level * ladled / 60 / parts;
                level -= (steam + ladled) / 60 / parts;
            }
            for (EveningProblem.TopUp topUp : topUps) {
                if (topUp.atMinute() == minute) {
                    level += topUp.ml();
                    salt += topUp.ml() * topUp.saltPercent() / 100;
                }
            }
        }
        assertThat(last(balance).ml()).isCloseTo(level, within(1e-6));
        assertThat(last(balance).saltPercent()).isCloseTo(salt / level * 100, within(1e-5));
    }

    @Test
    void badFiguresAreRefused() {
        assertThatThrownBy(() -> of(0, 1, 1, 1, 1)).isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> of(100, 1, -1, 1, 1)).isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> of(100, 1, 1, 1, 10, new EveningProblem.TopUp(11, 5.0, 0.0)))
                .isInstanceOf(InvalidInputException.class);
    }
}
