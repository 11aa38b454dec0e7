package org.livelyladle.core.portions;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;

/** Who may have what of the menu, and why not. */
final class Diners {
    /** Why a guest does not get a cut, and whether that is only the guest's wish. */
    record Against(boolean byWish, String reason) {}

    private final Brief brief;
    private final Catalogue catalogue;
    /** What small children get in place of round things, both on the menu, by the id of the round one. */
    private final Map<String, Cut> forChildren = new HashMap<>();

    Diners(Brief brief, Catalogue catalogue) {
        this.brief = brief;
        this.catalogue = catalogue;
        if (brief.guests().stream().anyMatch(Guest::isSmallChild)) {
            Set<String> menu = new HashSet<>();
            brief.menu().stream().map(MenuItem::cut).forEach(menu::add);
            menu.forEach(id -> catalogue
                    .forSmallChildren(catalogue.cut(id))
                    .filter(small -> menu.contains(small.id()))
                    .ifPresent(small -> forChildren.put(id, small)));
        }
    }

    boolean mayHave(Guest guest, Cut cut) {
        return against(guest, cut).isEmpty();
    }

    List<Guest> of(Cut cut) {
        return brief.guests().stream().filter(guest -> mayHave(guest, cut)).toList();
    }

    Optional<Against> against(Guest guest, Cut cut) {
        Content content = Content.of(cut, catalogue);
        List<Need> broken = Needs.brokenByEating(guest, content);
        if (!broken.isEmpty()) {
            return Optional.of(new Against(false, Needs.labels(broken, content)));
        }
        if (guest.likingOf(cut.id()) == Liking.NEVER) {
            return Optional.of(new Against(true, "never eats it"));
        }
        String reason = byAge(guest, cut);
        return reason == null ? Optional.empty() : Optional.of(new Against(false, reason));
    }

    /** Where the menu has round things whole and cut small, small children get the small ones and nobody else does. */
    private @Nullable String byAge(Guest guest, Cut cut) {
        if (forChildren.isEmpty()) {
            return null;
        }
        if (guest.isSmallChild()) {
            Cut small = forChildren.get(cut.id());
            return small == null ? null : "gets them " + small.name();
        }
        boolean isTheirs =
                forChildren.values().stream().anyMatch(small -> small.id().equals(cut.id()));
        return isTheirs ? "for the small children" : null;
    }
}
