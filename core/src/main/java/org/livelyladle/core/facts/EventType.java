package org.livelyladle.core.facts;

import static org.livelyladle.core.facts.EventPart.ACT;
import static org.livelyladle.core.facts.EventPart.CELSIUS;
import static org.livelyladle.core.facts.EventPart.COUNT;
import static org.livelyladle.core.facts.EventPart.CUT;
import static org.livelyladle.core.facts.EventPart.DROP;
import static org.livelyladle.core.facts.EventPart.EVENT;
import static org.livelyladle.core.facts.EventPart.GRAMS;
import static org.livelyladle.core.facts.EventPart.GUEST;
import static org.livelyladle.core.facts.EventPart.HOW;
import static org.livelyladle.core.facts.EventPart.INGREDIENT;
import static org.livelyladle.core.facts.EventPart.ML;
import static org.livelyladle.core.facts.EventPart.NEED;
import static org.livelyladle.core.facts.EventPart.POT;
import static org.livelyladle.core.facts.EventPart.PRICE_CENTS;
import static org.livelyladle.core.facts.EventPart.SALT_PERCENT;
import static org.livelyladle.core.facts.EventPart.SHARE;
import static org.livelyladle.core.facts.EventPart.SIDE;
import static org.livelyladle.core.facts.EventPart.STAY;
import static org.livelyladle.core.facts.EventPart.SUBJECT;
import static org.livelyladle.core.facts.EventPart.WHAT;

import java.util.Set;

/** What can be recorded. Taking something back is an event of its own; nothing is ever erased. */
public enum EventType {
    /** Subject: offer id, or {@code ingredient:ID} for something else. With count, grams and price. */
    BOUGHT(Set.of(SUBJECT, INGREDIENT, COUNT, GRAMS, PRICE_CENTS)),
    /** Subject: the id of the BOUGHT event taken back. */
    RETURNED(Set.of(SUBJECT)),
    /** Subject: offer id that is not on the shelf. */
    SOLD_OUT(Set.of(SUBJECT)),
    /** Subject: offer id that is there after all. */
    BACK_ON_SHELF(Set.of(SUBJECT)),
    /** Subject: task id. Begun, or gone on with after a pause. */
    TASK_STARTED(Set.of(SUBJECT)),
    /** Subject: task id. */
    TASK_PAUSED(Set.of(SUBJECT)),
    /** Subject: task id. */
    TASK_DONE(Set.of(SUBJECT)),
    /** Subject: task id. Not done after all, or not begun. */
    TASK_REOPENED(Set.of(SUBJECT)),

    /** The meal begins; what was to be in the pots by then is in. */
    SAT_DOWN(Set.of()),
    /** A drop, or one stay of it, went in. Cut and side tell what it was should the plan not know the drop any more. */
    PUT_IN(Set.of(DROP), Set.of(STAY, CUT, SIDE)),
    /** A drop, or one stay of it, came out, or was looked at and left in. */
    TAKEN_OUT(Set.of(DROP), Set.of(STAY, HOW)),
    /** A drop is not going to be cooked. */
    SKIPPED(Set.of(DROP)),
    ARRIVED(Set.of(GUEST)),
    LEFT(Set.of(GUEST)),
    /** A guest wants no more. */
    FULL(Set.of(GUEST)),
    /** A guest wants more of a cut. */
    WANTS(Set.of(GUEST, CUT)),
    /** A guest wants no more of a cut. */
    DECLINED(Set.of(GUEST, CUT)),
    /** A guest has a need nobody knew of. It is kept from then on, until it is taken back. */
    NEED_SAID(Set.of(GUEST, NEED)),
    /** Somebody else sees to a cue; subject: the cook or guest who does. With the drop where it is about one. */
    HANDED(Set.of(SUBJECT, ACT, SIDE), Set.of(DROP)),
    /** The host has heard of what another event tells. */
    HEARD(Set.of(EVENT)),
    POURED(Set.of(SIDE, ML, WHAT)),
    HEAT_SET(Set.of(POT, SHARE)),
    /** Something was measured in a side: its temperature, how much broth, how salty. */
    READ(Set.of(SIDE), Set.of(CELSIUS, ML, SALT_PERCENT)),
    SKIMMED(Set.of(SIDE)),
    SOUP_SERVED(Set.of(SIDE)),
    /** An ingredient fell into a side that was not meant for it. */
    FELL_IN(Set.of(SIDE, INGREDIENT)),
    /** There is none left of a cut. */
    OUT_OF(Set.of(CUT)),
    /** Nothing more is put in until RESUMED. */
    PAUSED(Set.of()),
    RESUMED(Set.of()),
    FINISHED(Set.of()),
    /** A cue that no other event tells of was seen to: tasted, seasoned, second plates brought. */
    CUE_DONE(Set.of(ACT, SIDE)),
    /** Another event of the table did not happen after all. */
    TAKEN_BACK(Set.of(EVENT));

    private final Set<EventPart> needs;
    private final Set<EventPart> may;

    EventType(Set<EventPart> needs) {
        this(needs, Set.of());
    }

    EventType(Set<EventPart> needs, Set<EventPart> may) {
        this.needs = needs;
        this.may = may;
    }

    boolean needs(EventPart part) {
        return needs.contains(part);
    }

    boolean takes(EventPart part) {
        return needs.contains(part) || may.contains(part);
    }
}
