package org.livelyladle.core.seat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Doneness;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.cooking.PresentWindows;
import org.livelyladle.core.cooking.WindowModel;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.facts.TableEvent;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Now;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TablePlan;

/** What somebody eats, or cooks for somebody else, gathered by food and side. */
final class Turns {
    /** What begins within this may begin now: nobody counts seconds while they talk [s]; memory. */
    private static final int NEAR_SECONDS = 60;
    /** What was to be eaten so long ago and is not said to be is taken to be eaten [s]; memory. */
    private static final int FORGOTTEN_SECONDS = 240;
    /** Somebody brings it within this [s]; memory. */
    private static final int COMING_SECONDS = 30;

    private static final int SOON_SECONDS = 600;

    private final Brief brief;
    private final Catalogue catalogue;
    private final TablePlan table;
    private final Plan plan;
    private final PresentWindows windows;
    private final KitchenText text;
    private final Set<Taken> taken = new HashSet<>();

    private record Taken(String drop, int stay) {}

    private record Key(
            String cut, String side, Turn.Act act, @Nullable String forWhom) {}

    /** One helping: a stay of a drop, for somebody. */
    private record Helping(Drop drop, int index, Stay stay, Turn.Act act, String eater) {
        boolean isInHand() {
            return act != Turn.Act.FISH && act != Turn.Act.SERVED;
        }

        int begins() {
            return switch (act) {
                case DIP, BASKET, BROWN -> drop.begins(stay);
                case FISH -> stay.ready();
                case SERVED -> stay.takeOut();
            };
        }
    }

    Turns(Brief brief, Catalogue catalogue, WindowModel model, Plan plan, Facts facts, KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.plan = plan;
        this.table = plan.table();
        this.windows = new PresentWindows(brief, catalogue, model);
        this.text = text;
        facts.table().forEach(event -> {
            if (event instanceof TableEvent.TakenOut out && out.how() != TableEvent.How.NOT_YET) {
                Integer stay = out.stay();
                if (stay != null) {
                    taken.add(new Taken(out.drop(), stay));
                }
            }
        });
    }

    List<Turn> of(Guest person) {
        Map<Key, List<Helping>> groups = new LinkedHashMap<>();
        for (Drop drop : table.drops()) {
            for (int i = 0; i < drop.stays().size(); i++) {
                Stay stay = drop.stays().get(i);
                for (Stay.Serving serving : stay.servings()) {
                    boolean isOwn = serving.guest().equals(person.id());
                    boolean isFor = !drop.shared() && person.id().equals(drop.minder()) && !isOwn;
                    if (!stay.onPlate() && (isOwn || isFor)) {
                        Turn.Act act = act(drop, person.id());
                        String forWhom = isOwn ? null : name(serving.guest());
                        groups.computeIfAbsent(new Key(drop.cut(), drop.side(), act, forWhom), key -> new ArrayList<>())
                                .add(new Helping(drop, i, stay, act, serving.guest()));
                    }
                }
            }
        }
        return groups.entrySet().stream()
                .map(group -> turn(group.getKey(), group.getValue()))
                .sorted(Comparator.comparing(Turn::when)
                        .thenComparingInt(Turn::at)
                        .thenComparing(Turn::name))
                .toList();
    }

    private static Turn.Act act(Drop drop, String person) {
        String minder = drop.minder();
        boolean isInHand = minder == null || minder.equals(person);
        return switch (drop.tending()) {
            case DIP -> isInHand ? Turn.Act.DIP : Turn.Act.SERVED;
            case BASKET -> isInHand ? Turn.Act.BASKET : Turn.Act.SERVED;
            case PLATE -> isInHand ? Turn.Act.BROWN : Turn.Act.SERVED;
            case SHARED -> drop.fished() ? Turn.Act.FISH : Turn.Act.SERVED;
        };
    }

    private Turn turn(Key key, List<Helping> helpings) {
        List<Helping> open = helpings.stream()
                .filter(this::isOpen)
                .sorted(Comparator.comparingInt(Helping::begins).thenComparingInt(Helping::index))
                .toList();
        Helping next = open.isEmpty()
                ? helpings.stream()
                        .max(Comparator.comparingInt(Helping::begins))
                        .orElseThrow()
                : open.get(0);
        Drop drop = next.drop();
        Stay stay = next.stay();
        Optional<Stay> plate = drop.plateOf(stay);
        boolean isInHand = isRunning() && next.isInHand();
        Optional<PresentWindows.Moved> moved =
                isInHand ? windows.of(key.cut(), side(key.side()), celsius(key.side())) : Optional.empty();
        String held = isInHand && moved.isEmpty() ? tooCool(drop.side()) : "";
        int later = moved.map(PresentWindows.Moved::readyLater).orElse(0);
        int seconds = Math.max(1, stay.ready() - stay.putIn() + later);
        int best =
                Math.max(seconds, moved.map(PresentWindows.Moved::bestUntil).orElse(stay.bestUntil() - stay.putIn()));
        int over = Math.max(
                best + 1, moved.map(PresentWindows.Moved::overcooked).orElse(stay.overcooked() - stay.putIn()));
        Turn.When when = open.isEmpty() ? Turn.When.HAD : when(next);
        return new Turn(
                drop.id(),
                next.index(),
                drop.cut(),
                drop.name(),
                drop.side(),
                next.act(),
                when == Turn.When.NOW && !held.isEmpty() ? Turn.When.SOON : when,
                next.begins(),
                next.act() == Turn.Act.FISH ? stay.bestUntil() : stay.takeOut(),
                plate.map(Stay::seconds).orElse(null),
                seconds,
                best,
                over,
                amount(stay, next.eater()),
                open.size(),
                liked(next.eater(), drop.cut()),
                look(drop),
                held,
                key.forWhom());
    }

    private boolean isRunning() {
        return table.now().started() && !table.now().finished();
    }

    private boolean isOpen(Helping helping) {
        if (taken.contains(new Taken(helping.drop().id(), helping.index()))) {
            return false;
        }
        Now now = table.now();
        if (now.started() && helping.stay().takeOut() <= now.at() && !mayEat(helping)) {
            return false;
        }
        int last = helping.act() == Turn.Act.FISH
                ? helping.stay().bestUntil()
                : helping.stay().takeOut() + (helping.act() == Turn.Act.SERVED ? 0 : FORGOTTEN_SECONDS);
        return !now.finished() && (!now.started() || last > now.at());
    }

    /** Of what was planned before somebody said that it is not for them. */
    private boolean mayEat(Helping helping) {
        List<NeedKind> said = table.now().needs().stream()
                .filter(need -> need.guest().equals(helping.eater()))
                .map(Now.SaidNeed::need)
                .toList();
        Guest eater = brief.guest(helping.eater()).orElseThrow().alsoNeeding(said);
        return Needs.brokenByEating(
                        eater, Content.of(catalogue.cut(helping.drop().cut()), catalogue))
                .isEmpty();
    }

    private Turn.When when(Helping next) {
        Now now = table.now();
        int in = next.begins() - now.at();
        boolean isNear = next.act() == Turn.Act.FISH
                ? in <= 0 && next.stay().putIn() <= now.at()
                : in <= (next.act() == Turn.Act.SERVED ? COMING_SECONDS : NEAR_SECONDS);
        if (isRunning() && isNear && (!now.paused() || next.act() == Turn.Act.FISH)) {
            return Turn.When.NOW;
        }
        return isRunning() && in <= SOON_SECONDS ? Turn.When.SOON : Turn.When.LATER;
    }

    private double celsius(String side) {
        return table.now().sides().stream()
                .filter(one -> one.side().equals(side))
                .mapToDouble(Now.SideNow::celsius)
                .findFirst()
                .orElseThrow();
    }

    private String tooCool(String side) {
        return "The broth is at " + text.celsius(celsius(side)) + ": too cool for it just now.";
    }

    private Side side(String id) {
        return brief.sides().stream()
                .filter(side -> side.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private String amount(Stay stay, String eater) {
        int pieces = stay.servings().stream()
                .filter(serving -> serving.guest().equals(eater))
                .mapToInt(Stay.Serving::pieces)
                .sum();
        return pieces > 0 ? KitchenText.pieces(pieces) : text.grams(stay.gramsOf(eater));
    }

    private String liked(String eater, String cut) {
        return table.doneness().stream()
                .filter(one -> one.guest().equals(eater) && one.cut().equals(cut))
                .filter(one -> one.served() != Doneness.JUST_DONE)
                .map(one -> one.served().label())
                .findFirst()
                .orElse("");
    }

    private String look(Drop drop) {
        return plan.windows().stream()
                .filter(window -> window.cut().equals(drop.cut()))
                .map(CookingWindow::cue)
                .findFirst()
                .orElse("");
    }

    private String name(String guest) {
        return brief.guest(guest).map(Guest::name).orElse(guest);
    }
}
