package org.livelyladle.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TableState;

/** What is named first, and how, decides nothing about when what goes into which pot for whom. */
class InAnotherOrderTest {
    /** Some by chance, and those that once found a sum in the order of guests, a choice and a window in that of pots. */
    static LongStream seeds() {
        return LongStream.concat(Seeds.of(0, 60), LongStream.of(0, 40, 53)).distinct();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void guestsInAnotherOrder(long seed) {
        Brief brief = Parties.random(seed);
        List<Guest> guests = new ArrayList<>(brief.guests());
        Collections.shuffle(guests, new Random(seed));

        assertThat(putIns(Records.with(brief, "guests", guests))).isEqualTo(putIns(brief));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void menuAndPotsInAnotherOrder(long seed) {
        Brief brief = Parties.random(seed);
        List<MenuItem> menu = new ArrayList<>(brief.menu());
        List<Pot> pots = new ArrayList<>(brief.pots());
        Collections.shuffle(menu, new Random(seed));
        Collections.shuffle(pots, new Random(seed));

        assertThat(putIns(brief.serving(menu).setting(pots))).isEqualTo(putIns(brief));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void renamedGuestsSitAtTheSameTable(long seed) {
        Brief brief = Parties.random(seed);
        List<Guest> renamed = brief.guests().stream()
                .map(guest -> Records.with(guest, "name", "Not " + guest.name()))
                .toList();

        assertThat(putIns(Records.with(brief, "guests", renamed))).isEqualTo(putIns(brief));
    }

    /** Of each drop what goes in when, comes out when, and who gets how much of it. */
    private static Map<String, List<String>> putIns(Brief brief) {
        Map<String, List<String>> all = new TreeMap<>();
        for (Drop drop : Briefs.PLANNER.sequence(brief, TableState.empty()).drops()) {
            all.put(
                    drop.id(),
                    drop.stays().stream().map(InAnotherOrderTest::said).sorted().toList());
        }
        return all;
    }

    private static String said(Stay stay) {
        Map<String, Double> grams = new TreeMap<>();
        stay.servings().forEach(serving -> grams.merge(serving.guest(), serving.grams(), Double::sum));
        return stay.putIn() + " to " + stay.takeOut() + " " + grams;
    }
}
