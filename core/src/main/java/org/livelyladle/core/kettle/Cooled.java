package org.livelyladle.core.kettle;

/**
 * A side that stands under its floor.
 *
 * @param until when it simmers again [s from sitting down]
 * @param celsius as it is now [°C]
 */
public record Cooled(int until, double celsius) {
    /** A side that does not get back before the finish. */
    public static final int NOT_BACK = 36_000;

    public boolean getsBack() {
        return until < NOT_BACK;
    }
}
