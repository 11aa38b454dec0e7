package org.livelyladle.core.table;

/**
 * One of the aims a table is judged by; lower is better.
 *
 * @param aim what it should come to, in the same unit
 * @param weight what reaching the aim counts against the other aims, so that a table scores the sum of weight x value / aim
 * @param text what it is, as one says it
 */
public record ScoreTerm(Kind term, double value, String unit, double aim, double weight, String text) {
    /** What is judged. */
    public enum Kind {
        FIRST_BITE,
        LONGEST_WAIT,
        TEMPO,
        BOWL,
        ORDER,
        TIES,
        CUES,
        RUSH,
        FAIRNESS,
        SLACK
    }
}
