package org.livelyladle.core.brief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.check.InvalidInputException;

class BriefTest {
    @Test
    void aFrozenRawCutWithoutItsOwnTimeIsRefused() {
        Brief plain = Briefs.plain().build();
        Brief frozen = Records.with(plain, "menu", List.of(new MenuItem("mussel.whole", true, null, null)));

        assertThatThrownBy(() -> BriefCheck.check(frozen, Catalogue.builtIn()))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("menu[0].fromFrozen")
                .hasMessageContaining("not safe without one; thaw it in the fridge");
    }

    @Test
    void aRawCutWhoseHeatingIsComputedMayGoInFrozen() {
        BriefCheck.check(
                Records.with(Briefs.plain().build(), "menu", List.of(new MenuItem("prawn.peeled", true, null, null))),
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
    void anEmptyNameIsRefused() {
        assertThatThrownBy(() ->
                        new Guest("x", "  ", Appetite.REGULAR, List.of(), List.of(), Heat.MILD, 0, null, null, null))
                .hasMessageContaining("name was 'empty'")
                .hasMessageContaining("1 to 40 characters");
    }
}
