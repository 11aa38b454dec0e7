package org.livelyladle.core.running;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.ToldEvening;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.facts.EventType;
import org.livelyladle.core.facts.TableEvent;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.TablePlan;

/** Who has eaten what came out of a pot, or did not. */
class WhatCameOutTest {
    private final String eater = "ben";
    private final ToldEvening evening = new ToldEvening(withoutSesame(eater));
    private final Drop drop = putIn(one -> Catalogue.builtIn().cut(one.cut()).rawRisk() != RawRisk.NONE
            && one.servings().anyMatch(serving -> serving.guest().equals(eater)));

    private static Brief withoutSesame(String guest) {
        Briefs briefs = Briefs.plain();
        briefs.guests.removeIf(one -> one.id().equals(guest));
        briefs.guests.add(Briefs.guest(guest, Briefs.medical(NeedKind.SESAME)));
        return briefs.build();
    }

    /** The first of a kind that somebody looks after, put in when it should be. */
    private Drop putIn(Predicate<Drop> which) {
        TablePlan table = evening.at(0);
        Drop first = table.now().cues().stream()
                .filter(cue -> cue.act() == Cue.Act.PUT_IN && cue.at() > 0)
                .map(cue -> find(table, cue.drop()))
                .filter(one -> which.test(one) && !one.fished())
                .findFirst()
                .orElseThrow();
        evening.tell(first.putIn(), EventType.PUT_IN, Map.of("drop", first.id()));
        return first;
    }

    private static Drop find(TablePlan table, String id) {
        return table.drops().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private double served(int second, String guest) {
        return evening.at(second).drops().stream()
                .filter(one -> one.cut().equals(drop.cut()))
                .flatMap(Drop::servings)
                .filter(serving -> serving.guest().equals(guest))
                .mapToDouble(serving -> serving.grams())
                .sum();
    }

    private double named(int second, TablePlan.Cause cause) {
        return evening.at(second).remainders().stream()
                .filter(rest -> rest.guest().equals(eater) && rest.cut().equals(drop.cut()) && rest.cause() == cause)
                .mapToDouble(TablePlan.Remainder::grams)
                .sum();
    }

    private double ofTheDrop(String guest) {
        return drop.servings()
                .filter(serving -> serving.guest().equals(guest))
                .mapToDouble(serving -> serving.grams())
                .sum();
    }

    @Test
    void whatCannotBeFoundIsEatenByNobodyAndNotCookedAgain() {
        double before = served(drop.takeOut(), eater);
        evening.tell(drop.takeOut(), EventType.TAKEN_OUT, Map.of("drop", drop.id(), "how", TableEvent.How.LOST));
        int later = drop.takeOut() + 300;

        assertThat(served(later, eater)).isCloseTo(before - ofTheDrop(eater), within(0.1));
        assertThat(named(later, TablePlan.Cause.GONE)).isCloseTo(ofTheDrop(eater), within(0.1));
    }

    @Test
    void whatIsInThePotForAGuestWhoIsFullIsNotEatenByThatGuestLater() {
        evening.tell(drop.putIn() + 5, EventType.FULL, Map.of("guest", eater));
        evening.tell(drop.takeOut(), EventType.TAKEN_OUT, Map.of("drop", drop.id()));
        int later = drop.takeOut() + 300;

        assertThat(named(later, TablePlan.Cause.IN_THE_POT)).isCloseTo(ofTheDrop(eater), within(0.1));
        assertThat(evening.at(later).now().spare())
                .filteredOn(spare -> spare.cut().equals(drop.cut()))
                .allMatch(spare -> spare.grams() <= named(later, TablePlan.Cause.NO_MORE) + 0.1);
    }

    @Test
    void whoIsHungryAgainHasNotEatenWhatCameOutMeanwhile() {
        evening.tell(drop.putIn() + 5, EventType.FULL, Map.of("guest", eater));
        evening.tell(drop.takeOut(), EventType.TAKEN_OUT, Map.of("drop", drop.id()));
        evening.tell(drop.takeOut() + 60, EventType.WANTS, Map.of("guest", eater, "cut", drop.cut()));

        assertThat(named(drop.takeOut() + 120, TablePlan.Cause.GONE)).isCloseTo(ofTheDrop(eater), within(0.1));
    }

    @Test
    void whatCameOutOfASideThatWasClosedByThenWasNotEaten() {
        int fell = drop.putIn() + 5;
        evening.tell(fell, EventType.FELL_IN, Map.of("side", drop.side(), "ingredient", "sesame-oil"));
        evening.tell(drop.takeOut(), EventType.TAKEN_OUT, Map.of("drop", drop.id()));

        String spoiled = "Spoiled for " + eater;
        assertThat(evening.at(fell + 1).now().warnings())
                .anySatisfy(said -> assertThat(said).startsWith(spoiled).contains(" g of "));
        assertThat(evening.at(drop.takeOut() + 300).now().warnings()).noneMatch(said -> said.startsWith(spoiled));
        assertThat(evening.at(drop.takeOut() + 300).drops())
                .filteredOn(one -> one.side().equals(drop.side()))
                .flatExtracting(Drop::stays)
                .filteredOn(stay -> stay.takeOut() > fell)
                .allMatch(stay -> stay.gramsOf(eater) == 0);
    }

    @Test
    void rawFoodThatComesOutTooSoonIsSentBack() {
        int tooSoon = drop.stays().get(0).ready() - 30;
        evening.tell(tooSoon, EventType.TAKEN_OUT, Map.of("drop", drop.id()));

        assertThat(evening.at(tooSoon + 1).now().warnings())
                .anyMatch(text -> text.startsWith(drop.name()) && text.contains("30 s too soon"));
        assertThat(evening.at(tooSoon + 600).now().warnings()).noneMatch(text -> text.contains("too soon"));
    }
}
