package org.livelyladle.core.purchases;

import static org.livelyladle.core.measure.Operation.DIFFERENCE;
import static org.livelyladle.core.measure.Operation.GIVEN;
import static org.livelyladle.core.measure.Operation.PRODUCT;
import static org.livelyladle.core.measure.Operation.SUM;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Deal;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.Shop;
import org.livelyladle.core.broths.Broths;
import org.livelyladle.core.catalogue.Aisle;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.extras.Extras;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.facts.PartyEvent;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;
import org.livelyladle.core.packs.PackSolver;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.sauces.Sauces;
import org.livelyladle.core.table.EndingPlan;

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
    private final List<Draft> drafts = new ArrayList<>();
    private final Shelf shelf;
    private final PackChooser chooser;

    private record Draft(String trip, Aisle aisle, Purchases.Line line) {}

    /** @param now at the party, local time: what was not bought on a trip that is past is bought on the next to its shop */
    public PurchasePlanner(
            Brief brief, Catalogue catalogue, Facts facts, LocalDateTime now, Ledger ledger, KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.facts = facts;
        this.ledger = ledger;
        this.text = text;
        this.shelf = new Shelf(brief, catalogue, facts, now);
        this.chooser = new PackChooser(brief, facts);
    }

    /** @param ending what the meal ends with, if anything */
    public Purchases plan(Portions portions, Broths broths, Sauces sauces, Extras extras, @Nullable EndingPlan ending) {
        List<Purchases.Need> needs = new NeedCollector(brief, catalogue, facts, ledger, text)
                .collect(portions, broths, sauces, extras, ending);
        facts.bought().forEach(this::addBought);
        needs.stream().filter(need -> need.missing().value() > NEGLIGIBLE_G).forEach(this::choose);
        chooser.takeThresholds();
        chooser.choices().forEach(this::addPlanned);
        List<Purchases.DealUse> deals =
                chooser.usedDeals().stream().map(this::dealUse).toList();
        List<Purchases.Trip> trips = brief.shops().stream()
                .flatMap(shop -> shop.trips().stream())
                .sorted(Comparator.comparing(Shop.Trip::at))
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
        return new Purchases(bill, trips, needs, unoffered, tooEarly, soldOut(needs), shelf.beatenPins(), deals);
    }

    private void choose(Purchases.Need need) {
        List<Offer> offers = shelf.offers(need.ingredient());
        if (offers.isEmpty()) {
            shelf.mayHaveIt(need.ingredient())
                    .ifPresentOrElse(
                            trip -> addUnpriced(trip, need),
                            () -> unoffered.add(
                                    new Purchases.Unoffered(need.ingredient(), need.name(), need.missing())));
        } else {
            chooser.choose(need.ingredient(), need.missing().value(), offers);
        }
    }

    private void addPlanned(Choice choice) {
        String over = text.exactGrams(choice.wasteGrams()) + " over";
        choice.picked().forEach(pick -> addPlanned(pick, over));
    }

    private Purchases.DealUse dealUse(PackChooser.Used used) {
        Deal deal = used.deal();
        Offer offer = brief.prices().offers().stream()
                .filter(o -> o.id().equals(deal.offer()))
                .findFirst()
                .orElseThrow();
        double saved = used.before() - used.after();
        Figure figure = ledger.figure("deal." + deal.id(), saved, "cents", text.money(saved))
                .by(
                        "Saved by the deal on " + offer.name(),
                        "Price and waste value without the deal, less with it",
                        DIFFERENCE,
                        () -> List.of(
                                Term.of(
                                        "without",
                                        used.before(),
                                        "cents",
                                        text.money(used.before()),
                                        "",
                                        Mark.COMPUTED),
                                Term.of("with", used.after(), "cents", text.money(used.after()), "", Mark.COMPUTED)));
        String terms = deal.isBundle()
                ? deal.take() + " for " + deal.pay() + ": " + offer.name()
                : offer.name() + " free from " + text.money(Objects.requireNonNull(deal.spendCents())) + " on";
        return new Purchases.DealUse(deal.id(), offer.shop(), terms, figure);
    }

    private List<Purchases.SoldOut> soldOut(List<Purchases.Need> needs) {
        Set<String> needed = needs.stream().map(Purchases.Need::ingredient).collect(Collectors.toSet());
        return brief.prices().offers().stream()
                .filter(offer -> facts.soldOut().contains(offer.id()) && needed.contains(offer.ingredient()))
                .map(offer -> new Purchases.SoldOut(offer.id(), offer.ingredient(), offer.name(), offer.shop()))
                .toList();
    }

    private void addPlanned(Choice.Picked pick, String over) {
        Offer offer = pick.offer();
        int count = pick.count();
        int paid = count - pick.free();
        double cents = PackSolver.roundHalfUp(pick.cents());
        String id = "buy." + offer.id();
        Figure exact = ledger.figure(id + ".exact", pick.cents(), "cents", text.money(cents))
                .by(
                        offer.name() + ", before rounding",
                        "Count x price; packs chosen for the least price and waste together",
                        PRODUCT,
                        () -> List.of(
                                Term.of(
                                        (offer.soldLoose() ? "steps of " + offer.unitGrams() + " g" : "packs")
                                                + (pick.free() > 0 ? " paid, " + pick.free() + " free" : ""),
                                        paid,
                                        "1",
                                        String.valueOf(paid),
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
        Shop.Trip trip = shelf.tripFor(offer);
        int days = shelf.daysBefore(trip);
        if (days > ingredient.keepsDays()) {
            tooEarly.add(new Purchases.TooEarly(
                    ingredient.id(), ingredient.name(), trip.id(), ingredient.keepsDays(), days));
        }
        Aisle aisle = aisle(offer.ingredient());
        drafts.add(new Draft(
                trip.id(),
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
                        pick.free() > 0 ? pick.free() + " free" : null,
                        null)));
    }

    /** On the list of a shop nobody knows the prices of. */
    private void addUnpriced(Shop.Trip trip, Purchases.Need need) {
        String id = "buy." + PartyEvent.SOMETHING_ELSE + need.ingredient();
        Aisle aisle = aisle(need.ingredient());
        Figure cost = ledger.figure(id, 0, "cents", "no price")
                .by(
                        need.name(),
                        "Nobody has said what it costs; it is not in the bill",
                        GIVEN,
                        () -> List.of(Term.of("price", 0, "cents", "not known", "", Mark.HOST)));
        drafts.add(new Draft(
                trip.id(),
                aisle,
                new Purchases.Line(
                        id,
                        PartyEvent.SOMETHING_ELSE + need.ingredient(),
                        need.ingredient(),
                        need.name(),
                        aisle.label(),
                        1,
                        need.missing().value(),
                        need.missing().text(),
                        "",
                        cost,
                        null,
                        null,
                        null)));
    }

    private void addBought(Facts.Bought bought) {
        if (catalogue.findIngredient(bought.ingredient()).isEmpty()) {
            return;
        }
        Optional<Offer> offer = brief.prices().offers().stream()
                .filter(o -> o.id().equals(bought.offer()))
                .findFirst();
        Optional<String> trip = offer.map(shelf::plannedTripFor)
                .or(() -> shelf.mayHaveIt(bought.ingredient()))
                .map(Shop.Trip::id)
                .or(() -> brief.shops().stream().map(Shop::id).findFirst());
        if (trip.isEmpty()) {
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
                trip.get(),
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

    private Purchases.Trip trip(Shop.Trip trip) {
        Shop shop = trip.shop();
        List<Aisle> walk = shop.walk();
        List<Purchases.Line> lines = drafts.stream()
                .filter(draft -> draft.trip().equals(trip.id()))
                .sorted(Comparator.comparing((Draft draft) -> walk.indexOf(draft.aisle()))
                        .thenComparing(draft -> draft.line().name()))
                .map(Draft::line)
                .toList();
        List<Purchases.Line> bought =
                lines.stream().filter(line -> line.boughtEvent() != null).toList();
        Figure bill = sum("bill." + trip.id(), "Bill at " + shop.name(), "All lines, bought ones as paid", lines);
        Figure paid = sum("paid." + trip.id(), "Paid at " + shop.name(), "What is ticked off", bought);
        return new Purchases.Trip(trip.id(), shop.id(), shop.name(), trip.at(), bill, paid, lines);
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
