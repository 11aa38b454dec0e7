package org.livelyladle.core.facts;

/** What can be recorded. Taking something back is an event of its own; nothing is ever erased. */
public enum EventType {
    /** Subject: offer id, or {@code ingredient:ID} for something else. With count, grams and price. */
    BOUGHT,
    /** Subject: the id of the BOUGHT event taken back. */
    RETURNED,
    /** Subject: task id. */
    TASK_DONE,
    /** Subject: task id. */
    TASK_REOPENED
}
