package org.livelyladle.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Ending;
import org.livelyladle.core.brief.HeatSource;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Tending;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.check.Violation;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.EndingPlan;
import org.livelyladle.core.table.SoupRound;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TableState;

/** Breaks a clean sequence on purpose, one rule at a time: the audit must see it. */
class TableAuditTest {
    private final Catalogue catalogue = Catalogue.builtIn();
    private final Brief brief = Briefs.plain().build();
    private final Plan plan =
            Briefs.PLANNER.plan(brief, Facts.none(), Briefs.NOW).plan();

    private List<String> rulesBroken(Brief brief, List<Drop> drops) {
        return TableAudit.check(
                        brief,
                        catalogue,
                        plan.windows(),
                        plan.portions().lines(),
                        drops,
                        plan.table().remainders(),
                        null)
                .stream()
                .map(Violation::rule)
                .distinct()
                .toList();
    }

    /** Soup is ladled from a side in which raw food still lies, and an egg goes to somebody who must not have it. */
    @Test
    void anEndingOverRawFoodOrForTheWrongGuestIsSeen() {
        Brief vegan = Records.with(
                brief,
                "guests",
                List.of(
                        Briefs.guest("ann", Briefs.diet(NeedKind.VEGAN)),
                        brief.guests().get(1)));
        EndingPlan ending = new EndingPlan(
                Ending.Kind.EGG,
                plan.table().drops().get(0).side(),
                0,
                5400,
                null,
                List.of("ann"),
                List.of(),
                List.of(new EndingPlan.Part("egg", "Eggs", 50, 1, 50)),
                List.of());

        assertThat(TableAudit.check(
                        vegan,
                        catalogue,
                        plan.windows(),
                        plan.portions().lines(),
                        plan.table().drops(),
                        List.of(),
                        ending))
                .anyMatch(violation -> violation.rule().equals("H7"))
                .anyMatch(violation ->
                        violation.rule().equals("H1") && violation.subject().equals("ending"));
    }

    @Test
    void soupWithSomethingRawInItOrForTheWrongGuestIsSeen() {
        Drop raw = plan.table().drops().stream()
                .filter(drop -> catalogue.cut(drop.cut()).rawRisk() != RawRisk.NONE)
                .findFirst()
                .orElseThrow();
        Brief vegan = Records.with(
                brief,
                "guests",
                List.of(
                        Briefs.guest("ann", Briefs.diet(NeedKind.VEGAN)),
                        brief.guests().get(1)));
        SoupRound soup = new SoupRound(raw.takeOut() + 30, 5400, raw.side(), null, List.of("ann"), 80);

        assertThat(TableAudit.check(
                        vegan,
                        catalogue,
                        plan.windows(),
                        plan.portions().lines(),
                        plan.table().drops(),
                        List.of(),
                        null,
                        List.of(soup),
                        TableState.empty()))
                .anyMatch(violation ->
                        violation.rule().equals("H7") && violation.subject().equals(raw.id()))
                .anyMatch(violation ->
                        violation.rule().equals("H1") && violation.text().contains("soup"));
    }

    @Test
    void whatIsToBeBrownedAndIsNotIsH6() {
        List<Drop> drops = change(
                "beef-ribeye.sliced",
                d -> new Drop(
                        d.id(),
                        d.cut(),
                        d.name(),
                        d.side(),
                        d.homeSide(),
                        d.batch(),
                        Tending.PLATE,
                        d.minder(),
                        d.amount(),
                        d.pinned(),
                        d.lifted(),
                        d.stays()));

        assertThat(rulesBroken(brief, drops)).contains("H6");
    }

    /** What was eaten before something fell in is eaten; who would still eat from that side is fed against a need. */
    @Test
    void whatFellInCountsFromThenOn() {
        Brief allergic = Records.with(
                brief,
                "guests",
                List.of(
                        Briefs.guest("ann", Briefs.medical(NeedKind.SESAME)),
                        brief.guests().get(1)));
        Drop last = plan.table().drops().get(plan.table().drops().size() - 1);
        TableState.FellIn sesame = new TableState.FellIn(last.side(), "sesame-oil", 10);

        assertThat(sesameSeen(
                        allergic,
                        new TableState(
                                last.putIn() - 1,
                                0,
                                null,
                                List.of(sesame),
                                null,
                                null,
                                null,
                                null,
                                null,
                                null,
                                null,
                                null,
                                null,
                                null)))
                .isTrue();
        assertThat(sesameSeen(
                        allergic,
                        new TableState(
                                5400,
                                0,
                                null,
                                List.of(sesame),
                                null,
                                null,
                                null,
                                null,
                                null,
                                null,
                                null,
                                null,
                                null,
                                null)))
                .isFalse();
    }

    private boolean sesameSeen(Brief brief, TableState state) {
        return TableAudit.check(
                        brief,
                        catalogue,
                        plan.windows(),
                        plan.portions().lines(),
                        plan.table().drops(),
                        List.of(),
                        null,
                        List.of(),
                        state)
                .stream()
                .anyMatch(violation ->
                        violation.rule().equals("H1") && violation.text().contains("sesame-oil"));
    }

    private List<Drop> change(String cut, UnaryOperator<Drop> change) {
        return plan.table().drops().stream()
                .map(drop -> drop.cut().equals(cut) ? change.apply(drop) : drop)
                .toList();
    }

    /** The same drop with other stays. */
    private static Drop staying(Drop d, UnaryOperator<Stay> change) {
        return new Drop(
                d.id(),
                d.cut(),
                d.name(),
                d.side(),
                d.homeSide(),
                d.batch(),
                d.tending(),
                d.minder(),
                d.amount(),
                d.pinned(),
                d.lifted(),
                d.stays().stream().map(change).toList());
    }

    private static Drop cookedFor(Drop drop, int seconds) {
        return staying(drop, stay -> at(stay, stay.putIn(), seconds));
    }

    private static Stay at(Stay s, int putIn, int seconds) {
        return Stay.inBroth(
                putIn,
                s.ready(),
                s.bestUntil(),
                s.overcooked(),
                putIn + seconds,
                s.grams(),
                s.loadGrams(),
                s.volumeMl(),
                s.servings());
    }

    @Test
    void aCleanSequencePasses() {
        assertThat(rulesBroken(brief, plan.table().drops())).isEmpty();
    }

    @Test
    void feedingAGuestAgainstANeedIsH1() {
        Briefs allergic = Briefs.plain();
        allergic.guests.set(0, Briefs.guest("ann", Briefs.medical(NeedKind.CRUSTACEANS)));

        assertThat(rulesBroken(allergic.build(), plan.table().drops())).containsExactly("H1");
    }

    @Test
    void feedingAVeganFromASideThatHeldMeatIsH1() {
        Briefs vegan = Briefs.plain();
        vegan.guests.set(0, Briefs.guest("ann", Briefs.diet(NeedKind.VEGAN)));

        assertThat(rulesBroken(vegan.build(), plan.table().drops())).containsExactly("H1");
    }

    @Test
    void aPotTooSmallAndTooWeakForItsFoodIsH2AndH3() {
        Briefs tiny = Briefs.plain();
        tiny.pots.set(
                0,
                Records.with(
                        Briefs.pot("pot", 400, "kelp-shiitake", "smoked-tomato"),
                        "heat",
                        HeatSource.of(HeatSource.Kind.BUTANE, 300, null, null)));

        assertThat(rulesBroken(tiny.build(), plan.table().drops())).contains("H2", "H3");
    }

    @Test
    void takingOutBeforeReadyOrAfterOvercookedIsH6() {
        assertThat(rulesBroken(brief, change("prawn.peeled", d -> cookedFor(d, 30))))
                .as("and raw at the core")
                .containsExactlyInAnyOrder("H3", "H6");
        assertThat(rulesBroken(brief, change("prawn.peeled", d -> cookedFor(d, 900))))
                .contains("H6");
    }

    @Test
    void aChildAtThePotIsH5() {
        Briefs child = Briefs.plain();
        child.guests.set(0, Briefs.guest("ann", Briefs.diet(NeedKind.SMALL_CHILD)));

        assertThat(rulesBroken(child.build(), plan.table().drops())).containsExactly("H5");
    }

    @Test
    void twoSlicesInOneHandAreH5() {
        assertThat(rulesBroken(
                        brief,
                        change(
                                "beef-ribeye.sliced",
                                d -> staying(d, s -> at(s, d.stays().get(0).putIn(), s.seconds())))))
                .contains("H5");
    }

    @Test
    void whatIsSharedLeavesTwentySecondsToSpareOnBothSides() {
        assertThat(rulesBroken(
                        brief,
                        change("fish-ball.frozen", d -> staying(d, s -> at(s, s.putIn(), s.ready() - s.putIn() + 5)))))
                .containsExactly("H6");
    }

    @Test
    void aForgottenDropIsH8() {
        List<Drop> without = plan.table().drops().stream()
                .filter(drop -> !drop.cut().equals("udon.fresh"))
                .toList();

        assertThat(rulesBroken(brief, without)).containsExactly("H8");
    }
}
