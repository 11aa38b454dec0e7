package org.livelyladle.core.seat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Parties;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.ToldEvening;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.cooking.WindowModel;
import org.livelyladle.core.facts.EventType;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.facts.PartyEvent;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TablePlan;

/** What one guest is told is what the plan holds for them, and nothing else. */
class SeatTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();
    private static final WindowModel MODEL = new WindowModel();
    private static final Instant SAT_DOWN = Briefs.NOW;

    private final List<PartyEvent> events =
            new ArrayList<>(List.of(PartyEvent.of(new UUID(1, 0), SAT_DOWN, EventType.SAT_DOWN, null)));

    static LongStream seeds() {
        return Seeds.of(0, Integer.getInteger("seats", 60));
    }

    private record At(Plan plan, SeatWriter writer) {}

    private At at(Brief brief, int second) {
        Facts facts = Facts.fold(events);
        Plan plan =
                Briefs.PLANNER.plan(brief, facts, SAT_DOWN.plusSeconds(second)).plan();
        return new At(plan, new SeatWriter(brief, CATALOGUE, MODEL, plan, facts));
    }

    private Seat seat(Brief brief, String guest, int second) {
        return at(brief, second).writer().write(brief.guest(guest).orElseThrow());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everybodyIsToldAllOfTheirsAndOnlyThat(long seed) {
        Brief brief = Parties.random(seed);
        int second = (int) (seed * 97 % (brief.mealMinutes() * 60L));
        At at = at(brief, second);
        TablePlan table = at.plan().table();

        for (Guest guest : brief.guests()) {
            Seat seat = at.writer().write(guest);
            List<Turn> own = seat.turns().stream()
                    .filter(turn -> turn.forWhom() == null && turn.when() != Turn.When.HAD)
                    .toList();
            long stillToCome = table.drops().stream()
                    .flatMap(drop -> drop.inBroth().stream())
                    .filter(stay -> stay.gramsOf(guest.id()) > 0 && stay.takeOut() > second)
                    .count();
            assertThat(own.stream().mapToLong(Turn::helpings).sum()).isGreaterThanOrEqualTo(stillToCome);
            for (Turn turn : own) {
                assertThat(turn.seconds()).isPositive();
                assertThat(turn.bestSeconds()).isGreaterThanOrEqualTo(turn.seconds());
                assertThat(turn.overSeconds()).isGreaterThan(turn.bestSeconds());
                assertThat(table.drops()).anySatisfy(drop -> {
                    assertThat(drop.id()).isEqualTo(turn.drop());
                    assertThat(drop.stays().get(turn.stay()).gramsOf(guest.id()))
                            .isPositive();
                });
            }
            assertThat(seat.turns())
                    .isSortedAccordingTo(Comparator.comparing(Turn::when).thenComparingInt(Turn::at));
            nothingOfOthers(brief, guest, seat);
        }
    }

    /** Needs are a guest's own; a name of somebody else only where they are cooked for. */
    private static void nothingOfOthers(Brief brief, Guest guest, Seat seat) {
        assertThat(seat.needs())
                .extracting(Seat.OwnNeed::need)
                .containsExactlyInAnyOrderElementsOf(
                        guest.needs().stream().map(Need::kind).toList());
        List<Object> told = new ArrayList<>(seat.cautions());
        told.addAll(seat.sauces());
        told.addAll(seat.foods());
        told.addAll(seat.bowl());
        told.addAll(seat.more());
        told.addAll(seat.sides());
        Set<String> ownLabels =
                guest.needsInForce().stream().map(need -> need.kind().label()).collect(Collectors.toSet());
        for (Guest other : brief.guests()) {
            if (!other.equals(guest)) {
                assertThat(told).noneMatch(part -> part.toString().matches(".*\\b" + other.name() + "\\b.*"));
                assertThat(seat.sides())
                        .noneMatch(side -> other.needs().stream()
                                .map(need -> need.kind().label())
                                .filter(label -> !ownLabels.contains(label))
                                .anyMatch(label -> side.closed().contains(label)));
            }
        }
    }

    /** The plan's windows are those of a simmer; a side that is hotter or cooler moves them, safety stays. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsRawIsNeverReadySoonerThanSafe(long seed) {
        Brief brief = Parties.random(seed);
        if (brief.sides().isEmpty()) {
            return;
        }
        String side = brief.sides().get((int) (seed % brief.sides().size())).id();
        events.add(PartyEvent.read(new UUID(1, 1), SAT_DOWN.plusSeconds(300), side, 60 + seed % 45));
        At at = at(brief, 301);

        for (Guest guest : brief.guests()) {
            for (Turn turn : at.writer().write(guest).turns()) {
                boolean isRaw = brief.extend(CATALOGUE).cut(turn.cut()).rawRisk() != RawRisk.NONE;
                if (isRaw && turn.how().isEmpty() && turn.when() == Turn.When.NOW) {
                    CookingWindow window = at.plan().windows().stream()
                            .filter(one ->
                                    one.cut().equals(turn.cut()) && one.sides().contains(turn.side()))
                            .findFirst()
                            .orElseThrow();
                    assertThat(turn.seconds())
                            .isGreaterThanOrEqualTo((int) window.safe().value());
                }
            }
        }
    }

    @Test
    void aCoolSideMakesADipLongerAndATooCoolOneHoldsRawFoodBack() {
        Brief brief = Briefs.plain().build();
        Turn usual = firstDip(seat(brief, "ann", 1));
        double boil = at(brief, 1).plan().broths().sides().stream()
                .filter(side -> side.side().equals(usual.side()))
                .findFirst()
                .orElseThrow()
                .boil()
                .value();

        read(usual.side(), boil - 6, 2);
        Turn cooler = same(seat(brief, "ann", 2), usual);
        assertThat(cooler.seconds()).isGreaterThanOrEqualTo(usual.seconds());
        assertThat(cooler.bestSeconds()).isGreaterThan(usual.bestSeconds());
        assertThat(cooler.held()).isEmpty();

        read(usual.side(), 72, 30);
        Turn tooCool = same(seat(brief, "ann", 31), usual);
        assertThat(tooCool.when()).isNotEqualTo(Turn.When.NOW);
        assertThat(tooCool.held()).contains("72 °C");
    }

    private void read(String side, double celsius, int second) {
        events.add(PartyEvent.read(new UUID(2, events.size()), SAT_DOWN.plusSeconds(second), side, celsius));
    }

    private static Turn firstDip(Seat seat) {
        return seat.turns().stream()
                .filter(turn ->
                        turn.act() == Turn.Act.DIP && CATALOGUE.cut(turn.cut()).rawRisk() != RawRisk.NONE)
                .findFirst()
                .orElseThrow();
    }

    private static Turn same(Seat seat, Turn turn) {
        return seat.turns().stream()
                .filter(other -> other.cut().equals(turn.cut()) && other.side().equals(turn.side()))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatIsTakenIsHadAndTheNextHelpingComesUp() {
        Brief brief = Briefs.plain().build();
        Turn first = firstDip(seat(brief, "ann", 1));
        events.add(ToldEvening.event(
                EventType.TAKEN_OUT,
                new UUID(3, 1),
                SAT_DOWN.plusSeconds(2),
                Map.of("drop", first.drop(), "stay", first.stay())));

        Turn next = same(seat(brief, "ann", 3), first);

        assertThat(next.helpings()).isEqualTo(first.helpings() - 1);
        assertThat(List.of(next.drop(), next.stay())).isNotEqualTo(List.of(first.drop(), first.stay()));
    }

    @Test
    void closedSidesSayWhyAndTheCleanOneIsNamed() {
        Briefs briefs = Briefs.plain();
        briefs.guests.add(Briefs.guest("cleo", Briefs.medical(NeedKind.VEGAN)));
        Brief brief = briefs.build();

        Seat vegan = seat(brief, "cleo", 60);

        assertThat(vegan.needs()).singleElement().satisfies(need -> {
            assertThat(need.label()).isEqualTo("vegan");
            assertThat(need.heard()).isTrue();
        });
        assertThat(vegan.sides()).hasSameSizeAs(brief.sides());
        assertThat(vegan.sides().stream().filter(side -> side.closed().isEmpty()))
                .allSatisfy(side -> assertThat(side.clean()).isTrue());
        assertThat(vegan.grams()).isCloseTo(eatenBy(at(brief, 60).plan().table(), "cleo", 60), within(0.1));
    }

    /** Whoever keeps to the clean pot must not take the other one for it. */
    @ParameterizedTest
    @MethodSource("seeds")
    void sidesInDifferentPotsAreNeverCalledAlike(long seed) {
        Brief brief = Parties.random(seed);
        if (brief.guests().isEmpty()) {
            return;
        }
        Set<String> called = new HashSet<>();
        for (Seat.SideForYou side :
                at(brief, -60).writer().write(brief.guests().get(0)).sides()) {
            called.add(side.name() + " / " + brief.potOf(side.side()).name());
        }

        assertThat(called.stream().map(text -> text.split(" / ")[0])).doesNotHaveDuplicates();
    }

    private static double eatenBy(TablePlan table, String guest, int second) {
        return table.drops().stream()
                .flatMap(drop -> drop.inBroth().stream())
                .filter(stay -> stay.takeOut() <= second)
                .mapToDouble((Stay stay) -> stay.gramsOf(guest))
                .sum();
    }
}
