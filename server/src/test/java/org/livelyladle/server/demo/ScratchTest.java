package org.livelyladle.server.demo;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.*;

class ScratchTest {
    @Test
    void show() {
        for (var b : DemoPlanTest.demos()) {
            long t0 = System.nanoTime();
            Plan p = null;
            for (int i = 0; i < 30; i++) {
                t0 = System.nanoTime();
                p = new Planner(Catalogue.builtIn())
                        .plan(b, Facts.none(), LocalDate.of(2026, 11, 24))
                        .plan();
            }
            System.out.println("=== " + b.title() + " " + (System.nanoTime() - t0) / 1e6 + " ms");
            System.out.println(p.portions().eaters().text() + " eaters "
                    + p.portions().food().text() + " bill "
                    + p.purchases().bill().text() + " prep " + p.prep().begins().text() + " hands "
                    + p.prep().handsOn().text());
            System.out.println("first " + p.table().everybodyEats().text() + " wait "
                    + p.table().longestWait().text() + " cues "
                    + p.table().cuesPerMinute().text() + " drops "
                    + p.table().drops().size() + " communal "
                    + p.table().drops().stream().filter(d -> !d.byHand()).count());
            p.table()
                    .guests()
                    .forEach(g -> System.out.println(g.guest() + " first "
                            + g.firstBite().text() + " wait " + g.longestWait().text() + " sides " + g.sides()
                            + " bites " + g.bites().size()));
            p.table().sides().forEach(s -> System.out.println(s));
            p.table()
                    .drops()
                    .forEach(d -> System.out.printf(
                            "%s %s b%d %s in %d out %d load %.0f %s%n",
                            d.side(),
                            d.cut(),
                            d.batch(),
                            d.amount(),
                            d.putIn(),
                            d.takeOut(),
                            d.loadGrams(),
                            d.servings().stream().map(x -> x.guest()).toList()));
            System.out.println(p.table().remainders());
            p.unmet()
                    .forEach(u -> System.out.println(
                            u.severity() + " " + u.text() + " -> " + u.remedy().label()));
            p.cautions().forEach(c -> System.out.println(c.step() + " " + c.text()));
            p.portions()
                    .cuts()
                    .forEach(c -> System.out.println(c.name() + " " + c.grams().text() + " "
                            + (c.pieces() == null ? "" : c.pieces().text()) + (c.tooFew() ? " TOO FEW" : "")));
        }
    }
}
