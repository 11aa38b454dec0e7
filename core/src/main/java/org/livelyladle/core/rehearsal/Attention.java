package org.livelyladle.core.rehearsal;

/** How much somebody at the table is with the pots. */
public enum Attention {
    ATTENTIVE,
    USUAL,
    DISTRACTED
}
