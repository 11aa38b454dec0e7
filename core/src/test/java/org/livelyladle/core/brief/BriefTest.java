package org.livelyladle.core.brief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.check.InvalidInputException;

class BriefTest {
    @Test
    void aFrozenRawCutWithoutItsOwnTimeIsRefused() {
        Brief plain = Briefs.plain().build();
        Brief frozen = Records.with(plain, "menu", List.of(MenuItem.of("mussel.whole", true, 100)));

        assertThatThrownBy(() -> BriefCheck.check(frozen, Catalogue.builtIn()))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("menu[0].fromFrozen")
                .hasMessageContaining("not safe without one; thaw it in the fridge");
    }

    @Test
    void aRawCutWhoseHeatingIsComputedMayGoInFrozen() {
        BriefCheck.check(
                Records.with(Briefs.plain().build(), "menu", List.of(MenuItem.of("prawn.peeled", true, 100))),
                Catalogue.builtIn());
    }

    @Test
    void unknownIdsAreNamedByTheirPath() {
        Briefs briefs = Briefs.plain();
        briefs.menu.add("dragon.sliced");

        assertThatThrownBy(() -> BriefCheck.check(briefs.build(), Catalogue.builtIn()))
                .isInstanceOfSatisfying(InvalidInputException.class, e -> {
                    assertThat(e.field()).isEqualTo("menu[8].cut");
                    assertThat(e.was()).contains("dragon");
                });
    }

    @Test
    void aGuestTwiceIsRefused() {
        Briefs briefs = Briefs.plain();
        briefs.guests.add(Briefs.guest("ann"));

        assertThatThrownBy(briefs::build).hasMessageContaining("guests[2]");
    }

    @Test
    void timesFarFromThePartyAreRefusedByTheirField() {
        for (String year : new String[] {"0002", "0202", "1926", "6200", "9999"}) {
            Briefs trip = Briefs.plain();
            trip.shops = List.of(Shop.of("shop", "Shop", LocalDateTime.parse(year + "-11-26T17:30:00")));
            assertThatThrownBy(() -> BriefCheck.check(trip.build(), Catalogue.builtIn()))
                    .hasMessageContaining("shops[0].tripAt");
            Briefs away = Briefs.plain();
            LocalDateTime from = LocalDateTime.parse(year + "-11-26T17:30:00");
            away.cooks.add(new Cook(
                    "ann",
                    "Ann",
                    false,
                    null,
                    Cook.USUAL_FROM,
                    Cook.USUAL_UNTIL,
                    List.of(new Cook.Busy(from, from.plusHours(1), "Choir"))));
            assertThatThrownBy(() -> BriefCheck.check(away.build(), Catalogue.builtIn()))
                    .hasMessageContaining("cooks[0].busy[0].from");
        }
    }

    /** Control letters, halves of letters and what is no letter: none can be printed, nor stored in every file. */
    @ParameterizedTest
    @ValueSource(strings = {"a\0b", "a\rb", "a\u0007", "\ud800", "a\udc00b", "\uffff", "\ufffe"})
    void lettersThatCannotBeShownAreRefused(String name) {
        assertThatThrownBy(() -> new Guest(
                        "x", name, Appetite.REGULAR, List.of(), List.of(), Heat.MILD, 0, null, 100, false, null, false))
                .hasMessageContaining("no control characters");
    }

    @Test
    void anEmptyNameIsRefused() {
        assertThatThrownBy(() -> new Guest(
                        "x", "  ", Appetite.REGULAR, List.of(), List.of(), Heat.MILD, 0, null, 100, false, null, false))
                .hasMessageContaining("name was 'empty'")
                .hasMessageContaining("1 to 40 characters");
    }
}
