package org.livelyladle.core.facts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Records;
import org.livelyladle.core.check.InvalidInputException;

class FactsTest {
    private static PartyEvent event(EventType type, String subject) {
        return PartyEvent.of(UUID.randomUUID(), Instant.EPOCH, type, subject);
    }

    private static PartyEvent bought(double grams) {
        return PartyEvent.bought(UUID.randomUUID(), Instant.EPOCH, "offer", "carrot", 1, grams, 99);
    }

    @Test
    void whatHappenedToTasksStandsInTheOrderOfTimeHoweverLateItArrived() {
        PartyEvent later = PartyEvent.of(UUID.randomUUID(), Instant.EPOCH.plusSeconds(60), EventType.TASK_DONE, "a");
        PartyEvent earlier = event(EventType.TASK_STARTED, "a");

        assertThat(Facts.fold(List.of(later, earlier)).tasks())
                .extracting(Facts.TaskMark::type)
                .containsExactly(EventType.TASK_STARTED, EventType.TASK_DONE);
    }

    @Test
    void purchasesAddUpAndCanBeTakenBack() {
        PartyEvent first = bought(500);
        PartyEvent second = bought(250);

        assertThat(Facts.fold(List.of(first, second)).boughtGrams("carrot")).isEqualTo(750);
        assertThat(Facts.fold(List.of(
                                first,
                                second,
                                event(EventType.RETURNED, first.id().toString())))
                        .boughtGrams("carrot"))
                .isEqualTo(250);
        assertThat(Facts.fold(List.of(first)).boughtGrams("leek")).isZero();
    }

    @Test
    void anEventSentTwiceCountsOnce() {
        PartyEvent once = bought(500);

        assertThat(Facts.fold(List.of(once, once)).boughtGrams("carrot")).isEqualTo(500);
    }

    @Test
    void aPurchaseWithoutItsAmountIsRefused() {
        assertThatThrownBy(() -> event(EventType.BOUGHT, "offer"))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("ingredient");
        assertThatThrownBy(() -> bought(-1)).hasMessageContaining("grams").hasMessageContaining("from 1");
        assertThatThrownBy(() -> Records.with(event(EventType.TASK_DONE, "a"), "count", 3))
                .rootCause()
                .hasMessageContaining("subject for TASK_DONE");
    }
}
