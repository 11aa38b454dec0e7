package org.livelyladle.server.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.advice.Unmet;
import org.livelyladle.core.audit.TableAudit;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.evening.Evening.Problem;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.plan.Planner;
import org.livelyladle.core.safety.SideAccess.Barrier;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.server.ServerTest;
import org.livelyladle.server.web.JsonConfig;
import org.springframework.mock.web.MockHttpServletResponse;

/** Small briefs at which an earlier plan went wrong, each with what must hold there. */
class OddBriefsTest extends ServerTest {
    private static final Path FOLDER = Path.of("src/test/resources/briefs");
    private static final Planner PLANNER = new Planner(Catalogue.builtIn());

    static List<Path> all() throws IOException {
        try (Stream<Path> files = Files.list(FOLDER)) {
            return files.sorted().toList();
        }
    }

    private static Brief brief(String name) throws IOException {
        return JsonConfig.mapper().readValue(Files.readString(FOLDER.resolve(name + ".json")), Brief.class);
    }

    private static Plan plan(String name) throws IOException {
        return plan(brief(name));
    }

    private static Plan plan(Brief brief) {
        return PLANNER.plan(
                        brief,
                        Facts.none(),
                        brief.sitDown().minusDays(4).atZone(brief.zoneId()).toInstant())
                .plan();
    }

    private static double eaten(Plan plan, String guest) {
        return plan.table().drops().stream()
                .flatMap(Drop::servings)
                .filter(serving -> serving.guest().equals(guest))
                .mapToDouble(Stay.Serving::grams)
                .sum();
    }

    private static CookingWindow window(Plan plan, String cut) {
        return plan.windows().stream()
                .filter(window -> window.cut().equals(cut))
                .findFirst()
                .orElseThrow();
    }

    private static List<Unmet> hungry(Plan plan) {
        return plan.unmet().stream()
                .filter(unmet -> unmet.severity() == Unmet.Severity.CANNOT_EAT)
                .toList();
    }

    @ParameterizedTest
    @MethodSource("all")
    void eachIsAnsweredAndCleanToTheAudit(Path file) throws Exception {
        MockHttpServletResponse answer = http.perform(
                        post("/api/plan").contentType(APPLICATION_JSON).content(Files.readString(file)))
                .andReturn()
                .getResponse();
        Brief brief = JsonConfig.mapper().readValue(Files.readString(file), Brief.class);
        Plan plan = plan(brief);

        assertThat(answer.getStatus()).isEqualTo(200);
        assertThat(answer.getContentAsString()).doesNotContain("\"NaN\"", "Infinity");
        assertThat(TableAudit.check(
                        brief,
                        brief.extend(Catalogue.builtIn()),
                        plan.windows(),
                        plan.portions().lines(),
                        plan.table()))
                .isEmpty();
    }

    @Test
    void aToddlerGetsNoRawEggNorIsOfferedAny() throws IOException {
        Plan plan = plan("raw-egg-toddler");

        assertThat(plan.sauces().servings()).isEmpty();
        assertThat(plan.sauces().clashes()).singleElement().satisfies(clash -> {
            assertThat(clash.reason()).isEqualTo("small child (raw egg)");
            assertThat(clash.instead()).isNotBlank().isNotEqualTo("Egg yolk and soy");
        });
        assertThat(plan.sauces().without()).containsExactly("tim");
    }

    @Test
    void aSideThatStaysTooCoolGetsNothingRawAndSaysSo() throws IOException {
        Plan plan = plan("weak-heat-raw");

        assertThat(plan.table().drops()).isEmpty();
        assertThat(plan.table().remainders())
                .extracting(TablePlan.Remainder::cause)
                .containsOnly(TablePlan.Cause.TOO_COOL);
        assertThat(hungry(plan))
                .hasSize(2)
                .allSatisfy(unmet ->
                        assertThat(unmet.text()).contains("stays hot enough").contains("safely"));
    }

    @Test
    void brothForASauceComesFromASideOpenToItsEaters() throws IOException {
        Plan plan = plan("sauce-broth-splash");

        assertThat(plan.sauces().needs().get(0).from()).isEqualTo("Ginger chicken");
    }

    @Test
    void thickPiecesTakeLongerWhereATimeIsStated() throws IOException {
        Plan plan = plan("size-ignored-when-stated");

        assertThat(window(plan, "own-1.own").readySeconds()).isGreaterThanOrEqualTo(6 * 360);
        assertThat(window(plan, "mussel.whole").readySeconds())
                .isGreaterThanOrEqualTo(
                        6 * Catalogue.builtIn().cut("mussel.whole").times().ready());
    }

    @Test
    void aTradeOfAllThereIsLeavesNothingAndNoLess() throws IOException {
        Plan plan = plan("trade-of-all");

        assertThat(plan.portions().lines())
                .filteredOn(line -> line.cut().equals("beef-ribeye.sliced"))
                .allSatisfy(line -> assertThat(line.grams().value()).isCloseTo(0, within(1e-9)));
    }

    @Test
    void aSideThatRunsDryIsNamed() throws IOException {
        assertThat(plan("runs-dry").evening().problems())
                .extracting(Problem::kind)
                .contains(Problem.Kind.DRY);
        assertThat(plan("nearly-dry").evening().pots().stream()
                        .flatMap(pot -> pot.sides().stream())
                        .flatMap(side -> side.minutes().stream()))
                .allSatisfy(minute -> assertThat(minute.celsius()).isBetween(-2.0, 103.0));
    }

    @Test
    void whoComesLateIsServedFromThenOn() throws IOException {
        Plan plan = plan("late-guest-gets-nothing");

        assertThat(eaten(plan, "vic"))
                .isCloseTo(plan.portions().food().value(), within(1e-6))
                .isGreaterThan(400);
    }

    @Test
    void whoLeavesAndWhoComesHaveDropsOfTheirOwn() throws IOException {
        Plan plan = plan("leaver-and-latecomer-share-a-drop");

        assertThat(plan.table().remainders()).isEmpty();
        assertThat(plan.table().drops())
                .noneMatch(drop -> drop.gramsByGuest().containsKey("ann")
                        && drop.gramsByGuest().containsKey("bob"));
    }

    @Test
    void whatIsTooLargeForOneSideGoesIntoAnother() throws IOException {
        Plan plan = plan("side-too-small-for-one-piece");

        assertThat(plan.table().drops())
                .filteredOn(drop -> drop.cut().equals("fish-ball.frozen"))
                .isNotEmpty()
                .allMatch(drop -> drop.side().equals("tiny1") || drop.side().equals("big1"));
        assertThat(plan.table().remainders()).noneMatch(rest -> rest.cause() == TablePlan.Cause.NO_ROOM);
    }

    @Test
    void whoComesAfterTheEndTakesNobodysFood() throws IOException {
        Plan plan = plan("comes-after-the-end");

        assertThat(eaten(plan, "ann"))
                .isCloseTo(plan.portions().guests().get(0).food().value(), within(1e-6));
        assertThat(hungry(plan)).singleElement().satisfies(unmet -> {
            assertThat(unmet.guest()).isEqualTo("bob");
            assertThat(unmet.text()).contains("after the finish");
            assertThat(unmet.remedy().edit()).isEqualTo(new BriefEdit.SitFor(125));
        });
    }

    /** An axisymmetric grid says 147 s for half a fish ball at 85 °C, boxes 441 s for a frozen oyster and 583 s for a dumpling. */
    @Test
    void safeMarksAreNotShort() throws IOException {
        Plan plan = plan("safe-marks-short");

        assertThat(window(plan, "fish-ball.halved").safe().value()).isGreaterThan(146);
        assertThat(window(plan, "oyster.whole").safe().value()).isGreaterThan(439);
    }

    @Test
    void theTimeToldForAWishIsThatOfTheGuestsOwnSide() throws IOException {
        Plan plan = plan("doneness-of-another-side");
        CookingWindow own = plan.windows().stream()
                .filter(window -> window.sides().contains("b1"))
                .findFirst()
                .orElseThrow();

        assertThat(plan.table().doneness())
                .singleElement()
                .satisfies(done -> assertThat(done.seconds()).isEqualTo(own.readySeconds()));
    }

    /** But for who gave a piece to somebody who loves it and would go without. */
    @Test
    void nobodyIsMoreThanAPieceOff() throws IOException {
        Brief brief = brief("more-than-a-piece-off");
        Catalogue catalogue = brief.extend(Catalogue.builtIn());

        assertThat(plan("more-than-a-piece-off").portions().lines()).allSatisfy(line -> {
            Double piece = catalogue.cut(line.cut()).pieceGrams();
            double most = piece == null ? 0 : piece;
            boolean isLoved = brief.guests().stream().anyMatch(guest -> guest.likingOf(line.cut()) == Liking.LOVE);
            assertThat(line.served().value() - line.grams().value())
                    .isLessThan(most + 1e-9)
                    .isGreaterThan(-(isLoved ? 2 : 1) * most - 1e-9);
        });
    }

    @Test
    void whatKeepsSomebodySafeIsNoTaste() throws IOException {
        Plan plan = plan("pregnant-as-dislike");

        assertThat(plan.table().sides().get(0).closedTo()).singleElement().satisfies(closed -> {
            assertThat(closed.barrier()).isEqualTo(Barrier.BROTH);
            assertThat(closed.reason()).isEqualTo("its broth: pregnant (medicinal herbs)");
        });
        assertThat(hungry(plan)).extracting(Unmet::guest).containsExactly("eda");
    }

    @Test
    void alcoholInABrothShutsOutChildrenAndWhoIsPregnant() throws IOException {
        Plan plan = plan("alcohol-in-the-pot");

        assertThat(plan.table().drops()).isEmpty();
        assertThat(plan.extras().needs()).allMatch(need -> need.guests() == 0);
        assertThat(hungry(plan)).extracting(Unmet::guest).containsExactlyInAnyOrder("eda", "tim");
    }

    @Test
    void whoGetsNothingByRoundingIsNamedAndNoRemedyIsFalse() throws IOException {
        assertThat(hungry(plan("rounded-to-nothing"))).singleElement().satisfies(unmet -> {
            assertThat(unmet.guest()).isEqualTo("tim");
            assertThat(unmet.text()).contains("a whole piece");
            assertThat(unmet.remedy().edit())
                    .as("beef in the only side: a piece alone would not feed a vegan")
                    .isNull();
        });
    }
}
