package org.livelyladle.core.advice;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Decisions.Trade;
import org.livelyladle.core.broths.Broths;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.Patience;
import org.livelyladle.core.cooking.Windows;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.extras.Extras;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.portions.PortionPlanner;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.purchases.PurchasePlanner;
import org.livelyladle.core.purchases.Purchases;
import org.livelyladle.core.purchases.TradeFinder;
import org.livelyladle.core.sauces.Sauces;
import org.livelyladle.core.table.EndingPlan;

/** Offers trades that save money, each shared out and bought anew to tell what it really saves. */
public record TradeAdvisor(
        Brief brief,
        Catalogue catalogue,
        Facts facts,
        LocalDateTime now,
        KitchenText text,
        Windows windows,
        Portions portions,
        Broths broths,
        Sauces sauces,
        Extras extras,
        Purchases purchases,
        @Nullable EndingPlan ending) {
    /** Less than this is not worth asking the host [cents]; memory. */
    private static final double WORTH_ASKING_CENTS = 50;

    public List<Suggestion> suggest() {
        return new TradeFinder(brief, catalogue, facts, now, portions, purchases)
                .find().stream().flatMap(trade -> suggestion(trade).stream()).toList();
    }

    private Optional<Suggestion> suggestion(Trade trade) {
        Patience.check();
        BriefEdit edit = new BriefEdit.ServeAs(trade.shortOf(), trade.by(), Math.round(trade.grams()));
        Brief traded = edit.apply(brief);
        Ledger ledger = new Ledger();
        Portions shared = new PortionPlanner(traded, catalogue, ledger, text).plan();
        Purchases bought = new PurchasePlanner(traded, catalogue, facts, now, ledger, text)
                .plan(shared, broths, sauces, extras, ending);
        double saved = purchases.bill().value() - bought.bill().value();
        if (saved < WORTH_ASKING_CENTS) {
            return Optional.empty();
        }
        String shortOf = KitchenText.lower(catalogue.fullName(catalogue.cut(trade.shortOf())));
        String by = KitchenText.lower(catalogue.fullName(catalogue.cut(trade.by())));
        return Optional.of(new Suggestion(
                "trade." + trade.shortOf() + "." + trade.by(),
                text.grams(trade.grams()) + " of " + shortOf + " served as " + by
                        + ", to guests who eat both, makes the bill " + text.money(saved) + " less.",
                Remedy.of("Serve it so", edit)));
    }
}
