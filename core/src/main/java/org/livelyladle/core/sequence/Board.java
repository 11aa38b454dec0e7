package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Emphasis;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.sides.Sides;
import org.livelyladle.core.table.EndingPlan;
import org.livelyladle.core.table.Stay;

/**
 * The table while the sequence is being made: what is in which side when, who holds what, what everybody eats, what
 * there is to do; and whether one more batch may go in at a time.
 */
final class Board {
    private static final int GRID = TablePlanner.GRID_SECONDS;
    /** What is planned moves for no less, where a wait as long as it should get, or a cue, counts 1; memory. */
    private static final double WORTH_MOVING = 5;

    private final int mealSeconds;
    private final EatenShare tempo;
    private final List<Side> sides;
    private final Map<String, Spot> spots = new HashMap<>();
    private final List<Placing> placed = new ArrayList<>();
    private final Map<String, Integer> guestPlaces = new HashMap<>();
    private final List<Meal> meals = new ArrayList<>();
    private final List<Meal> mealsById;
    private final Emphasis emphasis;
    private final Wishes wishes;
    private final Aims aims;
    private final Cues cues;
    private final Moments moments;
    private final Hands hands;

    /**
     * @param ending for which its side is free by then
     * @param from before which nothing goes in any more [s from sitting down]
     */
    Board(Brief brief, Sides plans, SideLimits limits, Minders minders, @Nullable EndingPlan ending, int from) {
        this.sides =
                brief.sides().stream().sorted(Comparator.comparing(Side::id)).toList();
        this.emphasis = brief.emphasis();
        this.aims = Aims.soughtFor(brief);
        this.wishes = new Wishes(brief.guests().size());
        this.mealSeconds = brief.mealMinutes() * 60;
        this.tempo = EatenShare.of(brief.tempo());
        this.cues = new Cues(mealSeconds, minders, brief.emphasis());
        this.moments = new Moments(brief, ending, from);
        this.hands = new Hands(brief, minders);
        plans.all().forEach(side -> {
            String pot = brief.potOf(side.side()).id();
            SideProfile profile = new SideProfile(side, limits);
            List<Constraint> constraints = new ArrayList<>(moments.constraints());
            constraints.addAll(hands.constraints());
            constraints.addAll(profile.constraints());
            spots.put(side.side(), new Spot(profile, List.copyOf(constraints), pot, cues.at(pot)));
        });
        Map<Presence, AimedShare> aimed = new HashMap<>();
        for (Guest guest : brief.guests()) {
            Presence there = Presence.of(guest, mealSeconds);
            guestPlaces.put(guest.id(), guestPlaces.size());
            meals.add(new Meal(
                    aimed.computeIfAbsent(there, when -> new AimedShare(when, tempo)),
                    wishes,
                    1 / guest.eatsGramsPerSecond()));
        }
        mealsById = guestPlaces.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(guest -> meals.get(guest.getValue()))
                .toList();
    }

    List<Placing> placed() {
        return placed;
    }

    /** By their ids. */
    List<Side> sides() {
        return sides;
    }

    /** Tells all that is eaten with something else with what it is. */
    void tie() {
        for (Placing placing : placed) {
            String with = placing.batch.dish().item().with();
            List<Placing> partners = placed.stream()
                    .filter(other -> other.batch.cut().id().equals(with))
                    .toList();
            if (!partners.isEmpty()) {
                placing.partners = Arrays.stream(placing.eaters)
                        .mapToObj(eater -> partners.stream()
                                .filter(partner -> partner.feeds(eater))
                                .toArray(Placing[]::new))
                        .toArray(Placing[][]::new);
            }
        }
    }

    /** What the evenings of all cost, and what there is to do in them. */
    double cost() {
        return mealsById.stream().mapToDouble(Meal::cost).sum() + cues.cost();
    }

    /** What the busiest has to do for others. */
    Cues.Most mostToDo() {
        return cues.most();
    }

    Aims aims() {
        return aims;
    }

    Wishes wishes() {
        return wishes;
    }

    Emphasis emphasis() {
        return emphasis;
    }

    /** The evenings of all, by guests' ids: in whatever order guests were named, sums are the same to the last bit. */
    List<Meal> meals() {
        return mealsById;
    }

    boolean isEaten(Placing placing, Meal by) {
        return Arrays.stream(placing.eaters).anyMatch(eater -> meals.get(eater) == by);
    }

    /**
     * Where a batch goes in.
     *
     * @param constraints what must not be broken there
     * @param pot whose side it is
     * @param cues what there is to do there
     */
    record Spot(SideProfile side, List<Constraint> constraints, String pot, Cues.AtPot cues) {}

    /** Asked for time and again, so it stands with the batch. */
    private Placing spotted(Placing placing) {
        placing.spot = Objects.requireNonNull(spots.get(placing.batch.side().id()));
        return placing;
    }

    private static Spot spot(Placing placing) {
        return Objects.requireNonNull(placing.spot);
    }

    /** A batch that has no time yet, with the one at which it should go in. */
    Placing placing(Batch batch) {
        return spotted(new Placing(batch, ideal(batch), false, guestPlaces));
    }

    /**
     * A batch that keeps its put-in time [s from sitting down] where it can, and where not much is gained by another.
     *
     * @param linger longer in the broth than it must be [s]
     */
    Placing kept(Batch batch, int putIn, int linger, boolean pinned) {
        int most = Math.min(linger, batch.mostLinger());
        Placing placing = spotted(new Placing(batch, grid(putIn + most), pinned, guestPlaces));
        placing.linger = most;
        placing.inertia = WORTH_MOVING;
        return placing;
    }

    /** What went in together and has not to be placed any more. */
    Placing begun(Batch batch, List<Stay> stays) {
        return spotted(Placing.begun(batch, stays, guestPlaces));
    }

    /** A batch the host decided the time of [s from sitting down]. */
    Placing pinned(Batch batch, int putIn) {
        return spotted(new Placing(batch, putIn, true, guestPlaces));
    }

    /** The put-in after which it is eaten when so much else should be eaten. */
    private int ideal(Batch batch) {
        int length = Math.max(0, Math.min(mealSeconds, batch.latest()) - Math.max(0, batch.earliest()));
        int eaten = (int)
                (Math.max(0, batch.earliest()) + tempo.mealFor(batch.place().share()) * length);
        return Math.floorDiv(eaten - batch.offset(), GRID) * GRID;
    }

    /** Enters what has its time now; it lingers as long as it did. */
    void lay(Placing placing, int putIn) {
        placing.putIn = putIn;
        expect(placing);
        countCues(placing);
        enter(placing);
    }

    /** It is going to be on the board, wherever that is. */
    void expect(Placing placing) {
        placed.add(placing);
        hands.expect(placing);
        for (int i = 0; i < placing.eaters.length; i++) {
            meals.get(placing.eaters[i]).expect(placing, i);
        }
    }

    /** What somebody looks after and is off the board is not going to be on it. */
    void forget(Placing placing) {
        placed.remove(placing);
        for (int i = 0; i < placing.eaters.length; i++) {
            meals.get(placing.eaters[i]).forget(placing, i);
        }
    }

    /** Too much for its side even if nothing else were in it. */
    boolean neverTakes(Placing placing) {
        return spot(placing).side().neverTakes(placing);
    }

    int soonest(Placing placing) {
        return moments.soonest(placing);
    }

    int latest(Placing placing) {
        return moments.latest(placing);
    }

    /**
     * The rule in the way of a put-in time [s] and of lingering so long [s], instead of those it has, or null when nothing
     * is.
     */
    Constraint.@Nullable Breach breach(Placing placing, int putIn, int linger) {
        return Constraint.first(spot(placing).constraints(), placing, putIn, linger);
    }

    private void enter(Placing placing) {
        spot(placing).side().add(placing);
        placing.isOnBoard = true;
        hands.enter(placing);
        for (int i = 0; i < placing.eaters.length; i++) {
            meals.get(placing.eaters[i]).add(placing, i);
        }
    }

    private void leave(Placing placing) {
        spot(placing).side().remove(placing);
        placing.isOnBoard = false;
        hands.leave(placing);
        for (int eater : placing.eaters) {
            meals.get(eater).remove(placing);
        }
    }

    /** To another time [s from sitting down], lingering so long [s]; what there is to do for it is told apart. */
    void move(Placing placing, int putIn, int linger) {
        leave(placing);
        placing.putIn = putIn;
        placing.linger = linger;
        enter(placing);
    }

    /** Off the board, to be put somewhere else. */
    void take(Placing placing) {
        leave(placing);
        forgetCues(placing);
    }

    /** Back on it, at a time [s from sitting down], lingering so long [s]. */
    void put(Placing placing, int putIn, int linger) {
        placing.putIn = putIn;
        placing.linger = linger;
        enter(placing);
        countCues(placing);
    }

    /** What there is to do for it does not count for the time being. */
    void forgetCues(Placing placing) {
        cues.remove(spot(placing).cues(), placing);
    }

    void countCues(Placing placing) {
        cues.add(spot(placing).cues(), placing);
    }

    /** Moments at which something else is done at the pot of a batch, in order of time, each once [s from sitting down]. */
    int[] visits(Placing placing) {
        String pot = placing.pot();
        int[] visits = new int[2 * placed.size()];
        int count = 0;
        for (Placing other : placed) {
            if (other != placing && other.shared && other.pot().equals(pot)) {
                visits[count++] = grid(other.putIn);
                if (!other.fished) {
                    visits[count++] = grid(other.lastOut());
                }
            }
        }
        Arrays.sort(visits, 0, count);
        int each = 0;
        for (int i = 0; i < count; i++) {
            if (each == 0 || visits[each - 1] != visits[i]) {
                visits[each++] = visits[i];
            }
        }
        return Arrays.copyOf(visits, each);
    }

    private static int grid(int second) {
        return Math.floorDiv(second, GRID) * GRID;
    }

    /** What it would cost to do something for a batch at a time, while its cues are forgotten. */
    double cueCost(Placing placing, int putIn, int linger) {
        return cues.cost(spot(placing).cues(), placing, putIn, linger);
    }

    /** The evenings of its eaters without it. */
    MealsWithout without(Placing placing) {
        return new MealsWithout(
                placing, Arrays.stream(placing.eaters).mapToObj(meals::get).toArray(Meal[]::new));
    }

    /** How often the evenings of its eaters have changed. */
    long changes(Placing placing) {
        long changes = 0;
        for (int eater : placing.eaters) {
            changes += meals.get(eater).changes();
        }
        return changes;
    }
}
