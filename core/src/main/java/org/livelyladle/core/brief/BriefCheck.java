package org.livelyladle.core.brief;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;

/** Whether a brief fits a catalogue and its own references: the first thing that does not is refused by its path. */
public final class BriefCheck {
    private final Brief brief;
    private final Catalogue catalogue;

    private BriefCheck(Brief brief, Catalogue catalogue) {
        this.brief = brief;
        this.catalogue = catalogue;
    }

    public static void check(Brief brief, Catalogue catalogue) {
        new BriefCheck(brief, brief.extend(catalogue)).run();
    }

    private void run() {
        if (!brief.catalogueVersion().equals(catalogue.version())) {
            throw new InvalidInputException(
                    "catalogueVersion", brief.catalogueVersion(), "'" + catalogue.version() + "'");
        }
        times();
        ownBroths();
        ownSauces();
        pots();
        menu();
        sauces();
        guests();
        purchases();
        table();
        beside();
        decisions();
    }

    /** Trips and other plans long before or after a party are none of its business. */
    private void times() {
        for (int i = 0; i < brief.shops().size(); i++) {
            String path = "shops[" + i + "].";
            Shop shop = brief.shops().get(i);
            Check.near(shop.tripAt(), brief.sitDown(), path + "tripAt");
            if (shop.againAt() != null) {
                Check.near(shop.againAt(), brief.sitDown(), path + "againAt");
            }
        }
        for (int i = 0; i < brief.cooks().size(); i++) {
            brief.cooks().get(i).near(brief.sitDown(), "cooks[" + i + "]");
        }
    }

    private void pots() {
        for (int i = 0; i < brief.pots().size(); i++) {
            List<Side> sides = brief.pots().get(i).sides();
            heat(brief.pots().get(i), "pots[" + i + "]");
            for (int j = 0; j < sides.size(); j++) {
                String path = "pots[" + i + "].sides[" + j + "].broth";
                String broth = sides.get(j).broth();
                catalogue.findBroth(broth).orElseThrow(() -> unknown(path, broth, "a broth of the catalogue"));
            }
        }
    }

    private void heat(Pot pot, String path) {
        Set<String> guests = ids(brief.guests(), Guest::id);
        Objects.requireNonNullElse(pot.reachedBy(), List.<String>of())
                .forEach(guest -> Check.known(guest, guests, path + ".reachedBy", "a guest of this party"));
        String circuit = pot.heat().circuit();
        if (circuit != null) {
            List<Kitchen.Circuit> circuits = brief.kitchen().circuits();
            Check.known(
                    circuit, ids(circuits, Kitchen.Circuit::id), path + ".heat.circuit", "a circuit of this kitchen");
        }
    }

    private void ownBroths() {
        List<OwnBroth> own = brief.ownBroths();
        for (int i = 0; i < own.size(); i++) {
            base(own.get(i), "ownBroths[" + i + "].base.broth");
            List<OwnBroth.OwnPart> parts = own.get(i).parts();
            for (int j = 0; j < parts.size(); j++) {
                ingredient(parts.get(j).ingredient(), "ownBroths[" + i + "].parts[" + j + "].ingredient");
            }
        }
    }

    private void ownSauces() {
        List<OwnSauce> own = brief.ownSauces();
        for (int i = 0; i < own.size(); i++) {
            List<OwnSauce.SaucePart> parts = own.get(i).parts();
            for (int j = 0; j < parts.size(); j++) {
                ingredient(parts.get(j).ingredient(), "ownSauces[" + i + "].parts[" + j + "].ingredient");
            }
        }
    }

    /** What a broth is made from is made by itself. */
    private void base(OwnBroth broth, String path) {
        if (broth.base() == null) {
            return;
        }
        String base = broth.base().broth();
        Broth made = catalogue.findBroth(base).orElseThrow(() -> unknown(path, base, "a broth of the catalogue"));
        if (made.base() != null) {
            throw new InvalidInputException(path, base, "a broth that has no other broth in it");
        }
    }

    private void menu() {
        for (int i = 0; i < brief.menu().size(); i++) {
            MenuItem item = brief.menu().get(i);
            String path = "menu[" + i + "]";
            Cut cut = catalogue
                    .findCut(item.cut())
                    .orElseThrow(() -> unknown(path + ".cut", item.cut(), "a cut of the catalogue"));
            if (item.fromFrozen() && !cut.cooksFrozen()) {
                throw new InvalidInputException(path + ".fromFrozen", true, refusal(cut));
            }
            if (item.isCookedByMaker() && !cut.makerCooks()) {
                throw new InvalidInputException(
                        path + ".cooked", true, "false: " + catalogue.fullName(cut) + " is not sold cooked");
            }
            if (item.beside()
                    && !Brief.mayStandBeside(catalogue.ingredientOf(cut).category(), cut)) {
                throw new InvalidInputException(
                        path + ".beside", true, "false: only noodles, rice and leaves stand beside the pots");
            }
            amount(item, cut, path + ".amount");
        }
    }

    private void sauces() {
        Set<String> guests = ids(brief.guests(), Guest::id);
        for (int i = 0; i < brief.sauces().size(); i++) {
            String path = "sauces[" + i + "]";
            SauceChoice choice = brief.sauces().get(i);
            catalogue
                    .findSauce(choice.sauce())
                    .orElseThrow(() -> unknown(path + ".sauce", choice.sauce(), "a sauce of the catalogue"));
            Objects.requireNonNullElse(choice.guests(), List.<String>of())
                    .forEach(guest -> Check.known(guest, guests, path + ".guests", "a guest of this party"));
        }
    }

    private void amount(MenuItem item, Cut cut, String path) {
        Amount amount = item.amount();
        boolean pieces =
                amount != null && (amount.unit() == Amount.Unit.PIECES || amount.unit() == Amount.Unit.PIECES_EACH);
        if (pieces && !cut.counted()) {
            throw new InvalidInputException(
                    path + ".unit", amount.unit(), "grams or packs: it is served by weight, not by the piece");
        }
    }

    private String refusal(Cut cut) {
        return "false: " + catalogue.fullName(cut) + " has no cooking time from frozen"
                + (cut.rawRisk() == RawRisk.NONE ? "" : " and is not safe without one; thaw it in the fridge");
    }

    private void guests() {
        for (int i = 0; i < brief.guests().size(); i++) {
            List<Wish> wishes = brief.guests().get(i).wishes();
            for (int j = 0; j < wishes.size(); j++) {
                String path = "guests[" + i + "].wishes[" + j + "].cut";
                String cut = wishes.get(j).cut();
                catalogue.findCut(cut).orElseThrow(() -> unknown(path, cut, "a cut of the catalogue"));
            }
        }
    }

    private void purchases() {
        Set<String> shops = ids(brief.shops(), Shop::id);
        List<Offer> offers = brief.prices().offers();
        for (int i = 0; i < offers.size(); i++) {
            Check.known(offers.get(i).shop(), shops, "prices.offers[" + i + "].shop", "a shop of this party");
            ingredient(offers.get(i).ingredient(), "prices.offers[" + i + "].ingredient");
        }
        for (int i = 0; i < brief.pantry().size(); i++) {
            ingredient(brief.pantry().get(i).ingredient(), "pantry[" + i + "].ingredient");
        }
    }

    /** How it is eaten. */
    private void table() {
        Set<String> sides = ids(brief.sides(), Side::id);
        Set<String> cuts = ids(brief.menu(), MenuItem::cut);
        for (int i = 0; i < brief.menu().size(); i++) {
            MenuItem item = brief.menu().get(i);
            String path = "menu[" + i + "].";
            Objects.requireNonNullElse(item.inSides(), List.<String>of())
                    .forEach(side -> Check.known(side, sides, path + "inSides", "a side of this party"));
            if (item.tending() == Tending.DIP && !catalogue.cut(item.cut()).counted()) {
                throw new InvalidInputException(
                        path + "tending", Tending.DIP, "BASKET or SHARED: it is served by weight, not by the piece");
            }
            if (item.with() != null) {
                Check.known(item.with(), cuts, path + "with", "a cut of this menu");
                if (item.with().equals(item.cut())) {
                    throw new InvalidInputException(path + "with", item.with(), "another cut of this menu");
                }
            }
        }
        for (int i = 0; i < brief.guests().size(); i++) {
            String side = brief.guests().get(i).favouriteSide();
            if (side != null) {
                Check.known(side, sides, "guests[" + i + "].favouriteSide", "a side of this party");
            }
        }
        Ending ending = brief.ending();
        if (ending != null && ending.side() != null) {
            Check.known(ending.side(), sides, "ending.side", "a side of this party");
        }
        if (brief.order() == SchoolOfOrder.OWN && brief.courses().isEmpty()) {
            throw new InvalidInputException(
                    "courses", "nothing", "1 to " + Brief.MOST_COURSES + " courses for an own order");
        }
        List<Course> courses = brief.courses();
        for (int i = 0; i < courses.size(); i++) {
            String path = "courses[" + i + "].cuts";
            courses.get(i).cuts().forEach(cut -> cut(cut, path));
        }
        Set<String> people = ids(brief.guests(), Guest::id);
        people.addAll(ids(brief.cooks(), Cook::id));
        brief.minders().forEach(minder -> Check.known(minder, people, "minders", "a cook or guest of this party"));
    }

    private void beside() {
        List<ExtraChoice> extras = brief.extras();
        for (int i = 0; i < extras.size(); i++) {
            String path = "extras[" + i + "].ingredient";
            String id = extras.get(i).ingredient();
            catalogue.findExtra(id).orElseThrow(() -> unknown(path, id, "an extra of the catalogue"));
        }
        List<String> bar = brief.sauceBar();
        for (int i = 0; i < bar.size(); i++) {
            String path = "sauceBar[" + i + "]";
            String id = bar.get(i);
            catalogue.findBarPart(id).orElseThrow(() -> unknown(path, id, "something of the larder"));
        }
        Set<String> offers = ids(brief.prices().offers(), Offer::id);
        brief.prices()
                .deals()
                .forEach(deal -> Check.known(deal.offer(), offers, "prices.deals.offer", "an offer of these prices"));
    }

    private void trade(Decisions.Trade trade) {
        cut(trade.shortOf(), "decisions.trades.shortOf");
        cut(trade.by(), "decisions.trades.by");
        Category of = catalogue.ingredientOf(catalogue.cut(trade.shortOf())).category();
        Category by = catalogue.ingredientOf(catalogue.cut(trade.by())).category();
        if (of != by) {
            throw new InvalidInputException("decisions.trades.by", trade.by(), "a cut from " + of.label() + " too");
        }
    }

    private void decisions() {
        Decisions decisions = brief.decisions();
        Set<String> guests = ids(brief.guests(), Guest::id);
        Set<String> pots = ids(brief.pots(), Pot::id);
        decisions.portions().forEach(pin -> cut(pin.cut(), "decisions.portions.cut"));
        decisions.drops().forEach(pin -> cut(pin.cut(), "decisions.drops.cut"));
        decisions.offers().forEach(pin -> ingredient(pin.ingredient(), "decisions.offers.ingredient"));
        decisions.trades().forEach(this::trade);
        Set<String> cooks = ids(brief.cooks(), Cook::id);
        decisions.tasks().stream()
                .filter(pin -> pin.cook() != null)
                .forEach(pin -> Check.known(pin.cook(), cooks, "decisions.tasks.cook", "a cook of this party"));
        decisions.splashes().forEach(choice -> {
            Check.known(choice.guest(), guests, "decisions.splashes.guest", "a guest of this party");
            Check.known(choice.pot(), pots, "decisions.splashes.pot", "a pot of this party");
        });
    }

    private void cut(String id, String path) {
        catalogue.findCut(id).orElseThrow(() -> unknown(path, id, "a cut of the catalogue"));
    }

    private void ingredient(String id, String path) {
        catalogue.findIngredient(id).orElseThrow(() -> unknown(path, id, "an ingredient of the catalogue"));
    }

    private static <T> Set<String> ids(List<T> items, Function<T, String> id) {
        return items.stream().map(id).collect(Collectors.toSet());
    }

    private static InvalidInputException unknown(String path, String id, String what) {
        return new InvalidInputException(path, id, "the id of " + what);
    }
}
