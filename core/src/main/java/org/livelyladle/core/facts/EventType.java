package org.livelyladle.core.facts;

/** What can be recorded. Taking something back is an event of its own; nothing is ever erased. */
public enum EventType {
    /** Subject: offer id, or {@code ingredient:ID} for something else. With count, grams and price. */
    BOUGHT,
    /** Subject: the id of the BOUGHT event taken back. */
    RETURNED,
    /** Subject: offer id that is not on the shelf. */
    SOLD_OUT,
    /** Subject: offer id that is there after all. */
    BACK_ON_SHELF,
    /** Subject: task id. Begun, or gone on with after a pause. */
    TASK_STARTED,
    /** Subject: task id. */
    TASK_PAUSED,
    /** Subject: task id. */
    TASK_DONE,
    /** Subject: task id. Not done after all, or not begun. */
    TASK_REOPENED
}
