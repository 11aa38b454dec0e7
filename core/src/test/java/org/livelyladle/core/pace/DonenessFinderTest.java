package org.livelyladle.core.pace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Doneness;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Wish;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.catalogue.Trait;
import org.livelyladle.core.cooking.TestWindows;
import org.livelyladle.core.cooking.Windows;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.table.TablePlan;

class DonenessFinderTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();

    private static List<TablePlan.Done> doneness(Brief brief) {
        return Briefs.PLANNER
                .plan(brief, Facts.none(), Briefs.NOW)
                .plan()
                .table()
                .doneness();
    }

    /** Whoever wishes what: raw poultry, pork, minced and filled food is served safe, everything to delicate guests. */
    @ParameterizedTest
    @ValueSource(longs = {501, 502, 503, 504, 505, 506, 507, 508})
    void nothingRiskyIsServedPink(long seed) {
        Random random = new Random(seed);
        Briefs briefs = Briefs.plain();
        briefs.altitudeM = random.nextInt(3000);
        briefs.menu.clear();
        List<Cut> raw = CATALOGUE.cuts().stream()
                .filter(cut -> cut.rawRisk() != RawRisk.NONE)
                .toList();
        List<Wish> pink = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            String cut = raw.get(random.nextInt(raw.size())).id();
            if (!briefs.menu.contains(cut)) {
                briefs.menu.add(cut);
                pink.add(new Wish(cut, Liking.LIKE, Doneness.PINK, false));
            }
        }
        briefs.guests.set(0, Records.with(Briefs.guest("ann"), "wishes", pink));
        briefs.guests.set(1, Records.with(Briefs.guest("ben", Briefs.medical(NeedKind.IMMUNE_WEAK)), "wishes", pink));
        Brief brief = Records.with(
                briefs.build(),
                "menu",
                briefs.menu.stream()
                        .map(cut -> MenuItem.of(
                                cut,
                                CATALOGUE.cut(cut).cooksFrozen() && random.nextBoolean(),
                                40 + random.nextInt(160)))
                        .toList());
        Windows windows = TestWindows.of(brief);

        for (TablePlan.Done done : doneness(brief)) {
            Cut cut = CATALOGUE.cut(done.cut());
            boolean choice = cut.rawRisk() == RawRisk.FISH
                    || cut.rawRisk() == RawRisk.WHOLE_CUT
                            && !CATALOGUE.ingredientOf(cut).traits().contains(Trait.PORK);
            if (done.guest().equals("ben") || !choice) {
                assertThat(done.served()).isNotEqualTo(Doneness.PINK);
                assertThat((double) done.seconds())
                        .isGreaterThanOrEqualTo(windows.of(done.cut()).safe().value());
            }
        }
    }

    @Test
    void safetyBeatsAWishForPink() {
        Briefs briefs = Briefs.plain();
        briefs.menu.add("chicken-thigh.sliced");
        List<Wish> pink = List.of(
                new Wish("beef-ribeye.sliced", Liking.LIKE, Doneness.PINK, false),
                new Wish("chicken-thigh.sliced", Liking.LIKE, Doneness.PINK, false));
        briefs.guests.set(0, Records.with(Briefs.guest("ann"), "wishes", pink));
        briefs.guests.set(1, Records.with(Briefs.guest("ben", Briefs.medical(NeedKind.PREGNANT)), "wishes", pink));
        List<TablePlan.Done> done = doneness(briefs.build());
        Windows windows = TestWindows.of(briefs.build());

        assertThat(done)
                .filteredOn(d -> d.served() == Doneness.PINK)
                .singleElement()
                .satisfies(d -> {
                    assertThat(d.guest() + d.cut()).isEqualTo("annbeef-ribeye.sliced");
                    assertThat(d.seconds())
                            .isPositive()
                            .isLessThan(windows.of(d.cut()).readySeconds());
                });
        assertThat(done)
                .filteredOn(d -> d.served() != Doneness.PINK)
                .hasSize(3)
                .allMatch(d -> d.seconds() == windows.of(d.cut()).readySeconds()
                        && !d.against().isEmpty());
    }
}
