package org.livelyladle.core.rehearsal;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.edit.BriefEdit;

/**
 * How an evening bears mistakes.
 *
 * @param evenings played
 * @param seed of their chances: the same gives the same numbers
 * @param rates how they were disturbed
 * @param goesOn how an evening goes on after a mistake, as one says it
 * @param any evenings with any trouble at all
 * @param chances of every trouble, those that came first, the gravest first
 * @param moments the weakest, the weakest first
 * @param changes of the plan that were tried, what helps most first
 */
public record Rehearsal(
        int evenings,
        long seed,
        MistakeRates rates,
        String goesOn,
        Share any,
        List<Chance> chances,
        List<Moment> moments,
        List<Change> changes) {
    public Rehearsal {
        chances = List.copyOf(chances);
        moments = List.copyOf(moments);
        changes = List.copyOf(changes);
    }

    /** The same with what was tried. */
    public Rehearsal trying(List<Change> tried) {
        return new Rehearsal(evenings, seed, rates, goesOn, any, chances, moments, tried);
    }

    /**
     * The chance of one trouble.
     *
     * @param minute after sitting down when it mostly comes, the first of five; null where it never came [min]
     * @param text in words a host understands
     */
    public record Chance(
            Trouble trouble, Share share, @Nullable Integer minute, String text) {}

    /**
     * A moment at which the evening is weak.
     *
     * @param fromMinute [min from sitting down]
     * @param toMinute [min from sitting down]
     * @param side where; null where it is no side's
     * @param drop with which drop; null where it is none's
     * @param share of it
     */
    public record Moment(
            Trouble trouble,
            int fromMinute,
            int toMinute,
            @Nullable String side,
            @Nullable String drop,
            Share share,
            String text) {}

    /**
     * One change of the plan, rehearsed in the same evenings.
     *
     * @param label what is changed
     * @param edit that changes it; null where it is no part of the brief
     * @param any evenings with any trouble then
     * @param chances of every trouble then
     * @param helps how much it takes from the troubles of an evening, by their weights
     * @param helpsLeast lower end of its interval, 95 %
     * @param helpsMost upper end of its interval, 95 %
     * @param sure that it helps is more than chance
     * @param text its effect, in words
     */
    public record Change(
            String label,
            @Nullable BriefEdit edit,
            Share any,
            List<Chance> chances,
            double helps,
            double helpsLeast,
            double helpsMost,
            boolean sure,
            String text) {
        public Change {
            chances = List.copyOf(chances);
        }
    }
}
