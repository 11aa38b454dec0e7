package org.livelyladle.core.running;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.ToldEvening;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.facts.EventType;
import org.livelyladle.core.safety.SideAccess;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Now;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState.Liquid;

/** What is measured in a broth, poured into it or done to its heat, and what follows at the table. */
class BrothFactsTest {
    private static final int COLD_AT = 1210;
    private static final double COLD_C = 78;

    private final Brief brief = Briefs.plain().build();
    private final ToldEvening evening = new ToldEvening(brief);

    private void read(int second, String side, double celsius) {
        evening.tell(second, EventType.READ, Map.of("side", side, "celsius", celsius));
    }

    private void heat(int second, double share) {
        String pot = brief.pots().get(0).id();
        evening.tell(second, EventType.HEAT_SET, Map.of("pot", pot, "share", share));
    }

    private Now.SideNow side(int second, String side) {
        return evening.at(second).now().sides().stream()
                .filter(one -> one.side().equals(side))
                .findFirst()
                .orElseThrow();
    }

    /** A drop of raw food that somebody looks after, put in as asked for, while it is in. */
    private Drop rawFoodInAPot() {
        Cue in = evening.at(0).now().cues().stream()
                .filter(cue -> cue.act() == Cue.Act.PUT_IN && cue.at() > 0)
                .filter(cue -> isRaw(drop(evening.at(0), cue.drop())))
                .findFirst()
                .orElseThrow();
        evening.tell(in.at(), EventType.PUT_IN, Map.of("drop", in.drop()));
        return drop(evening.at(in.at() + 1), in.drop());
    }

    private static boolean isRaw(Drop drop) {
        return Catalogue.builtIn().cut(drop.cut()).rawRisk() != RawRisk.NONE;
    }

    private static Drop drop(TablePlan table, String id) {
        return table.drops().stream()
                .filter(drop -> drop.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private int due(int second, Drop of) {
        return evening.at(second).now().inPot().stream()
                .filter(food -> food.drop().equals(of.id()))
                .mapToInt(Now.InPot::due)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void nothingRawGoesIntoASideThatIsFoundTooColdUntilItSimmersAgain() {
        String side = brief.sides().get(0).id();
        read(COLD_AT, side, COLD_C);
        TablePlan table = evening.at(COLD_AT + 1);

        assertThat(table.audit()).isEmpty();
        assertThat(table.now().warnings()).anyMatch(text -> text.contains("is at 7") && text.contains("nothing raw"));
        int soonest = table.drops().stream()
                .filter(drop -> drop.side().equals(side) && isRaw(drop))
                .flatMap(drop -> drop.inBroth().stream())
                .mapToInt(stay -> stay.putIn())
                .filter(second -> second > COLD_AT)
                .min()
                .orElseThrow();
        assertThat(soonest).isGreaterThan(COLD_AT + 20);
        // by then it simmers
        assertThat(side(soonest, side).celsius()).isGreaterThan(COLD_C + 10);
    }

    @Test
    void coldBrothIsNamedBeforeAllElseAndThoseKeptFromASideInOneSentence() {
        Briefs many = Briefs.plain();
        many.guests.clear();
        for (String id : List.of("ann", "ben", "cem", "dov")) {
            many.guests.add(Briefs.guest(id, Briefs.medical(NeedKind.SESAME)));
        }
        Brief party = many.build();
        String side = party.sides().get(0).id();
        ToldEvening told = new ToldEvening(party);
        told.tell(COLD_AT, EventType.FELL_IN, Map.of("side", side, "ingredient", "sesame-oil"));
        told.tell(COLD_AT + 5, EventType.READ, Map.of("side", side, "celsius", COLD_C));

        List<String> warnings = told.at(COLD_AT + 10).now().warnings();

        assertThat(warnings.get(0)).contains("is at 7", "nothing raw");
        assertThat(warnings)
                .filteredOn(text -> text.contains("is closed to"))
                .satisfiesExactlyInAnyOrder(
                        own -> assertThat(own).contains("closed to ann, ben, cem, dov: what fell in: "),
                        // an allergy wants its own vessel: the other side of the pot is none
                        beside -> assertThat(beside)
                                .contains("closed to ann, ben, cem, dov: what fell into the next side splashes: "));
    }

    @Test
    void whomWhatIsCookedThereShutsOutAnywayIsNotSaidToBeShutOutByWhatFellIn() {
        Briefs briefs = Briefs.plain();
        briefs.guests.add(Briefs.guest("cem", Briefs.medical(NeedKind.FISH)));
        briefs.pots.add(Briefs.pot("own", 3000, "kelp-shiitake"));
        ToldEvening told = new ToldEvening(briefs.build());
        Drop balls = told.at(0).drops().stream()
                .filter(drop -> drop.cut().startsWith("fish-ball"))
                .findFirst()
                .orElseThrow();
        int in = Math.max(0, balls.putIn());
        told.tell(in, EventType.PUT_IN, Map.of("drop", balls.id()));
        told.tell(in + 5, EventType.FELL_IN, Map.of("side", balls.side(), "ingredient", "sesame-oil"));

        Now now = told.at(in + 10).now();

        assertThat(now.sides())
                .filteredOn(side -> side.side().equals(balls.side()))
                .flatExtracting(Now.SideNow::closedTo)
                .extracting(SideAccess.Closed::guest)
                .contains("cem");
        assertThat(now.warnings()).noneMatch(text -> text.contains("closed to cem"));
    }

    @Test
    void rawFoodThatIsInAColdSideTakesAsMuchLonger() {
        Drop drop = rawFoodInAPot();
        int cold = drop.putIn() + 20;
        int before = due(cold, drop);
        read(cold, drop.side(), COLD_C);

        int after = due(cold + 1, drop);
        assertThat(after).isGreaterThan(before + 20);
        assertThat(evening.at(cold + 1).audit()).isEmpty();

        // told again it is what is known, and hot again sooner than thought it is due sooner
        read(cold + 10, drop.side(), COLD_C + 1);
        assertThat(due(cold + 11, drop)).isEqualTo(after);
        read(cold + 20, drop.side(), 98);
        assertThat(due(cold + 21, drop)).isEqualTo(before + 20);
    }

    @Test
    void whatIsPouredIsInTheSideAndStandsForTheDoseOfThatTime() {
        String side = brief.sides().get(0).id();
        Now.SideNow dosed = side(COLD_AT + 5, side);
        evening.tell(COLD_AT, EventType.POURED, Map.of("side", side, "ml", 400.0, "what", Liquid.WATER));

        Now.SideNow poured = side(COLD_AT + 5, side);
        // in five seconds a boiling side loses some millilitres which one that has cooled keeps
        assertThat(poured.ml() - dosed.ml()).isBetween(200.0, 405.0);
        assertThat(poured.saltPercent()).isLessThan(dosed.saltPercent() - 0.05);
    }

    @Test
    void aSideHoldsWhatWasMeasured() {
        String side = brief.sides().get(0).id();
        evening.tell(COLD_AT, EventType.READ, Map.of("side", side, "ml", 900.0));

        assertThat(side(COLD_AT + 5, side).ml()).isBetween(850.0, 900.0);
    }

    @Test
    void heatThatWasTurnedOffCoolsTheBrothUntilItIsTurnedUp() {
        String side = brief.sides().get(0).id();
        heat(COLD_AT, 0);

        double cooled = side(COLD_AT + 600, side).celsius();
        assertThat(cooled).isLessThan(side(COLD_AT, side).celsius() - 3);
        assertThat(evening.at(COLD_AT + 600).audit()).isEmpty();
        heat(COLD_AT + 600, 1);
        assertThat(side(COLD_AT + 1000, side).celsius()).isGreaterThan(cooled + 3);
    }

    @Test
    void whatNobodyCanHaveMeasuredIsSaidAndIgnored() {
        read(COLD_AT, "nowhere", 90);
        read(COLD_AT, brief.sides().get(0).id(), 400);

        assertThat(evening.at(COLD_AT + 1).now().warnings())
                .anyMatch(text -> text.contains("there is none of: nowhere"))
                .anyMatch(text -> text.contains("no broth can be"));
        assertThat(side(COLD_AT + 1, brief.sides().get(0).id()).celsius()).isLessThan(101);
    }
}
