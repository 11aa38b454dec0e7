package org.livelyladle.core.advice;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toList;
import static org.livelyladle.core.advice.Remedy.show;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.portions.CutTotal;
import org.livelyladle.core.portions.GuestTotal;
import org.livelyladle.core.portions.Portion;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TablePlan.Cause;
import org.livelyladle.core.table.TablePlan.Remainder;

/**
 * Who goes hungry, wholly or in part, why, and what would feed them; what is in the bowl feeds too. Nobody without a single
 * bite is passed over; of an empty menu it is said once for all.
 */
final class HungerFinder {
    private static final int LONGER_MINUTES = 15;
    private static final int LONGEST_MEAL = 240;
    /** Whoever comes last wants so much of the meal [min]; memory. */
    private static final int LEAST_STAY_MINUTES = 30;

    /** Of the remedies of one kind so many are tried. */
    private static final int MOST_TRIED = 2;

    private static final Set<Cause> SAID_ONCE = EnumSet.of(Cause.NO_ROOM, Cause.DIPPED_ONLY);

    private static final double NEGLIGIBLE_G = 1e-6;
    /** A helping of what is served by weight [g]; memory. */
    private static final double HELPING_G = 30;

    private final Brief brief;
    private final Catalogue catalogue;
    private final KitchenText text;
    private final Portions portions;
    private final TablePlan table;
    private final RemedyTrial trial;
    private final Map<String, Double> eaten = new HashMap<>();
    private final Set<Category> onMenu;

    HungerFinder(
            Brief brief, Catalogue catalogue, KitchenText text, Portions portions, TablePlan table, RemedyTrial trial) {
        this.trial = trial;
        this.brief = brief;
        this.catalogue = catalogue;
        this.text = text;
        this.portions = portions;
        this.table = table;
        this.onMenu = portions.cuts().stream().map(CutTotal::category).collect(Collectors.toSet());
        for (Drop drop : table.drops()) {
            drop.gramsByGuest().forEach((guest, grams) -> eaten.merge(guest, grams, Double::sum));
        }
        table.beside().forEach(bowl -> eaten.merge(bowl.guest(), bowl.grams(), Double::sum));
    }

    List<Unmet> find() {
        return brief.menu().isEmpty() && !brief.guests().isEmpty()
                ? List.of(new Unmet(
                        "menu",
                        Unmet.Severity.CANNOT_EAT,
                        Step.INGREDIENTS,
                        null,
                        "Nothing is on the menu yet.",
                        show(Step.INGREDIENTS)))
                : byGuest();
    }

    private List<Unmet> byGuest() {
        List<Unmet> unmet = new ArrayList<>();
        Map<String, List<Portion>> lines = portions.lines().stream().collect(groupingBy(Portion::guest));
        Map<String, List<Remainder>> rest = table.remainders().stream().collect(groupingBy(Remainder::guest));
        for (int i = 0; i < brief.guests().size(); i++) {
            Guest guest = brief.guests().get(i);
            GuestTotal total = portions.guests().get(i);
            List<Portion> own = lines.getOrDefault(guest.id(), List.of());
            List<Remainder> missed = rest.getOrDefault(guest.id(), List.of());
            if (eaten.getOrDefault(guest.id(), 0.0) < NEGLIGIBLE_G) {
                unmet.add(without(guest, own, missed));
            } else {
                partly(guest, missed, unmet);
                lost(guest, own).ifPresent(unmet::add);
            }
            total.empty().stream().filter(onMenu::contains).forEach(category -> emptyCategory(guest, category, unmet));
        }
        noneOnTheMenu(unmet);
        noRoom(unmet);
        notDipped(unmet);
        return unmet;
    }

    /** A guest who gets nothing at all from the pots. */
    private Unmet without(Guest guest, List<Portion> own, List<Remainder> missed) {
        String name = guest.name();
        if (own.isEmpty()) {
            return cannotEat(
                    "nothing",
                    Step.INGREDIENTS,
                    guest,
                    "Nothing on the menu suits " + name + ".",
                    suitable(guest, null).map(cut -> addCut(cut)));
        }
        if (missed.isEmpty()) {
            String why = own.stream().allMatch(line -> line.grams().value() < NEGLIGIBLE_G)
                    ? name + " gets nothing: portions are set to none."
                    : name + " gets nothing: a whole piece of anything is more than so small a portion.";
            return cannotEat("piece", Step.INGREDIENTS, guest, why, Stream.of(givePiece(guest, largest(own))));
        }
        Cause cause = missed.stream()
                .max(Comparator.comparingDouble(Remainder::grams))
                .orElseThrow()
                .cause();
        return switch (cause) {
            case NO_SIDE -> cannotEat("side", Step.POTS, guest, "No side suits " + name + ".", pots(guest));
            case NO_SIDE_FOR_CUT ->
                cannotEat(
                        "side", Step.POTS, guest, name + " has no clean side for " + names(missed) + ".", pots(guest));
            case DIPPED_ONLY -> cannotEat("side", Step.POTS, guest, dippedOnly(missed), pots(guest));
            case NO_ROOM ->
                cannotEat(
                        "room", Step.POTS, guest, "The pots have no room for anything for " + name + ".", pots(guest));
            case TOO_COOL, TOO_SMALL -> cannotEat("side", Step.POTS, guest, unfit(guest, cause, missed), pots(guest));
            case ABSENT, NO_MORE, DECLINED, NEED, IN_THE_POT, GONE, EATEN_BY_OTHERS, USED_UP, SKIPPED ->
                cannotEat(
                        "absent",
                        Step.GUESTS,
                        guest,
                        guest.arrivesAfterMinutes() >= brief.mealMinutes()
                                ? name + " comes after the finish: nothing is cooked for " + name + "."
                                : name + " is at the table too short a time for anything to cook.",
                        waitFor(guest).stream());
        };
    }

    /** With the first remedy that really feeds the guest, or the way to where it can be mended by hand. */
    private Unmet cannotEat(String kind, Step step, Guest guest, String text, Stream<Remedy> remedies) {
        Remedy remedy = remedies.limit(MOST_TRIED)
                .filter(tried -> trial.feeds(tried, guest))
                .findFirst()
                .orElse(show(step));
        return new Unmet(kind + "." + guest.id(), Unmet.Severity.CANNOT_EAT, step, guest.id(), text, remedy);
    }

    /** Some of a guest's food finds no side, or no moment. What the pots do to all alike is said once for all guests. */
    private void partly(Guest guest, List<Remainder> missed, List<Unmet> unmet) {
        missed.stream()
                .filter(rest -> !SAID_ONCE.contains(rest.cause()))
                .collect(groupingBy(Remainder::cause, LinkedHashMap::new, toList()))
                .forEach((cause, rest) -> {
                    boolean absent = cause == Cause.ABSENT;
                    String text = switch (cause) {
                        case ABSENT -> guest.name() + " is not there while " + names(rest) + " could be cooked.";
                        case TOO_COOL, TOO_SMALL -> unfit(guest, cause, rest);
                        default -> guest.name() + " has no clean side for " + names(rest) + ".";
                    };
                    unmet.add(new Unmet(
                            cause.name().toLowerCase(Locale.ROOT) + "." + guest.id(),
                            Unmet.Severity.SHORT,
                            absent ? Step.GUESTS : Step.POTS,
                            guest.id(),
                            text,
                            absent ? show(Step.GUESTS) : addPot(guest)));
                });
    }

    private String unfit(Guest guest, Cause cause, List<Remainder> rest) {
        return cause == Cause.TOO_COOL
                ? "No side open to " + guest.name() + " stays hot enough to cook " + names(rest) + " safely."
                : "The sides open to " + guest.name() + " are too small for " + names(rest) + ".";
    }

    private String names(List<Remainder> rest) {
        String first =
                KitchenText.lower(catalogue.fullName(catalogue.cut(rest.get(0).cut())));
        return rest.size() == 1 ? first : first + " and " + (rest.size() - 1) + " more";
    }

    /** Categories of which a guest was to have something, and whole pieces leave nothing. */
    private Optional<Unmet> lost(Guest guest, List<Portion> own) {
        Map<Category, List<Portion>> byCategory = own.stream()
                .collect(groupingBy(
                        line -> catalogue
                                .ingredientOf(catalogue.cut(line.cut()))
                                .category(),
                        LinkedHashMap::new,
                        toList()));
        List<List<Portion>> lost = byCategory.values().stream()
                .filter(lines -> lines.stream().allMatch(line -> line.served().value() < NEGLIGIBLE_G))
                .filter(lines -> lines.stream().anyMatch(line -> line.grams().value() > NEGLIGIBLE_G && !line.pinned()))
                .toList();
        if (lost.isEmpty()) {
            return Optional.empty();
        }
        String what = KitchenText.or(lost.stream()
                .map(lines -> catalogue
                        .ingredientOf(catalogue.cut(lines.get(0).cut()))
                        .category()
                        .label())
                .toList());
        return Optional.of(new Unmet(
                "pieces." + guest.id(),
                Unmet.Severity.WISH,
                Step.INGREDIENTS,
                guest.id(),
                guest.name() + " gets no " + what + ": a whole piece is more than the portion.",
                givePiece(guest, largest(lost.get(0)))));
    }

    /** The line that comes nearest to a piece. */
    private Portion largest(List<Portion> lines) {
        return lines.stream()
                .max(Comparator.comparingDouble((Portion line) -> line.grams().value() / helping(line)))
                .orElseThrow();
    }

    private double helping(Portion line) {
        Double piece = catalogue.cut(line.cut()).pieceGrams();
        return piece == null ? HELPING_G : piece;
    }

    private Remedy givePiece(Guest guest, Portion line) {
        Cut cut = catalogue.cut(line.cut());
        String what = cut.pieceGrams() == null ? text.grams(HELPING_G) : "one piece";
        return Remedy.of(
                "Give " + guest.name() + " " + what + " of "
                        + KitchenText.lower(catalogue.ingredientOf(cut).name()),
                new BriefEdit.PinPortion(guest.id(), cut.id(), helping(line)));
    }

    /** Only where the catalogue has something that would suit; a vegan's missing meat is no gap. */
    private void emptyCategory(Guest guest, Category category, List<Unmet> unmet) {
        suitable(guest, category)
                .findFirst()
                .ifPresent(cut -> unmet.add(new Unmet(
                        "empty." + guest.id() + "." + category,
                        Unmet.Severity.WISH,
                        Step.INGREDIENTS,
                        guest.id(),
                        "Nothing from " + category.label() + " suits " + guest.name()
                                + "; more of the rest is planned instead.",
                        addCut(cut))));
    }

    /** Asked once for the party and all kinds together, and never again once the host meant it. */
    private void noneOnTheMenu(List<Unmet> unmet) {
        List<Category> none = Category.served().stream()
                .filter(category -> !onMenu.contains(category)
                        && !brief.without().contains(category)
                        && portions.guests().stream()
                                .anyMatch(total -> total.empty().contains(category)))
                .toList();
        if (!none.isEmpty()) {
            unmet.add(new Unmet(
                    "none",
                    Unmet.Severity.WISH,
                    Step.INGREDIENTS,
                    null,
                    "There is nothing from "
                            + KitchenText.or(none.stream().map(Category::label).toList())
                            + " on the menu; more of the rest is planned instead.",
                    Remedy.of("None, on purpose", new BriefEdit.DoWithout(none))));
        }
    }

    private Remedy addCut(Cut cut) {
        return Remedy.of("Add " + KitchenText.lower(catalogue.fullName(cut)), new BriefEdit.AddCut(cut.id(), null));
    }

    private Stream<Cut> suitable(Guest guest, @Nullable Category category) {
        Set<String> menu = brief.menu().stream().map(MenuItem::cut).collect(Collectors.toSet());
        return catalogue.cuts().stream()
                .filter(cut -> category == null || catalogue.ingredientOf(cut).category() == category)
                .filter(cut -> !menu.contains(cut.id()))
                .filter(cut ->
                        Needs.brokenByEating(guest, Content.of(cut, catalogue)).isEmpty())
                .filter(cut -> guest.likingOf(cut.id()) != Liking.NEVER);
    }

    private Remedy addPot(Guest guest) {
        return pots(guest).findFirst().orElse(show(Step.POTS));
    }

    /** Small pots of broths that suit the guest, as long as there is room on the table. */
    private Stream<Remedy> pots(Guest guest) {
        boolean room = brief.pots().size() < Brief.MOST_POTS && brief.sides().size() < Brief.MOST_SIDES;
        return catalogue.broths().stream()
                .filter(broth -> room)
                .filter(broth -> Needs.brokenByContact(guest, Content.of(broth, catalogue))
                        .isEmpty())
                .filter(broth -> broth.heat().compareTo(guest.heat()) <= 0)
                .map(broth -> Remedy.of(
                        "Add a small pot of " + KitchenText.lower(broth.name()), new BriefEdit.AddPot(broth.id())));
    }

    private Optional<Remedy> waitFor(Guest guest) {
        int minutes = guest.arrivesAfterMinutes() + LEAST_STAY_MINUTES;
        return minutes > brief.mealMinutes() && minutes <= LONGEST_MEAL
                ? Optional.of(lengthen(minutes, "Sit until " + guest.name() + " has eaten"))
                : Optional.empty();
    }

    private static Remedy lengthen(int minutes, String label) {
        return Remedy.of(label, new BriefEdit.SitFor(minutes));
    }

    private void noRoom(List<Unmet> unmet) {
        table.remainders().stream()
                .filter(rest -> rest.cause() == Cause.NO_ROOM)
                .collect(groupingBy(Remainder::cut, LinkedHashMap::new, toList()))
                .forEach((cut, rest) -> {
                    double grams = rest.stream().mapToDouble(Remainder::grams).sum();
                    int minutes = brief.mealMinutes() + LONGER_MINUTES;
                    unmet.add(new Unmet(
                            "room." + cut,
                            Unmet.Severity.SHORT,
                            Step.TABLE,
                            null,
                            text.grams(grams) + " of " + KitchenText.lower(catalogue.fullName(catalogue.cut(cut)))
                                    + " find no room in the pots within the meal.",
                            minutes <= LONGEST_MEAL
                                    ? lengthen(minutes, "Sit " + LONGER_MINUTES + " minutes longer")
                                    : show(Step.POTS)));
                });
    }

    private void notDipped(List<Unmet> unmet) {
        List<Remainder> rest = table.remainders().stream()
                .filter(remainder -> remainder.cause() == Cause.DIPPED_ONLY)
                .toList();
        rest.stream()
                .findFirst()
                .flatMap(remainder -> brief.guest(remainder.guest()))
                .ifPresent(guest -> unmet.add(
                        new Unmet("dipped", Unmet.Severity.SHORT, Step.POTS, null, dippedOnly(rest), addPot(guest))));
    }

    private String dippedOnly(List<Remainder> rest) {
        return "Nothing but what is dipped goes into these pots: there is no place for " + names(distinct(rest)) + ".";
    }

    private static List<Remainder> distinct(List<Remainder> rest) {
        return List.copyOf(rest.stream()
                .collect(Collectors.toMap(Remainder::cut, remainder -> remainder, (a, b) -> a, LinkedHashMap::new))
                .values());
    }
}
