package org.livelyladle.core.seat;

import org.jspecify.annotations.Nullable;

/**
 * A food somebody eats from one side, helping after helping; of several helpings the next.
 *
 * @param drop of the plan
 * @param stay which of its stays, from 0
 * @param at when the helping begins: goes in, can be fished out, or is served [s from sitting down]
 * @param until after this it is not in the plan any more, or past its best [s from sitting down]
 * @param plateSeconds on the hot plate before, where it is browned [s]
 * @param seconds in the broth until it is ready [s]
 * @param bestSeconds until it declines [s]
 * @param overSeconds until it is ruined [s]
 * @param amount of the helping, as one says it
 * @param helpings still to come, this one too
 * @param how it is liked where that is not as everybody; empty otherwise
 * @param look what to look for, since a pot is no laboratory
 * @param held why not just now; empty where nothing is in the way
 * @param forWhom name of somebody who cannot do it, and for whom this person does; null where it is their own
 */
public record Turn(
        String drop,
        int stay,
        String cut,
        String name,
        String side,
        Act act,
        When when,
        int at,
        int until,
        @Nullable Integer plateSeconds,
        int seconds,
        int bestSeconds,
        int overSeconds,
        String amount,
        int helpings,
        String how,
        String look,
        String held,
        @Nullable String forWhom) {

    /** What the eater does. */
    public enum Act {
        /** Holds it in the broth. */
        DIP,
        /** Browns it on the hot plate, then slides it in. */
        BROWN,
        /** Cooks it in a basket of their own. */
        BASKET,
        /** Fishes it out of what cooks for several. */
        FISH,
        /** Waits: somebody else takes it out. */
        SERVED
    }

    public enum When {
        NOW,
        SOON,
        LATER,
        /** Nothing more of it is to come. */
        HAD
    }
}
