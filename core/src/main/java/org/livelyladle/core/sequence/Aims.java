package org.livelyladle.core.sequence;

import java.util.EnumMap;
import java.util.Map;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.table.ScoreTerm;

/** What hosts are content with, and what comes first where not all can be had; from memory. */
public final class Aims {
    private static final Map<ScoreTerm.Kind, Aim> USUAL = new EnumMap<>(Map.of(
            ScoreTerm.Kind.FIRST_BITE, new Aim(180, 3),
            ScoreTerm.Kind.LONGEST_WAIT, new Aim(240, 5),
            ScoreTerm.Kind.TEMPO, new Aim(6, 2),
            ScoreTerm.Kind.BOWL, new Aim(90, 1),
            ScoreTerm.Kind.ORDER, new Aim(5, 2),
            ScoreTerm.Kind.TIES, new Aim(2, 1),
            ScoreTerm.Kind.CUES, new Aim(0.5, 3),
            ScoreTerm.Kind.RUSH, new Aim(3, 2),
            ScoreTerm.Kind.FAIRNESS, new Aim(120, 1),
            ScoreTerm.Kind.SLACK, new Aim(20, 1)));
    /** Where all eat in rounds, which take turns with soup and talk. */
    private static final Map<ScoreTerm.Kind, Aim> IN_ROUNDS = inRounds();

    /** What is wanted above all should be so many times better, and counts so many times as much. */
    private static final double STRICTER = 2;

    private final Map<ScoreTerm.Kind, Aim> aims;

    private Aims(Map<ScoreTerm.Kind, Aim> aims) {
        this.aims = aims;
    }

    /**
     * One aim; lower is better.
     *
     * @param most what is good enough, in the unit of its term
     * @param weight what it counts beside other aims
     */
    public record Aim(double most, double weight) {
        /** How far a value is from good enough, in parts of it, by its weight [1]. */
        double missed(double value) {
            return weight * Math.max(0, value / most - 1);
        }

        private Aim stricter() {
            return new Aim(most / STRICTER, weight * STRICTER);
        }
    }

    public static Aims of(Brief brief) {
        boolean inRounds = !brief.pots().isEmpty()
                && brief.pots().stream().allMatch(pot -> pot.wayOrUsual() == WayOfEating.ROUNDS);
        return new Aims(inRounds ? IN_ROUNDS : USUAL);
    }

    /** What a search looks for: fewer cues where calm is wanted, and shorter waits where those are, beyond what is good enough. */
    static Aims soughtFor(Brief brief) {
        Map<ScoreTerm.Kind, Aim> sought = new EnumMap<>(of(brief).aims);
        switch (brief.emphasis()) {
            case BALANCED -> {}
            case CALM -> sought.computeIfPresent(ScoreTerm.Kind.CUES, (kind, aim) -> aim.stricter());
            case QUICK -> sought.computeIfPresent(ScoreTerm.Kind.LONGEST_WAIT, (kind, aim) -> aim.stricter());
        }
        return new Aims(sought);
    }

    public Aim of(ScoreTerm.Kind kind) {
        return aims.get(kind);
    }

    private static Map<ScoreTerm.Kind, Aim> inRounds() {
        Map<ScoreTerm.Kind, Aim> aims = new EnumMap<>(USUAL);
        aims.put(ScoreTerm.Kind.FIRST_BITE, new Aim(360, 3));
        aims.put(ScoreTerm.Kind.LONGEST_WAIT, new Aim(720, 5));
        aims.put(ScoreTerm.Kind.BOWL, new Aim(180, 1));
        return aims;
    }
}
