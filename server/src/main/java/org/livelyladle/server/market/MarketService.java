package org.livelyladle.server.market;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Deal;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.PriceSnapshot;
import org.livelyladle.core.brief.Shop;
import org.livelyladle.core.catalogue.Bought;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.purchases.Purchases;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.party.PartyService;
import org.livelyladle.server.plan.PlanService;
import org.springframework.stereotype.Service;

/** Compares the market's prices with those of a party and computes what taking them over would do. */
@Service
class MarketService {

    private final Market market;
    private final PartyService parties;
    private final PlanService plans;
    private final Clock clock;

    MarketService(Market market, PartyService parties, PlanService plans, Clock clock) {
        this.market = market;
        this.parties = parties;
        this.plans = plans;
        this.clock = clock;
    }

    MarketNews news(SignedIn host, UUID party) {
        Brief brief = parties.get(host, party).brief();
        LocalDate asOf = brief.prices().asOf();
        MarketReply reply;
        MarketNews.Edit edit;
        try {
            reply = market.prices(LocalDate.now(clock.withZone(brief.zoneId())));
            edit = edit(brief, reply);
        } catch (Market.MarketAwayException e) {
            return away(asOf, e.getMessage());
        } catch (InvalidInputException e) {
            return away(asOf, "The market's prices do not fit this party: " + e.field() + " was " + e.was() + ".");
        }
        boolean same = edit.shops().equals(brief.shops())
                && edit.prices().offers().equals(brief.prices().offers())
                && edit.prices().deals().equals(brief.prices().deals());
        if (same || reply.asOf().isBefore(asOf)) {
            return new MarketNews(
                    MarketNews.State.CURRENT,
                    asOf,
                    "The prices of " + KitchenText.day(asOf) + " still hold.",
                    null,
                    null);
        }
        return new MarketNews(
                MarketNews.State.NEW,
                asOf,
                reply.asOf().equals(asOf)
                        ? "The market has other prices today than your list."
                        : "The market has prices of " + KitchenText.day(reply.asOf()) + "; yours are of "
                                + KitchenText.day(asOf) + ".",
                edit,
                effect(host, party, brief, edit, reply));
    }

    private static MarketNews away(LocalDate asOf, @Nullable String why) {
        return new MarketNews(
                MarketNews.State.AWAY, asOf, why + " The prices of " + KitchenText.day(asOf) + " serve.", null, null);
    }

    /** The market's goods and hours for shops and ingredients the party knows; what the market does not sell stays. */
    private MarketNews.Edit edit(Brief brief, MarketReply reply) {
        Map<String, MarketReply.Item> items =
                reply.offers().stream().collect(Collectors.toMap(MarketReply.Item::id, Function.identity()));
        Set<String> shops = brief.shops().stream()
                .filter(shop -> !Boolean.FALSE.equals(shop.onMarket()))
                .map(Shop::id)
                .collect(Collectors.toSet());
        Map<String, Bought> states = new HashMap<>();
        brief.prices().offers().forEach(offer -> states.put(offer.id(), offer.bought()));
        List<Offer> offers = new ArrayList<>();
        brief.prices().offers().stream()
                .filter(offer -> !items.containsKey(offer.id()))
                .forEach(offers::add);
        reply.offers().stream()
                .filter(item -> item.inStock() && shops.contains(item.shop()) && plans.knows(brief, item.ingredient()))
                .map(item -> item.offer(states.get(item.id())))
                .forEach(offers::add);
        Set<String> ids = offers.stream().map(Offer::id).collect(Collectors.toSet());
        List<Deal> deals = reply.deals().stream()
                .filter(deal -> ids.contains(deal.offer()))
                .toList();
        return new MarketNews.Edit(
                new PriceSnapshot(reply.asOf(), offers, deals),
                brief.shops().stream().map(shop -> hours(shop, reply)).toList());
    }

    private static Shop hours(Shop shop, MarketReply reply) {
        return reply.shops().stream()
                .filter(hours -> hours.id().equals(shop.id()))
                .findFirst()
                .map(hours -> shop.opening(hours.closedOn(), hours.opens(), hours.closes()))
                .orElse(shop);
    }

    private MarketNews.Effect effect(SignedIn host, UUID party, Brief brief, MarketNews.Edit edit, MarketReply reply) {
        Purchases before = plans.plan(host, party).purchases();
        Purchases after = plans.draft(host, party, brief.on(brief.sitDown(), edit.shops(), edit.prices()), null)
                .answer()
                .purchases();
        Set<String> missing = reply.offers().stream()
                .filter(item -> !item.inStock())
                .map(MarketReply.Item::id)
                .collect(Collectors.toSet());
        Map<String, Offer> now =
                edit.prices().offers().stream().collect(Collectors.toMap(Offer::id, Function.identity()));
        Map<String, Offer> was =
                brief.prices().offers().stream().collect(Collectors.toMap(Offer::id, Function.identity()));
        KitchenText text = new KitchenText(brief.units(), brief.currency());
        List<MarketNews.Change> changes = toBuy(before)
                .filter(line -> was.containsKey(line.offer()) && now.containsKey(line.offer()))
                .filter(line -> was.get(line.offer()).unitCents()
                        != now.get(line.offer()).unitCents())
                .map(line -> new MarketNews.Change(
                        line.name(), price(was.get(line.offer()), text), price(now.get(line.offer()), text)))
                .toList();
        return new MarketNews.Effect(
                before.bill().text(),
                after.bill().text(),
                changes,
                toBuy(before)
                        .filter(line -> missing.contains(line.offer()))
                        .map(Purchases.Line::name)
                        .toList(),
                after.deals().stream()
                        .map(deal -> deal.text() + ", saves " + deal.saved().text())
                        .toList());
    }

    private static java.util.stream.Stream<Purchases.Line> toBuy(Purchases purchases) {
        return purchases.trips().stream()
                .flatMap(trip -> trip.lines().stream())
                .filter(line -> line.boughtEvent() == null);
    }

    private static String price(Offer offer, KitchenText text) {
        return offer.priceCentsPerKg() == null
                ? text.money(offer.unitCents())
                : text.money(offer.priceCentsPerKg()) + " a kg";
    }
}
