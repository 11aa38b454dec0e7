package org.livelyladle.server.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.security.MessageDigest;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.advice.Unmet;
import org.livelyladle.core.audit.PrepAudit;
import org.livelyladle.core.audit.TableAudit;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.Term;
import org.livelyladle.core.measure.Working;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.plan.Planned;
import org.livelyladle.core.plan.Planner;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.server.household.PriceList;
import org.livelyladle.server.web.JsonConfig;
import tools.jackson.databind.node.ObjectNode;

class DemoPlanTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);
    private static final String[] HASHES = {"434eaecc8fc801a3", "e9a72c49f60db372", "c677a68e8d366fd6"};
    private static final Instant NOW = Instant.parse("2026-11-24T15:00:00Z");

    /** Each demo's plan, made once for all that is asked of it. */
    private static final Map<Brief, Planned> PLANS = new HashMap<>();

    static List<Brief> demos() {
        return new DemoBriefs(JsonConfig.mapper(), new PriceList()).load(TODAY);
    }

    private static Planned plan(Brief brief) {
        return PLANS.computeIfAbsent(brief, DemoPlanTest::planAnew);
    }

    private static Planned planAnew(Brief brief) {
        return new Planner(Catalogue.builtIn()).plan(brief, Facts.none(), NOW);
    }

    @ParameterizedTest
    @MethodSource("demos")
    void theTableHoldsAllHardRules(Brief brief) {
        Plan plan = plan(brief).plan();

        assertThat(TableAudit.check(
                        brief,
                        Catalogue.builtIn(),
                        plan.windows(),
                        plan.portions().lines(),
                        plan.table()))
                .isEmpty();
        assertThat(plan.table().remainders()).isEmpty();
        assertThat(plan.unmet()).noneMatch(unmet -> unmet.severity() != Unmet.Severity.WISH);
    }

    @ParameterizedTest
    @MethodSource("demos")
    void prepIsInTimeAndHoldsAllHardRules(Brief brief) {
        Plan plan = plan(brief).plan();

        assertThat(PrepAudit.check(brief, plan.prep())).isEmpty();
        assertThat(plan.prep().readyAt()).isEqualTo(brief.sitDown().minusMinutes(brief.bufferMinutes()));
    }

    /** When the first noodles are eaten, most of all else is; food that goes on for who takes none is no harm. */
    @ParameterizedTest
    @MethodSource("demos")
    void noodlesComeLast(Brief brief) {
        Catalogue catalogue = Catalogue.builtIn();
        double first = Double.MAX_VALUE;
        for (Drop drop : plan(brief).plan().table().drops()) {
            if (catalogue.ingredientOf(catalogue.cut(drop.cut())).category() == Category.STARCH) {
                first = Math.min(first, drop.stays().get(0).takeOut());
            }
        }
        double before = 0;
        double all = 0;
        for (Drop drop : plan(brief).plan().table().drops()) {
            if (catalogue.ingredientOf(catalogue.cut(drop.cut())).category() != Category.STARCH) {
                for (Stay stay : drop.stays()) {
                    all += stay.grams();
                    before += stay.takeOut() < first ? stay.grams() : 0;
                }
            }
        }
        assertThat(before / all).isGreaterThan(0.75);
    }

    /** Hungry when they sit down, nobody forgotten, and one pair of hands can do it. */
    @ParameterizedTest
    @MethodSource("demos")
    void itIsEatenAsPeopleEat(Brief brief) {
        TablePlan table = plan(brief).plan().table();
        double early = 0;
        double all = 0;
        for (TablePlan.GuestPace pace : table.guests()) {
            int arrival = brief.guest(pace.guest()).orElseThrow().arrivesAfterMinutes() * 60;
            double fifth = arrival + (table.mealSeconds() - arrival) / 5.0;
            assertThat(pace.firstBite().value())
                    .as(pace.guest() + "'s first bite")
                    .isLessThanOrEqualTo(60);
            assertThat(pace.longestWait().value())
                    .as(pace.guest() + "'s wait")
                    .isLessThanOrEqualTo(table.guests().size() > 10 ? 360 : 240);
            for (TablePlan.Bite bite : pace.bites()) {
                all += bite.grams();
                early += bite.at() <= fifth ? bite.grams() : 0;
            }
        }
        assertThat(early / all).as("eaten after a fifth of the meal").isBetween(0.2, 0.3);
        assertThat(table.cuesPerMinute().value()).isLessThanOrEqualTo(0.5);
        assertThat(table.mostCues().value()).as("in any two minutes").isLessThanOrEqualTo(3);
        assertThat(table.drops())
                .filteredOn(drop -> !drop.dipped() && drop.gramsByGuest().size() == 1)
                .filteredOn(drop -> brief.guest(
                                drop.servings().findFirst().orElseThrow().guest())
                        .orElseThrow()
                        .needs()
                        .isEmpty())
                .as("cooked for one guest only, without a need that says so")
                .hasSizeLessThanOrEqualTo(2);
    }

    /** Every figure of the plan is computed again from the terms of its working, and each term from its own figure. */
    @ParameterizedTest
    @MethodSource("demos")
    void everyWorkingComesToItsFigure(Brief brief) {
        Planned planned = plan(brief);

        assertThat(planned.ledger().ids()).hasSizeGreaterThan(200);
        for (String id : planned.ledger().ids()) {
            Working working = planned.ledger().working(id).orElseThrow();
            Figure result = working.result();
            assertThat(result.id()).isEqualTo(id);
            assertThat(working.evaluated()).as(id + " " + working).isCloseTo(result.value(), within(1e-6));
            for (Term term : working.terms()) {
                if (term.figureId() != null) {
                    Figure figure = planned.ledger().find(term.figureId()).orElseThrow();
                    assertThat(term.value()).as(id + " <- " + term.figureId()).isEqualTo(figure.value());
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("demos")
    void theSameBriefGivesAnEqualPlan(Brief brief) {
        assertThat(JsonConfig.mapper().writeValueAsString(plan(brief).plan()))
                .isEqualTo(
                        JsonConfig.mapper().writeValueAsString(planAnew(brief).plan()));
    }

    /** On every machine, in every run: recorded hashes of what each demo plan says, in the order of the parties. */
    @Test
    void thePlanReadsAlikeEverywhere() throws Exception {
        List<String> hashes = new ArrayList<>();
        for (Brief brief : demos()) {
            byte[] json = JsonConfig.mapper()
                    .writeValueAsBytes(plan(withOwnFood(brief)).plan());
            hashes.add(HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(json))
                    .substring(0, 16));
        }

        assertThat(hashes).containsExactly(HASHES);
    }

    /** Sets of allergens, pork and the like are where an order could slip in. */
    private static Brief withOwnFood(Brief brief) {
        ObjectNode json = (ObjectNode) JsonConfig.mapper().valueToTree(brief);
        json.set("ownIngredients", JsonConfig.mapper().readTree("""
                [{"id": "parcels", "name": "Parcels", "category": "BALLS", "origin": "MEAT",
                  "allergens": ["SESAME", "GLUTEN", "MILK", "EGGS", "SOYBEANS"], "traits": ["PORK", "ALCOHOL"],
                  "cut": {"name": "", "pieceGrams": 18, "readySeconds": 360, "bestUntilSeconds": 600}}]"""));
        return JsonConfig.mapper().treeToValue(json, Brief.class);
    }

    @Test
    void theDemoPlanTravelsInUnder150Kilobytes() throws IOException {
        byte[] json = JsonConfig.mapper().writeValueAsBytes(plan(demos().get(0)).plan());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (GZIPOutputStream gzip = new GZIPOutputStream(out)) {
            gzip.write(json);
        }

        assertThat(out.size()).isLessThan(150_000);
    }
}
