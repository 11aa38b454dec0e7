package org.livelyladle.core.running;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.ToldEvening;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.SchoolOfOrder;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.facts.EventType;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Now;

/** When a round is lifted out: when the last of it is ready, and whatever it consists of. */
class RoundPutInLateTest {
    private static final int LATE_S = 40;

    private static Brief inRounds(String... menu) {
        Briefs briefs = Briefs.plain();
        briefs.menu.clear();
        briefs.menu.addAll(List.of(menu));
        List.of("cy", "dan").forEach(guest -> briefs.guests.add(Briefs.guest(guest)));
        briefs.order = SchoolOfOrder.FLAVOUR_BUILDERS;
        briefs.pots.clear();
        briefs.pots.add(Briefs.pot("one", 5200, "kelp-water"));
        Brief brief = briefs.build();
        return brief.setting(brief.pots().stream()
                .map(pot -> Records.with(pot, "way", WayOfEating.ROUNDS))
                .toList());
    }

    @Test
    void aRoundIsLiftedWhenTheLastOfItIsReady() {
        ToldEvening evening = new ToldEvening(
                inRounds("mussel.whole", "squid.rings", "white-fish.sliced", "prawn.shell-on", "bean-sprouts.whole"));
        List<Cue> first = evening.at(0).now().cues().stream()
                .filter(cue -> cue.act() == Cue.Act.PUT_IN && cue.at() > 0)
                .toList();
        String side = first.get(0).side();
        int lifted = lift(evening.at(0).now().cues(), side).at();
        List<Drop> round = evening.at(0).drops().stream()
                .filter(drop -> drop.side().equals(side) && drop.putIn() >= 0 && drop.takeOut() <= lifted + 60)
                .toList();
        assertThat(round).hasSizeGreaterThan(1);
        Drop late = round.stream()
                .min(Comparator.comparingInt(
                        drop -> drop.takeOut() - drop.inBroth().get(0).ready()))
                .orElseThrow();
        for (Drop drop : round) {
            evening.tell(drop.putIn() + (drop.equals(late) ? LATE_S : 0), EventType.PUT_IN, Map.of("drop", drop.id()));
        }

        Now now = evening.at(lifted - 1).now();
        assertThat(now.inPot()).filteredOn(in -> in.side().equals(side)).hasSizeGreaterThan(1);
        assertThat(now.inPot())
                .filteredOn(in -> in.side().equals(side))
                .allMatch(in -> in.ready() <= lift(now.cues(), side).at());
    }

    /** In rounds nobody fishes: what would keep stays in until its minder has lifted it. */
    @Test
    void aRoundOfFoodThatKeepsIsLiftedToo() {
        ToldEvening evening = new ToldEvening(inRounds("daikon.sliced", "lotus-root.sliced", "tofu-puff.halved"));
        Cue first = evening.at(0).now().cues().stream()
                .filter(cue -> cue.act() == Cue.Act.TAKE_OUT)
                .findFirst()
                .orElseThrow();
        List<Drop> round = evening.at(0).drops().stream()
                .filter(drop -> drop.side().equals(first.side()) && drop.takeOut() <= first.at())
                .toList();
        assertThat(round)
                .isNotEmpty()
                .noneMatch(Drop::fished)
                .allMatch(drop -> drop.inBroth().get(0).isForgiving());
        for (Drop drop : round) {
            if (drop.putIn() >= 0) {
                evening.tell(drop.putIn(), EventType.PUT_IN, Map.of("drop", drop.id()));
            }
        }

        Now now = evening.at(first.at() + LATE_S).now();
        assertThat(lift(now.cues(), first.side()).at()).isLessThanOrEqualTo(first.at() + LATE_S);
        assertThat(now.inPot()).filteredOn(in -> in.side().equals(first.side())).isNotEmpty();

        evening.tell(first.at() + LATE_S, EventType.TAKEN_OUT, Map.of("drop", first.drop()));
        assertThat(evening.at(first.at() + LATE_S + 1).now().inPot())
                .noneMatch(in -> in.drop().equals(first.drop()));
    }

    private static Cue lift(List<Cue> cues, String side) {
        return cues.stream()
                .filter(cue -> cue.act() == Cue.Act.TAKE_OUT && cue.side().equals(side))
                .findFirst()
                .orElseThrow();
    }
}
