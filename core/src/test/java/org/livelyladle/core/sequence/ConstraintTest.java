package org.livelyladle.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.audit.TableAudit;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.Violation;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.cooking.TestWindows;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.portions.Portion;
import org.livelyladle.core.portions.PortionPlanner;
import org.livelyladle.core.table.Drop;

/** What keeps a batch from a time is what the audit, which shares no code with it, finds in a table that has it there. */
class ConstraintTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();
    /**
     * The others forbid more than the audit finds: what is fished fills its side until the last of it is out, a bound
     * keeps the simmer, and nobody begins a turn between two slices of another.
     */
    private static final Set<String> EXACT = Set.of("H4", "H6");

    private static final int TRIES = 60;

    @Test
    void theAuditFindsWhatAConstraintForbidsAndNothingWhereAllAreKept() {
        Map<String, Integer> found = new TreeMap<>();
        Seeds.of(0, 200).mapToObj(SeededTable::random).forEach(table -> {
            KitchenText text = new KitchenText(table.brief.units(), table.brief.currency());
            List<CookingWindow> windows = TestWindows.of(table.brief).all();
            List<Portion> portions = new PortionPlanner(table.brief, CATALOGUE, new Ledger(), text)
                    .plan()
                    .lines();
            DropWriter writer = new DropWriter(table.brief, new Minders(table.brief), text);
            Board board = table.board();
            table.placed().forEach(was -> {
                Placing placing = board.placing(was.batch);
                placing.linger = was.linger;
                board.lay(placing, was.putIn);
            });
            List<Placing> placed = board.placed();
            Random random = new Random(1);
            for (int i = 0; i < TRIES; i++) {
                Placing placing = placed.get(random.nextInt(placed.size()));
                int before = placing.putIn;
                int putIn = 5 * random.nextInt(table.brief.mealMinutes() * 60 / 5 + 24);
                Constraint.Breach breach = board.breach(placing, putIn, placing.linger);
                placing.putIn = putIn;
                List<Drop> drops = writer.numbered(placed).stream()
                        .map(DropWriter.Laid::drop)
                        .toList();
                placing.putIn = before;
                List<Violation> violations =
                        TableAudit.check(table.brief, CATALOGUE, windows, portions, drops, List.of(), null).stream()
                                .filter(violation -> !violation.rule().equals("H8"))
                                .toList();
                String what = table.name() + " " + placing.batch.name() + " at " + putIn;
                if (breach == null) {
                    assertThat(violations).as(what).isEmpty();
                } else if (EXACT.contains(breach.rule())) {
                    assertThat(violations)
                            .as(what + ": " + breach)
                            .extracting(Violation::rule)
                            .contains(breach.rule());
                }
                found.merge(breach == null ? "none" : breach.rule(), 1, Integer::sum);
            }
        });

        assertThat(found).containsKeys("none", "H2", "H3", "H4", "H5", "H6");
    }
}
