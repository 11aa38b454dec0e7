package org.livelyladle.core.prep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Parties;
import org.livelyladle.core.Records;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Decisions;
import org.livelyladle.core.brief.ExtraChoice;
import org.livelyladle.core.brief.KeptIn;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.catalogue.Bought;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.StartState;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.Drop;

/** The state food is bought in decides what is done with it, what it costs and how long it cooks. */
class StatesOfFoodTest {
    private final Briefs briefs = Briefs.plain();

    private static Map<String, PrepTask> tasks(Brief brief) {
        return TestPrep.plan(brief, Facts.none(), Briefs.NOW).tasks().stream()
                .collect(Collectors.toMap(PrepTask::id, Function.identity()));
    }

    private static Plan plan(Brief brief) {
        return Briefs.PLANNER.plan(brief, Facts.none(), Briefs.NOW).plan();
    }

    private Brief with(String cut, String field, Object value) {
        Brief brief = briefs.build();
        return brief.serving(brief.menu().stream()
                .map(item -> item.cut().equals(cut) ? Records.with(item, field, value) : item)
                .toList());
    }

    @Test
    void thinSlicedMeatIsBoughtCutUnlessSomebodySaysOtherwise() {
        assertThat(tasks(briefs.build()).keySet())
                .noneMatch(id -> id.contains("half-freeze") || id.contains(":slice:"));
        assertThat(tasks(with("beef-ribeye.sliced", "bought", Bought.WHOLE)))
                .containsKeys("food:half-freeze:raw", "food:slice:raw");

        briefs.offers.add(
                new Offer("joint", "shop", "beef-ribeye", "Rib-eye, whole", 800, 2500, null, null, Bought.WHOLE));
        assertThat(tasks(briefs.build())).containsKey("food:slice:raw");
        briefs.offers.add(
                new Offer("thin", "shop", "beef-ribeye", "Rib-eye, sliced", 400, 1900, null, null, Bought.CUT));
        assertThat(tasks(briefs.build())).doesNotContainKey("food:slice:raw");
    }

    /** The state decides which offers will do, and so the price. */
    @Test
    void thePriceFollowsTheState() {
        briefs.offers.add(
                new Offer("joint", "shop", "beef-ribeye", "Rib-eye, whole", 800, 1600, null, null, Bought.WHOLE));
        briefs.offers.add(
                new Offer("thin", "shop", "beef-ribeye", "Rib-eye, sliced", 400, 1900, null, null, Bought.CUT));

        assertThat(offers(with("beef-ribeye.sliced", "bought", Bought.WHOLE))).containsExactly("joint");
        assertThat(offers(with("beef-ribeye.sliced", "bought", Bought.CUT))).containsExactly("thin");
        briefs.decisions = new Decisions(
                List.of(),
                List.of(new Decisions.OfferPin("beef-ribeye", "joint")),
                List.of(),
                List.of(),
                List.of(),
                List.of());
        assertThat(tasks(briefs.build())).containsKey("food:slice:raw");
    }

    private static List<String> offers(Brief brief) {
        return plan(brief).purchases().trips().stream()
                .flatMap(trip -> trip.lines().stream())
                .map(line -> line.offer())
                .toList();
    }

    @Test
    void whatIsAtHomeIsNotBoughtAndFromTheFreezerItIsThawed() {
        briefs.offers.add(new Offer("thin", "shop", "beef-ribeye", "Rib-eye, sliced", 400, 1900, null, null));
        assertThat(offers(briefs.build())).containsExactly("thin");
        Brief frozen = with("beef-ribeye.sliced", "keptIn", KeptIn.FREEZER);

        assertThat(offers(frozen)).isEmpty();
        Map<String, PrepTask> tasks = tasks(frozen);
        assertThat(tasks.get("food:thaw-fridge:raw").what()).contains("rib-eye");
        assertThat(tasks.get("food:set-out:raw").startsAt())
                .isAfterOrEqualTo(tasks.get("food:thaw-fridge:raw").endsAt());
        assertThat(offers(with("beef-ribeye.sliced", "keptIn", KeptIn.FRIDGE))).isEmpty();
    }

    /** A bowl of rice is steamed and stays hot; nothing of it goes into a pot. */
    @Test
    void riceForTheBowlsIsCookedAndNeverGoesIn() {
        briefs.menu.add("rice.cooked");
        Brief brief = with("rice.cooked", "beside", true);
        Plan plan = plan(brief);

        assertThat(plan.table().drops()).noneMatch(drop -> drop.cut().equals("rice.cooked"));
        assertThat(plan.table().beside()).anyMatch(bowl -> bowl.cut().equals("rice.cooked"));
        assertThat(plan.table().audit()).isEmpty();
        assertThat(tasks(brief)).containsKey("food:bowls:rice.cooked").doesNotContainKey("food:chill");
    }

    /**
     * What goes in frozen waits in the freezer: whoever puts it in hears so, and of nothing else; before sitting down from
     * the prep, later from the table.
     */
    @Test
    void whoPutsSomethingInHearsWhatComesFromTheFreezer() {
        Plan plan = plan(briefs.build());
        List<String> puttings = Stream.concat(
                        plan.table().cues().stream()
                                .filter(cue -> cue.act() == Cue.Act.PUT_IN)
                                .map(Cue::text),
                        plan.prep().tasks().stream().map(PrepTask::what).filter(what -> what.startsWith("Put in: ")))
                .toList();

        assertThat(puttings)
                .hasSameSizeAs(
                        plan.table().drops().stream().filter(Drop::shared).toList());
        assertThat(puttings).anyMatch(text -> text.endsWith(", from the freezer"));
        assertThat(puttings)
                .allSatisfy(
                        text -> assertThat(text.endsWith(", from the freezer")).isEqualTo(text.contains("ball")));
    }

    @Test
    void whatGoesInBeforeSittingDownIsATaskAtItsMinute() {
        Plan plan = plan(briefs.build());
        List<Drop> preloads = plan.table().preloads();

        assertThat(preloads).isNotEmpty();
        for (Drop drop : preloads) {
            String task = "put-in:" + drop.cut() + ":" + drop.homeSide() + ":" + drop.batch();
            assertThat(plan.prep().tasks())
                    .filteredOn(one -> one.id().equals(task))
                    .singleElement()
                    .satisfies(one -> {
                        assertThat(one.before().value()).isEqualTo(-Math.floorDiv(drop.putIn(), 60));
                        assertThat(one.amount()).startsWith(drop.amount() + " into ");
                    });
        }
    }

    @Test
    void soybeansAreBoiledAndPeanutsAreNotWashed() {
        briefs.extras.addAll(List.of(new ExtraChoice("green-soybean", null), new ExtraChoice("roast-peanut", null)));
        Map<String, PrepTask> tasks = tasks(briefs.build());

        assertThat(tasks.get("beside:boil").what()).isEqualTo("Boil and set out: green soybeans in the pod");
        assertThat(tasks.get("beside:set_out").what()).isEqualTo("Set out: roast peanuts");
    }

    /** A broth that is to stay unsalted has no salt in it and is never seasoned. */
    @Test
    void anUnsaltedSideIsNeverSalted() {
        briefs.pots.replaceAll(pot -> pot.holding(pot.sides().stream()
                .map(side -> Records.with(side, "unsalted", true))
                .toList()));
        Plan plan = plan(briefs.build());

        assertThat(plan.broths().needs())
                .allSatisfy(need -> assertThat(need.parts())
                        .noneMatch(part -> part.ingredient().equals("salt")));
        assertThat(plan.evening().pots().stream()
                        .flatMap(pot -> pot.sides().stream())
                        .flatMap(side -> side.doses().stream()))
                .noneMatch(dose -> dose.text().contains("salt"));
    }

    @Test
    void theCheckNamesWhatMustBeThereAndWhereItLies() {
        PrepTask check = tasks(briefs.build()).get("table:check");
        assertThat(check.things())
                .anyMatch(thing -> thing.startsWith("Fish balls") && thing.endsWith(": freezer"))
                .anyMatch(thing -> thing.startsWith("Beef rib-eye") && thing.endsWith(": fridge"))
                .anyMatch(thing -> thing.startsWith("Ladles"));
    }

    @Test
    void halfOfTheRawPlatesWaitWhenTheMealIsLong() {
        briefs.mealMinutes = 120;
        assertThat(tasks(briefs.build()).get("table:bring").caution())
                .contains("Half of the raw plates wait in the fridge");
        briefs.mealMinutes = 60;
        assertThat(tasks(briefs.build()).get("table:bring").caution()).doesNotContain("Half");
    }

    static LongStream seeds() {
        return Seeds.of(201, 213);
    }

    /** States and tasks agree on any party: no knife on what is bought cut, nothing frozen sliced, set out or warm. */
    @ParameterizedTest
    @MethodSource("seeds")
    void statesAndTasksAgree(long seed) {
        Brief brief = Parties.random(seed);
        Catalogue catalogue = brief.extend(Catalogue.builtIn());
        List<PrepTask> tasks = plan(brief).prep().tasks();
        for (MenuItem item : brief.menu()) {
            Cut cut = catalogue.cut(item.cut());
            List<String> own = tasks.stream()
                    .filter(task -> task.cuts().contains(cut.id()))
                    .map(task -> task.id().split(":")[1])
                    .toList();
            boolean frozen = item.fromFrozen() || cut.start() == StartState.FROZEN;
            if (frozen || brief.boughtOf(cut) == Bought.READY) {
                assertThat(own).as(seed + " " + cut.id()).isSubsetOf(List.of("thaw-fridge", "thaw-water", "bowls"));
            }
            if (frozen) {
                assertThat(own).as(seed + " " + cut.id()).noneMatch(step -> step.startsWith("thaw"));
            }
            if (brief.boughtOf(cut) == Bought.CUT) {
                assertThat(own)
                        .as(seed + " " + cut.id())
                        .noneMatch(step -> !step.equals("bowls")
                                && !step.startsWith("thaw")
                                && catalogue.prepStep(step).shopCuts());
            }
        }
    }
}
