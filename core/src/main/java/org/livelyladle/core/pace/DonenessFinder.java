package org.livelyladle.core.pace;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
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
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.TablePlan;

/** How far each wish for doneness can be met: the safe mark beats it, but for fish and whole cuts other than pork by the guest's choice. */
record DonenessFinder(Brief brief, Catalogue catalogue, Windows windows) {
    private static final Set<RawRisk> PINK_BY_CHOICE = EnumSet.of(RawRisk.WHOLE_CUT, RawRisk.FISH);

    List<TablePlan.Done> find(List<Drop> drops) {
        Map<String, Set<String>> sidesOf = new HashMap<>();
        for (Drop drop : drops) {
            drop.gramsByGuest()
                    .keySet()
                    .forEach(guest -> sidesOf.computeIfAbsent(guest + " " + drop.cut(), key -> new TreeSet<>())
                            .add(drop.side()));
        }
        List<TablePlan.Done> found = new ArrayList<>();
        for (Guest guest : brief.guests()) {
            for (Wish wish : guest.wishes()) {
                Set<String> sides = sidesOf.get(guest.id() + " " + wish.cut());
                if (sides != null && wish.doneness() != null) {
                    found.add(done(guest, wish, wish.doneness(), sides));
                }
            }
        }
        return found;
    }

    private TablePlan.Done done(Guest guest, Wish wish, Doneness wanted, Set<String> sides) {
        Cut cut = catalogue.cut(wish.cut());
        String against = wanted == Doneness.PINK ? against(guest, cut) : "";
        Doneness served = against.isEmpty() ? wanted : Doneness.JUST_DONE;
        int seconds = sides.stream()
                .mapToInt(side -> seconds(cut, side, served))
                .max()
                .orElseThrow();
        return new TablePlan.Done(guest.id(), cut.id(), wanted, served, seconds, KitchenText.seconds(seconds), against);
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

    private int seconds(Cut cut, String side, Doneness doneness) {
        CookingWindow window = windows.of(cut, side);
        return switch (doneness) {
            case PINK -> windows.pinkSeconds(cut, side);
            case JUST_DONE -> window.readySeconds();
            case WELL_DONE -> window.bestUntilSeconds();
        };
    }
}
