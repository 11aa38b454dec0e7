package org.livelyladle.core.prep;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Kitchen;
import org.livelyladle.core.brief.Shop;
import org.livelyladle.core.broths.BrothPlanner;
import org.livelyladle.core.broths.Broths;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Skill;
import org.livelyladle.core.extras.Extras;
import org.livelyladle.core.extras.ExtrasPlanner;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Operation;
import org.livelyladle.core.measure.Term;
import org.livelyladle.core.portions.PortionPlanner;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.purchases.PurchasePlanner;
import org.livelyladle.core.purchases.Purchases;
import org.livelyladle.core.sauces.SaucePlanner;
import org.livelyladle.core.sauces.Sauces;
import org.livelyladle.core.sides.SidePlanner;
import org.livelyladle.core.sides.Sides;

/** Prep without the table's sequence: each side keeps half a litre back. Random kitchens by seed. */
public final class TestPrep {
    private static final double RESERVE_ML = 500;

    private TestPrep() {}

    public static PrepInputs inputs(Brief brief, Facts facts) {
        Catalogue catalogue = brief.extend(Catalogue.builtIn());
        KitchenText text = new KitchenText(brief.units(), brief.currency());
        Ledger ledger = new Ledger();
        Portions portions = new PortionPlanner(brief, catalogue, ledger, text).plan();
        Sides sides = new SidePlanner(brief, catalogue, ledger, text).plan();
        Map<String, Figure> reserves = new HashMap<>();
        brief.sides().forEach(side -> reserves.put(side.id(), reserve(side.id(), ledger)));
        Broths broths = new BrothPlanner(brief, catalogue, ledger, text).plan(sides, reserves);
        Sauces sauces = new SaucePlanner(brief, catalogue, ledger, text).plan(portions);
        Extras extras = new ExtrasPlanner(brief, catalogue, ledger, text).plan(portions);
        Purchases purchases = new PurchasePlanner(brief, catalogue, facts, Briefs.TODAY.atStartOfDay(), ledger, text)
                .plan(portions, broths, sauces, extras, null);
        return new PrepInputs(portions, broths, sauces, extras, purchases, null, List.of());
    }

    private static Figure reserve(String side, Ledger ledger) {
        Term term = Term.of("kept back", RESERVE_ML, "ml", "500 ml", "test", Mark.MEMORY);
        return ledger.figure("reserve." + side, RESERVE_ML, "ml", "500 ml")
                .by("Reserve", "For the test", Operation.GIVEN, () -> List.of(term));
    }

    public static Prep plan(Brief brief, Facts facts, Instant asOf) {
        Catalogue catalogue = brief.extend(Catalogue.builtIn());
        return new PrepPlanner(brief, catalogue, facts, asOf, inputs(brief, facts), new Ledger()).plan();
    }

    /** A random party in a random kitchen with random cooks. */
    public static Brief randomKitchen(long seed) {
        Random random = new Random(31 * seed + 7);
        Brief brief = Briefs.random(seed);
        List<Cook> cooks = new java.util.ArrayList<>();
        int count = 1 + random.nextInt(3);
        for (int i = 0; i < count; i++) {
            cooks.add(randomCook("c" + i, i > 0, random));
        }
        Kitchen kitchen = new Kitchen(
                1500 + random.nextInt(2000),
                List.of(),
                1 + random.nextInt(4),
                random.nextInt(2),
                1 + random.nextInt(2),
                1 + random.nextInt(3),
                5 + random.nextInt(80),
                random.nextInt(25));
        Shop shop = Shop.of("shop", "Shop", Briefs.SIT_DOWN.minusMinutes(120 + random.nextInt(40 * 60)));
        Brief with = Records.with(brief, "cooks", cooks);
        with = Records.with(with, "kitchen", kitchen);
        with = Records.with(with, "bufferMinutes", random.nextInt(40));
        return Records.with(with, "shops", List.of(shop));
    }

    private static Cook randomCook(String id, boolean second, Random random) {
        List<Skill> skills = new java.util.ArrayList<>(List.of(Skill.values()));
        skills.removeIf(skill -> random.nextInt(4) == 0);
        List<Cook.Busy> busy = new java.util.ArrayList<>();
        for (int i = random.nextInt(4); i > 0; i--) {
            var from = Briefs.SIT_DOWN.minusMinutes(30 + random.nextInt(1500));
            busy.add(new Cook.Busy(from, from.plusMinutes(15 + random.nextInt(150)), "away"));
        }
        return new Cook(
                id,
                id,
                second && random.nextInt(3) == 0,
                random.nextBoolean() ? null : skills,
                random.nextBoolean() ? Cook.USUAL_FROM : java.time.LocalTime.of(7 + random.nextInt(6), 30),
                random.nextBoolean() ? Cook.USUAL_UNTIL : java.time.LocalTime.of(16 + random.nextInt(6), 15),
                busy);
    }
}
