package org.livelyladle.core.edit;

import static java.util.Objects.requireNonNullElse;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefDraft;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Decisions;
import org.livelyladle.core.brief.Ending;
import org.livelyladle.core.brief.ExtraChoice;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.HeatSource;
import org.livelyladle.core.brief.Kitchen;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.OwnIngredient;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.PriceSnapshot;
import org.livelyladle.core.brief.SauceChoice;
import org.livelyladle.core.brief.SchoolOfOrder;
import org.livelyladle.core.brief.Shop;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.Check;

/**
 * Takes out of a brief whatever refers to something that is not there: after something was removed, and after a merge in
 * which somebody else removed what an edit refers to. What is left fits the catalogue as far as references go.
 */
public final class BriefSweep {
    private final Brief brief;
    private final Catalogue known;
    private final Set<String> guests;
    private final Set<String> pots;
    private final Set<String> sides;
    private final Set<String> cooks;

    private BriefSweep(Brief brief, Catalogue builtIn) {
        this.brief = brief;
        this.known = brief.extend(builtIn);
        this.guests = ids(brief.guests(), Guest::id);
        this.pots = ids(brief.pots(), Pot::id);
        this.sides = ids(brief.sides(), Side::id);
        this.cooks = ids(brief.cooks(), Cook::id);
    }

    /** @return the brief itself where nothing hangs loose */
    public static Brief sweep(Brief brief, Catalogue builtIn) {
        Catalogue food = OwnIngredient.putInto(builtIn, brief.ownIngredients());
        Brief made = brief.changed(draft -> {
            draft.ownBroths = OwnMade.broths(brief.ownBroths(), food);
            draft.ownSauces = OwnMade.sauces(brief.ownSauces(), food);
        });
        Brief swept = made.changed(new BriefSweep(made, builtIn)::sweep);
        return swept.equals(brief) ? brief : swept;
    }

    private void sweep(BriefDraft draft) {
        draft.menu = menu();
        draft.guests = brief.guests().stream().map(this::guest).toList();
        draft.pots = brief.pots().stream().map(this::pot).toList();
        draft.sauces = brief.sauces().stream()
                .filter(choice -> known.findSauce(choice.sauce()).isPresent())
                .flatMap(choice -> sauce(choice).stream())
                .toList();
        draft.extras = keep(
                brief.extras(),
                (ExtraChoice extra) -> known.findExtra(extra.ingredient()).isPresent());
        draft.sauceBar = keep(brief.sauceBar(), part -> known.findBarPart(part).isPresent());
        draft.pantry = keep(brief.pantry(), item -> isIngredient(item.ingredient()));
        draft.prices = prices();
        draft.shops = brief.shops().stream().map(this::shop).toList();
        draft.cooks = brief.cooks().stream().map(this::cook).toList();
        draft.minders = keep(brief.minders(), minder -> guests.contains(minder) || cooks.contains(minder));
        draft.ending = ending();
        draft.courses = brief.courses().stream()
                .flatMap(course -> OwnMade.course(course, known).stream())
                .toList();
        if (brief.order() == SchoolOfOrder.OWN && draft.courses.isEmpty()) {
            draft.order = SchoolOfOrder.ALL_ALONG;
        }
        draft.decisions = decisions();
    }

    private List<MenuItem> menu() {
        List<MenuItem> there = keep(brief.menu(), item -> isCut(item.cut()));
        Set<String> cuts = ids(there, MenuItem::cut);
        return there.stream()
                .map(item -> item.eatenWith(
                        item.with() != null && cuts.contains(item.with()) ? item.with() : null,
                        item.inSides() == null ? null : keep(item.inSides(), sides::contains)))
                .toList();
    }

    private Guest guest(Guest guest) {
        Guest wishing = guest.wishing(keep(guest.wishes(), wish -> isCut(wish.cut())));
        return guest.favouriteSide() == null || sides.contains(guest.favouriteSide())
                ? wishing
                : wishing.favouring(null);
    }

    /** Whoever alone reached it is gone: nobody has said who reaches it. */
    private Pot pot(Pot pot) {
        List<String> reach = keep(pot.reachedBy(), guests::contains);
        boolean isForSome =
                pot.reachedBy() != null && (!reach.isEmpty() || pot.reachedBy().isEmpty());
        HeatSource heat = pot.heat();
        Set<String> circuits = ids(brief.kitchen().circuits(), Kitchen.Circuit::id);
        boolean isPlugged = heat.circuit() == null || circuits.contains(heat.circuit());
        return pot.holding(OwnMade.filled(pot.sides(), known))
                .reachedBy(isForSome ? reach : null)
                .heatedBy(isPlugged ? heat : heat.withoutCircuit());
    }

    /** A sauce for people who are all gone is not wanted. */
    private Optional<SauceChoice> sauce(SauceChoice choice) {
        if (choice.guests() == null) {
            return Optional.of(choice);
        }
        List<String> left = keep(choice.guests(), guests::contains);
        return left.isEmpty() && !choice.guests().isEmpty()
                ? Optional.empty()
                : Optional.of(new SauceChoice(choice.sauce(), choice.perAdultMl(), left));
    }

    private PriceSnapshot prices() {
        Set<String> shops = ids(brief.shops(), Shop::id);
        return OwnMade.prices(brief.prices(), shops, known);
    }

    /** A trip far from the party is the day before, a second one is none. */
    private Shop shop(Shop shop) {
        if (shop.againAt() != null && !isNear(shop.againAt())) {
            return shop(shop.visitedOnce());
        }
        return isNear(shop.tripAt())
                ? shop
                : shop.at(shop.tripAt()
                        .toLocalTime()
                        .atDate(brief.sitDown().toLocalDate().minusDays(1)));
    }

    /** What cooks do weeks away is nothing to a party. */
    private Cook cook(Cook cook) {
        List<Cook.Busy> near = keep(cook.busy(), away -> isNear(away.from()) && isNear(away.until()));
        return near.equals(cook.busy()) ? cook : cook.away(near);
    }

    private boolean isNear(LocalDateTime time) {
        return Check.isNear(time, brief.sitDown());
    }

    private @Nullable Ending ending() {
        Ending ending = brief.ending();
        return ending == null || ending.side() == null || sides.contains(ending.side())
                ? ending
                : new Ending(ending.kind(), null);
    }

    private Decisions decisions() {
        Decisions had = brief.decisions();
        Set<String> offers = ids(prices().offers(), Offer::id);
        return new Decisions(
                keep(had.portions(), pin -> guests.contains(pin.guest()) && isCut(pin.cut())),
                keep(had.offers(), pin -> isIngredient(pin.ingredient()) && offers.contains(pin.offer())),
                had.tasks().stream().flatMap(pin -> task(pin).stream()).toList(),
                keep(
                        had.drops(),
                        pin -> isCut(pin.cut()) && sides.contains(pin.side()) && sides.contains(pin.toSide())),
                keep(had.splashes(), choice -> guests.contains(choice.guest()) && pots.contains(choice.pot())),
                keep(had.trades(), trade -> isCut(trade.shortOf()) && isCut(trade.by())));
    }

    private Optional<Decisions.TaskPin> task(Decisions.TaskPin pin) {
        if (pin.cook() == null || cooks.contains(pin.cook())) {
            return Optional.of(pin);
        }
        return pin.minutesBefore() == null && pin.minutes() == null
                ? Optional.empty()
                : Optional.of(new Decisions.TaskPin(pin.task(), pin.minutesBefore(), null, pin.minutes()));
    }

    private boolean isCut(String id) {
        return known.findCut(id).isPresent();
    }

    private boolean isIngredient(String id) {
        return known.findIngredient(id).isPresent();
    }

    private static <T> List<T> keep(@Nullable List<T> list, Predicate<T> isThere) {
        return requireNonNullElse(list, List.<T>of()).stream().filter(isThere).toList();
    }

    private static <T> Set<String> ids(List<T> items, Function<T, String> id) {
        return items.stream().map(id).collect(Collectors.toSet());
    }
}
