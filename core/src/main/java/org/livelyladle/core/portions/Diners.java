package org.livelyladle.core.portions;

import java.util.List;
import java.util.Optional;
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
record Diners(Brief brief, Catalogue catalogue) {
    /** Why a guest does not get a cut, and whether that is only the guest's wish. */
    record Against(boolean byWish, String reason) {}

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
        return byAge(guest, cut).map(reason -> new Against(false, reason));
    }

    /** Where the menu has round things whole and cut small, small children get the small ones and nobody else does. */
    private Optional<String> byAge(Guest guest, Cut cut) {
        if (guest.isSmallChild()) {
            return catalogue
                    .forSmallChildren(cut)
                    .filter(small -> isOnMenu(small.id()))
                    .map(small -> "gets them " + small.name());
        }
        boolean forChildren = brief.guests().stream().anyMatch(Guest::isSmallChild)
                && brief.menu().stream()
                        .map(item -> catalogue.cut(item.cut()))
                        .anyMatch(whole -> catalogue
                                .forSmallChildren(whole)
                                .filter(small -> small.id().equals(cut.id()))
                                .isPresent());
        return forChildren ? Optional.of("for the small children") : Optional.empty();
    }

    private boolean isOnMenu(String cut) {
        return brief.menu().stream().map(MenuItem::cut).anyMatch(cut::equals);
    }
}
