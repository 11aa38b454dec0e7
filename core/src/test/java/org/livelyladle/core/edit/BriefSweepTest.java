package org.livelyladle.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Parties;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.brief.BriefDraft;
import org.livelyladle.core.brief.Course;
import org.livelyladle.core.brief.Decisions.PortionPin;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Kitchen;
import org.livelyladle.core.brief.OwnBroth;
import org.livelyladle.core.brief.SauceChoice;
import org.livelyladle.core.brief.SchoolOfOrder;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Heat;

/** Whatever is taken out of a brief, what is left fits once it is swept, and nothing else is lost. */
class BriefSweepTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();

    static LongStream seeds() {
        return Seeds.of(0, 100);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whateverIsRemovedNothingHangsLoose(long seed) {
        Brief brief = tangled(Parties.random(seed));
        assertThat(BriefSweep.sweep(brief, CATALOGUE)).as("whole").isSameAs(brief);
        without(brief, Brief::guests, (draft, left) -> draft.guests = left);
        without(brief, Brief::pots, (draft, left) -> draft.pots = left);
        without(brief, Brief::menu, (draft, left) -> draft.menu = left);
        without(brief, Brief::shops, (draft, left) -> draft.shops = left);
        without(brief, Brief::cooks, (draft, left) -> draft.cooks = left);
        without(brief, Brief::ownIngredients, (draft, left) -> draft.ownIngredients = left);
        without(brief, Brief::ownBroths, (draft, left) -> draft.ownBroths = left);
        without(brief, Brief::ownSauces, (draft, left) -> draft.ownSauces = left);
        check(brief.changed(draft -> draft.kitchen = Kitchen.USUAL));
        check(brief.changed(draft -> draft.sitDown = draft.sitDown.plusDays(90)));
    }

    private static <T> void without(Brief brief, Function<Brief, List<T>> list, BiConsumer<BriefDraft, List<T>> set) {
        List<T> all = list.apply(brief);
        for (int i = 0; i < all.size(); i++) {
            List<T> left = new ArrayList<>(all);
            left.remove(i);
            check(brief.changed(draft -> set.accept(draft, left)));
        }
    }

    private static void check(Brief loose) {
        Brief swept = BriefSweep.sweep(loose, CATALOGUE);
        BriefCheck.check(swept, CATALOGUE);
        assertThat(BriefSweep.sweep(swept, CATALOGUE)).isSameAs(swept);
    }

    /** A party in which everything refers to everything. */
    private static Brief tangled(Brief brief) {
        List<String> guests = brief.guests().stream().map(Guest::id).toList();
        return brief.changed(draft -> {
            draft.sauces = brief.sauces().stream()
                    .map(choice -> new SauceChoice(choice.sauce(), null, guests.subList(0, 1)))
                    .toList();
            draft.order = SchoolOfOrder.OWN;
            draft.courses = brief.menu().isEmpty()
                    ? List.of(Course.of(1, Category.MEAT))
                    : List.of(new Course(List.of(), List.of(brief.menu().get(0).cut()), 1));
            draft.minders = guests.subList(0, 1);
        });
    }

    /** What is removed takes along only what cannot be without it. */
    @Test
    void whoeverLeavesTakesOnlyTheirOwn() {
        Brief brief = Briefs.plain().build();
        Brief seated = brief.changed(draft -> {
            draft.decisions = brief.decisions()
                    .pinning(new PortionPin("ann", "beef-ribeye.sliced", 100))
                    .pinning(new PortionPin("ben", "beef-ribeye.sliced", 80));
            draft.pots = List.of(brief.pots().get(0).reachedBy(List.of("ann")));
        });
        Brief left = BriefSweep.sweep(seated.seating(seated.guests().subList(1, 2)), CATALOGUE);

        assertThat(left.decisions().portions()).extracting(pin -> pin.guest()).containsExactly("ben");
        assertThat(left.pots().get(0).reachedBy())
                .as("nobody has said who reaches it")
                .isNull();
        assertThat(left.menu()).isEqualTo(brief.menu());
    }

    /** A broth on one that is gone cannot be made; its side holds plain water until somebody chooses. */
    @Test
    void aBrothGoesWithTheOneItStandsOn() {
        Briefs briefs = Briefs.plain();
        OwnBroth stock = OwnBroth.of(
                "stock", "Stock", 1000, 0, Heat.HOT, List.of(OwnBroth.OwnPart.of("pork-bones", 400)), List.of());
        OwnBroth on = new OwnBroth(
                "herbal",
                "Herbal",
                1000,
                0,
                Heat.HOT,
                List.of(OwnBroth.OwnPart.of("ginger", 10)),
                List.of(),
                null,
                new OwnBroth.OwnBase("stock", 800),
                null,
                Broth.Source.SCRATCH);
        briefs.ownBroths.addAll(List.of(stock, on));
        briefs.pots.set(0, Briefs.pot("pot", 4000, "herbal", "smoked-tomato"));
        Brief left = BriefSweep.sweep(briefs.build().changed(draft -> draft.ownBroths = List.of(on)), CATALOGUE);

        assertThat(left.ownBroths()).isEmpty();
        assertThat(left.sides()).extracting(side -> side.broth()).containsExactly("kelp-water", "smoked-tomato");
    }
}
