package org.livelyladle.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.brief.Decisions;
import org.livelyladle.core.brief.Decisions.Trade;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.Wish;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;

/** Two guests eat 136 g of beef and 136 g of lamb together; both are sold in packs. */
class TradesTest {
    private final Briefs briefs = Briefs.plain();

    @BeforeEach
    void twoMeats() {
        briefs.menu.add("lamb-leg.sliced");
        briefs.offers.add(new Offer("beef", "shop", "beef-ribeye", "Beef", 120, 400, null, null));
        briefs.offers.add(new Offer("lamb", "shop", "lamb-leg", "Lamb", 160, 300, null, null));
    }

    private Plan plan() {
        return Briefs.PLANNER.plan(briefs.build(), Facts.none(), Briefs.NOW).plan();
    }

    private static double total(Plan plan, String cut) {
        return plan.portions().total(cut).orElseThrow().grams().value();
    }

    /** 132 or 144 g of each: beef needs a second pack for a few grams, which the lamb's pack has left. */
    @Test
    void aPackLessIsOfferedWithWhatItReallySaves() {
        Plan before = plan();
        Suggestion suggestion = before.suggestions().stream()
                .filter(s -> s.remedy().edit() instanceof BriefEdit.ServeAs)
                .findFirst()
                .orElseThrow();
        briefs.decisions = suggestion.remedy().edit().apply(briefs.build()).decisions();
        Plan after = plan();

        double saved =
                before.purchases().bill().value() - after.purchases().bill().value();
        assertThat(saved).isEqualTo(400);
        assertThat(suggestion.text()).contains("€4.00");
        assertThat(after.portions().food().value())
                .as("nobody eats less")
                .isCloseTo(before.portions().food().value(), within(12.1));
        assertThat(after.suggestions()).noneMatch(s -> s.remedy().edit() instanceof BriefEdit.ServeAs);
        assertThat(after.unmet()).noneMatch(u -> u.id().startsWith("pin.trades"));
    }

    @Test
    void whoLovesItOrHasItReservedKeepsIt() {
        Wish loves = Wish.of("beef-ribeye.sliced", Liking.LOVE);
        Wish reserved = new Wish("beef-ribeye.sliced", Liking.LIKE, null, true);
        briefs.guests.set(0, Records.with(briefs.guests.get(0), "wishes", List.of(loves)));
        briefs.guests.set(1, Records.with(briefs.guests.get(1), "wishes", List.of(reserved)));
        double beef = total(plan(), "beef-ribeye.sliced");
        briefs.decisions = Decisions.none().trading(new Trade("beef-ribeye.sliced", "lamb-leg.sliced", 60));

        assertThat(total(plan(), "beef-ribeye.sliced")).isEqualTo(beef);
        assertThat(plan().unmet()).anyMatch(u -> u.id().equals("pin.trades.beef-ribeye.sliced.lamb-leg.sliced"));
    }

    @Test
    void aTradeMovesGramsAndKeepsTheSum() {
        briefs.guests.add(Briefs.guest("cat"));
        Plan before = plan();
        briefs.decisions = Decisions.none().trading(new Trade("beef-ribeye.sliced", "lamb-leg.sliced", 60));
        Plan after = plan();

        assertThat(total(before, "beef-ribeye.sliced") - total(after, "beef-ribeye.sliced"))
                .isCloseTo(60, within(12.0));
        assertThat(total(after, "beef-ribeye.sliced") + total(after, "lamb-leg.sliced"))
                .isCloseTo(total(before, "beef-ribeye.sliced") + total(before, "lamb-leg.sliced"), within(12.1));
        assertThat(after.portions().trades().get(0).text())
                .isEqualTo("60 g of beef rib-eye, 1.5 mm slices is served as lamb leg, 1.5 mm slices");
    }
}
