package org.livelyladle.core.running;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.ToldEvening;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Trait;
import org.livelyladle.core.facts.EventType;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Now;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TablePlan;

/** What a guest says during the meal: a need nobody knew of, or that something is not for them. */
class GuestsSayTest {
    private static final int SAID = 1800;
    private static final String GUEST = "ben";

    private final Brief brief = Briefs.plain().build();
    private final ToldEvening evening = new ToldEvening(brief);

    private static boolean isBeef(Drop drop) {
        Catalogue catalogue = Catalogue.builtIn();
        return catalogue.ingredientOf(catalogue.cut(drop.cut())).traits().contains(Trait.BEEF);
    }

    private static List<Stay> eaten(TablePlan table, boolean after) {
        return table.drops().stream()
                .filter(GuestsSayTest::isBeef)
                .flatMap(drop -> drop.inBroth().stream())
                .filter(stay -> stay.gramsOf(GUEST) > 0 && stay.takeOut() > SAID == after)
                .toList();
    }

    private void sayNoBeef(int second) {
        evening.tell(second, EventType.NEED_SAID, Map.of("guest", GUEST, "need", NeedKind.NO_BEEF));
    }

    @Test
    void aNeedSaidInTheMealClosesFoodAtOnceAndTakesBackNothing() {
        TablePlan before = evening.at(SAID);
        assertThat(eaten(before, true)).isNotEmpty();
        assertThat(eaten(before, false)).isNotEmpty();

        sayNoBeef(SAID);
        TablePlan after = evening.at(SAID + 1);

        assertThat(eaten(after, true)).isEmpty();
        assertThat(eaten(after, false)).isEqualTo(eaten(before, false));
        assertThat(after.audit()).isEmpty();
        assertThat(after.remainders())
                .filteredOn(rest -> rest.cause() == TablePlan.Cause.NEED)
                .isNotEmpty()
                .allSatisfy(rest -> assertThat(rest.reason()).isEqualTo("no beef"));
        assertThat(after.now().needs())
                .singleElement()
                .satisfies(said -> assertThat(said.heard()).isFalse());
        assertThat(after.now().spare())
                .as("left to those who may")
                .filteredOn(spare -> spare.cut().startsWith("beef"))
                .isNotEmpty()
                .allSatisfy(spare -> assertThat(spare.mayEat()).doesNotContain(GUEST));
    }

    @Test
    void sidesBeefWentIntoCloseToo() {
        sayNoBeef(SAID);

        TablePlan after = evening.at(SAID + 1);

        List<String> held = after.drops().stream()
                .filter(drop -> isBeef(drop) && drop.putIn() < SAID)
                .map(Drop::side)
                .distinct()
                .toList();
        assertThat(held).isNotEmpty();
        assertThat(after.drops())
                .filteredOn(drop -> held.contains(drop.side()))
                .flatMap(Drop::inBroth)
                .filteredOn(stay -> stay.takeOut() > SAID)
                .allSatisfy(stay -> assertThat(stay.gramsOf(GUEST)).isZero());
    }

    @Test
    void saidBeforeSittingDownItIsAsIfTheHostHadKnown() {
        sayNoBeef(-600);

        assertThat(evening.at(0).drops())
                .isEqualTo(new ToldEvening(brief.seating(brief.guests().stream()
                                .map(guest ->
                                        guest.id().equals(GUEST) ? guest.alsoNeeding(List.of(NeedKind.NO_BEEF)) : guest)
                                .toList()))
                        .at(0)
                        .drops());
    }

    @Test
    void takenBackItWasNeverSaidAndHeardItStays() {
        TablePlan before = evening.at(SAID + 1);
        sayNoBeef(SAID);
        Now.SaidNeed said = evening.at(SAID + 1).now().needs().get(0);

        evening.tell(SAID + 1, EventType.HEARD, Map.of("event", said.event()));
        assertThat(evening.at(SAID + 2).now().needs())
                .singleElement()
                .satisfies(need -> assertThat(need.heard()).isTrue());

        evening.tell(SAID + 2, EventType.TAKEN_BACK, Map.of("event", said.event()));
        assertThat(evening.at(SAID + 1)).isEqualTo(before);
    }

    @Test
    void whatAGuestDeclinesIsLeftToOthersUntilTheyWantItAfterAll() {
        TablePlan before = evening.at(SAID + 1);
        String cut = before.drops().stream()
                .filter(drop ->
                        drop.inBroth().stream().anyMatch(stay -> stay.putIn() > SAID + 120 && stay.gramsOf(GUEST) > 0))
                .map(Drop::cut)
                .findFirst()
                .orElseThrow();
        evening.tell(SAID, EventType.DECLINED, Map.of("guest", GUEST, "cut", cut));
        TablePlan without = evening.at(SAID + 1);

        assertThat(later(without, cut)).isZero();
        assertThat(without.remainders()).anySatisfy(rest -> {
            assertThat(rest.cause()).isEqualTo(TablePlan.Cause.DECLINED);
            assertThat(rest.cut()).isEqualTo(cut);
        });
        assertThat(without.now().spare())
                .anySatisfy(spare -> assertThat(spare.cut()).isEqualTo(cut));

        evening.tell(SAID + 5, EventType.WANTS, Map.of("guest", GUEST, "cut", cut));
        assertThat(later(evening.at(SAID + 6), cut)).isCloseTo(later(before, cut), within(0.1));
    }

    @Test
    void aCueIsHandedToSomebodyElseAndOnlyThatOne() {
        Cue first = evening.at(60).now().cues().get(0);
        Cue second = evening.at(60).now().cues().get(1);
        Map<String, Object> parts = new HashMap<>(Map.of("subject", "cook", "act", first.act(), "side", first.side()));
        if (first.drop() != null) {
            parts.put("drop", first.drop());
        }

        evening.tell(60, EventType.HANDED, parts);

        List<Cue> cues = evening.at(61).now().cues();
        assertThat(cues.get(0)).isEqualTo(first.mindedBy("cook"));
        assertThat(cues.get(1)).isEqualTo(second);
    }

    private static double later(TablePlan table, String cut) {
        return table.drops().stream()
                .filter(drop -> drop.cut().equals(cut))
                .flatMap(drop -> drop.inBroth().stream())
                .filter(stay -> stay.putIn() > SAID)
                .mapToDouble(stay -> stay.gramsOf(GUEST))
                .sum();
    }
}
