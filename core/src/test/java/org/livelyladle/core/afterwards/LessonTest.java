package org.livelyladle.core.afterwards;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Parties;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.PriceSnapshot;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.household.Household;
import org.livelyladle.core.household.NewParty;
import org.livelyladle.core.household.PartyStarter;
import org.livelyladle.core.learning.Seen;
import org.livelyladle.core.learning.Subject;
import org.livelyladle.core.portions.CutTotal;
import org.livelyladle.core.portions.Portions;

/** What a host says of an evening becomes what the next one is planned with. */
class LessonTest {
    private static final String BEEF = "beef-ribeye.sliced";
    private final Briefs briefs = Briefs.plain();

    private static Household household() {
        return Household.unsaid(List.of(), new PriceSnapshot(Briefs.TODAY, List.of(), List.of()));
    }

    private static Household knowing(Guest... people) {
        Household unsaid = household();
        return unsaid.learning(unsaid.rates(), List.of(), null, List.of(people), List.of(), List.of());
    }

    private static Lesson lesson(Household household, List<Lesson.Told> told) {
        return Lesson.of(household, told, Map.of());
    }

    private static Journal left(String cut, Journal.Part part) {
        return journal(List.of(new Journal.Left(cut, part, null, Journal.State.FROM_TABLE)), List.of());
    }

    private static Journal journal(List<Journal.Left> left, List<Journal.Came> came) {
        return new Journal(Journal.FORMAT, Journal.VERSION, left, List.of(), came, List.of(), null, "", null);
    }

    private static Lesson.Told told(String party, Brief brief, Journal journal) {
        return new Lesson.Told(party, party, Outcomes.of(brief, Briefs.PLANNER.portions(brief), journal, Guest::id));
    }

    /** Two regular eaters, 136 g of beef each, half of it left: (8 x 136 + 136) / (8 + 2) = 122.4. */
    @Test
    void halfOfTheMeatLeftMovesTheRateAsTheClosedFormSays() {
        Brief brief = briefs.build();
        Lesson lesson = lesson(household(), List.of(told("first", brief, left(BEEF, Journal.Part.HALF))));

        assertThat(lesson.changes())
                .containsExactly(new Lesson.Change(Subject.PORTION, "MEAT", null, Category.MEAT.label(), 136, 122, 1));
        assertThat(lesson.after().portionsPerAdult()).containsEntry(Category.MEAT, 122.0);
        assertThat(lesson.after().learntFrom()).containsExactly("first");
        assertThat(lesson(lesson.after(), List.of(told("first", brief, left(BEEF, Journal.Part.HALF)))))
                .as("an evening teaches once")
                .satisfies(again -> assertThat(again.evenings()).isEmpty())
                .satisfies(again -> assertThat(again.changes()).isEmpty());
    }

    /** Two regular eaters, 136 g each, all gone: (8 x 136 + 1.15 x 272) / (8 + 2) = 140.1. */
    @Test
    void whatRanOutIsMoreTheNextTimeAndWhatWasJustEnoughIsNot() {
        Brief brief = briefs.build();
        assertThat(lesson(household(), List.of(told("first", brief, left(BEEF, Journal.Part.RAN_OUT))))
                        .changes())
                .extracting(Lesson.Change::becomes)
                .containsExactly(140);
        assertThat(lesson(household(), List.of(told("first", brief, left(BEEF, Journal.Part.NONE))))
                        .changes())
                .isEmpty();
    }

    /** Who had eaten elsewhere leaves half of theirs: that says nothing of how much meat a head is right. */
    @Test
    void whoAteMuchLessIsHalfAnEater() {
        Brief brief = briefs.build();
        List<Journal.Left> left = List.of(new Journal.Left(BEEF, Journal.Part.NONE, 68.0, Journal.State.FROM_TABLE));
        Journal.Came little = new Journal.Came("ben", Journal.Ate.LITTLE);

        assertThat(lesson(household(), List.of(told("first", brief, journal(left, List.of(little)))))
                        .changes())
                .noneMatch(change -> change.subject() == Subject.PORTION);
        assertThat(lesson(household(), List.of(told("first", brief, journal(left, List.of()))))
                        .changes())
                .anyMatch(change -> change.subject() == Subject.PORTION && change.becomes() < change.was());
    }

    /**
     * The next party as this one has the smaller portions; what nothing was learnt of stays as it was then. Ann ate a quarter
     * more and is as many eaters: (8 x 136 + 136) / (8 + 2.25) = 119.4.
     */
    @Test
    void aPartyAsLastTimeKnowsWhatWasLearnt() {
        Brief past = briefs.build().changed(draft -> {
            draft.portionsPerAdult = Map.of(Category.MEAT, 136.0, Category.ROOTS, 50.0);
            draft.guests = List.of(Briefs.guest("ann"), Briefs.guest("ben"));
        });
        Journal told = journal(
                List.of(new Journal.Left(BEEF, Journal.Part.HALF, null, Journal.State.UNTOUCHED)),
                List.of(new Journal.Came("ann", Journal.Ate.MORE)));
        Household taught = lesson(knowing(Briefs.guest("ann")), List.of(told("first", past, told)))
                .after();
        NewParty wish = new NewParty(null, Briefs.SIT_DOWN.plusDays(7), "Europe/Vienna", List.of());
        Brief next = new PartyStarter(Catalogue.builtIn()).again(taught, past, wish, Briefs.SIT_DOWN.plusDays(1));

        assertThat(next.portionsPerAdult()).containsEntry(Category.MEAT, 119.0).containsEntry(Category.ROOTS, 50.0);
        assertThat(next.guests()).extracting(Guest::portionPercent).containsExactly(105, 100);
    }

    @Test
    void onlyWhatIsSaidTeaches() {
        Brief brief = briefs.build();

        assertThat(lesson(household(), List.of(told("silent", brief, Journal.empty())))
                        .evenings())
                .isEmpty();
        assertThat(Outcomes.of(brief, Briefs.PLANNER.portions(brief), left(BEEF, Journal.Part.NONE), Guest::id)
                        .seen())
                .singleElement()
                .satisfies(seen -> {
                    assertThat(seen.of()).isEqualTo("MEAT");
                    assertThat(seen.expected()).isCloseTo(2, within(0.1));
                    assertThat(seen.happened()).isCloseTo(seen.expected() * 136, within(20.0));
                });
    }

    /** Who did not come left the food: the others ate as much a head as they ate. */
    @Test
    void whoDidNotComeIsNoEater() {
        Brief brief = briefs.build();
        Journal half = journal(
                List.of(new Journal.Left(BEEF, Journal.Part.HALF, null, Journal.State.UNTOUCHED)),
                List.of(new Journal.Came("ben", Journal.Ate.NOT_THERE)));
        Seen seen = Outcomes.of(brief, Briefs.PLANNER.portions(brief), half, Guest::id)
                .seen()
                .get(0);

        assertThat(seen.happened() / seen.expected())
                .as("slices come whole: one has one more than the other")
                .isCloseTo(136, within(10.0));
        assertThat(Outcomes.of(brief, Briefs.PLANNER.portions(brief), half, Guest::id)
                        .seen())
                .noneMatch(one -> one.subject() == Subject.APPETITE);
    }

    /** (4 x 1 + 1.25) / 5 = 1.05; a guest who is in nobody's book teaches nothing. */
    @Test
    void aKnownGuestsAppetiteIsKeptInTheBook() {
        Brief brief = briefs.build();
        Journal more = journal(List.of(), List.of(new Journal.Came("ann", Journal.Ate.MORE)));

        Lesson lesson = lesson(knowing(Briefs.guest("ann")), List.of(told("first", brief, more)));
        assertThat(lesson.changes())
                .containsExactly(new Lesson.Change(Subject.APPETITE, "ann", null, "ann", 100, 105, 1));
        assertThat(lesson.after().people().get(0).portionPercent()).isEqualTo(105);
        assertThat(lesson(household(), List.of(told("first", brief, more))).evenings())
                .isEmpty();

        Brief next = brief.seating(List.of(Briefs.guest("ann").eatingPart(105), Briefs.guest("ben")));
        Lesson twice = lesson(lesson.after(), List.of(told("second", next, more)));
        assertThat(twice.changes())
                .singleElement()
                .satisfies(change -> assertThat(change.becomes())
                        .as("(4 + 1.25 + 1.25 x 1.05) / 6 = 1.09")
                        .isEqualTo(110));
    }

    /** What the host has said since counts more than what evenings taught before it. */
    @Test
    void theHostsOwnWordIsWhereLearningGoesOnFrom() {
        Brief brief = briefs.build();
        Household taught = lesson(household(), List.of(told("first", brief, left(BEEF, Journal.Part.MOST))))
                .after();
        Household said = taught.learning(
                taught.rates(),
                taught.learntFrom(),
                Map.of(Category.MEAT, 200.0),
                taught.people(),
                List.of(),
                List.of());
        Lesson lesson = lesson(said, List.of(told("second", brief, left(BEEF, Journal.Part.NONE))));

        assertThat(lesson.changes()).singleElement().satisfies(change -> {
            assertThat(change.was()).isEqualTo(200);
            assertThat(change.becomes()).isEqualTo(Math.round((8 * 200 + 2 * 136) / 10.0));
            assertThat(change.evenings()).isEqualTo(1);
        });
    }

    static LongStream seeds() {
        return Seeds.of(0, 200);
    }

    /** However an evening turns out: order does not matter, figures stay within the bounds, and it all can be planned. */
    @ParameterizedTest
    @MethodSource("seeds")
    void anyEveningsTeachWithinBoundsInAnyOrder(long seed) {
        Random random = new Random(seed);
        Brief brief = Parties.random(seed);
        Household household = knowing(brief.guests().stream()
                .filter(guest -> random.nextBoolean())
                .map(Guest::onTime)
                .toArray(Guest[]::new));
        List<Lesson.Told> evenings = new ArrayList<>();
        for (int i = 1 + random.nextInt(6); i > 0; i--) {
            evenings.add(told("party-" + i, brief, randomJournal(brief, random)));
        }
        Lesson lesson = lesson(household, evenings);
        Collections.shuffle(evenings, random);

        assertThat(lesson(household, evenings)).isEqualTo(lesson);
        assertThat(lesson(lesson.after(), evenings).changes()).isEmpty();
        for (Lesson.Change change : lesson.changes()) {
            assertThat((double) change.becomes())
                    .as(change.toString())
                    .isBetween(
                            change.subject().least() * change.was() - 3,
                            change.subject().most() * change.was() + 3);
        }
        Map<Category, Double> portions = lesson.after().portionsPerAdult();
        if (portions != null) {
            Brief next = brief.changed(draft -> draft.portionsPerAdult = portions);
            assertThat(Briefs.PLANNER.portions(next).guests()).hasSameSizeAs(brief.guests());
        }
    }

    private static Journal randomJournal(Brief brief, Random random) {
        List<Journal.Left> left = new ArrayList<>();
        for (MenuItem item : brief.menu()) {
            if (random.nextInt(3) > 0) {
                left.add(new Journal.Left(
                        item.cut(),
                        Journal.Part.values()[random.nextInt(5)],
                        random.nextInt(4) == 0 ? (double) random.nextInt(3000) : null,
                        Journal.State.values()[random.nextInt(3)]));
            }
        }
        List<Journal.Came> came = new ArrayList<>();
        for (Guest guest : brief.guests()) {
            if (random.nextBoolean()) {
                came.add(new Journal.Came(guest.id(), Journal.Ate.values()[random.nextInt(5)]));
            }
        }
        return journal(left, came);
    }

    @Test
    void aJournalIsOfItsParty() {
        assertThatThrownBy(() -> JournalCheck.check(left("moon.dust", Journal.Part.HALF), briefs.build()))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("left[0].cut");
        assertThatThrownBy(() -> new Journal.BrothLeft("s", -1)).hasMessageContaining("ml");
    }

    /** What cannot be left is not: a weight beyond what was served is all of it. */
    @Test
    void noMoreIsLeftThanWasServed() {
        Brief brief = briefs.build();
        Portions portions = Briefs.PLANNER.portions(brief);
        double served = portions.total(BEEF).map(CutTotal::grams).orElseThrow().value();
        Journal heavy =
                journal(List.of(new Journal.Left(BEEF, Journal.Part.NONE, 5000.0, Journal.State.UNTOUCHED)), List.of());

        assertThat(heavy.left(BEEF).orElseThrow().gramsOf(served)).isEqualTo(served);
        assertThat(Outcomes.of(brief, portions, heavy, Guest::id).seen().get(0).happened())
                .isZero();
        assertThat(Outcomes.of(brief, portions, heavy, Guest::id).on()).isEqualTo(LocalDate.of(2026, 11, 28));
    }
}
