package org.livelyladle.core.edit;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Amount;
import org.livelyladle.core.brief.Appetite;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Decisions;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.SauceChoice;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.Strength;
import org.livelyladle.core.brief.Tending;
import org.livelyladle.core.catalogue.Bought;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.check.Check;

/**
 * One change of a brief that somebody can be offered. What it names and the brief does not have is left as it is; what
 * no longer fits afterwards is for {@link BriefSweep}.
 */
public sealed interface BriefEdit {
    Brief apply(Brief brief);

    /**
     * A cut on the menu.
     *
     * @param from another cut of the same food, as which it is bought and kept; none when left out
     */
    record AddCut(String cut, @Nullable String from) implements BriefEdit {
        public AddCut {
            Check.id(cut, "cut");
        }

        @Override
        public Brief apply(Brief brief) {
            MenuItem alike = from == null ? MenuItem.of(cut) : brief.item(from).as(cut);
            return isOnMenu(brief, cut) ? brief : brief.serving(and(brief.menu(), alike));
        }
    }

    /** A cut off the menu. */
    record LeaveOut(String cut) implements BriefEdit {
        public LeaveOut {
            Check.id(cut, "cut");
        }

        @Override
        public Brief apply(Brief brief) {
            return brief.serving(without(brief.menu(), item -> item.cut().equals(cut)));
        }
    }

    /** Another cut in the place of one; what was decided for the old one goes with it. */
    record SwapCut(String cut, String by) implements BriefEdit {
        public SwapCut {
            Check.id(cut, "cut");
            Check.id(by, "by");
        }

        @Override
        public Brief apply(Brief brief) {
            if (isOnMenu(brief, by)) {
                return new LeaveOut(cut).apply(brief);
            }
            Decisions had = brief.decisions();
            return brief.serving(each(brief.menu(), MenuItem::cut, cut, item -> MenuItem.of(by)))
                    .deciding(had.portions(
                                    without(had.portions(), pin -> pin.cut().equals(cut)))
                            .drops(without(had.drops(), pin -> pin.cut().equals(cut)))
                            .trades(without(
                                    had.trades(),
                                    trade -> trade.shortOf().equals(cut)
                                            || trade.by().equals(cut))));
        }
    }

    /** All of the packs that are bought of a cut is served. */
    record EatUp(String cut) implements BriefEdit {
        public EatUp {
            Check.id(cut, "cut");
        }

        @Override
        public Brief apply(Brief brief) {
            return brief.serving(
                    each(brief.menu(), MenuItem::cut, cut, item -> item.serving(new Amount(Amount.Unit.EAT_UP, 1))));
        }
    }

    /** A cut is bought ready for the table. */
    record BuyReady(String cut) implements BriefEdit {
        public BuyReady {
            Check.id(cut, "cut");
        }

        @Override
        public Brief apply(Brief brief) {
            return brief.serving(each(brief.menu(), MenuItem::cut, cut, item -> item.bought(Bought.READY)));
        }
    }

    /** Cuts come cooked by their makers, or raw. */
    record SayCooked(List<String> cuts, boolean cooked) implements BriefEdit {
        public SayCooked {
            cuts = Check.list(cuts, "cuts", 150);
        }

        @Override
        public Brief apply(Brief brief) {
            return brief.serving(brief.menu().stream()
                    .map(item -> cuts.contains(item.cut()) ? item.cooked(cooked) : item)
                    .toList());
        }
    }

    /** There is nothing of these kinds, on purpose. */
    record DoWithout(List<Category> kinds) implements BriefEdit {
        public DoWithout {
            kinds = Check.list(kinds, "kinds", Category.served().size());
        }

        @Override
        public Brief apply(Brief brief) {
            return brief.changed(draft -> draft.without = Stream.concat(draft.without.stream(), kinds.stream())
                    .distinct()
                    .toList());
        }
    }

    /** A house sauce on the table. */
    record AddSauce(String sauce) implements BriefEdit {
        public AddSauce {
            Check.id(sauce, "sauce");
        }

        @Override
        public Brief apply(Brief brief) {
            boolean isThere =
                    brief.sauces().stream().anyMatch(choice -> choice.sauce().equals(sauce));
            return isThere ? brief : brief.changed(draft -> draft.sauces = and(draft.sauces, SauceChoice.of(sauce)));
        }
    }

    /** A small pot of one broth more. */
    record AddPot(String broth) implements BriefEdit {
        private static final int SMALL_ML = 2400;
        private static final int BASKETS = 3;

        public AddPot {
            Check.id(broth, "broth");
        }

        @Override
        public Brief apply(Brief brief) {
            Set<String> taken = Stream.concat(
                            brief.pots().stream().map(Pot::id),
                            brief.sides().stream().map(Side::id))
                    .collect(Collectors.toSet());
            int n = brief.pots().size() + 1;
            while (taken.contains("pot-" + n) || taken.contains("pot-" + n + "a")) {
                n++;
            }
            List<Side> sides = List.of(Side.of("pot-" + n + "a", broth));
            return brief.setting(and(brief.pots(), Pot.of("pot-" + n, "Small pot", SMALL_ML, 50, BASKETS, sides)));
        }
    }

    /** A pot filled to a part of its brim [%]. */
    record FillPot(String pot, int percent) implements BriefEdit {
        public FillPot {
            Check.id(pot, "pot");
        }

        @Override
        public Brief apply(Brief brief) {
            return brief.setting(each(brief.pots(), Pot::id, pot, known -> known.filledTo(percent)));
        }
    }

    /** So many strainers fit into each side of a pot. */
    record SetBaskets(String pot, int perSide) implements BriefEdit {
        public SetBaskets {
            Check.id(pot, "pot");
        }

        @Override
        public Brief apply(Brief brief) {
            return brief.setting(each(brief.pots(), Pot::id, pot, known -> known.taking(perSide)));
        }
    }

    /** A cut of the menu is looked after otherwise. */
    record Tend(String cut, Tending tending) implements BriefEdit {
        public Tend {
            Check.id(cut, "cut");
            Check.present(tending, "tending");
        }

        @Override
        public Brief apply(Brief brief) {
            return brief.serving(each(brief.menu(), MenuItem::cut, cut, item -> item.tended(tending)));
        }
    }

    /** These cooks and guests look after what is shared. */
    record ShareMinding(List<String> minders) implements BriefEdit {
        public ShareMinding {
            minders = List.copyOf(Check.list(minders, "minders", Brief.MOST_GUESTS));
        }

        @Override
        public Brief apply(Brief brief) {
            return brief.changed(draft -> draft.minders = minders);
        }
    }

    /** Another broth wherever one was. */
    record SwapBroth(String broth, String by) implements BriefEdit {
        public SwapBroth {
            Check.id(broth, "broth");
            Check.id(by, "by");
        }

        @Override
        public Brief apply(Brief brief) {
            return brief.setting(brief.pots().stream()
                    .map(pot -> pot.holding(each(pot.sides(), Side::broth, broth, side -> side.holding(by))))
                    .toList());
        }
    }

    /** The meal lasts so long [min]. */
    record SitFor(int minutes) implements BriefEdit {
        @Override
        public Brief apply(Brief brief) {
            return brief.changed(draft -> draft.mealMinutes = minutes);
        }
    }

    /** Everybody sits down at another time; the trips stay. */
    record SitAt(LocalDateTime at) implements BriefEdit {
        public SitAt {
            Check.present(at, "at");
        }

        @Override
        public Brief apply(Brief brief) {
            return brief.changed(draft -> draft.sitDown = at);
        }
    }

    /** A shop is gone to at another time. */
    record MoveTrip(String trip, LocalDateTime at) implements BriefEdit {
        public MoveTrip {
            Check.id(trip, "trip");
            Check.present(at, "at");
        }

        @Override
        public Brief apply(Brief brief) {
            return brief.changed(draft -> draft.shops = draft.shops.stream()
                    .map(shop -> shop.trips().stream()
                                    .anyMatch(planned -> planned.id().equals(trip))
                            ? shop.moving(trip, at)
                            : shop)
                    .toList());
        }
    }

    /** Some of a cut is served as another, to who eats both [g, as planned]. */
    record ServeAs(String shortOf, String by, double grams) implements BriefEdit {
        @Override
        public Brief apply(Brief brief) {
            Brief free = new FreeTrade(shortOf, by).apply(brief);
            return free.deciding(free.decisions().trading(new Decisions.Trade(shortOf, by, grams)));
        }
    }

    /** A guest gets so much of a cut [g, as planned]. */
    record PinPortion(String guest, String cut, double grams) implements BriefEdit {
        @Override
        public Brief apply(Brief brief) {
            return brief.deciding(brief.decisions().pinning(new Decisions.PortionPin(guest, cut, grams)));
        }
    }

    /** A guest keeps away from something, as strictly as this or as was known. */
    record AddNeed(String guest, NeedKind need, Strength strength) implements BriefEdit {
        public AddNeed {
            Check.present(need, "need");
            Check.present(strength, "strength");
        }

        @Override
        public Brief apply(Brief brief) {
            return ofGuest(brief, guest, known -> known.alsoNeeding(new Need(need, strength)));
        }
    }

    /** Guests have been asked: their needs are still what they were. */
    record ConfirmNeeds(List<String> guests) implements BriefEdit {
        public ConfirmNeeds {
            guests = Check.list(guests, "guests", Brief.MOST_GUESTS);
        }

        @Override
        public Brief apply(Brief brief) {
            return brief.changed(draft -> draft.guests = draft.guests.stream()
                    .map(guest -> guests.contains(guest.id()) ? guest.askedAgain() : guest)
                    .toList());
        }
    }

    /** How hungry a guest is. */
    record SetAppetite(String guest, Appetite appetite) implements BriefEdit {
        public SetAppetite {
            Check.present(appetite, "appetite");
        }

        @Override
        public Brief apply(Brief brief) {
            return ofGuest(brief, guest, known -> known.eating(appetite));
        }
    }

    /** The hottest broth a guest eats from. */
    record SetHeat(String guest, Heat heat) implements BriefEdit {
        public SetHeat {
            Check.present(heat, "heat");
        }

        @Override
        public Brief apply(Brief brief) {
            return ofGuest(brief, guest, known -> known.bearing(heat));
        }
    }

    /** A guest comes so long after sitting down [min]. */
    record ComeAfter(String guest, int minutes) implements BriefEdit {
        @Override
        public Brief apply(Brief brief) {
            return ofGuest(brief, guest, known -> known.staying(minutes, known.leavesAfterMinutes()));
        }
    }

    /** A prep task is done by a cook. */
    record HandOver(String task, String cook) implements BriefEdit {
        @Override
        public Brief apply(Brief brief) {
            return brief.deciding(brief.decisions().handing(task, cook));
        }
    }

    /** A helper does whatever there is. */
    record LetHelp(String cook) implements BriefEdit {
        public LetHelp {
            Check.id(cook, "cook");
        }

        @Override
        public Brief apply(Brief brief) {
            return brief.changed(draft -> draft.cooks = each(draft.cooks, Cook::id, cook, Cook::helping));
        }
    }

    /** A guest's portion of a cut is shared again. */
    record FreePortion(String guest, String cut) implements BriefEdit {
        @Override
        public Brief apply(Brief brief) {
            Decisions had = brief.decisions();
            return brief.deciding(had.portions(without(
                    had.portions(),
                    pin -> pin.guest().equals(guest) && pin.cut().equals(cut))));
        }
    }

    /** An ingredient is bought as any offer again. */
    record FreeOffer(String ingredient) implements BriefEdit {
        @Override
        public Brief apply(Brief brief) {
            Decisions had = brief.decisions();
            return brief.deciding(
                    had.offers(without(had.offers(), pin -> pin.ingredient().equals(ingredient))));
        }
    }

    /** A prep task is left to the plan again. */
    record FreeTask(String task) implements BriefEdit {
        @Override
        public Brief apply(Brief brief) {
            Decisions had = brief.decisions();
            return brief.deciding(
                    had.tasks(without(had.tasks(), pin -> pin.task().equals(task))));
        }
    }

    /** A drop goes in when the plan says again. */
    record FreeDrop(String cut, String side, int batch) implements BriefEdit {
        @Override
        public Brief apply(Brief brief) {
            Decisions had = brief.decisions();
            return brief.deciding(had.drops(without(
                    had.drops(), pin -> pin.cut().equals(cut) && pin.side().equals(side) && pin.batch() == batch)));
        }
    }

    /** Nothing of a cut is served as the other any more. */
    record FreeTrade(String shortOf, String by) implements BriefEdit {
        @Override
        public Brief apply(Brief brief) {
            Decisions had = brief.decisions();
            return brief.deciding(had.trades(without(
                    had.trades(),
                    trade -> trade.shortOf().equals(shortOf) && trade.by().equals(by))));
        }
    }

    private static Brief ofGuest(Brief brief, String guest, UnaryOperator<Guest> change) {
        return brief.seating(each(brief.guests(), Guest::id, guest, change));
    }

    private static boolean isOnMenu(Brief brief, String cut) {
        return brief.menu().stream().anyMatch(item -> item.cut().equals(cut));
    }

    private static <T> List<T> and(List<T> list, T more) {
        List<T> all = new ArrayList<>(list);
        all.add(more);
        return all;
    }

    private static <T> List<T> without(List<T> list, Predicate<T> gone) {
        return list.stream().filter(gone.negate()).toList();
    }

    private static <T> List<T> each(List<T> list, Function<T, String> ids, String id, UnaryOperator<T> change) {
        return list.stream()
                .map(item -> ids.apply(item).equals(id) ? change.apply(item) : item)
                .toList();
    }
}
