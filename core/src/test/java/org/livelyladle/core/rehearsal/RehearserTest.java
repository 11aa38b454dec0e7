package org.livelyladle.core.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.special.Erf;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Parties;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Tending;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.plan.RehearsalPlanner;
import org.livelyladle.core.rehearsal.Rehearser.Run;

class RehearserTest {
    private static final Slips NEVER = Slips.none();

    /** As read from a document that says nothing. */
    static MistakeRates usual(Attention attention) {
        return new MistakeRates(
                attention,
                List.of(),
                new Slips(4, 5, 0.002, 120, 0.02, 0.003, 0.2, 120),
                new Slips(10, 15, 0.01, 180, 0.05, 0.01, 0.5, 180),
                new Slips(25, 40, 0.04, 240, 0.1, 0.03, 1, 240),
                new Surroundings(0.05, 0.75, 0.5, 120, 0.6, 0.1, 60, 0.05, 600, 0.1, 0.75, 0.05, 4));
    }

    private static MistakeRates only(Slips slips) {
        return new MistakeRates(Attention.USUAL, List.of(), slips, slips, slips, Surroundings.none());
    }

    private static MistakeRates only(Surroundings surroundings) {
        return new MistakeRates(Attention.USUAL, List.of(), NEVER, NEVER, NEVER, surroundings);
    }

    private static Rehearsal play(Brief brief, MistakeRates rates, long seed, int evenings) {
        return new Rehearser(Briefs.PLANNER.scene(brief), rates, seed, evenings, Run.toTheEnd(1)).play(far -> {});
    }

    private static int times(Rehearsal rehearsal, Trouble trouble) {
        return rehearsal.chances().stream()
                .filter(chance -> chance.trouble() == trouble)
                .mapToInt(chance -> chance.share().times())
                .sum();
    }

    private static Briefs plain() {
        return Briefs.plain();
    }

    /** One guest, and of two kinds of food one piece each in a basket: two delays that do not know of each other. */
    private static Brief twoBaskets() {
        Briefs briefs = plain();
        briefs.guests = new ArrayList<>(List.of(Briefs.guest("ann")));
        briefs.menu = new ArrayList<>(List.of("prawn.peeled", "chicken-thigh.sliced"));
        briefs.mealMinutes = 30;
        Brief brief = briefs.build();
        for (String cut : briefs.menu) {
            brief = new BriefEdit.Tend(cut, Tending.BASKET).apply(brief);
            brief = new BriefEdit.PinPortion("ann", cut, 20).apply(brief);
        }
        return brief;
    }

    /** Late by a log-normal delay [1]. */
    private static double chanceOfBeingOvercooked(Load load, double median) {
        Load.Part part = load.parts().get(0);
        double far = Math.log((part.overcooked() - part.seconds()) / median) / Dice.SPREAD;
        return 1 - 0.5 * (1 + Erf.erf(far / Math.sqrt(2)));
    }

    private static Share overcooked(Rehearser rehearser) {
        Rehearsal played = rehearser.play(far -> {});
        return Share.of(times(played, Trouble.OVERCOOKED), played.evenings());
    }

    @Test
    void aChanceWithAKnownAnswerIsMetAndItsIntervalCoversAsItPromises() {
        double median = 30;
        Scene scene = Briefs.PLANNER.scene(twoBaskets());
        Script script = new Script(scene, new Cores());
        assertThat(script.loads).hasSize(2);
        double chance = 1
                - (1 - chanceOfBeingOvercooked(script.loads.get(0), median))
                        * (1 - chanceOfBeingOvercooked(script.loads.get(1), median));
        assertThat(chance).isBetween(0.1, 0.9);
        MistakeRates late = only(new Slips(median, 0, 0, 0, 0, 0, 0, 0));
        int covered = 0;
        for (long seed = 0; seed < 200; seed++) {
            Share share = overcooked(new Rehearser(scene, late, seed, 60, Run.toTheEnd(1)));
            covered += share.least() <= chance && chance <= share.most() ? 1 : 0;
        }
        Share whole = overcooked(new Rehearser(scene, late, 1, 10_000, Run.toTheEnd(2)));

        assertThat(chance).isBetween(whole.least(), whole.most());
        // nineteen of twenty are promised; of 200 at least 181 but once in a thousand times
        assertThat(covered).isGreaterThanOrEqualTo(181);
    }

    @Test
    void withoutAMistakeNothingGoesWrong() {
        for (long seed : Seeds.of(0, 20).toArray()) {
            Rehearsal rehearsal = play(Parties.random(seed), MistakeRates.none(), seed, 2);

            assertThat(rehearsal.chances()).as("seed " + seed).isEmpty();
            assertThat(rehearsal.any().times()).isZero();
        }
    }

    /** Whoever is more with the pots sees no trouble more often, but for what chance may do in 200 evenings. */
    @ParameterizedTest
    @ValueSource(longs = {1, 3, 8, 21, 55, 144})
    void moreAttentionNeverRaisesAChance(long seed) {
        Brief brief = Parties.random(seed);
        Map<Attention, Rehearsal> by = new HashMap<>();
        for (Attention attention : Attention.values()) {
            by.put(attention, play(brief, usual(attention), 5, 200));
        }
        for (Trouble trouble : Trouble.values()) {
            Share attentive = Share.of(times(by.get(Attention.ATTENTIVE), trouble), 200);
            Share usual = Share.of(times(by.get(Attention.USUAL), trouble), 200);
            Share distracted = Share.of(times(by.get(Attention.DISTRACTED), trouble), 200);

            assertThat(attentive.least()).as(trouble + ", attentive").isLessThanOrEqualTo(usual.most());
            assertThat(usual.least()).as(trouble + ", usual").isLessThanOrEqualTo(distracted.most());
        }
    }

    @Test
    void theSameSeedGivesTheSameNumbersInAnyNumberOfThreads() {
        Scene scene = Briefs.PLANNER.scene(plain().build());
        MistakeRates rates = usual(Attention.DISTRACTED);

        Rehearsal alone = new Rehearser(scene, rates, 7, 230, Run.toTheEnd(1)).play(far -> {});
        Rehearsal four = new Rehearser(scene, rates, 7, 230, Run.toTheEnd(4)).play(far -> {});
        Rehearsal other = new Rehearser(scene, rates, 8, 230, Run.toTheEnd(2)).play(far -> {});

        assertThat(four).isEqualTo(alone);
        assertThat(alone.any().times()).isPositive();
        assertThat(other.chances()).isNotEqualTo(alone.chances());
    }

    /** Each mistake brings the trouble it is known for. */
    @Test
    void mistakesBringTheirTroubles() {
        Briefs briefs = plain();
        briefs.menu.add("pork-dumpling.frozen");
        Brief brief = briefs.build();

        assertThat(times(play(brief, only(new Slips(0, 0, 1, 900, 0, 0, 0, 0)), 1, 20), Trouble.OVERCOOKED))
                .isPositive();
        assertThat(times(play(brief, only(new Slips(0, 0, 0, 0, 0, 1, 0, 0)), 1, 5), Trouble.UNSERVED))
                .isEqualTo(5);
        assertThat(times(play(brief, only(new Slips(0, 0, 0, 0, 0, 0, 6, 1200)), 1, 20), Trouble.WAITS))
                .isPositive();
        Surroundings cold = new Surroundings(1, 0.05, 0, 0, 1, 0, 0, 0, 0, 0, 1, 0, 0);
        assertThat(times(play(brief, only(cold), 1, 5), Trouble.UNSERVED)).isEqualTo(5);
        Surroundings lying = new Surroundings(1, 0.05, 0, 0, 1, 0, 0, 0, 0, 0, 1, 1, 20);
        Rehearsal lied = play(brief, only(lying), 1, 5);
        assertThat(times(lied, Trouble.UNDER_FLOOR)).isEqualTo(5);
        assertThat(times(lied, Trouble.UNSAFE)).isEqualTo(5);
    }

    @Test
    void theLastCartridgeLeavesTheBrothsCold() {
        Brief brief = plain().build();
        Scene scene = Briefs.PLANNER.scene(brief);
        Scene without = new Scene(
                brief, scene.catalogue(), scene.windows(), scene.table(), scene.sideNames(), scene.doses(), 0);
        MistakeRates begun = only(new Surroundings(0, 1, 0, 0, 1, 1, 60, 0, 0, 0, 1, 0, 0));

        Rehearsal cold = new Rehearser(without, begun, 3, 40, Run.toTheEnd(2)).play(far -> {});
        Rehearsal spare = new Rehearser(without.withAnotherCartridge(), begun, 3, 40, Run.toTheEnd(2)).play(far -> {});

        assertThat(times(cold, Trouble.UNSERVED)).isGreaterThan(times(spare, Trouble.UNSERVED));
    }

    /** The same plan in the same evenings: no difference at all. A change is told with what it does. */
    @ParameterizedTest
    @EnumSource(Attention.class)
    void aChangeIsJudgedInTheSameEvenings(Attention attention) {
        Scene scene = Briefs.PLANNER.scene(plain().build());
        Rehearser rehearser = new Rehearser(scene, usual(attention), 7, 100, Run.toTheEnd(2));
        Rehearsal base = rehearser.play(far -> {});
        Rehearsal.Change same = rehearser.change("nothing", null, scene, n -> {});

        assertThat(same.helps()).isZero();
        assertThat(same.helpsMost()).isZero();
        assertThat(same.sure()).isFalse();
        assertThat(same.chances()).isEqualTo(base.chances());
    }

    @Test
    void changesThatCanBeMadeAreTriedAndTheirEditsWork() {
        Brief brief = plain().build();
        Rehearsal rehearsal = new RehearsalPlanner(Briefs.PLANNER)
                .rehearse(brief, usual(Attention.DISTRACTED), 7, 100, Run.toTheEnd(2), (far, played, of) -> {});

        assertThat(rehearsal.moments()).hasSize(3);
        assertThat(rehearsal.changes()).hasSizeGreaterThanOrEqualTo(4).allSatisfy(change -> {
            assertThat(change.any().of()).isEqualTo(100);
            if (change.edit() != null) {
                assertThat(change.edit().apply(brief)).isNotEqualTo(brief);
            }
        });
    }

    @Test
    void whatIsStoppedTellsWhatIsKnownByThen() {
        Scene scene = Briefs.PLANNER.scene(plain().build());
        int[] told = {0};
        Run run = new Run(1, () -> told[0] >= 2);

        Rehearsal rehearsal = new Rehearser(scene, usual(Attention.USUAL), 7, 1000, run).play(far -> told[0]++);

        assertThat(rehearsal.evenings()).isEqualTo(200);
    }

    @Test
    void aNumberOfEveningsThatIsNoneIsRefused() {
        Scene scene = Briefs.PLANNER.scene(plain().build());

        assertThatThrownBy(() -> new Rehearser(scene, MistakeRates.none(), 1, 0, Run.toTheEnd(1)))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("1 to 10000");
    }

    /** A guest comes late: what is dipped waits for them, and nothing is lost. */
    @Test
    void aLateGuestCatchesUp() {
        Surroundings late = new Surroundings(0, 1, 0, 0, 1, 0, 0, 1, 120, 0, 1, 0, 0);
        Brief brief = plain().build();

        assertThat(brief.guests()).map(Guest::arrivesAfterMinutes).containsOnly(0);
        assertThat(times(play(brief, only(late), 1, 20), Trouble.UNSERVED)).isZero();
    }
}
