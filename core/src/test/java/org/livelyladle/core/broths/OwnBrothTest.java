package org.livelyladle.core.broths;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.brief.OwnBroth;
import org.livelyladle.core.brief.OwnBroth.Adding;
import org.livelyladle.core.brief.OwnBroth.OwnBase;
import org.livelyladle.core.brief.OwnBroth.OwnPart;
import org.livelyladle.core.brief.OwnBroth.OwnStep;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.catalogue.Station;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.prep.PrepTask;
import org.livelyladle.core.safety.Content;

class OwnBrothTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();
    private final Briefs briefs = Briefs.plain();

    private Brief with(OwnBroth... own) {
        briefs.ownBroths.addAll(List.of(own));
        Brief plain = briefs.build();
        Pot pot = plain.pots().get(0);
        List<Side> sides = new ArrayList<>();
        for (OwnBroth broth : own) {
            if (!broth.id().equals("stock")) {
                sides.add(Side.of("side-" + broth.id(), broth.id()));
            }
        }
        return plain.setting(List.of(pot.holding(sides)));
    }

    private static Plan plan(Brief brief) {
        BriefCheck.check(brief, CATALOGUE);
        return Briefs.PLANNER.plan(brief, Facts.none(), Briefs.NOW).plan();
    }

    private static OwnBroth copyOf(Broth broth) {
        Broth.Base base = broth.base();
        return new OwnBroth(
                "own-" + broth.id(),
                broth.name(),
                1000,
                broth.saltPercent(),
                broth.heat(),
                broth.parts().stream()
                        .map(part -> new OwnPart(
                                part.ingredient(),
                                part.gramsPerLitre(),
                                part.scaling(),
                                part.pieceGrams(),
                                OwnBroth.Adding.COOKED))
                        .toList(),
                broth.steps().stream()
                        .map(step -> new OwnStep(
                                step.text(),
                                step.minutes(),
                                step.passive(),
                                step.minutesPerLitre(),
                                step.at(),
                                step.caution()))
                        .toList(),
                null,
                base == null ? null : new OwnBase(base.broth(), base.mlPerLitre()),
                broth.waterMlPerLitre(),
                broth.source());
    }

    /** Whatever the catalogue has can be copied and is the same broth then: amounts, salt, contents, steps and times. */
    @Test
    void aCopyOfABuiltInBrothIsTheSameBroth() {
        for (Broth broth : CATALOGUE.broths()) {
            Broth copy = OwnBroth.putInto(CATALOGUE, List.of(copyOf(broth))).broth("own-" + broth.id());

            assertThat(copy.parts()).as(broth.id()).isEqualTo(broth.parts());
            assertThat(copy.base()).isEqualTo(broth.base());
            assertThat(copy.waterMlPerLitre()).isEqualTo(broth.waterMlPerLitre());
            assertThat(copy.saltPercent()).isEqualTo(broth.saltPercent());
            assertThat(copy.heat()).isEqualTo(broth.heat());
            assertThat(copy.source()).isEqualTo(broth.source());
            assertThat(Content.of(copy, CATALOGUE)).isEqualTo(Content.of(broth, CATALOGUE));
            assertThat(copy.steps()).hasSameSizeAs(broth.steps());
            for (int i = 0; i < copy.steps().size(); i++) {
                Broth.BrothStep step = broth.steps().get(i);
                assertThat(copy.steps().get(i))
                        .isEqualTo(new Broth.BrothStep(
                                "step-" + (i + 1),
                                step.text(),
                                step.minutes(),
                                step.minutesPerLitre(),
                                step.passive(),
                                step.at(),
                                step.caution()));
            }
            assertThat(copy.mark()).isEqualTo(Mark.HOST);
        }
    }

    /** The same but hotter: made once for both sides, one of them seasoned apart, by drops that are never rounded up. */
    @Test
    void oneSideIsTheSameButHotter() {
        OwnBroth hotter = new OwnBroth(
                "hotter",
                "Ginger chicken, hotter",
                1000,
                0.8,
                Heat.HOT,
                List.of(new OwnPart(
                        "chilli-extract",
                        2 * Broth.Part.DROP_GRAMS,
                        Broth.Scaling.LINEAR,
                        Broth.Part.DROP_GRAMS,
                        OwnBroth.Adding.COOKED)),
                List.of(new OwnStep("Half the drops, stir, taste", 3, false, 0, Station.NONE, "gloves")),
                null,
                new OwnBroth.OwnBase("ginger-chicken", 1000),
                0.0,
                Broth.Source.SCRATCH);
        briefs.ownBroths.add(hotter);
        briefs.pots.clear();
        briefs.pots.add(Briefs.pot("pot", 4000, "ginger-chicken", "hotter"));
        briefs.guests.set(0, Records.with(briefs.guests.get(0), "heat", Heat.MILD));
        Plan plan = plan(briefs.build());
        var needs = plan.broths().needs().stream().collect(Collectors.toMap(BrothNeed::broth, Function.identity()));

        double hot = needs.get("hotter").make().value();
        BrothNeed.PartNeed drops = needs.get("hotter").parts().get(0);
        assertThat(drops.grams().value()).isCloseTo(hot / 1000 * 2 * Broth.Part.DROP_GRAMS, within(1e-9));
        assertThat(drops.measure()).isEqualTo((long) (hot / 1000 * 2 + 0.25) + " drops");
        assertThat(needs.get("ginger-chicken").make().value()).isGreaterThan(2 * hot * 0.99);
        assertThat(plan.prep().tasks()).anyMatch(task -> task.caution().contains("gloves"));
        // who likes it mild eats from the other side
        assertThat(plan.table().sides().get(1).closedTo())
                .extracting(closed -> closed.guest())
                .containsExactly("ann");
        assertThat(plan.table().audit()).isEmpty();
    }

    /** One stock for two: made once for both, whatever order they were typed in, and split by volume. */
    @Test
    void twoBrothsOnOneStockShareIt() {
        OwnBroth stock = OwnBroth.of(
                "stock",
                "Bone stock",
                2000,
                0,
                null,
                List.of(OwnPart.of("pork-bones", 800)),
                List.of(OwnStep.of("Simmer the bones", 120, true)));
        OwnBroth herbal = on("herbal", "ginger", 20);
        OwnBroth spiced = on("spiced", "star-anise", 6);
        for (OwnBroth[] order : new OwnBroth[][] {{stock, herbal, spiced}, {herbal, spiced, stock}}) {
            briefs.ownBroths.clear();
            Plan plan = plan(with(order));
            var needs = plan.broths().needs().stream().collect(Collectors.toMap(BrothNeed::broth, Function.identity()));

            double herbalMl = needs.get("herbal").make().value();
            double spicedMl = needs.get("spiced").make().value();
            assertThat(needs.get("stock").make().value()).isCloseTo(0.8 * (herbalMl + spicedMl), within(1e-6));
            assertThat(plan.prep().tasks().stream()
                            .map(PrepTask::what)
                            .filter(what -> what.contains("simmer the bones")))
                    .hasSize(1);
            double bones = needs.get("stock").parts().get(0).grams().value();
            assertThat(bones).isCloseTo(needs.get("stock").make().value() * 0.4, within(1e-6));
        }
    }

    private static OwnBroth on(String id, String spice, double grams) {
        return new OwnBroth(
                id,
                id,
                1000,
                0.8,
                Heat.HOT,
                List.of(OwnPart.of(spice, grams)),
                List.of(OwnStep.of("Steep", 20, true)),
                null,
                new OwnBase("stock", 800),
                null,
                Broth.Source.SCRATCH);
    }

    @Test
    void whatIsAddedLaterIsSaidLast() {
        OwnBroth broth = OwnBroth.of(
                "sour",
                "Sour",
                1000,
                0.8,
                null,
                List.of(
                        new OwnPart("lemongrass", 30, Broth.Scaling.LINEAR, null, Adding.TAKEN_OUT),
                        new OwnPart("lime", 40, Broth.Scaling.LINEAR, null, Adding.OFF_THE_HEAT),
                        new OwnPart("chilli-oil", 20, Broth.Scaling.LINEAR, null, Adding.AT_THE_TABLE)),
                List.of(OwnStep.of("Simmer", 15, true)));

        assertThat(OwnBroth.putInto(CATALOGUE, List.of(broth)).broth("sour").steps())
                .extracting(Broth.BrothStep::text)
                .containsExactly(
                        "Simmer",
                        "Take out: lemongrass",
                        "Off the heat, stir in: limes",
                        "Set beside the pot, half at first, more with each refill: chilli oil");
        assertThat(OwnBroth.putInto(CATALOGUE, List.of(broth))
                        .broth("sour")
                        .steps()
                        .get(1)
                        .at())
                .isEqualTo(Station.SINK);
    }

    /** Of a packet's dose half goes in and half is kept, however much is made. */
    @Test
    void halfOfAPacketIsKept() {
        OwnBroth packet = new OwnBroth(
                "mine",
                "From our packet",
                1000,
                0.9,
                Heat.HOT,
                List.of(new OwnPart("mushroom-broth-powder", 24, Broth.Scaling.PACKET, null, OwnBroth.Adding.COOKED)),
                List.of(),
                null,
                null,
                1000.0,
                Broth.Source.PACKET);
        BrothNeed need = plan(with(packet)).broths().needs().get(0);

        assertThat(need.parts().get(0).keepBack()).startsWith("keep ");
        assertThat(need.parts().get(0).grams().value()).isCloseTo(need.make().value() / 1000 * 24, within(1e-6));
    }

    @Test
    void aBaseIsMadeByItself() {
        OwnBroth stock = OwnBroth.of("stock", "Stock", 1000, 0, Heat.HOT, List.of(OwnPart.of("kelp", 10)), List.of());
        OwnBroth middle = on("middle", "ginger", 10);
        OwnBroth top = new OwnBroth(
                "top",
                "top",
                1000,
                0.8,
                Heat.HOT,
                List.of(),
                List.of(),
                null,
                new OwnBase("middle", 500),
                null,
                Broth.Source.SCRATCH);

        assertThatThrownBy(() -> plan(with(stock, middle, top)))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("no other broth in it");
    }
}
