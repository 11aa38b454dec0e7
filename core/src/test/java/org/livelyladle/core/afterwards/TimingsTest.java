package org.livelyladle.core.afterwards;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Pace;
import org.livelyladle.core.brief.PriceSnapshot;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.facts.EventType;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.facts.PartyEvent;
import org.livelyladle.core.facts.TableEvent;
import org.livelyladle.core.household.Household;
import org.livelyladle.core.household.HouseholdPart;
import org.livelyladle.core.household.Keeper;
import org.livelyladle.core.household.NewParty;
import org.livelyladle.core.household.PartyStarter;
import org.livelyladle.core.learning.Subject;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.prep.PrepTask;
import org.livelyladle.core.table.Drop;

/** Marks of an evening tell what took longer; what the host takes of it is what the next evening is planned with. */
class TimingsTest {
    private static final String CARROT = "carrot.sliced";
    private static final Instant SIX = Instant.parse("2026-11-28T18:00:00Z");

    private final Brief brief = Briefs.plain().build();
    private final Plan plan = plan(brief);
    private final Household household = household(brief);

    private static Plan plan(Brief brief) {
        return Briefs.PLANNER
                .plan(brief, Facts.none(), SIX.minusSeconds(86_400))
                .plan();
    }

    private static Household household(Brief brief) {
        Household unsaid = Household.unsaid(List.of(), new PriceSnapshot(Briefs.TODAY, List.of(), List.of()));
        Keeper keeper = new Keeper(Catalogue.builtIn());
        return keeper.keep(keeper.keep(unsaid, brief, HouseholdPart.KITCHEN, null), brief, HouseholdPart.COOKS, null);
    }

    private static PartyEvent mark(EventType type, String task, int minute) {
        return PartyEvent.of(UUID.randomUUID(), SIX.plusSeconds(minute * 60L), type, task);
    }

    private static Timing of(List<Timing> timings, Subject subject, String of) {
        return timings.stream()
                .filter(timing -> timing.usual().subject() == subject
                        && timing.usual().of().equals(of))
                .findFirst()
                .orElseThrow();
    }

    private List<Timing> timings(Facts facts) {
        return Timings.of(household, plan, plan, facts);
    }

    private static Facts table(List<TableEvent> events) {
        return new Facts(List.of(), List.of(), java.util.Set.of(), events, java.util.Set.of());
    }

    private static List<TableEvent> cooked(int seconds, TableEvent.How... looks) {
        List<TableEvent> events = new ArrayList<>();
        events.add(new TableEvent.PutIn(UUID.randomUUID(), SIX, "a drop", null, CARROT, null));
        for (TableEvent.How how : looks) {
            events.add(new TableEvent.TakenOut(UUID.randomUUID(), SIX.plusSeconds(seconds / 2), "a drop", null, how));
        }
        events.add(new TableEvent.TakenOut(
                UUID.randomUUID(), SIX.plusSeconds(seconds), "a drop", null, TableEvent.How.DONE));
        return events;
    }

    private int usualSeconds() {
        return plan.windows().stream()
                .filter(window -> window.cut().equals(CARROT))
                .map(CookingWindow::readySeconds)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatWasLookedAtAndLeftInTellsHowLongItTook() {
        int usual = usualSeconds();
        assertThat(of(timings(table(cooked(2 * usual, TableEvent.How.NOT_YET))), Subject.CUT_TIME, CARROT)
                        .marked())
                .isEqualTo(2.0 * usual);
        assertThat(of(timings(table(cooked(2 * usual))), Subject.CUT_TIME, CARROT)
                        .marked())
                .as("late hands say nothing of the carrots")
                .isNull();
        assertThat(of(timings(table(cooked(usual / 2))), Subject.CUT_TIME, CARROT)
                        .marked())
                .as("good before its time")
                .isCloseTo(usual / 2.0, within(1.0));
        String beef = "beef-ribeye.sliced";
        assertThat(of(
                                timings(table(List.of(
                                        new TableEvent.PutIn(UUID.randomUUID(), SIX, "b", null, beef, null),
                                        new TableEvent.TakenOut(
                                                UUID.randomUUID(),
                                                SIX.plusSeconds(2),
                                                "b",
                                                null,
                                                TableEvent.How.DONE)))),
                                Subject.CUT_TIME,
                                beef)
                        .marked())
                .as("raw is raw, whoever liked it")
                .isNull();
    }

    /** Nobody marks what stood in the pots before anybody sat down. */
    @Test
    void whatWasInBeforeSittingDownCountsFromItsTime() {
        Drop preload = plan.table().drops().stream()
                .filter(drop -> drop.shared() && drop.putIn() < 0)
                .findFirst()
                .orElseThrow();
        double usual = plan.windows().stream()
                .filter(window ->
                        window.cut().equals(preload.cut()) && window.sides().contains(preload.side()))
                .mapToDouble(CookingWindow::readySeconds)
                .findFirst()
                .orElseThrow();
        Instant out = SIX.plusSeconds(preload.putIn() + Math.round(2 * usual));
        List<TableEvent> events = List.of(
                new TableEvent.SatDown(UUID.randomUUID(), SIX),
                new TableEvent.TakenOut(
                        UUID.randomUUID(), out.minusSeconds(20), preload.id(), null, TableEvent.How.NOT_YET),
                new TableEvent.TakenOut(UUID.randomUUID(), out, preload.id(), null, TableEvent.How.DONE));
        assertThat(of(timings(table(events)), Subject.CUT_TIME, preload.cut()).marked())
                .isEqualTo(Math.round(2 * usual));
    }

    @Test
    void aTaskIsTimedWithoutItsPauses() {
        PrepTask lay = plan.prep().tasks().stream()
                .filter(task -> task.id().equals("table:lay"))
                .findFirst()
                .orElseThrow();
        Facts facts = Facts.fold(List.of(
                mark(EventType.TASK_STARTED, lay.id(), 0),
                mark(EventType.TASK_PAUSED, lay.id(), 5),
                mark(EventType.TASK_STARTED, lay.id(), 60),
                mark(EventType.TASK_DONE, lay.id(), 70)));
        assertThat(of(timings(facts), Subject.TASK_TIME, lay.id()).marked()).isEqualTo(15.0);
        assertThat(timings(Facts.none()))
                .allSatisfy(timing -> assertThat(timing.marked()).isNull());
        assertThat(timings(Facts.none()).stream()
                        .map(timing -> timing.usual().subject())
                        .collect(Collectors.toSet()))
                .contains(Subject.CUT_TIME, Subject.TASK_TIME, Subject.BOIL_TIME, Subject.FUEL);
    }

    private static Journal journal(Journal.Took... took) {
        return new Journal(
                Journal.FORMAT, Journal.VERSION, List.of(), List.of(), List.of(), List.of(took), null, "", null);
    }

    private static Journal.Took times(Timing timing, double times) {
        Journal.Took usual = timing.usual();
        return new Journal.Took(
                usual.subject(), usual.of(), usual.by(), usual.name(), usual.expected(), usual.expected() * times);
    }

    /** Twice as long once: 2^(1 / (6 + 1)) = 1.104 for a cut, 2^(1 / (4 + 1)) = 1.149 for a task and a stove. */
    @Test
    void theNextPartyIsPlannedWithIt() {
        List<Timing> timings = timings(Facts.none());
        Timing lay = of(timings, Subject.TASK_TIME, "table:lay");
        String pot = brief.pots().get(0).id();
        Journal journal = journal(
                times(of(timings, Subject.CUT_TIME, CARROT), 2),
                times(lay, 2),
                times(of(timings, Subject.BOIL_TIME, pot), 2),
                times(of(timings, Subject.FUEL, pot), 2));
        JournalCheck.check(journal, brief);
        Lesson.Told told =
                new Lesson.Told("one", "one", Outcomes.of(brief, Briefs.PLANNER.portions(brief), journal, Guest::id));
        Lesson lesson = Lesson.of(household, List.of(told), Map.of(CARROT, "Carrots"));
        assertThat(lesson.changes())
                .extracting(Lesson.Change::subject, Lesson.Change::was, Lesson.Change::becomes)
                .containsExactlyInAnyOrder(
                        org.assertj.core.groups.Tuple.tuple(Subject.CUT_TIME, 100, 110),
                        org.assertj.core.groups.Tuple.tuple(Subject.TASK_TIME, 100, 115),
                        org.assertj.core.groups.Tuple.tuple(Subject.BOIL_TIME, 100, 115),
                        org.assertj.core.groups.Tuple.tuple(Subject.FUEL, 100, 115));
        assertThat(lesson.changes()).anyMatch(change -> change.name().equals("Carrots"));

        NewParty wish = new NewParty(null, Briefs.SIT_DOWN.plusDays(7), "Europe/Vienna", List.of());
        Brief next =
                new PartyStarter(Catalogue.builtIn()).again(lesson.after(), brief, wish, Briefs.SIT_DOWN.plusDays(1));
        assertThat(next.timesOf(CARROT)).isEqualTo(1.1);
        Plan taught = plan(next);
        assertThat(taught.table().audit()).isEmpty();
        assertThat(taught.windows().stream()
                        .filter(window -> window.cut().equals(CARROT))
                        .map(CookingWindow::readySeconds))
                .allSatisfy(seconds -> assertThat(seconds).isCloseTo((int) Math.ceil(usualSeconds() * 1.1), within(1)));
        PrepTask laid = taught.prep().tasks().stream()
                .filter(task -> task.id().equals("table:lay"))
                .findFirst()
                .orElseThrow();
        assertThat(laid.minutes().value()).isEqualTo(Math.ceil(exactLay() * 1.15));
        assertThat(boil(taught)).isGreaterThan(boil(plan) * 1.14);
        assertThat(Timings.of(lesson.after(), plan(next.untaught()), taught, Facts.none()))
                .extracting(Timing::usual)
                .as("the usual stays what it was")
                .containsExactlyElementsOf(timings.stream().map(Timing::usual).toList());
        assertThat(Lesson.of(lesson.after(), List.of(new Lesson.Told("two", "two", told.outcome())), Map.of())
                        .changes())
                .as("twice as long again: 2^(2/8) and 2^(2/6)")
                .extracting(Lesson.Change::becomes)
                .containsExactlyInAnyOrder(119, 126, 126, 126);
    }

    /** A minute, and three quarters for each place. */
    private double exactLay() {
        return 1 + 0.75 * brief.guests().size();
    }

    private double boil(Plan planned) {
        return java.util.Objects.requireNonNull(planned.evening().pots().get(0).boilTable())
                .value();
    }

    @Test
    void aPotOfAnotherStoveIsNotTaughtAndNonsenseIsRefused() {
        org.assertj.core.api.Assertions.assertThatThrownBy(
                        () -> new Journal.Took(Subject.PORTION, "MEAT", null, "Meat", 1, 1))
                .isInstanceOf(InvalidInputException.class);
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> new Pace(Subject.FUEL, "pot-1", null, 1))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("CUT_TIME or TASK_TIME");
        Journal journal = journal(new Journal.Took(Subject.FUEL, "no-pot", null, "A stove", 1, 2));
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> JournalCheck.check(journal, brief))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("times[0].of");
    }
}
