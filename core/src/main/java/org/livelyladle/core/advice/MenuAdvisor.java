package org.livelyladle.core.advice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.catalogue.Texture;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.portions.Portion;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.purchases.Purchases;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;

/**
 * Looks at a menu as a careful host would: what is at home first, then what is missing, then what is too much. Every
 * proposal is a cut most guests may eat; the thresholds are from memory.
 */
public final class MenuAdvisor {
    private static final int MOST_AT_HOME = 3;
    private static final int MOST_TOO_MUCH = 2;
    /** Less than this at home is not worth planning around [g]. */
    private static final double WORTH_USING_G = 50;
    /** Somebody with fewer things to eat than this would soon be bored. */
    private static final int FEW_CUTS = 6;

    private static final int SLOW_SECONDS = 480;
    private static final int QUICK_SECONDS = 30;
    /** A leftover of at least so much [g], and at least this share of what is bought, is overbuying. */
    private static final double MUCH_LEFT_G = 120;

    private static final double MUCH_LEFT_SHARE = 0.3;
    /** What keeps no longer belongs on the table rather than into the bin [d]. */
    private static final int KEEPS_BADLY_DAYS = 4;

    private static final List<Texture> WANTED_TEXTURES =
            List.of(Texture.CRISP, Texture.SPRINGY, Texture.SILKY, Texture.SPONGY);

    private final Brief brief;
    private final Catalogue catalogue;
    private final KitchenText text;
    private final Portions portions;
    private final Purchases purchases;
    private final List<Cut> menu;
    private final Map<String, Content> contents = new HashMap<>();
    /** Cuts not on the menu by how many guests may eat them, first of the catalogue among equals. */
    private final List<Cut> candidates;

    private final List<Suggestion> suggestions = new ArrayList<>();

    public MenuAdvisor(Brief brief, Catalogue catalogue, KitchenText text, Portions portions, Purchases purchases) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.text = text;
        this.portions = portions;
        this.purchases = purchases;
        this.menu = brief.menu().stream().map(item -> catalogue.cut(item.cut())).toList();
        Map<Cut, Long> eaters = new LinkedHashMap<>();
        catalogue.cuts().stream().filter(cut -> !menu.contains(cut)).forEach(cut -> eaters.put(cut, eaters(cut)));
        this.candidates = eaters.entrySet().stream()
                .filter(entry -> entry.getValue() > 0)
                .sorted(Map.Entry.comparingByValue(Comparator.reverseOrder()))
                .map(Map.Entry::getKey)
                .toList();
    }

    public List<Suggestion> suggest() {
        if (brief.guests().isEmpty()) {
            return List.of();
        }
        atHome();
        categories();
        guests();
        textures();
        times();
        heat();
        smallChildren();
        tooMuch();
        return List.copyOf(suggestions);
    }

    private void atHome() {
        brief.pantry().stream()
                .filter(item -> !item.isAlwaysThere() && item.against(0) >= WORTH_USING_G)
                .filter(item -> menu.stream().noneMatch(cut -> cut.ingredient().equals(item.ingredient())))
                .sorted(Comparator.comparingDouble(item -> -item.against(0)))
                .flatMap(item -> best(cut -> cut.ingredient().equals(item.ingredient()))
                        .map(cut -> add(
                                "home." + item.ingredient(),
                                text.grams(item.against(0)) + " of "
                                        + KitchenText.lower(
                                                catalogue.ingredientOf(cut).name()) + " at home would be used up.",
                                cut))
                        .stream())
                .limit(MOST_AT_HOME)
                .forEach(suggestions::add);
    }

    private void categories() {
        for (Category category : Category.served()) {
            if (portions.guests().stream().anyMatch(guest -> guest.empty().contains(category))
                    && !brief.without().contains(category)
                    && menu.stream().noneMatch(isOf(category))) {
                best(isOf(category))
                        .ifPresent(cut -> suggestions.add(add("category." + category, missing(category, cut), cut)));
            }
        }
    }

    /** Of an empty menu it need not be said of kind after kind that nothing is on it. */
    private String missing(Category category, Cut cut) {
        boolean isForAll = eaters(cut) == brief.guests().size();
        String who = eaters(cut) + " of " + brief.guests().size() + " may eat "
                + KitchenText.lower(catalogue.ingredientOf(cut).name()) + ".";
        if (menu.isEmpty()) {
            return KitchenText.upper(category.label()) + (isForAll ? "" : ": " + who);
        }
        return "Nothing from " + category.label() + " is on the menu" + (isForAll ? "." : "; " + who);
    }

    private void guests() {
        for (Guest guest : brief.guests()) {
            long suits = menu.stream().filter(cut -> mayEat(guest, cut)).count();
            if (suits < Math.min(FEW_CUTS, menu.size())) {
                best(cut -> mayEat(guest, cut) && hasOwnKindMissing(guest, cut))
                        .or(() -> best(cut -> mayEat(guest, cut)))
                        .ifPresent(cut -> suggestions.add(add(
                                "guest." + guest.id(),
                                "Only " + suits + " of " + menu.size() + " things on the menu suit " + guest.name()
                                        + ".",
                                cut)));
            }
        }
    }

    /** The guest has nothing from the cut's category yet. */
    private boolean hasOwnKindMissing(Guest guest, Cut cut) {
        Category category = catalogue.ingredientOf(cut).category();
        return menu.stream().noneMatch(isOf(category).and(own -> mayEat(guest, own)));
    }

    private void textures() {
        if (menu.isEmpty()) {
            return;
        }
        WANTED_TEXTURES.stream()
                .filter(texture -> menu.stream().noneMatch(cut -> cut.textures().contains(texture)))
                .findFirst()
                .flatMap(texture -> best(cut -> cut.textures().contains(texture))
                        .map(cut -> add(
                                "texture." + texture,
                                "Nothing " + texture.name().toLowerCase(Locale.ROOT)
                                        + " is on the menu: one broth makes all taste alike, textures keep it lively.",
                                cut)))
                .ifPresent(suggestions::add);
    }

    private void times() {
        if (menu.isEmpty()) {
            return;
        }
        if (menu.stream().noneMatch(cut -> cut.times().ready() >= SLOW_SECONDS)) {
            best(cut -> cut.times().ready() >= SLOW_SECONDS && cut.times().bestUntil() >= 2 * SLOW_SECONDS)
                    .ifPresent(cut -> suggestions.add(add(
                            "slow",
                            "Nothing slow is on the menu: a root that simmers along flavours the broth and waits for nobody.",
                            cut)));
        }
        if (menu.stream().noneMatch(cut -> cut.times().ready() <= QUICK_SECONDS)) {
            best(cut -> cut.times().ready() <= QUICK_SECONDS)
                    .ifPresent(cut -> suggestions.add(
                            add("quick", "Nothing quick is on the menu: the first bite would be minutes away.", cut)));
        }
    }

    private void heat() {
        List<Heat> sides = brief.sides().stream()
                .map(side -> catalogue.broth(side.broth()).heat())
                .toList();
        if (sides.isEmpty()) {
            return;
        }
        brief.guests().stream()
                .filter(guest -> guest.heat() == Heat.HOT && !sides.contains(Heat.HOT))
                .findFirst()
                .ifPresent(guest -> broth(Heat.HOT, "heat.hot", guest.name() + " takes it very hot, but no side is."));
        if (sides.stream().noneMatch(heat -> heat == Heat.NONE || heat == Heat.MILD)) {
            broth(Heat.NONE, "heat.mild", "No side is mild: people want a rest from the heat.");
        }
    }

    private void broth(Heat heat, String id, String reason) {
        Optional<Broth> broth =
                catalogue.broths().stream().filter(b -> b.heat() == heat).findFirst();
        broth.ifPresent(b -> suggestions.add(new Suggestion(
                id,
                reason,
                Remedy.of("Add a small pot of " + KitchenText.lower(b.name()), new BriefEdit.AddPot(b.id())))));
    }

    /** Round things a small child is served: cut small they are safer to eat, and have a window of their own. */
    private void smallChildren() {
        for (Cut cut : menu) {
            List<String> children = portions.lines().stream()
                    .filter(line -> line.cut().equals(cut.id()) && line.served().value() > 0)
                    .map(line -> brief.guest(line.guest()).orElseThrow())
                    .filter(Guest::isSmallChild)
                    .map(Guest::name)
                    .toList();
            catalogue
                    .forSmallChildren(cut)
                    .filter(small -> !children.isEmpty() && !menu.contains(small))
                    .ifPresent(small -> suggestions.add(new Suggestion(
                            "small." + cut.id(),
                            "For " + String.join(", ", children) + " "
                                    + KitchenText.lower(
                                            catalogue.ingredientOf(cut).name()) + " are safer " + small.name()
                                    + ", and done sooner.",
                            Remedy.of("Plan them " + small.name(), new BriefEdit.AddCut(small.id(), cut.id())))));
        }
    }

    /** Packs that do not keep and of which much would be left, and cuts so thinly spread that people go without. */
    private void tooMuch() {
        menu.stream()
                .flatMap(cut -> leftOver(cut).or(() -> tooThin(cut)).stream())
                .limit(MOST_TOO_MUCH)
                .forEach(suggestions::add);
    }

    private Optional<Suggestion> leftOver(Cut cut) {
        List<Purchases.Line> lines = purchases.trips().stream()
                .flatMap(trip -> trip.lines().stream())
                .filter(line -> line.ingredient().equals(cut.ingredient()) && line.boughtEvent() == null)
                .toList();
        double bought = lines.stream().mapToDouble(Purchases.Line::grams).sum();
        double missing = purchases.needs().stream()
                .filter(need -> need.ingredient().equals(cut.ingredient()))
                .mapToDouble(need -> need.missing().value())
                .sum();
        double left = bought - missing;
        Ingredient ingredient = catalogue.ingredientOf(cut);
        boolean isSaid = brief.item(cut.id()).amount() != null;
        if (isSaid
                || ingredient.keepsDays() > KEEPS_BADLY_DAYS
                || left < MUCH_LEFT_G
                || left < MUCH_LEFT_SHARE * bought) {
            return Optional.empty();
        }
        return Optional.of(new Suggestion(
                "less." + cut.id(),
                "Of " + text.grams(bought) + " of " + KitchenText.lower(ingredient.name()) + " bought, "
                        + text.grams(left) + " would be left over, and it does not keep.",
                Remedy.of("Eat the packs up", new BriefEdit.EatUp(cut.id()))));
    }

    private Optional<Suggestion> tooThin(Cut cut) {
        List<Portion> own = portions.lines().stream()
                .filter(line -> line.cut().equals(cut.id()) && line.pieces() != null)
                .toList();
        long without = own.stream().filter(line -> line.served().value() == 0).count();
        boolean isOnly = menu.stream()
                        .filter(isOf(catalogue.ingredientOf(cut).category()))
                        .count()
                == 1;
        if (isOnly || without == 0 || 3 * without < own.size()) {
            return Optional.empty();
        }
        return Optional.of(leaveOut(
                cut,
                KitchenText.lower(catalogue.fullName(cut)) + " is spread so thin that " + without + " of " + own.size()
                        + " who would eat it get none."));
    }

    private Suggestion leaveOut(Cut cut, String reason) {
        return new Suggestion(
                "less." + cut.id(),
                KitchenText.upper(reason),
                Remedy.of("Leave it out", new BriefEdit.LeaveOut(cut.id())));
    }

    private Suggestion add(String id, String reason, Cut cut) {
        return new Suggestion(
                id,
                reason,
                Remedy.of("Add " + KitchenText.lower(catalogue.fullName(cut)), new BriefEdit.AddCut(cut.id(), null)));
    }

    private Optional<Cut> best(Predicate<Cut> wanted) {
        return candidates.stream().filter(wanted).findFirst();
    }

    private long eaters(Cut cut) {
        return brief.guests().stream().filter(guest -> mayEat(guest, cut)).count();
    }

    private boolean mayEat(Guest guest, Cut cut) {
        return guest.likingOf(cut.id()) != Liking.NEVER
                && Needs.brokenByEating(guest, contents.computeIfAbsent(cut.id(), id -> Content.of(cut, catalogue)))
                        .isEmpty();
    }

    private Predicate<Cut> isOf(Category category) {
        return cut -> catalogue.ingredientOf(cut).category() == category;
    }
}
