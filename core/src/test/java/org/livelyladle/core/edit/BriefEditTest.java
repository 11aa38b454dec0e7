package org.livelyladle.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.advice.Unmet;
import org.livelyladle.core.brief.Amount;
import org.livelyladle.core.brief.Appetite;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Decisions;
import org.livelyladle.core.brief.Decisions.DropPin;
import org.livelyladle.core.brief.Decisions.PortionPin;
import org.livelyladle.core.brief.KeptIn;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Strength;
import org.livelyladle.core.catalogue.Bought;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;

class BriefEditTest {
    private static final String BEEF = "beef-ribeye.sliced";

    private final Brief brief = Briefs.plain().build();

    /** One of each, of which all but the first do something to the plain party. */
    static Stream<BriefEdit> edits() {
        LocalDateTime later = Briefs.SIT_DOWN.plusHours(1);
        return Stream.of(
                new BriefEdit.AddCut("daikon.sliced", null),
                new BriefEdit.LeaveOut(BEEF),
                new BriefEdit.SwapCut(BEEF, "lamb-leg.sliced"),
                new BriefEdit.EatUp(BEEF),
                new BriefEdit.BuyReady(BEEF),
                new BriefEdit.SayCooked(List.of("fish-ball.frozen"), true),
                new BriefEdit.DoWithout(List.of(Category.LEAVES)),
                new BriefEdit.AddSauce("lime-tamari"),
                new BriefEdit.AddPot("kelp-water"),
                new BriefEdit.FillPot("pot", 40),
                new BriefEdit.SwapBroth("kelp-shiitake", "kelp-water"),
                new BriefEdit.SitFor(120),
                new BriefEdit.SitAt(later),
                new BriefEdit.MoveTrip("shop", later.minusDays(1)),
                new BriefEdit.ServeAs(BEEF, "lamb-leg.sliced", 40),
                new BriefEdit.PinPortion("ann", BEEF, 60),
                new BriefEdit.AddNeed("ann", NeedKind.SESAME, Strength.MEDICAL),
                new BriefEdit.SetAppetite("ann", Appetite.HEARTY),
                new BriefEdit.SetHeat("ann", Heat.MILD),
                new BriefEdit.ComeAfter("ann", 20),
                new BriefEdit.HandOver("table:lay", "ann"));
    }

    /** Each changes the party into one that fits, and doing it twice is doing it once, but for a pot more. */
    @ParameterizedTest
    @MethodSource("edits")
    void anEditFitsAndIsDoneOnce(BriefEdit edit) {
        Brief cooked = brief.changed(draft -> draft.cooks = List.of(Cook.of("ann", "Ann")));
        Brief once = edit.apply(cooked);
        BriefCheck.check(once, Catalogue.builtIn());

        assertThat(once).isNotEqualTo(cooked);
        if (!(edit instanceof BriefEdit.AddPot)) {
            assertThat(edit.apply(once)).isEqualTo(once);
        }
    }

    @Test
    void whatAGuestAnswersIsOfferedUntilItIsInTheBriefAndWeakensNothing() {
        GuestAnswer answer = new GuestAnswer(Appetite.LIGHT, null, List.of(NeedKind.SESAME, NeedKind.VEGAN), 15);
        List<GuestAnswer.Offer> offers = answer.offers(brief, "ann");
        assertThat(offers)
                .extracting(GuestAnswer.Offer::label)
                .containsExactly(
                        "ann: no sesame",
                        "ann: vegan",
                        "ann: light eater, not regular eater",
                        "ann comes 15 min after sitting down");

        Brief taken = brief;
        for (GuestAnswer.Offer offer : offers) {
            taken = offer.edit().apply(taken);
        }

        assertThat(answer.offers(taken, "ann")).isEmpty();
        assertThat(new GuestAnswer(null, null, List.of(), null).offers(taken, "ann"))
                .isEmpty();
        assertThat(new BriefEdit.AddNeed("ann", NeedKind.SESAME, Strength.DISLIKE).apply(taken))
                .isEqualTo(taken);
    }

    /** Asked once for all; the needs hold all the while, and an answer that names them all is an answer. */
    @Test
    void needsOfATimeBeforeAreAskedAboutAgain() {
        Briefs briefs = Briefs.plain();
        briefs.guests.set(0, Briefs.guest("ann", Briefs.diet(NeedKind.VEGAN)).fromBefore());
        Brief known = briefs.build();
        Plan plan = Briefs.PLANNER.plan(known, Facts.none(), Briefs.NOW).plan();
        Unmet ask = plan.unmet().stream()
                .filter(unmet -> unmet.id().equals("needs.before"))
                .findFirst()
                .orElseThrow();

        assertThat(ask.text()).startsWith("As they were last time: ann still vegan?");
        assertThat(plan.portions().barred()).anyMatch(barred -> barred.guest().equals("ann"));
        Brief asked = Objects.requireNonNull(ask.remedy().edit()).apply(known);
        assertThat(asked.guests().get(0)).isEqualTo(Briefs.guest("ann", Briefs.diet(NeedKind.VEGAN)));
        assertThat(Briefs.PLANNER.plan(asked, Facts.none(), Briefs.NOW).plan().unmet())
                .noneMatch(unmet -> unmet.id().equals("needs.before"));
        assertThat(Briefs.guest("ben").fromBefore().needsFromBefore())
                .as("nothing to ask")
                .isFalse();
        assertThat(new GuestAnswer(null, null, List.of(NeedKind.VEGAN), null).offers(known, "ann"))
                .extracting(GuestAnswer.Offer::edit)
                .containsExactly(new BriefEdit.ConfirmNeeds(List.of("ann")));
        assertThat(new GuestAnswer(null, null, List.of(), null).offers(known, "ann"))
                .isEmpty();
    }

    @Test
    void anotherCutOfTheSameFoodIsBoughtAndKeptLikeIt() {
        MenuItem frozen = new MenuItem(
                "fish-ball.frozen",
                true,
                80,
                null,
                true,
                null,
                null,
                Bought.READY,
                KeptIn.FREEZER,
                true,
                false,
                null,
                null);
        Brief balls = brief.serving(List.of(frozen));
        Brief edited = new BriefEdit.AddCut("fish-ball.quartered", "fish-ball.frozen").apply(balls);

        assertThat(edited.menu().get(1)).satisfies(item -> {
            assertThat(item.cut()).isEqualTo("fish-ball.quartered");
            assertThat(item.bought()).isEqualTo(Bought.READY);
            assertThat(item.keptIn()).isEqualTo(KeptIn.FREEZER);
            assertThat(item.cooked()).isTrue();
            assertThat(item.sizePercent()).isEqualTo(100);
        });
    }

    @Test
    void aSwappedCutStandsWhereTheOldOneStoodWithoutWhatWasDecidedForIt() {
        Brief pinned = brief.deciding(brief.decisions()
                .pinning(new PortionPin("ann", BEEF, 60))
                .pinning(new PortionPin("ann", "spinach.leaves", 30)));
        Brief edited = new BriefEdit.SwapCut(BEEF, "lamb-leg.sliced").apply(pinned);

        assertThat(edited.menu().get(0).cut()).isEqualTo("lamb-leg.sliced");
        assertThat(edited.decisions().portions()).containsExactly(new PortionPin("ann", "spinach.leaves", 30));
    }

    @Test
    void aPotMoreHasNamesNobodyHas() {
        Brief edited = new BriefEdit.AddPot("kelp-water").apply(brief);
        Brief more = new BriefEdit.AddPot("kelp-water").apply(edited);

        Set<String> ids = Set.copyOf(more.pots().stream().map(Pot::id).toList());
        assertThat(ids).hasSize(more.pots().size());
        assertThat(more.pots().get(2).name()).isEqualTo("Small pot");
    }

    @Test
    void justThePinThatIsNamedIsFreed() {
        Brief decided = brief.deciding(new Decisions(
                List.of(new PortionPin("ann", BEEF, 60), new PortionPin("ben", BEEF, 50)),
                List.of(),
                List.of(),
                List.of(new DropPin(BEEF, "pot-1", 2, "pot-1", 5), new DropPin(BEEF, "pot-1", 3, "pot-1", 9)),
                List.of(),
                List.of()));

        assertThat(new BriefEdit.FreePortion("ann", BEEF)
                        .apply(decided)
                        .decisions()
                        .portions())
                .containsExactly(new PortionPin("ben", BEEF, 50));
        assertThat(new BriefEdit.FreeDrop(BEEF, "pot-1", 2)
                        .apply(decided)
                        .decisions()
                        .drops())
                .extracting(DropPin::batch)
                .containsExactly(3);
        Brief traded = new BriefEdit.ServeAs(BEEF, "lamb-leg.sliced", 40).apply(decided);
        assertThat(new BriefEdit.ServeAs(BEEF, "lamb-leg.sliced", 55)
                        .apply(traded)
                        .decisions()
                        .trades())
                .singleElement()
                .satisfies(trade -> assertThat(trade.grams()).isEqualTo(55));
        assertThat(new BriefEdit.FreeTrade(BEEF, "lamb-leg.sliced").apply(traded))
                .isEqualTo(decided);
    }

    @Test
    void allOfThePacksIsSaidInTheMenusOwnWords() {
        assertThat(new BriefEdit.EatUp(BEEF).apply(brief).item(BEEF).amount())
                .isEqualTo(new Amount(Amount.Unit.EAT_UP, 1));
    }
}
