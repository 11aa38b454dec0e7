package org.livelyladle.core.table;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.Strength;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;

/** What the broths alone allow: which sides a guest could eat from, and which cuts would spoil a side for whom. */
final class Openness {
    private final Brief brief;
    private final Catalogue catalogue;
    private final Map<String, Content> broths = new HashMap<>();
    private final Map<String, Content> cuts = new HashMap<>();

    Openness(Brief brief, Catalogue catalogue) {
        this.brief = brief;
        this.catalogue = catalogue;
        brief.sides().forEach(side -> broths.put(side.broth(), Content.of(catalogue.broth(side.broth()), catalogue)));
    }

    /** Why a guest cannot eat from a side whatever goes in; empty when the guest could. */
    Optional<String> closed(Guest guest, Side side) {
        Pot pot = brief.potOf(side.id());
        if (!pot.isReachedBy(guest.id())) {
            return Optional.of("out of reach");
        }
        List<Need> contact = Needs.brokenByContact(guest, broths.get(side.broth()));
        if (!contact.isEmpty()) {
            return Optional.of("its broth: " + labels(contact));
        }
        if (!brief.decisions().acceptsSplash(guest.id(), pot.id())) {
            List<Need> splash = new ArrayList<>();
            pot.sides().forEach(other -> splash.addAll(Needs.brokenBySplash(guest, broths.get(other.broth()))));
            if (!splash.isEmpty()) {
                return Optional.of("splashes from the next side: " + labels(splash));
            }
        }
        if (catalogue.broth(side.broth()).heat().compareTo(guest.heat()) > 0) {
            return Optional.of("too hot");
        }
        return Optional.empty();
    }

    /** Whether a cut in {@code side} would close {@code promised} to the guest. */
    boolean spoils(Cut cut, Side side, Guest guest, Side promised) {
        Content content = cuts.computeIfAbsent(cut.id(), id -> Content.of(cut, catalogue));
        if (side.id().equals(promised.id())) {
            return !Needs.brokenByContact(guest, content).isEmpty();
        }
        Pot pot = brief.potOf(promised.id());
        return brief.potOf(side.id()).id().equals(pot.id())
                && !brief.decisions().acceptsSplash(guest.id(), pot.id())
                && !Needs.brokenBySplash(guest, content).isEmpty();
    }

    /** True for guests for whom it matters what else goes into a side. */
    static boolean isRestricted(Guest guest) {
        return guest.needs().stream()
                .anyMatch(need -> need.strength() != Strength.DISLIKE && need.kind() != NeedKind.LOW_SALT);
    }

    private static String labels(List<Need> needs) {
        return needs.stream().map(need -> need.kind().label()).distinct().collect(Collectors.joining(", "));
    }
}
