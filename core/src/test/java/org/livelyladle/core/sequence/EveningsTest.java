package org.livelyladle.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.advice.Unmet;
import org.livelyladle.core.brief.Appetite;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Course;
import org.livelyladle.core.brief.Ending;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.SchoolOfOrder;
import org.livelyladle.core.brief.Starch;
import org.livelyladle.core.brief.Tempo;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.TablePlan;

/** Twelve evenings as hosts hold them: what is eaten when and from where is what the host would expect. */
class EveningsTest {
    private final Briefs briefs = new Briefs();
    private @Nullable Brief brief;

    private void sit(int minutes, String... guests) {
        briefs.mealMinutes = minutes;
        for (String guest : guests) {
            briefs.guests.add(Briefs.guest(guest));
        }
    }

    private void serve(String... cuts) {
        briefs.menu.addAll(List.of(cuts));
    }

    private void say(String part, Object value) {
        brief = Records.with(brief == null ? briefs.build() : brief, part, value);
    }

    private void eatFrom(String pot, WayOfEating way) {
        Brief now = brief == null ? briefs.build() : brief;
        say(
                "pots",
                now.pots().stream()
                        .map(p -> p.id().equals(pot) ? Records.with(p, "way", way) : p)
                        .toList());
    }

    private void serve(String cut, String part, Object value) {
        Brief now = brief == null ? briefs.build() : brief;
        say(
                "menu",
                now.menu().stream()
                        .map(item -> item.cut().equals(cut) ? Records.with(item, part, value) : item)
                        .toList());
    }

    /** Clean, everything served, nobody forgotten. */
    private TablePlan table() {
        Plan plan = Briefs.PLANNER
                .plan(brief == null ? briefs.build() : brief, Facts.none(), Briefs.NOW)
                .plan();
        assertThat(plan.table().audit()).isEmpty();
        assertThat(plan.table().remainders()).isEmpty();
        assertThat(plan.unmet()).noneMatch(unmet -> unmet.severity() == Unmet.Severity.CANNOT_EAT);
        return plan.table();
    }

    private static void inOrder(TablePlan table, String... cuts) {
        for (int i = 1; i < cuts.length; i++) {
            assertThat(Eaten.at(table, cuts[i - 1]))
                    .as(cuts[i - 1] + " before " + cuts[i])
                    .isLessThan(Eaten.at(table, cuts[i]));
        }
    }

    @Test
    void aTuesdayForTwoWithABasketEach() {
        sit(60, "iva", "jon");
        briefs.pots.add(Briefs.pot("small", 1800, "kelp-water"));
        serve("lamb-leg.sliced", "napa-cabbage.leaves", "oyster-mushroom.torn", "tofu-firm.cubes");
        eatFrom("small", WayOfEating.OWN_BASKET);
        say("ending", new Ending(Ending.Kind.EGG, null));
        TablePlan table = table();

        assertThat(table.drops()).noneMatch(Drop::shared);
        assertThat(table.guests()).allMatch(pace -> pace.firstBite().value() <= 60);
        assertThat(table.cues())
                .extracting(Cue::act)
                .doesNotContain(Cue.Act.PUT_IN, Cue.Act.TAKE_OUT)
                .contains(Cue.Act.ENDING);
        assertThat(table.ending()).isNotNull();
    }

    @Test
    void fourAfterWorkWhoDipIntoBothAndEndOnNoodles() {
        sit(75, "kai", "lea", "mo", "nia");
        briefs.pots.add(Briefs.pot("split", 5000, "kelp-shiitake", "numbing-chilli"));
        serve(
                "beef-ribeye.sliced",
                "pork-belly.sliced",
                "fish-ball.frozen",
                "pak-choi.leaves",
                "enoki.bundles",
                "udon.fresh");
        say(
                "guests",
                briefs.guests.stream()
                        .map(guest ->
                                guest.id().equals("kai") ? Records.with(guest, "favouriteSide", "split-2") : guest)
                        .toList());
        TablePlan table = table();

        inOrder(table, "beef-ribeye.sliced", "pak-choi.leaves", "udon.fresh");
        assertThat(table.drops())
                .filteredOn(drop -> drop.dipped() && drop.gramsByGuest().containsKey("kai"))
                .extracting(Drop::side)
                .containsOnly("split-2");
        assertThat(table.guests()).allMatch(pace -> pace.firstBite().value() <= 60);
    }

    @Test
    void threeGenerationsAroundALayeredPot() {
        sit(80, "granny", "pa", "ma");
        briefs.guests.add(Records.with(Briefs.guest("lou"), "appetite", Appetite.CHILD));
        briefs.guests.add(Records.with(Briefs.guest("pip"), "appetite", Appetite.TODDLER));
        briefs.pots.add(Briefs.pot("clay", 7000, "white-chicken"));
        serve(
                "pork-belly.sliced",
                "fish-ball.halved",
                "napa-cabbage.leaves",
                "shiitake.halved",
                "carrot.sliced",
                "daikon.sliced");
        eatFrom("clay", WayOfEating.LAYERED);
        serve("daikon.sliced", "eatenLast", true);
        TablePlan table = table();

        assertThat(Eaten.drops(table, "carrot.sliced")).allMatch(drop -> drop.putIn() < 0);
        inOrder(table, "carrot.sliced", "daikon.sliced");
        assertThat(table.drops())
                .filteredOn(drop -> drop.dipped()
                        && (drop.gramsByGuest().containsKey("pip")
                                || drop.gramsByGuest().containsKey("lou")))
                .isNotEmpty()
                .extracting(Drop::minder)
                .isSubsetOf("granny", "pa", "ma");
    }

    @Test
    void sixVegansAndOneWithoutGluten() {
        for (String guest : List.of("ari", "bea", "cem", "dia", "eli", "fay")) {
            briefs.guests.add(Briefs.guest(guest, Briefs.diet(NeedKind.VEGAN)));
        }
        briefs.guests.add(Briefs.guest("gil", Briefs.diet(NeedKind.VEGAN), Briefs.diet(NeedKind.GLUTEN)));
        briefs.mealMinutes = 90;
        briefs.pots.add(Briefs.pot("clear", 6000, "kelp-shiitake", "smoked-tomato"));
        serve(
                "tofu-firm.cubes",
                "tofu-puff.halved",
                "pak-choi.stems",
                "pak-choi.leaves",
                "king-oyster.sliced",
                "pumpkin.sliced",
                "rice.cooked");
        say("starch", Starch.IN_THE_BOWL);
        say("order", SchoolOfOrder.HARD_FIRST);
        TablePlan table = table();

        inOrder(table, "pumpkin.sliced", "pak-choi.leaves");
        assertThat(table.beside()).extracting(TablePlan.Beside::guest).hasSize(7);
        assertThat(Eaten.drops(table, "rice.cooked")).isEmpty();
    }

    @Test
    void aHeapOfGreensThenBeefNoodlesHalfWayAndRiceInTheEnd() {
        sit(90, "uma", "vic", "wes");
        briefs.pots.add(Briefs.pot("wide", 6500, "dried-fish"));
        serve("water-celery.sprigs", "onion.wedges", "shiitake.halved", "beef-ribeye.sliced", "flour-noodle.fresh");
        say(
                "courses",
                List.of(
                        Course.of(45, Category.LEAVES, Category.MUSHROOMS, Category.ROOTS),
                        Course.of(55, Category.MEAT)));
        say("order", SchoolOfOrder.OWN);
        say("starch", Starch.HALF_WAY);
        say("ending", new Ending(Ending.Kind.FRIED_RICE, null));
        TablePlan table = table();

        inOrder(table, "water-celery.sprigs", "beef-ribeye.sliced");
        inOrder(table, "shiitake.halved", "beef-ribeye.sliced");
        assertThat(Eaten.at(table, "flour-noodle.fresh")).isBetween(0.2, 0.65);
        assertThat(table.ending())
                .isNotNull()
                .satisfies(ending -> assertThat(ending.eaters()).hasSize(3));
    }

    @Test
    void ballsUntilTheyFloatAtAStudentFlat() {
        sit(100, "a", "b", "c", "d", "e", "f", "g");
        briefs.pots.add(Briefs.pot("wide", 12_000, "kelp-shiitake"));
        serve(
                "beef-ball.frozen",
                "fish-ball.frozen",
                "cuttlefish-ball.frozen",
                "pork-belly.sliced",
                "napa-cabbage.leaves",
                "instant-noodle.dry");
        say("order", SchoolOfOrder.BALLS_FIRST);
        TablePlan table = table();

        for (String ball : List.of("beef-ball.frozen", "fish-ball.frozen", "cuttlefish-ball.frozen")) {
            inOrder(table, ball, "napa-cabbage.leaves", "instant-noodle.dry");
        }
        assertThat(table.guests()).allMatch(pace -> pace.firstBite().value() <= 180);
    }

    @Test
    void aSourSeafoodPotOverNoodlesInTheBowl() {
        sit(80, "han", "ida", "jay", "kim");
        briefs.pots.add(Briefs.pot("sour", 7000, "sour-lemongrass"));
        serve("mussel.whole", "prawn.whole", "squid.rings", "white-fish.sliced", "rice-vermicelli.soaked");
        say("starch", Starch.IN_THE_BOWL);
        say("ending", new Ending(Ending.Kind.SOUP, null));
        eatFrom("sour", WayOfEating.ROUNDS);
        TablePlan table = table();

        assertThat(table.soupRounds()).hasSizeGreaterThan(1);
        assertThat(table.beside()).extracting(TablePlan.Beside::cut).containsOnly("rice-vermicelli.soaked");
        assertThat(table.drops()).allMatch(drop -> drop.takeOut() <= 80 * 60 - 240);
    }

    /** Twelve minutes from round to round are usual, memory: none is left out because all food is in the others. */
    @Test
    void roundsComeAllEvening() {
        sit(90, "han", "ida", "jay", "kim");
        briefs.pots.add(Briefs.pot("sour", 5200, "sour-lemongrass"));
        serve(
                "mussel.whole",
                "prawn.shell-on",
                "squid.rings",
                "white-fish.sliced",
                "oyster-mushroom.torn",
                "bean-sprouts.whole",
                "tomato.wedges",
                "rice-vermicelli.soaked");
        briefs.order = SchoolOfOrder.FLAVOUR_BUILDERS;
        eatFrom("sour", WayOfEating.ROUNDS);
        int[] out = table().drops().stream().mapToInt(Drop::takeOut).sorted().toArray();

        assertThat(out[0]).isLessThan(8 * 60);
        assertThat(IntStream.range(1, out.length).map(i -> out[i] - out[i - 1])).allMatch(gap -> gap < 13 * 60);
    }

    @Test
    void tunaToDipAndWrapAndOneWhoIsPregnant() {
        sit(70, "lin", "mia", "ned");
        briefs.guests.add(Briefs.guest("oz", Briefs.diet(NeedKind.PREGNANT)));
        briefs.pots.add(Briefs.pot("one", 1500, "kelp-water"));
        briefs.pots.add(Briefs.pot("two", 1500, "kelp-water"));
        serve("tuna.sticks", "baby-octopus.whole", "lettuce.leaves", "rice.cooked");
        eatFrom("one", WayOfEating.DIP_AND_WRAP);
        eatFrom("two", WayOfEating.DIP_AND_WRAP);
        TablePlan table = table();

        assertThat(table.drops()).extracting(Drop::cut).containsOnly("tuna.sticks", "baby-octopus.whole");
        assertThat(table.beside()).extracting(TablePlan.Beside::cut).contains("lettuce.leaves", "rice.cooked");
    }

    @Test
    void gentlePorkWithLettuceForTwoAndTheSoupInTheEnd() {
        sit(70, "pia", "quin");
        briefs.pots.add(Briefs.pot("low", 3000, "kelp-water"));
        serve("pork-belly.sliced", "pork-loin.sliced", "lettuce.leaves", "fried-tofu-sheet.strips", "soba.cooked");
        say("order", SchoolOfOrder.ALL_ALONG);
        serve("lettuce.leaves", "with", "pork-loin.sliced");
        say("ending", new Ending(Ending.Kind.SOUP, null));
        TablePlan table = table();

        assertThat(Eaten.apart(table, "lettuce.leaves", "pork-loin.sliced")).isLessThanOrEqualTo(300);
        inOrder(table, "pork-loin.sliced", "soba.cooked");
        assertThat(table.cues()).extracting(Cue::act).contains(Cue.Act.SKIM, Cue.Act.ENDING);
    }

    @Test
    void aLongTalkAtAnEvenTempoAndAnAuntWhoComesLate() {
        sit(120, "ray", "sue", "tom");
        briefs.guests.add(Records.with(Briefs.guest("aunt"), "arrivesAfterMinutes", 40));
        briefs.pots.add(Briefs.pot("split", 6000, "ginger-chicken", "smoked-tomato"));
        serve(
                "beef-ribeye.sliced",
                "chicken-thigh.sliced",
                "tofu-puff.halved",
                "spinach.leaves",
                "sweetcorn.pieces",
                "udon.fresh");
        say("tempo", Tempo.EVEN);
        serve("sweetcorn.pieces", "eatenLast", true);
        TablePlan table = table();

        assertThat(table.guests())
                .filteredOn(pace -> pace.guest().equals("aunt"))
                .allSatisfy(pace -> {
                    assertThat(pace.bites()).allMatch(bite -> bite.at() >= 2400);
                    assertThat(pace.firstBite().value()).isLessThanOrEqualTo(300);
                });
        inOrder(table, "chicken-thigh.sliced", "sweetcorn.pieces");
    }

    @Test
    void aSideForTheOneWhoLikesItHot() {
        for (String guest : List.of("abe", "bo", "cy", "dee")) {
            briefs.guests.add(Records.with(Briefs.guest(guest), "heat", Heat.MILD));
        }
        briefs.guests.add(Briefs.guest("vera"));
        briefs.mealMinutes = 90;
        briefs.pots.add(Briefs.pot("split", 6000, "ginger-chicken", "numbing-chilli"));
        serve("beef-ribeye.sliced", "lamb-leg.sliced", "tofu-firm.cubes", "spinach.leaves", "glass-noodle.soaked");
        say(
                "guests",
                briefs.guests.stream()
                        .map(guest ->
                                guest.id().equals("vera") ? Records.with(guest, "favouriteSide", "split-2") : guest)
                        .toList());
        TablePlan table = table();

        assertThat(table.drops())
                .filteredOn(drop -> drop.side().equals("split-2"))
                .isNotEmpty()
                .allSatisfy(drop -> assertThat(drop.gramsByGuest()).containsOnlyKeys("vera"));
    }

    @Test
    void hungryChildrenAndEverythingInOneBowl() {
        sit(60, "oma", "opa");
        for (String child : List.of("x", "y")) {
            briefs.guests.add(Records.with(Briefs.guest(child), "appetite", Appetite.CHILD));
        }
        briefs.pots.add(Briefs.pot("big", 9000, "corn-chicken"));
        serve("chicken-thigh.sliced", "carrot.sliced", "napa-cabbage.leaves", "egg-noodle.dry");
        eatFrom("big", WayOfEating.ALL_IN);
        TablePlan table = table();

        assertThat(table.drops()).allSatisfy(drop -> {
            assertThat(drop.shared()).isTrue();
            assertThat(drop.putIn()).isLessThan(1500);
        });
        assertThat(table.guests()).allMatch(pace -> pace.firstBite().value() <= 60);
    }
}
