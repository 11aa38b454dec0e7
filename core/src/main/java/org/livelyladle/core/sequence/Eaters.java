package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;
import org.livelyladle.core.safety.SideAccess;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TableState;

/** Who eats of what went in: nobody who was full or gone when it came out, or could not eat from that side any more. */
public final class Eaters {
    private final Brief brief;
    private final Catalogue catalogue;
    private final TableState state;
    /** By how many things had fallen in. */
    private final Map<Integer, SideAccess> accessAfter = new HashMap<>();

    private final Helpings missed = new Helpings();
    private final List<Drop> begun;

    /** @param brief as it turned out */
    public Eaters(Brief brief, Catalogue catalogue, TableState state) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.state = state;
        this.begun = state.begun().stream().flatMap(this::served).toList();
    }

    /** What went in, for those who eat it. */
    public List<Drop> begun() {
        return begun;
    }

    /** After all that went in so far. */
    SideAccess access() {
        return accessAt(Integer.MAX_VALUE);
    }

    /** What a guest was to get of a cut that went in, and missed by being full or gone. */
    Optional<Stay.Serving> missedBy(Demand demand) {
        return missed.of(demand);
    }

    /** Who may eat from where what comes out at a time: by then only this fell in. */
    private SideAccess accessAt(int second) {
        List<TableState.FellIn> fallen =
                state.fellIn().stream().takeWhile(fall -> fall.at() < second).toList();
        return accessAfter.computeIfAbsent(fallen.size(), count -> new SideAccess(brief, catalogue, came(fallen)));
    }

    private Map<String, List<SideAccess.Came>> came(List<TableState.FellIn> fallen) {
        record At(int second, String side, SideAccess.Came came) {}
        return Stream.concat(
                        state.begun().stream()
                                .map(drop -> new At(
                                        drop.putIn(),
                                        drop.side(),
                                        new SideAccess.Came(Content.of(catalogue.cut(drop.cut()), catalogue), false))),
                        fallen.stream()
                                .map(fall -> new At(
                                        fall.at(),
                                        fall.side(),
                                        new SideAccess.Came(
                                                Content.of(catalogue.ingredient(fall.ingredient())), true))))
                .sorted(Comparator.comparingInt(At::second))
                .collect(Collectors.groupingBy(At::side, Collectors.mapping(At::came, Collectors.toList())));
    }

    private Stream<Drop> served(Drop drop) {
        Side side = brief.sides().stream()
                .filter(one -> one.id().equals(drop.side()))
                .findFirst()
                .orElseThrow();
        List<Stay> stays = new ArrayList<>();
        for (Stay stay : drop.stays()) {
            List<Stay.Serving> may = who(drop, side, stay);
            if (!may.isEmpty() || stay.onPlate() || drop.shared()) {
                stays.add(may.size() == stay.servings().size() ? stay : stay.servedTo(may));
            }
        }
        return stays.stream().allMatch(Stay::onPlate)
                ? Stream.empty()
                : Stream.of(drop.consistingOf(drop.amount(), stays));
    }

    private boolean mayEat(String id, Drop drop, Side side, int takenOut) {
        Guest guest = state.knownAt(brief.guest(id).orElseThrow(), takenOut);
        return accessAt(takenOut).closed(guest, side).isEmpty()
                && Needs.brokenByEating(guest, Content.of(catalogue.cut(drop.cut()), catalogue))
                        .isEmpty();
    }

    private List<Stay.Serving> who(Drop drop, Side side, Stay stay) {
        List<Stay.Serving> eat = new ArrayList<>();
        for (Stay.Serving serving : stay.servings()) {
            if (state.missed(serving.guest(), stay.takeOut())) {
                missed.add(drop.cut(), serving);
            } else if (mayEat(serving.guest(), drop, side, stay.takeOut())) {
                eat.add(serving);
            }
        }
        return eat;
    }
}
