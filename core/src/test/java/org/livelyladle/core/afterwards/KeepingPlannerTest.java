package org.livelyladle.core.afterwards;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.plan.Plan;

/** The party is on 28 November; what is left keeps as USDA FSIS and the FDA Food Code have it. */
class KeepingPlannerTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 28);
    private final Briefs briefs = Briefs.plain();

    private Keeping keeping(String cut, Journal.State state) {
        Journal journal = new Journal(
                Journal.FORMAT,
                Journal.VERSION,
                List.of(new Journal.Left(cut, Journal.Part.HALF, null, state)),
                List.of(),
                List.of(),
                List.of(),
                null,
                "",
                null);
        return plan(journal).get(0);
    }

    private List<Keeping> plan(Journal journal) {
        Brief brief = briefs.build();
        KitchenText text = new KitchenText(brief.units(), brief.currency());
        return new KeepingPlanner(brief, Catalogue.builtIn(), text).plan(planned(brief), journal);
    }

    private static Plan planned(Brief brief) {
        return Briefs.PLANNER
                .plan(brief, Facts.none(), DAY.atStartOfDay().toInstant(ZoneOffset.UTC))
                .plan();
    }

    @Test
    void rawMeatFromTheTableIsNeverPutBackAsItIs() {
        assertThat(keeping("beef-ribeye.sliced", Journal.State.FROM_TABLE).way())
                .isEqualTo(Keeping.Way.EAT_COOKED);
        briefs.mealMinutes = 150;
        Keeping stood = keeping("beef-ribeye.sliced", Journal.State.FROM_TABLE);
        assertThat(stood.way()).isEqualTo(Keeping.Way.THROW_AWAY);
        assertThat(stood.until()).isNull();
        assertThat(stood.why()).contains("two-hour rule");
    }

    /** USDA FSIS, the two-hour rule: tofu is not raw meat, and spoils in a warm room all the same. */
    @Test
    void whatIsNotRawButSpoilsStandsNoLongerThanTwoHoursEither() {
        Keeping soon = keeping("tofu-firm.cubes", Journal.State.FROM_TABLE);
        assertThat(soon.way()).isEqualTo(Keeping.Way.KEEP);
        assertThat(soon.until()).isEqualTo(DAY.plusDays(1));
        assertThat(soon.why()).doesNotContain("washed");
        briefs.mealMinutes = 150;
        assertThat(keeping("fish-ball.frozen", Journal.State.FROM_TABLE).way()).isEqualTo(Keeping.Way.THROW_AWAY);
        assertThat(keeping("tofu-firm.cubes", Journal.State.FROM_TABLE).way()).isEqualTo(Keeping.Way.THROW_AWAY);
        assertThat(keeping("carrot.sliced", Journal.State.FROM_TABLE).way()).isEqualTo(Keeping.Way.KEEP);
    }

    @Test
    void whatNeverLeftTheFridgeKeepsADayAtMostWhereItIsRaw() {
        assertThat(keeping("beef-ribeye.sliced", Journal.State.UNTOUCHED).until())
                .isEqualTo(DAY.plusDays(1));
        assertThat(keeping("prawn.peeled", Journal.State.UNTOUCHED).until())
                .as("prawns keep no day")
                .isEqualTo(DAY);
        assertThat(keeping("carrot.sliced", Journal.State.UNTOUCHED).until()).isAfter(DAY.plusDays(3));
        assertThat(keeping("beef-ribeye.sliced", Journal.State.COOKED).until()).isEqualTo(DAY.plusDays(3));
    }

    /** Two months, USDA FSIS; leaves and roots go limp, and what came from a freezer does not go back raw. */
    @Test
    void whatFreezesWellIsFrozenTheSameEvening() {
        assertThat(keeping("beef-ribeye.sliced", Journal.State.FROM_TABLE).frozenUntil())
                .isEqualTo(DAY.plusMonths(2));
        assertThat(keeping("beef-ribeye.sliced", Journal.State.UNTOUCHED).frozenUntil())
                .isEqualTo(DAY.plusMonths(2));
        assertThat(keeping("carrot.sliced", Journal.State.UNTOUCHED).frozenUntil())
                .isNull();
        assertThat(keeping("carrot.sliced", Journal.State.COOKED).frozenUntil()).isNotNull();
        assertThat(keeping("fish-ball.frozen", Journal.State.UNTOUCHED).frozenUntil())
                .isNull();
        briefs.mealMinutes = 150;
        assertThat(keeping("beef-ribeye.sliced", Journal.State.FROM_TABLE).frozenUntil())
                .isNull();
    }

    @Test
    void brothThatFoodWasInIsBoiledAndNothingIsSaidOfNothing() {
        Journal journal = new Journal(
                Journal.FORMAT,
                Journal.VERSION,
                List.of(new Journal.Left("carrot.sliced", Journal.Part.NONE, null, Journal.State.UNTOUCHED)),
                List.of(new Journal.BrothLeft("pot-1", 800), new Journal.BrothLeft("pot-2", 10)),
                List.of(),
                List.of(),
                null,
                "",
                null);
        assertThat(plan(journal)).singleElement().satisfies(keeping -> {
            assertThat(keeping.subject()).isEqualTo("pot-1");
            assertThat(keeping.way()).isEqualTo(Keeping.Way.BOIL);
            assertThat(keeping.why()).contains("3-501.14");
        });
    }
}
