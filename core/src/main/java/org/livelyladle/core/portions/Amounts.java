package org.livelyladle.core.portions;

import static org.livelyladle.core.measure.Operation.PRODUCT;
import static org.livelyladle.core.measure.Operation.SHARE;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Amount;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Decisions.OfferPin;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;

/** Cuts of which the host said how much there is to be, shared among those who may have them by appetite and liking. */
final class Amounts {
    private static final double GRAMS_EPSILON = 1e-9;

    /** What an amount comes to at the table [g]. */
    private record Target(Amount amount, double grams, String text) {}

    private final Brief brief;
    private final Catalogue catalogue;
    private final Ledger ledger;
    private final KitchenText text;
    private final Diners diners;
    private final Map<String, Target> targets = new HashMap<>();
    private final Map<String, Map<String, Double>> weights = new HashMap<>();
    private final List<Portions.Wordless> wordless = new ArrayList<>();

    /**
     * @param factors appetite by guest
     * @param natural grams of each cut when nobody says how much, for amounts that start from it
     */
    Amounts(
            Brief brief,
            Catalogue catalogue,
            Ledger ledger,
            KitchenText text,
            Map<String, Figure> factors,
            Map<String, Double> natural) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.ledger = ledger;
        this.text = text;
        this.diners = new Diners(brief, catalogue);
        for (MenuItem item : brief.menu()) {
            if (item.amount() != null) {
                Cut cut = catalogue.cut(item.cut());
                weights.put(cut.id(), weights(cut, factors));
                target(item.amount(), cut, natural).ifPresent(target -> targets.put(cut.id(), target));
            }
        }
    }

    /** Amounts in packs nobody sells. */
    List<Portions.Wordless> wordless() {
        return wordless;
    }

    /** Whether portions without any amounts are needed first. */
    static boolean startFromPortions(MenuItem item) {
        return item.amount() != null
                && (item.amount().unit() == Amount.Unit.UP_TO || item.amount().unit() == Amount.Unit.EAT_UP);
    }

    /** What a guest gets of a cut of which the host said how much there is [g]. */
    Optional<Figure> share(Guest guest, Cut cut) {
        Target target = targets.get(cut.id());
        Double weight = weights.getOrDefault(cut.id(), Map.of()).get(guest.id());
        if (target == null || weight == null) {
            return Optional.empty();
        }
        return Optional.of(
                target.amount().unit() == Amount.Unit.PIECES_EACH
                        ? each(guest, cut, target)
                        : part(guest, cut, target, weight));
    }

    private Figure each(Guest guest, Cut cut, Target target) {
        return figure(guest, cut, target.grams())
                .by(
                        title(guest, cut),
                        "So many pieces for each, as you said",
                        PRODUCT,
                        () -> List.of(
                                Term.of("pieces each", target.amount().count(), "1", target.text(), "", Mark.HOST),
                                Term.of(
                                        "one piece",
                                        pieceGrams(cut),
                                        "g",
                                        text.exactGrams(pieceGrams(cut)),
                                        "catalogue",
                                        cut.mark())));
    }

    private Figure part(Guest guest, Cut cut, Target target, double weight) {
        double all = weights.get(cut.id()).values().stream()
                .mapToDouble(Double::doubleValue)
                .sum();
        return figure(guest, cut, target.grams() * weight / all)
                .by(
                        title(guest, cut),
                        "What you said there is, shared by appetite and liking",
                        SHARE,
                        () -> List.of(
                                Term.of("in all", target.grams(), "g", target.text(), "your words", Mark.HOST),
                                Term.of(
                                        "appetite x liking",
                                        weight,
                                        "1",
                                        KitchenText.number(weight, 2),
                                        "",
                                        Mark.COMPUTED),
                                Term.of("of all", all, "1", KitchenText.number(all, 2), "", Mark.COMPUTED)));
    }

    private Ledger.Draft figure(Guest guest, Cut cut, double grams) {
        return ledger.figure(PortionPlanner.portionId(guest, cut), grams, "g", text.grams(grams));
    }

    private String title(Guest guest, Cut cut) {
        return guest.name() + ": " + catalogue.fullName(cut);
    }

    /** Of those who share it; who has a pinned portion has that. */
    private Map<String, Double> weights(Cut cut, Map<String, Figure> factors) {
        Map<String, Double> byGuest = new HashMap<>();
        diners.of(cut).stream()
                .filter(guest -> brief.decisions().portion(guest, cut.id()).isEmpty())
                .forEach(guest -> byGuest.put(
                        guest.id(),
                        factors.get(guest.id()).value()
                                * guest.likingOf(cut.id()).weight()));
        return byGuest;
    }

    private Optional<Target> target(Amount amount, Cut cut, Map<String, Double> natural) {
        double count = amount.count();
        Ingredient ingredient = catalogue.ingredientOf(cut);
        return switch (amount.unit()) {
            case GRAMS -> Optional.of(shared(cut, amount, count, text.grams(count)));
            case PIECES ->
                Optional.of(shared(cut, amount, count * pieceGrams(cut), KitchenText.pieces(Math.round(count))));
            case PIECES_EACH ->
                Optional.of(new Target(amount, count * pieceGrams(cut), KitchenText.pieces(Math.round(count))));
            case PACKS -> packs(cut, amount, count);
            case ONES -> {
                Integer one = ingredient.oneGrams();
                yield one == null
                        ? packs(cut, amount, count)
                        : Optional.of(bought(cut, amount, count * one, ingredient, count + " x " + text.grams(one)));
            }
            case UP_TO ->
                natural.getOrDefault(cut.id(), 0.0) <= count + GRAMS_EPSILON
                        ? Optional.empty()
                        : Optional.of(shared(cut, amount, count, text.grams(count)));
            case EAT_UP -> {
                double need = natural.getOrDefault(cut.id(), 0.0) / ingredient.edibleShare();
                Integer pack = packGrams(cut);
                yield need <= GRAMS_EPSILON || pack == null
                        ? Optional.empty()
                        : packs(cut, amount, Math.ceil(need / pack - GRAMS_EPSILON));
            }
        };
    }

    private Optional<Target> packs(Cut cut, Amount amount, double count) {
        Integer pack = packGrams(cut);
        if (pack == null) {
            wordless.add(new Portions.Wordless(cut.id(), amount));
            return Optional.empty();
        }
        return Optional.of(bought(
                cut,
                amount,
                count * pack,
                catalogue.ingredientOf(cut),
                KitchenText.number(count, 2) + " x " + text.grams(pack)));
    }

    private Target bought(Cut cut, Amount amount, double grams, Ingredient ingredient, String said) {
        double pieces = cut.counted() ? pieceGrams(cut) : 0;
        double served = grams * ingredient.edibleShare();
        // no piece more than is bought
        return shared(cut, amount, pieces > 0 ? Math.floor(served / pieces + GRAMS_EPSILON) * pieces : served, said);
    }

    /** Who has a pinned portion has it out of what there is. */
    private Target shared(Cut cut, Amount amount, double grams, String said) {
        double pinned = diners.of(cut).stream()
                .flatMap(guest -> brief.decisions().portion(guest, cut.id()).stream())
                .mapToDouble(pin -> pin.grams())
                .sum();
        return new Target(amount, Math.max(0, grams - pinned), said);
    }

    /** A pack as it is pinned, else the first on offer in the state it is bought in [g]. */
    private @Nullable Integer packGrams(Cut cut) {
        String pinned = brief.decisions().offers().stream()
                .filter(pin -> pin.ingredient().equals(cut.ingredient()))
                .map(OfferPin::offer)
                .findFirst()
                .orElse("");
        List<Offer> packs = brief.prices().offers().stream()
                .filter(offer -> offer.ingredient().equals(cut.ingredient()) && !offer.soldLoose())
                .toList();
        return packs.stream()
                .filter(offer -> offer.id().equals(pinned))
                .findFirst()
                .or(() -> packs.stream()
                        .filter(offer -> offer.isSoldAs(brief.boughtOf(cut)))
                        .findFirst())
                .or(() -> packs.stream().findFirst())
                .map(Offer::unitGrams)
                .orElse(catalogue.ingredientOf(cut).oneGrams());
    }

    private static double pieceGrams(Cut cut) {
        Double grams = cut.pieceGrams();
        return grams == null ? 1 : grams;
    }
}
