package org.livelyladle.core.safety;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;

/** What the broths alone allow: which sides a guest could eat from, and which cuts would spoil a side for whom. */
public final class SideAccess {
    private final Brief brief;
    private final Catalogue catalogue;
    private final Map<String, Pot> pots = new HashMap<>();
    private final Map<String, Broth> broths = new HashMap<>();
    private final Map<String, Content> contents = new HashMap<>();
    private final Map<String, List<Came>> came;

    private final Map<String, Content> cuts = new HashMap<>();

    public SideAccess(Brief brief, Catalogue catalogue) {
        this(brief, catalogue, Map.of());
    }

    /** @param came into sides already, by side, what came first before the rest */
    public SideAccess(Brief brief, Catalogue catalogue, Map<String, List<Came>> came) {
        this.came = Map.copyOf(came);
        this.brief = brief;
        this.catalogue = catalogue;
        for (Pot pot : brief.pots()) {
            for (Side side : pot.sides()) {
                Broth broth = catalogue.broth(side.broth());
                pots.put(side.id(), pot);
                broths.put(side.id(), broth);
                contents.put(side.id(), Content.of(broth, catalogue));
            }
        }
    }

    /** What keeps a guest from a side. */
    public enum Barrier {
        REACH,
        /** Its broth holds what the guest keeps away from. */
        BROTH,
        /** A neighbouring side of the pot does, and splashes. */
        SPLASH,
        HEAT,
        /** What went into it. */
        WENT_IN,
        /** What fell into it and was not meant for it. */
        FELL_IN,
        /** What fell into a neighbouring side of the pot, and splashes. */
        FELL_BESIDE,
        /** What others cook in it. */
        OTHERS_FOOD;

        /** It came with something that fell in and was not meant to. */
        public boolean isFall() {
            return this == FELL_IN || this == FELL_BESIDE;
        }
    }

    /**
     * What came into a side besides its broth.
     *
     * @param fell without being meant for it
     */
    public record Came(Content content, boolean fell) {}

    /**
     * A guest who cannot eat from a side.
     *
     * @param reason the same for reading
     */
    public record Closed(String guest, Barrier barrier, String reason) {
        /** Closed by what is to be cooked in it. */
        public static Closed byOthersFood(Guest guest) {
            return new Closed(guest.id(), Barrier.OTHERS_FOOD, "what others cook in it");
        }
    }

    /** Why a guest cannot eat from a side whatever goes in; empty when the guest could. */
    public Optional<Closed> closed(Guest guest, Side side) {
        Pot pot = pots.get(side.id());
        if (!pot.isReachedBy(guest.id())) {
            return closed(guest, Barrier.REACH, "out of reach");
        }
        List<Need> contact = Needs.brokenByContact(guest, contents.get(side.id()));
        if (!contact.isEmpty()) {
            return closed(guest, Barrier.BROTH, "its broth: " + Needs.labels(contact, contents.get(side.id())));
        }
        for (Came one : came.getOrDefault(side.id(), List.of())) {
            List<Need> broken = Needs.brokenByContact(guest, one.content());
            if (!broken.isEmpty()) {
                String labels = Needs.labels(broken, one.content());
                return one.fell()
                        ? closed(guest, Barrier.FELL_IN, "what fell in: " + labels)
                        : closed(guest, Barrier.WENT_IN, "what went in: " + labels);
            }
        }
        if (!brief.decisions().acceptsSplash(guest, pot)) {
            for (Side other : pot.sides()) {
                for (Came one : heldBy(other)) {
                    List<Need> splash = Needs.brokenBySplash(guest, one.content());
                    if (!splash.isEmpty()) {
                        String labels = Needs.labels(splash, one.content());
                        return one.fell()
                                ? closed(guest, Barrier.FELL_BESIDE, "what fell into the next side splashes: " + labels)
                                : closed(guest, Barrier.SPLASH, "splashes from the next side: " + labels);
                    }
                }
            }
        }
        if (broths.get(side.id()).heat().compareTo(guest.heat()) > 0) {
            return closed(guest, Barrier.HEAT, "too hot");
        }
        return Optional.empty();
    }

    /** Its broth, then what came into it. */
    private List<Came> heldBy(Side side) {
        List<Came> held = new ArrayList<>(List.of(new Came(contents.get(side.id()), false)));
        held.addAll(came.getOrDefault(side.id(), List.of()));
        return held;
    }

    private static Optional<Closed> closed(Guest guest, Barrier barrier, String reason) {
        return Optional.of(new Closed(guest.id(), barrier, reason));
    }

    /** Whether a cut in {@code side} would close {@code promised} to the guest. */
    public boolean spoils(Cut cut, Side side, Guest guest, Side promised) {
        Content content = content(cut);
        if (side.id().equals(promised.id())) {
            return !Needs.brokenByContact(guest, content).isEmpty();
        }
        Pot pot = pots.get(promised.id());
        return pots.get(side.id()) == pot
                && !brief.decisions().acceptsSplash(guest, pot)
                && !Needs.brokenBySplash(guest, content).isEmpty();
    }

    /** True for guests for whom it matters what goes into a side. */
    public boolean isSpoiledForBy(Guest guest, Cut cut) {
        return !Needs.brokenByContact(guest, content(cut)).isEmpty();
    }

    private Content content(Cut cut) {
        return cuts.computeIfAbsent(cut.id(), id -> Content.of(cut, catalogue));
    }
}
