package org.livelyladle.core.portions;

import static org.livelyladle.core.measure.Operation.DIFFERENCE;
import static org.livelyladle.core.measure.Operation.SHARE;
import static org.livelyladle.core.measure.Operation.SUM;

import java.util.List;
import java.util.Map;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Decisions.Trade;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.brief.Wish;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;

/** Serves one cut as another to guests who eat both, as decided; what each guest eats in all stays the same. */
public final class TradeMaker {
    private final Brief brief;
    private final Catalogue catalogue;
    private final Ledger ledger;
    private final KitchenText text;

    TradeMaker(Brief brief, Catalogue catalogue, Ledger ledger, KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.ledger = ledger;
        this.text = text;
    }

    /**
     * @param shares exact shares by cut, then guest [g]; changed in place
     */
    List<Portions.Traded> make(Map<String, Map<String, Figure>> shares) {
        return brief.decisions().trades().stream()
                .map(trade -> make(trade, shares))
                .toList();
    }

    private Portions.Traded make(Trade trade, Map<String, Map<String, Figure>> shares) {
        Map<String, Figure> from = shares.getOrDefault(trade.shortOf(), Map.of());
        Map<String, Figure> to = shares.getOrDefault(trade.by(), Map.of());
        List<Guest> willing = willing(trade, from, to);
        double all = willing.stream()
                .mapToDouble(guest -> from.get(guest.id()).value())
                .sum();
        double moved = Math.min(trade.grams(), all);
        if (moved > 0) {
            willing.forEach(guest -> move(trade, guest, moved, all, from, to));
        }
        return new Portions.Traded(
                trade.shortOf(),
                trade.by(),
                moved,
                text.grams(moved) + " of " + KitchenText.lower(catalogue.fullName(catalogue.cut(trade.shortOf())))
                        + " is served as " + KitchenText.lower(catalogue.fullName(catalogue.cut(trade.by()))));
    }

    private List<Guest> willing(Trade trade, Map<String, Figure> from, Map<String, Figure> to) {
        return brief.guests().stream()
                .filter(guest -> from.containsKey(guest.id()) && to.containsKey(guest.id()))
                .filter(guest -> mayTrade(brief, guest, trade.shortOf(), trade.by()))
                .toList();
    }

    /** Whether a guest who eats both would as soon have the other one: nothing pinned or reserved, nothing loved less. */
    public static boolean mayTrade(Brief brief, Guest guest, String shortOf, String by) {
        Liking liking = guest.likingOf(shortOf);
        return guest.likingOf(by).weight() >= liking.weight()
                && guest.wishFor(shortOf).filter(Wish::reserved).isEmpty()
                && brief.item(shortOf).amount() == null
                && brief.item(by).amount() == null
                && brief.decisions().portion(guest, shortOf).isEmpty()
                && brief.decisions().portion(guest, by).isEmpty();
    }

    private void move(
            Trade trade, Guest guest, double moved, double all, Map<String, Figure> from, Map<String, Figure> to) {
        Figure own = from.get(guest.id());
        String key = guest.id() + "." + trade.shortOf() + ">" + trade.by();
        double grams = moved * own.value() / all;
        Figure part = figure("trade." + key, grams)
                .by(
                        guest.name() + "'s part of the trade",
                        "The trade shared by what each would have had",
                        SHARE,
                        () -> List.of(
                                Term.of("trade", moved, "g", text.grams(moved), "your decision", Mark.HOST),
                                Term.of("would have had", own),
                                Term.of("all who eat both", all, "g", text.grams(all), "", Mark.COMPUTED)));
        Figure less = figure("traded.less." + key, Math.max(0, own.value() - grams))
                .by(
                        guest.name() + ": less of " + trade.shortOf(),
                        "Share less the trade",
                        DIFFERENCE,
                        () -> List.of(Term.of("share", own), Term.of("trade", part)));
        Figure other = to.get(guest.id());
        Figure more = figure("traded.more." + key, other.value() + grams)
                .by(
                        guest.name() + ": more of " + trade.by(),
                        "Share and the trade",
                        SUM,
                        () -> List.of(Term.of("share", other), Term.of("trade", part)));
        from.put(guest.id(), less);
        to.put(guest.id(), more);
    }

    private Ledger.Draft figure(String id, double grams) {
        return ledger.figure(id, grams, "g", text.grams(grams));
    }
}
