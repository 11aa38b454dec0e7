package org.livelyladle.core.running;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
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
    private final Map<String, Shown> last = new HashMap<>();

    /** A temperature that was believed [°C, s from sitting down]. */
    private record Shown(double celsius, int at) {}

    List<TableState.Reading> readings() {
        return readings;
    }

    /** @return why a reading is not believed; nothing where it is */
    Optional<String> read(TableEvent.Read read, int at) {
        Double celsius = read.celsius();
        if (celsius != null && !isPossible(read.side(), celsius, at)) {
            return Optional.of(String.format(
                    Locale.ROOT, "A thermometer says %.0f °C, which no broth can be: it is ignored", celsius));
        }
        TableState.Reading reading = new TableState.Reading(read.side(), celsius, read.ml(), read.saltPercent(), at);
        readings.add(reading);
        if (celsius != null) {
            last.put(read.side(), new Shown(celsius, at));
        }
        return Optional.empty();
    }

    private boolean isPossible(String side, double celsius, int at) {
        Shown before = last.get(side);
        boolean jumps =
                before != null && at - before.at() <= JUMP_SECONDS && Math.abs(celsius - before.celsius()) > JUMP_K;
        return celsius >= COLDEST && celsius <= HOTTEST && !jumps;
    }
}
