package org.livelyladle.core.purchases;

import static org.livelyladle.core.measure.Operation.GIVEN;
import static org.livelyladle.core.measure.Operation.PRODUCT;
import static org.livelyladle.core.measure.Operation.SUM;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Decisions.OfferPin;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.Shop;
import org.livelyladle.core.broths.Broths;
import org.livelyladle.core.catalogue.Aisle;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;
import org.livelyladle.core.packs.PackProblem;
import org.livelyladle.core.packs.PackSolution;
import org.livelyladle.core.packs.PackSolver;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.sauces.Sauces;

/** Turns needs into packs, and packs into lists by shop and aisle. */
public final class PurchasePlanner {
    /** A gram or less is not worth a trip. */
    private static final double NEGLIGIBLE_G = 0.5;

    private final Brief brief;
    private final Catalogue catalogue;
    private final Facts facts;
    private final Ledger ledger;
    private final KitchenText text;
    private final List<Purchases.Unoffered> unoffered = new ArrayList<>();
    private final List<Purchases.TooEarly> tooEarly = new ArrayList<>();
    private final List<Purchases.BeatenPin> beaten = new ArrayList<>();
    private final List<Draft> drafts = new ArrayList<>();

    private record Draft(String shop, Aisle aisle, Purchases.Line line) {}

    public PurchasePlanner(Brief brief, Catalogue catalogue, Facts facts, Ledger ledger, KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.facts = facts;
        this.ledger = ledger;
        this.text = text;
    }

    public Purchases plan(Portions portions, Broths broths, Sauces sauces) {
        List<Purchases.Need> needs =
                new NeedCollector(brief, catalogue, facts, ledger, text).collect(portions, broths, sauces);
        facts.bought().forEach(this::addBought);
        needs.stream().filter(need -> need.missing().value() > NEGLIGIBLE_G).forEach(this::addPacks);
        List<Purchases.Trip> trips = brief.shops().stream()
                .sorted(Comparator.comparing(Shop::tripAt))
                .map(this::trip)
                .filter(trip -> !trip.lines().isEmpty())
                .toList();
        double cents = trips.stream().mapToDouble(trip -> trip.bill().value()).sum();
        Figure bill = ledger.figure("bill", cents, "cents", text.money(cents))
                .by(
                        "The bill",
                        "All shops together",
                        SUM,
                        () -> trips.stream()
                                .map(trip -> Term.of(trip.name(), trip.bill()))
                                .toList());
        return new Purchases(bill, trips, needs, unoffered, tooEarly, soldOut(needs), beaten);
    }

    private void addPacks(Purchases.Need need) {
        List<Offer> offers = offers(need);
        if (offers.isEmpty()) {
            unoffered.add(new Purchases.Unoffered(need.ingredient(), need.name(), need.missing()));
            return;
        }
        double missing = need.missing().value();
        PackSolution solution = PackSolver.solve(new PackProblem(
                List.of(new PackProblem.Need(need.ingredient(), missing)),
                offers.stream().map(PurchasePlanner::asPack).toList(),
                brief.wasteCentsPerKg(),
                List.of()));
        String over = text.exactGrams(solution.wasteGrams()) + " over";
        for (PackSolution.Line line : solution.lines()) {
            Offer offer = offers.stream()
                    .filter(o -> o.id().equals(line.offer()))
                    .findFirst()
                    .orElseThrow();
            addPlanned(offer, line.count(), over);
        }
    }

    /** With its unrounded price, as the search for the cheapest packs takes it. */
    private static PackProblem.PackOffer asPack(Offer offer) {
        return PackProblem.PackOffer.unit(offer.id(), offer.ingredient(), offer.unitGrams(), offer.unitCents());
    }

    private List<Offer> offers(Purchases.Need need) {
        List<Offer> all = brief.prices().offers().stream()
                .filter(offer -> offer.ingredient().equals(need.ingredient()))
                .filter(offer -> !facts.soldOut().contains(offer.id()))
                .toList();
        Optional<OfferPin> pin = brief.decisions().offers().stream()
                .filter(p -> p.ingredient().equals(need.ingredient()))
                .findFirst();
        if (pin.isEmpty()) {
            return fresh(all);
        }
        List<Offer> pinned = all.stream()
                .filter(offer -> offer.id().equals(pin.get().offer()))
                .toList();
        if (pinned.isEmpty()) {
            beaten.add(new Purchases.BeatenPin(need.ingredient(), pin.get().offer(), "it is not on offer now"));
            return fresh(all);
        }
        return pinned;
    }

    /** Offers on trips late enough for how long it keeps; all when there are none such. */
    private List<Offer> fresh(List<Offer> offers) {
        List<Offer> fresh = offers.stream()
                .filter(offer -> daysBefore(offer)
                        <= catalogue.ingredient(offer.ingredient()).keepsDays())
                .toList();
        return fresh.isEmpty() ? offers : fresh;
    }

    /** From the trip to the offer's shop until sitting down [d]. */
    private int daysBefore(Offer offer) {
        return brief.shops().stream()
                .filter(shop -> shop.id().equals(offer.shop()))
                .findFirst()
                .map(shop -> (int) ChronoUnit.DAYS.between(
                        shop.tripAt().toLocalDate(), brief.sitDown().toLocalDate()))
                .orElse(0);
    }

    private List<Purchases.SoldOut> soldOut(List<Purchases.Need> needs) {
        Set<String> needed = needs.stream().map(Purchases.Need::ingredient).collect(Collectors.toSet());
        return brief.prices().offers().stream()
                .filter(offer -> facts.soldOut().contains(offer.id()) && needed.contains(offer.ingredient()))
                .map(offer -> new Purchases.SoldOut(offer.id(), offer.ingredient(), offer.name(), offer.shop()))
                .toList();
    }

    private void addPlanned(Offer offer, int count, String over) {
        double cents = PackSolver.roundHalfUp(count * offer.unitCents());
        String id = "buy." + offer.id();
        Figure exact = ledger.figure(id + ".exact", count * offer.unitCents(), "cents", text.money(cents))
                .by(
                        offer.name() + ", before rounding",
                        "Count x price; packs chosen for the least price and waste together",
                        PRODUCT,
                        () -> List.of(
                                Term.of(
                                        offer.soldLoose() ? "steps of " + offer.unitGrams() + " g" : "packs",
                                        count,
                                        "1",
                                        String.valueOf(count),
                                        "least-cost search over all packs",
                                        Mark.COMPUTED),
                                Term.of(
                                        "price of one",
                                        offer.unitCents(),
                                        "cents",
                                        text.money(offer.unitCents()),
                                        "prices of " + brief.prices().asOf(),
                                        Mark.HOST)));
        Figure cost = ledger.figure(id, cents, "cents", text.money(cents))
                .by(
                        offer.name(),
                        "Rounded to whole cents",
                        SUM,
                        () -> List.of(
                                Term.of("count x price", exact),
                                Term.of(
                                        "rounding",
                                        cents - exact.value(),
                                        "cents",
                                        KitchenText.number(cents - exact.value(), 2),
                                        "half up",
                                        Mark.COMPUTED)));
        int grams = count * offer.unitGrams();
        Ingredient ingredient = catalogue.ingredient(offer.ingredient());
        int days = daysBefore(offer);
        if (days > ingredient.keepsDays()) {
            tooEarly.add(new Purchases.TooEarly(
                    ingredient.id(), ingredient.name(), offer.shop(), ingredient.keepsDays(), days));
        }
        Aisle aisle = aisle(offer.ingredient());
        drafts.add(new Draft(
                offer.shop(),
                aisle,
                new Purchases.Line(
                        id,
                        offer.id(),
                        offer.ingredient(),
                        offer.name(),
                        aisle.label(),
                        count,
                        grams,
                        amount(offer, count),
                        unitPrice(offer),
                        cost,
                        over,
                        null)));
    }

    private void addBought(Facts.Bought bought) {
        Optional<Offer> offer = brief.prices().offers().stream()
                .filter(o -> o.id().equals(bought.offer()))
                .findFirst();
        Optional<String> shop = offer.map(Offer::shop)
                .or(() -> brief.shops().stream().map(Shop::id).findFirst());
        if (shop.isEmpty() || catalogue.findIngredient(bought.ingredient()).isEmpty()) {
            return;
        }
        String id = "bought." + bought.event();
        String name = offer.map(Offer::name)
                .orElseGet(() -> catalogue.ingredient(bought.ingredient()).name());
        Figure cost = ledger.figure(id, bought.priceCents(), "cents", text.money(bought.priceCents()))
                .by(
                        name + ", bought",
                        "What was paid",
                        GIVEN,
                        () -> List.of(Term.of(
                                "paid",
                                bought.priceCents(),
                                "cents",
                                text.money(bought.priceCents()),
                                "ticked off",
                                Mark.HOST)));
        Aisle aisle = aisle(bought.ingredient());
        drafts.add(new Draft(
                shop.get(),
                aisle,
                new Purchases.Line(
                        id,
                        bought.offer(),
                        bought.ingredient(),
                        name,
                        aisle.label(),
                        bought.count(),
                        bought.grams(),
                        offer.map(o -> amount(o, bought.count())).orElse(text.grams(bought.grams())),
                        offer.map(this::unitPrice).orElse(""),
                        cost,
                        null,
                        bought.event())));
    }

    private Aisle aisle(String ingredient) {
        return catalogue.ingredient(ingredient).aisle();
    }

    private String amount(Offer offer, int count) {
        return offer.soldLoose()
                ? text.grams(count * (double) offer.unitGrams()) + " loose"
                : count + " × " + text.grams(offer.unitGrams());
    }

    private String unitPrice(Offer offer) {
        return text.money(offer.unitCents() * 1000 / offer.unitGrams()) + " a kg";
    }

    private Purchases.Trip trip(Shop shop) {
        List<Purchases.Line> lines = drafts.stream()
                .filter(draft -> draft.shop().equals(shop.id()))
                .sorted(Comparator.comparing(Draft::aisle)
                        .thenComparing(draft -> draft.line().name()))
                .map(Draft::line)
                .toList();
        List<Purchases.Line> bought =
                lines.stream().filter(line -> line.boughtEvent() != null).toList();
        Figure bill = sum("bill." + shop.id(), "Bill at " + shop.name(), "All lines, bought ones as paid", lines);
        Figure paid = sum("paid." + shop.id(), "Paid at " + shop.name(), "What is ticked off", bought);
        return new Purchases.Trip(shop.id(), shop.name(), shop.tripAt(), bill, paid, lines);
    }

    private Figure sum(String id, String label, String rule, List<Purchases.Line> lines) {
        double cents = lines.stream().mapToDouble(line -> line.cost().value()).sum();
        return ledger.figure(id, cents, "cents", text.money(cents))
                .by(
                        label,
                        rule,
                        SUM,
                        () -> lines.stream()
                                .map(line -> Term.of(line.name(), line.cost()))
                                .toList());
    }
}
