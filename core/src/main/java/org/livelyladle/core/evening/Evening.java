package org.livelyladle.core.evening;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.measure.Figure;

/**
 * All pots over the evening.
 *
 * @param seats guests the pots serve comfortably
 * @param cartridges butane to have there, with a spare; null without a butane stove
 * @param leftOvers how what is left is cooled, kept and heated again
 */
public record Evening(
        List<PotEvening> pots,
        Figure seats,
        @Nullable Figure cartridges,
        List<CircuitLoad> circuits,
        List<LeftOver> leftOvers,
        List<Problem> problems) {

    public Evening {
        pots = List.copyOf(pots);
        circuits = List.copyOf(circuits);
        leftOvers = List.copyOf(leftOvers);
        problems = List.copyOf(problems);
    }

    /** Broth to keep hot for topping up, by side. */
    public Map<String, Figure> reserves() {
        return pots.stream()
                .flatMap(pot -> pot.sides().stream())
                .collect(Collectors.toMap(SideEvening::side, SideEvening::reserve));
    }

    /**
     * A fuse and what hangs on it.
     *
     * @param load all heat of its pots on full [W]
     * @param headroom what it still takes; negative when it would trip [W]
     */
    public record CircuitLoad(String circuit, String name, List<String> pots, Figure load, Figure headroom) {
        public CircuitLoad {
            pots = List.copyOf(pots);
        }
    }

    /** Something that goes wrong, when, and what mends it. */
    public record Problem(Kind kind, String subject, String text, String remedy) {
        /** What goes wrong. */
        public enum Kind {
            DRY,
            OVER_THE_BRIM,
            TOO_COOL,
            WEAK_HEAT,
            FUSE,
            UNKNOWN_FUSE,
            SEATS
        }
    }
}
