package org.livelyladle.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Decisions.PortionPin;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.table.Sequence;

/**
 * Lays the table anew as if a remedy were taken, so that none is offered to a hungry guest that would not feed them. At
 * most {@value #MOST_TABLES} tables a plan, fewer where many sit at them.
 */
final class RemedyTrial {
    private static final int MOST_TABLES = 4;
    private static final int MOST_SEATS = 60;
    /** The pot that {@link Remedy.Kind#ADD_POT} puts on the table. */
    private static final int SMALL_POT_ML = 2400;

    private static final int SMALL_POT_BASKETS = 3;

    private final Brief brief;
    private final Function<Brief, Sequence> lay;
    private final Map<String, Set<String>> fed = new HashMap<>();

    /** @param lay the table of a changed brief */
    RemedyTrial(Brief brief, Function<Brief, Sequence> lay) {
        this.brief = brief;
        this.lay = lay;
    }

    boolean feeds(Remedy remedy, Guest guest) {
        String edit = remedy.kind() + " " + remedy.value()
                + (remedy.kind() == Remedy.Kind.PIN_PORTION ? " " + remedy.subject() : "");
        if (!fed.containsKey(edit)) {
            int most = Math.min(
                    MOST_TABLES,
                    Math.max(2, MOST_SEATS / Math.max(1, brief.guests().size())));
            if (fed.size() >= most) {
                return false;
            }
            fed.put(edit, taken(remedy).map(lay).map(RemedyTrial::eaters).orElse(Set.of()));
        }
        return fed.get(edit).contains(guest.id());
    }

    private static Set<String> eaters(Sequence table) {
        return table.drops().stream()
                .flatMap(drop -> drop.gramsByGuest().keySet().stream())
                .collect(Collectors.toSet());
    }

    /** The brief once the remedy is taken; empty for one that is no single edit. */
    Optional<Brief> taken(Remedy remedy) {
        return switch (remedy.kind()) {
            case ADD_CUT -> Optional.of(brief.serving(and(brief.menu(), MenuItem.of(remedy.value()))));
            case ADD_POT -> Optional.of(brief.setting(and(brief.pots(), smallPot(remedy.value()))));
            case LENGTHEN_MEAL -> Optional.of(brief.sittingFor(Integer.parseInt(remedy.value())));
            case PIN_PORTION -> {
                String[] parts = remedy.value().split("\\|");
                PortionPin pin = new PortionPin(remedy.subject(), parts[0], Double.parseDouble(parts[1]));
                yield Optional.of(brief.deciding(brief.decisions().pinning(pin)));
            }
            default -> Optional.empty();
        };
    }

    private Pot smallPot(String broth) {
        String id = "small";
        while (isTaken(id)) {
            id += "-more";
        }
        return Pot.of(id, "Small pot", SMALL_POT_ML, 50, SMALL_POT_BASKETS, List.of(Side.of(id, broth)));
    }

    private boolean isTaken(String id) {
        return brief.pots().stream()
                .anyMatch(pot -> pot.id().equals(id)
                        || pot.sides().stream().anyMatch(side -> side.id().equals(id)));
    }

    private static <T> List<T> and(List<T> list, T more) {
        List<T> all = new ArrayList<>(list);
        all.add(more);
        return all;
    }
}
