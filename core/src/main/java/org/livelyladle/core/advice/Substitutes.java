package org.livelyladle.core.advice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.catalogue.Allergen;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.catalogue.Texture;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;

/** Finds the next best thing when the shelf is empty, and says what changes with it. */
public record Substitutes(Brief brief, Catalogue catalogue, Facts facts, Portions portions) {

    /** A cut in place of another, and what changes: time, allergens, caution, who goes without. */
    record Substitute(Cut cut, Cut by, String effect) {}

    /**
     * For the first cut of the ingredient on the menu: of the cuts of the same category that a shop has and the menu has
     * not, the one that most of its eaters may eat, then the one most alike in texture, then in time.
     */
    Optional<Substitute> bestFor(String ingredient) {
        return brief.menu().stream()
                .map(item -> catalogue.cut(item.cut()))
                .filter(cut -> cut.ingredient().equals(ingredient))
                .findFirst()
                .flatMap(cut -> best(cut).map(by -> new Substitute(cut, by, effect(cut, by))));
    }

    private Optional<Cut> best(Cut cut) {
        Set<String> onOffer = brief.prices().offers().stream()
                .filter(offer -> !facts.soldOut().contains(offer.id()))
                .map(offer -> offer.ingredient())
                .collect(Collectors.toSet());
        return catalogue.cuts().stream()
                .filter(by -> catalogue.ingredientOf(by).category()
                        == catalogue.ingredientOf(cut).category())
                .filter(by ->
                        onOffer.contains(by.ingredient()) && !by.ingredient().equals(cut.ingredient()))
                .filter(by -> brief.menu().stream().noneMatch(item -> item.cut().equals(by.id())))
                .filter(by -> losers(cut, by).size() < eaters(cut).size())
                .min(Comparator.comparingInt((Cut by) -> losers(cut, by).size())
                        .thenComparingInt(by -> -alike(cut, by))
                        .thenComparingInt(
                                by -> Math.abs(by.times().ready() - cut.times().ready())));
    }

    private List<Guest> eaters(Cut cut) {
        return brief.guests().stream()
                .filter(guest -> portions.lines().stream()
                        .anyMatch(line ->
                                line.cut().equals(cut.id()) && line.guest().equals(guest.id())))
                .toList();
    }

    /** Who would eat the one but not the other. */
    private List<Guest> losers(Cut cut, Cut by) {
        Content content = Content.of(by, catalogue);
        return eaters(cut).stream()
                .filter(guest -> guest.likingOf(by.id()) == Liking.NEVER
                        || !Needs.brokenByEating(guest, content).isEmpty())
                .toList();
    }

    private static int alike(Cut cut, Cut by) {
        Set<Texture> shared = EnumSet.noneOf(Texture.class);
        shared.addAll(by.textures());
        shared.retainAll(cut.textures());
        return shared.size();
    }

    private String effect(Cut cut, Cut by) {
        List<String> changes = new ArrayList<>();
        if (by.times().ready() != cut.times().ready()) {
            changes.add("cooks " + seconds(by.times().ready()) + " instead of "
                    + seconds(cut.times().ready()));
        }
        Set<Allergen> added = EnumSet.noneOf(Allergen.class);
        added.addAll(catalogue.ingredientOf(by).allergens());
        added.removeAll(catalogue.ingredientOf(cut).allergens());
        if (!added.isEmpty()) {
            changes.add("holds " + added.stream().map(Allergen::label).collect(Collectors.joining(", ")));
        }
        if (by.rawRisk() != cut.rawRisk() && by.rawRisk() != RawRisk.NONE) {
            changes.add(by.rawRisk().label() + ", "
                    + new KitchenText(brief.units(), brief.currency()).celsius(by.safeCoreC()) + " at the core");
        }
        List<Guest> losers = losers(cut, by);
        if (!losers.isEmpty()) {
            changes.add("not for " + losers.stream().map(Guest::name).collect(Collectors.joining(", ")));
        }
        String name = catalogue.fullName(by);
        return changes.isEmpty() ? name + " would do as well." : name + " instead: " + String.join("; ", changes) + ".";
    }

    private static String seconds(int seconds) {
        return seconds < 120 ? seconds + " s" : String.format(Locale.ROOT, "%.0f min", seconds / 60.0);
    }
}
