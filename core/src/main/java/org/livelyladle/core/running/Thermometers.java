package org.livelyladle.core.running;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.facts.TableEvent;
import org.livelyladle.core.table.TableState;

/** What thermometers in the sides say, as far as it can be. */
final class Thermometers {
    /** Outside of these no broth is [°C]. */
    private static final double COLDEST = -5;

    private static final double HOTTEST = 130;
    /** No broth changes by more in so short a time [K, s]. */
    private static final double JUMP_K = 15;

    private static final int JUMP_SECONDS = 5;

    private final List<TableState.Reading> readings = new ArrayList<>();
    private final Map<String, TableState.Reading> last = new HashMap<>();

    List<TableState.Reading> readings() {
        return readings;
    }

    /** @return why a reading is not believed; nothing where it is */
    Optional<String> read(TableEvent.Read read, int at, Brief brief) {
        if (brief.sides().stream().noneMatch(side -> side.id().equals(read.side()))) {
            return Optional.of("A thermometer tells of a side there is none of: " + read.side());
        }
        TableState.Reading before = last.get(read.side());
        boolean jumps = before != null
                && at - before.at() <= JUMP_SECONDS
                && Math.abs(read.celsius() - before.celsius()) > JUMP_K;
        if (read.celsius() < COLDEST || read.celsius() > HOTTEST || jumps) {
            return Optional.of(String.format(
                    Locale.ROOT, "A thermometer says %.0f °C, which no broth can be: it is ignored", read.celsius()));
        }
        TableState.Reading reading = new TableState.Reading(read.side(), read.celsius(), at);
        readings.add(reading);
        last.put(read.side(), reading);
        return Optional.empty();
    }
}
