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
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Decisions.PortionPin;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.brief.Wish;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.cooking.Windows;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;

/** Shares the food among the guests. One use per plan. */
public final class PortionPlanner {
    private final Brief brief;
    private final Catalogue catalogue;
    private final Windows windows;
    private final Ledger ledger;
    private final KitchenText text;
    private final List<Cut> menu;
    private final Budgets budgets;
    private final Alternatives alternatives;
    private final List<Barred> barred = new ArrayList<>();
    private final List<Portions.BeatenPin> beaten = new ArrayList<>();
    private final Map<String, Figure> factors = new LinkedHashMap<>();
    /** What each guest has missed by rounding to whole pieces so far; negative where it was too much [g]. */
    private final Map<String, Double> missing = new HashMap<>();
    /** Exact shares by cut, then guest. */
    private final Map<String, Map<String, Figure>> shares = new LinkedHashMap<>();

    public PortionPlanner(Brief brief, Catalogue catalogue, Windows windows, Ledger ledger, KitchenText text) {
        this.windows = windows;
        this.brief = brief;
        this.catalogue = catalogue;
        this.ledger = ledger;
        this.text = text;
        this.menu = brief.menu().stream()
                .map(MenuItem::cut)
                .map(catalogue::cut)
                .sorted(Comparator.comparing(
                        (Cut cut) -> catalogue.ingredientOf(cut).category()))
                .toList();
        this.budgets = new Budgets(brief, ledger, text);
        this.alternatives = new Alternatives(catalogue, menu);
    }

    public Portions plan() {
        menu.forEach(cut -> shares.put(cut.id(), new LinkedHashMap<>()));
        List<GuestTotal> drafts = brief.guests().stream().map(this::share).toList();
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
        return new Portions(eaters, food, guests, cuts, lines, barred, beaten, trades);
    }

    /** Fills {@link #shares} for one guest. */
    private GuestTotal share(Guest guest) {
        Figure factor = budgets.factor(guest);
        factors.put(guest.id(), factor);
        Map<Category, List<Cut>> open = openCuts(guest);
        Map<Category, Figure> own = new EnumMap<>(Category.class);
        Category.served().forEach(category -> own.put(category, budgets.own(guest, factor, category)));
        List<GuestTotal.CategoryBudget> shares = new ArrayList<>();
        Map<Category, List<Figure>> inflows = budgets.inflows(guest, own, open.keySet());
        open.forEach((category, cuts) -> {
            Figure budget =
                    budgets.budget(guest, category, own.get(category), inflows.getOrDefault(category, List.of()));
            shares.add(new GuestTotal.CategoryBudget(category, budget));
            shareCategory(guest, category, cuts, budget);
        });
        List<Category> empty = Category.served().stream()
                .filter(category -> own.get(category).value() > 0 && !open.containsKey(category))
                .toList();
        return new GuestTotal(guest.id(), factor, factor, shares, empty);
    }

    private Map<Category, List<Cut>> openCuts(Guest guest) {
        Map<Category, List<Cut>> open = new EnumMap<>(Category.class);
        for (Cut cut : menu) {
            Content content = Content.of(cut, catalogue);
            List<Need> broken = Needs.brokenByEating(guest, content);
            Liking liking = guest.likingOf(cut.id());
            if (!broken.isEmpty()) {
                bar(guest, cut, false, Needs.labels(broken, content));
            } else if (liking == Liking.NEVER) {
                bar(guest, cut, true, "never eats it");
            } else {
                open.computeIfAbsent(catalogue.ingredientOf(cut).category(), c -> new ArrayList<>())
                        .add(cut);
            }
        }
        return open;
    }

    private void bar(Guest guest, Cut cut, boolean byWish, String reason) {
        String instead = alternatives.instead(guest, cut);
        barred.add(new Barred(guest.id(), cut.id(), byWish, reason, instead));
        brief.decisions()
                .portion(guest.id(), cut.id())
                .ifPresent(pin -> beaten.add(
                        new Portions.BeatenPin(guest.id(), cut.id(), pin.grams(), 0, guest.name() + ": " + reason)));
    }

    private void shareCategory(Guest guest, Category category, List<Cut> cuts, Figure budget) {
        Map<Cut, PortionPin> pins = new LinkedHashMap<>();
        cuts.forEach(cut -> brief.decisions().portion(guest.id(), cut.id()).ifPresent(pin -> pins.put(cut, pin)));
        pins.forEach((cut, pin) -> shares.get(cut.id()).put(guest.id(), pinned(guest, cut, pin)));
        List<Cut> free = cuts.stream().filter(cut -> !pins.containsKey(cut)).toList();
        double pinnedDry = pins.entrySet().stream()
                .mapToDouble(entry -> entry.getValue().grams() * entry.getKey().dryShare())
                .sum();
        Figure rest = pins.isEmpty() ? budget : rest(guest, category, budget, Math.min(pinnedDry, budget.value()));
        double weights = free.stream()
                .mapToDouble(cut -> guest.likingOf(cut.id()).weight())
                .sum();
        free.forEach(cut -> shares.get(cut.id()).put(guest.id(), shared(guest, cut, rest, weights)));
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
                        guest.name() + ": " + category.label() + " beside the pins",
                        "Budget less what is pinned, as far as it reaches",
                        DIFFERENCE,
                        () -> List.of(
                                Term.of("budget", budget),
                                Term.of("pinned", pinned, "g", text.grams(pinned), "your pins", Mark.HOST)));
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

    private static String portionId(Guest guest, Cut cut) {
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
                        ledger, cut.id(), catalogue.fullName(cut), pieceGrams, cut.mark(), owed)
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

    private boolean isPinned(String guest, Cut cut) {
        return brief.decisions().portion(guest, cut.id()).isPresent();
    }

    private boolean isReserved(String guest, Cut cut) {
        return brief.guest(guest)
                .flatMap(g -> g.wishFor(cut.id()))
                .map(Wish::isReserved)
                .orElse(false);
    }

    private CutTotal total(Cut cut, List<Portion> own) {
        double grams = own.stream().mapToDouble(line -> line.served().value()).sum();
        String name = catalogue.fullName(cut);
        Figure total = ledger.figure("total." + cut.id(), grams, "g", text.grams(grams))
                .by(
                        name + ", all guests",
                        "Everybody's portion as served",
                        SUM,
                        () -> own.stream()
                                .map(line -> Term.of(nameOf(line.guest()), line.served()))
                                .toList());
        Figure pieces = cut.counted() ? pieceTotal(cut, name, own) : null;
        boolean tooFew = own.stream()
                .anyMatch(line -> line.pieces() != null
                        && line.pieces().value() == 0
                        && !line.pinned()
                        && brief.guest(line.guest()).orElseThrow().likingOf(cut.id()) == Liking.LOVE);
        return new CutTotal(cut.id(), name, catalogue.ingredientOf(cut).category(), total, pieces, tooFew);
    }

    private Figure pieceTotal(Cut cut, String name, List<Portion> own) {
        double pieces = own.stream()
                .mapToDouble(line -> line.pieces() == null ? 0 : line.pieces().value())
                .sum();
        return ledger.figure("count." + cut.id(), pieces, "pieces", KitchenText.pieces(Math.round(pieces)))
                .by(
                        name + ", pieces",
                        "Everybody's pieces",
                        SUM,
                        () -> own.stream()
                                .filter(line -> line.pieces() != null)
                                .map(line ->
                                        Term.of(nameOf(line.guest()), java.util.Objects.requireNonNull(line.pieces())))
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
        return brief.guest(guest).orElseThrow().name();
    }
}
