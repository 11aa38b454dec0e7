package org.livelyladle.core.seat;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.table.Cue;

/**
 * The evening of one guest.
 *
 * @param there at the table and still eating
 * @param grams eaten so far, as planned [g]
 * @param nextBite when something is to be eaten next [s from sitting down]; null after the last
 * @param turns what they eat: what can be had now first, then by time
 * @param cues what they do for others at the pots
 * @param sides all of the table, each open or closed
 * @param bowl what waits cooked in the bowl
 * @param foods what is planned for them
 * @param more what others leave and they may eat
 */
public record Seat(
        String guest,
        String name,
        List<OwnNeed> needs,
        boolean there,
        double grams,
        @Nullable Integer nextBite,
        List<Turn> turns,
        List<Cue> cues,
        List<SideForYou> sides,
        List<SauceForYou> sauces,
        List<Food> bowl,
        List<Food> foods,
        List<Food> more,
        List<String> cautions) {

    public Seat {
        needs = List.copyOf(needs);
        turns = List.copyOf(turns);
        cues = List.copyOf(cues);
        sides = List.copyOf(sides);
        sauces = List.copyOf(sauces);
        bowl = List.copyOf(bowl);
        foods = List.copyOf(foods);
        more = List.copyOf(more);
        cautions = List.copyOf(cautions);
    }

    /**
     * Something they keep away from.
     *
     * @param said the event by which they said it themselves; null where the host knew
     * @param heard by the host
     */
    public record OwnNeed(
            NeedKind need, String label, @Nullable UUID said, boolean heard) {}

    /**
     * A side of the table.
     *
     * @param name its broth, and its pot where another side holds the same
     * @param tint of its broth, by name
     * @param clean kept clean for this guest's needs
     * @param closed why they do not eat from it; empty where it is open
     * @param celsius as it should be now; null before the meal [°C]
     */
    public record SideForYou(
            String side,
            String name,
            String tint,
            boolean clean,
            String closed,
            @Nullable Double celsius) {}

    /** A sauce, how much of it, and what to know; the sauce bar has no amount. */
    public record SauceForYou(String name, String amount, String remark) {}

    /** Something to eat and how much, as one says it. */
    public record Food(String cut, String name, String amount, boolean declined) {}
}
