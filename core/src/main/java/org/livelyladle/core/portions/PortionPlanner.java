package org.livelyladle.core.portions;

import static java.util.stream.Collectors.groupingBy;
import static org.livelyladle.core.measure.Operation.DIFFERENCE;
import static org.livelyladle.core.measure.Operation.GIVEN;
import static org.livelyladle.core.measure.Operation.PRODUCT;
import static org.livelyladle.core.measure.Operation.SHARE;
import static org.livelyladle.core.measure.Operation.SUM;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Decisions.PortionPin;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Wish;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.LargestRemainder.Claim;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;

/** Shares the food among the guests. One use per plan. */
public final class PortionPlanner {
    private static final double NEGLIGIBLE_G = 1e-9;

    private final Brief brief;
    private final Catalogue catalogue;
    private final Ledger ledger;
    private final KitchenText text;
    private final Map<String, Guest> guests;
    private final Diners diners;
    private final List<Cut> menu;
    private final Budgets budgets;
    private final Alternatives alternatives;
    private final List<Barred> barred = new ArrayList<>();
    private final List<Portions.BeatenPin> beaten = new ArrayList<>();
    private final List<Portions.Full> full = new ArrayList<>();
    private final Set<Category> onMenu;
    private final Map<String, Figure> factors = new LinkedHashMap<>();
    /** What each guest has missed by rounding to whole pieces so far; negative where it was too much [g]. */
    private final Map<String, Double> missing = new HashMap<>();
    /** Exact shares by cut, then guest. */
    private final Map<String, Map<String, Figure>> shares = new LinkedHashMap<>();

    public PortionPlanner(Brief brief, Catalogue catalogue, Ledger ledger, KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.ledger = ledger;
        this.text = text;
        this.guests = brief.guests().stream().collect(Collectors.toMap(Guest::id, Function.identity()));
        this.diners = new Diners(brief, catalogue);
        this.menu = brief.menu().stream()
                .map(MenuItem::cut)
                .map(catalogue::cut)
                .sorted(Comparator.comparing(
                                (Cut cut) -> catalogue.ingredientOf(cut).category())
                        .thenComparing(Cut::id))
                .toList();
        this.onMenu = menu.stream()
                .map(cut -> catalogue.ingredientOf(cut).category())
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Category.class)));
        this.budgets = new Budgets(brief, ledger, text);
        this.alternatives = new Alternatives(catalogue, menu);
    }

    public Portions plan() {
        menu.forEach(cut -> shares.put(cut.id(), new LinkedHashMap<>()));
        brief.guests().forEach(guest -> factors.put(guest.id(), budgets.factor(guest)));
        Amounts amounts = new Amounts(brief, catalogue, ledger, text, factors, natural());
        List<GuestTotal> drafts =
                brief.guests().stream().map(guest -> share(guest, amounts)).toList();
        List<Portions.Traded> trades = new TradeMaker(brief, catalogue, ledger, text).make(shares);
        List<Portion> lines = menu.stream().flatMap(cut -> serve(cut).stream()).toList();
        Map<String, List<Portion>> byCut = lines.stream().collect(groupingBy(Portion::cut));
        List<CutTotal> cuts = menu.stream()
                .map(cut -> total(cut, byCut.getOrDefault(cut.id(), List.of())))
                .toList();
        List<GuestTotal> guests =
                drafts.stream().map(draft -> withFood(draft, lines)).toList();
        Figure eaters = ledger.figure(
                        "eaters",
                        Budgets.sum(factors.values()),
                        "1",
                        KitchenText.number(Budgets.sum(factors.values()), 1))
                .by(
                        "Regular eaters",
                        "Everybody counted by appetite",
                        SUM,
                        () -> brief.guests().stream()
                                .map(guest -> Term.of(guest.name(), factors.get(guest.id())))
                                .toList());
        double grams = cuts.stream().mapToDouble(cut -> cut.grams().value()).sum();
        Figure food = ledger.figure("food", grams, "g", text.grams(grams))
                .by(
                        "All food",
                        "Everything served, all cuts together",
                        SUM,
                        () -> cuts.stream()
                                .map(cut -> Term.of(cut.name(), cut.grams()))
                                .toList());
        return new Portions(eaters, food, guests, cuts, lines, barred, beaten, trades, amounts.wordless(), full);
    }

    /** What there is of each cut when the host says nothing of amounts, where some of them start from that [g]. */
    private Map<String, Double> natural() {
        if (brief.menu().stream().noneMatch(Amounts::startFromPortions)) {
            return Map.of();
        }
        Brief unsaid =
                brief.serving(brief.menu().stream().map(MenuItem::withoutAmount).toList());
        return new PortionPlanner(unsaid, catalogue, new Ledger(), text)
                .plan().cuts().stream()
                        .collect(Collectors.toMap(
                                CutTotal::cut, cut -> cut.grams().value()));
    }

    /** Fills {@link #shares} for one guest. */
    private GuestTotal share(Guest guest, Amounts amounts) {
        Figure factor = factors.get(guest.id());
        Map<Category, List<Cut>> open = openCuts(guest);
        Map<Category, Figure> own = new EnumMap<>(Category.class);
        Category.served().forEach(category -> own.put(category, budgets.own(guest, factor, category)));
        Map<Category, List<Budgets.Inflow>> inflows = budgets.inflows(guest, own, open.keySet(), onMenu);
        Map<Category, Figure> all = new EnumMap<>(Category.class);
        open.keySet()
                .forEach(category -> all.put(
                        category,
                        budgets.budget(guest, category, own.get(category), inflows.getOrDefault(category, List.of()))));
        Map<Category, Set<Cut>> said = new EnumMap<>(Category.class);
        open.forEach((category, cuts) -> said.put(category, say(guest, cuts, amounts)));
        Map<Category, Double> most = new EnumMap<>(Category.class);
        open.forEach((category, cuts) ->
                most.put(category, most(guest, category, cuts, said.get(category), all.get(category), factor)));
        double left = budgets.level(guest, all, most);
        if (left > NEGLIGIBLE_G) {
            full.add(new Portions.Full(guest.id(), left));
        }
        List<GuestTotal.CategoryBudget> shares = new ArrayList<>();
        all.forEach((category, budget) -> {
            shares.add(new GuestTotal.CategoryBudget(category, budget));
            shareCategory(guest, category, open.get(category), said.get(category), budget, factor);
        });
        List<Category> empty = Category.served().stream()
                .filter(category -> own.get(category).value() > 0 && !open.containsKey(category))
                .filter(category -> onMenu.contains(category) || !Reflow.isStoodInFor(category, onMenu))
                .toList();
        return new GuestTotal(guest.id(), factor, factor, shares, empty);
    }

    private Map<Category, List<Cut>> openCuts(Guest guest) {
        Map<Category, List<Cut>> open = new EnumMap<>(Category.class);
        for (Cut cut : menu) {
            diners.against(guest, cut)
                    .ifPresentOrElse(
                            against -> bar(guest, cut, against.byWish(), against.reason()),
                            () -> open.computeIfAbsent(
                                            catalogue.ingredientOf(cut).category(), c -> new ArrayList<>())
                                    .add(cut));
        }
        return open;
    }

    private void bar(Guest guest, Cut cut, boolean byWish, String reason) {
        String instead = alternatives.instead(guest, cut);
        barred.add(new Barred(guest.id(), cut.id(), byWish, reason, instead));
        brief.decisions()
                .portion(guest, cut.id())
                .ifPresent(pin -> beaten.add(
                        new Portions.BeatenPin(guest.id(), cut.id(), pin.grams(), 0, guest.name() + ": " + reason)));
    }

    /** Cuts of which it is said how much this guest gets: by a pin, or by how much there is in all. */
    private Set<Cut> say(Guest guest, List<Cut> cuts, Amounts amounts) {
        Set<Cut> said = new LinkedHashSet<>();
        for (Cut cut : cuts) {
            brief.decisions()
                    .portion(guest, cut.id())
                    .map(pin -> pinned(guest, cut, pin))
                    .or(() -> amounts.share(guest, cut))
                    .ifPresent(grams -> {
                        shares.get(cut.id()).put(guest.id(), grams);
                        said.add(cut);
                    });
        }
        return said;
    }

    private double saidDry(Guest guest, Set<Cut> said) {
        return said.stream()
                .mapToDouble(cut -> shares.get(cut.id()).get(guest.id()).value() * cut.dryShare())
                .sum();
    }

    /** What a guest can take of a category [g]: as much of each food as one eats of it, and what the host said. */
    private double most(Guest guest, Category category, List<Cut> cuts, Set<Cut> said, Figure budget, Figure factor) {
        long foods = cuts.stream()
                .filter(cut -> !said.contains(cut))
                .map(Cut::ingredient)
                .distinct()
                .count();
        return Math.min(saidDry(guest, said), budget.value())
                + foods * mostOfOne(category, factor)
                + (foods == 0 ? budget.value() : 0);
    }

    /** The host may ask for more of a category than one usually eats of one food. */
    private double mostOfOne(Category category, Figure factor) {
        return factor.value()
                * Math.max(category.mostOfOne(), brief.portionsPerAdult().get(category));
    }

    private void shareCategory(
            Guest guest, Category category, List<Cut> cuts, Set<Cut> said, Figure budget, Figure factor) {
        List<Cut> free =
                new ArrayList<>(cuts.stream().filter(cut -> !said.contains(cut)).toList());
        Figure rest =
                said.isEmpty() ? budget : rest(guest, category, budget, Math.min(saidDry(guest, said), budget.value()));
        capFoods(guest, category, free, rest, factor);
    }

    /** Shares by liking; a food that would get more than one eats of it gets that much, and the others share the rest. */
    private void capFoods(Guest guest, Category category, List<Cut> free, Figure rest, Figure factor) {
        double most = mostOfOne(category, factor);
        Figure left = rest;
        for (int round = 1; !free.isEmpty(); round++) {
            double weights = weights(guest, free);
            Figure among = left;
            Set<String> over = free.stream()
                    .collect(Collectors.groupingBy(Cut::ingredient, LinkedHashMap::new, Collectors.toList()))
                    .entrySet()
                    .stream()
                    .filter(food -> among.value() * weights(guest, food.getValue()) / weights > most + NEGLIGIBLE_G)
                    .map(Map.Entry::getKey)
                    .collect(Collectors.toCollection(LinkedHashSet::new));
            if (over.isEmpty()) {
                free.forEach(cut -> shares.get(cut.id()).put(guest.id(), shared(guest, cut, among, weights)));
                return;
            }
            for (String food : over) {
                List<Cut> own = free.stream()
                        .filter(cut -> cut.ingredient().equals(food))
                        .toList();
                own.forEach(cut -> shares.get(cut.id()).put(guest.id(), mostOf(guest, cut, most, weights(guest, own))));
                free.removeAll(own);
            }
            left = less(guest, category, among, most * over.size(), round);
        }
    }

    private static double weights(Guest guest, List<Cut> cuts) {
        return cuts.stream()
                .mapToDouble(cut -> guest.likingOf(cut.id()).weight())
                .sum();
    }

    private Figure mostOf(Guest guest, Cut cut, double most, double weights) {
        Liking liking = guest.likingOf(cut.id());
        double divisor = weights * cut.dryShare();
        double grams = most * liking.weight() / divisor;
        return ledger.figure(portionId(guest, cut), grams, "g", text.grams(grams))
                .by(
                        guest.name() + ": " + catalogue.fullName(cut),
                        "As much as one eats of one food" + (cut.dryShare() < 1 ? ", as dry weight" : ""),
                        SHARE,
                        () -> List.of(
                                Term.of("most of one food", most, "g", text.grams(most), "by appetite", Mark.MEMORY),
                                Budgets.weight("its liking", liking.weight()),
                                Budgets.weight("all likings of that food", divisor)));
    }

    private Figure less(Guest guest, Category category, Figure among, double taken, int round) {
        double grams = Math.max(0, among.value() - taken);
        return ledger.figure("left." + guest.id() + "." + category + "." + round, grams, "g", text.grams(grams))
                .by(
                        guest.name() + ": " + category.label() + " beside what is as much as one eats",
                        "Budget less what is at its most",
                        DIFFERENCE,
                        () -> List.of(
                                Term.of("budget", among),
                                Term.of("at its most", taken, "g", text.grams(taken), "", Mark.COMPUTED)));
    }

    private Figure pinned(Guest guest, Cut cut, PortionPin pin) {
        return ledger.figure(portionId(guest, cut), pin.grams(), "g", text.grams(pin.grams()))
                .by(
                        guest.name() + ": " + catalogue.fullName(cut),
                        "Pinned by you; the rest of the category is shared anew around it",
                        GIVEN,
                        () -> List.of(
                                Term.of("pin", pin.grams(), "g", text.grams(pin.grams()), "your pin", Mark.HOST)));
    }

    private Figure rest(Guest guest, Category category, Figure budget, double pinned) {
        double grams = budget.value() - pinned;
        return ledger.figure("rest." + guest.id() + "." + category, grams, "g", text.grams(grams))
                .by(
                        guest.name() + ": " + category.label() + " beside what you said",
                        "Budget less what is said, as far as it reaches",
                        DIFFERENCE,
                        () -> List.of(
                                Term.of("budget", budget),
                                Term.of("said", pinned, "g", text.grams(pinned), "your pins and amounts", Mark.HOST)));
    }

    private Figure shared(Guest guest, Cut cut, Figure rest, double weights) {
        Liking liking = guest.likingOf(cut.id());
        double divisor = weights * cut.dryShare();
        double grams = rest.value() * liking.weight() / divisor;
        return ledger.figure(portionId(guest, cut), grams, "g", text.grams(grams))
                .by(
                        guest.name() + ": " + catalogue.fullName(cut),
                        "The category's budget shared by liking" + (cut.dryShare() < 1 ? ", as dry weight" : ""),
                        SHARE,
                        () -> List.of(
                                Term.of("budget", rest),
                                Budgets.weight(guest.name() + " " + liking.label() + " it", liking.weight()),
                                Budgets.weight(
                                        cut.dryShare() < 1
                                                ? "all likings x dry share " + KitchenText.number(cut.dryShare(), 2)
                                                : "all likings",
                                        divisor)));
    }

    static String portionId(Guest guest, Cut cut) {
        return "portion." + guest.id() + "." + cut.id();
    }

    private List<Portion> serve(Cut cut) {
        Map<String, Figure> byGuest = shares.get(cut.id());
        List<String> ids = byGuest.keySet().stream().sorted().toList();
        List<Portion> portions = new ArrayList<>();
        Double pieceGrams = cut.pieceGrams();
        if (pieceGrams == null) {
            byGuest.forEach((guest, grams) -> portions.add(
                    new Portion(guest, cut.id(), grams, null, grams, isPinned(guest, cut), isReserved(guest, cut))));
            return portions;
        }
        Set<String> reserved = ids.stream()
                .filter(id -> isReserved(id, cut) && !isPinned(id, cut))
                .collect(Collectors.toSet());
        Map<String, Double> owed = new HashMap<>(missing);
        owed.keySet().removeIf(id -> isPinned(id, cut));
        Map<String, Figure> pieces = new PieceRounding(
                        ledger, cut.id(), catalogue.fullName(cut), pieceGrams, cut.mark(), owed, claims(ids, cut))
                .round(ids, reserved, byGuest);
        byGuest.forEach((guest, grams) -> {
            Figure count = pieces.get(guest);
            double served = count.value() * pieceGrams;
            missing.merge(guest, grams.value() - served, Double::sum);
            Figure figure = ledger.figure("served." + guest + "." + cut.id(), served, "g", text.grams(served))
                    .by(
                            catalogue.fullName(cut) + " as served",
                            "Whole pieces x weight of one",
                            PRODUCT,
                            () -> List.of(
                                    Term.of("pieces", count),
                                    Term.of(
                                            "one piece",
                                            pieceGrams,
                                            "g",
                                            text.exactGrams(pieceGrams),
                                            "catalogue",
                                            cut.mark())));
            portions.add(
                    new Portion(guest, cut.id(), grams, count, figure, isPinned(guest, cut), isReserved(guest, cut)));
        });
        return portions;
    }

    private Map<String, Claim> claims(List<String> ids, Cut cut) {
        Map<String, Claim> claims = new HashMap<>();
        for (String id : ids) {
            if (isPinned(id, cut)) {
                claims.put(id, Claim.SETTLED);
            } else if (guest(id).likingOf(cut.id()) == Liking.LOVE) {
                claims.put(id, Claim.FIRST);
            }
        }
        return claims;
    }

    private boolean isPinned(String guest, Cut cut) {
        return brief.decisions().portion(guest(guest), cut.id()).isPresent();
    }

    private boolean isReserved(String guest, Cut cut) {
        return guest(guest).wishFor(cut.id()).map(Wish::reserved).orElse(false);
    }

    private CutTotal total(Cut cut, List<Portion> own) {
        double plate = heldBack(cut);
        double grams =
                plate + own.stream().mapToDouble(line -> line.served().value()).sum();
        String name = catalogue.fullName(cut);
        Figure total = ledger.figure("total." + cut.id(), grams, "g", text.grams(grams))
                .by(
                        name + ", all guests",
                        "Everybody's portion as served",
                        SUM,
                        () -> Stream.concat(
                                        own.stream().map(line -> Term.of(nameOf(line.guest()), line.served())),
                                        plate > 0
                                                ? Stream.of(Term.of(
                                                        "for seconds", plate, "g", text.grams(plate), "", Mark.HOST))
                                                : Stream.empty())
                                .toList());
        Figure pieces = cut.counted() ? pieceTotal(cut, name, own, plate) : null;
        boolean tooFew = own.stream()
                .anyMatch(line -> line.pieces() != null
                        && line.pieces().value() == 0
                        && !line.pinned()
                        && guest(line.guest()).likingOf(cut.id()) == Liking.LOVE);
        return new CutTotal(
                cut.id(), name, catalogue.ingredientOf(cut).category(), brief.boughtOf(cut), total, pieces, tooFew);
    }

    /** On the plate for second helpings, in whole pieces of what is counted [g]. */
    private double heldBack(Cut cut) {
        double plate = brief.item(cut.id()).heldBackGrams();
        Double piece = cut.counted() ? cut.pieceGrams() : null;
        return piece == null ? plate : StrictMath.ceil(plate / piece) * piece;
    }

    private Figure pieceTotal(Cut cut, String name, List<Portion> own, double plate) {
        double held = plate / Objects.requireNonNull(cut.pieceGrams());
        double pieces = held
                + own.stream()
                        .mapToDouble(line ->
                                line.pieces() == null ? 0 : line.pieces().value())
                        .sum();
        return ledger.figure("count." + cut.id(), pieces, "pieces", KitchenText.pieces(Math.round(pieces)))
                .by(
                        name + ", pieces",
                        "Everybody's pieces",
                        SUM,
                        () -> Stream.concat(
                                        own.stream()
                                                .filter(line -> line.pieces() != null)
                                                .map(line -> Term.of(
                                                        nameOf(line.guest()), Objects.requireNonNull(line.pieces()))),
                                        held > 0
                                                ? Stream.of(Term.of(
                                                        "for seconds",
                                                        held,
                                                        "pieces",
                                                        KitchenText.pieces(Math.round(held)),
                                                        "",
                                                        Mark.HOST))
                                                : Stream.empty())
                                .toList());
    }

    private GuestTotal withFood(GuestTotal draft, List<Portion> lines) {
        List<Portion> own = lines.stream()
                .filter(line -> line.guest().equals(draft.guest()))
                .toList();
        double grams = own.stream().mapToDouble(line -> line.served().value()).sum();
        Figure food = ledger.figure("food." + draft.guest(), grams, "g", text.grams(grams))
                .by(
                        "All food for " + nameOf(draft.guest()),
                        "All portions as served",
                        SUM,
                        () -> own.stream()
                                .map(line -> Term.of(catalogue.fullName(catalogue.cut(line.cut())), line.served()))
                                .toList());
        return new GuestTotal(draft.guest(), draft.factor(), food, draft.budgets(), draft.empty());
    }

    private String nameOf(String guest) {
        return guest(guest).name();
    }

    private Guest guest(String id) {
        return Objects.requireNonNull(guests.get(id), id);
    }
}
