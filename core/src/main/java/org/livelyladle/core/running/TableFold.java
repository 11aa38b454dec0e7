package org.livelyladle.core.running;

import static java.util.Comparator.comparingInt;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.facts.TableEvent;
import org.livelyladle.core.kettle.Cooled;
import org.livelyladle.core.sides.Sides;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TableState;

/**
 * Folds what happened into the state of the table, in the order of time. What eaters do themselves nobody records: it
 * goes as it was to go. Wherever something comes otherwise than planned the rest is sequenced anew from there, so that
 * what is taken to have happened later is what was proposed then.
 */
public final class TableFold {
    /** So much sooner or later is as planned [s]; memory. */
    private static final int AS_PLANNED = 60;

    private static final int ARRIVED_AS_PLANNED = 120;
    /** What comes out this close together is one round [s]. */
    private static final int ONE_ROUND = 120;
    /** What was wrong with something that was told is said for so long [s]; memory. */
    static final int SAID_FOR = 180;
    /** No earlier and no later second is told of [s from sitting down]. */
    private static final int EARLIEST = -7200;

    private static final int LATEST = 35_000;

    private final Brief brief;
    private final Catalogue catalogue;
    private final Resume resume;
    private final Instant satDown;
    private final BrothFacts broths;
    private final ColdSides cold;
    private final Map<String, InPot> begun = new TreeMap<>();
    private final List<TableState.FellIn> fellIn = new ArrayList<>();
    private final Map<String, TableState.Present> guests = new LinkedHashMap<>();
    private final Set<String> usedUp = new TreeSet<>();
    private final Set<String> skipped = new TreeSet<>();
    private final List<TableState.Wanted> wants = new ArrayList<>();
    private final List<TableState.Gone> gone = new ArrayList<>();
    private final Set<TableState.Wanted> declined = new LinkedHashSet<>();
    private final List<TableState.NeedSince> needs = new ArrayList<>();
    private final List<Running.SeenTo> seenTo = new ArrayList<>();
    private final List<Running.Handed> handed = new ArrayList<>();
    private final List<Remark> remarks = new ArrayList<>();
    private final List<TableEvent> happened = new ArrayList<>();
    private Sequence plan;
    private int pausedThen;
    /** Everything eaters do themselves is folded up to here [s from sitting down]. */
    private int told = EARLIEST;

    private int paused;
    private @Nullable Integer pausedSince;
    private boolean hasBegun;
    private boolean isFinished;
    private boolean isOtherwise;

    /** Something to say of what was told. */
    private record Remark(String text, int at) {}

    private TableFold(Brief brief, Catalogue catalogue, Sides sides, Sequence base, Instant satDown, Resume resume) {
        this.broths = new BrothFacts(brief);
        this.cold = new ColdSides(sides);
        this.brief = brief;
        this.catalogue = catalogue;
        this.plan = base;
        this.satDown = satDown;
        this.resume = resume;
    }

    /**
     * @param base the sequence as if nothing had happened
     * @param events in order of time
     * @return nothing before somebody sat down
     */
    public static Optional<Running> at(
            Instant asOf,
            Brief brief,
            Catalogue catalogue,
            Sides sides,
            Sequence base,
            List<TableEvent> events,
            Resume resume) {
        List<TableEvent> past =
                events.stream().filter(event -> !event.at().isAfter(asOf)).toList();
        return past.stream()
                .filter(TableEvent.SatDown.class::isInstance)
                .findFirst()
                .map(satDown -> new TableFold(brief, catalogue, sides, base, satDown.at(), resume).fold(past, asOf));
    }

    private Running fold(List<TableEvent> events, Instant asOf) {
        for (TableEvent event : events) {
            int at = second(event.at());
            advance(at);
            happened.add(event);
            isOtherwise |= apply(event, at);
            if (isOtherwise && hasBegun) {
                Resume.Rest rest = resume.from(List.copyOf(happened), plan, pausedThen, state(at));
                plan = rest.sequence();
                cool(rest.cooled(), at);
                pausedThen = pausedBy(at);
                isOtherwise = false;
            }
        }
        int now = second(asOf);
        advance(now);
        Map<String, Integer> due = new HashMap<>();
        Set<String> out = new TreeSet<>();
        begun.forEach((id, pot) -> {
            if (pot.isOut()) {
                out.add(id);
            } else if (pot.isMinded()) {
                due.put(id, pot.due());
            }
        });
        return new Running(
                satDown,
                state(now),
                plan,
                pausedThen,
                pausedSince != null,
                isFinished,
                plan.drops().stream().anyMatch(drop -> isStillToCome(drop) && drop.putIn() <= now),
                due,
                out,
                seenTo,
                handed,
                cold.at(now),
                happened,
                remarks.stream()
                        .filter(remark -> remark.at() > now - SAID_FOR)
                        .map(Remark::text)
                        .toList());
    }

    private void remark(String text, int at) {
        remarks.add(new Remark(text, at));
    }

    private boolean isStillToCome(Drop drop) {
        return drop.shared() && !begun.containsKey(drop.id()) && !skipped.contains(drop.id());
    }

    private int second(Instant moment) {
        long seconds = Duration.between(satDown, moment).toSeconds();
        return (int) Math.max(EARLIEST, Math.min(LATEST, seconds));
    }

    private int pausedBy(int at) {
        return paused + (pausedSince == null ? 0 : Math.max(0, at - pausedSince));
    }

    private TableState state(int at) {
        return new TableState(
                at,
                pausedBy(at),
                begun.values().stream().map(pot -> pot.at(at)).toList(),
                fellIn,
                List.copyOf(guests.values()),
                List.copyOf(usedUp),
                List.copyOf(skipped),
                wants,
                broths.readings(),
                broths.poured(),
                broths.heat(),
                gone,
                List.copyOf(declined),
                needs);
    }

    /** What eaters dip, mind and brown themselves goes as it was to go, but for a pause. */
    private void advance(int until) {
        if (hasBegun && pausedSince == null && !isFinished) {
            for (Drop drop : plan.drops()) {
                if (!drop.shared() && !skipped.contains(drop.id())) {
                    begin(
                            drop,
                            drop.inBroth().stream()
                                    .filter(stay -> drop.begins(stay) > told && drop.begins(stay) <= until)
                                    .toList());
                }
            }
        }
        told = Math.max(told, until);
    }

    private void begin(Drop drop, List<Stay> inBroth) {
        begin(drop, inBroth, 0);
    }

    private void begin(Drop drop, List<Stay> inBroth, int later) {
        if (inBroth.isEmpty()) {
            return;
        }
        List<Stay> stays = new ArrayList<>();
        for (Stay stay : inBroth) {
            drop.plateOf(stay).ifPresent(plate -> stays.add(plate.later(later)));
            Stay in = stay.later(later);
            stays.add(isRaw(drop) ? in.slower(cold.longer(drop.side(), in.putIn())) : in);
        }
        begun.computeIfAbsent(drop.id(), id -> new InPot(drop)).add(stays);
    }

    /** @return true where it came otherwise than planned */
    private boolean apply(TableEvent event, int at) {
        if (event instanceof TableEvent.SatDown) {
            return sitDown();
        }
        if (event instanceof TableEvent.PutIn in) {
            return putIn(in, at);
        }
        if (event instanceof TableEvent.TakenOut out) {
            return takeOut(out, at);
        }
        if (event instanceof TableEvent.Skipped skip) {
            return !begun.containsKey(skip.drop()) && skipped.add(skip.drop());
        }
        if (event instanceof TableEvent.FellIn fall) {
            return fell(fall, at);
        }
        if (event instanceof TableEvent.OutOf out) {
            return isOnTheMenu(out.cut()) && usedUp.add(out.cut());
        }
        if (event instanceof TableEvent.Wants want) {
            return want(want, at);
        }
        if (event instanceof TableEvent.Declined no) {
            return isOnTheMenu(no.cut())
                    && brief.guest(no.guest()).isPresent()
                    && declined.add(new TableState.Wanted(no.guest(), no.cut()));
        }
        if (event instanceof TableEvent.NeedSaid said) {
            return need(said, at);
        }
        if (event instanceof TableEvent.Read read) {
            return read(read, at);
        }
        if (event instanceof TableEvent.Poured pour) {
            seenTo.add(new Running.SeenTo(Cue.Act.POUR, pour.side(), at));
            return broths.pour(pour, at);
        }
        if (event instanceof TableEvent.HeatSet set) {
            Optional<String> side = broths.set(set.pot(), set.share(), at);
            side.ifPresent(first -> seenTo.add(new Running.SeenTo(Cue.Act.HEAT, first, at)));
            return side.isPresent();
        }
        if (event instanceof TableEvent.Handed over) {
            handed.add(new Running.Handed(over, at));
            return false;
        }
        if (event instanceof TableEvent.CueDone done) {
            seenTo.add(new Running.SeenTo(done.act(), done.side(), at));
            return done.act() == Cue.Act.HEAT && broths.setAsPlanned(done.side(), at);
        }
        return whoIsThere(event, at) || passes(event, at);
    }

    /** What was to be in the pots by then is in. */
    private boolean sitDown() {
        if (hasBegun) {
            return false;
        }
        hasBegun = true;
        plan.drops().stream()
                .filter(drop -> isStillToCome(drop) && drop.preloaded())
                .forEach(drop -> begin(drop, drop.inBroth()));
        return isOtherwise;
    }

    private boolean putIn(TableEvent.PutIn in, int at) {
        Drop drop = find(in);
        if (drop == null) {
            remark("Something was put in that the plan does not know: " + in.drop(), at);
            return false;
        }
        if (drop.shared()) {
            if (begun.containsKey(drop.id())) {
                return false;
            }
            skipped.remove(drop.id());
            begin(drop, drop.inBroth(), at - drop.putIn());
            return Math.abs(at - drop.putIn()) > AS_PLANNED;
        }
        return next(drop, in.stay())
                .map(stay -> {
                    begin(drop, List.of(stay), at - drop.begins(stay));
                    return true;
                })
                .orElse(false);
    }

    /** The stay that is told of, or the first, of those that are still to come. */
    private Optional<Stay> next(Drop drop, @Nullable Integer index) {
        List<Stay> stays = drop.stays();
        return drop.inBroth().stream()
                .filter(stay -> drop.begins(stay) > told)
                .filter(stay -> index == null || index < stays.size() && stays.get(index) == stay)
                .min(comparingInt(Stay::putIn));
    }

    private @Nullable Drop find(TableEvent.PutIn in) {
        Optional<Drop> known = plan.drops().stream()
                .filter(drop -> drop.id().equals(in.drop()))
                .findFirst();
        return known.or(() -> plan.drops().stream()
                        .filter(drop ->
                                drop.cut().equals(in.cut()) && drop.side().equals(in.side()))
                        .filter(this::isStillToCome)
                        .min(comparingInt(Drop::putIn)))
                .orElse(null);
    }

    private boolean takeOut(TableEvent.TakenOut out, int at) {
        InPot pot = begun.get(out.drop());
        if (pot == null || pot.isOut()) {
            return false;
        }
        int due = pot.due();
        if (out.how() == TableEvent.How.NOT_YET) {
            pot.leaveIn(at);
            return false;
        }
        Integer index = out.stay();
        if (index != null && !pot.isMinded()) {
            return cameOut(pot, pot.takeOut(index, at), out.how(), at);
        }
        boolean isOther = false;
        for (InPot own : roundOf(pot, due)) {
            isOther |= cameOut(own, own.takeOut(at), out.how(), at);
        }
        return isOther || pot.isMinded() && Math.abs(at - due) > AS_PLANNED;
    }

    /** @return true where somebody gets nothing of it */
    private boolean cameOut(InPot pot, List<InPot.Piece> pieces, TableEvent.How how, int at) {
        if (how == TableEvent.How.LOST) {
            pieces.forEach(piece -> lose(pot, piece.lose()));
            return !pieces.isEmpty();
        }
        int tooSoon = pieces.stream().mapToInt(InPot.Piece::tooSoonBy).max().orElse(0);
        if (tooSoon > 0 && isRaw(pot.drop())) {
            remark(
                    pot.drop().name() + " came out " + tooSoon
                            + " s too soon to be cooked through: back in for as long",
                    at);
        }
        return false;
    }

    private void lose(InPot pot, List<Stay.Serving> servings) {
        servings.forEach(serving ->
                gone.add(new TableState.Gone(serving.guest(), pot.drop().cut(), serving.grams(), serving.pieces())));
    }

    /** What was theirs while they wanted none, or were away, was eaten by others. */
    private void missed(TableState.Present guest, int at) {
        Integer since = guest.noMoreSince();
        if (since != null) {
            begun.values().forEach(pot -> lose(pot, pot.missedBy(guest.guest(), since, at)));
        }
    }

    /** All of a round comes out together. */
    private List<InPot> roundOf(InPot pot, int due) {
        String side = pot.drop().side();
        if (brief.potOf(side).wayOrUsual() != WayOfEating.ROUNDS) {
            return List.of(pot);
        }
        return begun.values().stream()
                .filter(other -> other.drop().side().equals(side) && !other.isOut() && other.isMinded())
                .filter(other -> Math.abs(other.due() - due) <= ONE_ROUND)
                .toList();
    }

    /** @return true where a side is too cold, and nobody knew */
    private boolean read(TableEvent.Read read, int at) {
        Optional<String> ignored = broths.read(read, at);
        ignored.ifPresent(text -> remark(text, at));
        Double celsius = read.celsius();
        if (ignored.isPresent() || celsius == null) {
            return false;
        }
        if (cold.isUnderItsFloor(read.side(), celsius)) {
            return !cold.isCold(read.side(), at);
        }
        cook(read.side(), cold.hot(read.side(), at), at);
        return false;
    }

    /** As the rest is sequenced for sides that are under their floor until some time, so what is in them takes longer. */
    private void cool(Map<String, Cooled> cooled, int at) {
        cooled.forEach((side, found) -> cook(side, cold.found(side, found, at), at));
    }

    private boolean isRaw(Drop drop) {
        return catalogue.cut(drop.cut()).rawRisk() != RawRisk.NONE;
    }

    /** Raw food in a side takes so much longer, or shorter where negative [s]. */
    private void cook(String side, int longer, int at) {
        begun.values().stream()
                .filter(pot -> pot.drop().side().equals(side))
                .filter(pot -> isRaw(pot.drop()))
                .forEach(pot -> pot.slower(longer, at));
    }

    private boolean fell(TableEvent.FellIn fall, int at) {
        boolean isKnown = broths.isASide(fall.side())
                && catalogue.findIngredient(fall.ingredient()).isPresent();
        return isKnown && fellIn.add(new TableState.FellIn(fall.side(), fall.ingredient(), at));
    }

    private boolean want(TableEvent.Wants want, int at) {
        if (brief.guest(want.guest()).isEmpty() || !isOnTheMenu(want.cut())) {
            return false;
        }
        TableState.Present present = guests.get(want.guest());
        if (present != null && present.full() != null) {
            missed(present, at);
            guests.put(want.guest(), present.hungryAgain());
        }
        TableState.Wanted wanted = new TableState.Wanted(want.guest(), want.cut());
        // whoever has changed their mind has the own portion again, not a second one
        return declined.remove(wanted) || wants.add(wanted);
    }

    /** What was said before anybody sat down is in the brief by now. */
    private boolean need(TableEvent.NeedSaid said, int at) {
        boolean isNews = hasBegun
                && brief.guest(said.guest()).isPresent()
                && needs.stream().noneMatch(known -> known.guest().equals(said.guest()) && known.need() == said.need());
        return isNews && needs.add(new TableState.NeedSince(said.guest(), said.need(), at));
    }

    private boolean isOnTheMenu(String cut) {
        return brief.menu().stream().map(MenuItem::cut).anyMatch(cut::equals);
    }

    private boolean whoIsThere(TableEvent event, int at) {
        if (event instanceof TableEvent.Arrived arrived) {
            return brief.guest(arrived.guest()).map(guest -> arrive(guest, at)).orElse(false);
        }
        if (event instanceof TableEvent.Left left && brief.guest(left.guest()).isPresent()) {
            guests.put(left.guest(), present(left.guest()).leaving(at));
            return true;
        }
        if (event instanceof TableEvent.Full full && brief.guest(full.guest()).isPresent()) {
            guests.put(full.guest(), present(full.guest()).fullSince(at));
            return true;
        }
        return false;
    }

    private boolean arrive(Guest guest, int at) {
        boolean wasAway = guests.containsKey(guest.id());
        missed(present(guest.id()), at);
        guests.put(guest.id(), present(guest.id()).arriving(at));
        return wasAway || Math.abs(at - guest.arrivesAfterMinutes() * 60) > ARRIVED_AS_PLANNED;
    }

    private TableState.Present present(String guest) {
        return guests.getOrDefault(guest, new TableState.Present(guest, null, null, null));
    }

    private boolean passes(TableEvent event, int at) {
        if (event instanceof TableEvent.Paused && pausedSince == null) {
            pausedSince = at;
        }
        if (event instanceof TableEvent.Resumed && pausedSince != null) {
            paused = pausedBy(at);
            pausedSince = null;
            return true;
        }
        if (event instanceof TableEvent.Finished && !isFinished) {
            isFinished = true;
            brief.guests()
                    .forEach(guest -> guests.merge(
                            guest.id(),
                            present(guest.id()).fullSince(at),
                            (known, full) -> known.wantsNoMore() ? known : full));
            return true;
        }
        return false;
    }
}
