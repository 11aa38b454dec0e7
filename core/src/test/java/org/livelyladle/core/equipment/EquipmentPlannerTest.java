package org.livelyladle.core.equipment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.facts.Facts;

class EquipmentPlannerTest {
    private final Briefs briefs = Briefs.plain();

    private Map<String, Double> counts() {
        return Briefs.PLANNER.plan(briefs.build(), Facts.none(), Briefs.NOW).plan().equipment().stream()
                .collect(Collectors.toMap(Equipment::name, item -> item.count().value()));
    }

    /** Two guests, one sauce, one split pot of 4 l: it simmers 90 minutes on one cartridge, and there is a spare. */
    @Test
    void everythingIsCountedFromTheParty() {
        assertThat(counts())
                .containsEntry("Bowls", 2.0)
                .containsEntry("Pairs of chopsticks to eat with", 2.0)
                .containsEntry("Pairs of chopsticks in another colour", 2.0)
                .containsEntry("Sauce dishes", 2.0)
                .containsEntry("Ladles and slotted spoons", 4.0)
                .containsEntry("Butane cartridges of 220 g", 2.0);
    }

    /** 272 g of meat and 120 g of seafood take a plate each; with six guests meat takes three (816 g). */
    @Test
    void platesFollowTheWeightAndKeepKindsApart() {
        assertThat(counts()).containsEntry("Plates for raw meat and fish", 2.0);
        for (int i = 0; i < 4; i++) {
            briefs.guests.add(Briefs.guest("guest" + i));
        }
        assertThat(counts()).containsEntry("Plates for raw meat and fish", 4.0);
    }

    @Test
    void withoutRawFoodOneColourOfChopsticksIsEnough() {
        briefs.menu.clear();
        briefs.menu.addAll(List.of("tofu-firm.cubes", "spinach.leaves"));

        assertThat(counts())
                .doesNotContainKeys("Pairs of chopsticks in another colour", "Plates for raw meat and fish");
    }

    @Test
    void nobodyNeedsNothing() {
        briefs.guests.clear();
        assertThat(counts()).isEmpty();
    }
}
