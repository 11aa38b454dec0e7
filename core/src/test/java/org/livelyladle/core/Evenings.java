package org.livelyladle.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState;

/** An evening as it may go: things go in late, stay in too long, fall into the wrong side; guests leave, or are full. */
final class Evenings {
    private static final int MOST_LATE_S = 90;

    private final Brief brief;
    private final Catalogue catalogue;
    private final Random random;
    private final Map<String, Drop> begun = new TreeMap<>();
    private final List<TableState.FellIn> fellIn = new ArrayList<>();
    private final List<TableState.Present> guests = new ArrayList<>();
    private final List<String> usedUp = new ArrayList<>();
    private int paused;

    Evenings(Brief brief, long seed) {
        this.brief = brief;
        this.catalogue = brief.extend(Catalogue.builtIn());
        this.random = new Random(seed);
    }

    /** What has happened by a moment, if it went by a table until then. */
    TableState at(int moment, int before, TablePlan table) {
        for (Drop drop : table.drops()) {
            List<Stay> stays = new ArrayList<>();
            int late = random.nextInt(3) == 0 ? random.nextInt(MOST_LATE_S) : 0;
            for (Stay stay : drop.stays()) {
                boolean was = stay.putIn() - onItsPlate(drop, stay) <= before;
                if (was) {
                    stays.add(stay);
                } else if (stay.putIn() - onItsPlate(drop, stay) + late <= moment) {
                    boolean over = !stay.onPlate() && random.nextInt(4) == 0 && stay.putIn() + late <= moment;
                    Stay moved = stay.later(late);
                    stays.add(moved.until(moved.takeOut() + (over ? random.nextInt(MOST_LATE_S) : 0)));
                }
            }
            if (!stays.isEmpty()) {
                begun.put(drop.id(), drop.consistingOf(drop.amount(), stays));
            }
        }
        happen(moment);
        return new TableState(
                moment,
                paused,
                List.copyOf(begun.values()),
                fellIn,
                guests,
                usedUp,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    /** What a plate browns has gone in when it lies on the plate; how long before the broth [s]. */
    static int onItsPlate(Drop drop, Stay stay) {
        return drop.stays().stream()
                .filter(other -> !stay.onPlate() && other.onPlate() && other.takeOut() == stay.putIn())
                .mapToInt(Stay::seconds)
                .findFirst()
                .orElse(0);
    }

    private void happen(int moment) {
        Guest guest = brief.guests().get(random.nextInt(brief.guests().size()));
        MenuItem item = brief.menu().get(random.nextInt(brief.menu().size()));
        boolean known = guests.stream().anyMatch(present -> present.guest().equals(guest.id()));
        switch (random.nextInt(8)) {
            case 0 -> {
                if (!known) {
                    guests.add(new TableState.Present(guest.id(), null, null, moment));
                }
            }
            case 1 -> {
                if (!known) {
                    guests.add(new TableState.Present(guest.id(), null, moment, null));
                }
            }
            case 2 -> {
                if (!brief.sides().isEmpty()) {
                    fellIn.add(new TableState.FellIn(
                            brief.sides()
                                    .get(random.nextInt(brief.sides().size()))
                                    .id(),
                            catalogue.cut(item.cut()).ingredient(),
                            moment));
                }
            }
            case 3 -> usedUp.add(item.cut());
            case 4 -> paused += random.nextInt(600);
            default -> {}
        }
    }
}
