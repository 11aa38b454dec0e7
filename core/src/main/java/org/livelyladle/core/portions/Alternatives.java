package org.livelyladle.core.portions;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;

/** The nearest safe thing to eat in place of a cut a guest keeps away from. */
final class Alternatives {
    private final Catalogue catalogue;
    private final List<Cut> menu;
    private final Map<String, Content> contents = new HashMap<>();
    /** What suits each guest of the menu. */
    private final Map<String, List<Cut>> suited = new HashMap<>();

    Alternatives(Catalogue catalogue, List<Cut> menu) {
        this.catalogue = catalogue;
        this.menu = menu;
    }

    /** What is on the menu first, then of the same category, then by shared textures, then in the menu's order. */
    String instead(Guest guest, Cut cut) {
        Category category = catalogue.ingredientOf(cut).category();
        Comparator<Cut> nearness = Comparator.<Cut>comparingInt(
                        other -> catalogue.ingredientOf(other).category() == category ? 0 : 1)
                .thenComparing(other -> -shared(cut, other));
        return suited
                .computeIfAbsent(
                        guest.id(),
                        id -> menu.stream().filter(other -> suits(guest, other)).toList())
                .stream()
                .filter(other -> catalogue.ingredientOf(other).category() == category || shared(cut, other) > 0)
                .min(nearness)
                .or(() -> catalogue.cuts().stream()
                        .filter(other -> catalogue.ingredientOf(other).category() == category)
                        .filter(other -> suits(guest, other))
                        .min(nearness))
                .map(catalogue::fullName)
                .orElse("");
    }

    private boolean suits(Guest guest, Cut cut) {
        return guest.likingOf(cut.id()) != Liking.NEVER
                && Needs.brokenByEating(guest, contents.computeIfAbsent(cut.id(), id -> Content.of(cut, catalogue)))
                        .isEmpty();
    }

    private static int shared(Cut cut, Cut other) {
        return (int) cut.textures().stream().filter(other.textures()::contains).count();
    }
}
