package org.livelyladle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.advice.Remedy;
import org.livelyladle.core.brief.Appetite;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.table.Drop;

/** A child of four with fish balls: whole ones are cut small, quartered ones are a thing of their own. */
class SmallChildrenTest {
    private static final String WHOLE = "fish-ball.frozen";
    private static final String QUARTERED = "fish-ball.quartered";
    private final Planner planner = new Planner(Catalogue.builtIn());

    private Plan plan(String... more) {
        Briefs briefs = new Briefs();
        briefs.guests.addAll(List.of(
                Briefs.guest("ann"),
                Briefs.guest("bea"),
                Records.with(Briefs.guest("tam"), "appetite", Appetite.CHILD)));
        briefs.pots.add(Briefs.pot("pot", 5000, "kelp-shiitake"));
        briefs.menu.addAll(List.of("beef-ribeye.sliced", WHOLE, "napa-cabbage.leaves", "udon.fresh"));
        briefs.menu.addAll(List.of(more));
        Brief brief = briefs.build();
        return planner.plan(brief, Facts.none(), Briefs.NOW).plan();
    }

    private static List<String> eaters(Plan plan, String cut) {
        return plan.portions().lines().stream()
                .filter(line -> line.cut().equals(cut) && line.served().value() > 0)
                .map(line -> line.guest())
                .toList();
    }

    @Test
    void quarteringThemIsProposedAsLongAsAChildGetsThemWhole() {
        Plan whole = plan();
        assertThat(eaters(whole, WHOLE)).contains("tam");
        assertThat(whole.suggestions()).anySatisfy(suggestion -> {
            assertThat(suggestion.id()).isEqualTo("small." + WHOLE);
            assertThat(suggestion.remedy())
                    .isEqualTo(Remedy.of("Plan them quartered", new BriefEdit.AddCut(QUARTERED, WHOLE)));
        });
        assertThat(plan(QUARTERED).suggestions())
                .noneMatch(suggestion -> suggestion.id().startsWith("small."));
    }

    @Test
    void theChildGetsTheQuartersWithTheirOwnWindowAndNobodyElseDoes() {
        Plan plan = plan(QUARTERED);
        assertThat(eaters(plan, WHOLE)).containsExactly("ann", "bea");
        assertThat(eaters(plan, QUARTERED)).containsExactly("tam");

        int whole = window(plan, WHOLE).readySeconds();
        int quartered = window(plan, QUARTERED).readySeconds();
        assertThat(quartered).isLessThan(whole / 2);
        List<Drop> own = plan.table().drops().stream()
                .filter(drop -> drop.cut().equals(QUARTERED))
                .toList();
        assertThat(own)
                .isNotEmpty()
                .allSatisfy(drop -> assertThat(drop.gramsByGuest().keySet())
                        .isEqualTo(List.of("tam").stream().collect(Collectors.toSet())));
        assertThat(own)
                .allSatisfy(drop -> assertThat(drop.stays())
                        .allSatisfy(
                                stay -> assertThat(stay.ready() - stay.putIn()).isEqualTo(quartered)));
        assertThat(plan.table().audit()).isEmpty();
        assertThat(plan.prep().tasks()).noneMatch(task -> task.id().startsWith("food:children:" + WHOLE));
    }

    private static CookingWindow window(Plan plan, String cut) {
        return plan.windows().stream()
                .filter(window -> window.cut().equals(cut))
                .findFirst()
                .orElseThrow();
    }
}
