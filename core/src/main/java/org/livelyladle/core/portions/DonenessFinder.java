package org.livelyladle.core.portions;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Doneness;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Wish;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.catalogue.Trait;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.cooking.Windows;
import org.livelyladle.core.measure.KitchenText;

/** How far each wish for doneness can be met: the safe mark beats it, but for fish and whole cuts other than pork by the guest's choice. */
record DonenessFinder(Brief brief, Catalogue catalogue, Windows windows) {
    private static final Set<RawRisk> PINK_BY_CHOICE = EnumSet.of(RawRisk.WHOLE_CUT, RawRisk.FISH);

    List<Portions.Done> find(List<Portion> lines) {
        List<Portions.Done> found = new ArrayList<>();
        for (Portion line : lines) {
            Guest guest = brief.guest(line.guest()).orElseThrow();
            guest.wishFor(line.cut())
                    .filter(wish -> wish.doneness() != null)
                    .ifPresent(wish -> found.add(done(guest, wish)));
        }
        return found;
    }

    private Portions.Done done(Guest guest, Wish wish) {
        Cut cut = catalogue.cut(wish.cut());
        Doneness wanted = wish.doneness() == null ? Doneness.JUST_DONE : wish.doneness();
        String against = wanted == Doneness.PINK ? against(guest, cut) : "";
        Doneness served = against.isEmpty() ? wanted : Doneness.JUST_DONE;
        int seconds = seconds(cut, served);
        return new Portions.Done(guest.id(), cut.id(), wanted, served, seconds, KitchenText.seconds(seconds), against);
    }

    /** Why nothing but cooked through will do; empty when pink is the guest's own choice. */
    private String against(Guest guest, Cut cut) {
        if (guest.isDelicate()) {
            return "never pink for children, pregnant or immune-weak guests";
        }
        if (catalogue.ingredientOf(cut).traits().contains(Trait.PORK)) {
            return "pork, never pink";
        }
        if (!PINK_BY_CHOICE.contains(cut.rawRisk())) {
            return cut.rawRisk() == RawRisk.NONE
                    ? "it has nothing to be pink"
                    : cut.rawRisk().label() + ", never pink";
        }
        return "";
    }

    private int seconds(Cut cut, Doneness doneness) {
        CookingWindow window = windows.of(cut.id());
        return switch (doneness) {
            case PINK -> windows.pinkSeconds(cut.id());
            case JUST_DONE -> window.readySeconds();
            case WELL_DONE -> window.bestUntilSeconds();
        };
    }
}
