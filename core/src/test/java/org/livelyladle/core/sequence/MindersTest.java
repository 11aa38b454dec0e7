package org.livelyladle.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.brief.Cook;

/** Who looks after the pots where the host names nobody. */
class MindersTest {
    private final Briefs briefs = Briefs.plain();

    @BeforeEach
    void aSecondPot() {
        briefs.pots.add(Briefs.pot("second", 4000, "ginger-chicken", "kelp-water"));
    }

    private Map<String, String> minders() {
        return new Minders(briefs.build()).byPot();
    }

    @Test
    void cooksAtTheTableShareThePots() {
        briefs.cooks.add(Cook.of("ann", "Ann"));
        briefs.cooks.add(Cook.of("ben", "Ben"));

        assertThat(minders()).containsEntry("pot", "ann").containsEntry("second", "ben");
    }

    @Test
    void whoCooksAndDoesNotEatStaysInTheKitchen() {
        briefs.cooks.add(Cook.of("dan", "Dan"));
        briefs.cooks.add(Cook.of("ben", "Ben"));

        assertThat(minders()).containsOnly(Map.entry("pot", "ben"), Map.entry("second", "ben"));
    }

    @Test
    void noneOfThemIsAHelperOrComesLate() {
        briefs.cooks.add(Cook.of("ann", "Ann"));
        briefs.cooks.add(Records.with(Cook.of("ben", "Ben"), "helper", true));
        assertThat(minders().values()).containsOnly("ann");

        briefs.cooks.set(1, Cook.of("ben", "Ben"));
        briefs.guests.set(1, Records.with(briefs.guests.get(1), "arrivesAfterMinutes", 20));
        assertThat(minders().values()).containsOnly("ann");
    }

    @Test
    void whereNoCookSitsDownItIsTheFirst() {
        briefs.cooks.add(Cook.of("dan", "Dan"));
        briefs.cooks.add(Cook.of("eve", "Eve"));

        assertThat(minders().values()).containsOnly("dan");
    }
}
